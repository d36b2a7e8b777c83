import { condition } from './condition.js';
import { limits, pick } from './limits.js';
import { PAIN } from './pain.js';
import { clearance, emergency, found, note, open, today } from './screening.js';

const JOINTS = ['shoulder', 'elbow', 'wrist', 'fingers', 'neck', 'spine', 'hip', 'knee', 'ankle'] as const;

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const hypermobility = condition({
  id: 'hypermobility',
  name: 'Hypermobility',
  words: ['hypermobile', 'hypermobility', 'Ehlers-Danlos', 'EDS', 'bendy joints', 'double-jointed', 'Beighton', 'HSD'],
  parameters: {
    ...PAIN.parameters,
    beighton: { kind: 'number', unit: 'of 9', from: 0, to: 9, ask: 'Beighton score' },
    age: { kind: 'number', unit: 'year', ofBody: 'age', from: 3, to: 110, ask: 'Age' },
    diagnosed: { kind: 'yesno', ask: 'Diagnosed?' },
    type: { kind: 'choice', options: ['local', 'hsd', 'heds', 'vascular', 'unknown'], ask: 'Which type?', default: 'hsd' },
    unstable: { kind: 'set', options: JOINTS, ask: 'Which joints slip? (say none if none)' },
    weeksSinceDislocation: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 2600, ask: 'Weeks since a joint was out, if ever' },
    pots: { kind: 'yesno', ask: 'Giddy on standing, or POTS?', default: false },
    neckInstability: { kind: 'yesno', ask: 'A loose neck?' },
    touchConsent: { kind: 'yesno', ask: 'Agreed to hands-on help?', default: false },
  },
  stages: { ...PAIN.stages, positive: 'Hypermobile', vascular: 'Vascular type', slips: 'Joints slip', arm: 'Shoulder, elbow or wrist slips', pots: 'Giddy on standing', hands: 'Touch not agreed', 'loose-neck': 'A loose neck', strong: 'Hypermobile, not vascular' },
  gathering: ['strong'],
  stagesOf: (a) => {
    const { beighton, age, diagnosed, type = 'hsd', unstable, pots } = a;
    // Scores that count: EDS classification 2017; before puberty 6, over 50 years 4.
    const needed = age !== undefined && age > 50 ? 4 : age !== undefined && age < 12 ? 6 : 5;
    const positive = beighton === undefined ? diagnosed !== false : beighton >= needed || diagnosed === true;
    if (!positive) return PAIN.stagesOf(a);
    const slips = (...some: string[]) => unstable?.some((one) => some.includes(one)) ?? false;
    return [
      ...PAIN.stagesOf(a),
      ...pick(
        'positive',
        type === 'vascular' ? 'vascular' : 'strong',
        unstable?.some((one) => one !== 'none') === true && 'slips',
        slips('shoulder', 'elbow', 'wrist') && 'arm',
        (a.neckInstability === true || slips('neck')) && 'loose-neck',
        pots === true && 'pots',
        a.touchConsent !== true && 'hands',
      ),
    ];
  },
  screen: (a) => [
    ...PAIN.screen(a),
    ...found(
      a.type === 'vascular' && clearance('type', 'Vascular type: written clearance first.'),
      a.neckInstability === true && clearance('neckInstability', 'A loose neck: written clearance first; add neck pain.'),
      a.neckInstability === undefined && open('neckInstability', 'a loose neck?'),
      (a.weeksSinceDislocation ?? 99) < 6 && clearance('weeksSinceDislocation', 'A joint was out in the last 6 weeks: written clearance first.'),
      a.unstable === undefined && open('unstable', 'which joints slip?'),
      a.beighton === undefined && note('beighton', 'The score is not known: taken as hypermobile.'),
    ),
  ],
  redFlags: [
    emergency('vessel', 'Vascular type: sudden chest, belly or head pain'),
    today('neck', 'New signs of a loose neck, a joint that won’t go back, fainting'),
  ],
  schools: {
    'hypermobile-stretch': {
      name: 'Stretching',
      positions: { strengthen: 'Strengthen; small held stretches inside ordinary range', stretch: 'Stretch, it feels good' },
      default: 'strengthen',
      because: 'Extra range is not a goal; muscles hold only inside it.',
    },
  },
  limits: [
    ...PAIN.limits('hm'),
    ...limits('hm-01', 'The extra range is not a goal; muscles hold only inside it.', 'ENGEL*', ['jointRangeUsed', '<= 1', 'modify', ['positive']], ['jointRangeUsed', '<= 0.95', 'avoid', ['slips'], { reading: 'Of all joints: a cautious reading of those that slip.' }]),
    ...limits('hm-02', 'Locked back, a loose joint hangs on its ligaments.', 'ENGEL*', ['kneeFlexion', '>= 0', 'modify', ['positive'], 'footLoad > 0.1'], ['elbowFlexion', '>= 0', 'modify', ['positive'], 'handLoad > 0.05']),
    ...limits('hm-03', 'Loose spines work best short of their end.', 'common practice', ['spineRangeUsed', '<= 0.85', 'modify', ['positive']]),
    ...limits('hm-04', 'Long stretches loosen what holds.', 'common practice', ['hold', '<= 20', 'modify', ['positive'], 'jointRangeUsed > 0.95']),
    ...limits('hm-05', 'Lotus goes through a loose knee unnoticed.', 'common practice', ['kneeRotation', '<= 10', 'modify', ['positive']]),
    ...limits('hm-06', { handLoad: 'The joint slips under weight.', shoulderExtension: 'The joint slips with the arm behind.' }, 'common practice', ['handLoad', '<= 0.45', 'avoid', ['arm']], ['shoulderExtension', '<= 35', 'avoid', ['arm']]),
    ...limits('hm-07', 'The neck’s ligaments are loose too.', 'common practice', ['cervicalFlexion', '-30..45', 'avoid', ['positive']], ['neckSweep', '<= 30', 'avoid', ['loose-neck']], ['headLoad', '<= 0.1', 'avoid', ['positive']], ['neckLoad', '<= 0.05', 'avoid', ['positive']]),
    ...limits('hm-08', { transitionTime: 'Blood pools in loose vessels, and rising fast makes people faint.', standingRun: 'Blood pools in loose vessels, and standing still makes people faint.' }, 'FREEMAN*', ['transitionTime', '>= 10', 'modify', ['pots'], 'levelChange >= 50'], ['standingRun', '<= 2', 'modify', ['pots']]),
    ...limits('hm-09', 'Loose joints tell little of where they are; the eyes help.', 'ENGEL*', ['eyesClosed', '= 0', 'watch', ['positive'], 'standing']),
    ...limits('hm-10', { headBelowHeart: 'Fragile vessels don’t bear the pressure of a low head.', abdominalLoad: 'Fragile vessels don’t bear the pressure of hard belly work.', effort: 'Fragile vessels don’t bear the pressure of hard work.', breathRetention: 'Fragile vessels don’t bear the pressure of a held breath.' }, 'common practice', ['headBelowHeart', '<= 5', 'avoid', ['vascular']], ['abdominalLoad', '<= 2', 'avoid', ['vascular']], ['effort', '<= 2', 'avoid', ['vascular']], ['breathRetention', '= 0', 'avoid', ['vascular']]),
    ...limits('hm-11', 'Nobody presses a loose joint deeper.', 'common practice', ['touch', '= 0', 'avoid', ['hands']]),
    ...limits('hm-12', { effort: 'Strength grows slowly in loose joints.', impact: 'Jolts reach joints that nothing holds.' }, 'ENGEL*', ['effort', '<= 4', 'modify', ['strong']], ['impact', '<= 1', 'modify', ['strong']], ['effort', '<= 2', 'avoid', ['vascular']], ['impact', '= 0', 'avoid', ['vascular']]),
    ...limits('hm-13', 'Heat opens the vessels and loosens the joints, and people faint.', 'common practice', ['heat', '<= 27', 'modify', ['pots']]),
  ], // prettier-ignore
  favour: ['strengthen-legs', 'strengthen-hips', 'strengthen-core', 'balance', 'posture-awareness', 'rest'],
  stopInClass: 'A slip or clunk, giddy, a numb limb, headache at the back of the head.',
});
