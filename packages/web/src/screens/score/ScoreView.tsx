import { Link } from 'react-router';
import type { StoredSequence } from '@lotus-steady/requests';
import { hasFailed } from '../../api/failed.js';
import { BAR, PLAIN, PRIMARY } from '../../parts/button-styles.js';
import { explain, Failure, ScreenFailure } from '../../parts/Failure.js';
import { ScreenLoading } from '../../parts/Loading.js';
import { SaveBar } from '../../parts/SaveBar.js';
import { SavedElsewhere } from '../../parts/SavedElsewhere.js';
import { dayWords } from '../../parts/words.js';
import { Differences } from './Differences.js';
import { Screenings } from './Screenings.js';
import { Staff } from './Staff.js';
import { useClassScore } from './use-class-score.js';
import { PageTitle } from '../../parts/PageTitle.js';
import { t } from '../../words/t.js';
import { tell } from '../../words/tell.js';

/** As wide as what will be told once the class is worked out. */
const USUAL_MINUTES = { given: 45, before: 45.5, after: 45.5 };

/** A sequence for one person, or for several at once. */
export function ScoreView({ sequence, ids }: { sequence: StoredSequence; ids: readonly number[] }) {
  const asked = useClassScore(sequence, ids);
  const { search, since, people, score, done, part, saving, keeping } = asked;
  // The first steps, to be looked at while the others are being worked out; then all.
  const shown = score.data ?? part;
  const { failed } = people;
  if (failed) return <ScreenFailure title={t('Score')} error={failed.error} onRetry={() => void failed.refetch()} />;
  if (hasFailed(score)) return <ScreenFailure title={t('Score')} error={score.error} onRetry={() => void score.refetch()} />;
  if (!people.data) return <ScreenLoading title={t('Score')} what={t('Opening')} />;
  const [first = null, second] = people.data;
  const alone = second ? null : first;
  const minutes = score.data?.answer.minutes;
  const told = minutes ?? USUAL_MINUTES;
  const participants = shown?.answer.participants ?? [];
  const mayTeach = participants.some(({ screening }) => screening.decision === 'practise');
  const isEmpty = score.data?.given.length === 0;
  const title = score.data?.answer.title || sequence.title;
  return (
    <>
      <div className="mb-2 flex flex-wrap items-end justify-between gap-x-6 gap-y-2">
        <div>
          <PageTitle>{t('{title}: score', { title })}</PageTitle>
          <h1 className="text-2xl">{title}</h1>
          <p className="text-soft">
            {t('for ')}
            {alone ? (
              <Link to={`/people/${alone.id}`} className="underline">
                {alone.name}
              </Link>
            ) : (
              tell('{count, plural, one {# person} other {# people}}', { count: people.data.length })
            )}
            <span className={minutes ? '' : 'invisible'}>
              {tell('{given, select, none {, {after} min ({before} as given)} other {, {after} min ({before} as given, {given} wanted)}}', {
                after: told.after,
                before: told.before,
                given: told.given ?? 'none',
              })}
            </span>{' '}
            ·{' '}
            <Link to={`/sequences/${sequence.id}`} className="underline">
              {t('change the sequence')}
            </Link>
          </p>
        </div>
        <div className="flex flex-wrap items-center gap-2 print:hidden">
          {saving.state.is !== 'saved' && <SaveBar state={saving.state} onSave={saving.save} label={t('Save the sequence')} />}
          <button
            type="button"
            className={PLAIN}
            disabled={!score.data || isEmpty || keeping.isPending || keeping.isKept}
            onClick={keeping.keep}
          >
            {keeping.isKept
              ? t('Class is kept')
              : keeping.isPending
                ? t('Keeping …')
                : keeping.isChange
                  ? t('Keep the changes')
                  : t('Keep this class')}
          </button>
          {!isEmpty && (
            // Their room is there from the beginning: nothing below jumps when the score comes.
            <div className={`flex flex-wrap items-center gap-2 ${score.data ? '' : 'invisible'}`}>
              {alone && (
                <Link to={`/sequences/${sequence.id}/for/${alone.id}/home`} className={PLAIN}>
                  {t('For home')}
                </Link>
              )}
              <Link to={`/sequences/${sequence.id}/for/${ids.join(',')}/sheet?${search}`} className={PLAIN}>
                {t('Sheet')}
              </Link>
              <Link to={`/sequences/${sequence.id}/for/${ids.join(',')}/door?${search}`} className={PLAIN}>
                {t('Who is here?')}
              </Link>
              {(mayTeach || !score.data) && (
                <Link to={`/sequences/${sequence.id}/for/${ids.join(',')}/teach?${search}`} className={PRIMARY}>
                  {t('Teach')}
                </Link>
              )}
            </div>
          )}
          {score.data && !mayTeach && <span className="font-semibold">{t('Teaching waits')}</span>}
        </div>
      </div>
      {keeping.error && (
        <p role="alert" className="mb-3 text-accent">
          {t('The class was not kept: {reason}', { reason: explain(keeping.error) })}
        </p>
      )}
      {since.isError && <Failure error={since.error} />}
      {since.data && score.data && (
        <section aria-labelledby="since" tabIndex={0} className="mb-3 max-h-56 overflow-auto rounded border border-ink bg-sheet p-4">
          <h2 id="since" className="mb-2 text-base">
            {t('Since the class of {day}', { day: dayWords(since.data.day) })}
          </h2>
          <Differences
            before={since.data}
            after={score.data.answer}
            names={new Map(people.data.map(({ id, name }) => [String(id), name]))}
            none={t('Everybody’s plan is what it was.')}
          />
        </section>
      )}
      <SavedElsewhere state={saving.state} text={saving.value} onTakeOver={saving.goOnFrom} />
      {shown && <Screenings people={people.data} participants={participants} />}
      {!score.data && (
        // As high as the tools that come in its place: the steps below stay where they are.
        <div className={part ? 'mb-2 flex h-9.5 flex-col justify-center gap-1.5 text-sm whitespace-nowrap' : 'py-8'} role="status">
          <p className="truncate">
            {part
              ? t('The first {given} are below, the rest is being checked.', { given: part.given.length })
              : t('Working out what is safe for {name}: step {done} of {all}.', {
                  name: alone ? alone.name : t('everybody'),
                  done: done[0],
                  all: done[1],
                })}
          </p>
          <progress
            className={`${part ? 'h-1.5 w-full max-w-96' : 'mt-2 h-2 w-64'} ${BAR}`}
            max={done[1]}
            value={done[0]}
            aria-label={t('Steps worked out')}
          />
        </div>
      )}
      {score.data && isEmpty && (
        <p className="py-8">
          {t('“{title}” holds no step that was understood. ', { title: sequence.title })}
          <Link to={`/sequences/${sequence.id}`} className="underline">
            {t('Write some')}
          </Link>
        </p>
      )}
      {shown && !isEmpty && (
        <Staff score={shown} people={people.data} sequence={sequence} asked={asked} busy={score.isOld} isPart={shown === part} />
      )}
    </>
  );
}
