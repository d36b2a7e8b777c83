import { counted } from '@lotus-steady/core';
import { useState } from 'react';
import { Link } from 'react-router';
import type { StoredSequence } from '@lotus-steady/requests';
import { hasFailed } from '../../api/failed.js';
import { BAR, PLAIN, PRIMARY } from '../../parts/button-styles.js';
import { explain, Failure } from '../../parts/Failure.js';
import { Loading } from '../../parts/Loading.js';
import { SaveBar } from '../../parts/SaveBar.js';
import { SavedElsewhere } from '../../parts/SavedElsewhere.js';
import { dayWords } from '../../parts/words.js';
import { Differences } from './Differences.js';
import { FirstSteps } from './FirstSteps.js';
import type { OpenStep } from './open-step.js';
import { Screenings } from './Screenings.js';
import { Staff } from './Staff.js';
import { useClassScore } from './use-class-score.js';
import { PageTitle } from '../../parts/PageTitle.js';

/** A sequence for one person, or for several at once. */
export function ScoreView({ sequence, ids }: { sequence: StoredSequence; ids: readonly number[] }) {
  const asked = useClassScore(sequence, ids);
  const [open, setOpen] = useState<OpenStep | null>(null);
  const { search, since, people, score, done, part, saving, keeping } = asked;
  const { failed } = people;
  if (failed) return <Failure error={failed.error} onRetry={() => void failed.refetch()} />;
  if (hasFailed(score)) return <Failure error={score.error} onRetry={() => void score.refetch()} />;
  if (!people.data) return <Loading what="Opening" />;
  const [first = null, second] = people.data;
  const alone = second ? null : first;
  const minutes = score.data?.answer.minutes;
  const participants = score.data?.answer.participants ?? [];
  const mayTeach = participants.some(({ screening }) => screening.decision === 'practise');
  const isEmpty = score.data?.given.length === 0;
  const title = score.data?.answer.title || sequence.title;
  return (
    <>
      <div className="mb-2 flex flex-wrap items-end justify-between gap-x-6 gap-y-2">
        <div>
          <PageTitle>{`${title}: score`}</PageTitle>
          <h1 className="text-2xl">{title}</h1>
          <p className="text-soft">
            for{' '}
            {alone ? (
              <Link to={`/people/${alone.id}`} className="underline">
                {alone.name}
              </Link>
            ) : (
              counted(people.data.length, 'person', 'people')
            )}
            {minutes && `, ${minutes.after} min (${minutes.before} as given${minutes.given === null ? '' : `, ${minutes.given} wanted`})`} ·{' '}
            <Link to={`/sequences/${sequence.id}`} className="underline">
              change the sequence
            </Link>
          </p>
        </div>
        <div className="flex flex-wrap items-center gap-2 print:hidden">
          {saving.state.is !== 'saved' && <SaveBar state={saving.state} onSave={saving.save} label="Save the sequence" />}
          <button
            type="button"
            className={PLAIN}
            disabled={!score.data || isEmpty || keeping.isPending || keeping.isKept}
            onClick={keeping.keep}
          >
            {keeping.isKept ? 'Class is kept' : keeping.isPending ? 'Keeping …' : keeping.isChange ? 'Keep the changes' : 'Keep this class'}
          </button>
          {alone && score.data && !isEmpty && (
            <Link to={`/sequences/${sequence.id}/for/${alone.id}/home`} className={PLAIN}>
              For home
            </Link>
          )}
          {score.data && !isEmpty && (
            <Link to={`/sequences/${sequence.id}/for/${ids.join(',')}/sheet?${search}`} className={PLAIN}>
              Sheet
            </Link>
          )}
          {score.data && !isEmpty && (
            <Link to={`/sequences/${sequence.id}/for/${ids.join(',')}/door?${search}`} className={PLAIN}>
              Who is here?
            </Link>
          )}
          {score.data && !isEmpty && mayTeach && (
            <Link to={`/sequences/${sequence.id}/for/${ids.join(',')}/teach?${search}`} className={PRIMARY}>
              Teach
            </Link>
          )}
          {score.data && !mayTeach && <span className="font-semibold">Teaching waits</span>}
        </div>
      </div>
      {keeping.error && (
        <p role="alert" className="mb-3 text-accent">
          The class was not kept: {explain(keeping.error)}
        </p>
      )}
      {since.isError && <Failure error={since.error} />}
      {since.data && score.data && (
        <section aria-labelledby="since" tabIndex={0} className="mb-3 max-h-56 overflow-auto rounded border border-ink bg-sheet p-4">
          <h2 id="since" className="mb-2 text-base">
            Since the class of {dayWords(since.data.day)}
          </h2>
          <Differences
            before={since.data}
            after={score.data.answer}
            names={new Map(people.data.map(({ id, name }) => [String(id), name]))}
            none="Everybody’s plan is what it was."
          />
        </section>
      )}
      <SavedElsewhere state={saving.state} text={saving.value} onTakeOver={saving.goOnFrom} />
      {score.data && <Screenings people={people.data} participants={participants} />}
      {!score.data && (
        <div className={part ? 'pb-3' : 'py-8'} role="status">
          <p>
            Working out what is safe for {alone ? alone.name : 'everybody'}: step {done[0]} of {done[1]}
            {part && `. The first ${part.given.length} are below, the rest is being checked.`}
          </p>
          <progress className={`mt-2 h-2 w-64 ${BAR}`} max={done[1]} value={done[0]} aria-label="Steps worked out" />
        </div>
      )}
      {part && <FirstSteps part={part} names={people.data.map(({ name }) => name)} figures={asked.figures} open={open} onOpen={setOpen} />}
      {score.data && isEmpty && (
        <p className="py-8">
          “{sequence.title}” holds no step that was understood.{' '}
          <Link to={`/sequences/${sequence.id}`} className="underline">
            Write some
          </Link>
        </p>
      )}
      {score.data && !isEmpty && (
        <Staff score={score.data} people={people.data} sequence={sequence} asked={asked} busy={score.isOld} first={open} />
      )}
    </>
  );
}
