import { useId, type ReactNode } from 'react';
import { INPUT } from './button-styles.js';

interface Props {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  /** Its options. */
  readonly children: ReactNode;
}

/** A choice with its label above. */
export function SelectField({ label, value, onChange, children }: Props) {
  const id = useId();
  return (
    <div>
      <label htmlFor={id} className="mb-1 block text-sm font-semibold">
        {label}
      </label>
      <select id={id} value={value} onChange={(event) => onChange(event.target.value)} className={INPUT}>
        {children}
      </select>
    </div>
  );
}
