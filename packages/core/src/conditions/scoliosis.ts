import { condition, type AnyAnswers } from './condition.js';
import { limits, pick } from './limits.js';
import { PAIN } from './pain.js';
import { clearance, found, note, open, SPINE_RED_FLAGS, today } from './screening.js';

/** Cobb angle in whole degrees: SOSORT 2018 classes, joined. Below 10 it is no scoliosis. */
export function cobbClass(cobb: number): 'none' | 'low' | 'moderate' | 'severe' {
  const whole = Math.round(cobb);
  if (whole < 10) return 'none';
  return whole <= 20 ? 'low' : whole <= 40 ? 'moderate' : 'severe';
}

const VERTEBRAE = ['T1', 'T2', 'T3', 'T4', 'T5', 'T6', 'T7', 'T8', 'T9', 'T10', 'T11', 'T12', 'L1', 'L2', 'L3', 'L4', 'L5', 'S1'] as const;
type Vertebra = (typeof VERTEBRAE)[number];

/**
 * How much each level below its vertebra gives, in degrees: bending and arching, sideways, turning. White AA,
 * Panjabi MM. Clinical Biomechanics of the Spine, 2nd ed., 1990 (from memory). Only the shares are used.
 */
const GIVES: readonly (readonly [flexion: number, lateral: number, rotation: number])[] = [
  [4, 5, 9], [4, 6, 8], [4, 5, 8], [4, 6, 8], [4, 6, 8], [5, 6, 7], [6, 6, 7], [6, 6, 6], [6, 6, 4], [9, 7, 2], [12, 9, 2], [12, 8, 2],
  [12, 6, 2], [14, 6, 2], [15, 8, 2], [16, 6, 2], [17, 3, 1],
]; // prettier-ignore
type Movement = 'lumbarFlexion' | 'thoracicFlexion' | 'spineLateral' | 'spineRotation';
const LEVELS_OF: Record<Movement, readonly [from: Vertebra, to: Vertebra, column: 0 | 1 | 2]> = {
  lumbarFlexion: ['L1', 'S1', 0],
  thoracicFlexion: ['T1', 'L1', 0],
  spineLateral: ['T1', 'S1', 1],
  spineRotation: ['T1', 'S1', 2],
};

/** The share, 0 to 1, of a movement's range that a fusion between two vertebrae takes. */
export function fusedShare(from: Vertebra, to: Vertebra, movement: Movement): number {
  const [first, last, column] = LEVELS_OF[movement];
  const place = (vertebra: Vertebra) => VERTEBRAE.indexOf(vertebra);
  const sum = (a: number, b: number) => GIVES.slice(a, Math.max(a, b)).reduce((total, level) => total + level[column]!, 0);
  const [a, b] = [place(first), place(last)];
  return sum(Math.max(a, place(from)), Math.min(b, place(to))) / sum(a, b);
}

/** Ordinary ranges that the fused share is taken of, in degrees (conventions of the spine limits). */
const RANGE = { spineRotation: 45, spineLateral: 35, lumbarFlexion: 55, thoracicFlexion: 40 } as const;
const WIDE_STANCE_TURN = 12;
/** A region left with less than 10 degrees counts as fixed: it stays within 5. No bound is below `least`. */
function mostOf(movement: Movement, share: number, least = 0): (answers: AnyAnswers) => number {
  return (answers) => {
    const [from, to] = [answers['fusedFrom'], answers['fusedTo']];
    // Ends of a fusion that nobody told: half of the range is taken as gone.
    const gone = typeof from === 'string' && typeof to === 'string' ? fusedShare(from as Vertebra, to as Vertebra, movement) : 0.5;
    const left = RANGE[movement] * (1 - gone);
    return Math.max(least, Math.round(left < 10 ? 5 : left * share));
  };
}
const FUSED_READING = 'The share of the own range that is left above and below the rods.';

const CURVED = ['moderate', 'severe'] as const;

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const scoliosis = condition({
  id: 'scoliosis',
  name: 'Scoliosis',
  words: ['scoliosis', 'curved spine', 'Cobb', 'spinal fusion', 'rods in the spine', 'crooked back'],
  parameters: {
    ...PAIN.parameters,
    cobb: { kind: 'number', unit: '°', from: 0, to: 150, ask: 'Cobb angle of the largest curve' },
    convex: { kind: 'choice', options: ['left', 'right'], ask: 'To which side does the lowest curve bulge?' },
    fusion: { kind: 'yesno', ask: 'Rods or a fusion?' },
    fusedFrom: { kind: 'choice', options: VERTEBRAE, ask: 'Fused from', onlyIf: { fusion: [true] } },
    fusedTo: { kind: 'choice', options: VERTEBRAE, ask: 'Fused to', onlyIf: { fusion: [true] } },
    weeksSinceSurgery: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 2600, ask: 'Weeks since the fusion', onlyIf: { fusion: [true] } },
    growing: { kind: 'yesno', ask: 'Still growing?' },
    age: { kind: 'number', unit: 'year', ofBody: 'age', from: 3, to: 110, ask: 'Age' },
    brace: { kind: 'yesno', ask: 'Wears a brace?', default: false },
    lungTrouble: { kind: 'yesno', ask: 'Breathless from the curve?' },
  },
  stages: {
    ...PAIN.stages, low: 'Cobb 10 to 20', moderate: 'Cobb 21 to 40', severe: 'Cobb 41 and more, or not known', fused: 'Fused, from 26 weeks', fusedNew: 'Fused, first 26 weeks', 'fused-year': 'Fused, 26 to 51 weeks', lung: 'Breathless from the curve',
    curve: 'Small or large curve', firm: 'From Cobb 21, or fused', hands: 'Fused or growing', 'other-hands': 'Grown or not known, and not fused',
    'load-year': 'Fused up to a year, or breathless',
  }, // prettier-ignore
  gathering: ['fused-year', 'curve', 'firm', 'hands', 'other-hands', 'load-year'],
  stagesOf: (a) => {
    const { cobb, fusion, weeksSinceSurgery = 0 } = a;
    const growing = a.growing ?? (a.age !== undefined && a.age < 18);
    const curve = cobb === undefined ? 'severe' : cobbClass(cobb);
    const lung = a.lungTrouble ?? (cobb !== undefined && cobb >= 70);
    const rods = fusion === true;
    const fresh = rods && weeksSinceSurgery < 26;
    const year = rods && !fresh && weeksSinceSurgery < 52;
    if (curve === 'none' && !rods) return PAIN.stagesOf(a);
    return [
      ...PAIN.stagesOf(a),
      ...pick(
        curve !== 'none' && !rods && curve,
        rods && (fresh ? 'fusedNew' : 'fused'),
        year && 'fused-year',
        lung && 'lung',
        'curve',
        (rods || curve === 'moderate' || curve === 'severe') && 'firm',
        rods || growing ? 'hands' : 'other-hands',
        (year || lung) && 'load-year',
      ),
    ];
  },
  screen: (a) => [
    ...PAIN.screen(a),
    ...found(
      a.fusion === undefined && open('fusion', 'rods or a fusion?'),
      a.fusion === true && (a.weeksSinceSurgery ?? 0) < 26 && clearance('weeksSinceSurgery', 'A fusion in the last 26 weeks: written clearance first.'),
      a.fusion === true && (a.fusedFrom === undefined || a.fusedTo === undefined) && note('fusedFrom', 'The ends of the fusion are not known: half of the range is taken as gone.'),
      a.cobb === undefined && note('cobb', 'The Cobb angle is not known: limits of a severe curve are used.'),
      ((a.cobb ?? 0) >= 70 || a.lungTrouble === true) && clearance('cobb', 'A curve of 70 or more, or breathless: written clearance first.'),
      (a.growing ?? (a.age !== undefined && a.age < 18)) && (a.cobb ?? 0) >= 25 && clearance('growing', 'Growing with a curve of 25 or more: written clearance of the specialist first.'),
      (a.cobb ?? 0) > 50 && note('cobb', 'Curves over 50 may go on growing: ask for the yearly check.'),
    ),
  ],
  redFlags: [...SPINE_RED_FLAGS, today('grows', 'A curve that grew 5 degrees in half a year, pain at night or nerve signs in a child, new breathlessness, new pain or a click after a fusion')],
  schools: {
    'scoliosis-sides': {
      name: 'Sides',
      positions: { symmetric: 'Both sides equal, lengthen', asymmetric: 'Corrective, curve by curve', 'side-plank': 'Side plank, bulging side down' },
      default: 'symmetric',
      because: 'With two curves a move that opens one closes the other; uneven doses need a specialist’s written plan.',
    },
  },
  limits: [
    ...PAIN.limits('sco'),
    ...limits('sco-01', 'At the deep end, the zones between the curves take all the strain.', 'common practice', ['spineRangeUsed', '<= 0.9', 'modify', ['low']], ['spineRangeUsed', '<= 0.8', 'avoid', ['moderate']], ['spineRangeUsed', '<= 0.7', 'avoid', ['severe']]),
    ...limits('sco-02', 'The levels next to the rods wear out when they are taken to their end.', 'PARKASD*',
      ['spineRotation', '<= 14', 'avoid', ['fused'], { of: mostOf('spineRotation', 0.6, WIDE_STANCE_TURN), reading: `${FUSED_READING} In a wide stance, as in warrior II, the trunk turns by 12 and is not taken to any end.` }], ['spineRotation', '<= 9', 'avoid', ['fusedNew'], { of: mostOf('spineRotation', 0.4), reading: FUSED_READING }],
      ['spineLateral', '<= 11', 'avoid', ['fused'], { of: mostOf('spineLateral', 0.6), reading: FUSED_READING }], ['spineLateral', '<= 7', 'avoid', ['fusedNew'], { of: mostOf('spineLateral', 0.4), reading: FUSED_READING }],
      ['lumbarFlexion', '<= 17', 'avoid', ['fused'], { of: mostOf('lumbarFlexion', 0.6), reading: FUSED_READING }], ['lumbarFlexion', '<= 11', 'avoid', ['fusedNew'], { of: mostOf('lumbarFlexion', 0.4), reading: FUSED_READING }],
      ['thoracicFlexion', '<= 12', 'avoid', ['fused'], { of: mostOf('thoracicFlexion', 0.6), reading: FUSED_READING }], ['thoracicFlexion', '<= 8', 'avoid', ['fusedNew'], { of: mostOf('thoracicFlexion', 0.4), reading: FUSED_READING }],
      ['spineRangeUsed', '<= 0.6', 'avoid', ['fused']], ['spineRangeUsed', '<= 0.4', 'avoid', ['fusedNew']]),
    ...limits('sco-03', 'Two directions at once meet in one zone.', 'common practice', ['spineRotation', '<= 25', 'modify', ['firm'], 'lumbarFlexion > 20'], ['spineRotation', '<= 25', 'modify', ['firm'], 'lumbarFlexion < -15'], ['spineRotation', '<= 30', 'modify', ['firm'], 'spineLateral > 15']),
    ...limits('sco-04', 'A side bend towards the closed side closes it more.', 'common practice', ['spineLateral', '<= 20', 'watch', CURVED, { reading: 'Counted to both sides: a cautious reading of "towards the hollow side of the lowest curve".' }]),
    ...limits('sco-05', 'Uneven shoulders load the neck unevenly.', 'common practice', ['headLoad', '<= 0.1', 'modify', ['low']], ['neckLoad', '<= 0.05', 'modify', ['low']], ['headLoad', '<= 0.1', 'avoid', ['firm']], ['neckLoad', '<= 0.05', 'avoid', ['firm']]),
    ...limits('sco-06', 'The bone of the fusion is still knitting.', 'LEHMAN*', ['abdominalLoad', '<= 1', 'avoid', ['fusedNew']], ['abdominalLoad', '<= 3', 'modify', ['fused-year']]),
    ...limits('sco-07', 'Both sides get an equal count; only the depth may differ.', 'common practice', ['leftRightDifference', '<= 0.1', 'watch', ['curve'], { school: 'scoliosis-sides=symmetric' }]),
    ...limits('sco-08', 'A curve isn’t pushed “straight”.', 'common practice', ['touch', '= 0', 'avoid', ['hands']], ['touch', '= 0', 'watch', ['other-hands']]),
    ...limits('sco-09', 'Long holds let the zones between the curves give.', 'common practice', ['hold', '<= 30', 'modify', CURVED, 'spineRangeUsed > 0.6']),
    ...limits('sco-10', 'The lungs have little reserve for a held breath.', 'common practice', ['breathRetention', '= 0', 'avoid', ['lung']]),
    ...limits('sco-11', { effort: 'Rods and graft need time before hard work.', impact: 'Rods and graft need time before jolts.' }, 'LEHMAN*', ['effort', '<= 2', 'avoid', ['fusedNew']], ['impact', '= 0', 'avoid', ['fusedNew']], ['effort', '<= 4', 'modify', ['load-year']], ['impact', '<= 1', 'modify', ['load-year']]),
  ], // prettier-ignore
  favour: ['lengthen-spine', 'mobilise-hips', 'strengthen-back', 'breath-awareness', 'balance'],
  stopInClass: 'Local pain at one level, numbness, breathless, a click at the rods.',
});
