import { condition, type AnyAnswers } from './condition.js';
import { limits, pick } from './limits.js';
import { PAIN, painOf } from './pain.js';
import { clearance, found, note, refer, today } from './screening.js';

/** Lying with the feet flat asks for 118 degrees, sitting for 90: what nobody measured is not taken as less than a body does every day. */
const FREE_UNKNOWN = 120;
/** Freshly operated, what nobody told is what a chair asks for. */
const OPERATED_UNKNOWN = 90;
interface Operation {
  readonly surgery?: unknown;
  readonly kind?: unknown;
  readonly weeksSince?: unknown;
}
const isOperated = ({ surgery, kind }: Operation) => surgery === true || kind === 'replacement';
/** Operated in the last 12 weeks, or not known when. */
const isFresh = (a: Operation) =>
  isOperated(a) && (typeof a.weeksSince !== 'number' || a.weeksSince < 12);
const tight = (a: AnyAnswers) => (typeof a['flexionLimit'] === 'number' ? a['flexionLimit'] - 5 : isFresh(a) ? OPERATED_UNKNOWN : FREE_UNKNOWN);
const free = ({ flexionLimit }: AnyAnswers) => (typeof flexionLimit === 'number' ? flexionLimit : FREE_UNKNOWN);
const TIGHT = ['irr', 'op0', 'op1'] as const;

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const knee = condition({
  id: 'knee',
  name: 'Knee trouble',
  words: ['kneel', 'kneeling', 'can’t kneel', 'water on the knee', 'housemaid’s knee', 'knee', 'meniscus', 'ACL', 'cruciate', 'kneecap', 'runner’s knee', 'knee replacement', 'TKR', 'gonarthrosis', 'knee arthritis'],
  parameters: {
    ...PAIN.parameters,
    kind: { kind: 'choice', options: ['oa', 'meniscus', 'acl', 'pcl', 'collateral', 'kneecap', 'bursitis', 'replacement', 'unknown'], ask: 'Which kind?', default: 'unknown' },
    flexionLimit: { kind: 'number', unit: '°', from: 0, to: 160, ask: 'How far does it bend without pain, or as the surgeon said?' },
    swelling: { kind: 'yesno', ask: 'Swollen?', default: false },
    locks: { kind: 'yesno', ask: 'Does it lock?', default: false },
    givesWay: { kind: 'yesno', ask: 'Does it give way?', default: false },
    surgery: { kind: 'yesno', ask: 'Operated?', default: false },
    weeksSince: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 2600, ask: 'Weeks since the injury or operation, if any' },
  },
  stages: {
    ...PAIN.stages, irr: 'Irritable', calm: 'Calm', op0: 'Operated, first 6 weeks', op1: '6 to 11 weeks after', op2: '12 to 25 weeks after', 'bend-free': 'Calm, or 12 weeks after an operation', 'load-60': 'Irritable, or 6 to 11 weeks after', twist: 'No twist at all', 'twist-little': 'Worn joint or kneecap, calm',
    'kneel-none': 'No kneeling', 'kneel-some': 'Kneeling on padding only', ligament: 'Ligament, or gives way', 'no-ligament': 'Neither torn ligament nor giving way, or not known', weak: 'Irritable, operated or gives way', short: 'Irritable or kneecap', pcl: 'Back cruciate, first 12 weeks', wobble: '12 to 25 weeks after, or gives way', landing: 'Irritable or operated',
  }, // prettier-ignore
  gathering: ['bend-free', 'load-60', 'twist-little', 'ligament', 'no-ligament', 'weak', 'short', 'wobble', 'landing'],
  stagesOf: (a) => {
    const { kind = 'unknown', swelling, givesWay, weeksSince } = a;
    const operated = isOperated(a);
    const weeks = weeksSince ?? (operated ? 0 : 99);
    const op = !operated ? false : weeks < 6 ? 'op0' : weeks < 12 ? 'op1' : weeks < 26 && 'op2';
    const irr = painOf(a) >= 4 || swelling === true || (!operated && weeks < 6);
    const ligaments = kind === 'acl' || kind === 'pcl' || kind === 'collateral';
    const tender = kind === 'meniscus' || ligaments || kind === 'replacement' || kind === 'unknown' || op !== false || irr;
    const early = op === 'op0' || op === 'op1';
    const ligament = kind === 'acl' || kind === 'pcl' || givesWay === true;
    return [
      ...PAIN.stagesOf(a),
      ...pick(
        op !== false ? op : irr ? 'irr' : 'calm',
        op !== false && irr && 'irr',
        ((op === false && !irr) || op === 'op2') && 'bend-free',
        (irr || op === 'op1') && 'load-60',
        tender ? 'twist' : 'twist-little',
        (kind === 'bursitis' || early || (kind === 'replacement' && weeks < 26)) && 'kneel-none',
        (irr || kind === 'replacement') && 'kneel-some',
        ligament ? 'ligament' : 'no-ligament',
        (irr || op !== false || givesWay === true) && 'weak',
        (irr || kind === 'kneecap' || kind === 'unknown') && 'short',
        kind === 'pcl' && weeks < 12 && 'pcl',
        (op === 'op2' || givesWay === true) && 'wobble',
        (irr || op !== false) && 'landing',
      ),
    ];
  },
  screen: (a) => [
    ...PAIN.screen(a),
    ...found(
      a.locks === true && refer('locks', 'A locked knee: no practice, medical contact today.'),
      isFresh(a) && clearance('weeksSince', 'Operated in the last 12 weeks, or not known when: written clearance first.'),
      a.flexionLimit === undefined && note('flexionLimit', 'The painless bend is not known: taken as 120 degrees, as 90 in the first 12 weeks after an operation.'),
    ),
  ],
  redFlags: [
    today('locked', 'Locked, hot, red, swollen with fever; can’t take four steps after an injury; calf pain or swelling; new instability'),
  ],
  schools: {
    'knee-kneel': {
      name: 'Kneeling after a replacement',
      positions: { padded: 'Padded, after healing, if comfortable', never: 'Never' },
      default: 'padded',
      because: 'Padded kneeling has not been shown to harm the implant.',
    },
  },
  limits: [
    ...PAIN.limits('kn'),
    ...limits('kn-01', 'The bend of this knee isn’t forced.', 'common practice', ['kneeFlexion', '<= 120', 'avoid', TIGHT, { of: tight, reading: '5 degrees short of what is free; 120 where nobody measured it, 90 in the first 12 weeks after an operation.' }], ['kneeFlexion', '<= 120', 'modify', ['bend-free'], { of: free, reading: 'What is free of pain; 120 where nobody measured it.' }]),
    ...limits('kn-02', 'Pressure on the kneecap climbs with the bend.', 'ESCAM*', ['kneeFlexionLoaded', '<= 30', 'avoid', ['op0'], 'footLoad > 0.3'], ['kneeFlexionLoaded', '<= 60', 'modify', ['load-60'], 'footLoad > 0.3'], ['kneeFlexionLoaded', '<= 90', 'modify', ['bend-free'], 'footLoad > 0.3']),
    ...limits('kn-03', 'A bent knee is a hinge: twist comes from the hip.', ['MENI18*', 'LIG17*'], ['kneeRotation', '<= 5', 'avoid', ['twist']], ['kneeRotation', '<= 15', 'modify', ['twist-little']]),
    ...limits('kn-04', 'Kneeling presses the kneecap.', 'common practice', ['kneeLoad', '<= 0.1', 'avoid', ['kneel-none']], ['kneeLoad', '<= 0.3', 'modify', ['kneel-some']], ['kneeLoad', '<= 0.6', 'watch', ['calm']]),
    ...limits('kn-05', 'Locked back, the knee hangs on its ligaments.', 'LIG17*', ['kneeFlexion', '>= 0', 'modify', ['ligament'], 'footLoad > 0.3'], ['kneeFlexion', '>= 0', 'watch', ['no-ligament'], 'footLoad > 0.3']),
    ...limits('kn-06', 'Swelling switches the thigh muscle off.', 'common practice', ['support', '>= 1', 'modify', ['weak'], 'feetDown = 1']),
    ...limits('kn-07', 'The nerve at the outer knee falls asleep.', 'CHUSID*', ['hold', '<= 60', 'watch', undefined, 'kneeFlexion > 130']),
    ...limits('kn-08', 'Short, repeated holds suit a bent, loaded knee.', 'PFP19*', ['hold', '<= 15', 'modify', ['short'], 'kneeFlexionLoaded > 45']),
    ...limits('kn-09', 'In a deep bend the shin sags back on the torn ligament.', 'LIG17*', ['kneeFlexion', '<= 90', 'avoid', ['pcl']]),
    ...limits('kn-10', 'In a long lunge the knee wobbles.', 'common practice', ['legAsymmetry', '<= 90', 'watch', ['wobble']]),
    ...limits('kn-11', 'Getting down to the floor loads the knee.', 'common practice', ['floorTrips', '= 0', 'avoid', ['op0']], ['floorTrips', '<= 1', 'modify', ['op1']], ['floorTrips', '<= 3', 'watch', ['irr']]),
    ...limits('kn-12', { impact: 'Landing jars the knee; stepping doesn’t.', kneeSpeedLoaded: 'Sinking fast jars the knee.' }, 'AAOSK*', ['impact', '= 0', 'avoid', ['landing']], ['impact', '<= 1', 'modify', ['calm']], ['kneeSpeedLoaded', '<= 60', 'modify', ['landing', 'calm'], { reading: 'Rising from a chair in less than three seconds.' }]),
    ...limits('kn-13', 'Strength comes back in steps after an operation or a flare.', 'NG226*', ['effort', '<= 2', 'avoid', ['op0']], ['effort', '<= 3', 'modify', ['load-60']]),
  ], // prettier-ignore
  favour: ['strengthen-legs', 'strengthen-hips', 'balance', 'mobilise-knees'],
  stopInClass: 'A lock, giving way, new swelling, sharp pain along the joint line, a numb foot.',
});
