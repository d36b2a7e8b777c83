import type { SequenceSummary, StoredSequence } from '@lotus-steady/requests';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Copy, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { request } from '../../api/client.js';
import { hasFailed } from '../../api/failed.js';
import { sequencesQuery } from '../../api/queries.js';
import { PLAIN, PRIMARY } from '../../parts/button-styles.js';
import { explain, ScreenFailure } from '../../parts/Failure.js';
import { FindField, holds } from '../../parts/FindField.js';
import { ScreenLoading } from '../../parts/Loading.js';
import { PageTitle } from '../../parts/PageTitle.js';
import { SelectField } from '../../parts/SelectField.js';
import { useRemoval } from './use-removal.js';
import { t } from '../../words/t.js';
import { tell } from '../../words/tell.js';

const ORDERS: Readonly<Record<string, { readonly label: string; readonly compare: (a: SequenceSummary, b: SequenceSummary) => number }>> = {
  title: { label: t('By title'), compare: (a, b) => a.title.localeCompare(b.title) },
  recent: { label: t('Last changed first'), compare: (a, b) => b.updatedAt.localeCompare(a.updatedAt) },
};

const isSame = (one: string, other: string): boolean => one.toLowerCase() === other.toLowerCase();

/** All words that sequences are filed under, each once. */
function tagsOf(sequences: readonly SequenceSummary[]): readonly string[] {
  const all = new Map(sequences.flatMap(({ tags }) => tags.map((tag) => [tag.toLowerCase(), tag])));
  return [...all.values()].sort((a, b) => a.localeCompare(b));
}

/** Its text again, under a title that tells it apart. */
function copyOf({ title, text }: StoredSequence): string {
  const copy = `# Copy of ${title}`;
  return /^#\s.*$/m.test(text) ? text.replace(/^#\s.*$/m, () => copy) : `${copy}\n${text}`;
}

/** All sequences: found, sorted, opened, copied and removed. */
export function SequencesScreen() {
  const sequences = useQuery(sequencesQuery);
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [wanted, setWanted] = useState('');
  const [order, setOrder] = useState('title');
  const [tag, setTag] = useState<string | null>(null);
  const removal = useRemoval();
  const copy = useMutation({
    mutationFn: async (id: number) => {
      // Not by the cache: whatever refreshes all sequences meanwhile would cancel it.
      const text = copyOf(await request<StoredSequence>('GET', `sequences/${id}`));
      return request<StoredSequence>('POST', 'sequences', { text });
    },
    onSuccess: async ({ id }) => {
      await queries.invalidateQueries({ queryKey: sequencesQuery.queryKey });
      await navigate(`/sequences/${id}`);
    },
  });
  if (hasFailed(sequences))
    return <ScreenFailure title={t('Sequences')} error={sequences.error} onRetry={() => void sequences.refetch()} />;
  if (sequences.data === undefined) return <ScreenLoading title={t('Sequences')} what={t('Looking up sequences')} />;
  const kept = sequences.data.filter(({ id }) => id !== removal.removed?.id);
  const tags = tagsOf(kept);
  const filed = tag !== null && tags.includes(tag) ? tag : null;
  const shown = kept
    .filter(
      ({ title, tags: own }) =>
        (holds(title, wanted) || own.some((one) => holds(one, wanted))) && (filed === null || own.some((one) => isSame(one, filed))),
    )
    .sort(ORDERS[order]!.compare);
  const failure = copy.error ?? removal.error;
  return (
    <>
      <div className="mb-4 flex flex-wrap items-end justify-between gap-3">
        <PageTitle>{t('Sequences')}</PageTitle>
        <h1 className="text-2xl">{t('Sequences')}</h1>
        <div className="flex flex-wrap gap-3">
          <Link to="/lesson" className={PLAIN}>
            {t('A lesson for children')}
          </Link>
          <Link to="/sequences/build" className={PLAIN}>
            {t('Build one')}
          </Link>
          <Link to="/sequences/new" className={PRIMARY}>
            {t('Paste a sequence')}
          </Link>
        </div>
      </div>
      <div className="flex flex-wrap gap-x-6">
        <FindField label={t('Find by title or tag')} of={sequences.data.length} value={wanted} onChange={setWanted} />
        {sequences.data.length > 1 && (
          <div className="mb-3 w-52">
            <SelectField label={t('Order')} value={order} onChange={setOrder}>
              {Object.entries(ORDERS).map(([id, { label }]) => (
                <option key={id} value={id}>
                  {label}
                </option>
              ))}
            </SelectField>
          </div>
        )}
      </div>
      {tags.length > 0 && (
        <ul aria-label={t('Filed under')} className="mb-3 flex flex-wrap gap-2">
          {tags.map((one) => (
            <li key={one}>
              <button
                type="button"
                aria-pressed={filed === one}
                className={filed === one ? PRIMARY : PLAIN}
                onClick={() => setTag(filed === one ? null : one)}
              >
                {one}
              </button>
            </li>
          ))}
        </ul>
      )}
      <div role="status">
        {removal.removed && (
          <p className="mb-3 flex flex-wrap items-center gap-3">
            {t('“{title}” is removed.', { title: removal.removed.title })}
            <button type="button" className={PLAIN} onClick={removal.undo}>
              {t('Take it back')}
            </button>
          </p>
        )}
      </div>
      {failure !== null && (
        <p role="alert" className="mb-3 text-accent">
          {explain(failure)}
        </p>
      )}
      {sequences.data.length === 0 && <p className="text-soft">{t('No sequence yet. Paste one from your notes: one step a line.')}</p>}
      <ul aria-label={t('Sequences')} className="divide-y divide-rule border-y border-rule">
        {shown.map(({ id, title, steps, unknown, minutes, tags: own }) => (
          <li key={id} className="flex items-center gap-1 hover:bg-shade">
            <Link to={`/sequences/${id}`} className="grid min-w-0 grow gap-x-4 px-2 py-2.5 sm:grid-cols-[1fr_8rem_14rem]">
              <span className="truncate">
                <span className="font-semibold">{title}</span>
                {own.length > 0 && <span className="ml-3 text-sm text-soft">{own.join(', ')}</span>}
              </span>
              <span className="text-soft">{minutes === null ? t('no set length') : t('{minutes} min', { minutes })}</span>
              <span className="text-soft">
                {tell('{count, plural, one {# step} other {# steps}}', { count: steps })}
                {unknown > 0 && <strong className="text-accent">, {t('{unknown} not understood', { unknown })}</strong>}
              </span>
            </Link>
            <button
              type="button"
              className="rounded p-2"
              aria-label={t('Copy {title}', { title })}
              title={t('Copy')}
              disabled={copy.isPending}
              onClick={() => copy.mutate(id)}
            >
              <Copy size={18} aria-hidden />
            </button>
            <button
              type="button"
              className="rounded p-2"
              aria-label={t('Remove {title}', { title })}
              title={t('Remove')}
              onClick={() => removal.remove({ id, title })}
            >
              <Trash2 size={18} aria-hidden />
            </button>
          </li>
        ))}
      </ul>
      {shown.length === 0 && kept.length > 0 && <p className="mt-3 text-soft">{t('No title or tag contains “{wanted}”.', { wanted })}</p>}
      {kept.length > 1 && tags.length === 0 && (
        <p className="mt-3 text-soft">
          {t('A line such as')} <q>{t('tags: chair, Tuesday')}</q> {t('under a title files a sequence; it is found here by each of them.')}
        </p>
      )}
    </>
  );
}
