import { useQuery } from '@tanstack/react-query';
import { useId } from 'react';
import { peopleQuery } from '../api/queries.js';
import { INPUT } from './button-styles.js';

/** Chooses a person, or nobody in particular. */
export function PersonSelect({
  label,
  value,
  onChange,
}: {
  label: string;
  value: number | null;
  onChange: (person: number | null) => void;
}) {
  const id = useId();
  const people = useQuery(peopleQuery);
  return (
    <div>
      <label htmlFor={id} className="mb-1 block text-sm font-semibold">
        {label}
      </label>
      <select
        id={id}
        value={value ?? ''}
        onChange={(event) => onChange(event.target.value === '' ? null : Number(event.target.value))}
        className={INPUT}
      >
        <option value="">nobody in particular</option>
        {people.data?.map((person) => (
          <option key={person.id} value={person.id}>
            {person.name}
          </option>
        ))}
      </select>
    </div>
  );
}
