import type { AuditEntry } from '@lotus-steady/requests';
import { useInfiniteQuery } from '@tanstack/react-query';
import { hasFailed } from '../../api/failed.js';
import { trailQuery } from '../../api/queries.js';
import { PLAIN } from '../../parts/button-styles.js';
import { ScreenFailure } from '../../parts/Failure.js';
import { ScreenLoading } from '../../parts/Loading.js';
import { PageTitle } from '../../parts/PageTitle.js';
import { t } from '../../words/t.js';

const WORDS: Readonly<Record<string, string>> = {
  list: t('seen in a list'),
  read: t('record opened'),
  create: t('record made'),
  change: t('record changed'),
  plan: t('planned for'),
  export: t('record exported'),
  note: t('letter made'),
  erase: 'erased',
  log: t('class logged'),
  'class-removed': t('class removed that they were in'),
  'sequence-removed': t('A sequence was removed'),
  'first-account': t('The account was made'),
  'sign-in': t('Signed in'),
  'sign-in-failed': t('A wrong password was tried'),
  'sign-out': t('Signed out'),
  password: t('The password was changed'),
};

/** So many names are said; the rest is counted. */
const MOST_NAMES = 3;
const MINUTE_MS = 60_000;

/** Entries of one kind that follow each other within a minute: one look at a list, one class. */
function together(entries: readonly AuditEntry[]): AuditEntry[][] {
  const groups: AuditEntry[][] = [];
  for (const entry of entries) {
    const last = groups.at(-1)?.[0];
    const isSame =
      last?.action === entry.action && entry.personId !== null && Math.abs(Date.parse(last.at) - Date.parse(entry.at)) < MINUTE_MS;
    if (isSame) groups.at(-1)!.push(entry);
    else groups.push([entry]);
  }
  return groups;
}

/** What happened, as a sentence. */
function said(group: readonly AuditEntry[]): string {
  const words = WORDS[group[0]!.action] ?? group[0]!.action;
  const names = [
    ...new Set(
      group.flatMap(({ personId, name }) =>
        personId === null ? [] : [name ?? t('someone who was erased (number {personId})', { personId })],
      ),
    ),
  ];
  if (names.length === 0) return words;
  const rest = names.length - MOST_NAMES;
  const whom = rest > 1 ? t('{names} and {rest} more', { names: names.slice(0, MOST_NAMES).join(', '), rest }) : names.join(', ');
  return `${whom}: ${words}`;
}

/** Who was looked at or changed, and who signed in: the latest first, and nothing of it can be taken away. */
export function TrailScreen() {
  const trail = useInfiniteQuery(trailQuery);
  if (hasFailed(trail)) return <ScreenFailure title={t('The trail')} error={trail.error} onRetry={() => void trail.refetch()} />;
  if (trail.data === undefined) return <ScreenLoading title={t('The trail')} what={t('Opening the trail')} />;
  return (
    <>
      <PageTitle>{t('The trail')}</PageTitle>
      <h1 className="mb-1 text-2xl">{t('The trail')}</h1>
      <p className="mb-4 max-w-prose text-soft">{t('What was done to whose record, and to the account. It only grows.')}</p>
      <table className="w-full max-w-3xl text-left">
        <thead>
          <tr className="border-b border-rule">
            <th scope="col" className="py-1 pr-6">
              {t('When')}
            </th>
            <th scope="col" className="py-1">
              {t('What')}
            </th>
          </tr>
        </thead>
        <tbody>
          {together(trail.data.pages.flat()).map((group) => (
            <tr key={group[0]!.id} className="border-b border-rule">
              <td className="py-1 pr-6 whitespace-nowrap tabular-nums">
                {new Date(group[0]!.at).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' })}
              </td>
              <td className="py-1">{said(group)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {trail.hasNextPage && (
        <button type="button" className={`${PLAIN} mt-4`} disabled={trail.isFetchingNextPage} onClick={() => void trail.fetchNextPage()}>
          {t('Earlier ones')}
        </button>
      )}
    </>
  );
}
