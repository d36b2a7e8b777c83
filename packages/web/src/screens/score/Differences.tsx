import { differencesOf, type Compared, type Difference } from '@lotus-steady/core';
import { useMemo } from 'react';
import { useAsanaNames } from '../../parts/use-asana-names.js';
import { DECISIONS } from '../../parts/Verdict.js';

interface Props {
  readonly before: Compared;
  readonly after: Compared;
  /** Names by participants' ids. */
  readonly names: ReadonlyMap<string, string>;
  readonly none: string;
}

function words(text: string): string {
  return text in DECISIONS ? DECISIONS[text as keyof typeof DECISIONS].word : text === '' ? 'nothing' : text;
}

interface Group {
  readonly who: string;
  readonly found: readonly Difference[];
}

/** Person by person; what is the same for everybody of a class is said once. */
function grouped(found: readonly Difference[], people: readonly string[], names: Props['names']): Group[] {
  const keyOf = ({ step, was, now }: Difference) => JSON.stringify([step, was, now]);
  const concerns = (one: Difference) => new Set(found.flatMap((other) => (keyOf(other) === keyOf(one) ? [other.person] : []))).size;
  const isForAll = (one: Difference) => people.length > 1 && concerns(one) === people.length;
  const forAll = found.filter((one) => one.person === people[0] && isForAll(one));
  const own = found.filter((one) => !isForAll(one));
  return [
    ...(forAll.length === 0 ? [] : [{ who: 'Everybody', found: forAll }]),
    ...[...new Set(own.map(({ person }) => person))].map((id) => ({
      who: names.get(id) ?? 'Someone',
      found: own.filter(({ person }) => person === id),
    })),
  ];
}

/** What is otherwise than before, person by person. */
export function Differences({ before, after, names, none }: Props) {
  const asanas = useAsanaNames();
  const groups = useMemo(() => {
    const people = after.participants.map(({ id }) => id);
    return grouped(differencesOf(before, after), people, names);
  }, [before, after, names]);
  if (groups.length === 0) return <p className="text-soft">{none}</p>;
  return (
    <ul className="space-y-2">
      {groups.map(({ who, found }, place) => (
        <li key={place}>
          <strong>{who}</strong>
          <ul className="list-disc pl-5 text-sm">
            {found.map(({ step, was, now }, i) => (
              <li key={i}>
                {step !== null && <>{asanas?.get(step) ?? step}: </>}
                <span className="text-soft line-through">{words(was)}</span> {words(now)}
              </li>
            ))}
          </ul>
        </li>
      ))}
    </ul>
  );
}
