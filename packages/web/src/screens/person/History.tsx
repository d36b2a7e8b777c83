import { isChange, placeTold, type Felt } from '@lotus-steady/core';
import type { HistoryEntry } from '@lotus-steady/requests';
import { useQuery } from '@tanstack/react-query';
import { lazy, Suspense } from 'react';
import { historyQuery } from '../../api/queries.js';
import { Failure } from '../../parts/Failure.js';
import { useAsanaNames } from '../../parts/use-asana-names.js';
import { dayWords } from '../../parts/words.js';
import { MARK_WORDS } from '../teach/class-run.js';
import { say } from '../../words/say.js';
import { t } from '../../words/t.js';
import { tell } from '../../words/tell.js';

const PainChart = lazy(async () => ({ default: (await import('../../parts/PainChart.js')).PainChart }));

const FELT_WORDS: Readonly<Record<Felt, string>> = { worse: t('worse'), same: t('the same'), better: t('better') };

function painWords({ before, after }: HistoryEntry): string {
  if (before.pain === undefined && after.pain === undefined) return '–';
  const both = `${before.pain ?? '–'} → ${after.pain ?? '–'}`;
  if (before.pain === undefined || after.pain === undefined || !isChange(before.pain, after.pain)) return both;
  return after.pain > before.pain ? t('{both}, more', { both }) : t('{both}, less', { both });
}

/** Where it hurt, before and after; empty where nobody asked. */
function placesOf({ before, after }: HistoryEntry): string {
  return [...new Set([before.where, after.where])].flatMap((place) => (place === undefined ? [] : say(placeTold(place)))).join(' → ');
}

/** Their classes one after the other, with what was told and seen. */
export function History({ person }: { person: number }) {
  const history = useQuery(historyQuery(person));
  const asanas = useAsanaNames();
  if (history.isError && !history.data) return <Failure error={history.error} />;
  const classes = history.data?.filter(({ present }) => present) ?? [];
  if (classes.length === 0) return <p className="text-soft">{t('No class was noted yet.')}</p>;
  const atHome = classes.filter((one) => one.atHome).length;
  const told = classes.filter(({ before, after }) => before.pain !== undefined || after.pain !== undefined);
  return (
    <>
      <p className="mb-2">
        {tell(
          '{count, plural, one {# class} other {# classes}}{atHome, plural, =0 {} one { and # practice at home} other { and # practices at home}} since {day}.',
          { count: classes.length - atHome, atHome, day: dayWords(classes.at(-1)!.day) },
        )}
      </p>
      {told.length > 1 && (
        <Suspense fallback={<p className="text-soft">{t('Drawing …')}</p>}>
          <PainChart
            label={t('Pain before and after {told} classes, last on {day}', { told: told.length, day: dayWords(told[0]!.day) })}
            caption={t('Pain, 0 to 10: dashed before the class, full after it.')}
            classes={told.map(({ day, before, after }) => ({ day, before: before.pain ?? null, after: after.pain ?? null }))}
          />
        </Suspense>
      )}
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={t('Their classes')}>
        <table className="w-full text-left text-sm">
          <thead>
            <tr className="border-b border-ink">
              <th className="py-1 pr-4">{t('Day')}</th>
              <th className="py-1 pr-4">{t('Pain, 0 to 10')}</th>
              <th className="py-1 pr-4">{t('Went home')}</th>
              <th className="py-1">{t('Seen')}</th>
            </tr>
          </thead>
          <tbody>
            {classes.map((one) => (
              <tr key={one.key} className="border-b border-rule align-top">
                <td className="py-1.5 pr-4 whitespace-nowrap">
                  {dayWords(one.day)}
                  {one.atHome && t(', at home')}
                </td>
                <td className="py-1.5 pr-4">
                  <span className="whitespace-nowrap">{painWords(one)}</span>
                  {placesOf(one) !== '' && <span className="block text-soft">{placesOf(one)}</span>}
                </td>
                <td className="py-1.5 pr-4">{one.atHome ? '' : one.felt === null ? t('not asked') : FELT_WORDS[one.felt]}</td>
                <td className="py-1.5">
                  {one.marks
                    .map(({ asana, side, mark }) => `${asanas?.get(asana) ?? asana}${side ? `, ${side}` : ''}: ${MARK_WORDS[mark]}`)
                    .join('; ')}
                  {(one.harder === 'left' || one.harder === 'right') && (
                    <span className="block">{t('The {harder} side was the harder one.', { harder: one.harder })}</span>
                  )}
                  {one.note !== '' && <em className="block">{one.note}</em>}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p className="mt-2 text-xs text-soft">
        {t('More or less: by two points or 30 % (Farrar et al., Pain 2001). A smaller step is nothing to go by.')}
      </p>
    </>
  );
}
