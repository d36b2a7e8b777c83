import { blockOf, joinBlock, sectionsOf } from '@lotus-steady/core';
import type { StoredSequence } from '@lotus-steady/requests';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { request } from '../../api/client.js';
import { sequencesQuery } from '../../api/queries.js';
import { PLAIN } from '../../parts/button-styles.js';
import { explain } from '../../parts/Failure.js';
import { SelectField } from '../../parts/SelectField.js';
import { t } from '../../words/t.js';

interface Props {
  readonly own: number | null;
  readonly text: string;
  readonly onChange: (text: string) => void;
}

/** Sections kept to be used again, and others joined in; the balance beside checks the seams. */
export function Blocks({ own, text, onChange }: Props) {
  const sequences = useQuery(sequencesQuery);
  const queries = useQueryClient();
  const [block, setBlock] = useState('');
  const [after, setAfter] = useState('');
  const sections = sectionsOf(text);
  const end = text.split('\n').length;
  const keep = useMutation({
    mutationFn: (kept: string) => request<StoredSequence>('POST', 'sequences', { text: kept }),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['sequences'] }),
  });
  const join = useMutation({
    mutationFn: (id: number) => request<StoredSequence>('GET', `sequences/${id}`),
    onSuccess: (other) => onChange(joinBlock(text, other.text, after === '' ? end : Number(after))),
  });
  const others = sequences.data?.filter(({ id }) => id !== own) ?? [];
  const failed = keep.error ?? join.error;
  return (
    <details className="mt-6">
      <summary className="cursor-pointer font-semibold">{t('Blocks')}</summary>
      {sections.length > 0 && (
        <ul className="mt-2 space-y-1" aria-label={t('Sections')}>
          {sections.map((section) => {
            const own = blockOf(text, section);
            const isKept = keep.isSuccess && keep.variables === own;
            return (
              <li key={section.from} className="flex flex-wrap items-center justify-between gap-3">
                {section.name}
                <button type="button" className={PLAIN} disabled={keep.isPending || isKept} onClick={() => keep.mutate(own)}>
                  {isKept ? t('Kept') : t('Keep as a block')}
                </button>
              </li>
            );
          })}
        </ul>
      )}
      <div className="mt-3 flex flex-wrap items-end gap-3">
        <SelectField label={t('Join in')} value={block} onChange={setBlock}>
          <option value="">{t('Choose …')}</option>
          {others.map(({ id, title }) => (
            <option key={id} value={id}>
              {title}
            </option>
          ))}
        </SelectField>
        <SelectField label={t('After')} value={after} onChange={setAfter}>
          {sections.map(({ name, to, from }) => (
            <option key={from} value={to}>
              {name}
            </option>
          ))}
          <option value="">{t('the end')}</option>
        </SelectField>
        <button type="button" className={PLAIN} disabled={block === '' || join.isPending} onClick={() => join.mutate(Number(block))}>
          {t('Join')}
        </button>
      </div>
      {failed && (
        <p role="alert" className="mt-2 text-accent">
          {explain(failed)}
        </p>
      )}
    </details>
  );
}
