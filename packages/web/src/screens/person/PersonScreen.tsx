import { useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { personQuery } from '../../api/queries.js';
import { ScreenFailure } from '../../parts/Failure.js';
import { ScreenLoading } from '../../parts/Loading.js';
import { PersonForm } from './PersonForm.js';
import { hasFailed } from '../../api/failed.js';
import { t } from '../../words/t.js';

export function PersonScreen() {
  const { person: id } = useParams();
  const isNew = id === 'new';
  const person = useQuery({ ...personQuery(Number(id)), enabled: !isNew });
  if (isNew) return <PersonForm key="new" stored={null} />;
  if (hasFailed(person)) return <ScreenFailure title={t('Person')} error={person.error} onRetry={() => void person.refetch()} />;
  if (person.data === undefined) return <ScreenLoading title={t('Person')} what={t('Opening the record')} />;
  return <PersonForm key={person.data.id} stored={person.data} />;
}
