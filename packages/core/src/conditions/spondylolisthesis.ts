import { condition } from './condition.js';
import { FIVE_BREATHS, limits, noInversion, pick } from './limits.js';
import { PAIN } from './pain.js';
import { clearance, found, note, SPINE_RED_FLAGS, today } from './screening.js';

interface Slip {
  readonly slipPercent?: number | undefined;
  readonly age?: number | undefined;
  readonly activePars?: boolean | undefined;
  readonly weeksSinceStart?: number | undefined;
}

/** Slip of a vertebra in percent: I to 25, II to 50, more above; a fresh stress fracture before all. */
function stageOf({ slipPercent, age, activePars, weeksSinceStart = 0 }: Slip): 'g1' | 'g2' | 'g3' | 'pars' {
  if ((activePars ?? (age !== undefined && age < 20)) && weeksSinceStart < 12) return 'pars';
  const slip = slipPercent ?? 30;
  return slip <= 25 ? 'g1' : slip <= 50 ? 'g2' : 'g3';
}

const LOOSE = ['g2', 'g3', 'pars'] as const;
const WORST = ['g3', 'pars'] as const;

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const spondylolisthesis = condition({
  id: 'spondylolisthesis',
  name: 'Slipped vertebra',
  words: ['spondylolisthesis', 'slipped vertebra', 'pars fracture', 'stress fracture of the spine', 'spondylolysis'],
  parameters: {
    ...PAIN.parameters,
    slipPercent: { kind: 'number', unit: '%', from: 0, to: 150, ask: 'Slip in percent, from the report' },
    type: { kind: 'choice', options: ['isthmic', 'degenerative', 'dysplastic', 'traumatic'], ask: 'Which type?' },
    age: { kind: 'number', unit: 'year', ofBody: 'age', from: 3, to: 110, ask: 'Age' },
    activePars: { kind: 'yesno', ask: 'A stress reaction under treatment?' },
    weeksSinceStart: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 520, ask: 'Weeks since treatment began', default: 0, onlyIf: { activePars: [true] } },
    unstable: { kind: 'yesno', ask: 'Did a clinician say unstable?', default: false },
    surgery: { kind: 'choice', options: ['none', 'decompression', 'fusion'], ask: 'Operated?', default: 'none' },
    weeksSinceSurgery: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 2600, ask: 'Weeks since the operation', onlyIf: { surgery: ['decompression', 'fusion'] } },
  },
  stages: { ...PAIN.stages, g1: 'Slip to 25 %', g2: 'Slip of 26 to 50 %, or not known', g3: 'Slip over 50 %', pars: 'Fresh stress reaction, first 12 weeks' },
  stagesOf: (a) => [...PAIN.stagesOf(a), ...pick(stageOf(a))],
  screen: (a) => [
    ...PAIN.screen(a),
    ...found(
      (stageOf(a) === 'g3' || stageOf(a) === 'pars' || a.unstable === true || a.type === 'traumatic') && clearance('slipPercent', 'A large, fresh or unstable slip: written clearance first.'),
      a.surgery !== undefined && a.surgery !== 'none' && (a.weeksSinceSurgery ?? 0) < 26 && clearance('weeksSinceSurgery', 'Operated in the last 26 weeks: written clearance first.'),
      a.slipPercent === undefined && note('slipPercent', 'The slip is not known: taken as 26 to 50 %.'),
    ),
  ],
  redFlags: [...SPINE_RED_FLAGS, today('step', 'A new step felt in the spine, hamstrings suddenly tight in a child')],
  schools: {
    'slip-extension': {
      name: 'Arching',
      positions: { staged: 'A little again once small, stable and 12 weeks old', never: 'Never' },
      default: 'staged',
      because: 'A small stable slip tolerates a little; anything else does not.',
    },
  },
  limits: [
    ...PAIN.limits('spo'),
    ...limits('spo-01', 'Arching slides the upper bone forward and loads the pars.', ['NASSDS*', 'common practice'], ['lumbarFlexion', '>= -10', 'modify', ['g1']], ['lumbarFlexion', '>= -5', 'avoid', ['g2', 'g3']], ['lumbarFlexion', '>= 0', 'avoid', ['pars']]),
    ...limits('spo-02', 'Bending to the end also shears; stay off the end.', 'common practice', ['lumbarFlexion', '<= 45', 'watch', ['g1']], ['lumbarFlexion', '<= 35', 'modify', ['g2']], ['lumbarFlexion', '<= 25', 'avoid', WORST]),
    ...limits('spo-03', 'Arched and turned stresses the pars.', 'common practice', ['spineRotation', '<= 10', 'avoid', undefined, 'lumbarFlexion < -5']),
    ...limits('spo-04', 'A turn that comes from the ribs leaves the slipped bone in peace.', 'common practice', ['spineRotation', '<= 40', 'watch', ['g1']], ['spineRotation', '<= 25', 'modify', ['g2']], ['spineRotation', '<= 10', 'avoid', WORST]),
    ...limits('spo-05', 'Tight hip fronts arch the back.', 'common practice', ['hipExtension', '<= 15', 'modify', ['g1']], ['hipExtension', '<= 5', 'avoid', LOOSE]),
    ...limits('spo-06', 'Lowering the legs drags the back into an arch.', 'common practice', ['abdominalLoad', '<= 4', 'watch', ['g1']], ['abdominalLoad', '<= 3', 'modify', ['g2']], ['abdominalLoad', '<= 2', 'avoid', WORST]),
    ...limits('spo-07', 'With the arms this high the ribs flare and the waist arches.', 'common practice', ['shoulderElevation', '<= 150', 'watch', ['g1'], 'standing', 'effort >= 3'], ['shoulderElevation', '<= 150', 'modify', LOOSE, 'standing', 'effort >= 3']),
    ...noInversion('spo-08', { headLoad: 'Upside down, a fall or a sag would shear the slipped bone.', neckLoad: 'Upside down, a sag would shear the slipped bone.' }, 'common practice', 'avoid', LOOSE),
    ...limits('spo-09', { effort: 'Heavy work shears the slipped bone.', impact: 'Landing shears the slipped bone.' }, 'common practice', ['effort', '<= 4', 'modify', ['g1']], ['impact', '<= 1', 'modify', ['g1']], ['effort', '<= 3', 'avoid', LOOSE], ['impact', '= 0', 'avoid', LOOSE]),
    ...limits('spo-10', 'Fatigue lets the waist sag.', 'common practice', ['hold', '<= 25', 'modify', undefined, 'lumbarFlexion < 0', 'effort >= 3', FIVE_BREATHS]),
  ], // prettier-ignore
  favour: ['deep-core', 'strengthen-hips', 'stretch-hamstrings', 'mobilise-hips'],
  stopInClass: 'Leg pain or weakness, catching in the back.',
});
