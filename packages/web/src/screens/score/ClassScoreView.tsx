import { counted, type Pin, type PropsAtHand } from '@lotus-steady/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useMemo, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import type { Person, StoredClass, StoredSequence } from '@lotus-steady/requests';
import { request } from '../../api/client.js';
import { classesQuery, classQuery } from '../../api/queries.js';
import { usePeople } from '../../api/use-people.js';
import { PLAIN, PRIMARY } from '../../parts/button-styles.js';
import { explain, Failure } from '../../parts/Failure.js';
import { Loading } from '../../parts/Loading.js';
import { Room } from '../../parts/Room.js';
import { SelectField } from '../../parts/SelectField.js';
import { TextField } from '../../parts/TextField.js';
import { useSequenceText } from '../../drafts/use-sequence-text.js';
import { SaveBar } from '../../parts/SaveBar.js';
import { useAsanaNames } from '../../parts/use-asana-names.js';
import { dayWords } from '../../parts/words.js';
import { SavedElsewhere } from '../../parts/SavedElsewhere.js';
import { classScoreQuery, findBetterOrder } from '../../worker/queries.js';
import { useToday } from '../../clock.js';
import type { ClassAsked, ClassScore, Score } from '../../worker/answers.js';
import { GIVEN, type Place } from './ClassCell.js';
import { ClassStaves } from './ClassStaves.js';
import { FIGURES, readDay, readFigures, readShared, readSince, writeShared } from './class-address.js';
import { Differences } from './Differences.js';
import { layOutClass } from './layout.js';
import { Added, NotUnderstood } from './Notes.js';
import { StepPanel, type OwnEdit } from './StepPanel.js';
import { useEdits } from './use-edits.js';
import { WhyPanel } from './WhyPanel.js';
import { hasFailed } from '../../api/failed.js';

/** How large the figures are, from the whole class to one step. */
const ZOOMS = [0.26, 0.4, 0.56, 0.72] as const;

function times(count: number): string {
  return count === 1 ? 'Once' : `${count} times`;
}

/** How good what was chosen is, as far as that is proven. */
function choiceWords({ within, bestInEachStep }: ClassScore['answer']['choice']): string {
  if (within === 0) return 'No better choice for the whole class.';
  return `${bestInEachStep ? 'No better choice in any single step; the' : 'The'} whole class is within ${within} % of the best.`;
}

/** One person's part of a class, as their own score. */
function scoreOf({ answer, staves }: ClassScore, person: number): Score {
  const stave = staves.find(({ people }) => people.includes(person))!;
  return { answer: { ...answer, participants: [answer.participants[person]!] }, steps: stave.steps };
}

interface BetterOrderProps {
  readonly people: readonly Person[];
  readonly asked: ClassAsked;
  readonly day: string;
  readonly edits: ReturnType<typeof useEdits>;
}

/** Lets steps change places inside their sections where that spares the class something. */
function BetterOrder({ people, asked, day, edits }: BetterOrderProps) {
  const asanas = useAsanaNames();
  const { text } = edits.now;
  const search = useMutation({
    mutationFn: (from: string) => findBetterOrder(from, people, asked, day),
    onSuccess: (found) => found && edits.apply({ text: found.text, pins: found.pins }),
  });
  const moved = search.data?.moved.map((id) => asanas?.get(id) ?? id).join(', ');
  // What was found is told until something else changes.
  const isFresh = search.isSuccess && (search.data?.text ?? search.variables) === text;
  return (
    <>
      <span role="status">
        {search.isPending && 'Trying other orders …'}
        {isFresh && (moved === undefined ? 'No better order inside the sections.' : `Moved: ${moved}.`)}
        {search.isError && explain(search.error)}
      </span>
      <button type="button" className={PLAIN} disabled={search.isPending} onClick={() => search.mutate(text)}>
        Better order
      </button>
    </>
  );
}

interface StaffProps {
  readonly score: ClassScore;
  readonly people: readonly Person[];
  readonly sequence: StoredSequence;
  readonly figures: number;
  readonly shared: PropsAtHand | null;
  readonly day: string;
  readonly edits: ReturnType<typeof useEdits>;
  /** What is shown is being worked out anew. */
  readonly busy: boolean;
}

function Staff({ score, people, sequence, figures, shared, day, edits, busy }: StaffProps) {
  const [zoom, setZoom] = useState(1);
  const [selected, setSelected] = useState<Place | null>(null);
  const scale = ZOOMS[zoom]!;
  const { answer, staves } = score;
  const asked = { figures, pins: edits.now.pins, shared };
  const columns = useMemo(
    () =>
      layOutClass(
        staves.map(({ steps }) => steps),
        answer.participants.map(({ steps }) => steps),
        scale,
      ),
    [answer, staves, scale],
  );
  const names = useMemo(() => people.map(({ name }) => name), [people]);
  const nameOf = useMemo(() => new Map(people.map(({ id, name }) => [String(id), name])), [people]);
  const person = selected && selected.stave !== GIVEN ? (staves[selected.stave]?.people[0] ?? null) : null;
  const [opened] = useState(answer);
  const [comparing, setComparing] = useState(false);
  const { edit } = edits;
  const change = useCallback(
    (index: number, own: OwnEdit) =>
      void edit({ ...own, index }).then((now) =>
        setSelected((at) => (at?.stave === GIVEN ? (now < 0 ? null : { ...at, index: now }) : at)),
      ),
    [edit],
  );
  const shift = useCallback((from: number, to: number) => change(from, { do: 'move', to }), [change]);
  const crowded = answer.columns.filter(({ distinct }) => distinct > figures).length;
  const out = answer.participants.flatMap(({ steps }) => steps.filter(({ verdict }) => verdict === 'omit')).length;
  const giving = answer.participants.reduce((sum, { steps }) => sum + steps.filter((step) => 'together' in step).length, 0);
  const chosenFor = (at: Place): Pin[] =>
    staves[at.stave]!.people.flatMap((one) =>
      edits.now.pins.filter((pin) => pin.person === String(people[one]!.id) && pin.index === at.index),
    );
  const isMet = ({ person, index, figure }: Pin) =>
    !answer.unmet.some((one) => one.person === person && one.index === index && one.figure === figure);
  const pick = (at: Place, figure: string) =>
    edits.setPins([
      ...edits.now.pins.filter((pin) => !chosenFor(at).includes(pin)),
      // Everybody on the stave takes it: their limits are the same.
      ...staves[at.stave]!.people.map((one) => ({ person: String(people[one]!.id), index: at.index, figure })),
    ]);
  return (
    <>
      {answer.unmet.length > 0 && (
        <div role="alert" className="mb-2 rounded border border-accent bg-sheet p-3 text-sm">
          <ul className="list-disc pl-5">
            {answer.unmet.map(({ person: id, index, text }) => (
              <li key={`${id} ${index}`}>
                {people.find((one) => String(one.id) === id)?.name ?? 'Someone else'}
                {score.given[index] && `, ${score.given[index].givenName}`}: {text}
              </li>
            ))}
          </ul>
          <button type="button" className="mt-1 underline" onClick={() => edits.setPins(edits.now.pins.filter(isMet))}>
            Leave this to the search
          </button>
        </div>
      )}
      <div className="mb-2 flex flex-wrap items-end justify-between gap-3 text-sm">
        <p>
          {crowded === 0
            ? `Every step shows at most ${counted(figures, 'figure')}.`
            : `${counted(crowded, 'step shows', 'steps show')} more figures.`}{' '}
          {giving > 0 && `${times(giving)} someone gives way to the class. `}
          {out > 0 && `${times(out)} someone sits a step out. `}
          <span className="text-soft">{choiceWords(answer.choice)}</span>
        </p>
        <div className="flex flex-wrap items-center gap-2" role="group" aria-label="Changes by hand, and size">
          {busy && <span role="status">Working it out anew …</span>}
          <button type="button" className={PLAIN} disabled={!edits.canUndo} onClick={edits.undo}>
            Undo
          </button>
          <button type="button" className={PLAIN} disabled={!edits.canRedo} onClick={edits.redo}>
            Redo
          </button>
          <BetterOrder people={people} asked={asked} day={day} edits={edits} />
          <button type="button" className={PLAIN} aria-pressed={comparing} onClick={() => setComparing(!comparing)}>
            Compare
          </button>
          <button type="button" className={PLAIN} disabled={zoom === 0} onClick={() => setZoom(zoom - 1)} aria-label="Smaller">
            −
          </button>
          <button
            type="button"
            className={PLAIN}
            disabled={zoom === ZOOMS.length - 1}
            onClick={() => setZoom(zoom + 1)}
            aria-label="Larger"
          >
            +
          </button>
        </div>
      </div>
      {comparing && (
        <section aria-labelledby="compared" tabIndex={0} className="mb-3 max-h-80 overflow-auto rounded border border-rule bg-sheet p-4">
          <h2 id="compared" className="mb-2 text-base">
            Since you opened it
          </h2>
          <Differences before={opened} after={answer} names={nameOf} none="Nothing has changed." />
        </section>
      )}
      <NotUnderstood unknown={answer.unknown} sequence={sequence.id} />
      <div className={selected === null ? '' : 'grid grid-cols-[minmax(0,1fr)] items-start gap-4 xl:grid-cols-[minmax(0,1fr)_26rem]'}>
        <ClassStaves
          score={score}
          columns={columns}
          names={names}
          scale={scale}
          figures={figures}
          selected={selected}
          onSelect={setSelected}
          onShift={shift}
        />
        {selected?.stave === GIVEN && score.given[selected.index] && (
          <StepPanel
            given={score.given[selected.index]!}
            step={answer.participants[0]!.steps[selected.index]!}
            index={selected.index}
            count={columns.length}
            onEdit={(own) => change(selected.index, own)}
            onClose={() => setSelected(null)}
          />
        )}
        {selected !== null && person !== null && (
          <div className="xl:max-h-[78vh] xl:overflow-auto">
            <WhyPanel
              key={`${selected.stave} ${selected.index}`}
              of={{ text: edits.now.text, people, whose: person, asked, index: selected.index, day }}
              score={scoreOf(score, person)}
              onClose={() => setSelected(null)}
              onPick={(figure) => pick(selected, figure)}
              onUnpick={
                chosenFor(selected).length > 0
                  ? () => edits.setPins(edits.now.pins.filter((pin) => !chosenFor(selected).includes(pin)))
                  : undefined
              }
            />
          </div>
        )}
      </div>
      {answer.participants.map(({ id, inserted }, i) => (
        <Added key={id} inserted={inserted} name={names[i]!} />
      ))}
    </>
  );
}

/** A sequence for several people at once. */
export function ClassScoreView({ sequence, ids }: { sequence: StoredSequence; ids: readonly number[] }) {
  const [search, setSearch] = useSearchParams();
  const figures = readFigures(search);
  const shared = useMemo(() => readShared(search), [search]);
  const day = readDay(search, useToday());
  const since = useQuery(classQuery(readSince(search)));
  const classes = useQuery(classesQuery);
  const earlier = classes.data?.filter(({ sequenceId }) => sequenceId === sequence.id) ?? [];
  const ask = (key: string, value: string | null) =>
    setSearch(
      (before) => {
        const next = new URLSearchParams(before);
        if (value === null) next.delete(key);
        else next.set(key, value);
        return next;
      },
      { replace: true },
    );
  const { value, change, save, state, takeOver } = useSequenceText(sequence);
  const edits = useEdits(value, change);
  const [done, setDone] = useState<readonly [number, number]>([0, 1]);
  const people = usePeople(ids);
  const score = useQuery(
    classScoreQuery(edits.now.text, people.data, { figures, pins: edits.now.pins, shared }, day, (step, of) => setDone([step, of])),
  );
  const queries = useQueryClient();
  const asked = {
    sequenceId: sequence.id,
    text: edits.now.text,
    day,
    personIds: ids,
    figures,
    pins: edits.now.pins,
    ...(shared && { shared }),
  };
  const keep = useMutation({
    mutationFn: (body: typeof asked) => request<StoredClass>('POST', 'classes', body),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['classes'] }),
  });
  const isKept = keep.isSuccess && JSON.stringify(keep.variables) === JSON.stringify(asked);
  if (people.failed) return <Failure error={people.failed.error} onRetry={() => void people.failed!.refetch()} />;
  if (hasFailed(score)) return <Failure error={score.error} onRetry={() => void score.refetch()} />;
  if (!people.data) return <Loading what="Opening" />;
  const waiting = people.data.filter((_, i) => score.data && score.data.answer.participants[i]!.screening.decision !== 'practise');
  const isEmpty = score.data?.given.length === 0;
  return (
    <>
      <div className="mb-3 flex flex-wrap items-end justify-between gap-x-6 gap-y-3">
        <div>
          <h1 className="text-2xl">{score.data?.answer.title || sequence.title}</h1>
          <p className="text-soft">
            for {counted(people.data.length, 'person', 'people')}
            {score.data && `, ${score.data.answer.minutes.after} min (${score.data.answer.minutes.before} as given)`} ·{' '}
            <Link to={`/sequences/${sequence.id}`} className="underline">
              change the sequence
            </Link>
          </p>
        </div>
        <div className="flex flex-wrap items-end gap-3">
          <SelectField label="Different figures a step, at most" value={String(figures)} onChange={(value) => ask('figures', value)}>
            {FIGURES.map((count) => (
              <option key={count} value={count}>
                {count}
              </option>
            ))}
          </SelectField>
          <TextField label="Class on" type="date" value={day} onChange={(on) => ask('day', on || null)} />
          {earlier.length > 0 && (
            <SelectField label="Set against" value={String(readSince(search) ?? '')} onChange={(value) => ask('since', value || null)}>
              <option value="">no other class</option>
              {earlier.map(({ id, day: on, personIds }) => (
                <option key={id} value={id}>
                  {dayWords(on)}, {counted(personIds.length, 'person', 'people')}
                </option>
              ))}
            </SelectField>
          )}
          <button
            type="button"
            className={PLAIN}
            disabled={!score.data || isEmpty || keep.isPending || isKept}
            onClick={() => keep.mutate(asked)}
          >
            {isKept ? 'Class is kept' : keep.isPending ? 'Keeping …' : 'Keep this class'}
          </button>
          {state.is !== 'saved' && <SaveBar state={state} onSave={save} label="Save the sequence" />}
          {score.data && !isEmpty && waiting.length < people.data.length && (
            <Link to={`/sequences/${sequence.id}/for/${ids.join(',')}/teach?${search}`} className={PRIMARY}>
              Teach
            </Link>
          )}
        </div>
      </div>
      {keep.isError && (
        <p role="alert" className="mb-3 text-accent">
          The class was not kept: {explain(keep.error)}
        </p>
      )}
      {since.isError && <Failure error={since.error} />}
      {since.data && score.data && (
        <section aria-labelledby="since" tabIndex={0} className="mb-3 max-h-56 overflow-auto rounded border border-ink bg-sheet p-4">
          <h2 id="since" className="mb-2 text-base">
            Since the class of {dayWords(since.data.day)}
          </h2>
          <Differences
            before={since.data}
            after={score.data.answer}
            names={new Map(people.data.map(({ id, name }) => [String(id), name]))}
            none="Everybody’s plan is what it was."
          />
        </section>
      )}
      <SavedElsewhere
        state={state}
        text={value}
        onTakeOver={(text, version) => {
          takeOver(text, version);
          edits.apply({ text, pins: edits.now.pins });
        }}
      />
      {waiting.length > 0 && (
        <p className="mb-3 rounded border border-accent bg-sheet px-4 py-2">
          Not to be taught yet:{' '}
          {waiting.map(({ id, name }, i) => (
            <span key={id}>
              {i > 0 && ', '}
              <Link to={`/people/${id}`} className="underline">
                {name}
              </Link>
            </span>
          ))}
          . Their staves are for thinking ahead; teaching leaves them out.
        </p>
      )}
      <Room shared={shared} onChange={(props) => ask('shared', props && writeShared(props))} />
      {!score.data && (
        <div className="py-8" role="status">
          <p>
            Working out what is safe for everybody: step {done[0]} of {done[1]}
          </p>
          <progress className="mt-2 w-64 accent-ink" max={done[1]} value={done[0]} aria-label="Steps worked out" />
        </div>
      )}
      {score.data && isEmpty && (
        <p className="py-8">
          “{sequence.title}” holds no step that was understood.{' '}
          <Link to={`/sequences/${sequence.id}`} className="underline">
            Write some
          </Link>
        </p>
      )}
      {score.data && !isEmpty && (
        <Staff
          score={score.data}
          people={people.data}
          sequence={sequence}
          figures={figures}
          shared={shared}
          day={day}
          edits={edits}
          busy={score.isPlaceholderData}
        />
      )}
    </>
  );
}
