import { useQuery } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { peopleQuery, sequencesQuery } from '../../api/queries.js';
import { PRIMARY } from '../../parts/button-styles.js';
import { FindField, holds } from '../../parts/FindField.js';
import { ScreenFailure } from '../../parts/Failure.js';
import { ScreenLoading } from '../../parts/Loading.js';
import { turned } from '../../parts/turned.js';
import { DecisionWord } from '../../parts/Verdict.js';
import { KeptClasses, TodaysClasses } from './KeptClasses.js';
import { useHeadStart } from './use-head-start.js';
import { hasFailed } from '../../api/failed.js';
import { PageTitle } from '../../parts/PageTitle.js';
import { useFetchedAhead } from './use-fetched-ahead.js';
import { t } from '../../words/t.js';
import { tell } from '../../words/tell.js';

const CHOICE = 'flex w-full flex-col items-start rounded border px-3 py-2 text-left';

function choice(chosen: boolean): string {
  return `${CHOICE} ${chosen ? 'border-ink bg-shade' : 'border-rule bg-sheet hover:border-soft'}`;
}

/** Before class: one sequence, whoever comes, and the score is open. */
export function DeskScreen() {
  useFetchedAhead();
  const sequences = useQuery(sequencesQuery);
  const people = useQuery(peopleQuery);
  // Drawn in pieces: whoever taps meanwhile is answered first.
  const listed = useDeferredValue(sequences.data);
  const everybody = useDeferredValue(people.data);
  const [sequence, setSequence] = useState<number | null>(null);
  const [chosen, setChosen] = useState<readonly number[]>([]);
  const [title, setTitle] = useState('');
  const [name, setName] = useState('');
  const turn = (id: number) => setChosen(turned(chosen, id));
  const navigate = useNavigate();
  useHeadStart(sequence, chosen);

  const failed = [sequences, people].find(hasFailed);
  if (failed) return <ScreenFailure title={t('Desk')} error={failed.error} onRetry={() => void failed.refetch()} />;
  if (!listed || !everybody) return <ScreenLoading title={t('Desk')} what={t('Opening the desk')} />;
  const waiting = everybody.filter(({ decision, news }) => decision !== 'practise' || news.length > 0);
  const ready = sequence !== null && chosen.length > 0;

  return (
    <>
      <PageTitle>{t('Desk')}</PageTitle>
      <TodaysClasses />
      <h1 className="text-2xl">{t('What do you teach, and to whom?')}</h1>
      <p className="mt-1 mb-5 text-soft">
        {t('Choose a sequence and everybody who comes: the score shows what stays, what changes and why.')}
      </p>
      {waiting.length > 0 && (
        <section aria-labelledby="waiting" className="mb-5 rounded border border-accent bg-sheet p-4">
          <h2 id="waiting" className="text-base">
            {t('Before class')}
          </h2>
          <ul className="mt-2 grid gap-x-6 gap-y-2 md:grid-cols-2">
            {waiting.map(({ id, name, decision, news }) => (
              <li key={id}>
                <Link to={`/people/${id}`} className="underline">
                  {name}
                </Link>{' '}
                <span className="text-sm">
                  <DecisionWord decision={decision} />
                </span>
                {news.map((text) => (
                  <span key={text} className="block text-sm text-soft">
                    {text}
                  </span>
                ))}
              </li>
            ))}
          </ul>
        </section>
      )}
      <KeptClasses />
      <div className="grid gap-6 md:grid-cols-2">
        <section aria-labelledby="desk-sequences">
          <div className="mb-2 flex items-baseline justify-between">
            <h2 id="desk-sequences" className="text-lg">
              {t('Sequence')}
            </h2>
            <span className="flex gap-4">
              <Link to="/sequences/build" className="underline">
                {t('Build one')}
              </Link>
              <Link to="/sequences/new" className="underline">
                {t('Paste a sequence')}
              </Link>
            </span>
          </div>
          {listed.length === 0 && (
            <p className="text-soft">
              {t('No sequence yet. Paste your notes as they are: each line is read as a step, and you see what it was taken for.')}
            </p>
          )}
          <FindField label={t('Find a sequence')} of={listed.length} value={title} onChange={setTitle} />
          <ul className="space-y-2">
            {listed
              .filter((one) => one.id === sequence || holds(one.title, title))
              .map(({ id, title: called, steps, minutes }) => (
                <li key={id}>
                  <button type="button" aria-pressed={sequence === id} onClick={() => setSequence(id)} className={choice(sequence === id)}>
                    <span className="font-semibold">{called}</span>
                    <span className="text-sm text-soft">
                      {tell('{count, plural, one {# step} other {# steps}}{hasLength, select, yes {, {minutes} min} other {}}', {
                        count: steps,
                        hasLength: minutes === null ? 'no' : 'yes',
                        minutes: minutes ?? 0,
                      })}
                    </span>
                  </button>
                </li>
              ))}
          </ul>
        </section>
        <section aria-labelledby="desk-people">
          <div className="mb-2 flex items-baseline justify-between">
            <h2 id="desk-people" className="text-lg">
              {t('Who comes')}
            </h2>
            <Link to="/people/new" className="underline">
              {t('Add a person')}
            </Link>
          </div>
          {everybody.length === 0 && (
            <p className="text-soft">{t('Nobody yet. Add whoever comes, with what is known of them: a name is enough to begin with.')}</p>
          )}
          <FindField label={t('Find a person')} of={everybody.length} value={name} onChange={setName} />
          <ul className="grid gap-2 sm:grid-cols-2">
            {everybody
              .filter((one) => chosen.includes(one.id) || holds(one.name, name))
              .map(({ id, name: called, conditionNames }) => (
                <li key={id}>
                  <button
                    type="button"
                    aria-pressed={chosen.includes(id)}
                    onClick={() => turn(id)}
                    className={`${choice(chosen.includes(id))} h-full`}
                  >
                    <span className="font-semibold">{called}</span>
                    <span className="text-sm text-soft">{conditionNames.join(', ') || t('Nothing to watch')}</span>
                  </button>
                </li>
              ))}
          </ul>
        </section>
      </div>
      <div className="sticky bottom-0 mt-6 border-t border-rule bg-paper py-3">
        <button
          type="button"
          disabled={!ready}
          onClick={() => void navigate(`/sequences/${sequence}/for/${chosen.join(',')}`)}
          className={PRIMARY}
        >
          {ready
            ? chosen.length > 1
              ? t('Open the score for {chosen}', { chosen: chosen.length })
              : t('Open the score')
            : t('Choose a sequence and who comes')}
        </button>
      </div>
    </>
  );
}
