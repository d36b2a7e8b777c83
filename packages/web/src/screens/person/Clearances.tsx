import { checkClearance, findCondition, screen, type Clearance } from '@lotus-steady/core';
import { dayWords } from '../../parts/words.js';
import { PLAIN } from '../../parts/button-styles.js';
import { TextField } from '../../parts/TextField.js';
import { shifted } from '@lotus-steady/requests';
import { today } from '../../clock.js';
import type { PersonDraft } from './person-draft.js';
import { t } from '../../words/t.js';

/** So long a clearance is proposed to hold (common practice, no source). */
const USUAL_DAYS = 182;

/** What the dates of a clearance mean today. */
function Standing({ clearance }: { clearance: Clearance }) {
  const [problem] = checkClearance(clearance);
  if (problem)
    return (
      <p role="alert" className="mt-2 font-semibold text-accent">
        {t('The dates don’t fit: {message}.', { message: problem.message })}
      </p>
    );
  const { on, until } = clearance;
  if (on > today()) return <p className="mt-2">{t('Begins on {day}; until then it doesn’t count.', { day: dayWords(on) })}</p>;
  if (until !== null && until < today()) return <p className="mt-2">{t('It has run out: ask for a new one.')}</p>;
  return null;
}

/** Written clearance for each condition that asks for one: who gave it, when, and until when it holds. */
export function Clearances({ draft, onChange }: { draft: PersonDraft; onChange: (clearances: readonly Clearance[]) => void }) {
  const { clearances, conditions } = draft;
  const asked = [
    ...new Set(
      screen(conditions)
        .reasons.filter(({ outcome }) => outcome === 'clearance')
        .map(({ condition }) => condition),
    ),
  ];
  const ids = [...new Set([...asked, ...clearances.map(({ condition }) => condition)])];
  if (ids.length === 0) return <p className="text-soft">{t('Nothing that was said asks for a written word.')}</p>;
  const set = (condition: string, change: Partial<Clearance>) =>
    onChange(clearances.map((one) => (one.condition === condition ? { ...one, ...change } : one)));
  return (
    <div className="space-y-3">
      {ids.map((id) => {
        const own = clearances.find(({ condition }) => condition === id);
        const name = findCondition(id)?.name ?? id;
        return own ? (
          <fieldset key={id} className="rounded border border-rule bg-sheet p-4">
            <legend className="px-1 font-semibold">{name}</legend>
            <div className="grid gap-4 sm:grid-cols-3">
              <TextField label={t('Given by')} value={own.by} onChange={(by) => set(id, { by })} />
              <TextField label={t('On')} type="date" value={own.on} onChange={(on) => set(id, { on })} />
              {own.until !== null && (
                <TextField label={t('Holds until')} type="date" value={own.until} onChange={(until) => set(id, { until })} />
              )}
            </div>
            <label className="mt-3 flex items-center gap-2">
              <input
                type="checkbox"
                checked={own.until === null}
                onChange={({ target }) => set(id, { until: target.checked ? null : shifted(today(), USUAL_DAYS) })}
              />
              {t('No end: it counts until it is taken back')}
            </label>
            <Standing clearance={own} />
            <button type="button" onClick={() => onChange(clearances.filter((one) => one !== own))} className="mt-3 text-sm underline">
              {t('Remove this clearance')}
            </button>
          </fieldset>
        ) : (
          <button
            key={id}
            type="button"
            className={PLAIN}
            onClick={() => onChange([...clearances, { condition: id, by: '', on: today(), until: shifted(today(), USUAL_DAYS) }])}
          >
            {t('Enter a clearance for: {name}', { name })}
          </button>
        );
      })}
    </div>
  );
}
