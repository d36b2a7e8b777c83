import { condition } from './condition.js';
import { LYING_ARMS, LYING_HAND, limits, pick } from './limits.js';
import { PAIN, painOf } from './pain.js';
import { clearance, found, today } from './screening.js';

const SORE = ['irr', 'op'] as const;

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const elbow = condition({
  id: 'elbow',
  name: 'Elbow trouble',
  words: ['elbow', 'tennis elbow', 'golfer’s elbow', 'cubital tunnel', 'ulnar nerve', 'epicondylitis'],
  parameters: {
    ...PAIN.parameters,
    kind: { kind: 'choice', options: ['lateral', 'medial', 'ulnar', 'bursitis', 'stiff', 'fracture'], ask: 'Which kind?', default: 'lateral' },
    straightens: { kind: 'yesno', ask: 'Does it straighten fully?', default: true },
    weeksSince: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 2600, ask: 'Weeks since it began, or since the operation' },
    numbHand: { kind: 'yesno', ask: 'Ring and little finger numb all the time, or a wasted hand?', default: false },
  },
  stages: { ...PAIN.stages, irr: 'Irritable', calm: 'Calm', op: 'Broken or operated, first 6 weeks', ulnar: 'Ulnar nerve', 'lean-irr': 'Bursa or ulnar nerve, irritable', 'lean-calm': 'Bursa or ulnar nerve, calm', 'tendon-irr': 'Tendon, irritable', 'tendon-calm': 'Tendon, calm', 'medial-irr': 'Inner tendon, irritable' },
  gathering: ['lean-irr', 'lean-calm', 'tendon-irr', 'tendon-calm', 'medial-irr'],
  stagesOf: (a) => {
    const { kind = 'lateral', weeksSince } = a;
    const weeks = weeksSince ?? (kind === 'fracture' ? 0 : 6);
    const op = kind === 'fracture' && weeks < 6;
    const irr = painOf(a) >= 4 || weeks < 6;
    const lean = kind === 'bursitis' || kind === 'ulnar';
    const tendon = kind === 'lateral' || kind === 'medial';
    return [
      ...PAIN.stagesOf(a),
      ...pick(
        op ? 'op' : irr ? 'irr' : 'calm',
        kind === 'ulnar' && 'ulnar',
        lean && (irr ? 'lean-irr' : 'lean-calm'),
        tendon && (irr ? 'tendon-irr' : 'tendon-calm'),
        kind === 'medial' && irr && 'medial-irr',
      ),
    ];
  },
  screen: (a) => [
    ...PAIN.screen(a),
    ...found(
      a.kind === 'fracture' && (a.weeksSince ?? 0) < 6 && clearance('weeksSince', 'A break or operation in the last 6 weeks: written clearance first.'),
      a.numbHand === true && clearance('numbHand', 'Numb fingers or a wasted hand: written clearance first.'),
    ),
  ],
  redFlags: [today('locked', 'Locked or deformed after a fall, hot red swelling with fever, growing weakness of the hand')],
  schools: {
    'elbow-tendon': {
      name: 'A sore tendon',
      positions: { load: 'Load it slowly within a little pain', rest: 'Rest it' },
      default: 'load',
      because: 'Tendons heal under slow load.',
    },
  },
  limits: [
    ...PAIN.limits('el', 'handLoad > 0.1'),
    ...limits('el-01', 'Half bent under load strains the tendons most.', 'common practice', ['elbowFlexionLoaded', '<= 20', 'avoid', SORE], ['elbowFlexionLoaded', '<= 60', 'modify', ['calm']]),
    ...limits('el-02', 'Locked back, the elbow hangs on its ligaments.', 'common practice', ['elbowFlexion', '>= 0', 'modify', undefined, 'handLoad > 0.05']),
    ...limits('el-03', 'A sore elbow carries less; the legs share the weight.', 'common practice', ['handLoad', '<= 0.3', 'modify', ['irr']], ['handLoad', '<= 0.55', 'modify', ['calm']], ['handLoad', '<= 0.1', 'avoid', ['op'], LYING_HAND]),
    ...limits('el-04', 'Bending stretches and squeezes the nerve.', 'CUBIT*', ['elbowFlexion', '<= 90', 'modify', ['ulnar'], 'hold > 20']),
    ...limits('el-05', 'Leaning on the elbow presses bursa and nerve.', 'common practice', ['forearmLoad', '<= 0.15', 'avoid', ['lean-irr'], LYING_ARMS], ['forearmLoad', '<= 0.3', 'modify', ['lean-calm']]),
    ...limits('el-06', 'Gripping is what hurts.', 'LET22*', ['gripForce', '<= 1', 'modify', ['tendon-irr']], ['gripForce', '<= 2', 'watch', ['tendon-calm']]),
    ...limits('el-07', 'This stretches the sore inner tendon.', 'common practice', ['wristExtensionLoaded', '<= 60', 'modify', ['medial-irr']]),
    ...limits('el-08', 'Arms folded behind pull on the nerve.', 'common practice', ['shoulderInternalRotation', '<= 45', 'watch', ['ulnar'], 'elbowFlexion > 100']),
    ...limits('el-09', 'A sore elbow is loaded in short holds first.', 'common practice', ['hold', '<= 20', 'modify', ['irr'], 'handLoad > 0.2']),
    ...limits('el-10', { effort: 'Strong work on the arms strains the elbow.', impact: 'Landing on the hands jars the elbow.' }, 'common practice', ['effort', '<= 3', 'modify', SORE, 'handLoad > 0.2', { reading: 'Read for work of the arms: strong legs do not load the elbow.' }], ['impact', '<= 1', 'modify', SORE]),
  ], // prettier-ignore
  favour: ['strengthen-back', 'stretch-wrists-forearms', 'mobilise-neck'],
  stopInClass: 'A sharp catch, numb fingers.',
});
