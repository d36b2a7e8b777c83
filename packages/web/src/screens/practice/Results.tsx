import { MARKS, type TrainingMark, type TrainingResults } from '@lotus-steady/core/training';
import { X } from 'lucide-react';
import { useEffect, useRef } from 'react';
import { countsSaid, MARK_WORDS } from './counts.js';
import { t } from '../../words/t.js';

/** What a trainee answered, what was missed first: misses and false alarms apart. */
export function Results({ results: { trainee, results }, onClose }: { results: TrainingResults; onClose: () => void }) {
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => {
    heading.current?.focus();
  }, [trainee]);
  const worst = (mark: TrainingMark) => ['missed', 'false-alarm', 'half', 'right'].indexOf(mark);
  const sorted = [...results].sort((one, other) => Number(other.isSet) - Number(one.isSet) || worst(one.last) - worst(other.last));
  return (
    <section aria-labelledby="results" className="mt-5 rounded border border-rule bg-sheet p-4">
      <div className="flex items-start justify-between gap-3">
        <h2 id="results" ref={heading} tabIndex={-1} className="text-lg">
          {t('Results of {trainee}', { trainee: trainee === '' ? t('a trainee') : trainee })}
        </h2>
        <button type="button" className="rounded p-1.5 hover:bg-shade" aria-label={t('Close the results')} onClick={onClose}>
          <X size={18} aria-hidden />
        </button>
      </div>
      <p className="mb-2">{countsSaid(results)}</p>
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={t('Their answers')}>
        <table className="w-full text-left text-sm">
          <thead>
            <tr className="border-b border-ink">
              <th className="py-1 pr-4">{t('Client')}</th>
              <th className="py-1 pr-4">{t('Step')}</th>
              <th className="py-1 pr-4">{t('Last answer')}</th>
              <th className="py-1">{t('So far')}</th>
            </tr>
          </thead>
          <tbody>
            {sorted.map(({ client, step, last, counts: own, isSet }) => (
              <tr key={`${client} ${step}`} className="border-b border-rule align-top">
                <td className="py-1.5 pr-4">
                  {client}
                  {isSet && <span className="block text-soft">{t('set')}</span>}
                </td>
                <td className="py-1.5 pr-4">{step}</td>
                <td className={`py-1.5 pr-4 ${last === 'right' ? '' : 'font-semibold'}`}>{MARK_WORDS[last]}</td>
                <td className="py-1.5">{MARKS.flatMap((mark) => (own[mark] ? [`${own[mark]} ${MARK_WORDS[mark]}`] : [])).join(', ')}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
