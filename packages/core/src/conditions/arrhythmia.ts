import { condition } from './condition.js';
import { limits, noInversion, pick } from './limits.js';
import { callNow, clearance, clearanceAlone, emergency, found, note, refer, today } from './screening.js';

const DANGEROUS = ['vt', 'longQT', 'brugada', 'unknown'];

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const arrhythmia = condition({
  id: 'arrhythmia',
  name: 'Atrial fibrillation or irregular heartbeat',
  words: ['atrial fibrillation', 'AF', 'AFib', 'a-fib', 'atrial fibrilation', 'fibrillation', 'atrial flutter', 'arrhythmia', 'arythmia', 'arrythmia', 'irregular heartbeat', 'irregular pulse', 'palpitations', 'palpatations', 'extra beats', 'ectopics', 'skipped beats', 'SVT', 'tachycardia', 'bradycardia', 'slow pulse', 'WPW', 'long QT', 'Brugada', 'ablation', 'cardioversion'],
  parameters: {
    kind: { kind: 'choice', options: ['paroxysmal', 'persistent', 'permanent', 'svt', 'ectopics', 'brady', 'vt', 'longQT', 'brugada', 'unknown'], ask: 'Which rhythm?' },
    evaluated: { kind: 'yesno', ask: 'Seen by a doctor for it?' },
    cleared: { kind: 'yesno', ask: 'Cleared in writing for this class?' },
    rhythmNow: { kind: 'choice', holdsDays: 0, options: ['regular', 'irregular-usual', 'irregular-new', 'racing'], ask: 'The pulse now' },
    restingPulse: { kind: 'number', holdsDays: 0, unit: 'beats/min', from: 25, to: 220, ask: 'Pulse after 5 minutes of sitting' },
    usualRate: { kind: 'yesno', holdsDays: 0, ask: 'Is that the usual rate?', default: true },
    symptomsNow: { kind: 'set', holdsDays: 0, options: ['chest', 'breathless', 'giddy', 'faint', 'palpitations'], ask: 'What is felt now?' },
    bloodThinner: { kind: 'choice', options: ['none', 'aspirin', 'dual', 'warfarin', 'doac', 'heparin', 'unknown'], ask: 'A blood thinner?' },
    rateMedicine: { kind: 'yesno', ask: 'A medicine that slows the pulse?', default: true },
    faints12m: { kind: 'number', unit: 'faints', from: 0, to: 50, ask: 'Unexplained faints in 12 months' },
    weeksSinceAblation: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 1000, ask: 'Weeks since an ablation, if any' },
    weeksSinceCardioversion: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 1000, ask: 'Weeks since a cardioversion, if any' },
    triggers: { kind: 'set', options: ['leftSide', 'breathHold', 'bigMeal', 'alcohol', 'exertion', 'sleepLoss', 'heat', 'startle'], ask: 'What brings it on?' },
  },
  stages: { quiet: 'Evaluated and quiet', fast: 'Fast at rest, 111 to 130', danger: 'A dangerous or unknown rhythm', abl: 'First week after an ablation', thin: 'On a full blood thinner', rate: 'On a medicine that slows the pulse', left: 'Lying on the left brings it on', hold: 'Holding the breath brings it on', unread: 'The pulse was not taken' },
  stagesOf: ({ kind = 'unknown', restingPulse, bloodThinner, rateMedicine = true, faints12m = 0, weeksSinceAblation, triggers = [] }) => {
    const fast = restingPulse !== undefined && restingPulse > 110;
    const danger = DANGEROUS.includes(kind) || faints12m > 0;
    const flutters = kind === 'paroxysmal' || kind === 'persistent' || kind === 'permanent';
    const thinner = bloodThinner ?? (flutters ? 'doac' : 'none');
    return pick(
      fast ? 'fast' : danger ? 'danger' : 'quiet',
      fast && danger && 'danger',
      weeksSinceAblation !== undefined && weeksSinceAblation < 1 && 'abl',
      thinner !== 'none' && thinner !== 'aspirin' && 'thin',
      rateMedicine && 'rate',
      triggers.includes('leftSide') && 'left',
      triggers.includes('breathHold') && 'hold',
      restingPulse === undefined && 'unread',
    );
  },
  screen: ({ kind, evaluated, cleared, rhythmNow, restingPulse, usualRate = true, symptomsNow, faints12m, weeksSinceAblation }) => {
    const felt = symptomsNow ?? [];
    const pulse = restingPulse ?? 70;
    const grave = felt.includes('chest') || felt.includes('faint') || felt.includes('breathless') || pulse > 150;
    return found(
      grave && callNow('symptomsNow', 'Chest pain, a faint, breathless at rest, or a pulse above 150 that stays: call the emergency number.'),
      (rhythmNow === 'irregular-new' || rhythmNow === 'racing') && refer('rhythmNow', 'Newly irregular or racing: no practice, medical contact today.'),
      pulse > 130 && refer('restingPulse', 'A resting pulse above 130: no practice, medical contact today.'),
      pulse > 110 && pulse <= 130 && !usualRate && refer('usualRate', 'A fast pulse that is not the usual one: no practice, medical contact today.'),
      pulse < 40 && refer('restingPulse', 'A resting pulse below 40: medical contact today (trained people with a known slow pulse: no finding).'),
      felt.includes('giddy') && refer('symptomsNow', 'Giddy now: no practice, medical contact today.'),
      felt.includes('palpitations') && pulse > 110 && refer('symptomsNow', 'Palpitations with a fast pulse: no practice, medical contact today.'),
      felt.includes('palpitations') && evaluated !== true && refer('symptomsNow', 'Palpitations that nobody has looked at: medical contact today.'),
      kind === undefined && clearanceAlone('kind', 'Which rhythm it is must be known first.'),
      rhythmNow === undefined && clearanceAlone('rhythmNow', 'Feel the pulse first: regular, or irregular as usual?'),
      symptomsNow === undefined && clearanceAlone('symptomsNow', 'Ask first what is felt now; "none" must be said.'),
      cleared !== true && evaluated !== true && clearance('evaluated', 'Not yet looked at: written clearance first.'),
      cleared !== true && pulse > 110 && clearance('restingPulse', 'A fast pulse at rest: written clearance first.'),
      cleared !== true && kind !== undefined && DANGEROUS.includes(kind) && clearance('kind', 'This rhythm: written clearance first.'),
      cleared !== true && (faints12m ?? 0) > 0 && clearance('faints12m', 'An unexplained faint: written clearance first.'),
      cleared !== true && weeksSinceAblation !== undefined && weeksSinceAblation < 1 && clearance('weeksSinceAblation', 'In the week after an ablation: written clearance first.'),
      faints12m === undefined && note('faints12m', 'Faints were not asked.'),
      restingPulse === undefined && note('restingPulse', 'The pulse was not taken: only moderate work.'),
    );
  },
  redFlags: [
    emergency('stroke', 'Stroke signs, chest pressure, a faint, a fall with a blow to the head on a blood thinner'),
    emergency('ablation', 'Fever, pain on swallowing or confusion within 8 weeks of an ablation'),
    today('new', 'A newly irregular pulse, new swelling of the ankles, black stools'),
    today('groin', 'Swelling or bleeding in the groin after an ablation'),
  ],
  schools: {
    'rhythm-breath': { name: 'Breath', positions: { open: 'No holds', hold: 'Retention steadies the heart' }, default: 'open', because: 'Holding and straining switch the nerves of the heart.' },
    'rhythm-inversions': { name: 'Inversions', positions: { gentle: 'Gentle ones stay', none: 'None' }, default: 'gentle', because: 'Legs up the wall and a bridge are ordinary work for a quiet rhythm.' },
  },
  limits: [
    ...limits('arr-01', 'Moderate work is good; hard bursts push the rate.', ['AF23*', 'ESCSPORT*'], ['effort', '<= 4', 'watch', ['quiet']], ['effort', '<= 3', 'modify', ['danger']], ['effort', '<= 3', 'modify', ['unread']], ['effort', '<= 2', 'avoid', ['fast']]),
    ...limits('arr-02', 'Moderate work is good; hard bursts push the rate.', 'ESCSPORT*', ['met', '<= 6', 'watch', ['quiet']], ['met', '<= 2.5', 'avoid', ['fast', 'danger']]),
    ...limits('arr-03', 'A long strain on a held breath upsets the rhythm.', 'common practice', ['hold', '<= 30', 'watch', ['quiet', 'thin', 'rate'], 'effort >= 3']),
    ...limits('arr-04', 'Holding the breath and straining act on the nerves that steer the heart.', 'common practice', ['breathRetention', '<= 5', 'modify', ['quiet']], ['breathRetention', '= 0', 'avoid', ['fast', 'danger']], ['breathRetention', '= 0', 'avoid', ['hold']]),
    ...limits('arr-05', 'Over-breathing brings palpitations.', 'common practice', ['breathRate', '<= 20', 'modify', ['quiet']], ['breathRate', '<= 20', 'avoid', ['fast', 'danger']]),
    ...limits('arr-06', 'With the head low, blood returns suddenly to an unsteady heart.', 'common practice', ['headBelowHeart', '<= 5', 'avoid', ['fast', 'danger']]),
    ...noInversion('arr-07', 'Upside down, a faint or a bleed would be dangerous.', 'common practice', 'avoid', ['fast', 'danger', 'thin', 'abl']),
    ...limits('arr-08', 'A fall on a blood thinner bleeds.', 'NG232*', ['fallHeight', '<= 5', 'avoid', ['fast', 'danger', 'thin', 'abl']]),
    ...limits('arr-09', 'With a giddy heart or thin blood, something to hold is within reach.', 'common practice', ['support', '>= 1', 'watch', ['thin'], 'feetDown = 1'], ['support', '>= 1', 'modify', ['fast', 'danger'], 'feetDown = 1']),
    ...limits('arr-10', 'Pills that slow the pulse make giddy on rising.', 'common practice', ['transitionTime', '>= 8', 'modify', ['rate', 'fast', 'danger'], 'levelChange >= 50']),
    ...limits('arr-11', { hipFlexion: 'The puncture in the groin must close first.', abdominalLoad: 'The puncture in the groin must close first; no straining.', effort: 'The puncture in the groin must close first; light work only.' }, 'common practice', ['hipFlexion', '<= 90', 'avoid', ['abl']], ['abdominalLoad', '<= 1', 'avoid', ['abl']], ['effort', '<= 2', 'avoid', ['abl']]),
    ...limits('arr-12', 'Lying on the left brings on the flutter.', 'common practice', ['facing', ['upright', 'supine', 'right side', 'prone'], 'watch', ['left']]),
    ...limits('arr-13', 'Jolts bruise on a blood thinner, and upset an unsteady rhythm.', 'common practice', ['impact', '<= 1', 'modify', ['thin']], ['impact', '= 0', 'avoid', ['fast', 'danger', 'abl']]),
    ...limits('arr-14', 'A sudden loud noise can set off one kind of long QT.', 'ESCVA22*', ['sensoryLoad', '<= 1', 'modify', ['danger']]),
    ...limits('arr-15', 'Heat and dryness make the heart race.', 'common practice', ['heat', '<= 27', 'modify']),
    ...limits('arr-16', 'Stopping dead after effort upsets the rhythm; the end is slow.', 'ACSM*', ['coolMinutes', '>= 10', 'modify', ['fast', 'danger', 'rate']], ['coolMinutes', '>= 5', 'watch', ['quiet']]),
  ], // prettier-ignore
  favour: ['lengthen-exhale', 'calm', 'strengthen-legs', 'breath-awareness', 'rest'],
  stopInClass: 'Racing or newly irregular, giddy, chest, breathless: sit, count the pulse for a full minute; not settled in 5 minutes: medical contact today, with chest pain or a faint: emergency.',
});
