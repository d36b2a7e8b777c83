import { BODY_RANGES, shoulderStandSetup, type BodyAnswers } from '@lotus-steady/core';
import { lengthWords } from '@lotus-steady/core/sheets';
import { useState } from 'react';
import { NumberField } from '../../parts/NumberField.js';
import { Thumb } from '../../parts/Thumb.js';
import { TOOL } from '../../parts/button-styles.js';
import { useConventions } from '../../theme/conventions.js';

/** Half a centimetre is the least that a neck feels; a folded blanket, as it lies, is the next. */
const STEPS = [
  { by: 0.5, label: '5 mm' },
  { by: 2.5, label: 'one blanket' },
] as const;

interface Props {
  readonly body: BodyAnswers;
  readonly problem: string | undefined;
  readonly onChange: (height: number | undefined) => void;
}

/** The blankets of a shoulder stand: a first guess from the body, then trial, change and test, until it is found. */
export function SetupTrial({ body, problem, onChange }: Props) {
  const guess = shoulderStandSetup(body);
  const { lengths } = useConventions();
  const { from, to, unit } = BODY_RANGES.shoulderStack;
  const found = body.shoulderStack;
  const at = found ?? guess.shoulderHeight.value;
  // A field keeps what is typed; what the steps change is shown in a new one.
  const [moves, setMoves] = useState(0);
  const move = (by: number) => {
    setMoves(moves + 1);
    onChange(Math.min(to, Math.max(from, Math.round((at + by) * 2) / 2)));
  };
  const blankets = Math.round((2 * at) / guess.blankets.each) / 2;
  return (
    <section aria-labelledby="setup-trial" className="flex gap-3 sm:col-span-2">
      <Thumb id="sarvangasana-supported" className="h-20 w-24 shrink-0 rounded border border-rule bg-sheet p-1" />
      <div className="space-y-2">
        <h3 id="setup-trial" className="text-base">
          Shoulder stand: the blankets
        </h3>
        <p className="text-sm text-soft">
          First guess from this body: {lengthWords(guess.shoulderHeight.value, lengths)}, {guess.blankets.count} folded blankets. Shoulders{' '}
          {lengthWords(guess.edge.from, lengths)} to {lengthWords(guess.edge.to, lengths)} in from the edge.
        </p>
        <NumberField key={moves} label="Found by trial" unit={unit} value={found} problem={problem} onChange={onChange} />
        <p className="flex flex-wrap items-center gap-2">
          {STEPS.flatMap(({ by, label }) => [
            <button key={`less ${label}`} type="button" className={TOOL} onClick={() => move(-by)}>
              − {label}
            </button>,
            <button key={`more ${label}`} type="button" className={TOOL} onClick={() => move(by)}>
              + {label}
            </button>,
          ])}
          {found !== undefined && <span className="text-sm text-soft">about {blankets} blankets; used in plans and figures</span>}
        </p>
        <ul className="list-disc pl-5 text-sm">
          {guess.tests.map((test) => (
            <li key={test}>{test}</li>
          ))}
        </ul>
      </div>
    </section>
  );
}
