import { SIDES_COMPARED, FELT, SCALES, SCALE_WORDS, type SideCompared, type Felt } from '@lotus-steady/core';
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

const COMPARED_WORDS: Readonly<Record<SideCompared, string>> = { left: 'Left harder', alike: 'Alike', right: 'Right harder' };
const FELT_WORDS: Readonly<Record<Felt, string>> = { worse: 'Worse', same: 'Same', better: 'Better' };

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
          {!present && 'was not there'}
          {present && marks.length === 0 && <span className="text-soft">{felt === null ? 'not asked yet' : 'nothing marked'}</span>}
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
            label={`How ${name} went home`}
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
            aria-label={`More about ${name}`}
            title="A note, and numbers"
            onClick={() => setOpen(!open)}
          >
            <Pencil size={18} aria-hidden />
          </button>
        </span>
      </div>
      {open && (
        <div className="mt-2 grid gap-3 rounded bg-shade p-3 md:grid-cols-2">
          <div>
            <p className="mb-1 text-sm font-semibold">Pain before (0 none, 10 the worst)</p>
            <Choices
              label={`Pain of ${name} before`}
              options={POINTS}
              value={before.pain ?? null}
              onChange={(pain) => onChange({ before: withScale(before, 'pain', pain === null ? '' : String(pain)) })}
            />
          </div>
          <div>
            <p className="mb-1 text-sm font-semibold">Pain after</p>
            <Choices
              label={`Pain of ${name} after`}
              options={POINTS}
              value={after.pain ?? null}
              onChange={(pain) => onChange({ after: withScale(after, 'pain', pain === null ? '' : String(pain)) })}
            />
          </div>
          {(after.pain ?? 0) > 0 && (
            <div className="md:col-span-2">
              <p className="mb-1 text-sm font-semibold">Where it hurts</p>
              <PlaceChoices
                label={`Where it hurts ${name}`}
                value={after.where ?? before.where}
                onChange={(where) => onChange({ after: withPlace(after, where) })}
              />
            </div>
          )}
          <div className="grid grid-cols-[auto_1fr_1fr] items-center gap-x-3 gap-y-1 text-sm md:col-span-2">
            <span className="font-semibold">0 to 10</span>
            <span className="font-semibold">before</span>
            <span className="font-semibold">after</span>
            {BESIDES.map((scale) => (
              <Fragment key={scale}>
                <span>{SCALE_WORDS[scale]}</span>
                {(
                  [
                    ['before', before],
                    ['after', after],
                  ] as const
                ).map(([when, told]) => (
                  <select
                    key={when}
                    aria-label={`${SCALE_WORDS[scale]}, ${name}, ${when}`}
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
            <p className="mb-1 text-sm font-semibold">Left compared with right</p>
            <Choices
              label={`The harder side of ${name}`}
              options={SIDES_COMPARED.map((one) => [one, COMPARED_WORDS[one]] as const)}
              value={part.harder ?? null}
              onChange={(harder) => onChange({ harder })}
              className="max-w-md"
            />
          </div>
          <div className="flex items-end gap-1 md:col-span-2">
            <label className="block grow text-sm font-semibold">
              Note
              <input
                className={`${INPUT} mt-1 font-normal`}
                value={note}
                maxLength={MOST_NOTED}
                onChange={({ target }) => onChange({ note: target.value })}
              />
            </label>
            <Dictate text={note} onChange={(text) => onChange({ note: text.slice(0, MOST_NOTED) })} into={`the note on ${name}`} />
          </div>
          <label className="flex items-center gap-2 text-sm">
            <input
              type="checkbox"
              className="size-4 accent-ink"
              checked={!present}
              onChange={({ target }) => onChange({ present: !target.checked, ...(target.checked && { felt: null }) })}
            />
            Was not there
          </label>
        </div>
      )}
    </li>
  );
}
