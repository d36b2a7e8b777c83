import { PLACES, placeTold, type Place } from '@lotus-steady/core';
import { say } from '../words/say.js';
import { Choices } from './Choices.js';

const OPTIONS = PLACES.map((place) => [place, say(placeTold(place))] as const);

interface Props {
  /** Whose pain, read out. */
  readonly label: string;
  readonly value: Place | undefined;
  readonly onChange: (place: Place | undefined) => void;
}

/** Where it hurts. */
export function PlaceChoices({ label, value, onChange }: Props) {
  return <Choices label={label} options={OPTIONS} value={value ?? null} onChange={(place) => onChange(place ?? undefined)} wraps />;
}
