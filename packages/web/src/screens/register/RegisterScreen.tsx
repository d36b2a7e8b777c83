import { isFileLog } from '@lotus-steady/requests';
import { useQuery } from '@tanstack/react-query';
import { lazy, Suspense } from 'react';
import { Link } from 'react-router';
import { hasFailed } from '../../api/failed.js';
import { peopleQuery, registerQuery } from '../../api/queries.js';
import { ScreenFailure } from '../../parts/Failure.js';
import { ScreenLoading } from '../../parts/Loading.js';
import { PageTitle } from '../../parts/PageTitle.js';
import { dayWords } from '../../parts/words.js';
import { t } from '../../words/t.js';
import { tell } from '../../words/tell.js';

/** Where the log of a class is: its key holds its sequence, its people and its day. */
function addressOf(key: string): string {
  const [sequence, people, day] = key.split('.');
  return `/sequences/${sequence}/for/${people}/log?day=${day}`;
}

const PainChart = lazy(async () => ({ default: (await import('../../parts/PainChart.js')).PainChart }));

const LogFiles = lazy(async () => ({ default: (await import('./LogFiles.js')).LogFiles }));

const tenth = (value: number) => Math.round(value * 10) / 10;

/** Classes that were held: when, how long, how many came, and how pain went in all of them together. */
export function RegisterScreen() {
  const register = useQuery(registerQuery);
  const people = useQuery(peopleQuery);
  if (hasFailed(register)) return <ScreenFailure title={t('Register')} error={register.error} onRetry={() => void register.refetch()} />;
  if (!register.data) return <ScreenLoading title={t('Register')} what={t('Opening the register')} />;
  const minutes = register.data.reduce((sum, one) => sum + (one.minutes ?? 0), 0);
  const all = (of: 'asked' | 'less' | 'more') => register.data.reduce((sum, { pain }) => sum + (pain?.[of] ?? 0), 0);
  const told = register.data.flatMap(({ day, pain }) => (pain ? [{ day, before: pain.before, after: pain.after }] : []));
  const [asked, less, more] = [all('asked'), all('less'), all('more')];
  return (
    <>
      <PageTitle>{t('Register')}</PageTitle>
      <h1 className="mb-3 text-2xl">{t('Register of classes')}</h1>
      {register.data.length === 0 ? (
        <p>{t('No class was logged yet. After teaching, “Note how it was” keeps it here.')}</p>
      ) : (
        <>
          <p className="mb-3 text-soft">
            {tell('{data, plural, one {# class} other {# classes}}, {hours, plural, one {# hour} other {# hours}} by the clock.', {
              data: register.data.length,
              hours: Math.round(minutes / 6) / 10,
            })}
            {asked > 0 &&
              t(
                ' Of {asked} times that pain was told before and after, it was less {less} times and more {more} times, by two points or 30 % (Farrar et al., Pain 2001).',
                { asked, less, more },
              )}{' '}
            {t('Without names, and only where at least three told it.')}
          </p>
          {told.length > 1 && (
            <Suspense fallback={<p className="text-soft">{t('Drawing …')}</p>}>
              <PainChart
                label={t('Mean pain before and after {told} classes', { told: told.length })}
                caption={t('Mean pain of a class, 0 to 10: dashed before it, full after it.')}
                classes={told}
              />
            </Suspense>
          )}
          <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={t('Classes')}>
            <table className="w-full text-left">
              <thead>
                <tr className="border-b border-ink">
                  <th className="py-1 pr-4">{t('Day')}</th>
                  <th className="py-1 pr-4">{t('Class')}</th>
                  <th className="py-1 pr-4">{t('Came')}</th>
                  <th className="py-1 pr-4">{t('Minutes')}</th>
                  <th className="py-1 pr-4">{t('Pain before, after')}</th>
                  <th className="py-1 pr-4">{t('Less, more')}</th>
                  <th className="py-1">{t('Incident')}</th>
                </tr>
              </thead>
              <tbody>
                {register.data.map(({ key, title, day, minutes: length, present, incident, pain }) => (
                  <tr key={key} className="border-b border-rule">
                    <td className="py-1.5 pr-4 whitespace-nowrap">{dayWords(day)}</td>
                    <td className="py-1.5 pr-4">
                      {isFileLog(key) ? (
                        title
                      ) : (
                        <Link to={addressOf(key)} className="underline">
                          {title}
                        </Link>
                      )}
                    </td>
                    <td className="py-1.5 pr-4">{present}</td>
                    <td className="py-1.5 pr-4">{length ?? '–'}</td>
                    <td className="py-1.5 pr-4 whitespace-nowrap">{pain ? `${tenth(pain.before)}, ${tenth(pain.after)}` : '–'}</td>
                    <td className="py-1.5 pr-4">
                      {pain ? t('{less}, {more} of {asked}', { less: pain.less, more: pain.more, asked: pain.asked }) : '–'}
                    </td>
                    <td className="py-1.5">{incident ? t('yes') : ''}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        </>
      )}
      {people.data && (
        <Suspense fallback={null}>
          <LogFiles register={register.data} people={people.data} />
        </Suspense>
      )}
    </>
  );
}
