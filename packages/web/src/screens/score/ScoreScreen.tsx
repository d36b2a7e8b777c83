import { useToday } from '../../clock.js';
import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { personQuery, sequenceQuery } from '../../api/queries.js';
import { Failure } from '../../parts/Failure.js';
import { Loading } from '../../parts/Loading.js';
import { scoreQuery } from '../../worker/queries.js';
import { ClassScoreView } from './ClassScoreView.js';
import { ScoreView } from './ScoreView.js';
import { readPeople } from './class-address.js';
import { hasFailed } from '../../api/failed.js';

/** The score of one person, or of a class where the address names several: `/for/3,5,8`. */
export function ScoreScreen() {
  const { sequence: sequenceId, person = '' } = useParams();
  const sequence = useQuery(sequenceQuery(Number(sequenceId)));
  const ids = readPeople(person);
  if (ids.length === 1) return <OneScore sequenceId={Number(sequenceId)} personId={ids[0]!} />;
  if (hasFailed(sequence)) return <Failure error={sequence.error} onRetry={() => void sequence.refetch()} />;
  if (!sequence.data) return <Loading what="Opening" />;
  return <ClassScoreView key={person} sequence={sequence.data} ids={ids} />;
}

function OneScore({ sequenceId, personId }: { sequenceId: number; personId: number }) {
  const sequence = useQuery(sequenceQuery(sequenceId));
  const person = useQuery(personQuery(personId));
  const day = useToday();
  const score = useQuery(scoreQuery(sequence.data?.text, person.data, day));
  const failed = [sequence, person, score].find(hasFailed);
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
  return <ScoreView sequence={sequence.data} person={person.data} score={score.data} day={day} />;
}
