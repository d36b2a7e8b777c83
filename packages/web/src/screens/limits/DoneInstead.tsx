import { substitutesOf } from '@lotus-steady/core';
import { Link } from 'react-router';
import { useAsanaNames } from '../../parts/use-asana-names.js';
import { t } from '../../words/t.js';

function AsanaLinks({ ids }: { ids: readonly string[] }) {
  const names = useAsanaNames();
  return ids.map((id, i) => (
    <span key={id}>
      {i > 0 && ', '}
      <Link to={`/asanas/${id}`}>{names?.get(id) ?? '…'}</Link>
    </span>
  ));
}

/** What practitioners do instead with this condition, asana by asana. */
export function DoneInstead({ condition }: { condition: string }) {
  return (
    <section aria-label={t('Done instead')} className="mt-6 max-w-prose">
      <h2 className="mb-1 text-lg">{t('Done instead')}</h2>
      <p className="mb-2 text-sm text-soft">{t('Common practice. Offered before others, where all limits of the person are kept.')}</p>
      <ul className="space-y-1">
        {[...substitutesOf(condition)].map(([asana, instead]) => (
          <li key={asana}>
            <AsanaLinks ids={[asana]} /> → <AsanaLinks ids={instead} />
          </li>
        ))}
      </ul>
    </section>
  );
}
