import { useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { sequenceQuery } from '../../api/queries.js';
import { ScreenFailure } from '../../parts/Failure.js';
import { ScreenLoading } from '../../parts/Loading.js';
import { SequenceEditor } from './SequenceEditor.js';
import { hasFailed } from '../../api/failed.js';
import { t } from '../../words/t.js';

export function SequenceScreen() {
  const { sequence: id } = useParams();
  const isNew = id === 'new';
  const sequence = useQuery({ ...sequenceQuery(Number(id)), enabled: !isNew });
  if (isNew) return <SequenceEditor key="new" stored={null} />;
  if (hasFailed(sequence)) return <ScreenFailure title={t('Sequence')} error={sequence.error} onRetry={() => void sequence.refetch()} />;
  if (sequence.data === undefined) return <ScreenLoading title={t('Sequence')} what={t('Opening the sequence')} />;
  return <SequenceEditor key={sequence.data.id} stored={sequence.data} />;
}
