import { asidesFor, takenFromBefore } from '@lotus-steady/core';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { X } from 'lucide-react';
import { useEffect, useRef } from 'react';
import { Failure } from '../../parts/Failure.js';
import { FigureDrawing } from '../../parts/FigureDrawing.js';
import { SetupTrial } from '../../parts/SetupTrial.js';
import { StepFigurePair } from '../../parts/StepFigure.js';
import { ReasonList } from '../../parts/ReasonList.js';
import { takeAnswer } from '../../drafts/waiting-answers.js';
import { setupWords } from '@lotus-steady/core/sheets';
import { VerdictWord } from '../../parts/Verdict.js';
import type { Score } from '../../worker/answers.js';
import { othersQuery, type StepOf } from '../../worker/queries.js';
import { useConventions } from '../../theme/conventions.js';
import { say } from '../../words/say.js';
import { t } from '../../words/t.js';

interface Props {
  readonly of: StepOf;
  readonly score: Score;
  readonly onClose: () => void;
  /** Takes another way instead; left out where nothing is chosen by hand. */
  readonly onPick?: (figure: string) => void;
  /** Gives a choice by hand back to the search. */
  readonly onUnpick?: (() => void) | undefined;
}

/** Up to which cost another way is still so close to what was asked. */
const CLOSE: readonly (readonly [cost: number, words: string])[] = [
  [1.5, t('very close to what was asked')],
  [4, t('close to what was asked')],
  [8, t('clearly other than what was asked')],
];

function closeness(cost: number): string {
  return CLOSE.find(([most]) => cost <= most)?.[1] ?? t('far from what was asked');
}

/** Why a step is what it is: the measure, its bound, the source, and the other safe ways. */
export function WhyPanel({ of, score, onClose, onPick, onUnpick }: Props) {
  const { index } = of;
  const conventions = useConventions();
  const step = score.answer.participants[0]!.steps[index]!;
  const { given, givenName, adapted } = score.steps[index]!;
  const person = of.people[of.whose]!;
  const concerning = asidesFor(
    step.asides,
    person.conditions.map(({ id }) => id),
  );
  const trials = new Set(step.setup.flatMap(({ trial }) => trial ?? []));
  const queries = useQueryClient();
  const others = useQuery(othersQuery(of));
  const heading = useRef<HTMLHeadingElement>(null);
  const taken = `${step.to?.asana} ${step.to?.variation} ${step.to?.changes.join()}`;
  useEffect(() => {
    heading.current?.scrollIntoView({ block: 'nearest' });
  }, [taken]);
  const name = step.to?.name ?? givenName;
  const isChosen = (asana: string, variation: string, changes: readonly string[]) =>
    step.to?.asana === asana && step.to.variation === variation && step.to.changes.join() === changes.join();
  const otherWays = others.data?.filter(({ asana, variation, changes }) => !isChosen(asana, variation, changes));

  return (
    <section
      aria-labelledby="why"
      className="rounded border border-rule bg-sheet p-4"
      onKeyDown={(event) => event.key === 'Escape' && onClose()}
    >
      <div className="flex items-start justify-between gap-3">
        <h2 id="why" ref={heading} className="text-lg">
          {givenName}
        </h2>
        <button type="button" onClick={onClose} className="rounded p-1.5 hover:bg-shade" aria-label={t('Close')}>
          <X size={18} aria-hidden />
        </button>
      </div>
      <p className="font-semibold">
        <VerdictWord verdict={step.verdict} />
        {step.verdict === 'substitute' && `: ${name}`}
      </p>
      {step.together !== undefined && <p className="mt-1">{step.together}</p>}
      {step.ahead !== undefined && <p className="mt-1">{step.ahead}</p>}
      {takenFromBefore(score.answer.participants[0]!, index, say).map((said) => (
        <p key={said} className="mt-1">
          {said}
        </p>
      ))}
      {onUnpick && (
        <p className="mt-1">
          {t('Chosen by hand. ')}
          <button type="button" className="underline" onClick={onUnpick}>
            {t('Leave it to the search')}
          </button>
        </p>
      )}
      {step.to && step.to.changes.length > 0 && (
        <ul className="mt-1 list-disc pl-5">
          {step.to.changes.map((change) => (
            <li key={change}>{change}</li>
          ))}
        </ul>
      )}
      <div className="mt-3">
        <StepFigurePair picture={adapted ?? given} label={name} className="h-40 w-full" />
      </div>
      {step.setup.length > 0 && (
        <p className="mt-2">
          <strong>{t('Set up:')} </strong>
          {setupWords(step.setup, conventions)}
        </p>
      )}
      {[...trials].map((trial) => (
        <details key={trial} className="mt-2">
          <summary className="cursor-pointer font-semibold">{t('Find the height by trial')}</summary>
          <div className="mt-2">
            <SetupTrial
              trial={trial}
              body={person.body}
              problem={undefined}
              onChange={(height) => takeAnswer(queries, { person: person.id, day: of.day, trial, height })}
            />
          </div>
        </details>
      ))}
      {step.ways.length > 0 && (
        <p className="mt-2">
          <strong>{t('Getting there:')} </strong>
          {step.ways.map(({ say }) => say).join('; ')}
        </p>
      )}
      {step.reasons.length > 0 && (
        <>
          <h3 className="mt-4 mb-2 text-base">{t('Why it is not kept')}</h3>
          <ReasonList reasons={step.reasons} />
        </>
      )}
      {step.watch.length > 0 && (
        <>
          <h3 className="mt-4 mb-2 text-base">{t('Take care')}</h3>
          <ReasonList reasons={step.watch} />
        </>
      )}
      {step.cues.length > 0 && (
        <>
          <h3 className="mt-4 mb-1 text-base">{t('Say')}</h3>
          {step.to && step.to.changes.length > 0 && (
            <p className="text-sm text-soft">{t('Cues for the pose as it is usually done: leave out what the change rules out.')}</p>
          )}
          <ul className="list-disc pl-5">
            {step.cues.map((cue) => (
              <li key={cue}>{cue}</li>
            ))}
          </ul>
        </>
      )}
      {concerning.length > 0 && (
        <p className="mt-3 text-sm">
          <strong>{t('For you, not for the class:')} </strong>
          {concerning.join(' ')}
        </p>
      )}
      <h3 className="mt-4 mb-1 text-base">{t('Other safe ways')}</h3>
      {others.isPending && <p className="text-soft">{t('Looking …')}</p>}
      {others.isError && <Failure error={others.error} />}
      {otherWays?.length === 0 && <p className="text-soft">{t('None was found.')}</p>}
      <ul className="grid grid-cols-2 gap-2">
        {otherWays?.map(({ asana, variation, name: other, changes, drawn, figure, cost }) => (
          <li key={asana + variation + changes.join()} className="rounded border border-rule p-2">
            <FigureDrawing figure={drawn[0]!} ghost={drawn[1]} className="h-20 w-full" />
            <p className="text-sm leading-tight">
              <strong>{other}</strong>
              <span className="block">{changes.join('; ')}</span>
              <span className="block text-soft">{closeness(cost)}</span>
            </p>
            {onPick && (
              <button
                type="button"
                className="mt-1 text-sm underline"
                onClick={() => onPick(figure)}
                aria-label={t('Take {other} {changes}', { other, changes: changes.join('; ') })}
              >
                {t('Take this')}
              </button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
