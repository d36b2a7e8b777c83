import type { LimitSpec } from './condition.js';
import { limits, QUIET } from './limits.js';

/** What remains until written clearance is there: limits of every condition whose screening says `restricted`. Common practice, no source. */
export const RESTRICTED_PROFILE: readonly LimitSpec[] = limits('restricted', 'Until there is written clearance only gentle, supported work.', 'common practice',
  ['headBelowHeart', '<= 5', 'avoid', undefined, { as: 'head', reading: 'Whoever lies flat has the eyes within 5 cm of the heart.' }],
  ['pelvisAboveHeart', '<= 15', 'avoid', undefined, { as: 'pelvis' }],
  ['lumbarFlexion', '-15..30', 'avoid', undefined, { as: 'low-back', reading: 'Ordinary cat-cow stays inside.' }],
  ['spineRotation', '<= 20', 'avoid', undefined, { as: 'twist' }],
  ['bellyClosure', '<= 0.4', 'avoid', undefined, { as: 'belly' }],
  ['handLoad', '<= 0.4', 'avoid', undefined, 'facing prone', { as: 'hands-on-fours', reading: 'All fours stay inside, planks and dogs do not.' }],
  ['handLoad', '<= 0.3', 'avoid', undefined, 'not facing prone', { as: 'hands' }],
  ['headLoad', '<= 0.1', 'avoid', undefined, { as: 'on-head' }],
  ['neckLoad', '<= 0.05', 'avoid', undefined, { as: 'on-neck' }],
  ['support', '>= 1', 'avoid', undefined, 'standing', 'effort >= 2', { as: 'support', ...QUIET }],
  ['feetDown', '= 2', 'avoid', undefined, 'standing', { as: 'feet' }],
  ['abdominalLoad', '<= 1', 'avoid', undefined, { as: 'belly-work' }],
  ['effort', '<= 2', 'avoid', undefined, { as: 'effort' }],
  ['met', '<= 2.5', 'avoid', undefined, { as: 'energy' }],
  ['hold', '<= 30', 'avoid', undefined, 'effort >= 2', { as: 'hold' }],
  ['breathRetention', '<= 0', 'avoid', undefined, { as: 'retention' }],
  ['breathRate', '5..20', 'avoid', undefined, { as: 'breath' }],
  ['impact', '<= 0', 'avoid', undefined, { as: 'impact' }],
  ['headJolt', '<= 0', 'avoid', undefined, { as: 'jolt' }],
  ['heat', '<= 25', 'avoid', undefined, { as: 'heat' }],
  ['floorTrips', '<= 2', 'avoid', undefined, { as: 'trips' }],
  ['sessionMinutes', '<= 30', 'avoid', undefined, { as: 'length' }]);
