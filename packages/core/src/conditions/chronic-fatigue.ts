import { condition, type AnyAnswers } from './condition.js';
import { ARMS_HELD, limits, pick } from './limits.js';
import { callNow, clearance, emergency, found, note, refer, today } from './screening.js';

const session = ({ baselineMinutes, severity }: AnyAnswers) =>
  Math.min(0.5 * (typeof baselineMinutes === 'number' ? baselineMinutes : severity === 'very-severe' ? 0 : 5), 20);

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const chronicFatigue = condition({
  id: 'chronic-fatigue',
  name: 'Chronic fatigue or long COVID',
  words: ['exhausted all the time', 'tired after covid', 'ME', 'CFS', 'ME/CFS', 'chronic fatigue', 'long covid', 'post-viral', 'PEM', 'exhaustion', 'pacing'],
  parameters: {
    pem: { kind: 'choice', options: ['yes', 'no', 'unknown'], ask: 'Worse 12 to 48 hours after effort?', default: 'yes' },
    severity: { kind: 'choice', options: ['mild', 'moderate', 'severe', 'very-severe'], ask: 'How severe?', default: 'moderate' },
    baselineMinutes: { kind: 'number', unit: 'min', from: 0, to: 120, ask: 'Minutes of activity a day without a crash' },
    daysSinceCrash: { kind: 'number', unit: 'days', goesOn: true, from: 0, to: 3650, ask: 'Days since the last crash', default: 0 },
    steadyWeeks: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 520, ask: 'Weeks without a crash' },
    orthostatic: { kind: 'yesno', ask: 'Giddy on standing?', default: true },
    restingPulse: { kind: 'number', unit: 'beats/min', from: 30, to: 130, ask: 'Resting pulse' },
    weeksSinceInfection: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 2600, ask: 'Weeks since the infection' },
    chestSymptoms: { kind: 'yesno', ask: 'Chest symptoms?', default: false },
    spo2: { kind: 'number', holdsDays: 0, unit: '%', from: 70, to: 100, ask: 'Oxygen in the blood, if read' },
  },
  stages: { crash: 'In or just after a crash', pace: 'Pacing', noPem: 'Steady, no crashes from effort', giddy: 'Giddy on standing', 'pace-giddy': 'Pacing, or giddy', paced: 'Pacing or crash' },
  gathering: ['pace-giddy', 'paced'],
  stagesOf: ({ pem = 'yes', severity, daysSinceCrash = 0, steadyWeeks, orthostatic = true }) => {
    const steady = pem === 'no' && (steadyWeeks ?? 99) >= 4;
    const crash = severity === 'very-severe' || (pem !== 'no' && daysSinceCrash < 7);
    const stage = crash ? 'crash' : steady ? 'noPem' : 'pace';
    return pick(stage, orthostatic && 'giddy', (stage === 'pace' || orthostatic) && 'pace-giddy', stage !== 'noPem' && 'paced');
  },
  screen: ({ severity, weeksSinceInfection, chestSymptoms, spo2, daysSinceCrash, restingPulse }) =>
    found(
      weeksSinceInfection !== undefined && weeksSinceInfection < 4 && refer('weeksSinceInfection', 'Less than 4 weeks since the infection: no practice.'),
      chestSymptoms === true && clearance('chestSymptoms', 'Chest symptoms: written clearance first (heart).'),
      (severity === 'severe' || severity === 'very-severe') && clearance('severity', 'Severe: written clearance first.'),
      spo2 !== undefined && spo2 < 92 && callNow('spo2', 'Oxygen below 92 %: call the emergency number.'),
      spo2 !== undefined && spo2 >= 92 && spo2 < 94 && clearance('spo2', 'Oxygen below 94 %: written clearance first.'),
      daysSinceCrash === undefined && note('daysSinceCrash', 'The last crash was not asked: taken as today.'),
      restingPulse !== undefined && note('restingPulse', `Keep the pulse below ${restingPulse + 15} (common practice; a watch, no diagnosis).`),
      note('pem', 'Never raise the dose by plan: at most a tenth more after 2 weeks without a crash, and only if wanted.'),
    ),
  redFlags: [
    emergency('heart', 'Chest pain, palpitations with a faint, new breathless at rest, oxygen below 92 %, confusion, suicidal thoughts'),
    today('worse', 'Daily worsening for 2 weeks'),
  ],
  schools: {
    'fatigue-pacing': {
      name: 'Build up or pace',
      positions: { pace: 'Pace', build: 'Build up gradually' },
      default: 'pace',
      because: 'The guideline warns of graded exercise where effort brings crashes.',
    },
  },
  limits: [
    ...limits('cf-01', 'The bill for too much comes tomorrow; the class stops well inside what is safe.', 'NG206*', ['sessionMinutes', '<= 2.5', 'avoid', ['pace'], { of: session, reading: 'Half of the daily minutes, at most 20.' }], ['sessionMinutes', '<= 5', 'avoid', ['crash']]),
    ...limits('cf-02', 'A large share of the class is rest.', 'NG206*', ['restShare', '>= 0.7', 'avoid', ['crash']], ['restShare', '>= 0.5', 'modify', ['pace']], ['restShare', '>= 0.3', 'watch', ['noPem']]),
    ...limits('cf-03', 'Effort of the muscles sets off a crash.', 'NG206*', ['effort', '<= 1', 'avoid', ['crash']], ['effort', '<= 2', 'modify', ['pace']], ['effort', '<= 3', 'watch', ['noPem']]),
    ...limits('cf-04', 'Slow work with breath to spare doesn’t set off a crash.', 'NG206*', ['met', '<= 1.5', 'avoid', ['crash']], ['met', '<= 2.5', 'modify', ['pace']]),
    ...limits('cf-05', 'Many tiny bits are better than one long hold.', 'common practice', ['hold', '<= 25', 'modify', ['pace'], 'effort >= 2', { reading: '5 breaths.' }]),
    ...limits('cf-06', 'Standing still, the blood pools and the pulse races.', 'FREEMAN*', ['standingRun', '<= 1', 'modify', ['pace-giddy']], ['standingRun', '<= 3', 'modify', ['noPem']]),
    ...limits('cf-07', { headBelowHeart: 'Coming up after the head was low makes giddy.', transitionTime: 'Changing height fast makes giddy.' }, 'FREEMAN*', ['headBelowHeart', '<= 5', 'modify', ['giddy']], ['transitionTime', '>= 10', 'modify', ['giddy'], 'levelChange >= 50']),
    ...limits('cf-08', 'Getting up from the floor costs most.', 'common practice', ['floorTrips', '<= 1', 'watch', ['pace']]),
    ...limits('cf-09', 'Forced or held breath costs energy and makes giddy.', 'common practice', ['breathRetention', '= 0', 'modify'], ['breathRate', '5..15', 'modify']),
    ...limits('cf-10', 'So much stimulus can set off a crash.', 'common practice', ['impact', '= 0', 'avoid', ['paced']], ['headJolt', '= 0', 'avoid', ['paced']], ['heat', '<= 25', 'avoid', ['paced']]),
    ...limits('cf-11', 'Arms held up cost much energy.', 'common practice', ['hold', '<= 10', 'modify', ['pace-giddy'], 'shoulderElevation > 90', 'elbowAboveHeart > 8', ARMS_HELD]),
    ...limits('cf-12', 'After a crash there is only lying rest.', 'common practice', ['facing', ['supine', 'left side', 'right side'], 'avoid', ['crash']]),
  ], // prettier-ignore
  favour: ['rest', 'calm', 'lengthen-exhale', 'breath-awareness'],
  stopInClass: 'Pulse over the limit, heavy limbs, foggy, sound or light hurts: end there, rest.',
});
