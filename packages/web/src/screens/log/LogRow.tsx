import { SIDES_COMPARED, FELT, SCALES, scaleTold, type SideCompared, type Felt } from '@lotus-steady/core';
import type { LogPart } from '@lotus-steady/requests';
import { Pencil } from 'lucide-react';
import { Fragment, useState } from 'react';
import { INPUT } from '../../parts/button-styles.js';
import { Choices, POINTS } from '../../parts/Choices.js';
import { Dictate } from '../../parts/Dictate.js';
import { Thumb } from '../../parts/Thumb.js';
import { PlaceChoices } from '../../parts/PlaceChoices.js';
import { MOST_NOTED, withPlace, withScale } from './log-draft.js';
import { MARK_WORDS } from '../teach/class-run.js';
import { say } from '../../words/say.js';
import { t } from '../../words/t.js';

const COMPARED_WORDS: Readonly<Record<SideCompared, string>> = { left: t('Left harder'), alike: t('Alike'), right: t('Right harder') };
const FELT_WORDS: Readonly<Record<Felt, string>> = { worse: t('Worse'), same: t('Same'), better: t('Better') };

/** What is asked besides pain, where there is something to say: 0 none, 10 the most. */
const BESIDES = SCALES.filter((scale) => scale !== 'pain');

interface Props {
  readonly name: string;
  readonly part: LogPart;
  readonly asanas: ReadonlyMap<string, string> | undefined;
  readonly onChange: (part: Partial<LogPart>) => void;
}

/** One person after a class: what was marked, how they went home, and a word more where there is one. */
export function LogRow({ name, part, asanas, onChange }: Props) {
  const { present, marks, felt, before, after, note } = part;
  const [open, setOpen] = useState(note !== '' || after.pain !== undefined);
  return (
    <li className="border-b border-rule px-1 py-2">
      <div className="grid grid-cols-[1fr_auto] items-center gap-x-4 gap-y-2 sm:grid-cols-[11rem_1fr_auto_auto]">
        <strong className={present ? '' : 'text-soft'}>{name}</strong>
        <span className="text-sm max-sm:order-last">
          {!present && t('was not there')}
          {present && marks.length === 0 && <span className="text-soft">{felt === null ? t('not asked yet') : t('nothing marked')}</span>}
          {present &&
            marks.map(({ asana, variation, side, mark }) => (
              <span key={`${asana} ${side} ${mark}`} className="flex items-center gap-2">
                <Thumb id={asana} variation={variation} className="h-8 w-12 shrink-0" />
                <span>
                  {asanas?.get(asana) ?? asana}
                  {side && `, ${side}`}: {MARK_WORDS[mark]}
                </span>
              </span>
            ))}
        </span>
        {present ? (
          <Choices
            label={t('How {name} went home', { name })}
            options={FELT.map((one) => [one, FELT_WORDS[one]] as const)}
            value={felt}
            onChange={(next) => onChange({ felt: next })}
            className="w-60 max-sm:order-last"
          />
        ) : (
          <span />
        )}
        <span className="flex gap-1">
          <button
            type="button"
            className="rounded p-2.5 hover:bg-shade"
            aria-expanded={open}
            aria-label={t('More about {name}', { name })}
            title={t('A note, and numbers')}
            onClick={() => setOpen(!open)}
          >
            <Pencil size={18} aria-hidden />
          </button>
        </span>
      </div>
      {open && (
        <div className="mt-2 grid gap-3 rounded bg-shade p-3 md:grid-cols-2">
          <div>
            <p className="mb-1 text-sm font-semibold">{t('Pain before (0 none, 10 the worst)')}</p>
            <Choices
              label={t('Pain of {name} before', { name })}
              options={POINTS}
              value={before.pain ?? null}
              onChange={(pain) => onChange({ before: withScale(before, 'pain', pain === null ? '' : String(pain)) })}
            />
          </div>
          <div>
            <p className="mb-1 text-sm font-semibold">{t('Pain after')}</p>
            <Choices
              label={t('Pain of {name} after', { name })}
              options={POINTS}
              value={after.pain ?? null}
              onChange={(pain) => onChange({ after: withScale(after, 'pain', pain === null ? '' : String(pain)) })}
            />
          </div>
          {(after.pain ?? 0) > 0 && (
            <div className="md:col-span-2">
              <p className="mb-1 text-sm font-semibold">{t('Where it hurts')}</p>
              <PlaceChoices
                label={t('Where it hurts {name}', { name })}
                value={after.where ?? before.where}
                onChange={(where) => onChange({ after: withPlace(after, where) })}
              />
            </div>
          )}
          <div className="grid grid-cols-[auto_1fr_1fr] items-center gap-x-3 gap-y-1 text-sm md:col-span-2">
            <span className="font-semibold">{t('0 to 10')}</span>
            <span className="font-semibold">{t('before')}</span>
            <span className="font-semibold">{t('after')}</span>
            {BESIDES.map((scale) => (
              <Fragment key={scale}>
                <span>{say(scaleTold(scale))}</span>
                {(
                  [
                    ['before', before],
                    ['after', after],
                  ] as const
                ).map(([when, told]) => (
                  <select
                    key={when}
                    aria-label={`${say(scaleTold(scale))}, ${name}, ${when}`}
                    className={INPUT}
                    value={told[scale] ?? ''}
                    onChange={({ target }) => onChange({ [when]: withScale(told, scale, target.value) })}
                  >
                    <option value="">–</option>
                    {POINTS.map(([value, word]) => (
                      <option key={value} value={value}>
                        {word}
                      </option>
                    ))}
                  </select>
                ))}
              </Fragment>
            ))}
          </div>
          <div className="md:col-span-2">
            <p className="mb-1 text-sm font-semibold">{t('Left compared with right')}</p>
            <Choices
              label={t('The harder side of {name}', { name })}
              options={SIDES_COMPARED.map((one) => [one, COMPARED_WORDS[one]] as const)}
              value={part.harder ?? null}
              onChange={(harder) => onChange({ harder })}
              className="max-w-md"
            />
          </div>
          <div className="flex items-end gap-1 md:col-span-2">
            <label className="block grow text-sm font-semibold">
              {t('Note')}
              <input
                className={`${INPUT} mt-1 font-normal`}
                value={note}
                maxLength={MOST_NOTED}
                onChange={({ target }) => onChange({ note: target.value })}
              />
            </label>
            <Dictate
              text={note}
              onChange={(text) => onChange({ note: text.slice(0, MOST_NOTED) })}
              into={t('the note on {name}', { name })}
            />
          </div>
          <label className="flex items-center gap-2 text-sm">
            <input
              type="checkbox"
              className="size-4 accent-ink"
              checked={!present}
              onChange={({ target }) => onChange({ present: !target.checked, ...(target.checked && { felt: null }) })}
            />
            {t('Was not there')}
          </label>
        </div>
      )}
    </li>
  );
}
