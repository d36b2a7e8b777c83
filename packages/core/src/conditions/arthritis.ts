import { condition } from './condition.js';
import { limits, pick } from './limits.js';
import { PAIN, painOf } from './pain.js';
import { clearance, emergency, found, note, open, today } from './screening.js';

const JOINTS = ['fingers', 'wrist', 'elbow', 'shoulder', 'neck', 'spine', 'hip', 'knee', 'ankle', 'toes'] as const;

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const arthritis = condition({
  id: 'arthritis',
  name: 'Arthritis',
  words: ['stiff hands', 'arthritis', 'rheumatoid', 'RA', 'psoriatic', 'ankylosing spondylitis', 'gout', 'osteoarthritis', 'rheumatism', 'flare'],
  parameters: {
    ...PAIN.parameters,
    type: { kind: 'choice', options: ['ra', 'psoriatic', 'axial', 'oa', 'gout'], ask: 'Which kind?', default: 'ra' },
    flare: { kind: 'yesno', ask: 'A flare, or any joint swollen now?' },
    das28: { kind: 'number', unit: 'points', from: 0, to: 10, ask: 'DAS28, if known', onlyIf: { type: ['ra'] } },
    joints: { kind: 'set', options: JOINTS, ask: 'Which joints? (say none if none is sore)' },
    morningStiffness: { kind: 'number', unit: 'min', from: 0, to: 600, ask: 'Minutes of stiffness in the morning', default: 60 },
    hoursSinceWaking: { kind: 'number', holdsDays: 0, unit: 'h', from: 0, to: 24, ask: 'Hours since getting up', default: 2 },
    neckInvolved: { kind: 'choice', options: ['yes', 'no', 'unknown'], ask: 'Is the top of the neck involved (from an X-ray or scan)?', default: 'unknown', onlyIf: { type: ['ra'] } },
    fused: { kind: 'yesno', ask: 'Has the spine grown stiff?', default: false, onlyIf: { type: ['axial'] } },
    immuneTreatment: { kind: 'yesno', ask: 'Medicine that lowers immunity?', default: false },
    touchConsent: { kind: 'yesno', ask: 'Agreed to hands-on help?', default: false },
  },
  stages: {
    ...PAIN.stages, flare: 'Flare', active: 'Active', low: 'Low', 'arm-flare': 'Arm joints, flare', 'arm-active': 'Arm joints, active', 'arm-low': 'Arm joints, low', 'wrist-flare': 'Wrist, flare', 'wrist-active': 'Wrist, active', 'wrist-low': 'Wrist, low',
    'knee-flare': 'Knee, flare', 'knee-active': 'Knee, active', 'leg-flare': 'Knee or hip, flare', 'leg-active': 'Knee or hip, active', 'leg-low': 'Knee or hip, low', neck: 'Neck may be loose', upside: 'Inflammatory, or a worn neck',
    stiff: 'Stiff spine, flare or fused', axial: 'Spine', small: 'Fingers and toes', legs: 'Leg joints, flare or active', quiet: 'Active or low', jolts: 'Rheumatoid, or a flare', hands: 'Rheumatoid or a flare, touch not agreed', morning: 'Stiffness not yet gone',
  }, // prettier-ignore
  gathering: ['arm-flare', 'arm-active', 'arm-low', 'wrist-flare', 'wrist-active', 'wrist-low', 'knee-flare', 'knee-active', 'leg-flare', 'leg-active', 'leg-low', 'upside', 'stiff', 'legs', 'quiet', 'jolts', 'hands'],
  stagesOf: (a) => {
    const { type = 'ra', das28, joints, morningStiffness = 60, hoursSinceWaking = 2, neckInvolved = 'unknown', fused } = a;
    const flaring = a.flare ?? painOf(a) >= 5;
    const calmKind = type === 'oa' || type === 'gout';
    const stage = flaring || (das28 ?? 0) > 5.1 ? 'flare' : calmKind ? 'low' : type === 'ra' && das28 === undefined ? 'active' : (das28 ?? 0) >= 3.2 ? 'active' : 'low';
    const has = (...some: (typeof JOINTS)[number][]) => joints === undefined || some.some((one) => joints.includes(one));
    const arm = has('fingers', 'wrist', 'elbow', 'shoulder');
    const leg = has('knee', 'hip');
    const neck = type === 'ra' && neckInvolved !== 'no';
    return [
      ...PAIN.stagesOf(a),
      ...pick(
        stage,
        arm && `arm-${stage}`,
        has('wrist') && `wrist-${stage}`,
        has('knee') && stage !== 'low' && (stage === 'flare' ? 'knee-flare' : 'knee-active'),
        leg && `leg-${stage}`,
        neck && 'neck',
        (type === 'ra' || type === 'psoriatic' || type === 'axial' || has('neck')) && 'upside',
        type === 'axial' && (stage === 'flare' || fused === true ? 'stiff' : 'axial'),
        has('fingers', 'toes') && stage === 'flare' && 'small',
        has('hip', 'knee', 'ankle', 'toes') && stage !== 'low' && 'legs',
        stage !== 'flare' && has('fingers', 'toes') && 'quiet',
        (type === 'ra' || stage === 'flare') && 'jolts',
        (type === 'ra' || stage === 'flare') && a.touchConsent !== true && 'hands',
        hoursSinceWaking < 0.5 + morningStiffness / 60 && 'morning',
      ),
    ];
  },
  screen: (a) => [
    ...PAIN.screen(a),
    ...found(
      a.neckInvolved === 'yes' && clearance('neckInvolved', 'The neck is involved: written clearance first.'),
      (a.type ?? 'ra') === 'ra' && (a.neckInvolved === undefined || a.neckInvolved === 'unknown') && note('neckInvolved', 'Not known whether the neck is involved: taken as loose.'),
      a.type === 'axial' && a.fused === true && clearance('fused', 'A stiff spine can break: written clearance first.'),
      a.flare === undefined && open('flare', 'a flare, or any joint swollen?'),
      a.joints === undefined && note('joints', 'The joints are not known: all are taken as affected ("none" must be said).'),
    ),
  ],
  redFlags: [
    emergency('infected', 'One hot red joint with fever; weak or unsteady legs with tingling hands'),
    today('cord', 'Tingling of both hands or shocks on bending the neck; fever on immune treatment; a painful red eye'),
  ],
  schools: {
    'arthritis-flare': {
      name: 'In a flare',
      positions: { gentle: 'Gentle range', rest: 'Full rest' },
      default: 'gentle',
      because: 'An inflamed joint that is moved a little keeps its range.',
    },
  },
  limits: [
    ...PAIN.limits('ar'),
    ...limits('ar-01', 'An inflamed joint is moved, never stretched.', 'EULAR18*', ['jointRangeUsed', '<= 0.5', 'avoid', ['flare'], 'effort >= 2'], ['jointRangeUsed', '<= 0.8', 'modify', ['active']], ['jointRangeUsed', '<= 0.95', 'watch', ['low']]),
    ...limits('ar-02', 'Small inflamed joints deform under weight.', 'common practice', ['handLoad', '<= 0.1', 'avoid', ['arm-flare']], ['handLoad', '<= 0.3', 'modify', ['arm-active']], ['handLoad', '<= 0.55', 'modify', ['arm-low']]),
    ...limits('ar-03', 'A wrist bent back under weight strains inflamed joints; fists and forearms don’t.', 'common practice', ['wristExtensionLoaded', '<= 10', 'avoid', ['wrist-flare']], ['wristExtensionLoaded', '<= 45', 'modify', ['wrist-active']], ['wristExtensionLoaded', '<= 60', 'watch', ['wrist-low']]),
    ...limits('ar-04', 'Kneeling presses an inflamed knee.', 'common practice', ['kneeLoad', '<= 0.1', 'modify', ['knee-flare']], ['kneeLoad', '<= 0.4', 'modify', ['knee-active']]),
    ...limits('ar-05', 'A deep bend under load presses an inflamed joint.', 'NG226*', ['kneeFlexionLoaded', '<= 45', 'modify', ['leg-flare']], ['kneeFlexionLoaded', '<= 70', 'modify', ['leg-active']], ['kneeFlexionLoaded', '<= 90', 'modify', ['leg-low']]),
    ...limits('ar-06', 'The top joint of the neck may be loose.', 'BODEN*', ['cervicalFlexion', '-10..25', 'avoid', ['neck']], ['cervicalRotation', '<= 45', 'avoid', ['neck']], ['neckSweep', '<= 30', 'avoid', ['neck']]),
    ...limits('ar-07', 'A neck that may be loose carries no body.', ['BODEN*', 'common practice'], ['headLoad', '<= 0.1', 'avoid', ['upside']], ['neckLoad', '<= 0.05', 'avoid', ['upside']]),
    ...limits('ar-08', 'A stiff spine can break.', 'common practice', ['spineRangeUsed', '<= 0.7', 'avoid', ['stiff']], ['spineRangeUsed', '<= 0.9', 'watch', ['axial']]),
    ...limits('ar-09', { gripForce: 'Gripping strains the small joints of the fingers.', toeExtensionLoaded: 'Tucked toes strain the small joints of the foot.' }, 'common practice', ['gripForce', '= 0', 'modify', ['small']], ['toeExtensionLoaded', '<= 20', 'modify', ['small']], ['gripForce', '<= 1', 'modify', ['quiet']], ['toeExtensionLoaded', '<= 45', 'modify', ['quiet']]),
    ...limits('ar-10', 'Pain makes legs give way.', 'STEADI*', ['support', '>= 1', 'modify', ['legs'], 'feetDown = 1']),
    ...limits('ar-11', { headJolt: 'A jerk hurts an inflamed or stiff neck.', touch: 'Nobody presses at sore joints.' }, 'common practice', ['headJolt', '= 0', 'avoid', ['jolts']], ['touch', '= 0', 'avoid', ['hands']]),
    ...limits('ar-12', 'Short squeezes keep muscle without heating the joint.', 'EULAR18*', ['hold', '<= 10', 'modify', ['flare'], 'effort >= 2'], ['hold', '<= 30', 'modify', ['active'], 'effort >= 2']),
    ...limits('ar-13', { effort: 'The flare sets how hard the work is; moving goes on.', impact: 'Jolts inflame sore joints.' }, 'EULAR18*', ['effort', '<= 2', 'modify', ['flare']], ['impact', '= 0', 'modify', ['flare']], ['effort', '<= 3', 'modify', ['active']], ['impact', '<= 1', 'modify', ['active']], ['effort', '<= 4', 'watch', ['low']], ['impact', '<= 2', 'watch', ['low']]),
    ...limits('ar-14', 'Work begins when the morning stiffness has gone.', 'common practice', ['effort', '<= 2', 'modify', ['morning']]),
    ...limits('ar-15', 'Fatigue is part of the illness.', 'common practice', ['sessionMinutes', '<= 20', 'modify', ['flare']], ['sessionMinutes', '<= 45', 'modify', ['active']]),
  ], // prettier-ignore
  favour: ['mobilise-hips', 'mobilise-shoulders', 'mobilise-hands', 'balance', 'breath-awareness', 'rest'],
  stopInClass: 'New swelling, joint pain for over 2 hours after the last class, tingling hands, shocks.',
});
