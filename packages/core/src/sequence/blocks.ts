import { HEADER_KEYS } from './header.js';
import { HEADING } from './heading.js';

/** A part of a sequence's text under its heading. Lines count from 1. */
export interface Section {
  readonly name: string;
  /** Its heading. */
  readonly from: number;
  /** Its last line. */
  readonly to: number;
}

const HEADER = new RegExp(`^\\s*(?:${HEADER_KEYS.join('|')}):`, 'i');

/** The headed sections of a text; the first heading is its title where it is `#`. */
export function sectionsOf(text: string): Section[] {
  const lines = text.split('\n');
  const headings = lines.flatMap((line, i) => {
    const [, marks, name] = HEADING.exec(line) ?? [];
    return name ? [{ name, marks, at: i + 1 }] : [];
  });
  const titled = headings[0]?.marks === '#' ? 1 : 0;
  return headings.slice(titled).map(({ name, at }, i, all) => ({ name, from: at, to: (all[i + 1]?.at ?? lines.length + 1) - 1 }));
}

/** A section as a sequence of its own: a block to be used again. */
export function blockOf(text: string, { name, from, to }: Section): string {
  const body = text.split('\n').slice(from, to).join('\n').trim();
  return `# ${name}\n${body}`;
}

/** The steps of a block, headed by its title, after a line of a text. Its minutes and place were its own and stay behind. */
export function joinBlock(text: string, block: string, after: number): string {
  const lines = text.split('\n');
  const title =
    block
      .split('\n')
      .map((line) => HEADING.exec(line)?.[2])
      .find((name) => name) ?? 'Block';
  const body = block
    .split('\n')
    .filter((line) => !HEADING.test(line) && !HEADER.test(line))
    .join('\n')
    .trim();
  return [...lines.slice(0, after), '', `## ${title}`, body, '', ...lines.slice(after)]
    .join('\n')
    .replace(/\n{3,}/g, '\n\n')
    .trimEnd();
}
