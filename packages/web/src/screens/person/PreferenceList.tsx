import type { Preference } from '@lotus-steady/core';
import { formWords, type LibraryNames } from '../../parts/library-names.js';
import { useAsanaNames } from '../../parts/use-asana-names.js';
import { dayWords } from '../../parts/words.js';
import { t } from '../../words/t.js';

interface Props {
  readonly preferences: readonly Preference[];
  readonly onChange: (preferences: Preference[]) => void;
}

function preferredWords({ asana, variation, firstSide, longer }: Preference, names: LibraryNames | undefined): string {
  if (firstSide !== null) return t('{firstSide} side first', { firstSide });
  return variation === null || asana === null
    ? t('{longer} % longer', { longer: Math.round(((longer ?? 1) - 1) * 100) })
    : t('{form}, before others as good', { form: formWords(names, asana, variation) });
}

/** What this person does rather than what is as good: taken from the log of classes, and taken back here. */
export function PreferenceList({ preferences, onChange }: Props) {
  const asanas = useAsanaNames();
  return (
    <div className="space-y-3">
      <h3 className="text-base">{t('Preferred')}</h3>
      {preferences.length === 0 && (
        <p className="text-soft">{t('Nothing yet. What the log of classes proposes and you take stands here.')}</p>
      )}
      <ul className="space-y-2">
        {preferences.map((one) => (
          <li
            key={`${one.asana} ${one.variation}`}
            className="flex flex-wrap items-baseline gap-x-3 border-l-2 border-dashed border-ink pl-3"
          >
            <span>
              <strong>{one.asana === null ? t('All that takes effort') : (asanas?.get(one.asana) ?? one.asana)}</strong>
              {t(', {what}, since {day}: {reason}', {
                what: preferredWords(one, asanas),
                day: dayWords(one.on),
                reason: one.reason,
              })}
            </span>
            <button type="button" className="text-sm underline" onClick={() => onChange(preferences.filter((other) => other !== one))}>
              {t('Take it back')}
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}
