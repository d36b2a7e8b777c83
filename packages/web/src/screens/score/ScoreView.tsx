import { allowed, amount } from '@lotus-steady/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { lazy, Suspense, useMemo, useState } from 'react';
import { Link } from 'react-router';
import { request } from '../../api/client.js';
import { plansQuery } from '../../api/queries.js';
import type { Person, StoredPlan, StoredSequence } from '@lotus-steady/requests';
import { PLAIN, PRIMARY } from '../../parts/button-styles.js';
import { explain } from '../../parts/Failure.js';
import { DecisionWord, VerdictWord } from '../../parts/Verdict.js';
import type { Score } from '../../worker/answers.js';
import { layOut } from './layout.js';
import { Added, NotUnderstood } from './Notes.js';
import { Staves } from './Staves.js';
import { WhyPanel } from './WhyPanel.js';
import { PageTitle } from '../../parts/PageTitle.js';

const ClassCurve = lazy(async () => ({ default: (await import('./ClassCurve.js')).ClassCurve }));

const VERDICTS = ['keep', 'modify', 'substitute', 'omit'] as const;

interface Props {
  readonly sequence: StoredSequence;
  readonly person: Person;
  readonly score: Score;
  /** The day that the score is for. */
  readonly day: string;
}

export function ScoreView({ sequence, person, score, day }: Props) {
  const columns = useMemo(() => layOut(score), [score]);
  const [selected, setSelected] = useState<number | null>(null);
  const queries = useQueryClient();
  const plans = useQuery(plansQuery(sequence.id, person.id));
  const keep = useMutation({
    mutationFn: () => request<StoredPlan>('POST', 'plans', { sequenceId: sequence.id, personId: person.id }),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['plans', sequence.id, person.id] }),
  });
  const { minutes, participants, unknown } = score.answer;
  const { screening, steps, session, inserted } = participants[0]!;
  const mayTeach = screening.decision === 'practise';
  const latest = plans.data?.[0];
  const isKept = latest?.sequenceVersion === sequence.version && latest.personVersion === person.version;

  return (
    <>
      <div className="mb-3 flex flex-wrap items-start justify-between gap-x-6 gap-y-3">
        <div>
          <PageTitle>{`${sequence.title}: score`}</PageTitle>
          <h1 className="text-2xl">{sequence.title}</h1>
          <p className="text-soft">
            for{' '}
            <Link to={`/people/${person.id}`} className="underline">
              {person.name}
            </Link>
            , {minutes.after} min ({minutes.before} as given{minutes.given !== null && `, ${minutes.given} wanted`}) ·{' '}
            <Link to={`/sequences/${sequence.id}`} className="underline">
              change the sequence
            </Link>
          </p>
        </div>
        <div className="flex flex-wrap items-center gap-2">
          <button type="button" className={PLAIN} disabled={keep.isPending || isKept} onClick={() => keep.mutate()}>
            {isKept ? 'Plan is kept' : 'Keep this plan'}
          </button>
          {mayTeach ? (
            <Link to={`/sequences/${sequence.id}/for/${person.id}/teach`} className={PRIMARY}>
              Teach
            </Link>
          ) : (
            <span className="font-semibold">Teaching waits</span>
          )}
        </div>
      </div>
      {keep.isError && (
        <p role="alert" className="mb-3 text-accent">
          The plan was not kept: {explain(keep.error)}
        </p>
      )}
      {(!mayTeach || screening.notes.length > 0) && (
        <section aria-label="Screening" className={`mb-3 rounded border bg-sheet px-4 py-3 ${mayTeach ? 'border-rule' : 'border-accent'}`}>
          {!mayTeach && (
            <p className="font-semibold">
              <DecisionWord decision={screening.decision} />. The plan below is for thinking ahead; it is not to be taught yet.
            </p>
          )}
          <ul className="list-disc pl-5">
            {screening.reasons.map(({ text }) => (
              <li key={text}>{text}</li>
            ))}
            {screening.notes.map(({ text }) => (
              <li key={text} className="text-sm text-soft">
                {text}
              </li>
            ))}
          </ul>
        </section>
      )}
      <NotUnderstood unknown={unknown} sequence={sequence.id} />
      <ul className="mb-2 flex flex-wrap gap-x-5 gap-y-1 text-sm" aria-label="How many steps">
        {VERDICTS.map((verdict) => {
          const count = steps.filter((step) => step.verdict === verdict).length;
          return (
            count > 0 && (
              <li key={verdict}>
                <VerdictWord verdict={verdict} /> {count}
              </li>
            )
          );
        })}
      </ul>
      <div className={selected === null ? '' : 'grid grid-cols-[minmax(0,1fr)] items-start gap-4 xl:grid-cols-[minmax(0,1fr)_26rem]'}>
        <Staves score={score} columns={columns} name={person.name} selected={selected} onSelect={setSelected} />
        {selected !== null && (
          <WhyPanel
            key={selected}
            of={{ text: sequence.text, people: [person], whose: 0, asked: null, index: selected, day }}
            score={score}
            onClose={() => setSelected(null)}
          />
        )}
      </div>
      <Added inserted={inserted} />
      <div className="mt-5 grid gap-6 lg:grid-cols-2">
        <section aria-labelledby="whole">
          <h2 id="whole" className="text-lg">
            The class as a whole
          </h2>
          {session.length === 0 && <p className="mt-1 text-soft">Nothing limits the class as a whole.</p>}
          <ul className="mt-2 space-y-1">
            {session.map(({ measure, value, unit, bound, met, text, limit }) => (
              <li key={limit} className={met ? 'text-soft' : 'font-semibold'}>
                {met ? '○' : '●'} {MEASURE_WORDS[measure] ?? measure}: {amount(value, unit)}, {allowed(bound, unit)}
                {met ? '' : ` – ${text}`}
              </li>
            ))}
          </ul>
        </section>
        <section aria-labelledby="curve">
          <h2 id="curve" className="text-lg">
            Effort through the class
          </h2>
          <Suspense fallback={<p className="text-soft">Drawing …</p>}>
            <ClassCurve score={score} columns={columns} />
          </Suspense>
        </section>
      </div>
    </>
  );
}

const MEASURE_WORDS: Readonly<Record<string, string>> = {
  sessionMinutes: 'Length of the class', coolMinutes: 'Quiet minutes at the end', heat: 'Warmth of the room', supineRun: 'Longest on the back',
  unrelievedSitting: 'Longest sitting', minutesHeadDown: 'Head low in all', floorTrips: 'Trips to the floor',
}; // prettier-ignore
