import { useToday } from '../clock.js';
import { anybody, checkOwn, CONDITIONS, mayReplace, MEASURES, type Grade, type Measure, type OwnLimit } from '@lotus-steady/core';
import { allowed } from './amounts.js';
import { useQuery } from '@tanstack/react-query';
import { useId, useState } from 'react';
import { verdictsQuery } from '../worker/queries.js';
import { INPUT, PLAIN } from './button-styles.js';
import { GRADE_WORDS, limitWords } from './limit-words.js';
import { NumberField } from './NumberField.js';
import { SelectField } from './SelectField.js';
import { dayWords } from './words.js';
import { useAsanaNames } from './use-asana-names.js';
import { t } from '../words/t.js';
import { tell } from '../words/tell.js';

const NAMED = Object.entries(MEASURES)
  .map(([measure, { label }]) => ({ measure: measure as Measure, label }))
  // Plain English labels: a collator would cost more than all the rest of the page.
  .sort((a, b) => (a.label < b.label ? -1 : 1));

/** What a limit by itself would make of the library. */
function Effect({ limit }: { limit: OwnLimit }) {
  const verdicts = useQuery(verdictsQuery({ ...anybody('try'), ownLimits: [{ ...limit, replaces: undefined }] }, useToday()));
  const names = useAsanaNames();
  if (!verdicts.data || !names) return <p className="text-sm text-soft">{t('Trying it against the library …')}</p>;
  const touched = verdicts.data.filter(({ verdict }) => verdict === (limit.grade === 'watch' ? 'watch' : 'change'));
  return (
    <p role="status" className="text-sm">
      {tell('{grade, select, watch {This cautions} other {This bars}} {touched, plural, one {# asana} other {# asanas}} as usually done', {
        grade: limit.grade,
        touched: touched.length,
      })}
      {touched.length > 0 &&
        `: ${touched
          .slice(0, 8)
          .map(({ asana }) => names.get(asana))
          .join(', ')}${touched.length > 8 ? ' …' : ''}`}
      .
    </p>
  );
}

/** Limits of schools on a measure that a limit of one's own may stand in for, as `condition/limit`. */
function replaceableBy(measure: Measure): string[] {
  return CONDITIONS.flatMap(({ id, limits }) =>
    limits.filter((limit) => limit.measure === measure && mayReplace(limit)).map((limit) => `${id}/${limit.id}`),
  );
}

interface Props {
  readonly limits: readonly OwnLimit[];
  /** Who usually says so here. */
  readonly by: string;
  readonly onChange: (limits: OwnLimit[]) => void;
}

/** Limits of one's own: those there are, and a new one, tried out against the library as it is written. */
export function OwnLimits({ limits, by, onChange }: Props) {
  const [measure, setMeasure] = useState<Measure>('kneeFlexionLoaded');
  const [side, setSide] = useState<'<=' | '>='>('<=');
  const [number, setNumber] = useState<number | undefined>(undefined);
  const [grade, setGrade] = useState<Grade>('modify');
  const [reason, setReason] = useState('');
  const [whose, setWhose] = useState(by);
  const [replaces, setReplaces] = useState('');
  const ids = [useId(), useId()];
  const replaceable = replaceableBy(measure);
  const instead = replaceable.includes(replaces) ? { replaces } : {};
  const draft: OwnLimit = { measure, bound: `${side} ${number ?? ''}`, grade, reason: reason.trim(), by: whose.trim(), ...instead };
  const measurable = number !== undefined && checkOwn([{ ...draft, reason: 'x', by: 'x' }], []).length === 0;
  const ready = checkOwn([draft], []).length === 0;
  const { unit } = MEASURES[measure];
  return (
    <div className="space-y-4">
      {limits.length > 0 && (
        <ul className="space-y-2">
          {limits.map((limit, i) => (
            <li key={i} className="flex flex-wrap items-baseline gap-x-3 border-l-2 border-ink pl-3">
              <span>
                <strong>{t(MEASURES[limit.measure].label)}</strong> {allowed(limit.bound, MEASURES[limit.measure].unit)},{' '}
                {GRADE_WORDS[limit.grade]}.{' '}
                <span className="text-soft">
                  {limit.until !== undefined && t('Until {day}. ', { day: dayWords(limit.until) })}
                  {limit.reason} ({limit.by})
                  {limit.replaces !== undefined && t(', in place of {limit}', { limit: limitWords(limit.replaces) })}
                </span>
              </span>
              <button type="button" className="text-sm underline" onClick={() => onChange(limits.filter((one) => one !== limit))}>
                {t('Remove')}
              </button>
            </li>
          ))}
        </ul>
      )}
      <fieldset className="rounded border border-rule bg-sheet p-4">
        <legend className="px-1 font-semibold">{t('Add a limit')}</legend>
        <div className="grid gap-4 sm:grid-cols-3">
          <SelectField label={t('What')} value={measure} onChange={(value) => setMeasure(value as Measure)}>
            {NAMED.map(({ measure: one, label }) => (
              <option key={one} value={one}>
                {label}
              </option>
            ))}
          </SelectField>
          <SelectField label={t('Allowed')} value={side} onChange={(value) => setSide(value as '<=' | '>=')}>
            <option value="<=">{t('at most')}</option>
            <option value=">=">{t('at least')}</option>
          </SelectField>
          <NumberField label={t('Number')} unit={unit === '1' ? t('from 0 to 1') : unit} value={number} onChange={setNumber} />
          <SelectField label={t('Beyond it')} value={grade} onChange={(value) => setGrade(value as Grade)}>
            {(['avoid', 'modify', 'watch'] as const).map((one) => (
              <option key={one} value={one}>
                {GRADE_WORDS[one]}
              </option>
            ))}
          </SelectField>
          <div>
            <label htmlFor={ids[0]} className="mb-1 block text-sm font-semibold">
              {t('Why')}
            </label>
            <input id={ids[0]} value={reason} onChange={(event) => setReason(event.target.value)} className={INPUT} />
          </div>
          <div>
            <label htmlFor={ids[1]} className="mb-1 block text-sm font-semibold">
              {t('Who said so')}
            </label>
            <input id={ids[1]} value={whose} onChange={(event) => setWhose(event.target.value)} className={INPUT} />
          </div>
        </div>
        {replaceable.length > 0 && (
          <div className="mt-4 max-w-xl">
            <SelectField
              label={t('On top of all others, or in place of one where practitioners disagree')}
              value={replaces}
              onChange={setReplaces}
            >
              <option value="">{t('on top of all others: stricter only')}</option>
              {replaceable.map((limit) => (
                <option key={limit} value={limit}>
                  {t('in place of: {limit}', { limit: limitWords(limit) })}
                </option>
              ))}
            </SelectField>
          </div>
        )}
        <div className="mt-3 flex flex-wrap items-center gap-4">
          <button
            type="button"
            className={PLAIN}
            disabled={!ready}
            onClick={() => {
              onChange([...limits, draft]);
              setReason('');
            }}
          >
            {t('Add this limit')}
          </button>
          {measurable && <Effect limit={draft} />}
        </div>
      </fieldset>
    </div>
  );
}
