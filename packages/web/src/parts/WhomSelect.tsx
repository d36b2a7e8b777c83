import { CONDITIONS } from '@lotus-steady/core';
import { useQuery } from '@tanstack/react-query';
import { peopleQuery } from '../api/queries.js';
import { SelectField } from './SelectField.js';

/** Chooses a person, a condition, or nobody in particular; the value is the key of `useForWhom`. */
export function WhomSelect({ value, onChange }: { value: string; onChange: (key: string) => void }) {
  const people = useQuery(peopleQuery);
  return (
    <SelectField label="Judged for" value={value} onChange={onChange}>
      <option value="">nobody in particular</option>
      <optgroup label="People">
        {people.data?.map((person) => (
          <option key={person.id} value={person.id}>
            {person.name}
          </option>
        ))}
      </optgroup>
      <optgroup label="Anybody with this, judged most cautiously">
        {CONDITIONS.map((condition) => (
          <option key={condition.id} value={condition.id}>
            {condition.name}
          </option>
        ))}
      </optgroup>
    </SelectField>
  );
}
