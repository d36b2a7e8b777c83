import { useQuery } from '@tanstack/react-query';
import { useEffect, useMemo, type ReactNode, useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { personQuery, sequenceQuery } from '../../api/queries.js';
import { usePeople } from '../../api/use-people.js';
import { Failure } from '../../parts/Failure.js';
import { Loading } from '../../parts/Loading.js';
import { DecisionWord } from '../../parts/Verdict.js';
import { classScoreQuery, scoreQuery } from '../../worker/queries.js';
import { today } from '../../clock.js';
import { readFigures, readPeople, readPins, readShared } from '../score/class-address.js';
import { taughtAlone, taughtTogether } from './taught.js';
import { TeachView } from './TeachView.js';
import { hasFailed } from '../../api/failed.js';

/** Teaching one person's plan, or a class where the address names several. */
export function TeachScreen() {
  const { sequence = '', person = '' } = useParams();
  const [search] = useSearchParams();
  useEffect(() => {
    document.body.style.overflow = 'hidden';
    return () => {
      document.body.style.overflow = '';
    };
  }, []);
  const ids = readPeople(person);
  const back = `/sequences/${sequence}/for/${person}${search.size > 0 ? `?${search}` : ''}`;
  return (
    <div className="fixed inset-0 z-10 overflow-auto bg-paper">
      {ids.length === 1 ? (
        <TeachOne sequenceId={Number(sequence)} personId={ids[0]!} back={back} />
      ) : (
        <TeachClass sequenceId={Number(sequence)} ids={ids} back={back} />
      )}
    </div>
  );
}

function Preparing() {
  return (
    <div className="p-8 text-xl">
      <Loading what="Getting ready" />
    </div>
  );
}

function Waiting({ children, back }: { children: ReactNode; back: string }) {
  return (
    <div className="p-8 text-xl">
      <p>{children}</p>
      <Link to={back} className="mt-4 inline-block underline">
        Back to the score
      </Link>
    </div>
  );
}

/** A line that nobody understood could be the one that hurts somebody: it is settled before the class. */
function Unsettled({ lines, sequenceId }: { lines: readonly { readonly line: number; readonly text: string }[]; sequenceId: number }) {
  return (
    <div className="p-8 text-xl">
      <p>{lines.length === 1 ? 'One line of your notes is' : `${lines.length} lines of your notes are`} still open:</p>
      <ul className="my-3 list-disc pl-6">
        {lines.map(({ line, text }) => (
          <li key={line}>
            “{text}” (line {line})
          </li>
        ))}
      </ul>
      <Link to={`/sequences/${sequenceId}`} className="inline-block underline">
        Settle {lines.length === 1 ? 'it' : 'them'}, then teach
      </Link>
    </div>
  );
}

function TeachOne({ sequenceId, personId, back }: { sequenceId: number; personId: number; back: string }) {
  const sequence = useQuery(sequenceQuery(sequenceId));
  const person = useQuery(personQuery(personId));
  // A class that goes on past midnight stays the class that was begun.
  const [day] = useState(today);
  const score = useQuery(scoreQuery(sequence.data?.text, person.data, day));
  const taught = useMemo(() => score.data && taughtAlone(score.data), [score.data]);
  const failed = [sequence, person, score].find(hasFailed);
  if (failed) return <Failure error={failed.error} onRetry={() => void failed.refetch()} />;
  if (!person.data || !score.data || !taught) return <Preparing />;
  const { decision } = score.data.answer.participants[0]!.screening;
  if (decision !== 'practise')
    return (
      <Waiting back={back}>
        <DecisionWord decision={decision} />: this plan is not taught yet.
      </Waiting>
    );
  if (score.data.answer.unknown.length > 0) return <Unsettled lines={score.data.answer.unknown} sequenceId={sequenceId} />;
  return <TeachView taught={taught} breathSeconds={person.data.breathSeconds} back={back} />;
}

function TeachClass({ sequenceId, ids, back }: { sequenceId: number; ids: readonly number[]; back: string }) {
  const [search] = useSearchParams();
  const sequence = useQuery(sequenceQuery(sequenceId));
  const people = usePeople(ids);
  const options = useMemo(() => ({ figures: readFigures(search), pins: readPins(search), shared: readShared(search) }), [search]);
  const [day] = useState(today);
  const score = useQuery(classScoreQuery(sequence.data?.text, people.data, options, day, () => undefined));
  const taught = useMemo(
    () => score.data && people.data && taughtTogether(score.data, people.data.map(({ name }) => name)), // prettier-ignore
    [score.data, people.data],
  );
  const failed = [sequence, people.failed, score].find((one) => one && hasFailed(one));
  if (failed) return <Failure error={failed.error} onRetry={() => void failed.refetch()} />;
  if (!people.data || !score.data || !taught) return <Preparing />;
  if (score.data.answer.participants.every(({ screening }) => screening.decision !== 'practise'))
    return <Waiting back={back}>Nobody of this class may practise today.</Waiting>;
  if (score.data.answer.unknown.length > 0) return <Unsettled lines={score.data.answer.unknown} sequenceId={sequenceId} />;
  // The class breathes with its slowest.
  const breathSeconds = Math.max(...people.data.map((one) => one.breathSeconds));
  return <TeachView taught={taught} breathSeconds={breathSeconds} back={back} />;
}
