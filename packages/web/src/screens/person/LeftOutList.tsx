import type { LeftOut } from '@lotus-steady/core';
import { useState } from 'react';
import { today } from '../../clock.js';
import { INPUT, PLAIN } from '../../parts/button-styles.js';
import { useAsanaNames } from '../../parts/use-asana-names.js';
import { dayWords } from '../../parts/words.js';
import { t } from '../../words/t.js';

interface Props {
  readonly leftOut: readonly LeftOut[];
  readonly onChange: (leftOut: LeftOut[]) => void;
}

/** Asanas that this person is not offered: found in the log of classes, or said by them. */
export function LeftOutList({ leftOut, onChange }: Props) {
  const asanas = useAsanaNames();
  const [asana, setAsana] = useState('');
  const [reason, setReason] = useState('');
  const keep = () => {
    if (asana === '' || reason.trim() === '') return;
    onChange([...leftOut.filter((one) => one.asana !== asana), { asana, reason: reason.trim(), on: today(), until: null }]);
    setAsana('');
    setReason('');
  };
  return (
    <div className="space-y-3">
      <h3 className="text-base">{t('Left out')}</h3>
      {leftOut.length === 0 && <p className="text-soft">{t('Every asana may be offered, within their limits.')}</p>}
      <ul className="space-y-2">
        {leftOut.map((one) => (
          <li key={one.asana} className="flex flex-wrap items-baseline gap-x-3 border-l-2 border-dashed border-ink pl-3">
            <span>
              <strong>{asanas?.get(one.asana) ?? one.asana}</strong>{' '}
              {one.until === null
                ? t('since {day}: {reason}', { day: dayWords(one.on), reason: one.reason })
                : t('since {day}, until {until}: {reason}', { day: dayWords(one.on), until: dayWords(one.until), reason: one.reason })}
            </span>
            <button type="button" className="text-sm underline" onClick={() => onChange(leftOut.filter((other) => other !== one))}>
              {t('Offer it again')}
            </button>
          </li>
        ))}
      </ul>
      <div className="grid gap-3 sm:grid-cols-[14rem_1fr_auto]">
        <select aria-label={t('Leave out')} className={INPUT} value={asana} onChange={({ target }) => setAsana(target.value)}>
          <option value="">{t('Leave out …')}</option>
          {[...(asanas ?? [])].map(([id, name]) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
        <input
          aria-label={t('Why it is left out')}
          placeholder={t('why')}
          className={INPUT}
          maxLength={300}
          value={reason}
          onChange={({ target }) => setReason(target.value)}
        />
        <button type="button" className={PLAIN} disabled={asana === '' || reason.trim() === ''} onClick={keep}>
          {t('Leave it out')}
        </button>
      </div>
    </div>
  );
}
