/** Words a minute and pauses of speech that a class can follow. Common practice, no source. */
export const PACES = { adults: 130, older: 110, rest: 90, children: 125 } as const;
export type Pace = keyof typeof PACES;

/** What of a person their pace depends on. */
export interface Listener {
  readonly body: { readonly age?: number };
  readonly conditions: readonly { readonly id: string }[];
}

/** From this age on people are given more time for each line (common practice, no source). */
const OLDER = 65;

/** The pace that a class with these people can follow: the slowest of them sets it. */
export function paceOf(people: readonly Listener[]): Pace {
  const isOlder = people.some(({ body, conditions }) => (body.age ?? 0) >= OLDER || conditions.some(({ id }) => id === 'seniors'));
  return isOlder ? 'older' : 'adults';
}

/** Seconds that a line takes to be said, with the pauses at its commas and full stops. */
export function secondsToSay(line: string, pace: Pace): number {
  const words = line.split(/\s+/).filter((word) => /[\p{L}\p{N}]/u.test(word)).length;
  const commas = line.match(/[,;:]/g)?.length ?? 0;
  const stops = line.match(/[.!?](\s|$)/g)?.length ?? 0;
  return (60 * words) / PACES[pace] + 0.3 * commas + 0.7 * stops;
}
