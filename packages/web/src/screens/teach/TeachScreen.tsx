import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { Link, useParams } from 'react-router';
import { personQuery, sequenceQuery } from '../../api/queries.js';
import { Failure } from '../../parts/Failure.js';
import { Loading } from '../../parts/Loading.js';
import { DecisionWord } from '../../parts/Verdict.js';
import { scoreQuery } from '../../worker/queries.js';
import { TeachView } from './TeachView.js';

export function TeachScreen() {
  const { sequence: sequenceId, person: personId } = useParams();
  const sequence = useQuery(sequenceQuery(Number(sequenceId)));
  const person = useQuery(personQuery(Number(personId)));
  const score = useQuery(scoreQuery(sequence.data?.text, person.data));
  const failed = [sequence, person, score].find(({ isError }) => isError);
  useEffect(() => {
    document.body.style.overflow = 'hidden';
    return () => {
      document.body.style.overflow = '';
    };
  }, []);
  const back = `/sequences/${sequenceId}/for/${personId}`;
  let inside;
  if (failed) inside = <Failure error={failed.error} onRetry={() => void failed.refetch()} />;
  else if (!person.data || !score.data) inside = <Loading what="Getting ready" />;
  else if (score.data.answer.participants[0]!.screening.decision !== 'practise')
    inside = (
      <div className="p-8 text-xl">
        <p>
          <DecisionWord decision={score.data.answer.participants[0]!.screening.decision} />: this plan is not taught yet.
        </p>
        <Link to={back} className="mt-4 inline-block underline">
          Back to the score
        </Link>
      </div>
    );
  else inside = <TeachView score={score.data} breathSeconds={person.data.breathSeconds} back={back} />;
  return <div className="fixed inset-0 z-10 overflow-auto bg-paper">{inside}</div>;
}
