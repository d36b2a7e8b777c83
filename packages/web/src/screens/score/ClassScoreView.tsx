import { counted } from '@lotus-steady/core';
import { Link } from 'react-router';
import type { StoredSequence } from '@lotus-steady/requests';
import { hasFailed } from '../../api/failed.js';
import { PLAIN, PRIMARY } from '../../parts/button-styles.js';
import { explain, Failure } from '../../parts/Failure.js';
import { Loading } from '../../parts/Loading.js';
import { Room } from '../../parts/Room.js';
import { SaveBar } from '../../parts/SaveBar.js';
import { SavedElsewhere } from '../../parts/SavedElsewhere.js';
import { SelectField } from '../../parts/SelectField.js';
import { TextField } from '../../parts/TextField.js';
import { dayWords } from '../../parts/words.js';
import { ClassStaff } from './ClassStaff.js';
import { FIGURES, readSince, writeShared } from './class-address.js';
import { Differences } from './Differences.js';
import { useClassScore } from './use-class-score.js';
import { PageTitle } from '../../parts/PageTitle.js';

/** A sequence for several people at once. */
export function ClassScoreView({ sequence, ids }: { sequence: StoredSequence; ids: readonly number[] }) {
  const { search, figures, shared, day, since, earlier, ask, edits, people, score, done, saving, keeping } = useClassScore(sequence, ids);
  if (people.failed) return <Failure error={people.failed.error} onRetry={() => void people.failed!.refetch()} />;
  if (hasFailed(score)) return <Failure error={score.error} onRetry={() => void score.refetch()} />;
  if (!people.data) return <Loading what="Opening" />;
  const waiting = people.data.filter((_, i) => score.data && score.data.answer.participants[i]!.screening.decision !== 'practise');
  const isEmpty = score.data?.given.length === 0;
  return (
    <>
      <div className="mb-3 flex flex-wrap items-end justify-between gap-x-6 gap-y-3">
        <div>
          <PageTitle>{`${score.data?.answer.title || sequence.title}: class score`}</PageTitle>
          <h1 className="text-2xl">{score.data?.answer.title || sequence.title}</h1>
          <p className="text-soft">
            for {counted(people.data.length, 'person', 'people')}
            {score.data && `, ${score.data.answer.minutes.after} min (${score.data.answer.minutes.before} as given)`} ·{' '}
            <Link to={`/sequences/${sequence.id}`} className="underline">
              change the sequence
            </Link>
          </p>
        </div>
        <div className="flex flex-wrap items-end gap-3">
          <SelectField label="Different figures a step, at most" value={String(figures)} onChange={(value) => ask('figures', value)}>
            {FIGURES.map((count) => (
              <option key={count} value={count}>
                {count}
              </option>
            ))}
          </SelectField>
          <TextField label="Class on" type="date" value={day} onChange={(on) => ask('day', on || null)} />
          {earlier.length > 0 && (
            <SelectField label="Set against" value={String(readSince(search) ?? '')} onChange={(value) => ask('since', value || null)}>
              <option value="">no other class</option>
              {earlier.map(({ id, day: on, personIds }) => (
                <option key={id} value={id}>
                  {dayWords(on)}, {counted(personIds.length, 'person', 'people')}
                </option>
              ))}
            </SelectField>
          )}
          <button
            type="button"
            className={PLAIN}
            disabled={!score.data || isEmpty || keeping.isPending || keeping.isKept}
            onClick={keeping.keep}
          >
            {keeping.isKept ? 'Class is kept' : keeping.isPending ? 'Keeping …' : 'Keep this class'}
          </button>
          {saving.state.is !== 'saved' && <SaveBar state={saving.state} onSave={saving.save} label="Save the sequence" />}
          {score.data && !isEmpty && waiting.length < people.data.length && (
            <Link to={`/sequences/${sequence.id}/for/${ids.join(',')}/teach?${search}`} className={PRIMARY}>
              Teach
            </Link>
          )}
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
      {waiting.length > 0 && (
        <p className="mb-3 rounded border border-accent bg-sheet px-4 py-2">
          Not to be taught yet:{' '}
          {waiting.map(({ id, name }, i) => (
            <span key={id}>
              {i > 0 && ', '}
              <Link to={`/people/${id}`} className="underline">
                {name}
              </Link>
            </span>
          ))}
          . Their staves are for thinking ahead; teaching leaves them out.
        </p>
      )}
      <Room shared={shared} onChange={(props) => ask('shared', props && writeShared(props))} />
      {!score.data && (
        <div className="py-8" role="status">
          <p>
            Working out what is safe for everybody: step {done[0]} of {done[1]}
          </p>
          <progress className="mt-2 w-64 accent-ink" max={done[1]} value={done[0]} aria-label="Steps worked out" />
        </div>
      )}
      {score.data && isEmpty && (
        <p className="py-8">
          “{sequence.title}” holds no step that was understood.{' '}
          <Link to={`/sequences/${sequence.id}`} className="underline">
            Write some
          </Link>
        </p>
      )}
      {score.data && !isEmpty && (
        <ClassStaff
          score={score.data}
          people={people.data}
          sequence={sequence}
          figures={figures}
          shared={shared}
          day={day}
          edits={edits}
          busy={score.isPlaceholderData}
        />
      )}
    </>
  );
}
