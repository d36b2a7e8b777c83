import { allFours } from './all-fours.js';
import { breathing } from './breathing.js';
import { children } from './children.js';
import { inverted } from './inverted.js';
import { kneeling } from './kneeling.js';
import type { Phrases } from './phrases.js';
import { newcomers } from './newcomers.js';
import { prone } from './prone.js';
import { resting } from './resting.js';
import { salutations } from './salutations.js';
import { seatedChair } from './seated-chair.js';
import { seatedFloor } from './seated-floor.js';
import { sideLying } from './side-lying.js';
import { standing } from './standing.js';
import { standingChair } from './standing-chair.js';
import { standingWall } from './standing-wall.js';
import { supine } from './supine.js';

export const PHRASEBOOK: Phrases = {
  ...allFours, ...breathing, ...children, ...inverted, ...kneeling, ...newcomers, ...prone, ...resting, ...salutations, ...seatedChair,
  ...seatedFloor, ...sideLying, ...standing, ...standingChair, ...standingWall, ...supine,
}; // prettier-ignore
