import { condition } from './condition.js';
import { limits, noInversion, pick } from './limits.js';
import { callNow, clearance, clearanceAlone, emergency, found, note, open, refer } from './screening.js';

const DAYS_LIGHT = 2;
const DAYS_LATE = 28;
const YEAR = 365;

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const concussion = condition({
  id: 'concussion',
  name: 'Concussion or brain injury',
  words: ['concussion', 'concusion', 'concussed', 'head injury', 'head knock', 'bang on the head', 'brain injury', 'TBI', 'mTBI', 'traumatic brain injury', 'post-concussion syndrome', 'PCS', 'whiplash with head knock', 'skull fracture', 'craniotomy', 'craniectomy', 'shunt'],
  parameters: {
    kind: { kind: 'choice', options: ['concussion', 'moderate', 'severe', 'unknown'], ask: 'How severe was the injury?' },
    daysSince: { kind: 'number', unit: 'days', goesOn: true, from: 0, to: 20000, ask: 'Days since the blow', default: 0 },
    examined: { kind: 'yesno', ask: 'Examined by a clinician?' },
    symptoms: { kind: 'number', holdsDays: 0, unit: '0-10', from: 0, to: 10, ask: 'Headache, fog, giddiness, sickness, pain from light: how bad is the worst now?', default: 4 },
    rising: { kind: 'yesno', holdsDays: 0, ask: 'Worse from day to day?', default: false },
    symptomRise: { kind: 'choice', holdsDays: 14, options: ['none', 'small', 'more'], ask: 'After the last class, symptoms rose', default: 'none' },
    fullyBack: { kind: 'yesno', ask: 'Back at school or work without symptoms?', default: false },
    headClear: { kind: 'yesno', ask: 'Cleared in writing for sport or load on the head?', default: false },
    cleared: { kind: 'yesno', ask: 'Cleared in writing for this class?' },
    skull: { kind: 'choice', options: ['none', 'plate', 'openFlap', 'shunt'], ask: 'Is there a plate, a missing piece of bone or a shunt in the skull?' },
    weeksSinceShunt: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 1000, ask: 'Weeks since the shunt', default: 0, onlyIf: { skull: ['shunt'] } },
    bloodThinner: { kind: 'yesno', ask: 'A blood thinner?' },
    seizure: { kind: 'yesno', ask: 'Any seizure since then?' },
    lostConsciousness: { kind: 'yesno', ask: 'Lost consciousness?', default: false },
    neckPain: { kind: 'yesno', ask: 'Neck pain?' },
    lightNoise: { kind: 'yesno', ask: 'Light or noise hurts?', default: true },
    giddy: { kind: 'yesno', ask: 'Giddy or unsteady?', default: true },
    age: { kind: 'number', unit: 'years', ofBody: 'age', from: 3, to: 110, ask: 'Age' },
  },
  stages: { rest: 'First two days', light: 'To four weeks, with symptoms or not fully back', late: 'Symptoms beyond four weeks', build: 'Without symptoms, head not cleared', clear: 'Cleared', tbi: 'Moderate or severe, below half a year', open: 'Bone is missing', shunt: 'Shunt', neck: 'Neck pain', giddy: 'Giddy', sens: 'Light or noise hurts', fresh: 'Not yet free of symptoms' },
  stagesOf: ({ kind = 'unknown', daysSince = 0, symptoms = 4, fullyBack, headClear, skull = 'none', neckPain, lightNoise = true, giddy = true }) => {
    const well = symptoms === 0 && fullyBack === true;
    const old = daysSince > YEAR && symptoms === 0;
    // Symptoms of today outweigh a paper of yesterday.
    const clear = (headClear === true && daysSince >= 14 && symptoms <= 1) || old;
    const stage = clear ? 'clear' : daysSince < DAYS_LIGHT ? 'rest' : well ? 'build' : daysSince <= DAYS_LATE ? 'light' : 'late';
    const ill = stage !== 'clear';
    return pick(
      stage,
      kind !== 'concussion' && daysSince < 182 && ill && 'tbi',
      skull === 'openFlap' && 'open',
      skull === 'shunt' && 'shunt',
      ill && (neckPain ?? daysSince <= DAYS_LATE) && 'neck',
      ill && giddy && stage !== 'build' && 'giddy',
      ill && lightNoise && stage !== 'build' && 'sens',
      (stage === 'light' || stage === 'late') && 'fresh',
    );
  },
  screen: ({ kind, daysSince = 0, examined, symptoms = 4, rising, symptomRise, fullyBack, headClear, cleared, skull, weeksSinceShunt = 0, bloodThinner, seizure, lostConsciousness, age }) => {
    const old = daysSince > YEAR && symptoms === 0;
    const late = daysSince > DAYS_LATE && !old && headClear !== true && (symptoms > 0 || fullyBack !== true);
    return found(
      daysSince < 1 && bloodThinner === true && callNow('bloodThinner', 'A blow to the head on a blood thinner: call the emergency number, also when well.'),
      daysSince < 2 && lostConsciousness === true && (age ?? 40) >= 65 && callNow('lostConsciousness', 'From 65 with lost consciousness: call the emergency number.'),
      examined !== true && !old && refer('examined', 'Not yet examined: no practice, medical contact today.'),
      rising === true && refer('rising', 'Worse from day to day: no practice, medical contact today.'),
      kind === undefined && clearanceAlone('kind', 'How heavy it was must be known first.'),
      (kind === 'moderate' || kind === 'severe') && skull === undefined && clearanceAlone('skull', 'Whether bone is missing or a shunt lies must be known first.'),
      cleared !== true && (kind === 'moderate' || kind === 'severe') && daysSince < 182 && clearance('kind', 'A heavier injury: written clearance first.'),
      cleared !== true && skull === 'openFlap' && clearance('skull', 'A missing piece of skull: written clearance first.'),
      cleared !== true && skull === 'shunt' && weeksSinceShunt < 12 && clearance('weeksSinceShunt', 'A shunt of less than 12 weeks: written clearance first.'),
      cleared !== true && late && clearanceAlone('symptoms', 'Symptoms beyond four weeks: a clinician has to know.'),
      seizure === true && note('seizure', 'Answer "Epilepsy" as well.'),
      bloodThinner === undefined && open('bloodThinner', 'a blood thinner?'),
      symptomRise === 'more' && note('symptomRise', 'The last class was too much: do less today.'),
      !old && note('symptoms', 'End before symptoms come, not with them; school first, then sport.'),
    );
  },
  redFlags: [
    emergency('head', 'Neck pain or tenderness after the blow, double vision, weakness or tingling in more than one limb, severe or growing headache, seizure, loss of consciousness, worsening drowsiness, repeated vomiting, growing confusion, restless, clear fluid or blood from nose or ear'),
    emergency('shunt', 'Shunt: headache with vomiting, drowsy, fever; missing bone: any blow, a new bulge or sinking'),
  ],
  schools: {
    'concussion-rest': { name: 'Rest', positions: { relative: 'One or two easy days, then light activity', dark: 'A dark room until symptom-free' }, default: 'relative', because: 'Light activity after one or two days favours recovery; strict bed rest does not.' },
  },
  limits: [
    ...limits('tbi-01', 'Light movement helps from the first days; hard work waits.', ['AMST*', 'LEDDY*'], ['effort', '<= 2', 'avoid', ['rest']], ['effort', '<= 3', 'modify', ['fresh']], ['effort', '<= 3', 'modify', ['tbi']], ['effort', '<= 4', 'watch', ['build']]),
    ...limits('tbi-02', 'Work stays below what brings the symptoms on.', 'AMST*', ['met', '<= 2.5', 'avoid', ['rest']], ['met', '<= 4', 'modify', ['fresh', 'tbi']]),
    ...limits('tbi-03', 'With the head low, pressure in a sore head brings symptoms.', 'common practice', ['headBelowHeart', '<= 5', 'avoid', ['rest', 'open', 'tbi']], ['headBelowHeart', '<= 10', 'modify', ['fresh', 'shunt']], ['headBelowHeart', '<= 35', 'watch', ['build']]),
    ...noInversion('tbi-04', { headLoad: 'Head and neck bear nothing before they are cleared; a second blow is the danger.', neckLoad: 'Head and neck bear nothing before they are cleared.' }, 'AMST*', 'avoid', ['rest', 'fresh', 'build', 'tbi', 'open', 'shunt']),
    ...limits('tbi-05', 'A second blow to the head is the danger.', 'AMST*', ['fallHeight', '= 0', 'avoid', ['rest', 'fresh', 'build', 'tbi', 'open']]),
    ...limits('tbi-06', 'The balance is off after the blow.', 'common practice', ['support', '>= 1', 'modify', ['giddy', 'tbi'], 'feetDown = 1'], ['balanceMargin', '>= 4', 'modify', ['giddy', 'tbi'], 'standing', 'support < 1']),
    ...limits('tbi-07', 'Quick moves of the head bring symptoms.', 'common practice', ['headJolt', '= 0', 'avoid', ['rest', 'fresh', 'tbi', 'open']], ['headJolt', '<= 1', 'modify', ['build']]),
    ...limits('tbi-08', { transitionTime: 'Turning the head slowly keeps giddiness away.', neckSpeed: 'Turning the head slowly keeps giddiness away.', neckSweep: 'Big turns of the head bring giddiness.' }, 'common practice', ['transitionTime', '>= 5', 'modify', ['rest', 'fresh', 'giddy'], 'headSweep > 60'], ['neckSpeed', '<= 60', 'modify', ['rest', 'fresh', 'giddy'], { reading: 'Usual turns take thirty to sixty degrees a second.' }], ['neckSweep', '<= 60', 'modify', ['rest', 'fresh', 'giddy']]),
    ...limits('tbi-09', 'The neck took the same blow.', 'AMST*', ['cervicalFlexion', '-20..40', 'modify', ['neck']], ['cervicalRotation', '<= 45', 'modify', ['neck']]),
    ...limits('tbi-10', { breathRetention: 'A held breath raises the pressure in the head.', breathRate: 'Forced breath raises the pressure in the head.' }, 'common practice', ['breathRetention', '= 0', 'avoid', ['rest', 'fresh', 'tbi', 'open', 'shunt']], ['breathRate', '<= 20', 'avoid', ['rest', 'fresh', 'tbi', 'open', 'shunt']], ['breathRetention', '<= 5', 'modify', ['build']], ['breathRate', '<= 20', 'modify', ['build']]),
    ...limits('tbi-11', 'Light and noise hurt a sore head.', 'CRT6*', ['sensoryLoad', '<= 1', 'modify', ['rest', 'fresh', 'sens']]),
    ...limits('tbi-12', 'A class ends before symptoms come, not with them.', 'common practice', ['sessionMinutes', '<= 10', 'modify', ['rest']], ['sessionMinutes', '<= 30', 'modify', ['light']], ['sessionMinutes', '<= 45', 'modify', ['late']]),
    ...limits('tbi-13', 'The balance leans on the eyes after the blow.', 'common practice', ['eyesClosed', '= 0', 'avoid', ['giddy', 'tbi'], 'standing']),
    ...limits('tbi-15', 'Heat brings headache.', 'common practice', ['heat', '<= 26', 'modify', ['rest', 'fresh', 'tbi']]),
    ...limits('tbi-16', 'Jolts shake a sore head.', 'common practice', ['impact', '= 0', 'avoid', ['rest', 'fresh', 'tbi', 'open', 'shunt']], ['impact', '<= 1', 'modify', ['build']]),
  ], // prettier-ignore
  favour: ['calm', 'breath-awareness', 'mobilise-neck', 'posture-awareness', 'balance', 'rest'],
  stopInClass: 'Headache or fog up by more than 2, sick, a change of sight, unsteady: lie with the head raised; any red flag: emergency.',
});
