import { memo, useRef, type KeyboardEvent } from 'react';
import { StepFigure } from '../../parts/StepFigure.js';
import { VerdictWord } from '../../parts/Verdict.js';
import type { Score } from '../../worker/answers.js';
import type { Picture } from '../../worker/figure-cache.js';
import { clock, SCALE, STAFF_CM, type Column } from './layout.js';

interface Props {
  readonly score: Score;
  readonly columns: readonly Column[];
  readonly name: string;
  readonly selected: number | null;
  readonly onSelect: (index: number | null) => void;
}

function Figures({ picture }: { picture: Picture }) {
  return <StepFigure picture={picture} scale={SCALE} height={STAFF_CM} className="mx-auto block max-w-full self-end" />;
}

/**
 * The score: time runs from left to right, the upper staff is the sequence as given, the lower one this
 * person's, empty where the step is kept. Every figure stands on one ground line at its true height.
 */
export const Staves = memo(function Staves({ score, columns, name, selected, onSelect }: Props) {
  const steps = score.answer.participants[0]!.steps;
  const buttons = useRef<(HTMLButtonElement | null)[]>([]);
  const move = (event: KeyboardEvent, index: number) => {
    if (event.key === 'Escape') onSelect(null);
    const to = { ArrowRight: index + 1, ArrowLeft: index - 1, Home: 0, End: columns.length - 1 }[event.key];
    if (to === undefined || to < 0 || to >= columns.length) return;
    event.preventDefault();
    buttons.current[to]?.focus();
    if (selected !== null) onSelect(to);
  };
  return (
    <div className="relative overflow-x-auto rounded border border-rule bg-sheet">
      {/* Rows are shared by all columns, so that every staff has one ground line. */}
      <ol
        className="grid w-max min-w-full auto-cols-max grid-flow-col grid-rows-[1.6rem_auto_auto_auto_auto] justify-start"
        aria-label={`${score.answer.title || 'Sequence'}, adapted for ${name}`}
      >
        <li aria-hidden className="sticky left-0 z-1 row-span-full grid grid-rows-subgrid border-r border-rule bg-sheet text-xs text-soft">
          <span />
          <StaffName>as given</StaffName>
          <span />
          <StaffName>{name}</StaffName>
          <span />
        </li>
        {columns.map(({ index, width, startsAt, section }) => {
          const step = steps[index]!;
          const { given, givenName, givenDose, adapted } = score.steps[index]!;
          const isSelected = selected === index;
          return (
            <li
              key={index}
              style={{ width }}
              className={`row-span-full grid grid-rows-subgrid border-r border-rule last:border-r-0 ${isSelected ? 'bg-shade' : ''}`}
            >
              <button
                ref={(button) => {
                  buttons.current[index] = button;
                }}
                type="button"
                aria-expanded={isSelected}
                onClick={() => onSelect(isSelected ? null : index)}
                onKeyDown={(event) => move(event, index)}
                className="row-span-full grid grid-rows-subgrid text-left -outline-offset-3 hover:bg-shade"
              >
                <span className="flex items-baseline justify-between gap-2 px-2 pt-1 text-xs text-soft">
                  <span>{clock(startsAt)}</span>
                  <span className="truncate font-serif">{section}</span>
                </span>
                <Figures picture={given} />
                <span className="px-2 pt-0.5 pb-3 text-sm leading-tight">
                  <span className="font-semibold">{givenName}</span>
                  <span className="block text-soft">
                    {givenDose}
                    {step.side === 'both' ? ', each side' : step.side === 'none' ? '' : `, ${step.side}`}
                  </span>
                </span>
                <span className="flex items-end justify-center border-t border-rule">{adapted && <Figures picture={adapted} />}</span>
                <span className="px-2 pt-0.5 pb-2 text-sm leading-tight">
                  <span className="sr-only">{name}: </span>
                  <span className={step.verdict === 'keep' ? 'text-soft' : 'font-semibold'}>
                    <VerdictWord verdict={step.verdict} />
                  </span>
                  {step.verdict === 'substitute' && <span className="block font-semibold">{step.to?.name}</span>}
                  <span className="block">{step.to?.changes.join('; ')}</span>
                  {step.to && step.dose !== givenDose && <span className="block text-soft">{step.dose}</span>}
                </span>
              </button>
            </li>
          );
        })}
      </ol>
    </div>
  );
});

function StaffName({ children }: { children: string }) {
  return <span className="flex items-end justify-center px-1 pb-2 font-serif [writing-mode:sideways-lr]">{children}</span>;
}
