import { answersInWords, readLetter, type ConditionAnswer } from '@lotus-steady/core';
import { aboutAnswers, changedAnswers, checkCase, LEVELS, type TrainingCaseText, type TrainingLevel } from '@lotus-steady/core/training';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { peopleQuery, personQuery } from '../../api/queries.js';
import { INPUT, PLAIN, PRIMARY } from '../../parts/button-styles.js';
import { findConditionName } from '../../parts/condition-name.js';
import { explain } from '../../parts/Failure.js';
import { SelectField } from '../../parts/SelectField.js';
import { core } from '../../worker/core.js';
import { t } from '../../words/t.js';

interface Draft {
  readonly name: string;
  readonly about: string;
  readonly level: TrainingLevel;
  readonly conditions: ConditionAnswer[];
  /** As they are written, a line each. */
  readonly steps: string;
}
const EMPTY: Draft = { name: '', about: '', level: 1, conditions: [], steps: '' };
const MOST_ABOUT = 600;

function linesOf(steps: string): string[] {
  return steps
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '');
}

interface Props {
  readonly isSaving: boolean;
  readonly onSave: (written: TrainingCaseText, onSaved: () => void) => void;
}

/** Writes a case: from nothing, or from somebody's conditions with other numbers, another name and none of their words. */
export function CaseForm({ isSaving, onSave }: Props) {
  const people = useQuery(peopleQuery);
  const queries = useQueryClient();
  const { register, handleSubmit, control, setValue, reset } = useForm<Draft>({ defaultValues: EMPTY });
  const [problems, setProblems] = useState<readonly string[]>([]);
  const [about, level, conditions] = useWatch({ control, name: ['about', 'level', 'conditions'] });
  const borrow = useMutation({
    mutationFn: (id: number) => queries.fetchQuery(personQuery(id)),
    onSuccess: ({ conditions: told }) => {
      const others = told.map((answer) => changedAnswers(answer, Math.random));
      setValue('conditions', others);
      setValue('about', aboutAnswers(others).slice(0, MOST_ABOUT));
    },
  });
  const save = useMutation({
    mutationFn: async (draft: Draft) => {
      const written: TrainingCaseText = { ...draft, name: draft.name.trim(), about: draft.about.trim(), steps: linesOf(draft.steps) };
      const unclear = await core.unclearSteps(written.steps);
      const found = [
        ...checkCase(written).map(({ message }) => message),
        ...unclear.map((text) => t('“{text}” names no single step of the library', { text })),
      ];
      setProblems(found);
      if (found.length === 0) onSave(written, () => reset());
    },
  });
  // What was made of the conditions says nothing new.
  const isMade = conditions.length > 0 && about === aboutAnswers(conditions).slice(0, MOST_ABOUT);
  const heard = isMade ? [] : readLetter(about).found.filter(({ answer }) => !conditions.some(({ id }) => id === answer.id));
  return (
    <form
      className="mt-6 space-y-4"
      onSubmit={(event) => void handleSubmit((draft) => save.mutate(draft))(event)}
      aria-labelledby="write-case"
    >
      <h2 id="write-case" className="text-lg">
        {t('Write a case')}
      </h2>
      {people.data && people.data.length > 0 && (
        <SelectField
          label={t('Take the conditions of someone here, with other numbers')}
          value=""
          onChange={(id) => id !== '' && borrow.mutate(Number(id))}
        >
          <option value="">{t('nobody')}</option>
          {people.data.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </SelectField>
      )}
      {borrow.isError && <p className="text-sm text-accent">{explain(borrow.error)}</p>}
      <div className="grid gap-4 sm:grid-cols-[1fr_8rem]">
        <label className="block text-sm font-semibold">
          {t('Invented name')}
          <input className={`${INPUT} mt-1 text-base font-normal`} maxLength={80} autoComplete="off" {...register('name')} />
        </label>
        <SelectField label={t('Level')} value={String(level)} onChange={(one) => setValue('level', Number(one) as TrainingLevel)}>
          {LEVELS.map((one) => (
            <option key={one} value={one}>
              {one}
            </option>
          ))}
        </SelectField>
      </div>
      <label className="block text-sm font-semibold">
        {t('What they say of themselves')}
        <textarea
          className={`${INPUT} mt-1 text-base font-normal`}
          rows={3}
          maxLength={MOST_ABOUT}
          placeholder={t('30 weeks pregnant with one child, blood pressure 112/70')}
          {...register('about')}
        />
      </label>
      <div>
        <p className="text-sm font-semibold">{t('Judged by')}</p>
        {conditions.length === 0 && <p className="text-sm text-soft">{t('Nothing yet: add what is heard in the words above.')}</p>}
        <ul className="space-y-1">
          {conditions.map((answer) => (
            <li key={answer.id} className="flex flex-wrap items-baseline gap-x-3 border-l-2 border-ink pl-3 text-sm">
              <strong>{findConditionName(answer.id)}</strong>
              <span>{answersInWords(answer).join('; ')}</span>
              <button
                type="button"
                className="underline"
                aria-label={t('Not {condition}', { condition: findConditionName(answer.id) })}
                onClick={() =>
                  setValue(
                    'conditions',
                    conditions.filter(({ id }) => id !== answer.id),
                  )
                }
              >
                {t('take out')}
              </button>
            </li>
          ))}
        </ul>
        <div className="mt-2 flex flex-wrap gap-2">
          {heard.map(({ answer }) => (
            <button key={answer.id} type="button" className={PLAIN} onClick={() => setValue('conditions', [...conditions, answer])}>
              {t('Add {condition}', { condition: findConditionName(answer.id) })}
              {answersInWords(answer).length > 0 && ` (${answersInWords(answer).join('; ')})`}
            </button>
          ))}
        </div>
      </div>
      <label className="block text-sm font-semibold">
        {t('Steps to judge, a line each')}
        <textarea
          className={`${INPUT} mt-1 text-base font-normal`}
          rows={5}
          placeholder={t('Cobra, 4 breaths\nFinal rest, 6 min')}
          {...register('steps')}
        />
      </label>
      {problems.length > 0 && (
        <ul role="alert" className="list-disc rounded border border-accent bg-sheet p-3 pl-8 text-sm">
          {problems.map((one) => (
            <li key={one}>{one}</li>
          ))}
        </ul>
      )}
      <button type="submit" className={PRIMARY} disabled={isSaving || save.isPending}>
        {t('Keep this case')}
      </button>
    </form>
  );
}
