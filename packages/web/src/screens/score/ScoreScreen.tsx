import { useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { hasFailed } from '../../api/failed.js';
import { sequenceQuery } from '../../api/queries.js';
import { Failure } from '../../parts/Failure.js';
import { Loading } from '../../parts/Loading.js';
import { readPeople } from './class-address.js';
import { ScoreView } from './ScoreView.js';
import { t } from '../../words/t.js';

/** The score of one person, or of a class where the address names several: `/for/3,5,8`. */
export function ScoreScreen() {
  const { sequence: sequenceId, person = '' } = useParams();
  const sequence = useQuery(sequenceQuery(Number(sequenceId)));
  if (hasFailed(sequence)) return <Failure error={sequence.error} onRetry={() => void sequence.refetch()} />;
  if (!sequence.data) return <Loading what={t('Opening')} />;
  return <ScoreView key={person} sequence={sequence.data} ids={readPeople(person)} />;
}
