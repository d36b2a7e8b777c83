import type { Problem } from '../problem.js';

export const PROPS = ['block', 'blanket', 'bolster', 'chair', 'wall', 'strap', 'cushion', 'table'] as const;
export type Prop = (typeof PROPS)[number];
/** How many of each are at hand; a prop that isn't here is not. */
export type PropsAtHand = Readonly<Partial<Record<Prop, number>>>;
/** What a teaching room or a home usually has (common practice, no source). */
export const COMMON_PROPS: PropsAtHand = { block: 4, blanket: 5, bolster: 2, chair: 2, wall: 1, strap: 2, cushion: 2, table: 1 };

/** Reads `block:2,blanket:3,chair,wall`. */
export function readProps(text: string): { props: PropsAtHand; problems: Problem[] } {
  const props: Partial<Record<Prop, number>> = {};
  const problems: Problem[] = [];
  for (const item of text
    .split(',')
    .map((one) => one.trim())
    .filter((one) => one !== '')) {
    const [name = '', count] = item.split(':');
    if (!(PROPS as readonly string[]).includes(name))
      problems.push({ field: 'props', message: `no prop "${name}"; known are ${PROPS.join(', ')}` });
    else if (count !== undefined && !/^\d{1,3}$/.test(count))
      problems.push({ field: 'props', message: `${name}:${count} is no count; expected 0 to 999` });
    else props[name as Prop] = count === undefined ? (COMMON_PROPS[name as Prop] ?? 1) : Number(count);
  }
  return { props, problems };
}
