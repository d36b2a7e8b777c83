import type { SpokenLines } from '../spoken-lines.js';
import { BREATHING } from './breathing.js';
import { CHILDREN } from './children.js';
import { INVERTED } from './inverted.js';
import { KNEELING } from './kneeling.js';
import { NEWCOMERS } from './newcomers.js';
import { PRONE } from './prone.js';
import { SEATED_CHAIR } from './seated-chair.js';
import { SEATED_FLOOR } from './seated-floor.js';
import { STANDING_SUPPORTED } from './standing-supported.js';
import { STANDING } from './standing.js';
import { SUPINE } from './supine.js';

export const SPOKEN: SpokenLines = {
  ...STANDING, ...STANDING_SUPPORTED, ...KNEELING, ...PRONE, ...SUPINE, ...SEATED_FLOOR, ...SEATED_CHAIR, ...BREATHING, ...INVERTED,
  ...CHILDREN, ...NEWCOMERS,
}; // prettier-ignore
