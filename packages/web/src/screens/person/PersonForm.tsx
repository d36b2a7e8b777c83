import { BODY_RANGES, BREATH_RANGE, findCondition, PROPS, type BodyAnswers, type ConditionAnswer, type Prop } from '@lotus-steady/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { request } from '../../api/client.js';
import type { Person } from '@lotus-steady/requests';
import { useSaved } from '../../drafts/use-saved.js';
import { INPUT, PLAIN } from '../../parts/button-styles.js';
import { NumberField } from '../../parts/NumberField.js';
import { SelectField } from '../../parts/SelectField.js';
import { SaveBar } from '../../parts/SaveBar.js';
import { AddCondition } from './AddCondition.js';
import { Clearances } from './Clearances.js';
import { ConditionCard } from './ConditionCard.js';
import { Meaning } from './Meaning.js';
import { checkDraft, NEW_PERSON, problemAt, toDraft, type PersonDraft } from './person-draft.js';

type BodyKey = keyof typeof BODY_RANGES;
const WHO: readonly BodyKey[] = ['stature', 'mass', 'age'];
const BODY_LABELS: Record<BodyKey, string> = {
  stature: 'Height',
  mass: 'Weight',
  age: 'Age',
  legLength: 'Leg, floor to hip joint',
  armLength: 'Arm, shoulder to fingertips',
  neckFlexion: 'Chin to chest',
  hamstring: 'Straight leg raised, lying',
  hipFlexion: 'Bent knee to chest',
  kneeFlexion: 'Knee bend',
  shoulderElevation: 'Arm raised forward and up',
  shoulderExtension: 'Arm straight back',
};

function Erase({ person }: { person: Person }) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [asked, setAsked] = useState(false);
  const erase = useMutation({
    mutationFn: () => request('DELETE', `people/${person.id}`),
    onSuccess: async () => {
      queries.removeQueries({ queryKey: ['people', person.id] });
      await queries.invalidateQueries({ queryKey: ['people'], exact: true });
      await navigate('/people');
    },
  });
  return (
    <section aria-labelledby="own-data" className="border-t border-rule pt-4">
      <h2 id="own-data" className="text-lg">
        Their data
      </h2>
      <div className="mt-2 flex flex-wrap items-center gap-3">
        <a href={`/api/people/${person.id}/export`} download={`${person.name}.json`} className={PLAIN}>
          Export everything
        </a>
        {asked ? (
          <>
            <span>Erase {person.name} and all their plans for good?</span>
            <button type="button" className={PLAIN} onClick={() => erase.mutate()}>
              Erase
            </button>
            <button type="button" className="underline" onClick={() => setAsked(false)}>
              Keep
            </button>
          </>
        ) : (
          <button type="button" className={PLAIN} onClick={() => setAsked(true)}>
            Erase …
          </button>
        )}
      </div>
    </section>
  );
}

/** Intake and record of one person: who they are, what limits them, what is at hand. */
export function PersonForm({ stored }: { stored: Person | null }) {
  const navigate = useNavigate();
  const {
    value: draft,
    change,
    save,
    state,
    takeOver,
  } = useSaved<PersonDraft, Person>({
    key: `person.${stored?.id ?? 'new'}`,
    version: stored?.version ?? null,
    value: stored ? toDraft(stored) : NEW_PERSON,
    send: (sent, version) =>
      stored === null ? request('POST', 'people', sent) : request('PUT', `people/${stored.id}`, { ...sent, version }),
    read: toDraft,
    invalidate: [['people'], ['score']],
    onSaved: ({ id }) => {
      if (stored === null) void navigate(`/people/${id}`, { replace: true });
    },
  });
  const [tried, setTried] = useState(false);
  const found = checkDraft(draft);
  const refused = state.is === 'refused' ? state.error.problems : [];
  // An empty name is no mistake before someone tries to save.
  const problems = [...found.filter(({ field }) => tried || field !== 'name'), ...refused];
  const set = (part: Partial<PersonDraft>) => change({ ...draft, ...part });
  const setBody = (part: BodyAnswers) =>
    set({ body: Object.fromEntries(Object.entries({ ...draft.body, ...part }).filter(([, value]) => value !== undefined)) });
  const setCondition = (answer: ConditionAnswer) =>
    set({ conditions: draft.conditions.map((one) => (one.id === answer.id ? answer : one)) });
  const theirs = state.is === 'conflict' ? (state.error.details['theirs'] as Person) : null;
  const trySave = () => {
    setTried(true);
    if (found.length === 0) save();
  };

  return (
    <>
      <div className="mb-4 flex flex-wrap items-end justify-between gap-3">
        <h1 className="text-2xl">{draft.name || 'Someone new'}</h1>
        <SaveBar state={state} onSave={trySave} />
      </div>
      {tried && found.length > 0 && (
        <ul role="alert" className="mb-4 list-disc rounded border border-accent bg-sheet p-4 pl-8">
          {found.map(({ field, message }) => (
            <li key={field + message}>{message}</li>
          ))}
        </ul>
      )}
      {theirs && (
        <section aria-labelledby="conflict" className="mb-4 rounded border border-accent bg-sheet p-4">
          <h2 id="conflict" className="text-base">
            This record was changed elsewhere meanwhile
          </h2>
          <p className="mt-1 text-sm">
            There:{' '}
            {theirs.conditions
              .map(
                ({ id, ...answers }) =>
                  `${findCondition(id)?.name ?? id} (${Object.entries(answers)
                    .map(([name, value]) => `${name} ${String(value)}`)
                    .join(', ')})`,
              )
              .join('; ') || 'no condition'}
            {theirs.note && `; note: ${theirs.note}`}
          </p>
          <div className="mt-3 flex flex-wrap gap-2">
            <button type="button" className={PLAIN} onClick={() => takeOver(toDraft(theirs), theirs.version)}>
              Go on from that one
            </button>
            <button type="button" className={PLAIN} onClick={() => takeOver(draft, theirs.version)}>
              Keep mine instead
            </button>
          </div>
        </section>
      )}
      <div className="grid items-start gap-6 lg:grid-cols-[1fr_24rem]">
        <div className="space-y-7">
          <section aria-labelledby="who" className="grid gap-4 sm:grid-cols-4">
            <h2 id="who" className="sr-only">
              Who
            </h2>
            <div className="sm:col-span-4">
              <label htmlFor="name" className="mb-1 block text-sm font-semibold">
                Name
              </label>
              <input
                id="name"
                value={draft.name}
                onChange={(event) => set({ name: event.target.value })}
                className={`${INPUT} max-w-md`}
                aria-invalid={problemAt(problems, 'name') !== undefined}
              />
              {problemAt(problems, 'name') !== undefined && <p className="mt-1 text-sm text-accent">{problemAt(problems, 'name')}</p>}
            </div>
            {WHO.map((key) => (
              <NumberField
                key={key}
                label={BODY_LABELS[key]}
                unit={BODY_RANGES[key].unit}
                value={draft.body[key]}
                problem={problemAt(problems, key)}
                onChange={(value) => setBody({ [key]: value })}
              />
            ))}
            <SelectField
              label="Sex (for the body’s proportions)"
              value={draft.body.sex ?? ''}
              onChange={(sex) => setBody({ sex: sex === '' ? undefined : (sex as 'f' | 'm') })}
            >
              <option value="">not told</option>
              <option value="f">female</option>
              <option value="m">male</option>
            </SelectField>
          </section>

          <details>
            <summary className="cursor-pointer">
              <span className="font-serif text-lg font-semibold">Measured reach</span>{' '}
              <span className="text-sm text-soft">if it is known; figures and props follow</span>
            </summary>
            <div className="mt-3 grid gap-4 sm:grid-cols-3">
              {(Object.keys(BODY_RANGES) as BodyKey[])
                .filter((key) => !WHO.includes(key))
                .map((key) => (
                  <NumberField
                    key={key}
                    label={BODY_LABELS[key]}
                    unit={BODY_RANGES[key].unit}
                    value={draft.body[key]}
                    problem={problemAt(problems, key)}
                    onChange={(value) => setBody({ [key]: value })}
                  />
                ))}
            </div>
          </details>

          <section aria-labelledby="conditions" className="space-y-4">
            <h2 id="conditions" className="text-lg">
              Health and stage of life
            </h2>
            {draft.conditions.map((answer) => {
              const condition = findCondition(answer.id);
              return condition ? (
                <ConditionCard
                  key={answer.id}
                  condition={condition}
                  answer={answer}
                  problems={problems}
                  onChange={setCondition}
                  onRemove={() =>
                    set({
                      conditions: draft.conditions.filter(({ id }) => id !== answer.id),
                      clearances: draft.clearances.filter((one) => one.condition !== answer.id),
                    })
                  }
                />
              ) : null;
            })}
            <AddCondition
              present={draft.conditions.map(({ id }) => id)}
              onAdd={({ id }) => set({ conditions: [...draft.conditions, { id }] })}
            />
          </section>

          {found.length === 0 && (
            <Clearances draft={draft} onChange={(clearances) => set({ clearances: clearances.map((one) => ({ ...one })) })} />
          )}

          <section aria-labelledby="props">
            <h2 id="props" className="mb-2 text-lg">
              Props at hand
            </h2>
            <div className="grid grid-cols-2 gap-4 sm:grid-cols-4">
              {PROPS.map((prop: Prop) => (
                <NumberField
                  key={prop}
                  label={prop[0]!.toUpperCase() + prop.slice(1)}
                  unit=""
                  value={draft.props[prop] ?? 0}
                  onChange={(value) => set({ props: { ...draft.props, [prop]: Number.isInteger(value) ? value : 0 } })}
                />
              ))}
            </div>
          </section>

          <section aria-labelledby="more" className="space-y-4">
            <h2 id="more" className="text-lg">
              Breath and notes
            </h2>
            <NumberField
              label="One breath, in and out"
              unit={`seconds (${BREATH_RANGE.from} to ${BREATH_RANGE.to})`}
              value={draft.breathSeconds}
              problem={problemAt(problems, 'breathSeconds')}
              onChange={(value) => set({ breathSeconds: value ?? Number.NaN })}
            />
            <div>
              <label htmlFor="note" className="mb-1 block text-sm font-semibold">
                Note
              </label>
              <textarea id="note" rows={3} value={draft.note} onChange={(event) => set({ note: event.target.value })} className={INPUT} />
            </div>
          </section>
          {stored && <Erase person={stored} />}
        </div>
        <Meaning draft={draft} valid={found.every(({ field }) => field === 'name')} />
      </div>
    </>
  );
}
