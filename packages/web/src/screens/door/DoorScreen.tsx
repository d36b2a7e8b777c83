import type { Person } from '@lotus-steady/requests';
import { useQuery } from '@tanstack/react-query';
import { Check, Plus } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import type { PropsAtHand, Question } from '@lotus-steady/core';
import { hasFailed } from '../../api/failed.js';
import { peopleQuery, sequenceQuery } from '../../api/queries.js';
import { usePeople } from '../../api/use-people.js';
import { useToday } from '../../clock.js';
import { PLAIN, PRIMARY } from '../../parts/button-styles.js';
import { ScreenFailure } from '../../parts/Failure.js';
import { holds } from '../../parts/FindField.js';
import { Loading, ScreenLoading } from '../../parts/Loading.js';
import { PageTitle } from '../../parts/PageTitle.js';
import { Room } from '../../parts/Room.js';
import { TextField } from '../../parts/TextField.js';
import { readDay, readPeople, readShared, withParameter, writeShared } from '../score/class-address.js';
import { runKey, tellRun } from '../teach/class-run.js';
import { DoorRow } from './DoorRow.js';
import { NOTHING_ASKED, useDoor } from './use-door.js';
import { Guest } from './Guest.js';
import { t } from '../../words/t.js';

const MOST_FOUND = 6;

/** Before class, on a phone in one hand: who is here, and how they are today. */
export function DoorScreen() {
  const { sequence: id = '', person = '' } = useParams();
  const [search, setSearch] = useSearchParams();
  const expected = useMemo(() => readPeople(person), [person]);
  // Who is here is kept in the address and the rest on this device, so that a phone that falls asleep loses nobody.
  const here = useMemo(() => (search.get('here') ?? '').split(',').filter(Boolean).map(Number), [search]);
  const [open, setOpen] = useState<number | null>(null);
  const [adding, setAdding] = useState(false);
  const day = readDay(search, useToday());
  const { told, added, asks, tell, add, ask, shut } = useDoor(`door.${id}.${person}.${day}`);
  const ids = useMemo(() => [...new Set([...expected, ...added])], [expected, added]);
  const sequence = useQuery(sequenceQuery(Number(id)));
  const people = usePeople(ids);
  const navigate = useNavigate();
  const failed = [sequence, people.failed].find((one) => one && hasFailed(one));
  if (failed) return <ScreenFailure title={t('At the door')} error={failed.error} onRetry={() => void failed.refetch()} />;
  if (!sequence.data) return <ScreenLoading title={t('At the door')} what={t('Opening')} />;
  const turn = (one: number, isHere: boolean) =>
    setSearch(
      (before) => {
        const now = (before.get('here') ?? '').split(',').filter((text) => text !== '' && Number(text) !== one);
        if (isHere) now.push(String(one));
        return withParameter(before, 'here', now.join(',') || null);
      },
      { replace: true },
    );
  // What is really here goes along to the score, and to the plan.
  const share = (props: PropsAtHand | null) =>
    setSearch((before) => withParameter(before, 'shared', props && writeShared(props)), { replace: true });
  const take = (one: number, questions: readonly Question[]) => {
    add(one);
    ask(one, questions);
    turn(one, true);
    setOpen(one);
    setAdding(false);
  };
  const done = () => {
    const present = ids.filter((one) => here.includes(one));
    tellRun(runKey(Number(id), present, day), told);
    shut();
    const next = new URLSearchParams(search);
    next.delete('here');
    next.set('day', day);
    void navigate(`/sequences/${id}/for/${present.join(',')}?${next}`);
  };
  return (
    <div className="mx-auto max-w-lg">
      <PageTitle>{t('At the door')}</PageTitle>
      <div className="mb-3 flex items-end justify-between">
        <div>
          <h1 className="text-2xl">{t('At the door')}</h1>
          <p className="text-soft">{sequence.data.title}</p>
        </div>
        <p className="text-right text-2xl font-semibold" role="status">
          {t('{here} of {ids}', { here: here.length, ids: ids.length })}
          {'  '}
          <span className="block text-sm font-normal">{t('here')}</span>
        </p>
      </div>
      <ul className="border-t border-rule">
        {(people.data ?? []).map((one: Person) => (
          <DoorRow
            key={one.id}
            person={one}
            day={day}
            isHere={here.includes(one.id)}
            told={told[one.id] ?? {}}
            asks={asks[one.id] ?? NOTHING_ASKED}
            onAsk={(questions) => ask(one.id, questions)}
            isOpen={open === one.id}
            onHere={(isHere) => turn(one.id, isHere)}
            onOpen={(isOpen) => setOpen(isOpen ? one.id : null)}
            onTold={(next) => tell(one.id, next)}
          />
        ))}
      </ul>
      {!people.data && <Loading what={t('Opening')} />}
      <div className="mt-3">
        <Room narrow shared={readShared(search)} onChange={share} />
      </div>
      {adding && <SomeoneElse here={ids} day={day} onTake={take} />}
      <div className="sticky bottom-0 mt-3 flex gap-3 border-t border-rule bg-paper py-3">
        <button type="button" className={`${PLAIN} min-h-12 grow`} aria-expanded={adding} onClick={() => setAdding(!adding)}>
          <Plus size={18} aria-hidden /> {t('Someone else')}
        </button>
        <button type="button" className={`${PRIMARY} min-h-12 grow`} disabled={here.length === 0} onClick={done}>
          <Check size={18} aria-hidden /> {t('That’s everybody')}
        </button>
      </div>
      <p className="pb-4 text-center text-sm">
        <Link to={`/sequences/${id}/for/${person}`} className="underline">
          {t('Back to the score')}
        </Link>
      </p>
    </div>
  );
}

interface SomeoneElseProps {
  readonly here: readonly number[];
  readonly day: string;
  readonly onTake: (id: number, asks: readonly Question[]) => void;
}

/** Somebody of the studio who wasn't expected, or a guest who is new. */
function SomeoneElse({ here, day, onTake }: SomeoneElseProps) {
  const people = useQuery(peopleQuery);
  const [name, setName] = useState('');
  const found = (people.data ?? [])
    .filter((one) => !here.includes(one.id) && name.trim() !== '' && holds(one.name, name))
    .slice(0, MOST_FOUND);
  return (
    <section aria-label={t('Someone else')} className="mt-3 rounded border border-ink bg-sheet p-3">
      <TextField label={t('Name')} value={name} onChange={setName} />
      <ul className="mt-2 space-y-2">
        {found.map(({ id, name: called }) => (
          <li key={id}>
            <button type="button" className={`${PLAIN} min-h-11 w-full`} onClick={() => onTake(id, NOTHING_ASKED)}>
              {t('{called} is here', { called })}
            </button>
          </li>
        ))}
      </ul>
      {name.trim() !== '' && <Guest name={name.trim()} day={day} onTake={onTake} />}
    </section>
  );
}
