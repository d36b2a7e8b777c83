import { schoolMatters, type Condition, type SchoolChoices } from '@lotus-steady/core';
import { SchoolSelect } from '../../parts/SchoolSelect.js';
import { t } from '../../words/t.js';

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
  return (
    <details className="mt-4">
      <summary className="cursor-pointer font-semibold">
        {t('Where practitioners disagree ({schools})', { schools: schools.length })}
      </summary>
      <div className="mt-3 grid gap-4 sm:grid-cols-2">
        {schools.map(([id, school]) => (
          <div key={id}>
            <SchoolSelect id={id} school={school} label={school.name} mark="ours" chosen={chosen} onChange={onChange} />
            <p className="mt-1 text-sm text-soft">{t('Ours: {because}', { because: school.because })}</p>
          </div>
        ))}
      </div>
    </details>
  );
}
