import type { SchoolChoices, SchoolSpec } from '@lotus-steady/core';
import { SelectField } from './SelectField.js';

interface Props {
  readonly id: string;
  readonly school: SchoolSpec;
  readonly label: string;
  /** How the product's own position is marked. */
  readonly mark: string;
  readonly chosen: SchoolChoices;
  readonly onChange: (chosen: SchoolChoices) => void;
}

/** The positions of one school; the product's own is what an absent choice means. */
export function SchoolSelect({ id, school: { positions, default: ours }, label, mark, chosen, onChange }: Props) {
  const choose = (position: string) => {
    const { [id]: _old, ...rest } = chosen;
    onChange(position === ours ? rest : { ...rest, [id]: position });
  };
  return (
    <SelectField label={label} value={chosen[id] ?? ours} onChange={choose}>
      {Object.entries(positions).map(([position, text]) => (
        <option key={position} value={position}>
          {text}
          {position === ours ? ` (${mark})` : ''}
        </option>
      ))}
    </SelectField>
  );
}
