import { useQuery } from '@tanstack/react-query';
import { diffLines } from 'diff';
import { useMemo, useState } from 'react';
import { versionsQuery } from '../../api/queries.js';
import { PLAIN } from '../../parts/button-styles.js';
import { Failure } from '../../parts/Failure.js';
import { SelectField } from '../../parts/SelectField.js';
import { dayWords } from '../../parts/words.js';
import { hasFailed } from '../../api/failed.js';
import { t } from '../../words/t.js';

interface Props {
  readonly sequence: number;
  readonly text: string;
  readonly onChange: (text: string) => void;
}

/** What a sequence was before, line against line with what it is, and the way back. */
export function EarlierTexts({ sequence, text, onChange }: Props) {
  const versions = useQuery(versionsQuery(sequence));
  const [chosen, setChosen] = useState<number | null>(null);
  const { data: all = [] } = versions;
  const earlier = all.find(({ version }) => version === chosen) ?? all[0];
  const parts = useMemo(() => (earlier ? diffLines(earlier.text, text) : []), [earlier, text]);
  if (hasFailed(versions)) return <Failure error={versions.error} />;
  if (!earlier) return null;
  return (
    <details className="mt-6">
      <summary className="cursor-pointer font-semibold">{t('Earlier texts')}</summary>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <SelectField label={t('What it was')} value={String(earlier.version)} onChange={(value) => setChosen(Number(value))}>
          {all.map(({ version, savedAt }) => (
            <option key={version} value={version}>
              {t('Version {version}, {day}', { version, day: dayWords(savedAt) })}
            </option>
          ))}
        </SelectField>
        <button type="button" className={PLAIN} disabled={earlier.text === text} onClick={() => onChange(earlier.text)}>
          {t('Go back to it')}
        </button>
      </div>
      <div className="mt-3 rounded border border-rule bg-sheet p-3 text-sm leading-6 whitespace-pre-wrap">
        {parts.map(({ value, added, removed }, i) =>
          added ? (
            <ins key={i} className="block border-l-4 border-ink bg-shade pl-2 no-underline">
              {value.replace(/\n$/, '')}
            </ins>
          ) : removed ? (
            <del key={i} className="block border-l-4 border-dashed border-soft pl-2 text-soft">
              {value.replace(/\n$/, '')}
            </del>
          ) : (
            <span key={i} className="block pl-3">
              {value.replace(/\n$/, '')}
            </span>
          ),
        )}
      </div>
    </details>
  );
}
