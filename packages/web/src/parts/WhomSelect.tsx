import { CONDITIONS } from '@lotus-steady/core';
import { useQuery } from '@tanstack/react-query';
import { useId } from 'react';
import { peopleQuery } from '../api/queries.js';
import { INPUT } from './button-styles.js';

/** Chooses a person, a condition, or nobody in particular; the value is the key of `useForWhom`. */
export function WhomSelect({ value, onChange }: { value: string; onChange: (key: string) => void }) {
  const id = useId();
  const people = useQuery(peopleQuery);
  return (
    <div>
      <label htmlFor={id} className="mb-1 block text-sm font-semibold">
        Judged for
      </label>
      <select id={id} value={value} onChange={(event) => onChange(event.target.value)} className={INPUT}>
        <option value="">nobody in particular</option>
        <optgroup label="People">
          {people.data?.map((person) => (
            <option key={person.id} value={person.id}>
              {person.name}
            </option>
          ))}
        </optgroup>
        <optgroup label="Anyone with, at its most careful">
          {CONDITIONS.map((condition) => (
            <option key={condition.id} value={condition.id}>
              {condition.name}
            </option>
          ))}
        </optgroup>
      </select>
    </div>
  );
}
