import { differencesOf, type Compared } from '@lotus-steady/core';
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

/** What is otherwise than before, person by person. */
export function Differences({ before, after, names, none }: Props) {
  const asanas = useAsanaNames();
  const found = useMemo(() => differencesOf(before, after), [before, after]);
  if (found.length === 0) return <p className="text-soft">{none}</p>;
  const people = [...new Set(found.map(({ person }) => person))];
  return (
    <ul className="space-y-2">
      {people.map((person) => (
        <li key={person}>
          <strong>{names.get(person) ?? 'Someone'}</strong>
          <ul className="list-disc pl-5 text-sm">
            {found
              .filter((one) => one.person === person)
              .map(({ step, was, now }, i) => (
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
