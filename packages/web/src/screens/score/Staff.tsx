import { type Pin } from '@lotus-steady/core';
import { lazy, Suspense, useCallback, useMemo, useState } from 'react';
import type { Person, StoredSequence } from '@lotus-steady/requests';
import { useLater } from '../../parts/use-later.js';
import { TOOL } from '../../parts/button-styles.js';
import { UndoButtons } from '../../parts/UndoButtons.js';
import type { ClassScore, Score } from '../../worker/answers.js';
import { BetterOrder } from './BetterOrder.js';
import { GIVEN, type Place } from './Cell.js';
import { Staves } from './Staves.js';
import { Differences } from './Differences.js';
import { Added, NotUnderstood } from './Notes.js';
import { StepPanel, type OwnEdit } from './StepPanel.js';
import { PrintedScore } from './PrintedScore.js';
import { controlAt, placeOfStep, stepAt, type OpenStep } from './open-step.js';
import { Settings } from './Settings.js';
import type { useClassScore } from './use-class-score.js';
import { useColumns } from './use-columns.js';
import { WholeClass } from './WholeClass.js';
import { usualZoom, ZOOMS } from './zooms.js';
import { t } from '../../words/t.js';
import { tell } from '../../words/tell.js';

/** What speaks of limits knows all of them: it comes once the score itself is there. */
const loadWhy = () => import('./WhyPanel.js');
const WhyPanel = lazy(async () => ({ default: (await loadWhy()).WhyPanel }));
const LATER_MS = 6000;

const ClassCurve = lazy(async () => ({ default: (await import('./ClassCurve.js')).ClassCurve }));

/** A sheet over the score where it doesn't fit beside it. */
const SHEET =
  'max-xl:fixed max-xl:inset-x-0 max-xl:bottom-0 max-xl:z-20 max-xl:border-t-2 max-xl:border-ink max-xl:shadow-2xl max-h-[58dvh] overflow-auto bg-sheet xl:max-h-[78vh]';

/** How good what was chosen is, as far as that is proven. */
function choiceWords({ within, bestInEachStep }: ClassScore['answer']['choice']): string {
  if (within === 0) return t('No better choice for the whole class.');
  return bestInEachStep
    ? t('No better choice in any single step; the whole class is within {within} % of the best.', { within })
    : t('The whole class is within {within} % of the best.', { within });
}

/** One person's part of a class, as their own score. */
function scoreOf({ answer, staves }: ClassScore, person: number): Score {
  const stave = staves.find(({ people }) => people.includes(person));
  if (!stave) throw new RangeError(`No stave for person ${person}`);
  return { answer: { ...answer, participants: [answer.participants[person]!] }, steps: stave.steps };
}

interface Props {
  readonly score: ClassScore;
  readonly people: readonly Person[];
  readonly sequence: StoredSequence;
  /** What its address asks for, and what is edited and kept of it. */
  readonly asked: ReturnType<typeof useClassScore>;
  /** What is shown is being worked out anew. */
  readonly busy: boolean;
  /** The step that was opened before all of the score was there. */
  readonly first: OpenStep | null;
}

/** The score of a class, and what a teacher changes on it. */
export function Staff({ score, people, sequence, asked: of, busy, first }: Props) {
  const { figures, shared, day, edits } = of;
  const [zoom, setZoom] = useState<number>(usualZoom(people.length));
  const [open, setOpen] = useState(first);
  useLater(loadWhy, LATER_MS);
  const scale = ZOOMS[zoom]!;
  const { answer, staves } = score;
  const asked = { figures, pins: edits.now.pins, shared };
  const selected = useMemo(() => open && placeOfStep(staves, open), [open, staves]);
  const setSelected = useCallback((at: Place | null) => setOpen(at && stepAt(staves, at)), [staves]);
  const columns = useColumns(score, scale);
  const own = useMemo(() => (people.length === 1 ? scoreOf(score, 0) : null), [people.length, score]);
  const names = useMemo(() => people.map(({ name }) => name), [people]);
  const nameOf = useMemo(() => new Map(people.map(({ id, name }) => [String(id), name])), [people]);
  const person = open?.person ?? null;
  const [opened] = useState(answer);
  const [comparing, setComparing] = useState(false);
  const { edit } = edits;
  // The work goes on where it was left: at the step that was open.
  const close = useCallback(() => {
    const left = selected && controlAt(selected, document);
    setOpen(null);
    left?.focus();
  }, [selected]);
  const change = useCallback(
    (index: number, own: OwnEdit) =>
      void edit({ ...own, index }).then((now) => setOpen((at) => (at?.person === null ? (now < 0 ? null : { ...at, index: now }) : at))),
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
                {people.find((one) => String(one.id) === id)?.name ?? t('Someone else')}
                {score.given[index] && `, ${score.given[index].givenName}`}: {text}
              </li>
            ))}
          </ul>
          <button type="button" className="mt-1 underline" onClick={() => edits.setPins(edits.now.pins.filter(isMet))}>
            {t('Leave this to the search')}
          </button>
        </div>
      )}
      <div className="mb-2 flex items-center gap-2 text-sm print:hidden">
        <Settings asked={of} alone={people.length === 1} />
        <div className="flex min-w-0 items-center gap-2 overflow-x-auto py-1 pr-1" role="group" aria-label={t('Changes by hand, and size')}>
          <UndoButtons {...edits} />
          <BetterOrder people={people} asked={asked} day={day} edits={edits} />
          <button type="button" className={TOOL} aria-pressed={comparing} onClick={() => setComparing(!comparing)}>
            {t('Compare')}
          </button>
          <button type="button" className={TOOL} disabled={zoom === 0} onClick={() => setZoom(zoom - 1)} aria-label={t('Smaller')}>
            −
          </button>
          <button
            type="button"
            className={TOOL}
            disabled={zoom === ZOOMS.length - 1}
            onClick={() => setZoom(zoom + 1)}
            aria-label={t('Larger')}
          >
            +
          </button>
          {busy && (
            <span role="status" className="whitespace-nowrap">
              {t('Working it out anew …')}
            </span>
          )}
        </div>
      </div>
      {comparing && (
        <section aria-labelledby="compared" tabIndex={0} className="mb-3 max-h-80 overflow-auto rounded border border-rule bg-sheet p-4">
          <h2 id="compared" className="mb-2 text-base">
            {t('Since you opened it')}
          </h2>
          <Differences before={opened} after={answer} names={nameOf} none={t('Nothing has changed.')} />
        </section>
      )}
      <NotUnderstood unknown={answer.unknown} sequence={sequence.id} />
      <div className={selected === null ? '' : 'items-start gap-4 xl:grid xl:grid-cols-[minmax(0,1fr)_26rem]'}>
        <Staves
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
          <div className={SHEET}>
            <StepPanel
              given={score.given[selected.index]!}
              step={answer.participants[0]!.steps[selected.index]!}
              index={selected.index}
              count={columns.length}
              onEdit={(own) => change(selected.index, own)}
              onClose={close}
            />
          </div>
        )}
        {selected !== null && person !== null && (
          <div className={SHEET}>
            <Suspense fallback={<p className="p-4 text-soft">{t('Looking …')}</p>}>
              <WhyPanel
                key={`${person} ${selected.index}`}
                of={{ text: edits.now.text, people, whose: person, asked, index: selected.index, day }}
                score={scoreOf(score, person)}
                onClose={close}
                onPick={(figure) => pick(selected, figure)}
                onUnpick={
                  chosenFor(selected).length > 0
                    ? () => edits.setPins(edits.now.pins.filter((pin) => !chosenFor(selected).includes(pin)))
                    : undefined
                }
              />
            </Suspense>
          </div>
        )}
      </div>
      <PrintedScore score={score} names={names} />
      <p className="mt-2 text-sm">
        {people.length > 1 &&
          (crowded === 0
            ? tell('Every step shows at most {figures, plural, one {# figure} other {# figures}}. ', { figures })
            : tell('{crowded, plural, one {# step shows} other {# steps show}} more figures. ', { crowded }))}
        {giving > 0 && tell('{giving, plural, =1 {Once} other {# times}} someone gives way to the class. ', { giving })}
        {out > 0 &&
          (people.length > 1
            ? tell('{out, plural, =1 {Once} other {# times}} someone sits a step out. ', { out })
            : tell('{out, plural, =1 {Once} other {# times}} a step is left out. ', { out }))}
        {people.length > 1 && <span className="text-soft">{choiceWords(answer.choice)}</span>}
      </p>
      {answer.participants.map(({ id, inserted }, i) => (
        <Added key={id} inserted={inserted} {...(people.length > 1 && { name: names[i]! })} />
      ))}
      <WholeClass participants={answer.participants} names={names} />
      {own && (
        <section aria-labelledby="curve" className="mt-5 print:hidden">
          <h2 id="curve" className="text-lg">
            {t('Effort through the class')}
          </h2>
          <Suspense fallback={<p className="text-soft">{t('Drawing …')}</p>}>
            <ClassCurve score={own} columns={columns} />
          </Suspense>
        </section>
      )}
    </>
  );
}
