import { CM_PER_INCH } from '@lotus-steady/core/sheets';
import { useState } from 'react';
import { useConventions } from '../theme/conventions.js';
import { INPUT } from './button-styles.js';
import { Labelled } from './Labelled.js';
import { t } from '../words/t.js';

interface Props {
  readonly label: string;
  readonly unit: string;
  readonly value: number | undefined;
  readonly onChange: (value: number | undefined) => void;
  readonly problem?: string | undefined;
  readonly hint?: string;
}

/** At most one decimal: weeks that have grown by days since they were told end in sevenths. */
function shown(value: number | undefined): string {
  return value === undefined || Number.isNaN(value) ? '' : String(Math.round(value * 10) / 10);
}

function numberIn(text: string): number | undefined {
  return text.trim() === '' ? undefined : Number(text.replace(',', '.'));
}

/**
 * A number with its unit; lengths in whatever unit was chosen for this device. What is no number yet stays as it was
 * typed and is told as a problem by `NaN`.
 */
export function NumberField({ unit, value, onChange, ...props }: Props) {
  const { lengths } = useConventions();
  if (unit !== 'cm' || lengths === 'cm') return <PlainNumberField unit={unit} value={value} onChange={onChange} {...props} />;
  return (
    <PlainNumberField
      unit={t('in')}
      value={value === undefined ? undefined : value / CM_PER_INCH}
      // To a millimetre: finer is not measured.
      onChange={(inches) => onChange(inches === undefined ? undefined : Math.round(inches * CM_PER_INCH * 10) / 10)}
      {...props}
    />
  );
}

function PlainNumberField({ label, unit, value, onChange, problem, hint }: Props) {
  const [text, setText] = useState(shown(value));
  const [isTyping, setTyping] = useState(false);
  // Undone elsewhere: the number is another than the one that was typed here.
  if (!isTyping && !Object.is(numberIn(text), value) && text !== shown(value)) setText(shown(value));
  const type = (next: string) => {
    setTyping(true);
    setText(next);
    onChange(numberIn(next));
  };
  return (
    <Labelled label={label}>
      {(id) => (
        <>
          <div className="flex items-center gap-2">
            <input
              id={id}
              inputMode="decimal"
              value={text}
              onChange={(event) => type(event.target.value)}
              onBlur={() => setTyping(false)}
              className={`${INPUT} max-w-28`}
              aria-invalid={problem !== undefined}
              aria-describedby={problem === undefined ? undefined : `${id}-problem`}
            />
            <span className="text-sm text-soft">{unit}</span>
          </div>
          {hint && <p className="mt-0.5 text-sm text-soft">{hint}</p>}
          {problem !== undefined && (
            <p id={`${id}-problem`} className="mt-1 text-sm text-accent">
              {problem}
            </p>
          )}
        </>
      )}
    </Labelled>
  );
}
