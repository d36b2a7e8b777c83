import { condition } from './condition.js';
import { limits, pick } from './limits.js';
import { emergency, found, note, open, refer, today } from './screening.js';

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const insomnia = condition({
  id: 'insomnia',
  name: 'Trouble sleeping',
  words: ['sleeps badly', 'snores', 'snoring', 'insomnia', 'insomina', 'can’t sleep', "can't sleep", 'cant sleep', 'sleepless', 'sleep problems', 'bad sleep', 'poor sleep', 'waking at night', 'wakes at 3', 'early waking', 'trouble falling asleep', 'loud snoring', 'restless legs', 'sleep apnoea'],
  parameters: {
    isi: { kind: 'number', unit: 'points', from: 0, to: 28, ask: 'Insomnia severity index', default: 15, how: '0 to 7 none, 8 to 14 slight, 15 to 21 moderate, 22 to 28 severe' },
    months: { kind: 'number', unit: 'months', from: 0, to: 600, ask: 'Months of trouble' },
    hoursToBed: { kind: 'number', holdsDays: 0, unit: 'h', from: 0, to: 20, ask: 'Hours from the end of class to bed', default: 1 },
    sleptHours: { kind: 'number', holdsDays: 0, unit: 'h', from: 0, to: 14, ask: 'Hours slept last night', default: 6 },
    sedative: { kind: 'yesno', holdsDays: 0, ask: 'A sleep medicine that is still felt?' },
    apnoea: { kind: 'choice', options: ['none', 'treated', 'untreated', 'suspected'], ask: 'Loud snoring with pauses, or choking awake?' },
    restlessLegs: { kind: 'yesno', ask: 'Restless legs?', default: false },
    bipolar: { kind: 'yesno', ask: 'Bipolar illness?' },
    highEnergy: { kind: 'yesno', holdsDays: 0, ask: 'Two nights without sleep, and full of energy?', default: false },
  },
  stages: { late: 'Less than an hour to bed', evening: 'One to four hours to bed', day: 'By day', drowsy: 'Slept little, or a sleep medicine still works', apnoea: 'Breath stops in sleep', legs: 'Restless legs' },
  stagesOf: ({ hoursToBed = 1, sleptHours = 6, sedative, apnoea, restlessLegs }) =>
    pick(
      hoursToBed < 1 ? 'late' : hoursToBed < 4 ? 'evening' : 'day',
      (sleptHours < 4 || sedative === true) && 'drowsy',
      (apnoea === 'untreated' || apnoea === 'suspected') && 'apnoea',
      restlessLegs === true && 'legs',
    ),
  screen: ({ isi = 15, months, sedative, apnoea, bipolar, highEnergy, sleptHours }) =>
    found(
      highEnergy === true && refer('highEnergy', 'Two nights without sleep and full of energy: no practice, medical contact today.'),
      isi >= 15 && (months ?? 3) >= 3 && note('isi', 'Three months of bad sleep: a course for sleep comes first; yoga is beside it.'),
      apnoea === 'suspected' && note('apnoea', 'Breath that stops in sleep: see a doctor.'),
      apnoea === undefined && open('apnoea', 'loud snoring with pauses?'),
      sedative === undefined && open('sedative', 'a sleep medicine that is still felt?'),
      (sedative === true || (sleptHours ?? 6) < 4) && note('sedative', 'Drowsy: don’t drive home.'),
      bipolar === true && note('bipolar', 'Answer "Anxiety, depression or trauma" as well.'),
    ),
  redFlags: [
    emergency('gasp', 'Chest pain, gasping with blue lips'),
    today('attacks', 'Falls asleep while talking or driving, sudden limpness on laughing, acts out dreams with injury'),
    today('thyroid', 'New sleeplessness with weight loss and a racing heart'),
    today('despair', 'Thoughts of suicide (with a plan: emergency)'),
  ],
  schools: {
    'insomnia-evening': { name: 'Practice in the evening', positions: { hour: 'Any that ends an hour before bed', quiet: 'Only quiet practice after sunset' }, default: 'hour', because: 'Exercise that ends an hour before bed did not hurt sleep.' },
    'insomnia-inversions': { name: 'Inversions for sleep', positions: { legs: 'Legs up the wall', stand: 'Shoulder stand' }, default: 'legs', because: 'Legs up the wall does it without load on the neck.' },
  },
  limits: [
    ...limits('ins-01', 'Hard work in the last hour keeps people awake.', 'STUTZ*', ['effort', '<= 2', 'modify', ['late']], ['effort', '<= 4', 'watch', ['evening']]),
    ...limits('ins-02', 'Hard work in the last hour keeps people awake.', 'STUTZ*', ['met', '<= 3', 'modify', ['late']], ['met', '<= 6', 'watch', ['evening']]),
    ...limits('ins-03', 'Fast breath wakes people up.', 'common practice', ['breathRate', '<= 18', 'modify', ['late']], ['breathRate', '<= 18', 'watch', ['evening']]),
    ...limits('ins-04', 'Long holds of the breath raise alertness.', 'common practice', ['breathRetention', '<= 5', 'modify', ['late']]),
    ...limits('ins-05', 'Many feel woken by deep backbends.', 'common practice', ['lumbarFlexion', '>= -25', 'watch', ['late']]),
    ...limits('ins-06', 'Pulse and warmth need time to fall before sleep.', 'common practice', ['coolMinutes', '>= 15', 'modify', ['late']], ['coolMinutes', '>= 10', 'watch', ['evening']]),
    ...limits('ins-07', 'Bright light and noise wake people up.', 'common practice', ['sensoryLoad', '<= 1', 'modify', ['late']]),
    ...limits('ins-08', 'Sleep comes as the body cools.', 'common practice', ['heat', '<= 28', 'modify', ['late']]),
    ...limits('ins-09', 'Jolts wake people up.', 'common practice', ['impact', '<= 1', 'modify', ['late']], ['headJolt', '= 0', 'modify', ['late']]),
    ...limits('ins-10', 'Tired people sway.', 'common practice', ['support', '>= 1', 'modify', ['drowsy'], 'feetDown = 1']),
    ...limits('ins-11', 'Slow reactions make an inversion risky.', 'common practice', ['fallHeight', '= 0', 'modify', ['drowsy']], ['headLoad', '<= 0.1', 'modify', ['drowsy']]),
    ...limits('ins-12', 'Sleepy, or with a sleep medicine, people are giddy on rising.', 'common practice', ['transitionTime', '>= 8', 'modify', ['drowsy'], 'levelChange >= 50']),
    ...limits('ins-13', 'Asleep flat on the back, the throat closes; on the side, or propped, it stays open.', 'common practice', ['supineRun', '<= 10', 'watch', ['apnoea']]),
    ...limits('ins-14', 'Lying still brings the urge to move the legs.', 'common practice', ['supineRun', '<= 8', 'watch', ['legs']]),
  ], // prettier-ignore
  favour: ['calm', 'rest', 'lengthen-exhale', 'ease-back', 'stretch-hamstrings'],
  stopInClass: 'Giddy, nods off upright, palpitations, panic on closing the eyes.',
});
