import { condition, type AnyAnswers } from './condition.js';
import { LYING_HAND, limits, pick } from './limits.js';
import { PAIN, painOf } from './pain.js';
import { clearance, found, note, open, today } from './screening.js';

const free = (most: number) => ({ extensionFree }: AnyAnswers) => Math.min(most, typeof extensionFree === 'number' ? extensionFree : 45);
const SORE = ['irr', 'op'] as const;

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const wrist = condition({
  id: 'wrist',
  name: 'Wrist trouble',
  words: ['repetitive strain', 'thumb pain', 'sore wrists', 'weak wrists', 'wrist', 'carpal tunnel', 'numb fingers', 'RSI', 'sprained wrist', 'thumb', 'ganglion', 'broken wrist'],
  parameters: {
    ...PAIN.parameters,
    kind: { kind: 'choice', options: ['carpal-tunnel', 'sprain', 'arthritis', 'thumb-tendon', 'ganglion', 'fracture'], ask: 'Which kind?', default: 'carpal-tunnel' },
    nightNumb: { kind: 'yesno', ask: 'Numb at night?', default: true },
    thumbWeak: { kind: 'yesno', ask: 'Is the thumb weak?' },
    extensionFree: { kind: 'number', unit: '°', from: 0, to: 90, ask: 'How far back does it bend without pain?', default: 45 },
    weeksSince: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 2600, ask: 'Weeks since an injury or operation, if any' },
  },
  stages: { ...PAIN.stages, irr: 'Irritable', calm: 'Calm', op: 'Broken or operated, first 6 weeks', 'tunnel-irr': 'Carpal tunnel, irritable', 'tunnel-calm': 'Carpal tunnel, calm', grip: 'Irritable, operated, thumb tendon or arthritis' },
  gathering: ['tunnel-irr', 'tunnel-calm', 'grip'],
  stagesOf: (a) => {
    const { kind = 'carpal-tunnel', nightNumb = true, weeksSince } = a;
    const weeks = weeksSince ?? (kind === 'fracture' ? 0 : 12);
    const op = kind === 'fracture' && weeks < 6;
    const irr = !op && (painOf(a) >= 4 || nightNumb || weeks < 6 || (kind === 'fracture' && weeks < 12));
    const tunnel = kind === 'carpal-tunnel';
    return [
      ...PAIN.stagesOf(a),
      ...pick(
        op ? 'op' : irr ? 'irr' : 'calm',
        tunnel && (irr || op ? 'tunnel-irr' : 'tunnel-calm'),
        (irr || op || kind === 'thumb-tendon' || kind === 'arthritis') && 'grip',
      ),
    ];
  },
  screen: (a) => [
    ...PAIN.screen(a),
    ...found(
      a.kind === 'fracture' && (a.weeksSince ?? 0) < 12 && clearance('weeksSince', 'A break in the last 12 weeks: written clearance first.'),
      a.thumbWeak === true && clearance('thumbWeak', 'A weak thumb: written clearance first.'),
      a.thumbWeak === undefined && open('thumbWeak', 'is the thumb weak?'),
      a.extensionFree === undefined && note('extensionFree', 'The painless bend is not known: taken as 45 degrees.'),
    ),
  ],
  redFlags: [today('hidden', 'Wasted thumb muscle, constant numbness, a fall on the hand with pain in the hollow beside the thumb, a hot swollen wrist with fever')],
  schools: {
    'wrist-weight': {
      name: 'Weight on the hands',
      positions: { staged: 'None while irritable, short with the heel of the hand raised when calm', rest: 'None at all' },
      default: 'staged',
      because: 'Pressure in the tunnel rises with bend and load; calm wrists gain from short loads.',
    },
  },
  limits: [
    ...PAIN.limits('wr', 'handLoad > 0.1'),
    ...limits('wr-01', 'Bending back under load presses on the wrist, and raises the pressure in its tunnel.', 'KEIR*',
      ['wristExtensionLoaded', '<= 30', 'avoid', SORE, { of: free(30), reading: '33 degrees in the source (from memory), or what is free of pain.' }],
      ['wristExtensionLoaded', '<= 45', 'modify', ['calm'], { of: free(60), reading: 'At most 60 degrees, or what is free of pain.' }]),
    ...limits('wr-02', 'A sore wrist carries less.', 'common practice', ['handLoad', '<= 0.1', 'avoid', ['irr']], ['handLoad', '<= 0.5', 'modify', ['calm']], ['handLoad', '<= 0.1', 'avoid', ['op'], LYING_HAND]),
    ...limits('wr-03', 'The pressure in the wrist builds with time.', 'common practice', ['hold', '<= 15', 'modify', ['irr'], 'wristExtensionLoaded > 20'], ['hold', '<= 45', 'modify', ['calm'], 'wristExtensionLoaded > 20']),
    ...limits('wr-04', 'A folded wrist is the test that brings the numbness.', 'KEIR*', ['wristFlexion', '<= 45', 'modify', ['tunnel-irr'], { reading: '49 degrees in the source (from memory).' }], ['wristFlexion', '<= 60', 'modify', ['tunnel-calm']]),
    ...limits('wr-05', 'Prayer hands held long numb the fingers.', 'KEIR*', ['wristExtension', '<= 45', 'modify', ['irr'], 'hold > 20', 'effort < 2']),
    ...limits('wr-06', 'Forearms carry in place of the hands, if the shoulders agree.', 'common practice', ['forearmLoad', '<= 0.5', 'watch'], ['forearmLoad', '<= 0.4', 'avoid', ['op'], { as: 'op', reading: 'A fresh break bears no body over laced fingers, as a headstand asks; resting on the forearms does no harm.' }]),
    ...limits('wr-07', 'Gripping strains the wrist and tightens its tunnel.', 'common practice', ['gripForce', '<= 1', 'modify', ['grip']]),
    ...limits('wr-08', { effort: 'Strong work on the hands strains the wrist.', impact: 'Landing on the hands jars the wrist.' }, 'common practice', ['effort', '<= 4', 'modify', SORE, 'handLoad > 0.2', { reading: 'Read for work of the arms: strong legs do not load the wrist.' }], ['impact', '<= 1', 'modify', SORE]),
  ], // prettier-ignore
  favour: ['mobilise-hands', 'stretch-wrists-forearms', 'strengthen-back', 'open-chest'],
  stopInClass: 'Tingling for over a minute after letting go, dropping things, swelling.',
});
