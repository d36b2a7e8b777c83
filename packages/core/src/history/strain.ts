import { MEASURES, roundMeasure, type Measure } from '../body/measure.js';
import { NORMAL_RANGE } from '../body/norms.js';
import { readBound } from '../conditions/limits.js';
import type { OwnLimit } from '../conditions/own-limits.js';
import type { BodySolver } from '../solving/body-solver.js';
import { declaredValues } from '../solving/facts.js';
import type { Place, StepMark } from './past-class.js';

/** What of a posture tells at a place of the body, and how much of it is all there is; `back` where it goes to negative numbers. */
interface Tells {
  readonly measure: Measure;
  readonly most: number;
  readonly back?: true;
}

const [LUMBAR, THORACIC, NECK] = [NORMAL_RANGE.lumbarFlexion, NORMAL_RANGE.thoracicFlexion, NORMAL_RANGE.cervicalFlexion];
const angle = (measure: keyof typeof NORMAL_RANGE): Tells => ({ measure, most: NORMAL_RANGE[measure][1] });

/** Which measures strain which place; those of a load are at their most what a lowered push-up (Suprak 2011), a kneeling stance or standing carry. Common practice, no source. */
const STRAINS: Readonly<Record<Place, readonly Tells[]>> = {
  head: [{ measure: 'headBelowHeart', most: 40 }, { measure: 'headLoad', most: 0.5 }],
  neck: [angle('cervicalFlexion'), { measure: 'cervicalFlexion', most: -NECK[0], back: true }, angle('cervicalRotation'), angle('cervicalLateral'), { measure: 'neckLoad', most: 0.3 }],
  shoulders: [angle('shoulderElevation'), angle('shoulderExtension'), { measure: 'handLoad', most: 0.75 }],
  hands: [{ measure: 'wristExtensionLoaded', most: NORMAL_RANGE.wristExtension[1] }, angle('wristFlexion'), { measure: 'handLoad', most: 0.75 }],
  'upper-back': [angle('thoracicFlexion'), { measure: 'thoracicFlexion', most: -THORACIC[0], back: true }, angle('spineRotation')],
  'low-back': [angle('lumbarFlexion'), { measure: 'lumbarFlexion', most: -LUMBAR[0], back: true }, angle('spineRotation'), angle('spineLateral')],
  belly: [{ measure: 'abdominalLoad', most: 5 }, { measure: 'bellyClosure', most: 1 }],
  hips: [angle('hipFlexion'), angle('hipExtension'), angle('hipAbduction'), angle('hipAdduction'), angle('hipExternalRotation'), angle('hipInternalRotation')],
  knees: [{ measure: 'kneeFlexionLoaded', most: NORMAL_RANGE.kneeFlexion[1] }, angle('kneeFlexion'), { measure: 'kneeLoad', most: 0.6 }],
  feet: [angle('ankleDorsiflexion'), angle('anklePlantarflexion'), { measure: 'toeExtensionLoaded', most: 70 }, { measure: 'footLoad', most: 1 }],
}; // prettier-ignore

/** Less than this share of all there is strains nothing. Common practice, no source. */
const LEAST_SHARE = 0.3;
/** So much of all there is less than what hurt. Common practice, no source. */
const LESS = 0.1;

/** What strained the place that hurts, in a step that hurt. */
export interface Strain {
  readonly asana: string;
  readonly place: Place;
  readonly measure: Measure;
  /** In the measure's unit. */
  readonly value: number;
  /** A bound that stays below it, as limits are written: `<= 40`. */
  readonly bound: string;
}

/** A bound so far out, rounded to the easier side. */
function boundAt({ measure, back }: Tells, far: number): string {
  const step = ['body weight', '1'].includes(MEASURES[measure].unit) ? 0.05 : 1;
  // A hair more, so that a whole number of steps is not rounded to one less.
  const rounded = Math.round(Math.floor(far / step + 1e-9) * step * 100) / 100;
  return back ? `>= ${-rounded}` : `<= ${rounded}`;
}

function strainOf(solver: BodySolver, { asana: id, variation: way }: StepMark, place: Place): Strain | null {
  const asana = solver.library.find(id);
  const variation = asana?.variations.find((one) => one.id === way);
  if (!asana || !variation) return null;
  const ends = solver.formOf(asana, variation).ends.map(({ measured }) => ({
    ...measured.values,
    ...declaredValues(variation.declared),
  }));
  const told = STRAINS[place].map((tells) => {
    const values = ends.map((end) => end[tells.measure] ?? 0);
    const value = tells.back ? Math.min(...values) : Math.max(...values);
    return { tells, value, share: (tells.back ? -value : value) / tells.most };
  });
  const worst = told.reduce((most, one) => (one.share > most.share ? one : most));
  if (worst.share < LEAST_SHARE) return null;
  return {
    asana: id,
    place,
    measure: worst.tells.measure,
    value: roundMeasure(worst.tells.measure, worst.value),
    bound: boundAt(worst.tells, Math.abs(worst.value) - LESS * worst.tells.most),
  };
}

/** Of each step that hurt, what strained the place most, as this body does the step; nothing of a step that hardly strains it. */
export function strainsOf(solver: BodySolver, marks: readonly StepMark[], place: Place): Strain[] {
  const hurt = new Map(marks.filter(({ mark }) => mark === 'pain').map((one) => [one.asana, one]));
  return [...hurt.values()].flatMap((one) => strainOf(solver, one, place) ?? []);
}

/** The bound of what was held back, by as much looser as it was held back; `null` for a limit that no strain sets. */
export function looserBound({ measure, bound }: Pick<OwnLimit, 'measure' | 'bound'>): string | null {
  const read = readBound(bound);
  const far = 'atMost' in read ? read.atMost : 'atLeast' in read ? -read.atLeast : null;
  const tells = Object.values(STRAINS).flat().find((one) => one.measure === measure && (one.back ?? false) === !('atMost' in read)); // prettier-ignore
  return far === null || !tells ? null : boundAt(tells, far + LESS * tells.most);
}

/** Whether a measure says how much is carried or worked rather than how far something moves. */
export function isLoad(measure: Measure): boolean {
  return measure.endsWith('Load');
}
