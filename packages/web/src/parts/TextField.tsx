import { useId } from 'react';
import { INPUT } from './button-styles.js';

interface Props {
  readonly label: string;
  readonly type?: 'text' | 'date';
  readonly value: string;
  readonly onChange: (value: string) => void;
}

/** A line of text, or a day, with its label above. */
export function TextField({ label, type = 'text', value, onChange }: Props) {
  const id = useId();
  return (
    <div>
      <label htmlFor={id} className="mb-1 block text-sm font-semibold">
        {label}
      </label>
      <input id={id} type={type} value={value} onChange={(event) => onChange(event.target.value)} className={INPUT} />
    </div>
  );
}
