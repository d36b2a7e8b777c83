import { condition } from './condition.js';
import { LYING_HAND, limits, pick } from './limits.js';
import { clearance, emergency, found, note, refer, today } from './screening.js';

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const cardiacDevice = condition({
  id: 'cardiac-device',
  name: 'Pacemaker or defibrillator',
  words: ['pacemaker', 'ICD', 'defibrillator', 'CRT', 'LVAD', 'heart device', 'implant in the chest'],
  parameters: {
    kind: { kind: 'choice', options: ['pacemaker', 'icd', 'crt', 'lvad'], ask: 'Which device?', default: 'icd' },
    weeksSince: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 1040, ask: 'Weeks since the implant or a change of leads', default: 0 },
    side: { kind: 'choice', options: ['left', 'right'], ask: 'On which side?' },
    icdRate: { kind: 'number', unit: 'beats/min', from: 120, to: 220, ask: 'Rate at which it shocks', default: 140, onlyIf: { kind: ['icd', 'crt'] } },
    shock: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 1040, ask: 'Weeks since the last shock, if ever', onlyIf: { kind: ['icd', 'crt'] } },
    rhythm: { kind: 'choice', options: ['sinus', 'af', 'afPermanent', 'paced', 'unknown'], ask: 'Which heart rhythm?' },
    bloodThinner: { kind: 'choice', options: ['none', 'aspirin', 'dual', 'warfarin', 'doac', 'heparin', 'unknown'], ask: 'A blood thinner?', onlyIf: { rhythm: ['af', 'afPermanent', 'unknown'] } },
    restingPulse: { kind: 'number', holdsDays: 0, unit: 'beats/min', from: 25, to: 220, ask: 'Resting pulse, counted for a full minute', onlyIf: { rhythm: ['af', 'afPermanent'] } },
    afRateMax: { kind: 'number', unit: 'beats/min', from: 60, to: 220, ask: 'Highest pulse seen in class or in a test', onlyIf: { rhythm: ['af', 'afPermanent'] } },
    alerts: { kind: 'yesno', holdsDays: 0, ask: 'A beep or message of the device since the last class?' },
    cleared: { kind: 'yesno', ask: 'Cleared in writing for this class?' },
  },
  stages: { new: 'First 6 weeks', old: 'From 6 weeks', shocks: 'May shock', tender: 'New, or may shock', afd: 'Atrial fibrillation', afIcd: 'Atrial fibrillation, and may shock', thin: 'Atrial fibrillation on a full blood thinner', lead: 'Paced beats must not be lost', afLead: 'Atrial fibrillation that may shock, or paced beats' },
  gathering: ['tender', 'afIcd', 'afLead'],
  stagesOf: ({ kind = 'icd', weeksSince = 0, rhythm, bloodThinner = 'unknown' }) => {
    const flutters = rhythm === 'af' || rhythm === 'afPermanent';
    const shocks = kind === 'icd' || kind === 'crt';
    return pick(weeksSince < 6 ? 'new' : 'old', shocks && 'shocks', (weeksSince < 6 || kind === 'icd') && 'tender', flutters && 'afd', flutters && shocks && 'afIcd', flutters && bloodThinner !== 'none' && bloodThinner !== 'aspirin' && 'thin', kind === 'crt' && 'lead', ((flutters && shocks) || kind === 'crt') && 'afLead');
  },
  screen: ({ kind = 'icd', weeksSince, shock, cleared, side, rhythm, restingPulse, afRateMax, icdRate = 140, alerts }) =>
    found(
      alerts === true && refer('alerts', 'The device beeped or sent a message: no practice, medical contact today.'),
      alerts === undefined && note('alerts', 'Ask whether the device beeped or sent a message.'),
      restingPulse !== undefined && restingPulse > 110 && refer('restingPulse', 'A resting pulse above 110: no practice, medical contact today.'),
      cleared !== true && (rhythm === 'af' || rhythm === 'afPermanent') && kind !== 'pacemaker' && afRateMax !== undefined && afRateMax > icdRate - 20 && clearance('afRateMax', 'The pulse comes within 20 beats of the rate at which it shocks: written clearance first.'),
      (rhythm === 'af' || rhythm === 'afPermanent') && note('rhythm', 'Answer "Atrial fibrillation" as well; count the pulse for a full minute.'),
      kind === 'lvad' && refer('kind', 'A heart pump: no class outside specialist care.'),
      shock !== undefined && shock < 1 && refer('shock', 'A shock in the last week: no practice, medical contact today.'),
      cleared !== true && (weeksSince ?? 0) < 6 && clearance('weeksSince', 'In the first 6 weeks: written clearance first.'),
      cleared !== true && kind !== 'pacemaker' && clearance('cleared', 'With this device: written clearance first.'),
      cleared !== true && shock !== undefined && shock < 12 && clearance('shock', 'A shock in the last 12 weeks: written clearance first.'),
      side === undefined && note('side', 'The side is not known: both shoulders are spared.'),
      note('kind', 'No magnets within 15 cm of the device: eye pillows, mat straps, a phone on the chest.'),
    ),
  redFlags: [
    today('shock', 'Any shock, a faint, the device beeps, hiccups or twitching, a red or open pocket'),
    emergency('shocks', 'Two shocks, or one with symptoms'),
  ],
  schools: {
    'device-arm': {
      name: 'The arm after the implant',
      positions: { six: 'Below 90 degrees for 6 weeks, but moving', early: 'Early movement' },
      default: 'six',
      because: 'Leads must grow in; a shoulder that rests stiffens, so below 90 degrees it moves.',
    },
  },
  limits: [
    ...limits('dev-01', 'The leads of the device must grow in before the arm goes high or back.', 'common practice', ['shoulderElevation', '<= 90', 'avoid', ['new']], ['shoulderExtension', '<= 20', 'avoid', ['new']]),
    ...limits('dev-02', 'Weight on the arm pulls on the pocket of the device.', 'common practice', ['handLoad', '<= 0.1', 'avoid', ['new'], LYING_HAND], ['handLoad', '<= 0.5', 'watch', ['old']]),
    ...limits('dev-03', 'Lying on the front presses the pocket of the device; padding helps.', 'common practice', ['bellyClosure', '<= 0.6', 'avoid', ['new'], 'facing prone'], ['bellyClosure', '<= 0.6', 'watch', ['old'], 'facing prone']),
    ...limits('dev-04', { fallHeight: 'A shock or a faint could come in the middle of the pose.', headLoad: 'A shock or a faint could come upside down.', neckLoad: 'A shock or a faint could come upside down.' }, 'common practice', ['fallHeight', '= 0', 'avoid', ['shocks']], ['headLoad', '<= 0.1', 'avoid', ['shocks']], ['neckLoad', '<= 0.05', 'avoid', ['shocks']]),
    ...limits('dev-05', 'The heart disease behind the device sets how low the head may go.', 'common practice', ['headBelowHeart', '<= 25', 'modify'], ['pelvisAboveHeart', '<= 30', 'modify'], ['neckLoad', '<= 0.05', 'modify', undefined, { reading: 'A shoulder stand, whose eyes are no lower than the heart, is an inversion too.' }]),
    ...limits('dev-06', 'The heart rate stays 15 beats below the rate at which the device shocks.', 'AACVPR*', ['hold', '<= 30', 'watch', ['shocks'], 'effort >= 3', { reading: '10 to 20 beats (from memory).' }]),
    ...limits('dev-07', 'The wound and the leads settle first.', 'common practice', ['effort', '<= 2', 'avoid', ['new']], ['effort', '<= 4', 'watch', ['old']]),
    ...limits('dev-08', { breathRetention: 'Straining on a held breath upsets the rhythm.', breathRate: 'Over-breathing drives the pulse up and upsets the rhythm.', impact: 'Jolts pull on the leads.' }, 'common practice', ['breathRetention', '= 0', 'avoid', ['tender']], ['breathRate', '<= 20', 'avoid', ['shocks']], ['impact', '= 0', 'avoid', ['tender']]),
    ...limits('dev-09', 'Jerks pull on the leads.', 'common practice', ['headJolt', '= 0', 'watch']),
    ...limits('dev-10', 'A fast flutter can reach the rate at which the device shocks; work stays 20 beats below.', ['ESCSPORT*', 'AF23*'], ['effort', '<= 3', 'modify', ['afIcd']], ['met', '<= 4', 'modify', ['afIcd']]),
    ...limits('dev-11', 'A long strain raises the rate.', 'common practice', ['hold', '<= 20', 'watch', ['afd'], 'effort >= 3']),
    ...limits('dev-12', 'Straining and over-breathing upset the rhythm.', 'common practice', ['breathRetention', '= 0', 'avoid', ['afIcd']], ['breathRate', '<= 20', 'avoid', ['afIcd']], ['breathRetention', '= 0', 'modify', ['afd']], ['breathRate', '<= 20', 'modify', ['afd']]),
    ...limits('dev-13', 'On a blood thinner, a fall bleeds.', 'NG232*', ['fallHeight', '<= 5', 'avoid', ['thin']], ['headLoad', '<= 0.1', 'avoid', ['thin']]),
    ...limits('dev-14', 'Most upsets of the rhythm come right after effort; the end is slow.', 'ACSM*', ['coolMinutes', '>= 10', 'modify', ['afLead']]),
    ...limits('dev-15', 'Warmth and dryness make the rate climb.', 'common practice', ['heat', '<= 27', 'modify', ['afd']]),
    ...limits('dev-16', 'Pills that slow the pulse, or fixed pacing, make people giddy on rising.', 'common practice', ['transitionTime', '>= 8', 'modify', ['afd'], 'levelChange >= 50']),
    ...limits('dev-17', 'Jolts look like heartbeats to some sensors.', 'common practice', ['impact', '<= 1', 'modify', ['afLead']]),
  ], // prettier-ignore
  favour: ['mobilise-shoulders', 'calm', 'breath-awareness'],
  stopInClass: 'A shock, a faint, a flutter.',
});
