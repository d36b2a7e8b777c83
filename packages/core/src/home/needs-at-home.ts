import { lengthWords, type Conventions } from '../conventions.js';
import type { HomeStep } from './home-practice.js';

/** What a step needs at home, in words of the household: how high its top is, and where it goes. */
export function needsAtHome(setup: HomeStep['setup'], { lengths }: Conventions): string {
  return setup
    .map(({ household, height, place }) => `${household}${height === null ? '' : ` (${lengthWords(height, lengths)} high)`}, ${place}`)
    .join('; ');
}
