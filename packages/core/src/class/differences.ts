import { message, sayInEnglish, type Say } from '../messages/message.js';
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
  /** Whether they practise, as the decision's code, or how something is done, part by part: the asana, its changes, its dose. */
  readonly about: 'decision' | 'person' | 'step';
  readonly was: readonly string[];
  readonly now: readonly string[];
}

/** A step's way, part by part. */
function partsOf(step: StepJson | null, say: Say): string[] {
  if (!step) return [say(message('difference.not-in-sequence'))];
  const { verdict, to, dose } = step;
  if (verdict === 'omit' || !to) return [say(message('difference.sits-out'))];
  return [to.name, ...to.changes, dose].filter((part) => part !== '');
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
export function differencesOf(before: Compared, after: Compared, say: Say = sayInEnglish): Difference[] {
  const ids = [...new Set([...before.participants, ...after.participants].map(({ id }) => id))];
  return ids.flatMap((person): Difference[] => {
    const was = before.participants.find(({ id }) => id === person);
    const now = after.participants.find(({ id }) => id === person);
    const of = (about: Difference['about'], one: readonly string[], other: readonly string[], step: string | null = null): Difference[] =>
      JSON.stringify(one) === JSON.stringify(other) ? [] : [{ person, step, about, was: one, now: other }];
    const presence = (part: PersonJson | undefined) => [say(message(part ? 'difference.there' : 'difference.not-there'))];
    if (!was || !now) return of('person', presence(was), presence(now));
    return [
      ...of('decision', [was.screening.decision], [now.screening.decision]),
      ...of('person', was.conflicts, now.conflicts),
      ...pairsOf(was.steps, now.steps).flatMap(([one, other]) =>
        of('step', partsOf(one, say), partsOf(other, say), (other ?? one)?.given ?? null),
      ),
    ];
  });
}
