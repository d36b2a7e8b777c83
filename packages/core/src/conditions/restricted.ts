import { row, type LimitSpec } from './condition.js';

/** What remains until written clearance is there: limits of every condition whose screening says `restricted`. Common practice, no source. */
export const RESTRICTED_PROFILE: readonly LimitSpec[] = row(
  'restricted',
  { grade: 'avoid', reason: 'Until there is written clearance only gentle, supported work.', source: ['common practice'] } as const,
  [
    { as: 'head', measure: 'headBelowHeart', bound: { atMost: 0 } },
    { as: 'pelvis', measure: 'pelvisAboveHeart', bound: { atMost: 15 } },
    { as: 'low-back', measure: 'lumbarFlexion', bound: { atLeast: -10, atMost: 30 } },
    { as: 'twist', measure: 'spineRotation', bound: { atMost: 20 } },
    { as: 'belly', measure: 'bellyClosure', bound: { atMost: 0.4 } },
    { as: 'hands', measure: 'handLoad', bound: { atMost: 0.3 } },
    { as: 'on-head', measure: 'headLoad', bound: { atMost: 0.1 } },
    { as: 'on-neck', measure: 'neckLoad', bound: { atMost: 0.05 } },
    { as: 'support', measure: 'support', bound: { atLeast: 1 }, when: [{ standing: true }] },
    { as: 'feet', measure: 'feetDown', bound: { equals: 2 }, when: [{ standing: true }] },
    { as: 'belly-work', measure: 'abdominalLoad', bound: { atMost: 1 } },
    { as: 'effort', measure: 'effort', bound: { atMost: 2 } },
    { as: 'energy', measure: 'met', bound: { atMost: 2.5 } },
    { as: 'hold', measure: 'hold', bound: { atMost: 30 }, when: [{ measure: 'effort', from: 2 }] },
    { as: 'retention', measure: 'breathRetention', bound: { atMost: 0 } },
    { as: 'breath', measure: 'breathRate', bound: { atLeast: 5, atMost: 20 } },
    { as: 'impact', measure: 'impact', bound: { atMost: 0 } },
    { as: 'jolt', measure: 'headJolt', bound: { atMost: 0 } },
    { as: 'heat', measure: 'heat', bound: { atMost: 25 } },
    { as: 'trips', measure: 'floorTrips', bound: { atMost: 2 } },
    { as: 'length', measure: 'sessionMinutes', bound: { atMost: 30 } },
  ] as const,
);
