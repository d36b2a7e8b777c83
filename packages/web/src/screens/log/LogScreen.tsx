import { proposalsOf } from '@lotus-steady/core';
import type { ClassLog, HistoryEntry, Person, StoredSequence } from '@lotus-steady/requests';
import { useQueries, useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { request } from '../../api/client.js';
import { hasFailed } from '../../api/failed.js';
import { historyQuery, logQuery, sequenceQuery } from '../../api/queries.js';
import { usePeople } from '../../api/use-people.js';
import { strainsQuery } from '../../worker/queries.js';
import { useToday } from '../../clock.js';
import { useSaved } from '../../drafts/use-saved.js';
import { INPUT, PLAIN, PRIMARY } from '../../parts/button-styles.js';
import { Dictate } from '../../parts/Dictate.js';
import { ScreenFailure } from '../../parts/Failure.js';
import { ScreenLoading } from '../../parts/Loading.js';
import { PageTitle } from '../../parts/PageTitle.js';
import { SaveBar } from '../../parts/SaveBar.js';
import { useAsanaNames } from '../../parts/use-asana-names.js';
import { dayWords } from '../../parts/words.js';
import { readDay, readPeople } from '../score/class-address.js';
import { dropRun, readRun, runKey } from '../teach/class-run.js';
import { draftOf, historyWith, inOrder, notAsked, restTheSame, toDraft, withPart, type LogDraft } from './log-draft.js';
import { LogRow } from './LogRow.js';
import { ProposalCard } from './ProposalCard.js';
import { t } from '../../words/t.js';

/** Of each of the two texts about the whole class. */
const MOST_LETTERS = 4000;

/** How a class was: for whom there is something to say, in a minute. */
export function LogScreen() {
  const { sequence: id = '', person = '' } = useParams();
  const [search] = useSearchParams();
  const ids = useMemo(() => readPeople(person), [person]);
  const [day] = useState(readDay(search, useToday()));
  const key = runKey(Number(id), ids, day).replace(/^class\./, '');
  const sequence = useQuery(sequenceQuery(Number(id)));
  const log = useQuery(logQuery(key));
  // Of a class that is kept, only those who are still here: the address may name somebody who was erased.
  const present = useMemo(() => log.data?.people.map(({ personId }) => personId) ?? ids, [log.data, ids]);
  const people = usePeople(present);
  // Whoever is not found may be nobody of it: its log tells.
  const failed = [sequence, log, log.data === undefined ? undefined : people.failed].find((one) => one && hasFailed(one));
  if (failed) return <ScreenFailure title={t('How was it?')} error={failed.error} onRetry={() => void failed.refetch()} />;
  if (!sequence.data || !people.data || log.data === undefined) return <ScreenLoading title={t('How was it?')} what={t('Opening')} />;
  return <Log key={key} name={key} day={day} sequence={sequence.data} people={people.data} stored={log.data} />;
}

interface Props {
  /** Names the class. */
  readonly name: string;
  readonly day: string;
  readonly sequence: StoredSequence;
  readonly people: readonly Person[];
  readonly stored: ClassLog | null;
}

function Log({ name, day, sequence, people, stored }: Props) {
  const run = `class.${name}`;
  const [fresh] = useState(() => draftOf(sequence.title, day, people.map(({ id }) => id), readRun(run))); // prettier-ignore
  const { value, change, save, state, takeOver, steps } = useSaved<LogDraft, ClassLog>({
    key: `log.${name}`,
    version: stored?.version ?? null,
    value: stored ? toDraft(stored) : fresh,
    send: (sent, version) => request('PUT', `logs/${name}`, { ...sent, ...(version !== null && { version }) }),
    read: toDraft,
    invalidate: [['logs'], ['people']],
    // What was kept on this device until now is with the server.
    onSaved: () => dropRun(run),
  });
  const asanas = useAsanaNames();
  const nameOf = new Map(people.map((one) => [one.id, one.name]));
  const { marked, others } = inOrder(value.people);
  const open = notAsked(value).length;
  const came = value.people.filter(({ present }) => present).length;
  const isNew = stored === null && state.is === 'saved';
  const row = (part: (typeof value.people)[number]) => (
    <LogRow
      key={part.personId}
      name={nameOf.get(part.personId) ?? t('Someone who is not here any more')}
      part={part}
      asanas={asanas}
      onChange={(next) => change(withPart(value, part.personId, next))}
    />
  );
  return (
    <>
      <PageTitle>{t('How was it? {title}', { title: value.title })}</PageTitle>
      <div className="mb-3 flex flex-wrap items-end justify-between gap-3">
        <div>
          <h1 className="text-2xl">{t('How was it?')}</h1>
          <p className="text-soft">{t('{title}, {day}. {came} came.', { title: value.title, day: dayWords(day), came })}</p>
        </div>
        {isNew ? (
          <button type="button" className={PRIMARY} onClick={save}>
            {t('Save')}
          </button>
        ) : (
          <SaveBar state={state} onSave={save} steps={steps} />
        )}
      </div>
      {state.is === 'conflict' && (
        <section aria-labelledby="conflict" className="mb-4 rounded border border-accent bg-sheet p-4">
          <h2 id="conflict" className="text-base">
            {t('This class was logged elsewhere meanwhile')}
          </h2>
          <div className="mt-3 flex flex-wrap gap-2">
            <button
              type="button"
              className={PLAIN}
              onClick={() => {
                const theirs = state.error.details['theirs'] as ClassLog;
                takeOver(toDraft(theirs), theirs.version);
              }}
            >
              {t('Go on from that one')}
            </button>
            <button type="button" className={PLAIN} onClick={() => takeOver(value, (state.error.details['theirs'] as ClassLog).version)}>
              {t('Keep mine instead')}
            </button>
          </div>
        </section>
      )}
      <div className="grid items-start gap-6 lg:grid-cols-[1fr_22rem]">
        <div>
          {marked.length > 0 && (
            <section aria-labelledby="marked" className="mb-4 rounded border border-rule bg-sheet px-3">
              <h2 id="marked" className="pt-2 text-base">
                {t('Marked in class')}
              </h2>
              <ul>{marked.map(row)}</ul>
            </section>
          )}
          <section aria-labelledby="others" className="rounded border border-rule bg-sheet px-3">
            <div className="flex flex-wrap items-center justify-between gap-3 py-2">
              <h2 id="others" className="text-base">
                {marked.length > 0 ? t('The others') : t('Everybody')}
              </h2>
              {open > 0 && (
                <button type="button" className={PLAIN} onClick={() => change(restTheSame(value))}>
                  {open === came
                    ? t('All felt the same')
                    : open === 1
                      ? t('The other one felt the same')
                      : t('The {open} others felt the same', { open })}
                </button>
              )}
            </div>
            <ul>{others.map(row)}</ul>
          </section>
          <div className="mt-4 grid gap-4 md:grid-cols-2">
            {(
              [
                ['note', t('About the class')],
                ['incident', t('An incident: what, when, who was told')],
              ] as const
            ).map(([field, label]) => (
              <div key={field}>
                <label className="block font-semibold">
                  {label}
                  <textarea
                    className={`${INPUT} mt-1 font-normal`}
                    rows={3}
                    maxLength={MOST_LETTERS}
                    value={value[field]}
                    onChange={({ target }) => change({ ...value, [field]: target.value })}
                  />
                </label>
                <Dictate text={value[field]} onChange={(text) => change({ ...value, [field]: text.slice(0, MOST_LETTERS) })} into={label} />
              </div>
            ))}
          </div>
          <p className="mt-4">
            <Link to="/register" className="underline">
              {t('The register of classes')}
            </Link>
          </p>
        </div>
        <NextTime
          name={name}
          day={day}
          people={people}
          draft={value}
          asanas={asanas}
          onDecided={(personId, proposal) => {
            const decided = value.people.find((one) => one.personId === personId)?.decided ?? [];
            change(withPart(value, personId, { decided: [...decided, proposal] }));
          }}
        />
      </div>
    </>
  );
}

interface NextProps {
  readonly name: string;
  readonly day: string;
  readonly people: readonly Person[];
  readonly draft: LogDraft;
  readonly asanas: ReadonlyMap<string, string> | undefined;
  readonly onDecided: (personId: number, proposal: string) => void;
}

/** What the next plan could take from it. */
function NextTime({ name, day, people, draft, asanas, onDecided }: NextProps) {
  const today = useToday();
  const histories = useQueries({ queries: people.map(({ id }) => historyQuery(id)) });
  const parts = people.map((person) => draft.people.find(({ personId }) => personId === person.id));
  const strains = useQueries({ queries: people.map((person, i) => strainsQuery(person, parts[i], day)) });
  const proposals = people.flatMap((person, i) => {
    const part = parts[i];
    const kept: readonly HistoryEntry[] | undefined = histories[i]!.data;
    if (!part || !kept) return [];
    return proposalsOf(historyWith(kept, name, day, part), person, today, strains[i]!.data).map((proposal) => ({ person, proposal }));
  });
  return (
    <section aria-labelledby="next-time" className="rounded border border-rule bg-sheet p-4">
      <h2 id="next-time" className="text-lg">
        {t('For next time')}
      </h2>
      <p className="mb-2 text-sm text-soft">{t('Nothing changes until you say so.')}</p>
      {proposals.length === 0 && <p>{t('Nothing is proposed.')}</p>}
      <ul>
        {proposals.map(({ person, proposal }) => (
          <ProposalCard
            key={`${person.id} ${proposal.id}`}
            person={person}
            proposal={proposal}
            asanas={asanas}
            onDecided={(id) => onDecided(person.id, id)}
          />
        ))}
      </ul>
    </section>
  );
}
