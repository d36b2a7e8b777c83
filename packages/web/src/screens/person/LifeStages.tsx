import { getCondition } from '@lotus-steady/core';

const STAGES = [
  'pregnancy', 'postpartum', 'menstruation', 'seniors', 'children', 'chair-ambulatory', 'wheelchair-user', 'beginners', 'larger-bodies',
] as const; // prettier-ignore

/** Stages of life and ways of practising: said with one press each. */
export function LifeStages({ present, onTurn }: { present: readonly string[]; onTurn: (id: string, on: boolean) => void }) {
  return (
    <ul className="flex flex-wrap gap-2">
      {STAGES.map((id) => {
        const on = present.includes(id);
        return (
          <li key={id}>
            <button
              type="button"
              aria-pressed={on}
              onClick={() => onTurn(id, !on)}
              className={`rounded border px-3 py-2 ${on ? 'border-ink bg-shade font-semibold' : 'border-rule bg-sheet hover:border-ink'}`}
            >
              {getCondition(id).name}
            </button>
          </li>
        );
      })}
    </ul>
  );
}
