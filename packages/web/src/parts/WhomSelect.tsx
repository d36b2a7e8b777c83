import { answersFromWords, CONDITIONS, findCondition } from '@lotus-steady/core';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { peopleQuery } from '../api/queries.js';
import { INPUT } from './button-styles.js';
import { SelectField } from './SelectField.js';
import { t } from '../words/t.js';

/** Chooses a person, a condition, somebody told of in words, or nobody in particular; the value is the key of `useForWhom`. */
export function WhomSelect({ value, onChange }: { value: string; onChange: (key: string) => void }) {
  const people = useQuery(peopleQuery);
  const isTold = value !== '' && !/^\d+$/.test(value) && !findCondition(value);
  const [words, setWords] = useState(isTold ? value : '');
  const understood = words.trim() === '' || answersFromWords(words).length > 0;
  return (
    <div className="space-y-2">
      <SelectField label={t('Judged for')} value={isTold ? 'told' : value} onChange={(key) => key !== 'told' && onChange(key)}>
        <option value="">{t('nobody in particular')}</option>
        {isTold && <option value="told">{value}</option>}
        <optgroup label={t('People')}>
          {people.data?.map((person) => (
            <option key={person.id} value={person.id}>
              {person.name}
            </option>
          ))}
        </optgroup>
        <optgroup label={t('Anybody with this, judged most cautiously')}>
          {CONDITIONS.map((condition) => (
            <option key={condition.id} value={condition.id}>
              {t(condition.name)}
            </option>
          ))}
        </optgroup>
      </SelectField>
      <input
        aria-label={t('Or in words')}
        placeholder={t('or: 30 weeks pregnant')}
        className={INPUT}
        value={words}
        onChange={({ target }) => setWords(target.value)}
        onKeyDown={({ key }) => key === 'Enter' && understood && onChange(words.trim())}
        onBlur={() => words.trim() !== '' && understood && words.trim() !== value && onChange(words.trim())}
      />
      {!understood && <p className="text-sm text-accent">{t('No condition here goes by these words.')}</p>}
    </div>
  );
}
