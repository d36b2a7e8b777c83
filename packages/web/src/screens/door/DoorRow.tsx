import {
  answersOn,
  checkAnswers,
  decidingQuestions,
  findCondition,
  FLAGS,
  flagsSpec,
  hasLittleEnergy,
  isAsked,
  questionsOn,
  type Question,
  type Told,
} from '@lotus-steady/core';
import type { Person } from '@lotus-steady/requests';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Check } from 'lucide-react';
import { useMemo, useState } from 'react';
import { toParticipant } from '@lotus-steady/requests';
import { answered, type Answer } from '../../drafts/answer.js';
import { takeAnswer, useRefused } from '../../drafts/waiting-answers.js';
import { Choices, POINTS } from '../../parts/Choices.js';
import { PlaceChoices } from '../../parts/PlaceChoices.js';
import { withPlace, withScale } from '../log/log-draft.js';
import { DECISIONS } from '../../parts/Verdict.js';
import { meaningQuery } from '../../worker/queries.js';
import { SetField } from '../person/Questions.js';
import { ConditionWords } from './ConditionWords.js';
import { DoorQuestion } from './DoorQuestion.js';
import { MOST_ASKED } from './use-door.js';
import { sentence } from '../../words/say.js';
import { t } from '../../words/t.js';

interface Props {
  readonly person: Person;
  readonly day: string;
  readonly isHere: boolean;
  readonly told: Told;
  /** What is asked of those who told of a condition here: the questions that decide. */
  readonly asks: readonly Question[];
  readonly onAsk: (questions: readonly Question[]) => void;
  readonly isOpen: boolean;
  readonly onHere: (isHere: boolean) => void;
  readonly onOpen: (isOpen: boolean) => void;
  readonly onTold: (told: Told) => void;
}

function isSame(one: Question, other: Question): boolean {
  return one.condition === other.condition && one.parameter === other.parameter;
}

/** What is open of somebody: how they are today, what would stop them as long as nobody answers it, and what they told of here. */
function useOpenQuestions({ person: { conditions }, day, asks }: Props, blocking: readonly Partial<Question>[]): Question[] {
  return useMemo(() => {
    const isOpen = ({ condition: id, parameter }: Question) => {
      const given = conditions.find((one) => one.id === id);
      const condition = findCondition(id);
      return given !== undefined && condition !== null && parameter in condition.parameters && given[parameter] === undefined && isAsked(condition, parameter, given); // prettier-ignore
    };
    const named = blocking.flatMap(({ condition, parameter }) => (condition && parameter ? [{ condition, parameter }] : []));
    const found: Question[] = [];
    for (const one of [...questionsOn(conditions, day), ...[...named, ...asks].filter(isOpen)])
      if (!found.some((other) => isSame(one, other))) found.push(one);
    return found;
  }, [conditions, day, asks, blocking]);
}

const NO_REASONS: readonly Partial<Question>[] = [];

/** One person at the door. Closed it shows no word of their health: others look on. */
export function DoorRow(props: Props) {
  const { person, day, isHere, told, isOpen, onAsk, onHere, onOpen, onTold } = props;
  const queries = useQueryClient();
  const meaning = useQuery(meaningQuery(toParticipant(person), day));
  const questions = useOpenQuestions(props, meaning.data?.screening.reasons ?? NO_REASONS);
  // What was asked stays where it is while it is answered, and can be answered otherwise.
  const [asked, setAsked] = useState<readonly Question[]>([]);
  const fresh = questions.filter((one) => !asked.some((other) => isSame(one, other)));
  if (fresh.length > 0) setAsked([...asked, ...fresh]);
  const refused = useRefused(person.id);
  const [problem, setProblem] = useState<(Question & { readonly message: string }) | null>(null);
  const answer = (condition: string, parameter: string, value: Answer) => {
    const given = person.conditions.find(({ id }) => id === condition);
    if (!given) return;
    const [wrong] = checkAnswers(answered(answersOn(given, day).answer, parameter, value, day));
    setProblem(wrong ? { condition, parameter, message: wrong.message } : null);
    if (!wrong) takeAnswer(queries, { person: person.id, condition, parameter, value, day });
  };
  const isTired = hasLittleEnergy(person.ownLimits, day);
  const decision = meaning.data?.screening.decision ?? 'practise';
  const state = () => {
    if (!isHere) return '';
    if (decision !== 'practise') return t('Have a word first');
    if (questions.length > 0) return t('Something to ask');
    return meaning.data ? t('All asked') : t('Looking …');
  };
  return (
    <li className={`border-b border-rule ${isOpen ? 'bg-shade' : ''}`}>
      <div className="flex items-center gap-3 px-2 py-1.5">
        <button type="button" className="min-h-12 grow text-left" aria-expanded={isOpen} onClick={() => onOpen(!isOpen)}>
          <strong className="block text-lg leading-tight">{person.name}</strong>
          <span className={`text-sm ${decision !== 'practise' && isHere ? 'font-semibold text-accent' : 'text-soft'}`}>{state()}</span>
        </button>
        <button
          type="button"
          aria-pressed={isHere}
          aria-label={t('{name} is here', { name: person.name })}
          onClick={() => {
            onHere(!isHere);
            if (!isHere && (questions.length > 0 || decision !== 'practise')) onOpen(true);
          }}
          className={`inline-flex min-h-12 w-28 items-center justify-center gap-1.5 rounded border-2 border-ink text-lg font-semibold ${isHere ? 'bg-ink text-paper' : 'bg-sheet'}`}
        >
          {isHere && <Check size={20} aria-hidden />} {t('Here')}
        </button>
      </div>
      {isOpen && (
        <div className="space-y-4 border-t border-rule px-2 py-3">
          {decision !== 'practise' && meaning.data && (
            <div className="rounded border border-accent bg-sheet p-3">
              <p className="font-semibold">{DECISIONS[decision].word}</p>
              <ul className="list-disc pl-5 text-sm">
                {meaning.data.screening.reasons.map((reason) => (
                  <li key={reason.text}>{sentence(reason)}</li>
                ))}
              </ul>
            </div>
          )}
          {asked.map((question) => {
            const { condition: id, parameter } = question;
            const condition = findCondition(id);
            const given = person.conditions.find((one) => one.id === id);
            if (!condition || !given) return null;
            const now = answersOn(given, day).answer;
            return (
              isAsked(condition, parameter, now) && (
                <DoorQuestion
                  key={`${id} ${parameter}`}
                  spec={condition.parameters[parameter]!}
                  value={now[parameter]}
                  problem={problem && isSame(problem, question) ? problem.message : undefined}
                  onChange={(value) => answer(id, parameter, value)}
                />
              )
            );
          })}
          <div>
            <p className="mb-1 text-sm font-semibold">{t('Pain now (0 none, 10 the worst)')}</p>
            <Choices
              label={t('Pain of {name} now', { name: person.name })}
              options={POINTS}
              value={told.pain ?? null}
              onChange={(pain) => onTold(withScale(told, 'pain', pain === null ? '' : String(pain)))}
            />
            {(told.pain ?? 0) > 0 && (
              <div className="mt-2">
                <p className="mb-1 text-sm font-semibold">{t('Where')}</p>
                <PlaceChoices
                  label={t('Where it hurts {name} now', { name: person.name })}
                  value={told.where}
                  onChange={(where) => onTold(withPlace(told, where))}
                />
              </div>
            )}
          </div>
          <button
            type="button"
            aria-pressed={isTired}
            onClick={() => takeAnswer(queries, { person: person.id, day, littleEnergy: !isTired })}
            className={`min-h-11 w-full rounded border font-semibold ${isTired ? 'border-ink bg-ink text-paper' : 'border-soft bg-sheet'}`}
          >
            {t('Little energy today')}
          </button>
          {person.conditions.map((one) => {
            const condition = findCondition(one.id);
            if (!condition || condition.redFlags.length === 0) return null;
            const words = new Map(condition.redFlags.map(({ id, text }) => [id, text]));
            return (
              <details key={one.id}>
                <summary className="cursor-pointer font-semibold">{t('Warning signs? ({name})', { name: t(condition.name) })}</summary>
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
          <details>
            <summary className="cursor-pointer font-semibold">{t('Something new?')}</summary>
            <ConditionWords
              label={t('In their words')}
              known={person.conditions.map((one) => one.id)}
              onChoose={({ id }) => {
                takeAnswer(queries, { person: person.id, day, newCondition: id });
                onAsk(decidingQuestions([{ id }], MOST_ASKED));
              }}
            />
          </details>
          {refused !== null && (
            <p role="alert" className="text-accent">
              {t('Not kept: {refused}', { refused })}
            </p>
          )}
          <button type="button" className="min-h-11 w-full rounded border border-ink font-semibold" onClick={() => onOpen(false)}>
            {t('Done with')} {person.name.split(' ')[0]}
          </button>
        </div>
      )}
    </li>
  );
}
