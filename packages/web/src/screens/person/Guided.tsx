import type { ReactNode } from 'react';
import { useSearchParams } from 'react-router';
import { PLAIN, PRIMARY } from '../../parts/button-styles.js';
import { t } from '../../words/t.js';

export interface Part {
  readonly id: string;
  readonly title: string;
  readonly content: ReactNode;
}

/**
 * Parts one after the other, as in a talk; any of them can be gone to at once. Where one is stands in the address,
 * so that it can be left and taken up again.
 */
export function Guided({ parts, last }: { parts: readonly Part[]; last: ReactNode }) {
  const [search, setSearch] = useSearchParams();
  const at = Math.max(
    0,
    parts.findIndex(({ id }) => id === search.get('part')),
  );
  const { id, title, content } = parts[at]!;
  const go = (to: number) => setSearch({ part: parts[to]!.id });
  return (
    <section aria-labelledby="part">
      <nav aria-label={t('Parts of the intake')} className="mb-5">
        <ol className="flex flex-wrap gap-x-1 gap-y-1.5">
          {parts.map((part, i) => (
            <li key={part.id}>
              <button
                type="button"
                aria-current={i === at ? 'step' : undefined}
                onClick={() => go(i)}
                className={`rounded px-2.5 py-1 text-sm ${i === at ? 'bg-shade font-semibold' : 'text-soft hover:bg-shade'}`}
              >
                {i + 1}. {part.title}
              </button>
            </li>
          ))}
        </ol>
      </nav>
      <h2 id="part" className="mb-4 text-xl">
        {title}
      </h2>
      <div key={id}>{content}</div>
      <div className="mt-6 flex flex-wrap items-center gap-3 border-t border-rule pt-4">
        {at > 0 && (
          <button type="button" className={PLAIN} onClick={() => go(at - 1)}>
            {t('Back')}
          </button>
        )}
        {at < parts.length - 1 && (
          <button type="button" className={PRIMARY} onClick={() => go(at + 1)}>
            {t('Next: {title}', { title: parts[at + 1]!.title })}
          </button>
        )}
        {last}
      </div>
    </section>
  );
}
