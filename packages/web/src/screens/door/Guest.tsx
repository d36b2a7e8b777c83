import { anybody, decidingQuestions, type Condition, type Question } from '@lotus-steady/core';
import type { Person } from '@lotus-steady/requests';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { request } from '../../api/client.js';
import { mayPass } from '../../api/failed.js';
import { studioQuery } from '../../api/queries.js';
import { newIdHere } from '../../drafts/guest-ids.js';
import { takeGuest } from '../../drafts/waiting-answers.js';
import { PLAIN, PRIMARY } from '../../parts/button-styles.js';
import { explain } from '../../parts/Failure.js';
import { ConditionWords } from './ConditionWords.js';
import { MOST_ASKED } from './use-door.js';
import { NEW_PERSON } from '../person/person-draft.js';
import { t } from '../../words/t.js';

function addWords(hasConditions: boolean, hasRemark: boolean): string {
  if (hasConditions) return hasRemark ? t('Add them with the remark, and ask what decides') : t('Add them, and ask what decides');
  return hasRemark ? t('Add them with this as a remark: nothing is checked') : t('Add them: nothing to look after');
}

interface Props {
  readonly name: string;
  /** Of the class, as YYYY-MM-DD. */
  readonly day: string;
  readonly onTake: (id: number, asks: readonly Question[]) => void;
}

/** Somebody who comes for the first time: a name, and what they say of themselves in plain words. */
export function Guest({ name, day, onTake }: Props) {
  // What was typed and stands for no condition is not lost.
  const [said, setSaid] = useState('');
  const [chosen, setChosen] = useState<readonly Condition[]>([]);
  const queries = useQueryClient();
  const conditions = chosen.map(({ id }) => ({ id }));
  const keep = useMutation({
    // Without a network they count on this device at once, and are sent later.
    networkMode: 'always',
    mutationFn: async () => {
      const record = { ...NEW_PERSON, name, note: said, props: anybody('').props, conditions };
      try {
        const { id } = await request<Person>('POST', 'people', record);
        return id;
      } catch (error) {
        const studio = queries.getQueryData(studioQuery.queryKey);
        if (!mayPass(error) || !studio) throw error;
        const id = newIdHere();
        takeGuest(queries, { ...record, id, studio, version: 1, updatedAt: '' }, day);
        return id;
      }
    },
    onSuccess: async (id) => {
      await queries.invalidateQueries({ queryKey: ['people'], exact: true });
      onTake(id, decidingQuestions(conditions, MOST_ASKED));
    },
  });
  return (
    <div className="mt-3 border-t border-rule pt-3">
      <p className="font-semibold">{t('{name} is new here', { name })}</p>
      <div className="mt-2 flex flex-wrap gap-2">
        {chosen.map((one) => (
          <button
            key={one.id}
            type="button"
            aria-pressed
            className="min-h-11 rounded border-2 border-ink bg-ink px-3 text-paper"
            onClick={() => setChosen(chosen.filter((other) => other !== one))}
          >
            {one.name}
          </button>
        ))}
      </div>
      <ConditionWords
        label={t('Anything to look after? In their words')}
        known={chosen.map(({ id }) => id)}
        onChoose={(one) => setChosen([...chosen, one])}
        onWords={setSaid}
      />
      <button
        type="button"
        className={`${chosen.length > 0 ? PRIMARY : PLAIN} mt-3 min-h-12 w-full`}
        disabled={keep.isPending}
        onClick={() => keep.mutate()}
      >
        {addWords(chosen.length > 0, said !== '')}
      </button>
      {keep.isError && (
        <p role="alert" className="text-accent">
          {explain(keep.error)}
        </p>
      )}
    </div>
  );
}
