import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { personQuery, sequenceQuery } from '../../api/queries.js';
import { Failure } from '../../parts/Failure.js';
import { Loading } from '../../parts/Loading.js';
import { scoreQuery } from '../../worker/queries.js';
import { ScoreView } from './ScoreView.js';

export function ScoreScreen() {
  const { sequence: sequenceId, person: personId } = useParams();
  const sequence = useQuery(sequenceQuery(Number(sequenceId)));
  const person = useQuery(personQuery(Number(personId)));
  const score = useQuery(scoreQuery(sequence.data?.text, person.data));
  const failed = [sequence, person, score].find(({ isError }) => isError);
  if (failed) return <Failure error={failed.error} onRetry={() => void failed.refetch()} />;
  if (!sequence.data || !person.data) return <Loading what="Opening" />;
  if (!score.data) return <Loading what={`Working out what is safe for ${person.data.name}`} />;
  if (score.data.steps.length === 0)
    return (
      <p className="py-8">
        “{sequence.data.title}” holds no step that was understood.{' '}
        <Link to={`/sequences/${sequence.data.id}`} className="underline">
          Write some
        </Link>
      </p>
    );
  return <ScoreView sequence={sequence.data} person={person.data} score={score.data} />;
}
