import { useState } from 'react';
import { Link } from 'react-router';
import { Thumb } from '../../parts/Thumb.js';
import type { ListWay } from '../../worker/asana-page.js';
import { t } from '../../words/t.js';

/** The steps of a salutation or a transfer, in the way that is chosen; steps that differ from the usual way are marked. */
export function StepListWays({ ways, suffix }: { ways: readonly ListWay[]; suffix: string }) {
  const [chosen, setChosen] = useState(0);
  const way = ways[chosen]!;
  return (
    <>
      {ways.length > 1 && (
        <ul className="mb-3 flex flex-wrap gap-2">
          {ways.map(({ id, name, for: whom }, i) => (
            <li key={id}>
              <button
                type="button"
                aria-pressed={i === chosen}
                onClick={() => setChosen(i)}
                className={`rounded border px-3 py-2 text-left ${i === chosen ? 'border-ink bg-shade' : 'border-rule bg-sheet hover:border-ink'}`}
              >
                <span className="block font-semibold">{name}</span>
                <span className="block text-sm text-soft">{whom}</span>
              </button>
            </li>
          ))}
        </ul>
      )}
      {way.how && <p className="mb-3">{way.how[0]!.toUpperCase() + way.how.slice(1)}.</p>}
      <ol className="grid grid-cols-2 gap-3 sm:grid-cols-4 lg:grid-cols-6">
        {way.steps.map(({ id, variation, name, how, differs }, i) => (
          <li key={`${way.id} ${i}`}>
            <Link
              to={`/asanas/${id}${suffix}`}
              className={`block h-full rounded border bg-sheet p-2 hover:border-ink ${differs ? 'border-dashed border-ink' : 'border-rule'}`}
            >
              <Thumb id={id} variation={variation} className="h-20" />
              <span className="font-semibold">
                {i + 1}. {name}
              </span>
              <span className="block text-sm text-soft">{how}</span>
              {differs && <span className="block text-sm italic">{t('instead')}</span>}
            </Link>
          </li>
        ))}
      </ol>
    </>
  );
}
