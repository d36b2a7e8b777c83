import type { PersonJson, StepJson } from '../planning/json.js';

/** What is compared: the same class at two times, or before and after an edit. */
export interface Compared {
  readonly participants: readonly PersonJson[];
}

/** One thing that is otherwise now. */
export interface Difference {
  /** The participant's id. */
  readonly person: string;
  /** The step, as its asana's id; `null` where it is about the person. */
  readonly step: string | null;
  readonly was: string;
  readonly now: string;
}

/** A step's way in words. */
function wayIn({ verdict, to, dose }: StepJson): string {
  if (verdict === 'omit' || !to) return 'sits out';
  return [to.name, ...to.changes, dose].filter((part) => part !== '').join(', ');
}

/** Steps that are the same step of the sequence, in order: the longest common run of asanas and sides. */
function pairsOf(before: readonly StepJson[], after: readonly StepJson[]): (readonly [StepJson | null, StepJson | null])[] {
  const alike = (a: StepJson, b: StepJson) => a.given === b.given && a.side === b.side;
  const rows = before.length + 1;
  const columns = after.length + 1;
  const longest = Array.from({ length: rows }, () => new Int32Array(columns));
  for (let i = rows - 2; i >= 0; i--)
    for (let j = columns - 2; j >= 0; j--)
      longest[i]![j] = alike(before[i]!, after[j]!) ? longest[i + 1]![j + 1]! + 1 : Math.max(longest[i + 1]![j]!, longest[i]![j + 1]!);
  const pairs: (readonly [StepJson | null, StepJson | null])[] = [];
  let i = 0;
  let j = 0;
  while (i < before.length || j < after.length) {
    const [was, now] = [before[i] ?? null, after[j] ?? null];
    if (was && now && alike(was, now)) pairs.push([before[i++]!, after[j++]!]);
    else if (now && (!was || longest[i]![j + 1]! >= longest[i + 1]![j]!)) pairs.push([null, after[j++]!]);
    else pairs.push([before[i++]!, null]);
  }
  return pairs;
}

/** What differs for each person: whether they practise, what limits ask, and each step's way. Whoever is in only one of the two is named so. */
export function differencesOf(before: Compared, after: Compared): Difference[] {
  const ids = [...new Set([...before.participants, ...after.participants].map(({ id }) => id))];
  return ids.flatMap((person): Difference[] => {
    const was = before.participants.find(({ id }) => id === person);
    const now = after.participants.find(({ id }) => id === person);
    const of = (step: string | null, one: string, other: string): Difference[] =>
      one === other ? [] : [{ person, step, was: one, now: other }];
    if (!was || !now) return of(null, was ? 'there' : 'not there', now ? 'there' : 'not there');
    return [
      ...of(null, was.screening.decision, now.screening.decision),
      ...of(null, was.conflicts.join(' '), now.conflicts.join(' ')),
      ...pairsOf(was.steps, now.steps).flatMap(([one, other]) =>
        of((other ?? one)!.given, one ? wayIn(one) : 'not in the sequence', other ? wayIn(other) : 'not in the sequence'),
      ),
    ];
  });
}
