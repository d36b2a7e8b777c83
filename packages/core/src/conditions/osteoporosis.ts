import { condition } from './condition.js';
import { limits, pick } from './limits.js';
import { PAIN } from './pain.js';
import { clearance, clearanceAlone, found, note, refer, SPINE_RED_FLAGS, today } from './screening.js';

/** T-score of bone density: WHO Technical Report 843, 1994. */
export function tScoreClass(tScore: number): 'none' | 'penia' | 'op' {
  if (tScore >= -1) return 'none';
  return tScore > -2.5 ? 'penia' : 'op';
}

interface Bones {
  readonly tScore?: number | undefined;
  readonly vertebralFractures?: number | undefined;
  readonly weeksSinceFracture?: number | undefined;
  readonly otherFragilityFracture?: boolean | undefined;
  readonly hipFracture?: boolean | undefined;
  readonly heightLossCm?: number | undefined;
  readonly steroids?: boolean | undefined;
}

function stageOf(bones: Bones): 'none' | 'penia' | 'op' | 'vf' | 'vfNew' {
  const { tScore, vertebralFractures, weeksSinceFracture, hipFracture, heightLossCm = 0, steroids } = bones;
  const hidden = vertebralFractures === undefined && heightLossCm >= 4;
  if ((vertebralFractures ?? 0) > 0 || hipFracture === true || hidden) return (weeksSinceFracture ?? (hidden ? 99 : 0)) < 12 ? 'vfNew' : 'vf';
  if (tScore === undefined || (steroids === true && tScore < -1.5)) return 'op';
  return tScoreClass(tScore);
}

const BROKEN = ['vf', 'vfNew'] as const;
const WEAK = ['op', 'vf', 'vfNew'] as const;

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const osteoporosis = condition({
  id: 'osteoporosis',
  name: 'Osteoporosis or osteopenia',
  words: ['fractured vertebra', 'crushed vertebra', 'osteoporosis', 'osteopenia', 'brittle bones', 'bone density', 'DEXA', 'T-score', 'vertebral fracture', 'thin bones'],
  parameters: {
    ...PAIN.parameters,
    tScore: { kind: 'number', unit: 'SD', from: -6, to: 4, ask: 'Lowest T-score of spine and hip' },
    vertebralFractures: { kind: 'number', unit: 'fractures', from: 0, to: 17, ask: 'Broken vertebrae (0 only after an X-ray or scan)' },
    weeksSinceFracture: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 2600, ask: 'Weeks since the last break' },
    hipFracture: { kind: 'yesno', ask: 'Ever broken a hip in a fall from standing?', default: false },
    otherFragilityFracture: { kind: 'yesno', ask: 'Ever broken wrist, arm or pelvis in a fall from standing?', default: false },
    heightLossCm: { kind: 'number', unit: 'cm', from: 0, to: 25, ask: 'Centimetres shorter than in youth', default: 0 },
    steroids: { kind: 'yesno', ask: 'Cortisone for 3 months or more?', default: false },
    falls12m: { kind: 'number', unit: 'falls', from: 0, to: 50, ask: 'Falls in the last 12 months', default: 0 },
    neckFinding: { kind: 'set', options: ['fracture', 'arthritis', 'narrowCanal', 'slip', 'giddyOnTurn'], ask: 'What was found in the neck?' },
    weeksSinceNeckFracture: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 2600, ask: 'Weeks since the neck broke', default: 0, onlyIf: { neckFinding: ['fracture'] } },
    armSigns: { kind: 'choice', options: ['none', 'tingling', 'weak'], ask: 'Signs in the arms', default: 'none' },
    neckCleared: { kind: 'yesno', ask: 'Cleared in writing for the neck?', default: false, onlyIf: { neckFinding: ['fracture', 'narrowCanal', 'slip', 'giddyOnTurn'] } },
    kyphosis: { kind: 'yesno', ask: 'A rounded upper back?', default: false },
  },
  stages: { ...PAIN.stages, penia: 'T-score between -1.0 and -2.5', op: 'T-score of -2.5 or lower, or not known', vf: 'A broken vertebra or hip', vfNew: 'In the first 12 weeks after it', falls: 'Fell in the last year', 'vf-falls': 'A broken vertebra or hip, or a fall', 'no-break': 'No break, no fall', rounded: 'A rounded upper back', neckWorn: 'A worn neck', neckTight: 'A narrow or slipped neck', neckBroken: 'A broken neck vertebra', neckFound: 'A finding in the neck', neckHeld: 'A narrow, slipped or broken neck' },
  gathering: ['vf-falls', 'neckHeld'],
  stagesOf: (a) => {
    const stage = stageOf(a);
    const fell = (a.falls12m ?? 0) >= 1;
    const broken = stage === 'vf' || stage === 'vfNew';
    const found = a.neckFinding ?? [];
    const neckBroken = found.includes('fracture');
    const neckTight = found.includes('narrowCanal') || found.includes('slip');
    const neckWorn = found.includes('arthritis') || found.includes('giddyOnTurn');
    const neck = pick(
      neckBroken ? 'neckBroken' : neckTight ? 'neckTight' : neckWorn && 'neckWorn',
      (neckBroken || neckTight || neckWorn) && 'neckFound',
      (neckBroken || neckTight) && 'neckHeld',
    );
    if (stage === 'none') return [...PAIN.stagesOf(a), ...neck, ...pick(a.kyphosis === true && 'rounded')];
    return [...PAIN.stagesOf(a), ...neck, ...pick(stage, fell && 'falls', broken || fell ? 'vf-falls' : 'no-break', a.kyphosis === true && 'rounded')];
  },
  screen: (a) => [
    ...PAIN.screen(a),
    ...found(
      stageOf(a) === 'vfNew' && clearance('weeksSinceFracture', 'A break in the last 12 weeks: written clearance first.'),
      a.vertebralFractures === undefined && (a.heightLossCm ?? 0) >= 4 && clearance('heightLossCm', '4 cm shorter and no picture: written clearance first; taken as a broken vertebra.'),
      (a.vertebralFractures ?? 0) >= 2 && clearance('vertebralFractures', 'Two broken vertebrae or more: written clearance first.'),
      (a.falls12m ?? 0) >= 2 && clearanceAlone('falls12m', 'Two falls or more: written clearance first.'),
      a.armSigns === 'weak' && refer('armSigns', 'Weak arms: no practice, medical contact today.'),
      a.armSigns === 'tingling' && note('armSigns', 'Answer "Neck pain" as well.'),
      a.neckFinding?.includes('fracture') === true && (a.weeksSinceNeckFracture ?? 0) < 12 && refer('weeksSinceNeckFracture', 'A neck that broke less than 12 weeks ago: no class.'),
      a.neckFinding?.some((one) => one !== 'none' && one !== 'arthritis') === true && a.neckCleared !== true && clearance('neckFinding', 'A finding in the neck: written clearance first.'),
      a.neckFinding === undefined && note('neckFinding', 'Findings in the neck were not asked: taken as none.'),
      a.tScore === undefined && note('tScore', 'The T-score is not known: taken as osteoporosis.'),
      a.vertebralFractures === undefined && note('vertebralFractures', 'Not answered: a picture of the spine for broken vertebrae?'),
    ),
  ],
  redFlags: [...SPINE_RED_FLAGS, today('sneeze', 'Sudden back pain after a sneeze, lift, bend or pose; new loss of height')],
  schools: {
    'bone-flexion': {
      name: 'Bending the spine',
      positions: { endrange: 'Not to the end, not loaded, fast or repeated', none: 'None at all', load: 'Twists and bends load bone' },
      default: 'endrange',
      because: 'In one old study new breaks were far more frequent with bending exercises; the benefit claimed elsewhere is uncontrolled.',
    },
  },
  limits: [
    ...PAIN.limits('opo'),
    ...limits('opo-01', 'A rounded back presses the front of the vertebrae.', ['SINAKI*', 'TFTF*'], ['lumbarFlexion', '<= 40', 'modify', ['penia']], ['lumbarFlexion', '<= 20', 'avoid', ['op']], ['lumbarFlexion', '<= 15', 'avoid', BROKEN]),
    ...limits('opo-02', 'The vertebrae of the mid-back break first.', ['SINAKI*', 'SINAKI13*'], ['thoracicFlexion', '<= 30', 'modify', ['penia']], ['thoracicFlexion', '<= 15', 'avoid', ['op']], ['thoracicFlexion', '<= 12', 'avoid', BROKEN, { reading: 'A bridge on the shoulders rounds it by 11 and loads no front edge.' }]),
    ...limits('opo-03', 'Bent and loaded together is what breaks a thin vertebra.', ['TFTF*', 'WILKE*'], ['discLoad', '<= 1.6', 'avoid', ['op'], 'lumbarFlexion > 10'], ['discLoad', '<= 1.3', 'avoid', BROKEN, 'lumbarFlexion > 10']),
    ...limits('opo-04', 'The end of a twist, and a lever into it, load thin vertebrae.', 'TFTF*', ['spineRotation', '<= 40', 'watch', ['penia']], ['spineRotation', '<= 30', 'modify', ['op']], ['spineRotation', '<= 15', 'avoid', BROKEN]),
    ...limits('opo-05', 'Bent and turned together is what breaks a thin vertebra.', 'TFTF*', ['spineRotation', '<= 10', 'avoid', WEAK, 'lumbarFlexion > 10'], ['spineRotation', '<= 10', 'avoid', WEAK, 'thoracicFlexion > 10']),
    ...limits('opo-06', 'A deep side bend presses one edge of a thin vertebra.', 'common practice', ['spineLateral', '<= 25', 'modify', ['op']], ['spineLateral', '<= 15', 'avoid', BROKEN]),
    ...limits('opo-07', 'Arching strengthens the back; its extreme presses the joints behind.', 'LEE*', ['lumbarFlexion', '>= -30', 'modify', ['op']], ['lumbarFlexion', '>= -20', 'modify', BROKEN]),
    ...limits('opo-08', 'The vertebrae of the neck can break too.', ['TFTF*', 'LEE*'], ['headLoad', '<= 0.1', 'avoid', WEAK], ['neckLoad', '<= 0.05', 'avoid', WEAK], ['headLoad', '<= 0.1', 'modify', ['penia']], ['neckLoad', '<= 0.05', 'modify', ['penia']]),
    ...limits('opo-09', 'A fall breaks bones.', 'TFTF*', ['fallHeight', '<= 30', 'avoid', WEAK]),
    ...limits('opo-10', 'Balance prevents broken bones; it is trained beside a wall.', 'TFTF*', ['support', '>= 1', 'watch', ['no-break'], 'feetDown = 1'], ['support', '>= 1', 'modify', ['vf-falls'], 'feetDown = 1']),
    ...limits('opo-11', 'After a fall or a break the stance is wider, or the wall is near.', 'STEADI*', ['balanceMargin', '>= 4', 'modify', ['vf-falls'], 'standing', 'support = 0']),
    ...limits('opo-12', 'Ribs and spine bear the weight on the belly badly; padding, or a shorter stay, helps.', 'common practice', ['chestLoad', '<= 0.1', 'modify', BROKEN]),
    ...limits('opo-13', 'With a rounded back the head drops behind; a cushion holds it.', 'common practice', ['cervicalFlexion', '>= -15', 'modify', ['rounded'], 'facing supine']),
    ...limits('opo-14', 'Fast bending and turning jerk on thin bone.', 'TFTF*', ['lumbarSpeed', '<= 25', 'modify', ['penia', 'op', 'vf'], { reading: 'Ten to twenty degrees a second are slow for the trunk.' }]),
    ...limits('opo-15', 'A push from outside can break thin bone.', 'common practice', ['touch', '= 0', 'avoid', WEAK]),
    ...limits('opo-16', { effort: 'Load builds bone, but too much of it breaks thin bone.', impact: 'Jolts break thin bone.', headJolt: 'Jerks break thin bone.', abdominalLoad: 'Hard belly work bends and loads the spine.' }, ['TFTF*', 'ROS18*'],
      ['effort', '<= 4', 'watch', ['penia']], ['impact', '<= 2', 'watch', ['penia']], ['headJolt', '<= 1', 'watch', ['penia']],
      ['effort', '<= 3', 'modify', ['op', 'vf'], 'hold > 30'], ['effort', '<= 4', 'modify', ['op', 'vf']], ['abdominalLoad', '<= 3', 'modify', ['op', 'vf']], ['impact', '<= 1', 'modify', ['op', 'vf']], ['headJolt', '= 0', 'modify', ['op', 'vf']],
      ['effort', '<= 2', 'avoid', ['vfNew']], ['impact', '= 0', 'avoid', ['vfNew']], ['headJolt', '= 0', 'avoid', ['vfNew']]),
    ...limits('opo-17', 'Straining bends and loads the spine.', 'common practice', ['breathRetention', '<= 5', 'modify', ['op', 'vf']], ['breathRetention', '= 0', 'modify', ['vfNew']]),
    ...limits('opo-18', 'The ends of the neck’s range narrow a worn or weak neck.', ['LEE*', 'common practice'], ['cervicalFlexion', '-30..40', 'watch', ['neckWorn']], ['cervicalFlexion', '-20..30', 'modify', ['neckTight']], ['cervicalFlexion', '-10..15', 'avoid', ['neckBroken']]),
    ...limits('opo-19', 'The end of a turn narrows a worn or weak neck.', 'common practice', ['cervicalRotation', '<= 60', 'watch', ['neckWorn']], ['cervicalRotation', '<= 40', 'modify', ['neckTight']], ['cervicalRotation', '<= 25', 'avoid', ['neckBroken']]),
    ...limits('opo-20', 'Back and turned together narrows the neck most.', 'AHACAD*', ['cervicalRotation', '<= 30', 'modify', ['neckWorn'], 'cervicalFlexion < -10'], ['cervicalRotation', '<= 30', 'avoid', ['neckHeld'], 'cervicalFlexion < -10']),
    ...limits('opo-21', { headJolt: 'Quick turns jerk on a worn or weak neck.', neckSweep: 'Circles take the neck through all its ends.' }, 'common practice', ['headJolt', '= 0', 'avoid', ['neckFound']], ['neckSweep', '<= 45', 'avoid', ['neckHeld']]),
    ...limits('opo-22', 'A hanging head pulls on the neck.', 'common practice', ['headBelowHeart', '<= 15', 'modify', ['neckTight']], ['headBelowHeart', '<= 5', 'avoid', ['neckBroken']]),
    ...limits('opo-23', 'Strong arms brace the neck.', 'common practice', ['handLoad', '<= 0.5', 'watch', ['neckTight']], ['handLoad', '<= 0.3', 'modify', ['neckBroken']]),
    ...limits('opo-24', 'The head drops back without a cushion.', 'common practice', ['cervicalFlexion', '>= -10', 'modify', ['neckHeld'], 'facing supine']),
  ], // prettier-ignore
  favour: ['strengthen-back', 'strengthen-legs', 'balance', 'mobilise-hips', 'posture-awareness', 'strengthen-arms'],
  stopInClass: 'Sudden pain in the spine, even slight; pain round the ribs.',
});
