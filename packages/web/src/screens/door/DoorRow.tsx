import { answersOn, findCondition, getCondition, FLAGS, flagsSpec, questionsOn, type ConditionAnswer, type Told } from '@lotus-steady/core';
import type { Person } from '@lotus-steady/requests';
import { useMutation, useQueryClient, useQuery } from '@tanstack/react-query';
import { Check } from 'lucide-react';
import { useMemo } from 'react';
import { toParticipant } from '@lotus-steady/requests';
import { request } from '../../api/client.js';
import { personQuery } from '../../api/queries.js';
import { Choices, POINTS } from '../../parts/Choices.js';
import { PlaceChoices } from '../../parts/PlaceChoices.js';
import { withPlace, withScale } from '../log/log-draft.js';
import { explain } from '../../parts/Failure.js';
import { DECISIONS } from '../../parts/Verdict.js';
import { meaningQuery } from '../../worker/queries.js';
import { answered, ParameterField, SetField, type Answer } from '../person/Questions.js';

interface Props {
  readonly person: Person;
  readonly day: string;
  readonly isHere: boolean;
  readonly told: Told;
  readonly isOpen: boolean;
  readonly onHere: (isHere: boolean) => void;
  readonly onOpen: (isOpen: boolean) => void;
  readonly onTold: (told: Told) => void;
}

/** One person at the door. Closed it shows no word of their health: others look on. */
export function DoorRow({ person, day, isHere, told, isOpen, onHere, onOpen, onTold }: Props) {
  const queries = useQueryClient();
  const meaning = useQuery(meaningQuery(toParticipant(person), day));
  const reasons = meaning.data?.screening.reasons;
  // How they are today, and what would stop them as long as nobody answers it.
  const questions = useMemo(() => {
    const today = questionsOn(person.conditions, day);
    const deciding = (reasons ?? []).flatMap(({ condition, parameter }) => {
      const given = person.conditions.find(({ id }) => id === condition);
      const isOpen =
        parameter !== undefined && given?.[parameter] === undefined && parameter in (findCondition(condition)?.parameters ?? {});
      return isOpen ? [{ condition, parameter }] : [];
    });
    return [
      ...today,
      ...deciding.filter((one) => !today.some((other) => other.condition === one.condition && other.parameter === one.parameter)),
    ];
  }, [person.conditions, day, reasons]);
  const save = useMutation({
    mutationFn: async (change: (conditions: readonly ConditionAnswer[]) => readonly ConditionAnswer[]) => {
      const { id, studio: _studio, updatedAt: _updatedAt, ...now } = await request<Person>('GET', `people/${person.id}`);
      return request<Person>('PUT', `people/${id}`, { ...now, conditions: change(now.conditions) });
    },
    onSuccess: (changed) => {
      queries.setQueryData(personQuery(changed.id).queryKey, changed);
      return queries.invalidateQueries({ queryKey: ['people'], exact: true });
    },
  });
  const answer = (condition: string, parameter: string, value: Answer) =>
    save.mutate((conditions) =>
      conditions.map((one) => (one.id === condition ? answered(answersOn(one, day).answer, parameter, value) : one)),
    );
  const decision = meaning.data?.screening.decision ?? 'practise';
  const state =
    isHere && decision !== 'practise'
      ? 'Have a word first'
      : questions.length > 0
        ? isHere
          ? 'Something to ask'
          : ''
        : isHere
          ? 'All asked'
          : '';
  return (
    <li className={`border-b border-rule ${isOpen ? 'bg-shade' : ''}`}>
      <div className="flex items-center gap-3 px-2 py-1.5">
        <button type="button" className="min-h-12 grow text-left" aria-expanded={isOpen} onClick={() => onOpen(!isOpen)}>
          <strong className="block text-lg leading-tight">{person.name}</strong>
          <span className={`text-sm ${decision !== 'practise' && isHere ? 'font-semibold text-accent' : 'text-soft'}`}>{state}</span>
        </button>
        <button
          type="button"
          aria-pressed={isHere}
          aria-label={`${person.name} is here`}
          onClick={() => {
            onHere(!isHere);
            if (!isHere && (questions.length > 0 || decision !== 'practise')) onOpen(true);
          }}
          className={`inline-flex min-h-12 w-28 items-center justify-center gap-1.5 rounded border-2 border-ink text-lg font-semibold ${isHere ? 'bg-ink text-paper' : 'bg-sheet'}`}
        >
          {isHere && <Check size={20} aria-hidden />} Here
        </button>
      </div>
      {isOpen && (
        <div className="space-y-4 border-t border-rule px-2 py-3">
          {decision !== 'practise' && meaning.data && (
            <div className="rounded border border-accent bg-sheet p-3">
              <p className="font-semibold">{DECISIONS[decision].word}</p>
              <ul className="list-disc pl-5 text-sm">
                {meaning.data.screening.reasons.map(({ text }) => (
                  <li key={text}>{text}</li>
                ))}
              </ul>
            </div>
          )}
          {questions.map(({ condition: id, parameter }) => {
            const condition = getCondition(id);
            const now = person.conditions.find((one) => one.id === id);
            if (!now) return null;
            return (
              <ParameterField
                key={`${id} ${parameter}`}
                spec={condition.parameters[parameter]!}
                value={answersOn(now, day).answer[parameter]}
                problem={undefined}
                onChange={(value) => answer(id, parameter, value)}
              />
            );
          })}
          <div>
            <p className="mb-1 text-sm font-semibold">Pain now (0 none, 10 the worst)</p>
            <Choices
              label={`Pain of ${person.name} now`}
              options={POINTS}
              value={told.pain ?? null}
              onChange={(pain) => onTold(withScale(told, 'pain', pain === null ? '' : String(pain)))}
            />
            {(told.pain ?? 0) > 0 && (
              <div className="mt-2">
                <p className="mb-1 text-sm font-semibold">Where</p>
                <PlaceChoices
                  label={`Where it hurts ${person.name} now`}
                  value={told.where}
                  onChange={(where) => onTold(withPlace(told, where))}
                />
              </div>
            )}
          </div>
          {person.conditions.map((one) => {
            const condition = findCondition(one.id);
            if (!condition || condition.redFlags.length === 0) return null;
            const words = new Map(condition.redFlags.map(({ id, text }) => [id, text]));
            return (
              <details key={one.id}>
                <summary className="cursor-pointer font-semibold">Something new? ({condition.name})</summary>
                <SetField
                  spec={flagsSpec(condition)}
                  value={answersOn(one, day).answer[FLAGS]}
                  problem={undefined}
                  optionWords={(flag) => words.get(flag) ?? flag}
                  onChange={(value) => answer(one.id, FLAGS, value)}
                />
              </details>
            );
          })}
          {save.isError && (
            <p role="alert" className="text-accent">
              Not kept: {explain(save.error)}
            </p>
          )}
          <button type="button" className="min-h-11 w-full rounded border border-ink font-semibold" onClick={() => onOpen(false)}>
            Done with {person.name.split(' ')[0]}
          </button>
        </div>
      )}
    </li>
  );
}
