import { useDraggable, useDroppable } from '@dnd-kit/core';
import { memo, type KeyboardEvent } from 'react';
import { type StepJson } from '@lotus-steady/core';
import { doseWithSide } from '@lotus-steady/core/sheets';
import { StepFigure } from '../../parts/StepFigure.js';
import { VerdictMark } from '../../parts/Verdict.js';
import type { Picture } from '../../worker/figure-cache.js';
import type { ScoreStep } from '../../worker/score-steps.js';
import { GROUND_CM } from '../../parts/FigureDrawing.js';
import { clock, type Column } from './layout.js';
import { say } from '../../words/say.js';
import { t } from '../../words/t.js';
import { tell } from '../../words/tell.js';

export const HEAD_PX = 40;
/** What changes, and the dose: four lines of 16 pixels at the most. */
export const WORDS_PX = 64;
/** A staff on which everything is as given. */
export const PLAIN_PX = 36;

/** The stave of the sequence as given, above those of people. */
export const GIVEN = -1;

/** A step of one stave. */
export interface Place {
  readonly stave: number;
  readonly index: number;
}

/** Where a cell lies in the score, in pixels, and how it is reached. */
interface Frame {
  readonly left: number;
  readonly width: number;
  /** Pixels of one centimetre. */
  readonly scale: number;
  /** How much of a figure the staff shows above its ground. */
  readonly heightCm: number;
  readonly isSelected: boolean;
  /** Reached by the tab key. */
  readonly isActive: boolean;
  readonly onActive: (place: Place) => void;
  readonly onSelect: (place: Place | null) => void;
  readonly onMove: (event: KeyboardEvent, place: Place) => void;
}

function Figures({ picture, scale, heightCm }: { picture: Picture; scale: number; heightCm: number }) {
  return <StepFigure picture={picture} scale={scale} height={heightCm} className="mx-auto block max-w-full" />;
}

/** What a teacher has to cue in one column, and how many sit it out. */
function ColumnMark({ distinct, out, figures }: { distinct: number; out: number; figures: number }) {
  if (distinct < 2 && out === 0) return null;
  const shown = tell('{count, plural, one {# figure} other {# figures}}', { count: distinct });
  if (out === 0) return <span className={distinct > figures ? MARKED : ''}>{shown}</span>;
  return (
    <span className={MARKED} title={t('{shown}, {out} sit out', { shown, out })}>
      {distinct > 1 && `${distinct}, `}
      {t('{out} out', { out })}
    </span>
  );
}
const MARKED = 'rounded bg-ink px-1 text-paper';

/** What a cell shows of its step: after an edit most of the steps are other objects that say the same. */
interface Shown {
  readonly shown: ScoreStep;
  readonly step: StepJson;
}

function wordsOf({ shown: { given, givenName, givenDose, adapted }, step: { verdict, to, dose, side, note } }: Shown): string {
  return JSON.stringify([given.key, givenName, givenDose, adapted?.key, verdict, to?.name, to?.changes, dose, side, note]);
}

/** Whether two sets of properties draw the same. */
function drawsSame<P extends Shown>(before: P, after: P): boolean {
  const plain = (Object.keys(after) as (keyof P)[]).every((key) => key === 'shown' || key === 'step' || before[key] === after[key]);
  return plain && ((before.shown === after.shown && before.step === after.step) || wordsOf(before) === wordsOf(after));
}

interface HeadProps extends Frame, Shown, Pick<Column, 'index' | 'startsAt' | 'section'> {
  readonly height: number;
  readonly figures: number;
  /** Different figures of the column, and people who sit it out. */
  readonly distinct: number;
  readonly out: number;
}

/** A step as the sequence gives it, above what becomes of it. It is opened to be changed, and dragged to another place. */
export const Head = memo(function Head(props: HeadProps) {
  const { shown, step, index, startsAt, section, left, width, height, scale, heightCm, figures, distinct, out } = props;
  const { isSelected, isActive, onActive, onSelect, onMove } = props;
  const { given, givenName, givenDose } = shown;
  const { side, note } = step;
  const { setNodeRef, listeners, isDragging } = useDraggable({ id: index });
  const { setNodeRef: setDropRef, isOver, active } = useDroppable({ id: index });
  const at = { stave: GIVEN, index };
  const over = isOver && active !== null && active.id !== index;
  return (
    <span
      ref={setDropRef}
      role="columnheader"
      aria-colindex={index + 2}
      className={`absolute top-0 block border-r border-rule contain-strict ${over ? 'bg-shade' : ''}`}
      style={{ left, width, height }}
    >
      <button
        ref={setNodeRef}
        type="button"
        {...listeners}
        data-place={`${GIVEN} ${index}`}
        tabIndex={isActive ? 0 : -1}
        aria-expanded={isSelected}
        aria-label={t('{givenName}, {givenDose}: change it for everybody', { givenName, givenDose })}
        onFocus={() => onActive(at)}
        onClick={() => onSelect(isSelected ? null : at)}
        onKeyDown={(event) => onMove(event, at)}
        className={`block h-full w-full touch-pan-y text-left -outline-offset-3 hover:bg-shade ${isSelected ? 'bg-shade' : ''} ${isDragging ? 'opacity-40' : ''}`}
      >
        <span className="block px-2 pt-1 text-xs text-soft" style={{ height: HEAD_PX }}>
          <span className="flex justify-between gap-2 whitespace-nowrap">
            <span>{clock(startsAt)}</span>
            <ColumnMark distinct={distinct} out={out} figures={figures} />
          </span>
          {section !== null && <span className="block truncate font-serif">{section}</span>}
        </span>
        <Figures picture={given} scale={scale} heightCm={heightCm} />
        <span className="block overflow-hidden px-2 text-xs leading-4" style={{ height: WORDS_PX }}>
          <span className={`${note === undefined ? 'line-clamp-3' : 'line-clamp-2'} text-sm leading-4 font-semibold`}>{givenName}</span>
          <span className="block text-soft">{doseWithSide(givenDose, side, say)}</span>
          {note !== undefined && <em className="line-clamp-2">{note}</em>}
        </span>
      </button>
    </span>
  );
}, drawsSame);

interface CellProps extends Frame, Shown, Place {
  /** The people of the stave. */
  readonly who: string;
  /** The stave above shows the same, and it is drawn there. */
  readonly isDrawnAbove: boolean;
  /** The stave below shows the same. */
  readonly goesOn: boolean;
}

/** What becomes of a step on one stave: empty where it is kept. */
export const Cell = memo(function Cell(props: CellProps) {
  const { stave, index, shown, step, who, isDrawnAbove, goesOn, left, width, scale, heightCm } = props;
  const { isSelected, isActive, onActive, onSelect, onMove } = props;
  const { adapted, givenName, givenDose } = shown;
  const at = { stave, index };
  const changed = step.verdict !== 'keep' && step.to;
  return (
    <span
      role="gridcell"
      aria-colindex={index + 2}
      className={`absolute top-0 block border-r border-rule contain-strict ${isDrawnAbove || goesOn ? 'border-l-2 border-l-ink bg-paper' : ''}`}
      // What several staves share has no line across it.
      style={{ left, width, height: goesOn ? 'calc(100% + 1px)' : '100%' }}
    >
      <button
        type="button"
        data-place={`${stave} ${index}`}
        tabIndex={isActive ? 0 : -1}
        aria-expanded={isSelected}
        aria-label={`${givenName}, ${who}: ${step.verdict}${changed ? ` ${changed.name} ${changed.changes.join('; ')}` : ''}`}
        onFocus={() => onActive(at)}
        onClick={() => onSelect(isSelected ? null : at)}
        onKeyDown={(event) => onMove(event, at)}
        className={`flex h-full w-full flex-col text-left -outline-offset-3 hover:bg-shade ${isSelected ? 'bg-shade' : ''}`}
      >
        <span className="relative block w-full shrink-0" style={{ height: Math.round((heightCm + GROUND_CM) * scale) }}>
          {/* The ground line runs on where nothing changes. */}
          {!isDrawnAbove && <span className="absolute inset-x-0 border-b border-rule" style={{ bottom: Math.round(GROUND_CM * scale) }} />}
          {adapted && !isDrawnAbove && <Figures picture={adapted} scale={scale} heightCm={heightCm} />}
        </span>
        <span className="block w-full overflow-hidden px-2 text-xs leading-4" style={{ height: WORDS_PX }}>
          {isDrawnAbove && <span className="text-soft">{t('as above')}</span>}
          {step.verdict !== 'keep' && !isDrawnAbove && (
            <span className="line-clamp-3">
              <VerdictMark verdict={step.verdict} /> {step.verdict === 'omit' && <strong>{t('Left out')}</strong>}
              {step.verdict === 'substitute' && <strong>{step.to?.name}. </strong>}
              {step.to?.changes.join('; ')}
            </span>
          )}
          {step.to && step.dose !== givenDose && <span className="block text-soft">{step.dose}</span>}
        </span>
      </button>
    </span>
  );
}, drawsSame);
