import { INPUT } from './button-styles.js';
import { Labelled } from './Labelled.js';

interface Props {
  readonly label: string;
  readonly type?: 'text' | 'date';
  readonly value: string;
  readonly onChange: (value: string) => void;
}

/** A line of text, or a day, with its label above. */
export function TextField({ label, type = 'text', value, onChange }: Props) {
  return (
    <Labelled label={label}>
      {(id) => (
        <input id={id} type={type} value={value} autoComplete="off" onChange={(event) => onChange(event.target.value)} className={INPUT} />
      )}
    </Labelled>
  );
}
