import { COMMON_PROPS, PROPS, type PropsAtHand } from '@lotus-steady/core';
import { PLAIN } from './button-styles.js';
import { NumberField } from './NumberField.js';
import { t } from '../words/t.js';

interface Props {
  readonly shared: PropsAtHand | null;
  readonly onChange: (shared: PropsAtHand | null) => void;
  /** Where there is no room for all of them in a row. */
  readonly narrow?: boolean;
}

/** Whose the props are: everybody's own, as their records say, or those of the room, shared by the class. */
export function Room({ shared, onChange, narrow = false }: Props) {
  return (
    <details className="mb-3" open={shared !== null}>
      <summary className="cursor-pointer font-semibold">
        {shared === null ? t('Everybody has their own props') : t('The class shares what is in the room')}
      </summary>
      {shared === null ? (
        <button type="button" className={`${PLAIN} mt-2`} onClick={() => onChange(COMMON_PROPS)}>
          {t('Share what is in the room …')}
        </button>
      ) : (
        <div className={`mt-2 grid grid-cols-2 items-end gap-3 sm:grid-cols-4 ${narrow ? '' : 'lg:grid-cols-9'}`}>
          {PROPS.map((prop) => (
            <NumberField
              key={prop}
              label={prop[0]!.toUpperCase() + prop.slice(1)}
              unit=""
              value={shared[prop] ?? 0}
              onChange={(value) =>
                onChange({ ...shared, [prop]: value !== undefined && value >= 0 && Number.isInteger(value) ? value : 0 })
              }
            />
          ))}
          <button type="button" className={PLAIN} onClick={() => onChange(null)}>
            {t('Everybody’s own')}
          </button>
        </div>
      )}
    </details>
  );
}
