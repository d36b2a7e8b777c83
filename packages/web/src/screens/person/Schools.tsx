import { schoolMatters, type Condition, type SchoolChoices } from '@lotus-steady/core';
import { SelectField } from '../../parts/SelectField.js';

/** Where practitioners disagree on a condition: the positions, and why ours is the default. */
export function Schools({
  condition,
  chosen,
  onChange,
}: {
  condition: Condition;
  chosen: SchoolChoices;
  onChange: (schools: SchoolChoices) => void;
}) {
  const schools = Object.entries(condition.schools).filter(([id]) => schoolMatters(condition, id));
  if (schools.length === 0) return null;
  const set = (school: string, position: string) => {
    const { [school]: _old, ...rest } = chosen;
    // Our own position is what an absent choice means.
    onChange(position === condition.schools[school]!.default ? rest : { ...rest, [school]: position });
  };
  return (
    <details className="mt-4">
      <summary className="cursor-pointer font-semibold">Where practitioners disagree ({schools.length})</summary>
      <div className="mt-3 grid gap-4 sm:grid-cols-2">
        {schools.map(([id, { name, positions, default: ours, because }]) => (
          <div key={id}>
            <SelectField label={name} value={chosen[id] ?? ours} onChange={(position) => set(id, position)}>
              {Object.entries(positions).map(([position, text]) => (
                <option key={position} value={position}>
                  {text}
                  {position === ours ? ' (ours)' : ''}
                </option>
              ))}
            </SelectField>
            <p className="mt-1 text-sm text-soft">Ours: {because}</p>
          </div>
        ))}
      </div>
    </details>
  );
}
