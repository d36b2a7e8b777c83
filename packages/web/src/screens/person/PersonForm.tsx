import { BODY_RANGES, BREATH_RANGE, findCondition, PROPS, type BodyAnswers, type ConditionAnswer, type Prop } from '@lotus-steady/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { request } from '../../api/client.js';
import { useToday } from '../../clock.js';
import { studioQuery } from '../../api/queries.js';
import type { Person } from '@lotus-steady/requests';
import { useSaved } from '../../drafts/use-saved.js';
import { INPUT, PLAIN } from '../../parts/button-styles.js';
import { NumberField } from '../../parts/NumberField.js';
import { OwnLimits } from '../../parts/OwnLimits.js';
import { SelectField } from '../../parts/SelectField.js';
import { SaveBar } from '../../parts/SaveBar.js';
import { Growing } from '../../parts/use-growing.js';
import { AddCondition } from './AddCondition.js';
import { Clearances } from './Clearances.js';
import { ConditionCard } from './ConditionCard.js';
import { Guided, type Part } from './Guided.js';
import { History } from './History.js';
import { Readings } from './Readings.js';
import { Letter } from './Letter.js';
import { LeftOutList } from './LeftOutList.js';
import { PreferenceList } from './PreferenceList.js';
import { LifeStages } from './LifeStages.js';
import { goesOn, NoLonger } from './NoLonger.js';
import { Meaning } from './Meaning.js';
import { BODY_LABELS, ReachFields, WHO } from './ReachFields.js';
import { SetAside } from './SetAside.js';
import { Why } from './Why.js';
import { checkDraft, NEW_PERSON, problemAt, toDraft, type PersonDraft } from './person-draft.js';
import { PageTitle } from '../../parts/PageTitle.js';
import { t } from '../../words/t.js';

/** Until the studio's own decisions are there. */
const NO_STUDIO = { schools: {}, limits: [], timeZone: 'UTC' };

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
        {t('Their data')}
      </h2>
      <div className="mt-2 flex flex-wrap items-center gap-3">
        <a href={`/api/people/${person.id}/export`} download={`${person.name}.json`} className={PLAIN}>
          {t('Export everything')}
        </a>
        <a href={`/api/people/${person.id}/note`} download={t('About {name}.pdf', { name: person.name })} className={PLAIN}>
          {t('Note for their clinician (PDF)')}
        </a>
        {asked ? (
          <>
            <span>{t('Erase {name} and all their plans for good?', { name: person.name })}</span>
            <button type="button" className={PLAIN} onClick={() => erase.mutate()}>
              {t('Erase')}
            </button>
            <button type="button" className="underline" onClick={() => setAsked(false)}>
              {t('Keep')}
            </button>
          </>
        ) : (
          <button type="button" className={PLAIN} onClick={() => setAsked(true)}>
            {t('Erase …')}
          </button>
        )}
      </div>
    </section>
  );
}

/** Intake and record of one person: who they are, what limits them, what is at hand. */
export function PersonForm({ stored }: { stored: Person | null }) {
  const navigate = useNavigate();
  const { value, change, save, state, takeOver, steps } = useSaved<PersonDraft, Person>({
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
  // What was left on a device by an older version lacks what is new.
  const draft = { ...NEW_PERSON, ...value };
  const [tried, setTried] = useState(false);
  const [asked, setAsked] = useState<string | null>(null);
  const studio = useQuery(studioQuery);
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

  const present = draft.conditions.map(({ id }) => id);
  const add = (id: string) => set({ conditions: [...draft.conditions, { id }] });
  const day = useToday();
  const [leaving, setLeaving] = useState<ConditionAnswer | null>(null);
  const drop = (gone: string, remark: string | null) =>
    set({
      conditions: draft.conditions.filter(({ id }) => id !== gone),
      clearances: draft.clearances.filter(({ condition }) => condition !== gone),
      ...(remark !== null && { note: [draft.note, remark].filter((text) => text !== '').join('\n') }),
    });
  // What is in the record and goes on by itself isn't taken out without a question.
  const remove = (gone: string) => {
    const told = stored?.conditions.find(({ id }) => id === gone);
    if (told && goesOn(told)) setLeaving(told);
    else drop(gone, null);
  };

  const parts: readonly Part[] = [
    {
      id: 'who',
      title: t('Who are they?'),
      content: (
        <div className="grid gap-4 sm:grid-cols-4">
          <div className="sm:col-span-4">
            <label htmlFor="name" className="mb-1 block text-sm font-semibold">
              {t('Name')}
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
            label={t('Sex (for the body’s proportions)')}
            value={draft.body.sex ?? ''}
            onChange={(sex) => setBody({ sex: sex === '' ? undefined : (sex as 'f' | 'm') })}
          >
            <option value="">{t('not told')}</option>
            <option value="f">{t('female')}</option>
            <option value="m">{t('male')}</option>
          </SelectField>
          <label className="flex items-center gap-2 sm:col-span-2">
            <input
              type="checkbox"
              className="size-5 accent-ink"
              checked={draft.body.headscarf === true}
              onChange={({ target }) => setBody({ headscarf: target.checked || undefined })}
            />
            {t('Their figures wear a headscarf')}
          </label>
        </div>
      ),
    },
    {
      id: 'why',
      title: t('Why are they here?'),
      content: <Why note={draft.note} present={present} onNote={(note) => set({ note })} onAdd={add} />,
    },
    {
      id: 'life',
      title: t('Stage of life and way of practising'),
      content: <LifeStages present={present} onTurn={(id, on) => (on ? add(id) : remove(id))} />,
    },
    {
      id: 'conditions',
      title: t('Health'),
      content: (
        <div className="space-y-4">
          <Growing>
            <AddCondition present={present} onAdd={({ id }) => add(id)} />
            <Letter conditions={draft.conditions} onTake={(conditions) => set({ conditions })} />
            {draft.conditions.map((answer) => {
              const condition = findCondition(answer.id);
              return condition ? (
                <ConditionCard
                  key={answer.id}
                  condition={condition}
                  answer={answer}
                  problems={problems}
                  schools={draft.schools}
                  onSchools={(schools) => set({ schools: { ...schools } })}
                  onChange={setCondition}
                  onRemove={() => remove(answer.id)}
                />
              ) : null;
            })}
          </Growing>
        </div>
      ),
    },
    {
      id: 'reach',
      title: t('Measured reach'),
      content: (
        <>
          <p className="mb-3 text-soft">{t('Only what is known; figures and prop heights follow it.')}</p>
          <ReachFields body={draft.body} problems={problems} onBody={setBody} />
        </>
      ),
    },
    {
      id: 'props',
      title: t('Props at hand, breath'),
      content: (
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
          <div className="col-span-2">
            <NumberField
              label={t('One breath, in and out')}
              unit={t('seconds ({from} to {to})', { from: BREATH_RANGE.from, to: BREATH_RANGE.to })}
              value={draft.breathSeconds}
              problem={problemAt(problems, 'breathSeconds')}
              onChange={(value) => set({ breathSeconds: value ?? Number.NaN })}
            />
          </div>
        </div>
      ),
    },
    {
      id: 'word',
      title: t('Word of doctor or midwife'),
      content:
        found.length === 0 || found.every(({ field }) => field === 'name') ? (
          <Clearances draft={draft} onChange={(clearances) => set({ clearances: clearances.map((one) => ({ ...one })) })} />
        ) : (
          <p className="text-soft">{t('Correct the marked answers first.')}</p>
        ),
    },
    {
      id: 'own',
      title: t('Stricter or looser for them alone'),
      content: (
        <div className="space-y-5">
          <OwnLimits limits={draft.ownLimits} by="" onChange={(ownLimits) => set({ ownLimits })} />
          <LeftOutList leftOut={draft.leftOut} onChange={(leftOut) => set({ leftOut })} />
          <PreferenceList preferences={draft.preferences} onChange={(preferences) => set({ preferences })} />
          <SetAside loosened={draft.loosened} asked={asked} onAsked={setAsked} onChange={(loosened) => set({ loosened })} />
        </div>
      ),
    },
  ];

  return (
    <>
      <div className="mb-4 flex flex-wrap items-end justify-between gap-3">
        <PageTitle>{draft.name || t('Someone new')}</PageTitle>
        <h1 className="text-2xl">{draft.name || t('Someone new')}</h1>
        {stored !== null && <SaveBar state={state} onSave={trySave} steps={steps} />}
      </div>
      <NoLonger
        told={leaving}
        day={day}
        onKeep={() => setLeaving(null)}
        onRemove={(remark) => {
          if (leaving) drop(leaving.id, remark);
          setLeaving(null);
        }}
      />
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
            {t('This record was changed elsewhere meanwhile')}
          </h2>
          <p className="mt-1 text-sm">
            {t('There: {conditions}{note}', {
              conditions:
                theirs.conditions
                  .map(
                    ({ id, ...answers }) =>
                      `${findCondition(id)?.name ?? id} (${Object.entries(answers)
                        .map(([name, value]) => `${name} ${String(value)}`)
                        .join(', ')})`,
                  )
                  .join('; ') || t('no condition'),
              note: theirs.note && t('; note: {note}', { note: theirs.note }),
            })}
          </p>
          <div className="mt-3 flex flex-wrap gap-2">
            <button type="button" className={PLAIN} onClick={() => takeOver(toDraft(theirs), theirs.version)}>
              {t('Go on from that one')}
            </button>
            <button type="button" className={PLAIN} onClick={() => takeOver(draft, theirs.version)}>
              {t('Keep mine instead')}
            </button>
          </div>
        </section>
      )}
      <div className="grid items-start gap-6 lg:grid-cols-[1fr_24rem]">
        {stored === null ? (
          <Guided parts={parts} last={<SaveBar state={state} onSave={trySave} steps={steps} />} />
        ) : (
          <div className="space-y-7">
            <Growing>
              {parts.map(({ id, title, content }) => (
                <section key={id} aria-labelledby={id}>
                  <h2 id={id} className="mb-3 text-lg">
                    {title}
                  </h2>
                  {content}
                </section>
              ))}
              <section aria-labelledby="classes">
                <h2 id="classes" className="mb-3 text-lg">
                  {t('Their classes')}
                </h2>
                <History person={stored.id} />
              </section>
              <section aria-labelledby="readings">
                <h2 id="readings" className="mb-3 text-lg">
                  {t('Tests and readings over time')}
                </h2>
                <Readings person={stored.id} />
              </section>
              <Erase person={stored} />
            </Growing>
          </div>
        )}
        <Meaning draft={draft} studio={studio.data ?? NO_STUDIO} valid={found.every(({ field }) => field === 'name')} onLoosen={setAsked} />
      </div>
    </>
  );
}
