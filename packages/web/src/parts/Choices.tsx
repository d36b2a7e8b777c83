interface Props<T extends string | number> {
  /** What is chosen, in words; read out, not drawn. */
  readonly label: string;
  readonly options: readonly (readonly [value: T, word: string])[];
  readonly value: T | null;
  /** Choosing what is chosen takes it back. */
  readonly onChange: (value: T | null) => void;
  readonly className?: string;
  /** Each as wide as its words, on as many lines as they take; otherwise all are alike, on one line. */
  readonly wraps?: boolean;
}

const ROW = '-ml-px min-w-0 grow basis-0 px-0.5 py-1 first:ml-0';
const WRAPPED = 'rounded px-2.5 first-letter:uppercase';

/** One of a few, side by side, large enough for a finger; none until one is chosen. */
export function Choices<T extends string | number>({ label, options, value, onChange, className = '', wraps = false }: Props<T>) {
  const place = (i: number) => `${ROW} ${i === 0 ? 'rounded-l' : ''} ${i === options.length - 1 ? 'rounded-r' : ''}`;
  return (
    <div role="group" aria-label={label} className={`flex ${wraps ? 'flex-wrap gap-1' : ''} ${className}`}>
      {options.map(([option, word], i) => (
        <button
          key={option}
          type="button"
          aria-pressed={value === option}
          onClick={() => onChange(value === option ? null : option)}
          className={`min-h-11 border font-semibold ${wraps ? WRAPPED : place(i)} ${value === option ? 'relative border-ink bg-ink text-paper' : 'border-soft bg-sheet hover:bg-shade'}`}
        >
          {word}
        </button>
      ))}
    </div>
  );
}

/** 0 to 10. */
export const POINTS = Array.from({ length: 11 }, (_, i) => [i, String(i)] as const);
