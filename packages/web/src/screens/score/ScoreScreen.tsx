import { useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { hasFailed } from '../../api/failed.js';
import { sequenceQuery } from '../../api/queries.js';
import { ScreenFailure } from '../../parts/Failure.js';
import { ScreenLoading } from '../../parts/Loading.js';
import { readPeople } from './class-address.js';
import { ScoreView } from './ScoreView.js';
import { t } from '../../words/t.js';

/** The score of one person, or of a class where the address names several: `/for/3,5,8`. */
export function ScoreScreen() {
  const { sequence: sequenceId, person = '' } = useParams();
  const sequence = useQuery(sequenceQuery(Number(sequenceId)));
  if (hasFailed(sequence)) return <ScreenFailure title={t('Score')} error={sequence.error} onRetry={() => void sequence.refetch()} />;
  if (!sequence.data) return <ScreenLoading title={t('Score')} what={t('Opening')} />;
  return <ScoreView key={person} sequence={sequence.data} ids={readPeople(person)} />;
}
