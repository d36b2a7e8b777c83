import { condition } from './condition.js';
import { LYING_ARMS, LYING_HAND, limits, noInversion, pick } from './limits.js';
import { PAIN, painOf } from './pain.js';
import { clearance, emergency, found, note, today } from './screening.js';

const LOADED = ['irr', 'unstable', 'rep1', 'rep0', 'rep2'] as const;
const EARLY = ['rep0', 'rep1'] as const;

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const shoulder = condition({
  id: 'shoulder',
  name: 'Shoulder trouble',
  words: ['shoulder', 'rotator cuff', 'frozen shoulder', 'impingement', 'dislocated shoulder', 'shoulder replacement', 'AC joint', 'bursitis'],
  parameters: {
    ...PAIN.parameters,
    kind: { kind: 'choice', options: ['impingement', 'cuff-tear', 'cuff-repair', 'frozen', 'instability', 'ac-joint', 'replacement'], ask: 'Which kind?', default: 'impingement' },
    elevationFree: { kind: 'number', unit: '°', from: 0, to: 180, ask: 'How high does the arm lift without pain?' },
    nightPain: { kind: 'yesno', ask: 'Pain at night?', default: true },
    frozenPhase: { kind: 'choice', options: ['freezing', 'frozen', 'thawing'], ask: 'Frozen shoulder: which phase?', default: 'freezing', onlyIf: { kind: ['frozen'] } },
    weeksSinceSurgery: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 2600, ask: 'Weeks since the operation, if any', onlyIf: { kind: ['cuff-repair', 'replacement'] } },
    dislocations: { kind: 'number', unit: 'times', from: 0, to: 100, ask: 'How often has it been out of joint?', default: 0, onlyIf: { kind: ['instability'] } },
    weeksSinceDislocation: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 2600, ask: 'Weeks since it was last out of joint', onlyIf: { kind: ['instability'] } },
    touchConsent: { kind: 'yesno', ask: 'Agreed to hands-on help?', default: false },
  },
  stages: {
    ...PAIN.stages, irr: 'Irritable: pain of 4 or more, or at night', calm: 'Calm', rep0: 'First 6 weeks after repair', rep1: '6 to 11 weeks after repair', rep2: '12 to 25 weeks after repair', slipping: 'Unstable', unstable: 'Slips out of joint',
    'irr-free': 'Irritable, not for slipping', 'calm-free': 'Calm, not for slipping', 'arc-irr': 'Painful arc, irritable', 'arc-calm': 'Painful arc, calm', arc: 'Painful arc', 'ac-irr': 'Top joint, irritable or repaired', 'ac-calm': 'Top joint, calm',
    freezing: 'Freezing', frozen: 'Frozen shoulder', spared: 'Irritable, slipping, repaired or frozen', hands: 'Slipping, repaired or frozen', sore: 'Irritable or repaired', 'sore-left': 'Left side sore', 'sore-right': 'Right side sore',
  }, // prettier-ignore
  gathering: ['calm-free', 'irr-free', 'arc-irr', 'arc-calm', 'ac-irr', 'ac-calm', 'spared', 'hands', 'sore'],
  stagesOf: (a) => {
    const { kind = 'impingement', nightPain = true, frozenPhase = 'freezing', weeksSinceSurgery, dislocations = 0, weeksSinceDislocation, side = 'both' } = a;
    const operated = kind === 'cuff-repair' || kind === 'replacement';
    const weeks = weeksSinceSurgery ?? (operated ? 0 : 99);
    const repair = operated && weeks < 6 ? 'rep0' : operated && weeks < 12 ? 'rep1' : operated && weeks < 26 && 'rep2';
    const irr = painOf(a) >= 4 || nightPain;
    const unstable = dislocations >= 2 || (weeksSinceDislocation ?? 99) < 12;
    const arc = kind === 'impingement' || kind === 'cuff-tear';
    const sore = irr || repair !== false;
    return [
      ...PAIN.stagesOf(a),
      ...pick(
        irr ? 'irr' : 'calm',
        repair,
        unstable && 'unstable',
        kind === 'instability' && 'slipping',
        kind !== 'instability' && (irr ? 'irr-free' : 'calm-free'),
        arc && (irr ? 'arc-irr' : 'arc-calm'),
        arc && 'arc',
        kind === 'ac-joint' && (irr ? 'ac-irr' : 'ac-calm'),
        kind === 'frozen' && frozenPhase === 'freezing' && 'freezing',
        kind === 'frozen' && 'frozen',
        (sore || unstable || kind === 'frozen') && 'spared',
        (unstable || repair !== false || kind === 'frozen') && a.touchConsent !== true && 'hands',
        sore && 'sore',
        sore && side !== 'right' && 'sore-left',
        sore && side !== 'left' && 'sore-right',
      ),
    ];
  },
  screen: (a) => [
    ...PAIN.screen(a),
    ...found(
      (a.kind === 'cuff-repair' || a.kind === 'replacement') && (a.weeksSinceSurgery ?? 0) < 26 && clearance('weeksSinceSurgery', 'Operated in the last 26 weeks: written clearance first.'),
      (a.weeksSinceDislocation ?? 99) < 12 && clearance('weeksSinceDislocation', 'Out of joint in the last 12 weeks: written clearance first.'),
      a.elevationFree === undefined && note('elevationFree', 'The free height of the arm is not known: taken as 90 degrees.'),
    ),
  ],
  redFlags: [
    emergency('heart', 'Ache of left arm or jaw with effort'),
    today('deformity', 'An injury with deformity, an arm that can’t be lifted at all, a hot swollen joint with fever, a lump, a numb cold hand'),
  ],
  schools: {
    'shoulder-frozen': {
      name: 'A frozen shoulder',
      positions: { within: 'Within pain, more later', hard: 'Stretch it hard' },
      default: 'within',
      because: 'Forcing a freezing joint inflames it.',
    },
  },
  limits: [
    ...PAIN.limits('sh'),
    ...limits('sh-01', 'Above this height the arm hurts.', 'common practice',
      ['shoulderElevation', '<= 85', 'avoid', ['irr-free'], { of: ({ elevationFree }) => (typeof elevationFree === 'number' ? elevationFree : 90) - 5, reading: '5 degrees short of the painless height.' }],
      ['shoulderElevation', '<= 90', 'modify', ['calm-free'], { of: ({ elevationFree }) => typeof elevationFree === 'number' ? elevationFree : 90, reading: 'The painless height.' }]),
    ...limits('sh-02', 'The repaired tendon is healing; the arm is lifted in steps over the months.', 'ASSET*', ['shoulderElevation', '<= 20', 'avoid', ['rep0'], 'effort >= 2'], ['shoulderElevation', '<= 45', 'avoid', ['rep0'], 'effort < 2', { reading: 'An arm that lies, or rests in the lap, is raised by nobody.' }], ['shoulderElevation', '<= 90', 'avoid', ['rep1']], ['shoulderElevation', '<= 150', 'modify', ['rep2']]),
    ...limits('sh-03', 'At this height the arm is in its painful arc, and a long hold irritates it.', 'KESSEL*', ['hold', '<= 10', 'modify', ['arc-irr'], 'effort >= 2', 'trunkPitch < 45', 'shoulderElevation >= 60', 'shoulderElevation < 121', 'handLoad < 0.05', 'forearmLoad < 0.05', { reading: 'An arm that is held up, not one that lies, leans or reaches down in a fold.' }], ['hold', '<= 30', 'modify', ['arc-calm'], 'effort >= 2', 'trunkPitch < 45', 'shoulderElevation >= 60', 'shoulderElevation < 121', 'handLoad < 0.05', 'forearmLoad < 0.05', { reading: 'An arm that is held up, not one that lies, leans or reaches down in a fold.' }]),
    ...limits('sh-04', 'An arm lifted with the thumb down pinches the tendon.', 'common practice', ['shoulderInternalRotation', '<= 30', 'modify', ['arc'], 'shoulderElevation > 70']),
    ...limits('sh-05', 'Weight on the arm grinds or slips the joint.', 'common practice', ['handLoad', '<= 0.25', 'avoid', ['irr', 'unstable']], ['handLoad', '<= 0.55', 'modify', ['calm']], ['handLoad', '<= 0.1', 'avoid', EARLY, LYING_HAND], ['handLoad', '<= 0.2', 'avoid', ['rep2']]),
    ...limits('sh-06', 'Weight on an arm overhead is the hardest position for the joint.', 'common practice', ['handLoad', '<= 0.1', 'avoid', ['irr', 'unstable', 'rep2'], 'shoulderElevation > 120'], ['handLoad', '<= 0.3', 'modify', ['calm'], 'shoulderElevation > 120']),
    ...limits('sh-07', 'A low plank drops the shoulder forward.', 'common practice', ['elbowFlexionLoaded', '<= 30', 'avoid', LOADED], ['elbowFlexionLoaded', '<= 60', 'modify', ['calm']]),
    ...limits('sh-08', 'Leaning on the elbow jams the joint.', 'common practice', ['forearmLoad', '<= 0.3', 'modify', ['irr']], ['forearmLoad', '<= 0.15', 'avoid', EARLY, LYING_ARMS]),
    ...limits('sh-09', 'An arm behind the back strains the front of the joint.', ['ASSET*', 'common practice'], ['shoulderExtension', '<= 20', 'modify', ['irr', 'unstable']], ['shoulderExtension', '<= 40', 'watch', ['calm']], ['shoulderExtension', '<= 0', 'avoid', EARLY]),
    ...limits('sh-10', 'This is the position in which the joint slips out.', 'common practice', ['shoulderExternalRotation', '<= 40', 'avoid', ['unstable'], 'shoulderElevation > 60']),
    ...limits('sh-11', 'Crossing the arm pinches the joint on top of the shoulder.', 'common practice', ['shoulderHorizontalAdduction', '<= 10', 'modify', ['ac-irr']], ['shoulderHorizontalAdduction', '<= 30', 'modify', ['ac-calm']]),
    ...limits('sh-12', 'Forcing a freezing joint inflames it.', 'FROZ13*', ['hold', '<= 10', 'modify', ['freezing'], 'effort >= 2', 'shoulderElevation > 72', { reading: '0.4 of the ordinary range of raising, 180 degrees.' }], ['hold', '<= 10', 'modify', ['freezing'], 'shoulderExtension > 24', { reading: '0.4 of the ordinary range behind, 60 degrees.' }]),
    ...noInversion('sh-13', { headLoad: 'Upside down the arms bear weight, or are forced behind.', neckLoad: 'Upside down the arms bear weight, or are forced behind.' }, 'common practice', 'avoid', ['spared']),
    ...limits('sh-14', 'Lying on the sore shoulder hurts; a pillow under the arm helps.', 'common practice', ['facing', ['upright', 'prone', 'supine', 'right side'], 'watch', ['sore-left'], 'hold > 60'], ['facing', ['upright', 'prone', 'supine', 'left side'], 'watch', ['sore-right'], 'hold > 60']),
    ...limits('sh-15', 'Nobody pulls the arm deeper.', 'common practice', ['touch', '= 0', 'avoid', ['hands']]),
    ...limits('sh-17', 'An arm held out, turned out and taken back is how the joint slips.', 'common practice', ['shoulderExternalRotation', '<= 60', 'avoid', ['slipping'], 'shoulderElevation > 60']),
    ...limits('sh-16', { gripForce: 'Hanging from the hands pulls on the joint.', effort: 'Strong work on the arms strains the joint.', impact: 'Landing on the hands jars the joint.' }, 'common practice', ['gripForce', '<= 1', 'modify', LOADED], ['effort', '<= 3', 'modify', LOADED, 'handLoad > 0.2', { reading: 'Read for work of the arms: strong legs do not load the shoulder.' }], ['impact', '<= 1', 'modify', LOADED]),
  ], // prettier-ignore
  favour: ['mobilise-shoulders', 'strengthen-back', 'mobilise-spine-extension', 'posture-awareness', 'breath-awareness'],
  stopInClass: 'A slipping feeling, a sharp catch, a numb hand, pain that lasts at rest.',
});
