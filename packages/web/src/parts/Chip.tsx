/** Something to take or leave, with a note below it. */
export function Chip({ label, note, pressed, onTurn }: { label: string; note?: string; pressed: boolean; onTurn: () => void }) {
  return (
    <button
      type="button"
      aria-pressed={pressed}
      onClick={onTurn}
      className={`rounded border px-3 py-1.5 text-left ${pressed ? 'border-ink bg-shade font-semibold' : 'border-rule bg-sheet hover:border-soft'}`}
    >
      {label}
      {note !== undefined && <span className="block text-sm font-normal text-soft">{note}</span>}
    </button>
  );
}
