import { condition } from './condition.js';
import { limits, noInversion, pick, QUIET } from './limits.js';
import { PAIN } from './pain.js';
import { clearance, emergency, found, note, open, today } from './screening.js';

type Stage = 'h0' | 'h1' | 'h2' | 'h3';
const NEXT: Record<Stage, Stage> = { h0: 'h1', h1: 'h2', h2: 'h3', h3: 'h3' };

interface Hip {
  readonly weeksSinceSurgery?: number | undefined;
  readonly highRisk?: boolean | undefined;
  readonly lifted?: boolean | undefined;
}

function stageOf({ weeksSinceSurgery, highRisk = true, lifted = false }: Hip): Stage {
  const weeks = weeksSinceSurgery ?? 0;
  const own: Stage = weeks < 6 ? 'h0' : weeks < 12 ? 'h1' : weeks < 26 ? 'h2' : 'h3';
  if (lifted) return NEXT[own];
  return highRisk && own !== 'h0' ? 'h1' : own;
}

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const hipReplacement = condition({
  id: 'hip-replacement',
  name: 'Hip replacement',
  words: ['hip replacement', 'new hip', 'THR', 'artificial hip', 'total hip', 'hip prosthesis'],
  parameters: {
    ...PAIN.parameters,
    approach: { kind: 'choice', options: ['posterior', 'anterior', 'lateral', 'unknown'], ask: 'From which side was it operated?', default: 'unknown' },
    weeksSinceSurgery: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 2600, ask: 'Weeks since the operation' },
    highRisk: { kind: 'yesno', ask: 'Operated again, ever out of joint, fused spine, or a nerve-muscle disease?' },
    lifted: { kind: 'yesno', ask: 'Has the surgeon lifted the precautions in writing?', default: false },
    touchConsent: { kind: 'yesno', ask: 'Agreed to hands-on help?', default: false },
  },
  stages: {
    ...PAIN.stages, h0: 'First 6 weeks', h1: '6 to 11 weeks, or high risk', h2: '12 to 25 weeks', h3: 'From 26 weeks',
    'back-01': 'From behind, first 12 weeks', 'back-2': 'From behind, 12 to 25 weeks', 'back-3': 'From behind, from 26 weeks', 'cross-01': 'From behind or the side, first 12 weeks', 'cross-2': 'From behind or the side, 12 to 25 weeks', 'cross-3': 'From behind or the side, from 26 weeks',
    'front-01': 'From the front, first 12 weeks', 'front-2': 'From the front, 12 to 25 weeks', 'front-3': 'From the front, from 26 weeks', 'back-mix': 'From behind, 12 to 25 weeks or high risk', 'front-mix': 'From the front, 12 to 25 weeks or high risk',
    'side-0': 'From the side, first 6 weeks', 'side-1': 'From the side, 6 to 11 weeks', first: 'First 12 weeks', standing: 'From 12 weeks', kneel: 'From 6 weeks', half: 'First 26 weeks or high risk', 'half-year': 'First 26 weeks', mid: '6 to 25 weeks', hands: 'First 12 weeks or high risk, touch not agreed', lasting: 'Not lifted by the surgeon',
  }, // prettier-ignore
  gathering: ['first', 'half-year', 'back-2', 'back-3', 'cross-01', 'cross-2', 'cross-3', 'front-2', 'front-3', 'back-mix', 'front-mix', 'side-0', 'side-1', 'half', 'hands'],
  stagesOf: (a) => {
    const { approach = 'unknown', highRisk = true } = a;
    const stage = stageOf(a);
    const any = approach === 'unknown';
    const back = any || approach === 'posterior';
    const front = any || approach === 'anterior';
    const cross = back || approach === 'lateral';
    const first = stage === 'h0' || stage === 'h1';
    const risk = highRisk && a.lifted !== true;
    return [
      ...PAIN.stagesOf(a),
      ...pick(
        stage,
        back && (first ? 'back-01' : stage === 'h2' ? 'back-2' : 'back-3'),
        cross && (first ? 'cross-01' : stage === 'h2' ? 'cross-2' : 'cross-3'),
        front && (first ? 'front-01' : stage === 'h2' ? 'front-2' : 'front-3'),
        back && (stage === 'h2' || risk) && 'back-mix',
        front && (stage === 'h2' || risk) && 'front-mix',
        (any || approach === 'lateral') && (stage === 'h0' ? 'side-0' : stage === 'h1' && 'side-1'),
        first ? 'first' : 'standing',
        stage !== 'h0' && 'kneel',
        (stage !== 'h3' || risk) && 'half',
        stage !== 'h3' && 'half-year',
        (stage === 'h1' || stage === 'h2') && 'mid',
        a.lifted !== true && 'lasting',
        (first || risk) && a.touchConsent !== true && 'hands',
      ),
    ];
  },
  screen: (a) => [
    ...PAIN.screen(a),
    ...found(
      (a.weeksSinceSurgery ?? 0) < 12 && clearance('weeksSinceSurgery', 'In the first 12 weeks, or not known when: written clearance first; before 6 weeks only chair and bed.'),
      a.highRisk === true && clearance('highRisk', 'High risk: written clearance first.'),
      a.highRisk === undefined && open('highRisk', 'operated again, ever out of joint, fused spine? Taken as yes.'),
      a.approach === undefined && note('approach', 'From which side is not known: limits of all are used.'),
    ),
  ],
  redFlags: [
    emergency('dislocation', 'Sudden pain with a shorter, turned leg, can’t stand'),
    today('wound', 'A hot, weeping wound, fever, calf pain or swelling, new groin pain on every step'),
  ],
  schools: {
    'hip-precautions': {
      name: 'Precautions',
      positions: { strict: 'Strict until the surgeon’s word', few: 'Few or none' },
      default: 'strict',
      because: 'Studies found few dislocations without them, but that is the surgeon’s choice for this implant.',
    },
  },
  limits: [
    ...PAIN.limits('hpr'),
    ...limits('hpr-01', 'Bending past a right angle can lever the ball out backwards.', ['AAOSTHR*', 'RCOT17*'], ['hipFlexion', '<= 90', 'avoid', ['back-01']], ['hipFlexion', '<= 100', 'modify', ['back-2']], ['hipFlexion', '<= 110', 'watch', ['back-3']], ['trunkThigh', '>= 90', 'avoid', ['back-01']], ['trunkThigh', '>= 80', 'modify', ['back-2']], ['trunkThigh', '>= 65', 'modify', ['lasting']]),
    ...limits('hpr-02', 'Crossing the midline can lever the new joint out.', 'AAOSTHR*', ['hipAdduction', '<= 3', 'avoid', ['cross-01'], { reading: 'A thigh that lies on a pillow points up to 3 degrees inwards.' }], ['hipAdduction', '<= 5', 'modify', ['cross-2']], ['hipAdduction', '<= 15', 'watch', ['cross-3']]),
    ...limits('hpr-03', 'Turning the knee in can lever the new joint out.', 'AAOSTHR*', ['hipInternalRotation', '<= 0', 'avoid', ['back-01']], ['hipInternalRotation', '<= 10', 'modify', ['back-2']], ['hipInternalRotation', '<= 20', 'watch', ['back-3']]),
    ...limits('hpr-17', 'The surgeon alone decides whether the new joint may go to its ends.', 'common practice', ['hipExternalRotation', '<= 60', 'modify', ['lasting'], 'kneeFlexion > 110'], ['legAsymmetry', '<= 100', 'modify', ['lasting'], { reading: 'The stance of a warrior measures 96.' }]),
    ...limits('hpr-04', 'Bent, crossed and turned in together is how the new joint slips out.', 'common practice',
      ['hipAdduction', '<= 5', 'avoid', ['back-mix'], 'hipFlexion > 80'], ['hipInternalRotation', '<= 5', 'avoid', ['back-mix'], 'hipFlexion > 80'],
      ['hipAdduction', '<= 5', 'modify', ['back-3'], 'hipFlexion > 80'], ['hipInternalRotation', '<= 5', 'modify', ['back-3'], 'hipFlexion > 80']),
    ...limits('hpr-05', 'A leg behind can lever the ball out forwards.', 'AAOSTHR*', ['hipExtension', '<= 0', 'avoid', ['front-01']], ['hipExtension', '<= 10', 'modify', ['front-2']], ['hipExtension', '<= 20', 'watch', ['front-3']]),
    ...limits('hpr-06', 'Rolling the leg out can lever the ball forwards, most when it is straight.', 'AAOSTHR*', ['hipExternalRotation', '<= 20', 'avoid', ['front-01'], 'effort >= 2'], ['hipExternalRotation', '<= 30', 'avoid', ['front-01'], 'effort < 2', { reading: 'A leg that lies rolls out by some 22 degrees.' }], ['hipExternalRotation', '<= 45', 'modify', ['front-2']], ['hipExternalRotation', '<= 60', 'watch', ['front-3']]),
    ...limits('hpr-07', 'Leg behind and rolled out together is how the new joint slips out.', 'common practice', ['hipExternalRotation', '<= 15', 'avoid', ['front-mix'], 'hipExtension > 5'], ['hipExternalRotation', '<= 15', 'modify', ['front-3'], 'hipExtension > 5']),
    ...limits('hpr-08', 'The muscle that was cut at the side is healing.', 'common practice', ['effort', '<= 1', 'avoid', ['side-0'], 'hipAbduction > 10'], ['effort', '<= 1', 'modify', ['side-1'], 'hipAbduction > 10']),
    ...limits('hpr-09', 'A fall is the great risk for the new joint.', 'common practice', ['support', '>= 2', 'avoid', ['h0'], 'standing'], ['support', '>= 1', 'modify', ['h1'], 'standing', 'effort >= 2', QUIET], ['support', '>= 1', 'watch', ['standing'], 'feetDown = 1']),
    ...limits('hpr-10', 'Kneeling comes later, on padding.', 'common practice', ['kneeLoad', '<= 0.1', 'avoid', ['h0']], ['kneeLoad', '<= 0.5', 'watch', ['kneel']]),
    ...limits('hpr-11', 'Getting down is the hardest move.', 'common practice', ['floorTrips', '= 0', 'avoid', ['h0']], ['floorTrips', '<= 1', 'watch', ['h1']], ['floorTrips', '<= 3', 'watch', ['h2']]),
    ...limits('hpr-12', 'Turning the trunk on a fixed foot turns the hip.', 'RCOT17*', ['spineRotation', '<= 20', 'avoid', ['first'], 'standing'], ['spineRotation', '<= 20', 'modify', ['h2'], 'standing']),
    ...noInversion('hpr-13', { headLoad: 'No weight goes on the head: a fall would break the bone round the new joint.', neckLoad: 'Rolling up overhead folds the new joint far and risks a fall.' }, 'common practice', 'avoid', ['half']),
    ...limits('hpr-14', 'Jolts wear and loosen the new joint.', 'common practice', ['impact', '= 0', 'avoid', ['half-year']], ['impact', '<= 1', 'modify', ['h3']]),
    ...limits('hpr-15', { effort: 'Work comes back in steps with a new joint.', hold: 'Holds grow longer in steps with a new joint.' }, 'NG157*', ['effort', '<= 2', 'avoid', ['h0']], ['hold', '<= 15', 'avoid', ['h0'], 'effort >= 2'], ['effort', '<= 3', 'modify', ['mid']], ['hold', '<= 30', 'modify', ['mid'], 'effort >= 3']),
    ...limits('hpr-16', 'Nobody presses the leg deeper.', 'common practice', ['touch', '= 0', 'avoid', ['hands']]),
  ], // prettier-ignore
  favour: ['strengthen-hips', 'balance', 'mobilise-ankles', 'breath-awareness'],
  stopInClass: 'A clunk, sudden groin or buttock pain, the leg turns, wound pain.',
});
