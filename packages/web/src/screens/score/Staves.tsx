import { DndContext, PointerSensor, pointerWithin, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core';
import { defaultRangeExtractor, useVirtualizer, type Range } from '@tanstack/react-virtual';
import { memo, useCallback, useEffect, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { useGradually } from '../../parts/use-growing.js';
import { useIsNarrow } from '../../parts/use-is-narrow.js';
import type { ClassScore } from '../../worker/answers.js';
import { GROUND_CM } from '../../parts/FigureDrawing.js';
import { Cell, GIVEN, Head, HEAD_PX, PLAIN_PX, WORDS_PX, type Place } from './Cell.js';
import { drawnAbove, staffHeights, type Column } from './layout.js';
import { controlAt } from './open-step.js';
import { t } from '../../words/t.js';

interface Props {
  readonly score: ClassScore;
  readonly columns: readonly Column[];
  readonly names: readonly string[];
  /** Pixels of one centimetre. */
  readonly scale: number;
  readonly figures: number;
  readonly selected: Place | null;
  readonly onSelect: (place: Place | null) => void;
  /** Takes a step to another's place. */
  readonly onShift: (from: number, to: number) => void;
}

/** Width of the names, on a phone and elsewhere. */
const NAMES_PX = { narrow: 76, wide: 148 } as const;
/** A press that moves this far is a drag, not a click. */
const DRAG_PX = 6;
/** Cells that are drawn anew with every frame. */
const BATCH = 6;

/** What is in sight, and the place that the keyboard is at: it isn't lost when it is scrolled away. */
function withPlace(at: number): (range: Range) => number[] {
  return (range) => [...new Set([...defaultRangeExtractor(range), ...(at >= 0 && at < range.count ? [at] : [])])].sort((a, b) => a - b);
}

/**
 * A class as a score: time runs from left to right, the upper staff is the sequence as given, below it one staff
 * for each set of people whose steps are alike, empty where a step is kept. Only what is in sight is drawn.
 */
export const Staves = memo(function Staves({ score, columns, names, scale, figures, selected, onSelect, onShift }: Props) {
  const { answer, given, staves } = score;
  const place = useRef<HTMLDivElement>(null);
  const namesPx = useIsNarrow() ? NAMES_PX.narrow : NAMES_PX.wide;
  const [active, setActive] = useState<Place>({ stave: GIVEN, index: 0 });
  const above = useMemo(() => drawnAbove(score), [score]);
  const heights = useMemo(() => staffHeights(score, above), [score, above]);
  const staffPx = useCallback((cm: number) => Math.round((cm + GROUND_CM) * scale), [scale]);
  const givenPx = HEAD_PX + staffPx(heights.given) + WORDS_PX;
  const rowPx = useCallback(
    (stave: number) => {
      const cm = heights.staves[stave] ?? 0;
      return cm === 0 ? PLAIN_PX : staffPx(cm) + WORDS_PX;
    },
    [heights, staffPx],
  );
  const across = useVirtualizer({
    horizontal: true,
    count: columns.length,
    getScrollElement: () => place.current,
    estimateSize: (index) => columns[index]!.width,
    overscan: 2,
    rangeExtractor: withPlace(active.index),
    scrollPaddingStart: namesPx,
  });
  const down = useVirtualizer({
    count: staves.length,
    getScrollElement: () => place.current,
    estimateSize: rowPx,
    overscan: 1,
    rangeExtractor: withPlace(active.stave),
    scrollPaddingStart: givenPx,
  });
  useEffect(() => {
    across.measure();
    down.measure();
  }, [across, down, columns, rowPx]);
  const wanted = useRef<Place | null>(null);
  useEffect(() => {
    // An open step may come to stand on another stave: the keyboard goes with it.
    if (!selected || !place.current?.contains(document.activeElement)) return;
    wanted.current = selected;
    setActive(selected);
  }, [selected]);
  useEffect(() => {
    // A place that was out of sight is drawn first, then focused.
    if (wanted.current === null) return;
    const cell = place.current && controlAt(wanted.current, place.current);
    if (cell) {
      cell.focus();
      wanted.current = null;
    }
  });
  const last = { stave: staves.length - 1, index: columns.length - 1 };
  const follow = selected !== null;
  const move = useCallback(
    (event: KeyboardEvent, from: Place) => {
      // Keys pressed faster than places are drawn go on from the place that is still to be focused.
      const { stave, index } = wanted.current ?? from;
      if (event.key === 'Escape') onSelect(null);
      const shift = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
      if (event.altKey && stave === GIVEN && shift !== undefined) {
        event.preventDefault();
        if (index + shift < 0 || index + shift > last.index) return;
        wanted.current = { stave, index: index + shift };
        onShift(index, index + shift);
        return;
      }
      const to: Place | undefined = {
        ArrowRight: { stave, index: index + 1 },
        ArrowLeft: { stave, index: index - 1 },
        ArrowDown: { stave: stave + 1, index },
        ArrowUp: { stave: stave - 1, index },
        Home: { stave, index: 0 },
        End: { stave, index: last.index },
      }[event.key];
      if (!to || to.index < 0 || to.stave < GIVEN || to.index > last.index || to.stave > last.stave) return;
      event.preventDefault();
      across.scrollToIndex(to.index);
      if (to.stave !== GIVEN) down.scrollToIndex(to.stave);
      wanted.current = to;
      setActive(to);
      if (follow) onSelect(to);
    },
    [across, down, follow, last.index, last.stave, onSelect, onShift],
  );
  const focused = useCallback((at: Place) => {
    wanted.current = null;
    setActive(at);
  }, []);
  const selectedIndex = selected?.index;
  useEffect(() => {
    if (selectedIndex !== undefined) across.scrollToIndex(selectedIndex);
  }, [across, selectedIndex]);
  const inSight = across.getVirtualItems();
  const rows = down.getVirtualItems();
  // The same for a step when others come behind it: it is not drawn anew.
  const cell = (stave: number, index: number) => `${stave} ${index}`;
  const drawn = useGradually(
    inSight.flatMap(({ index }) => [GIVEN, ...rows.map((row) => row.index)].map((stave) => cell(stave, index))),
    BATCH,
    scale,
  );
  const isActive = (stave: number, index: number) => active.stave === stave && active.index === index;
  const shownOf = (stave: number) => inSight.filter(({ index }) => drawn.has(cell(stave, index)) || isActive(stave, index));
  const staffName = (people: readonly number[]) => people.map((person) => names[person]).join(', ');

  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: DRAG_PX } }));
  const dropped = ({ active: from, over }: DragEndEvent) => over && from.id !== over.id && onShift(Number(from.id), Number(over.id));

  return (
    <DndContext sensors={sensors} collisionDetection={pointerWithin} onDragEnd={dropped}>
      <div
        ref={place}
        role="grid"
        aria-label={t('{title}, adapted for {whom}', {
          title: answer.title || t('Sequence'),
          whom: names.length === 1 ? names[0]! : t('{names} people', { names: names.length }),
        })}
        aria-rowcount={staves.length + 1}
        aria-colcount={columns.length + 1}
        className="relative max-h-[78vh] overflow-auto rounded print:max-h-none border border-rule bg-sheet"
      >
        <div className="relative" style={{ width: namesPx + across.getTotalSize(), height: givenPx + down.getTotalSize() }}>
          <div role="row" aria-rowindex={1} className="sticky top-0 z-2 border-b border-ink bg-sheet" style={{ height: givenPx }}>
            <span
              role="columnheader"
              aria-colindex={1}
              className="sticky left-0 z-1 flex h-full items-end border-r border-rule bg-sheet px-2 pb-1 font-serif text-sm"
              style={{ width: namesPx }}
            >
              {t('as given')}
            </span>
            {shownOf(GIVEN).map(({ index, start, size }) => (
              <Head
                key={index}
                index={index}
                shown={given[index]!}
                step={answer.participants[0]!.steps[index]!}
                startsAt={columns[index]!.startsAt}
                section={columns[index]!.section}
                distinct={answer.columns[index]!.distinct}
                out={answer.participants.filter(({ steps }) => steps[index]!.verdict === 'omit').length}
                left={namesPx + start}
                width={size}
                height={givenPx}
                scale={scale}
                heightCm={heights.given}
                figures={figures}
                isSelected={selected?.stave === GIVEN && selected.index === index}
                isActive={isActive(GIVEN, index)}
                onActive={focused}
                onSelect={onSelect}
                onMove={move}
              />
            ))}
          </div>
          {rows.map(({ index: stave, start: top }) => {
            const { people, steps } = staves[stave]!;
            const participant = answer.participants[people[0]!]!;
            return (
              <div
                key={stave}
                role="row"
                aria-rowindex={stave + 2}
                className="absolute left-0 w-full border-b border-rule"
                style={{ top: givenPx + top, height: rowPx(stave) }}
              >
                <span
                  role="rowheader"
                  aria-colindex={1}
                  className="sticky left-0 z-1 flex h-full flex-col justify-end border-r border-rule bg-sheet px-2 pb-1 text-sm leading-tight max-sm:text-xs"
                  style={{ width: namesPx }}
                >
                  <span className="line-clamp-4 font-semibold">{staffName(people)}</span>
                  {participant.screening.decision !== 'practise' && (
                    <span className="text-accent">
                      {participant.screening.decision === 'refer' ? t('not today') : t('clearance first')}
                    </span>
                  )}
                  {participant.session.some(({ met }) => !met) && (
                    <span title={participant.session.flatMap(({ met, text }) => (met ? [] : [text])).join(' ')}>
                      {t('● {filter} for the whole class', { filter: participant.session.filter(({ met }) => !met).length })}
                    </span>
                  )}
                </span>
                {shownOf(stave).map(({ index, start, size }) => (
                  <Cell
                    key={index}
                    stave={stave}
                    index={index}
                    shown={steps[index]!}
                    step={participant.steps[index]!}
                    who={staffName(people)}
                    isDrawnAbove={above[stave]![index]!}
                    goesOn={above[stave + 1]?.[index] === true}
                    left={namesPx + start}
                    width={size}
                    scale={scale}
                    heightCm={heights.staves[stave]!}
                    isSelected={selected?.stave === stave && selected.index === index}
                    isActive={isActive(stave, index)}
                    onActive={focused}
                    onSelect={onSelect}
                    onMove={move}
                  />
                ))}
              </div>
            );
          })}
        </div>
      </div>
    </DndContext>
  );
});
