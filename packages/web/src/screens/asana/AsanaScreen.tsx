import { bodyOf } from '@lotus-steady/core';
import { useQuery } from '@tanstack/react-query';
import { useParams, useSearchParams } from 'react-router';
import { ScreenFailure } from '../../parts/Failure.js';
import { ScreenLoading } from '../../parts/Loading.js';
import { useForWhom } from '../../parts/use-for-whom.js';
import { asanaQuery } from '../../worker/queries.js';
import { useToday } from '../../clock.js';
import { AsanaView } from './AsanaView.js';
import { hasFailed } from '../../api/failed.js';
import { t } from '../../words/t.js';

const ANY_BODY = {};

export function AsanaScreen() {
  const { asana: id = '' } = useParams();
  const [search, setSearch] = useSearchParams();
  const { whom, query: person } = useForWhom(search.get('for') ?? '');
  const day = useToday();
  const body = whom === null ? ANY_BODY : whom && bodyOf(whom.participant, day);
  const asana = useQuery({ ...asanaQuery(id, body ?? ANY_BODY), enabled: body !== undefined });
  const failed = [person, asana].find(hasFailed);
  if (failed) return <ScreenFailure title={t('Asana')} error={failed.error} onRetry={() => void failed.refetch()} />;
  if (asana.data === null) return <p className="py-8">{t('There is no asana “{id}” in the library.', { id })}</p>;
  if (!asana.data) return <ScreenLoading title={t('Asana')} what={t('Working out this asana')} />;
  const choose = (next: string) => setSearch(next === '' ? {} : { for: next }, { replace: true });
  return <AsanaView key={id} page={asana.data} whom={whom ?? null} body={body ?? ANY_BODY} onWhom={choose} />;
}
