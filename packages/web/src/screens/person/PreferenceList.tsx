import type { Preference } from '@lotus-steady/core';
import { formWords, type LibraryNames } from '../../parts/library-names.js';
import { useAsanaNames } from '../../parts/use-asana-names.js';
import { dayWords } from '../../parts/words.js';

interface Props {
  readonly preferences: readonly Preference[];
  readonly onChange: (preferences: Preference[]) => void;
}

function preferredWords({ asana, variation, firstSide, longer }: Preference, names: LibraryNames | undefined): string {
  if (firstSide !== null) return `${firstSide} side first`;
  return variation === null || asana === null
    ? `${Math.round(((longer ?? 1) - 1) * 100)} % longer`
    : `${formWords(names, asana, variation)}, before others as good`;
}

/** What this person does rather than what is as good: taken from the log of classes, and taken back here. */
export function PreferenceList({ preferences, onChange }: Props) {
  const asanas = useAsanaNames();
  return (
    <div className="space-y-3">
      <h3 className="text-base">Preferred</h3>
      {preferences.length === 0 && <p className="text-soft">Nothing yet. What the log of classes proposes and you take stands here.</p>}
      <ul className="space-y-2">
        {preferences.map((one) => (
          <li
            key={`${one.asana} ${one.variation}`}
            className="flex flex-wrap items-baseline gap-x-3 border-l-2 border-dashed border-ink pl-3"
          >
            <span>
              <strong>{one.asana === null ? 'All that takes effort' : (asanas?.get(one.asana) ?? one.asana)}</strong>,{' '}
              {preferredWords(one, asanas)}, since {dayWords(one.on)}: {one.reason}
            </span>
            <button type="button" className="text-sm underline" onClick={() => onChange(preferences.filter((other) => other !== one))}>
              Take it back
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}
