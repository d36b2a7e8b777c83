import { condition } from './condition.js';
import { FIVE_BREATHS, HELD, limits, pick } from './limits.js';
import { callNow, clearance, emergency, found, note, refer, today } from './screening.js';

const LATER = ['sub', 'chronic'] as const;

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const strokeTia = condition({
  id: 'stroke-tia',
  name: 'Stroke or TIA',
  words: ['stroke', 'TIA', 'mini stroke', 'brain bleed', 'dissection', 'hemiplegia', 'half-sided weakness', 'aneurysm'],
  parameters: {
    event: { kind: 'choice', options: ['tia', 'ischaemic', 'haemorrhagic', 'subarachnoid', 'dissection'], ask: 'What was it?', default: 'haemorrhagic' },
    evaluated: { kind: 'yesno', ask: 'Examined by a doctor for it?', default: false },
    weeksSince: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 1040, ask: 'Weeks since it happened', default: 0 },
    affected: { kind: 'choice', options: ['left', 'right', 'none'], ask: 'Weaker side' },
    berg: { kind: 'number', unit: 'points', from: 0, to: 56, ask: 'Berg balance scale', default: 44 },
    aid: { kind: 'yesno', ask: 'Walks with a stick or frame?', default: false },
    shoulderWeak: { kind: 'yesno', ask: 'Is the weaker shoulder loose or painful?', onlyIf: { affected: ['left', 'right'] } },
    neglect: { kind: 'yesno', ask: 'Does one side go unnoticed?', default: false },
    aphasia: { kind: 'yesno', ask: 'Trouble with words?', default: false },
    fieldLoss: { kind: 'yesno', ask: 'Half of the sight gone?', default: false },
    anticoagulant: { kind: 'yesno', ask: 'Taking a blood thinner?', default: false },
    cleared: { kind: 'yesno', ask: 'Cleared in writing, in the last 6 months?' },
    systolic: { kind: 'number', holdsDays: 7, unit: 'mmHg', from: 60, to: 260, ask: 'Last blood pressure, upper number' },
    diastolic: { kind: 'number', holdsDays: 7, unit: 'mmHg', from: 30, to: 160, ask: 'Last blood pressure, lower number' },
    touchConsent: { kind: 'yesno', ask: 'Agreed to hands-on help?', default: false },
  },
  stages: {
    acute: 'First weeks: rehabilitation team only', sub: 'To half a year, TIA to 12 weeks', chronic: 'After that', neck: 'Torn neck artery, first year', fallRisk: 'At risk of falls',
    tender: 'To half a year, or after a bleed', settled: 'After half a year, no bleed', steady: 'Not at risk of falls', arm: 'Weak shoulder', unseen: 'One side unseen, touch not agreed',
  }, // prettier-ignore
  gathering: ['tender'],
  stagesOf: ({ event = 'haemorrhagic', weeksSince = 0, affected, berg = 44, aid, shoulderWeak, neglect, fieldLoss, touchConsent }) => {
    const [first, next] = event === 'tia' ? [2, 12] : [12, 26];
    const phase = weeksSince < first ? 'acute' : weeksSince < next ? 'sub' : 'chronic';
    const bled = event === 'haemorrhagic' || event === 'subarachnoid';
    const falls = berg <= 45 || aid === true || neglect === true;
    return pick(
      phase,
      // No class in the first weeks; a plan is still made, with the strictest rows.
      phase === 'acute' && 'sub',
      event === 'dissection' && weeksSince < 52 && 'neck',
      falls ? 'fallRisk' : 'steady',
      phase !== 'chronic' || bled ? 'tender' : 'settled',
      (shoulderWeak ?? affected !== 'none') && 'arm',
      (neglect === true || fieldLoss === true) && touchConsent !== true && 'unseen',
    );
  },
  screen: ({ event = 'haemorrhagic', evaluated, weeksSince = 0, cleared, systolic, diastolic, berg }) =>
    found(
      evaluated === false && (event === 'tia' && weeksSince < 1 ? callNow('evaluated', 'A TIA in the last week that nobody looked into: call the emergency number.') : refer('evaluated', 'Not looked into by doctors: no practice, medical contact today.')),
      evaluated === undefined && cleared !== true && refer('evaluated', 'Not known whether doctors looked into it: no practice until they have.'),
      weeksSince < (event === 'tia' ? 2 : 12) && refer('weeksSince', 'The first weeks: no general class, the rehabilitation team only.'),
      cleared !== true && clearance('cleared', 'Written clearance first, renewed after each event or 6 months.'),
      ((systolic ?? 0) >= 180 || (diastolic ?? 0) >= 110) && refer('systolic', '180/110 or more: no practice today, medical contact the same day.'),
      systolic === undefined && note('systolic', 'No pressure was read: add it, and high blood pressure if it is known.'),
      berg === undefined && note('berg', 'Balance was not tested: taken as at risk of falls.'),
    ),
  redFlags: [
    emergency('fast', 'Face droops, an arm sinks, speech trouble, sudden loss of balance or sight, thunderclap headache: note the time'),
    emergency('head-blow', 'A fall with a blow to the head on a blood thinner'),
    today('new-pain', 'New neck pain, new weakness that passed'),
  ],
  schools: {
    'stroke-pulley': {
      name: 'A stiff shoulder',
      positions: { none: 'No pulling overhead', pulley: 'A pulley overhead' },
      default: 'none',
      because: 'Pulling a loose shoulder up pinches it.',
    },
  },
  limits: [
    ...limits('str-01', 'With the head low, the pressure rises in healing vessels.', 'common practice', ['headBelowHeart', '<= 5', 'avoid', ['tender']], ['headBelowHeart', '<= 10', 'modify', ['settled'], 'hold > 5'], ['headBelowHeart', '<= 20', 'modify', ['settled']]),
    ...limits('str-02', { headLoad: 'The arteries of the neck and the balance aren’t safe upside down.', neckLoad: 'The arteries of the neck aren’t safe under weight.', fallHeight: 'After a stroke a fall from a height can’t be caught.' }, 'AHACAD*', ['headLoad', '<= 0.1', 'avoid', LATER], ['neckLoad', '<= 0.05', 'avoid', LATER], ['fallHeight', '= 0', 'avoid', LATER]),
    ...limits('str-03', 'A torn artery of the neck is healing.', 'AHACAD*', ['cervicalFlexion', '>= -10', 'avoid', ['neck']], ['cervicalRotation', '<= 30', 'avoid', ['neck']], ['neckSweep', '<= 30', 'avoid', ['neck']]),
    ...limits('str-04', 'At its end, turning or tipping the neck narrows its arteries.', 'AHACAD*', ['cervicalFlexion', '>= -20', 'modify', LATER], ['cervicalRotation', '<= 45', 'modify', LATER]),
    ...limits('str-05', 'The weak side gives way.', 'AHASTR*', ['support', '>= 2', 'avoid', ['fallRisk'], 'standing'], ['support', '>= 1', 'modify', ['steady'], 'feetDown = 1']),
    ...limits('str-06', 'A weak or unseen side does not catch a fall.', 'AHASTR*', ['feetDown', '= 2', 'avoid', ['fallRisk'], 'standing'], ['balanceMargin', '>= 6', 'avoid', ['fallRisk'], 'support < 2', HELD]),
    ...limits('str-07', 'A loose shoulder pinches: support the elbow, never pull.', 'common practice', ['shoulderElevation', '<= 90', 'avoid', ['arm']]),
    ...limits('str-08', 'A loose shoulder pinches.', 'common practice', ['handLoad', '<= 0.2', 'modify', ['arm']]),
    ...limits('str-09', 'A long strain raises the blood pressure.', 'AHASTR*', ['hold', '<= 25', 'modify', undefined, 'effort >= 3', FIVE_BREATHS]),
    ...limits('str-10', 'Balance and pressure follow slowly; rising takes time.', 'common practice', ['transitionTime', '>= 10', 'modify', undefined, 'levelChange >= 30']),
    ...limits('str-11', 'Tiredness and pressure limit the work after a stroke.', 'AHASTR*', ['effort', '<= 3', 'modify'], ['met', '<= 3.5', 'modify']),
    ...limits('str-12', { breathRetention: 'A held breath makes the pressure peak in healing vessels.', breathRate: 'Forced breath makes the pressure peak in healing vessels.', impact: 'Jolts strain healing vessels.', headJolt: 'Jerks of the head strain healing vessels.' }, 'common practice', ['breathRetention', '= 0', 'avoid'], ['breathRate', '<= 20', 'avoid'], ['impact', '= 0', 'avoid'], ['headJolt', '= 0', 'avoid']),
    ...limits('str-13', 'Touch from the unseen side startles.', 'common practice', ['touch', '= 0', 'avoid', ['unseen']]),
  ], // prettier-ignore
  favour: ['posture-awareness', 'strengthen-core', 'breath-awareness', 'coordination'],
  stopInClass: 'Signs of a stroke, headache, shoulder pain, new weakness.',
});
