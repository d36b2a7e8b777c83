import { type Pin } from '@lotus-steady/core';
import { lazy, Suspense, useCallback, useMemo, useState } from 'react';
import type { Person, StoredSequence } from '@lotus-steady/requests';
import { useLater } from '../../parts/use-later.js';
import type { ClassScore } from '../../worker/answers.js';
import { GIVEN, type Place } from './Cell.js';
import { Staves } from './Staves.js';
import { AboveScore } from './AboveScore.js';
import { BelowScore } from './BelowScore.js';
import { StepPanel, type OwnEdit } from './StepPanel.js';
import { controlAt, placeOfStep, scoreOf, stepAt, type OpenStep } from './open-step.js';
import type { useClassScore } from './use-class-score.js';
import { useColumns } from './use-columns.js';
import { usualZoom, ZOOMS } from './zooms.js';
import { t } from '../../words/t.js';

/** What speaks of limits knows all of them: it comes once the score itself is there. */
const loadWhy = () => import('./WhyPanel.js');
const WhyPanel = lazy(async () => ({ default: (await loadWhy()).WhyPanel }));
const LATER_MS = 6000;

/** A sheet over the score where it doesn't fit beside it. */
const SHEET =
  'max-xl:fixed max-xl:inset-x-0 max-xl:bottom-0 max-xl:z-20 max-xl:border-t-2 max-xl:border-ink max-xl:shadow-2xl max-h-[58dvh] overflow-auto bg-sheet xl:max-h-[78vh]';

const nothing = () => undefined;

interface Props {
  readonly score: ClassScore;
  readonly people: readonly Person[];
  readonly sequence: StoredSequence;
  /** What its address asks for, and what is edited and kept of it. */
  readonly asked: ReturnType<typeof useClassScore>;
  /** What is shown is being worked out anew. */
  readonly busy: boolean;
  /** Only the first steps are there: to be looked at, until the others come to them. */
  readonly isPart: boolean;
}

/** The score of a class, and what a teacher changes on it. */
export function Staff({ score, people, sequence, asked: of, busy, isPart }: Props) {
  const { figures, shared, day, edits } = of;
  const [zoom, setZoom] = useState<number>(usualZoom(people.length));
  const [open, setOpen] = useState<OpenStep | null>(null);
  useLater(loadWhy, LATER_MS);
  const scale = ZOOMS[zoom]!;
  const { staves } = score;
  const asked = { figures, pins: edits.now.pins, shared };
  const selected = useMemo(() => open && placeOfStep(staves, open), [open, staves]);
  const setSelected = useCallback((at: Place | null) => setOpen(at && stepAt(staves, at)), [staves]);
  const columns = useColumns(score, scale);
  const names = useMemo(() => people.map(({ name }) => name), [people]);
  const person = open?.person ?? null;
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
  const chosenFor = (at: Place): Pin[] =>
    staves[at.stave]!.people.flatMap((one) =>
      edits.now.pins.filter((pin) => pin.person === String(people[one]!.id) && pin.index === at.index),
    );
  const pick = (at: Place, figure: string) =>
    edits.setPins([
      ...edits.now.pins.filter((pin) => !chosenFor(at).includes(pin)),
      // Everybody on the stave takes it: their limits are the same.
      ...staves[at.stave]!.people.map((one) => ({ person: String(people[one]!.id), index: at.index, figure })),
    ]);
  return (
    <>
      {!isPart && <AboveScore score={score} people={people} sequence={sequence} asked={of} busy={busy} zoom={zoom} onZoom={setZoom} />}
      <div className={selected === null || isPart ? '' : 'items-start gap-4 xl:grid xl:grid-cols-[minmax(0,1fr)_26rem]'}>
        <Staves
          score={score}
          columns={columns}
          names={names}
          scale={scale}
          figures={figures}
          selected={selected}
          onSelect={setSelected}
          onShift={isPart ? nothing : shift}
        />
        {!isPart && selected?.stave === GIVEN && score.given[selected.index] && (
          <div className={SHEET}>
            <StepPanel
              given={score.given[selected.index]!}
              step={score.answer.participants[0]!.steps[selected.index]!}
              index={selected.index}
              count={columns.length}
              onEdit={(own) => change(selected.index, own)}
              onClose={close}
            />
          </div>
        )}
        {!isPart && selected !== null && person !== null && (
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
      {!isPart && <BelowScore score={score} names={names} figures={figures} columns={columns} />}
    </>
  );
}
