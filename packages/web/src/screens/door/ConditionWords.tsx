import { findConditions, type Condition } from '@lotus-steady/core';
import { useState } from 'react';
import { TextField } from '../../parts/TextField.js';

const MOST_FOUND = 4;

interface Props {
  readonly label: string;
  /** Conditions that are known already. */
  readonly known: readonly string[];
  readonly onChoose: (condition: Condition) => void;
  /** What is typed and stands for no condition yet. */
  readonly onWords?: (words: string) => void;
}

/** Conditions found by what people say of themselves, each chosen by one tap. */
export function ConditionWords({ label, known, onChoose, onWords }: Props) {
  const [words, setWords] = useState('');
  const write = (next: string) => {
    setWords(next);
    onWords?.(next.trim());
  };
  const said = words.trim();
  const found = said.length < 2 ? [] : findConditions(said).filter(({ id }) => !known.includes(id)).slice(0, MOST_FOUND); // prettier-ignore
  return (
    <>
      <TextField label={label} value={words} onChange={write} />
      <div className="mt-2 flex flex-wrap gap-2">
        {found.map((one) => (
          <button
            key={one.id}
            type="button"
            className="min-h-11 rounded border border-soft bg-sheet px-3"
            onClick={() => {
              onChoose(one);
              write('');
            }}
          >
            {one.name}
          </button>
        ))}
      </div>
    </>
  );
}
