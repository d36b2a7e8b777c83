import { PLACES, placeWords, type Place } from '@lotus-steady/core';

interface Props {
  /** Whose pain, read out. */
  readonly label: string;
  readonly value: Place | undefined;
  /** Choosing what is chosen takes it back. */
  readonly onChange: (place: Place | undefined) => void;
}

/** Where it hurts: one place, each large enough for a finger. */
export function PlaceChoices({ label, value, onChange }: Props) {
  return (
    <div role="group" aria-label={label} className="flex flex-wrap gap-1">
      {PLACES.map((place) => (
        <button
          key={place}
          type="button"
          aria-pressed={value === place}
          onClick={() => onChange(value === place ? undefined : place)}
          className={`min-h-11 rounded border px-2.5 font-semibold first-letter:uppercase ${value === place ? 'border-ink bg-ink text-paper' : 'border-soft bg-sheet hover:bg-shade'}`}
        >
          {placeWords(place)}
        </button>
      ))}
    </div>
  );
}
