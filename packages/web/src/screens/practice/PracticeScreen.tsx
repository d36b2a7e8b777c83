import { MEASURES, type Measure } from '@lotus-steady/core';
import { doseWithSide } from '@lotus-steady/core/sheets';
import { ANSWERS, markAnswer, type TrainingAnswer, type TrainingMark } from '@lotus-steady/core/training';
import type { TrainingProgress } from '@lotus-steady/requests';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { parseISO } from 'date-fns';
import { useEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import { request } from '../../api/client.js';
import { hasFailed } from '../../api/failed.js';
import { trainingCasesQuery, trainingProgressQuery } from '../../api/queries.js';
import { useToday } from '../../clock.js';
import { PLAIN, PRIMARY } from '../../parts/button-styles.js';
import { explain, ScreenFailure } from '../../parts/Failure.js';
import { ScreenLoading } from '../../parts/Loading.js';
import { PageTitle } from '../../parts/PageTitle.js';
import { StepFigurePair } from '../../parts/StepFigure.js';
import { VerdictWord } from '../../parts/Verdict.js';
import { dayWords } from '../../parts/words.js';
import type { TrainingCase } from '../../worker/answers.js';
import { trainingQuery } from '../../worker/queries.js';
import { ReasonList } from '../../parts/ReasonList.js';
import { answersOf, countsSaid } from './counts.js';
import { say } from '../../words/say.js';
import { t } from '../../words/t.js';

const ANSWER_WORDS: Readonly<Record<TrainingAnswer, string>> = { keep: t('Keep it'), change: t('Change it'), out: t('Leave it out') };
const MARK_TITLES: Readonly<Record<TrainingMark, string>> = {
  right: t('Right.'),
  half: t('Something had to happen: half right.'),
  missed: t('Missed: it can’t stay.'),
  'false-alarm': t('More careful than needed: it may stay.'),
};
const CHOICE = 'rounded border-2 border-rule bg-sheet px-4 py-3 text-left hover:border-ink';

/** What is right about the step, with the measure, the limit and the source. */
function Solution({ of: { step }, mark, onNext }: { of: TrainingCase; mark: TrainingMark; onNext: () => void }) {
  const { verdict, to, reasons, watch } = step;
  const title = useRef<HTMLHeadingElement>(null);
  useEffect(() => {
    title.current?.focus();
  }, []);
  return (
    <section aria-labelledby="mark" className="mt-5 rounded border border-ink bg-sheet p-4">
      <h2 id="mark" ref={title} tabIndex={-1} className="text-lg">
        {MARK_TITLES[mark]}
      </h2>
      <p className="mt-1">
        <VerdictWord verdict={verdict} />
        {verdict === 'substitute' && to && `: ${to.name}`}
        {to && to.changes.length > 0 && ` (${to.changes.join('; ')})`}
      </p>
      {reasons.length > 0 && <ReasonList reasons={reasons} className="mt-3 space-y-3" />}
      {reasons.length === 0 && watch.length === 0 && <p className="mt-2">{t('No limit speaks against it.')}</p>}
      {watch.length > 0 && (
        <>
          <h3 className="mt-3 mb-2 text-base">{t('Take care')}</h3>
          <ReasonList reasons={watch} />
        </>
      )}
      <button type="button" className={`${PRIMARY} mt-4`} onClick={onNext}>
        {t('Next')}
      </button>
    </section>
  );
}

/** One step of somebody invented: first what is to become of it, then why. */
function Case({ of, onAnswer, onNext }: { of: TrainingCase; onAnswer: (mark: TrainingMark) => void; onNext: () => void }) {
  const [answer, setAnswer] = useState<TrainingAnswer | null>(null);
  const [mark, setMark] = useState<TrainingMark | null>(null);
  const finish = (what: TrainingAnswer, why: Measure | null) => {
    const given = markAnswer(of.step, what, why);
    setMark(given);
    onAnswer(given);
  };
  return (
    <>
      <div className="grid gap-4 sm:grid-cols-2">
        <div>
          <h2 className="text-lg">{of.client.name}</h2>
          <p>{of.client.about}</p>
        </div>
        <div className="rounded border border-rule bg-sheet p-3">
          <p>
            <strong>{of.asana}</strong>, {doseWithSide(of.dose, of.side, say)}
          </p>
          <StepFigurePair picture={of.picture} label={of.asana} className="mt-2 h-40 w-full" />
        </div>
      </div>
      {mark === null && (
        <fieldset className="mt-4">
          <legend className="mb-2 font-semibold">{t('What becomes of this step?')}</legend>
          <div className="flex flex-wrap gap-2">
            {ANSWERS.map((one) => (
              <button
                key={one}
                type="button"
                aria-pressed={answer === one}
                className={`${CHOICE} font-semibold ${answer === one ? 'border-ink' : ''}`}
                onClick={() => {
                  setAnswer(one);
                  if (one === 'keep') finish(one, null);
                }}
              >
                {ANSWER_WORDS[one]}
              </button>
            ))}
          </div>
        </fieldset>
      )}
      {mark === null && answer !== null && answer !== 'keep' && (
        <fieldset className="mt-4">
          <legend className="mb-2 font-semibold">{t('Because of what, first of all?')}</legend>
          <div className="grid gap-2 sm:grid-cols-2">
            {of.options.map((measure) => (
              <button key={measure} type="button" className={CHOICE} onClick={() => finish(answer, measure)}>
                {MEASURES[measure].label}
              </button>
            ))}
          </div>
          <button type="button" className={`${PLAIN} mt-2`} onClick={() => finish(answer, null)}>
            {t('I don’t know')}
          </button>
        </fieldset>
      )}
      {mark !== null && <Solution of={of} mark={mark} onNext={onNext} />}
    </>
  );
}

/** Practice in judging, on people who are invented: what was missed comes back soonest. */
export function PracticeScreen() {
  const today = useToday();
  const queries = useQueryClient();
  const progress = useQuery({ ...trainingProgressQuery, staleTime: Infinity });
  // The task in front of somebody stays until they go on, whatever was answered meanwhile.
  const [asked, setAsked] = useState<readonly TrainingProgress[]>();
  const [round, setRound] = useState(0);
  const at = asked ?? progress.data;
  const own = useQuery({ ...trainingCasesQuery, staleTime: Infinity });
  const next = useQuery(trainingQuery(own.data, at, at ? answersOf(at) : 0, today));
  const save = useMutation({
    mutationFn: (body: { readonly task: string; readonly mark: TrainingMark }) => request<TrainingProgress>('POST', 'training', body),
    onMutate: () => setAsked(progress.data),
    onSuccess: (kept) =>
      queries.setQueryData(trainingProgressQuery.queryKey, (all = []) => [...all.filter(({ task }) => task !== kept.task), kept]),
  });
  const failed = [progress, own, next].find(hasFailed);
  if (failed) return <ScreenFailure title={t('Practise judging')} error={failed.error} onRetry={() => void failed.refetch()} />;
  if (!progress.data || next.data === undefined) return <ScreenLoading title={t('Practise judging')} what={t('Looking for someone')} />;
  const [soonest] = progress.data.map(({ due }) => due).sort();
  const now = next.data;
  return (
    <div className="mx-auto max-w-3xl">
      <PageTitle>{t('Practise judging')}</PageTitle>
      <h1 className="text-2xl">{t('Practise judging')}</h1>
      <p className="mb-4 text-soft">
        {t('Everybody here is invented. {data} of {of} tasks seen · {countsSaid}', {
          data: progress.data.length,
          of: now?.of ?? progress.data.length,
          countsSaid: countsSaid(progress.data),
        })}
        {now && <> · {t('level {level} of 3', { level: now.level })}</>} ·{' '}
        <Link to="/practice/cases" className="underline">
          {t('set and review tasks')}
        </Link>
      </p>
      {save.error && (
        <p role="alert" className="mb-3 text-accent">
          {t('This answer was not kept: {reason}', { reason: explain(save.error) })}
        </p>
      )}
      {now ? (
        <Case
          key={`${now.task} ${round}`}
          of={now}
          onAnswer={(mark) => save.mutate({ task: now.task, mark })}
          onNext={() => {
            setAsked(undefined);
            setRound(round + 1);
          }}
        />
      ) : (
        <p>
          {t('Nothing is due now. ')}
          {soonest !== undefined && t('The next task comes back {day}.', { day: dayWords(parseISO(soonest).toISOString().slice(0, 10)) })}
        </p>
      )}
    </div>
  );
}
