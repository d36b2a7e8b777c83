import { MEASURES, type ClassJson, type Measure } from '@lotus-steady/core';
import { allowed, amount } from '../../parts/amounts.js';
import { t } from '../../words/t.js';

/** What a limit asks of the class as a whole; of many people only what is not met. */
export function WholeClass({ participants, names }: { participants: ClassJson['participants']; names: readonly string[] }) {
  const alone = names.length === 1;
  const told = participants.flatMap(({ session }, i) =>
    session.filter(({ met }) => alone || !met).map((one) => ({ ...one, name: names[i]!, key: `${i} ${one.limit}` })),
  );
  if (told.length === 0 && !alone) return null;
  return (
    <section aria-labelledby="whole" className="mt-5">
      <h2 id="whole" className="text-lg">
        {t('The class as a whole')}
      </h2>
      {told.length === 0 && <p className="mt-1 text-soft">{t('Nothing limits the class as a whole.')}</p>}
      <ul className="mt-2 space-y-1">
        {told.map(({ key, name, measure, value, unit, bound, met, text }) => (
          <li key={key} className={met ? 'text-soft' : ''}>
            {!alone && <strong>{name}: </strong>}
            {met ? '○' : '●'} {wholeLabel(measure)}: {amount(value, unit)}, {allowed(bound, unit)}
            {met ? '' : ` – ${text}`}
          </li>
        ))}
      </ul>
    </section>
  );
}

function wholeLabel(measure: string): string {
  return Object.hasOwn(MEASURES, measure) ? MEASURES[measure as Measure].label : measure;
}
