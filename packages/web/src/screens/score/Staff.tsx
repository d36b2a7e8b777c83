import { type Pin } from '@lotus-steady/core';
import { lazy, Suspense, useCallback, useMemo, useState } from 'react';
import { useLater } from '../../parts/use-later.js';
import { GIVEN, type Place } from './Cell.js';
import { Staves } from './Staves.js';
import { AboveScore, type ScoreInHand } from './AboveScore.js';
import { BelowScore } from './BelowScore.js';
import { StepPanel, type OwnEdit } from './StepPanel.js';
import { controlAt, placeOfStep, scoreOf, stepAt, type OpenStep } from './open-step.js';
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

interface Props extends ScoreInHand {
  /** Only the first steps are there: to be looked at, until the others come to them. */
  readonly isPart: boolean;
}

/** The score of a class, and what a teacher changes on it. */
export function Staff({ score, people, sequence, asked: of, busy, isPart }: Props) {
  const { figures, options, day, edits } = of;
  const [zoom, setZoom] = useState<number>(usualZoom(people.length));
  const [open, setOpen] = useState<OpenStep | null>(null);
  useLater(loadWhy, LATER_MS);
  const scale = ZOOMS[zoom]!;
  const { staves } = score;
  const selected = useMemo(() => open && placeOfStep(staves, open), [open, staves]);
  // Its panel comes with the other steps.
  const opened = isPart ? null : selected;
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
      <div className={opened === null ? '' : 'items-start gap-4 xl:grid xl:grid-cols-[minmax(0,1fr)_26rem]'}>
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
        {opened?.stave === GIVEN && score.given[opened.index] && (
          <div className={SHEET}>
            <StepPanel
              given={score.given[opened.index]!}
              step={score.answer.participants[0]!.steps[opened.index]!}
              index={opened.index}
              count={columns.length}
              onEdit={(own) => change(opened.index, own)}
              onClose={close}
            />
          </div>
        )}
        {opened !== null && person !== null && (
          <div className={SHEET}>
            <Suspense fallback={<p className="p-4 text-soft">{t('Looking …')}</p>}>
              <WhyPanel
                key={`${person} ${opened.index}`}
                of={{ text: edits.now.text, people, whose: person, asked: options, index: opened.index, day }}
                score={scoreOf(score, person)}
                onClose={close}
                onPick={(figure) => pick(opened, figure)}
                onUnpick={
                  chosenFor(opened).length > 0
                    ? () => edits.setPins(edits.now.pins.filter((pin) => !chosenFor(opened).includes(pin)))
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
