import { ChevronDown } from 'lucide-react';
import { Link } from 'react-router';
import { TOOL } from '../../parts/button-styles.js';
import { Drop } from '../../parts/Drop.js';
import { Room } from '../../parts/Room.js';
import { SelectField } from '../../parts/SelectField.js';
import { TextField } from '../../parts/TextField.js';
import { dayWords } from '../../parts/words.js';
import { FIGURES, readSince, writeShared } from './class-address.js';
import type { useClassScore } from './use-class-score.js';
import { t } from '../../words/t.js';
import { tell } from '../../words/tell.js';

/** The day, how many figures, whose props, and what it is set against: one line that opens. */
export function Settings({ asked, alone }: { asked: ReturnType<typeof useClassScore>; alone: boolean }) {
  const { search, figures, shared, day, earlier, ask } = asked;
  return (
    <Drop
      buttonClass={`${TOOL} max-w-[60vw]`}
      panelClass="left-0 flex w-[min(42rem,calc(100vw-1.5rem))] flex-wrap items-end gap-3"
      button={
        <>
          <span className="truncate">
            {[
              dayWords(day),
              ...(alone ? [] : [tell('at most {figures, plural, one {# figure} other {# figures}}', { figures })]),
              shared ? t('the hall’s props') : t('own props'),
            ].join(', ')}
          </span>
          <ChevronDown size={16} aria-hidden className="shrink-0" />
        </>
      }
    >
      <TextField label={t('Class on')} type="date" value={day} onChange={(on) => ask('day', on || null)} />
      {!alone && (
        <SelectField label={t('Different figures a step, at most')} value={String(figures)} onChange={(value) => ask('figures', value)}>
          {FIGURES.map((count) => (
            <option key={count} value={count}>
              {count}
            </option>
          ))}
        </SelectField>
      )}
      {earlier.length > 0 && (
        <SelectField label={t('Set against')} value={String(readSince(search) ?? '')} onChange={(value) => ask('since', value || null)}>
          <option value="">{t('no other class')}</option>
          {earlier.map(({ id, day: on, personIds }) => (
            <option key={id} value={id}>
              {dayWords(on)}, {tell('{count, plural, one {# person} other {# people}}', { count: personIds.length })}
            </option>
          ))}
        </SelectField>
      )}
      {alone && (
        <Link to={`schools?${search}`} className="basis-full text-sm underline">
          {t('Where practitioners disagree: two schools side by side')}
        </Link>
      )}
      <div className="basis-full">
        <Room shared={shared} onChange={(props) => ask('shared', props && writeShared(props))} />
      </div>
    </Drop>
  );
}
