import { condition, type AnyAnswers } from './condition.js';
import { limits, pick } from './limits.js';
import { PAIN, painOf } from './pain.js';
import { clearance, found, note, today } from './screening.js';

/** What nobody measured is not taken as less than sitting and rising ask for. */
const FREE_UNKNOWN = 105;
const free = (short: number) => ({ hipFlexionFree }: AnyAnswers) => (typeof hipFlexionFree === 'number' ? hipFlexionFree : FREE_UNKNOWN) - short;
const SORE = ['irr', 'op'] as const;

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const hipJoint = condition({
  id: 'hip-joint',
  name: 'Hip trouble',
  words: ['groin strain', 'clicking hip', 'hip bursitis', 'hip pain', 'hip arthritis', 'coxarthrosis', 'hip impingement', 'FAI', 'labrum', 'hip dysplasia', 'trochanteric', 'gluteal tendon'],
  parameters: {
    ...PAIN.parameters,
    kind: { kind: 'choice', options: ['oa', 'impingement', 'labrum', 'dysplasia', 'gluteal-tendon', 'arthroscopy'], ask: 'Which kind?' },
    hipFlexionFree: { kind: 'number', unit: '°', from: 0, to: 140, ask: 'How far does the knee come up without pain?', default: FREE_UNKNOWN },
    weeksSinceSurgery: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 2600, ask: 'Weeks since an arthroscopy, if any', onlyIf: { kind: ['arthroscopy'] } },
    catching: { kind: 'yesno', ask: 'Does it catch or lock?', default: false },
  },
  stages: {
    ...PAIN.stages, irr: 'Irritable', calm: 'Calm', op: 'Arthroscopy, first 12 weeks', 'rim-irr': 'Rim, irritable', 'rim-calm': 'Rim, calm', 'front-irr': 'Loose front, irritable', 'front-calm': 'Loose front, calm', front: 'Loose front',
    'wide-irr': 'Wear or rim, irritable', 'wide-calm': 'Wear or rim, calm', 'tendon-irr': 'Side tendon, irritable', 'tendon-calm': 'Side tendon, calm', loose: 'Shallow socket or arthroscopy', 'sore-left': 'Left side sore', 'sore-right': 'Right side sore',
  }, // prettier-ignore
  gathering: ['rim-irr', 'rim-calm', 'front-irr', 'front-calm', 'wide-irr', 'wide-calm', 'tendon-irr', 'tendon-calm', 'loose'],
  stagesOf: (a) => {
    const { kind, weeksSinceSurgery, catching = false, side = 'both' } = a;
    const op = kind === 'arthroscopy' && (weeksSinceSurgery ?? 0) < 12;
    const irr = painOf(a) >= 4 || catching;
    const hurt = irr || op;
    // A kind that nobody told takes the limits of wear and of the rim.
    const rim = kind === undefined || kind === 'impingement' || kind === 'labrum' || kind === 'arthroscopy';
    const front = kind === 'labrum' || kind === 'dysplasia' || op;
    const wide = kind === undefined || kind === 'oa' || kind === 'impingement';
    const tendon = kind === 'gluteal-tendon';
    const lie = tendon || irr;
    return [
      ...PAIN.stagesOf(a),
      ...pick(
        op ? 'op' : irr ? 'irr' : 'calm',
        rim && (hurt ? 'rim-irr' : 'rim-calm'),
        front && (hurt ? 'front-irr' : 'front-calm'),
        front && 'front',
        wide && (irr ? 'wide-irr' : 'wide-calm'),
        tendon && (irr ? 'tendon-irr' : 'tendon-calm'),
        (kind === 'dysplasia' || op) && 'loose',
        lie && side !== 'right' && 'sore-left',
        lie && side !== 'left' && 'sore-right',
      ),
    ];
  },
  screen: (a) => [
    ...PAIN.screen(a),
    ...found(
      a.kind === 'arthroscopy' && (a.weeksSinceSurgery ?? 0) < 12 && clearance('weeksSinceSurgery', 'Arthroscopy in the last 12 weeks: written clearance first.'),
      a.kind === undefined && note('kind', 'The kind is not known: limits of wear and of the rim are used.'),
    ),
  ],
  redFlags: [
    today('weight', 'Can’t bear weight, a locked hip, night or rest pain with fever or cancer before'),
    today('young', 'A child or teenager with groin or knee pain and a limp; steroids or alcohol with deep groin pain; a runner with groin pain'),
  ],
  schools: {
    'hip-oa': {
      name: 'A stiff, worn hip',
      positions: { mid: 'Strengthen and move in the middle', stretch: 'Stretch it open' },
      default: 'mid',
      because: 'Exercise in the middle of the range is what guidelines put first; bone shape doesn’t stretch.',
    },
  },
  limits: [
    ...PAIN.limits('hj'),
    ...limits('hj-01', 'Deeper than this, the hip pinches.', 'common practice', ['hipFlexion', '<= 100', 'avoid', SORE, { of: free(5), reading: '5 degrees short of the pinch.' }], ['hipFlexion', '<= 105', 'modify', ['calm'], 'hold > 0', { of: free(0), reading: 'What is free of pain, where it is held; rising from a chair passes by.' }]),
    ...limits('hj-02', 'Deep folding pinches the rim.', 'WARWICK*', ['hipFlexion', '<= 90', 'modify', ['rim-irr']], ['hipFlexion', '<= 110', 'watch', ['rim-calm']]),
    ...limits('hj-03', 'Bent, turned in and crossed is the test that hurts this hip.', 'HIPNA*',
      ['hipInternalRotation', '<= 10', 'avoid', ['rim-irr'], 'hipFlexion > 60'], ['hipAdduction', '<= 5', 'avoid', ['rim-irr'], 'hipFlexion > 60'],
      ['hipInternalRotation', '<= 10', 'modify', ['rim-calm'], 'hipFlexion > 60'], ['hipAdduction', '<= 5', 'modify', ['rim-calm'], 'hipFlexion > 60']),
    ...limits('hj-04', 'A leg behind pushes the ball forward.', 'HIPNA*', ['hipExtension', '<= 10', 'modify', ['front-irr']], ['hipExtension', '<= 20', 'modify', ['front-calm']]),
    ...limits('hj-05', 'Deep turning, as in lotus, grinds a worn joint and gapes a loose one.', 'common practice', ['hipExternalRotation', '<= 40', 'modify', SORE], ['hipExternalRotation', '<= 60', 'modify', ['calm']]),
    ...limits('hj-06', 'The front of the joint is loose, and a leg behind and rolled out pushes on it.', 'HIPNA*', ['hipExternalRotation', '<= 20', 'modify', ['front'], 'hipExtension > 5']),
    ...limits('hj-07', 'Wide legs jam the rim.', 'common practice', ['hipAbduction', '<= 30', 'modify', ['wide-irr']], ['hipAbduction', '<= 50', 'modify', ['wide-calm']]),
    ...limits('hj-08', 'Crossing squeezes the side tendon on the bone.', 'GRIM*', ['hipAdduction', '<= 3', 'avoid', ['tendon-irr']], ['hipAdduction', '<= 10', 'modify', ['tendon-calm']]),
    ...limits('hj-09', 'Hanging on one hip loads the tendon.', 'GRIM*', ['hold', '<= 10', 'modify', ['tendon-irr'], 'feetDown = 1']),
    ...limits('hj-10', 'A loose joint needs strength, not range.', 'HIPNA*', ['hipRangeUsed', '<= 0.8', 'modify', ['loose']]),
    ...limits('hj-11', 'A painful hip gives way.', 'common practice', ['support', '>= 1', 'modify', SORE, 'feetDown = 1']),
    ...limits('hj-12', 'Lying on the sore side presses it.', 'GRIM*', ['facing', ['upright', 'prone', 'supine', 'right side'], 'watch', ['sore-left'], 'hold > 60'], ['facing', ['upright', 'prone', 'supine', 'left side'], 'watch', ['sore-right'], 'hold > 60']),
    ...limits('hj-13', 'At the end of its range the hip likes short stays.', 'common practice', ['hold', '<= 30', 'modify', undefined, 'hipFlexion > 100', { reading: '0.8 of the ordinary bend of the hip.' }], ['hold', '<= 30', 'modify', undefined, 'hipExternalRotation > 48', { reading: '0.8 of the ordinary turn out.' }]),
    ...limits('hj-14', { effort: 'Work for a sore hip grows in steps.', impact: 'Jolts come last for a sore hip.' }, 'OARSI*', ['effort', '<= 3', 'modify', SORE], ['impact', '<= 1', 'modify', SORE]),
  ], // prettier-ignore
  favour: ['strengthen-hips', 'mobilise-hips', 'strengthen-legs'],
  stopInClass: 'A catch, a lock, sharp groin pain, a limp afterwards.',
});
