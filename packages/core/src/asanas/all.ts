import { allFours } from './all-fours.js';
import { breathing } from './breathing.js';
import { children } from './children.js';
import { floorMovements } from './floor-movements.js';
import { inversions } from './inversions.js';
import { kneeling } from './kneeling.js';
import { prone } from './prone.js';
import { relaxation } from './relaxation.js';
import { restorative } from './restorative.js';
import { seatedChair } from './seated-chair.js';
import { seatedChairLimbs } from './seated-chair-limbs.js';
import { seatedFloor } from './seated-floor.js';
import { seatedFloorTwistsAndStrength } from './seated-floor-twists-and-strength.js';
import { sideLying } from './side-lying.js';
import { standing } from './standing.js';
import { standingChair } from './standing-chair.js';
import { standingMovements } from './standing-movements.js';
import { standingOneSided } from './standing-one-sided.js';
import { standingWall } from './standing-wall.js';
import { stepLists } from './step-lists.js';
import { strongShapes } from './strong-shapes.js';
import { supine } from './supine.js';
import { supineCoreAndRelease } from './supine-core-and-release.js';
import { buildLibrary, type Library } from './library.js';

/** Every asana that the product knows. */
export const library: Library = buildLibrary([
  ...allFours,
  ...breathing,
  ...children,
  ...floorMovements,
  ...inversions,
  ...kneeling,
  ...prone,
  ...relaxation,
  ...restorative,
  ...seatedChair,
  ...seatedChairLimbs,
  ...seatedFloor,
  ...seatedFloorTwistsAndStrength,
  ...sideLying,
  ...standing,
  ...standingChair,
  ...standingMovements,
  ...standingOneSided,
  ...standingWall,
  ...stepLists,
  ...strongShapes,
  ...supine,
  ...supineCoreAndRelease,
]);
