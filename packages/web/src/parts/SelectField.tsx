import type { ReactNode } from 'react';
import { INPUT } from './button-styles.js';
import { Labelled } from './Labelled.js';

interface Props {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  /** Its options. */
  readonly children: ReactNode;
}

/** A choice with its label above. */
export function SelectField({ label, value, onChange, children }: Props) {
  return (
    <Labelled label={label}>
      {(id) => (
        <select id={id} value={value} onChange={(event) => onChange(event.target.value)} className={INPUT}>
          {children}
        </select>
      )}
    </Labelled>
  );
}
