import { useVirtualizer } from '@tanstack/react-virtual';
import { memo, useEffect, useRef, useState, type KeyboardEvent } from 'react';
import { FigureDrawing } from '../../parts/FigureDrawing.js';
import { VerdictWord } from '../../parts/Verdict.js';
import type { ClassScore, Drawing } from '../../worker/core.worker.js';
import { clock, STAFF_CM, type Column } from './layout.js';

/** A step of one stave. */
export interface Place {
  readonly stave: number;
  readonly index: number;
}

interface Props {
  readonly score: ClassScore;
  readonly columns: readonly Column[];
  readonly names: readonly string[];
  /** Pixels of one centimetre. */
  readonly scale: number;
  readonly figures: number;
  readonly selected: Place | null;
  readonly onSelect: (place: Place | null) => void;
}

const NAMES_PX = 148;
const HEAD_PX = 40;
/** A verdict, three lines and the dose, whole lines of 16 pixels. */
const WORDS_PX = 84;

function Figures({ drawing, scale }: { drawing: Drawing; scale: number }) {
  const [start, other] = drawing[drawing.best];
  return <FigureDrawing figure={start!} ghost={other} scale={scale} height={STAFF_CM} className="mx-auto block max-w-full" />;
}

/** What a teacher has to cue in one column. */
function ColumnMark({ distinct, out, figures }: { distinct: number; out: number; figures: number }) {
  const words = [distinct > 1 && `${distinct} figures`, out > 0 && `${out} sit out`].filter((part) => part !== false).join(', ');
  if (words === '') return null;
  const hard = distinct > figures || out > 0;
  return <span className={hard ? 'rounded bg-ink px-1 text-paper' : ''}>{words}</span>;
}

/**
 * A class as a score: time runs from left to right, the upper staff is the sequence as given, below it one staff
 * for each set of people whose steps are alike, empty where a step is kept. Only what is in sight is drawn.
 */
export const ClassStaves = memo(function ClassStaves({ score, columns, names, scale, figures, selected, onSelect }: Props) {
  const { answer, staves } = score;
  const place = useRef<HTMLDivElement>(null);
  const staffPx = Math.round((STAFF_CM + 5) * scale);
  const givenPx = HEAD_PX + staffPx + WORDS_PX;
  const rowPx = staffPx + WORDS_PX;
  const across = useVirtualizer({
    horizontal: true,
    count: columns.length,
    getScrollElement: () => place.current,
    estimateSize: (index) => columns[index]!.width,
    overscan: 2,
    scrollPaddingStart: NAMES_PX,
  });
  const down = useVirtualizer({
    count: staves.length,
    getScrollElement: () => place.current,
    estimateSize: () => rowPx,
    overscan: 1,
    scrollPaddingStart: givenPx,
  });
  useEffect(() => {
    across.measure();
    down.measure();
  }, [across, down, columns, rowPx]);
  const [active, setActive] = useState<Place>({ stave: 0, index: 0 });
  const wanted = useRef<Place | null>(null);
  useEffect(() => {
    // A place that was out of sight is drawn first, then focused.
    if (wanted.current === null) return;
    const { stave, index } = wanted.current;
    const cell = place.current?.querySelector<HTMLElement>(`[data-place="${stave} ${index}"]`);
    if (cell) {
      cell.focus();
      wanted.current = null;
    }
  });
  const move = (event: KeyboardEvent, { stave, index }: Place) => {
    if (event.key === 'Escape') onSelect(null);
    const to: Place | undefined = {
      ArrowRight: { stave, index: index + 1 },
      ArrowLeft: { stave, index: index - 1 },
      ArrowDown: { stave: stave + 1, index },
      ArrowUp: { stave: stave - 1, index },
      Home: { stave, index: 0 },
      End: { stave, index: columns.length - 1 },
    }[event.key];
    if (!to || to.index < 0 || to.stave < 0 || to.index >= columns.length || to.stave >= staves.length) return;
    event.preventDefault();
    across.scrollToIndex(to.index);
    down.scrollToIndex(to.stave);
    wanted.current = to;
    setActive(to);
    if (selected !== null) onSelect(to);
  };
  const selectedIndex = selected?.index;
  useEffect(() => {
    if (selectedIndex !== undefined) across.scrollToIndex(selectedIndex);
  }, [across, selectedIndex]);
  const shown = across.getVirtualItems();
  const staffName = (people: readonly number[]) => people.map((person) => names[person]).join(', ');

  return (
    <div
      ref={place}
      role="grid"
      aria-label={`${answer.title || 'Sequence'}, adapted for ${names.length} people`}
      aria-rowcount={staves.length + 1}
      aria-colcount={columns.length + 1}
      className="relative max-h-[78vh] overflow-auto rounded border border-rule bg-sheet"
    >
      <div className="relative" style={{ width: NAMES_PX + across.getTotalSize(), height: givenPx + down.getTotalSize() }}>
        <div role="row" aria-rowindex={1} className="sticky top-0 z-2 border-b border-ink bg-sheet" style={{ height: givenPx }}>
          <span
            role="columnheader"
            aria-colindex={1}
            className="sticky left-0 z-1 flex h-full items-end border-r border-rule bg-sheet px-2 pb-2 font-serif text-sm"
            style={{ width: NAMES_PX }}
          >
            as given
          </span>
          {shown.map(({ index, start, size }) => {
            const { given, givenName, givenDose } = score.given[index]!;
            const { startsAt, section } = columns[index]!;
            const { side } = answer.participants[0]!.steps[index]!;
            const out = answer.participants.filter(({ steps }) => steps[index]!.verdict === 'omit').length;
            return (
              <span
                key={index}
                role="columnheader"
                aria-colindex={index + 2}
                className="absolute top-0 block border-r border-rule"
                style={{ left: NAMES_PX + start, width: size, height: givenPx }}
              >
                <span className="block px-2 pt-1 text-xs text-soft" style={{ height: HEAD_PX }}>
                  <span className="flex justify-between gap-2 whitespace-nowrap">
                    <span>{clock(startsAt)}</span>
                    <ColumnMark distinct={answer.columns[index]!.distinct} out={out} figures={figures} />
                  </span>
                  {section !== null && <span className="block truncate font-serif">{section}</span>}
                </span>
                <Figures drawing={given} scale={scale} />
                <span className="block overflow-hidden px-2 text-xs leading-4" style={{ height: WORDS_PX }}>
                  <span className="line-clamp-3 text-sm leading-4 font-semibold">{givenName}</span>
                  <span className="block text-soft">
                    {givenDose}
                    {side === 'both' ? ', each side' : side === 'none' ? '' : `, ${side}`}
                  </span>
                </span>
              </span>
            );
          })}
        </div>
        {down.getVirtualItems().map(({ index: stave, start: top }) => {
          const { people, steps } = staves[stave]!;
          const participant = answer.participants[people[0]!]!;
          return (
            <div
              key={stave}
              role="row"
              aria-rowindex={stave + 2}
              className="absolute left-0 w-full border-b border-rule"
              style={{ top: givenPx + top, height: rowPx }}
            >
              <span
                role="rowheader"
                aria-colindex={1}
                className="sticky left-0 z-1 flex h-full flex-col justify-end border-r border-rule bg-sheet px-2 pb-2 text-sm leading-tight"
                style={{ width: NAMES_PX }}
              >
                <span className="line-clamp-4 font-semibold">{staffName(people)}</span>
                {participant.screening.decision !== 'practise' && (
                  <span className="text-accent">{participant.screening.decision === 'refer' ? 'not today' : 'clearance first'}</span>
                )}
                {participant.session.some(({ met }) => !met) && (
                  <span title={participant.session.flatMap(({ met, text }) => (met ? [] : [text])).join(' ')}>
                    ● {participant.session.filter(({ met }) => !met).length} for the whole class
                  </span>
                )}
              </span>
              {shown.map(({ index, start, size }) => {
                const { adapted, givenDose } = steps[index]!;
                const step = participant.steps[index]!;
                const isSelected = selected?.stave === stave && selected.index === index;
                const isActive = active.stave === stave && active.index === index;
                const at = { stave, index };
                return (
                  <span
                    key={index}
                    role="gridcell"
                    aria-colindex={index + 2}
                    className="absolute top-0 block h-full border-r border-rule"
                    style={{ left: NAMES_PX + start, width: size }}
                  >
                    <button
                      type="button"
                      data-place={`${stave} ${index}`}
                      tabIndex={isActive ? 0 : -1}
                      aria-expanded={isSelected}
                      aria-label={`${steps[index]!.givenName}, ${staffName(people)}: ${step.verdict}${step.to && step.verdict !== 'keep' ? ` ${step.to.name} ${step.to.changes.join('; ')}` : ''}`}
                      onFocus={() => setActive(at)}
                      onClick={() => onSelect(isSelected ? null : at)}
                      onKeyDown={(event) => move(event, at)}
                      className={`flex h-full w-full flex-col text-left -outline-offset-3 hover:bg-shade ${isSelected ? 'bg-shade' : ''}`}
                    >
                      <span className="block w-full" style={{ height: staffPx }}>
                        {adapted && <Figures drawing={adapted} scale={scale} />}
                      </span>
                      <span className="block w-full overflow-hidden px-2 text-xs leading-4" style={{ height: WORDS_PX }}>
                        <span className={step.verdict === 'keep' ? 'text-soft' : 'font-semibold'}>
                          <VerdictWord verdict={step.verdict} />
                        </span>
                        <span className="line-clamp-3">
                          {step.verdict === 'substitute' && <strong>{step.to?.name}. </strong>}
                          {step.to?.changes.join('; ')}
                        </span>
                        {step.to && step.dose !== givenDose && <span className="block text-soft">{step.dose}</span>}
                      </span>
                    </button>
                  </span>
                );
              })}
            </div>
          );
        })}
      </div>
    </div>
  );
});
