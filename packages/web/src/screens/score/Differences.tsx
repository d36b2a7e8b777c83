import { differencesOf, type Compared, type Difference } from '@lotus-steady/core';
import { useMemo } from 'react';
import { useAsanaNames } from '../../parts/use-asana-names.js';
import { DECISIONS } from '../../parts/Verdict.js';
import { say } from '../../words/say.js';
import { t } from '../../words/t.js';

interface Props {
  readonly before: Compared;
  readonly after: Compared;
  /** Names by participants' ids. */
  readonly names: ReadonlyMap<string, string>;
  readonly none: string;
}

/** A difference without what is the same at its end, as the dose, and with what is the same at its beginning set apart, but for the asana's name. */
interface Told extends Pick<Difference, 'person' | 'step'> {
  readonly same: string;
  readonly was: string;
  readonly now: string;
}

function told({ person, step, about, was, now }: Difference): Told {
  if (about === 'decision') {
    const word = ([decision]: readonly string[]) => DECISIONS[decision as keyof typeof DECISIONS].word;
    return { person, step, same: '', was: word(was), now: word(now) };
  }
  if (about === 'person') {
    const all = (parts: readonly string[]) => parts.join(' ') || 'nothing';
    return { person, step, same: '', was: all(was), now: all(now) };
  }
  const shorter = Math.min(was.length, now.length);
  let first = 0;
  while (first < shorter && was[first] === now[first]) first++;
  let last = 0;
  while (last < shorter - first && was.at(-1 - last) === now.at(-1 - last)) last++;
  const part = (of: readonly string[]) => of.slice(first, of.length - last).join(', ');
  return { person, step, same: was.slice(1, first).join(', '), was: part(was), now: part(now) };
}

interface Group {
  readonly who: string;
  readonly found: readonly Told[];
}

/** Person by person; what is the same for everybody of a class is said once. */
function grouped(found: readonly Told[], people: readonly string[], names: Props['names']): Group[] {
  const keyOf = ({ step, was, now }: Told) => JSON.stringify([step, was, now]);
  const concerned = new Map<string, Set<string>>();
  for (const one of found) concerned.set(keyOf(one), (concerned.get(keyOf(one)) ?? new Set()).add(one.person));
  const isForAll = (one: Told) => people.length > 1 && concerned.get(keyOf(one))?.size === people.length;
  const forAll = found.flatMap((one) => (one.person === people[0] && isForAll(one) ? [{ ...one, same: '' }] : []));
  const own = found.filter((one) => !isForAll(one));
  return [
    ...(forAll.length === 0 ? [] : [{ who: t('Everybody'), found: forAll }]),
    ...[...new Set(own.map(({ person }) => person))].map((id) => ({
      who: names.get(id) ?? t('Someone'),
      found: own.filter(({ person }) => person === id),
    })),
  ];
}

/** What is otherwise than before, person by person. */
export function Differences({ before, after, names, none }: Props) {
  const asanas = useAsanaNames();
  const groups = useMemo(() => {
    const people = after.participants.map(({ id }) => id);
    return grouped(differencesOf(before, after, say).map(told), people, names);
  }, [before, after, names]);
  if (groups.length === 0) return <p className="text-soft">{none}</p>;
  return (
    <ul className="space-y-2">
      {groups.map(({ who, found }, place) => (
        <li key={place}>
          <strong>{who}</strong>
          <ul className="list-disc pl-5 text-sm">
            {found.map(({ step, same, was, now }, i) => (
              <li key={i}>
                {step !== null && <>{asanas?.get(step) ?? step}: </>}
                {same !== '' && <>{same}, </>}
                {(was !== '' || step === null) && <del className="text-soft">{was}</del>} {(now !== '' || step === null) && now}
              </li>
            ))}
          </ul>
        </li>
      ))}
    </ul>
  );
}
