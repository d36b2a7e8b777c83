import type { Hypothesis } from './evidence.js';
import type { LineKind } from './read-line.js';
import type { WeighedLine } from './sheet.js';
import { tokensOf, type Span } from './tokens.js';

/** The parts of a line and what each was taken for, in order. */
export function spansOf({ evidence: { tokens, query } }: WeighedLine, kind: LineKind, hypothesis: Hypothesis): Span[] {
  // A number in a note is no dose.
  if (kind === 'note' || kind === 'heading') return tokens.spans.filter(({ as }) => as === 'bullet' || as === 'comment');
  const spans: Span[] = [...tokens.spans];
  const parts = hypothesis.is === 'many' && kind === 'many' ? hypothesis.parts : null;
  if (kind === 'step' || kind === 'many') {
    const from = parts?.[0]?.from ?? query.places[0]?.from;
    const last = parts?.at(-1)?.to ?? query.places.at(-1)?.to;
    // "Pose" tells nothing, and is a part of the name all the same.
    const to = last && last + (/^\s+(?:pose|posture|asana|position)(?!\p{L})/iu.exec(tokens.rest.slice(last))?.[0].length ?? 0);
    if (from !== undefined && to !== undefined)
      spans.push(...gapsOf(from, to, tokens.spans).flatMap((name) => withThings(tokens.text, name)));
  } else if (kind === 'ask') spans.push(...gapsOf(0, tokens.text.length, tokens.spans).flatMap((gap) => thingsIn(tokens.text, gap)));
  else if (kind === 'way') spans.push(...gapsOf(0, tokens.text.length, tokens.spans).map((span) => ({ ...span, as: 'way' as const })));
  return spans.sort((a, b) => a.from - b.from);
}

/** What is left of a part of a line between spans, as its name. */
function gapsOf(from: number, to: number, spans: readonly Span[]): Span[] {
  const gaps: Span[] = [];
  let at = from;
  for (const span of spans) {
    if (span.from >= to) break;
    if (span.from > at) gaps.push({ from: at, to: Math.min(span.from, to), as: 'name' });
    at = Math.max(at, span.to);
  }
  if (at < to) gaps.push({ from: at, to, as: 'name' });
  return gaps;
}

/** Props and places as teachers write them; a chair pose is no chair. */
const THINGS: readonly { readonly as: 'prop' | 'place'; readonly pattern: RegExp }[] = [
  {
    as: 'prop',
    pattern:
      /(?<!\p{L})(?:blocks?|bricks?|bolsters?|blankets?|cushions?|pillows?|straps?|belts?|bands?|chairs?(?! pose)|stools?|towels?|balls?|wedges?|sandbags?)(?!\p{L})/giu,
  },
  { as: 'place', pattern: /(?<!\p{L})(?:wall|floor|mat|bed|doorway|desk|table)(?!\p{L})/giu },
];

/** The props and places that a part of a line speaks of. */
function thingsIn(text: string, { from, to }: Span): Span[] {
  return THINGS.flatMap(({ as, pattern }) =>
    [...text.slice(from, to).matchAll(pattern)].map(({ index, 0: word }) => ({ from: from + index, to: from + index + word.length, as })),
  ).sort((a, b) => a.from - b.from);
}

/** A name with the props and places in it marked as such. */
function withThings(text: string, name: Span): Span[] {
  const things = thingsIn(text, name);
  return [...things, ...gapsOf(name.from, name.to, things).filter(({ from, to }) => /\p{L}/u.test(text.slice(from, to)))];
}

/** A line that may name several postures as one line for each; a side before all of them goes with each. */
export function apart({ evidence: { parts, tokens } }: WeighedLine): string[] {
  if (!parts) return [];
  const before = tokens.text.slice(0, parts[0]!.from);
  const side = tokensOf(before).side === null ? '' : before.trimEnd() + ' ';
  return parts.map(({ from, to }) => side + tokens.text.slice(from, to).trim());
}

/** Words of a line that its posture's phrases don't explain. */
export function unreadOf({ evidence: { query, tokens } }: WeighedLine, hypothesis: Hypothesis): string[] {
  if (hypothesis.is !== 'step' || hypothesis.found === null) return [];
  return query.places.filter((_, i) => query.words[i] === -1).map(({ from, to }) => tokens.text.slice(from, to));
}
