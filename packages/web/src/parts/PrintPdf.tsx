import type { Paper } from '@lotus-steady/core/sheets';
import { FileDown } from 'lucide-react';
import { useState } from 'react';
import { PLAIN } from './button-styles.js';
import { SelectField } from './SelectField.js';
import { t } from '../words/t.js';

/** Where paper is sold as Letter (common practice, no source). */
const LETTER_REGIONS: ReadonlySet<string | undefined> = new Set(['US', 'CA', 'MX', 'PH']);

function usualPaper(): Paper {
  return LETTER_REGIONS.has(new Intl.Locale(navigator.language).region) ? 'LETTER' : 'A4';
}

interface Props {
  /** Where the sheet comes from, without how it is printed. */
  readonly path: string;
  readonly asked: Readonly<Record<string, string | number | undefined>>;
  /** The file's name, without its ending. */
  readonly name: string;
}

/** A sheet as a PDF from the server: on which paper, in which size of letters. */
export function PrintPdf({ path, asked, name }: Props) {
  const [paper, setPaper] = useState(usualPaper);
  const [isLarge, setLarge] = useState(false);
  const query = new URLSearchParams({ paper, large: isLarge ? '1' : '0' });
  for (const [key, value] of Object.entries(asked)) if (value !== undefined && value !== '') query.set(key, String(value));
  return (
    <div className="flex flex-wrap items-end gap-3">
      <SelectField label={t('Paper')} value={paper} onChange={(value) => setPaper(value as Paper)}>
        <option value="A4">A4</option>
        <option value="LETTER">{t('Letter')}</option>
      </SelectField>
      <label className="flex min-h-11 items-center gap-2">
        <input type="checkbox" className="size-5" checked={isLarge} onChange={(event) => setLarge(event.target.checked)} />
        {t('Large print')}
      </label>
      <a href={`/api/${path}?${query}`} download={`${name}.pdf`} className={PLAIN}>
        <FileDown size={18} aria-hidden /> {t('PDF')}
      </a>
    </div>
  );
}
