import { boundWay, type OwnLimit, type LeftOut, type Message, type Preference, type Proposal } from '@lotus-steady/core';
import type { Person } from '@lotus-steady/requests';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { changePerson } from '../../api/change-person.js';
import { personQuery } from '../../api/queries.js';
import { PLAIN } from '../../parts/button-styles.js';
import { explain } from '../../parts/Failure.js';
import { formWords, type LibraryNames } from '../../parts/library-names.js';
import { dayWords } from '../../parts/words.js';
import { say } from '../../words/say.js';
import { t } from '../../words/t.js';

const DAY = /^\d{4}-\d{2}-\d{2}$/;

/** A message with asanas by name and days as people say them. */
function said({ id, values = {} }: Message, asanas: LibraryNames | undefined): string {
  const word = (name: string, value: string) => {
    if (name === 'asana') return asanas?.get(value) ?? value;
    if (name === 'form') return formWords(asanas, String(values['asana']), value);
    return DAY.test(value) ? dayWords(value) : value;
  };
  const worded = Object.fromEntries(
    Object.entries(values).map(([name, value]) => [name, typeof value === 'string' ? word(name, value) : value]),
  );
  return say({ id, values: worded });
}

/** What a person prefers after a proposal was taken: of an asana one side, and each liked form once. */
export function preferencesAfter(preferences: readonly Preference[], { prefer }: Proposal): readonly Preference[] {
  if (!prefer) return preferences;
  const isReplaced = ({ asana, variation, firstSide }: Preference) =>
    asana === prefer.asana && variation === prefer.variation && (firstSide === null) === (prefer.firstSide === null);
  return [...preferences.filter((one) => !isReplaced(one)), prefer];
}

/** What a person is not offered after a proposal was taken. */
export function leftOutAfter(leftOut: readonly LeftOut[], { kind, asana, leaveOut }: Proposal): readonly LeftOut[] {
  const others = leftOut.filter((one) => one.asana !== asana);
  if (leaveOut) return [...others, leaveOut];
  return kind === 'take-back' ? others : leftOut;
}

/** The limits of their own after a proposal was taken: of one measure the log holds one bound each way. */
export function ownLimitsAfter(ownLimits: readonly OwnLimit[], { limit }: Proposal): readonly OwnLimit[] {
  if (!limit) return ownLimits;
  return [...ownLimits.filter((one) => one.by !== limit.by || boundWay(one) !== boundWay(limit)), limit];
}

interface Props {
  readonly person: Person;
  readonly proposal: Proposal;
  readonly asanas: LibraryNames | undefined;
  /** It was taken or refused: it is not proposed again. */
  readonly onDecided: (id: string) => void;
}

/** One thing that the next plan could take from what was noted, with what it rests on. Nothing changes until it is taken. */
export function ProposalCard({ person, proposal, asanas, onDecided }: Props) {
  const { id, what, evidence, source, kind, leaveOut, prefer, limit } = proposal;
  const queries = useQueryClient();
  const take = useMutation({
    mutationFn: () =>
      changePerson(person.id, (now) => ({
        ...now,
        leftOut: leftOutAfter(now.leftOut, proposal),
        preferences: preferencesAfter(now.preferences, proposal),
        ownLimits: ownLimitsAfter(now.ownLimits, proposal),
      })),
    onSuccess: async (changed) => {
      queries.setQueryData(personQuery(changed.id).queryKey, changed);
      onDecided(id);
      await queries.invalidateQueries({ queryKey: ['score'] });
    },
  });
  const changes = leaveOut !== null || prefer !== null || limit !== null || kind === 'take-back';
  return (
    <li className="border-t border-rule py-3">
      <p className="font-semibold">
        {person.name}: {said(what, asanas)}
      </p>
      <p className="text-sm">{said(evidence, asanas)}</p>
      <p className="text-xs text-soft">{source}</p>
      <div className="mt-2 flex gap-2">
        {changes ? (
          <>
            <button type="button" className={PLAIN} disabled={take.isPending} onClick={() => take.mutate()}>
              {t('Do that')}
            </button>
            <button type="button" className={PLAIN} onClick={() => onDecided(id)}>
              {t('Not now')}
            </button>
          </>
        ) : (
          <button type="button" className={PLAIN} onClick={() => onDecided(id)}>
            {t('I have seen it')}
          </button>
        )}
      </div>
      {take.isError && (
        <p role="alert" className="text-sm text-accent">
          {explain(take.error)}
        </p>
      )}
    </li>
  );
}
