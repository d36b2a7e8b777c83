import { beatsOf } from '@lotus-steady/core/cues';
import { useQuery } from '@tanstack/react-query';
import { useDeferredValue, useEffect, useMemo, useState, type ReactNode } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { hasFailed } from '../../api/failed.js';
import { sequenceQuery } from '../../api/queries.js';
import { usePeople } from '../../api/use-people.js';
import { useToday } from '../../clock.js';
import { ScreenFailure } from '../../parts/Failure.js';
import { Loading } from '../../parts/Loading.js';
import { DecisionWord } from '../../parts/Verdict.js';
import { classScoreQuery } from '../../worker/queries.js';
import { readDay, readFigures, readPeople, readPins, readShared, withPins } from '../score/class-address.js';
import { runKey } from './class-run.js';
import { taughtOf } from './taught.js';
import { TeachView } from './TeachView.js';
import { t } from '../../words/t.js';
import { tell } from '../../words/tell.js';

/** Teaching the people whom the address names, one or many. */
export function TeachScreen() {
  const { sequence = '', person = '' } = useParams();
  useEffect(() => {
    document.body.style.overflow = 'hidden';
    return () => {
      document.body.style.overflow = '';
    };
  }, []);
  return (
    <div className="fixed inset-0 z-10 overflow-auto bg-paper">
      <Teach sequenceId={Number(sequence)} people={person} />
    </div>
  );
}

function Waiting({ children, back }: { children: ReactNode; back: string }) {
  return (
    <div className="p-8 text-xl">
      <p>{children}</p>
      <Link to={back} className="mt-4 inline-block underline">
        {t('Back to the score')}
      </Link>
    </div>
  );
}

/** A line that nobody understood could be the one that hurts somebody: it is settled before the class. */
function Unsettled({ lines, sequenceId }: { lines: readonly { readonly line: number; readonly text: string }[]; sequenceId: number }) {
  return (
    <div className="p-8 text-xl">
      <p>
        {tell('{count, plural, =1 {One line of your notes is still open:} other {# lines of your notes are still open:}}', {
          count: lines.length,
        })}
      </p>
      <ul className="my-3 list-disc pl-6">
        {lines.map(({ line, text }) => (
          <li key={line}>{t('“{text}” (line {line})', { text, line })}</li>
        ))}
      </ul>
      <Link to={`/sequences/${sequenceId}`} className="inline-block underline">
        {tell('{count, plural, =1 {Settle it, then teach} other {Settle them, then teach}}', { count: lines.length })}
      </Link>
    </div>
  );
}

function Teach({ sequenceId, people: named }: { sequenceId: number; people: string }) {
  const [search, setSearch] = useSearchParams();
  const ids = useMemo(() => readPeople(named), [named]);
  const sequence = useQuery(sequenceQuery(sequenceId));
  const people = usePeople(ids);
  const options = useMemo(() => ({ figures: readFigures(search), pins: readPins(search), shared: readShared(search) }), [search]);
  // A class that goes on past midnight stays the class that was begun.
  const [day] = useState(readDay(search, useToday()));
  const score = useQuery(classScoreQuery(sequence.data?.text, people.data, options, day));
  // Drawn in pieces: the page answers meanwhile.
  const plan = useDeferredValue(score.data);
  const taught = useMemo(
    () => plan && people.data && taughtOf(plan, people.data.map(({ name }) => name)), // prettier-ignore
    [plan, people.data],
  );
  const beats = useMemo(() => plan && beatsOf(plan.answer.participants), [plan]);
  const address = `/sequences/${sequenceId}/for/${named}`;
  const query = search.size > 0 ? `?${search}` : '';
  const back = `${address}${query}`;
  const failed = [sequence, people.failed, score].find((one) => one && hasFailed(one));
  if (failed) return <ScreenFailure title={t('Teaching')} error={failed.error} onRetry={() => void failed.refetch()} />;
  const [text, everybody] = [sequence.data?.text, people.data];
  if (text === undefined || !everybody || !plan || !taught || !beats)
    return (
      <div className="p-8 text-xl">
        <Loading what={t('Getting ready')} />
      </div>
    );
  const { participants, unknown } = plan.answer;
  if (participants.every(({ screening }) => screening.decision !== 'practise')) {
    if (participants.length > 1) return <Waiting back={back}>{t('Nobody of this class may practise today.')}</Waiting>;
    return (
      <Waiting back={back}>
        <DecisionWord decision={participants[0]!.screening.decision} />
        {t(': this plan is not taught yet.')}
      </Waiting>
    );
  }
  if (unknown.length > 0) return <Unsettled lines={unknown} sequenceId={sequenceId} />;
  const present = everybody.filter((_, i) => participants[i]!.screening.decision === 'practise');
  return (
    <TeachView
      taught={taught}
      planned={beats}
      people={present}
      sittingOut={everybody.filter((one) => !present.includes(one))}
      // The class breathes with its slowest.
      breathSeconds={Math.max(...everybody.map((one) => one.breathSeconds))}
      run={runKey(sequenceId, ids, day)}
      back={back}
      log={`${address}/log${query}`}
      plan={JSON.stringify(options.pins)}
      swapOf={(personId, index) => {
        const whose = ids.indexOf(personId);
        return {
          step: { text, people: everybody, whose, asked: options, index, day },
          now: participants[whose]!.steps[index]!.to?.figure ?? null,
        };
      }}
      onSwap={(personId, index, figure) => {
        const person = String(personId);
        const others = options.pins.filter((pin) => pin.person !== person || pin.index !== index);
        setSearch((before) => withPins(before, [...others, { person, index, figure }]), { replace: true });
      }}
    />
  );
}
