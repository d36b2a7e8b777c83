import { condition } from './condition.js';
import { FIVE_BREATHS, limits, pick } from './limits.js';
import { clearance, clearanceAlone, emergency, found, note, open, refer, today } from './screening.js';

interface Weight {
  readonly kind?: string;
  readonly bmi?: number;
  readonly medianBmiPct?: number;
}
type Step = 'l1' | 'l2' | 'l3' | 'ok';
/** Steps of the body-mass index; below 18 years the share of the median (from memory). An unknown weight counts as the second. */
function stepOf({ bmi, medianBmiPct }: Weight): Step {
  if (bmi !== undefined) return bmi < 15 ? 'l1' : bmi < 17 ? 'l2' : bmi < 18.5 ? 'l3' : 'ok';
  if (medianBmiPct !== undefined) return medianBmiPct < 70 ? 'l1' : medianBmiPct < 80 ? 'l2' : medianBmiPct < 90 ? 'l3' : 'ok';
  return 'l2';
}
const isThin = ({ kind, bmi, medianBmiPct }: Weight) => kind === 'lifelongThin' && (bmi !== undefined ? bmi >= 17 : (medianBmiPct ?? 90) >= 80);
/** A disorder now: neither lifelong slenderness nor a recovery. */
const isIll = (answers: Weight) => !isThin(answers) && answers.kind !== 'recovered';

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const lowWeight = condition({
  id: 'low-weight',
  name: 'Low weight or eating disorder',
  words: ['eating disorder', 'eating dissorder', 'ED', 'anorexia', 'anorexia nervosa', 'anorexic', 'anorexa', 'bulimia', 'bulemia', 'binge eating', 'purging', 'orthorexia', 'ARFID', 'underweight', 'under weight', 'low weight', 'too thin', 'low BMI', 'RED-S', 'REDs', 'exercise addiction', 'compulsive exercise'],
  parameters: {
    kind: { kind: 'choice', options: ['anorexia', 'bulimia', 'binge', 'arfid', 'other', 'recovered', 'lifelongThin', 'illness', 'unknown'], ask: 'What is it? (asked in private)' },
    bmi: { kind: 'number', unit: 'kg/m²', from: 8, to: 60, ask: 'Body-mass index, from the team or by choice; never weighed in class' },
    medianBmiPct: { kind: 'number', unit: '%', from: 40, to: 200, ask: 'Below 18: share of the median index' },
    lossKgWeek: { kind: 'number', holdsDays: 14, unit: 'kg/week', from: -1, to: 5, ask: 'Weight lost a week, in the last two' },
    pulse: { kind: 'number', holdsDays: 0, unit: 'beats/min', from: 25, to: 200, ask: 'Resting pulse, awake' },
    systolic: { kind: 'number', holdsDays: 0, unit: 'mmHg', from: 50, to: 220, ask: 'Upper pressure' },
    dropSystolic: { kind: 'number', holdsDays: 0, unit: 'mmHg', from: 0, to: 100, ask: 'Fall of the upper pressure on standing' },
    temp: { kind: 'number', holdsDays: 0, unit: '°C', from: 33, to: 40, ask: 'Temperature' },
    faints: { kind: 'number', holdsDays: 28, unit: 'faints', from: 0, to: 50, ask: 'Faints in the last 4 weeks', default: 0 },
    potassium: { kind: 'number', holdsDays: 7, unit: 'mmol/L', from: 1.5, to: 6, ask: 'Potassium, if known' },
    purge: { kind: 'choice', options: ['none', 'weekly', 'daily'], ask: 'Vomiting or purging?' },
    drive: { kind: 'choice', options: ['none', 'some', 'compulsive'], ask: 'A pressing need to move, and guilt when not moving?' },
    teamWord: { kind: 'choice', options: ['yes', 'no', 'unknown'], ask: 'Does the treating team say yes to yoga?', default: 'unknown' },
    noPeriods: { kind: 'number', unit: 'months', from: 0, to: 600, ask: 'Months without periods', default: 0 },
    bone: { kind: 'choice', options: ['unknown', 'normal', 'low'], ask: 'Bones', default: 'unknown' },
    ateToday: { kind: 'yesno', holdsDays: 0, ask: 'Eaten and drunk today?' },
  },
  stages: { l1: 'Very low weight', l2: 'Low weight', l3: 'Rather low weight', ok: 'Ordinary weight with a disorder', rec: 'Recovered', thin: 'Always been thin, and well', purge: 'Vomiting or purging', drive: 'Must move', bone: 'Bones low, or not known and at risk', low: 'Low or very low weight', named: 'A disorder, now or before' },
  gathering: ['low', 'named'],
  stagesOf: (answers) => {
    const { kind, purge, drive, noPeriods = 0, bone = 'unknown' } = answers;
    if (isThin(answers)) return ['thin'];
    if (kind === 'recovered') return ['rec', 'named'];
    const step = stepOf(answers);
    const low = step === 'l1' || step === 'l2';
    return pick(
      step,
      (purge ?? (kind === 'bulimia' ? 'weekly' : 'none')) !== 'none' && 'purge',
      drive === 'compulsive' && 'drive',
      (bone === 'low' || (bone === 'unknown' && (low || noPeriods >= 6))) && 'bone',
      low && 'low',
      'named',
    );
  },
  screen: (answers) => {
    const { kind, bmi = 20, medianBmiPct = 100, lossKgWeek = 0, pulse, systolic = 110, dropSystolic = 0, temp, faints = 0, potassium = 4, teamWord, bone, ateToday } = answers;
    const ill = isIll(answers);
    const step = stepOf(answers);
    const below = step !== 'ok';
    const refused: readonly [boolean, string, string][] = [
      [bmi < 13 || medianBmiPct < 70, 'bmi', 'So low a weight'],
      [(pulse ?? 60) < 40, 'pulse', 'A resting pulse below 40'],
      [(temp ?? 36.5) < 35.5, 'temp', 'A temperature below 35.5'],
      [lossKgWeek >= 1, 'lossKgWeek', 'A kilogram or more lost each week'],
      [potassium < 3, 'potassium', 'Potassium below 3.0'],
      [dropSystolic >= 20 && systolic < 90, 'dropSystolic', 'A low pressure that falls on standing'],
      [ateToday === false, 'ateToday', 'Nothing eaten or drunk'],
    ];
    return found(
      kind === undefined && clearanceAlone('kind', 'What it is must be known first; ask alone, and never weigh.'),
      kind === 'unknown' && clearanceAlone('kind', 'Not known what it is: a word of the treating team first.'),
      teamWord === 'no' && ill && refer('teamWord', 'The treating team says no: no class, kindly.'),
      ...refused.map(([is, parameter, what]) => is && ill && refer(parameter, `${what}: no practice, medical contact today.`)),
      ill && below && (pulse === undefined || temp === undefined) && step !== 'l3' && clearanceAlone('pulse', 'Pulse, pressure and temperature must be known first.'),
      ill && step === 'l1' && teamWord !== 'yes' && clearance('bmi', 'Very low weight: written clearance first.'),
      ill && step === 'l2' && (teamWord ?? 'unknown') === 'unknown' && clearance('teamWord', 'Low weight: the word of the treating team first.'),
      ill && step === 'l3' && (teamWord ?? 'unknown') === 'unknown' && clearanceAlone('teamWord', 'Rather low weight: the word of the treating team first.'),
      ill && pulse !== undefined && pulse >= 40 && pulse < 50 && below && teamWord !== 'yes' && clearance('pulse', 'A resting pulse below 50: written clearance first.'),
      ill && faints >= 1 && clearance('faints', 'A faint in the last 4 weeks: written clearance first.'),
      ill && below && ateToday === undefined && open('ateToday', 'eaten and drunk today?'),
      bone === 'low' && note('bone', 'Answer "Osteoporosis" as well.'),
      kind === 'illness' && note('kind', 'Answer the disease itself as well.'),
      ill && note('kind', 'No mirrors, no praise of shape, no numbers, no words like burn, tone or earn; food is never advised by the teacher.'),
    );
  },
  redFlags: [
    emergency('faint', 'A faint today, chest pain, confusion, a seizure, vomiting blood; in the first two weeks of eating again breathless, swelling or confused'),
    today('weak', 'Swollen legs, cramps with flutter, can’t rise from a squat without the arms'),
    today('despair', 'Thoughts of suicide (with a plan: emergency)'),
  ],
  schools: {
    'weight-yoga': { name: 'Yoga at very low weight', positions: { breath: 'Breath and lying rest inside treatment', none: 'None' }, default: 'breath', because: 'Only with written clearance.' },
  },
  limits: [
    ...limits('lw-01', 'Movement is added step by step as the body recovers.', 'SEES*', ['effort', '<= 2', 'avoid', ['l1']], ['effort', '<= 2', 'modify', ['l2']], ['effort', '<= 3', 'modify', ['l3']], ['effort', '<= 3', 'modify', ['drive']]),
    ...limits('lw-02', 'There is no energy to spare.', 'SEES*', ['met', '<= 2.5', 'avoid', ['l1']], ['met', '<= 2.5', 'modify', ['l2']], ['met', '<= 3.5', 'modify', ['l3']]),
    ...limits('lw-03', 'More exercise is not better here.', 'SEES*', ['sessionMinutes', '<= 20', 'avoid', ['l1']], ['sessionMinutes', '<= 30', 'modify', ['l2']], ['sessionMinutes', '<= 45', 'modify', ['l3']], ['sessionMinutes', '<= 60', 'watch', ['drive']]),
    ...limits('lw-04', 'Rest is part of the practice, not a failure.', 'common practice', ['restShare', '>= 0.4', 'modify', ['l1']], ['restShare', '>= 0.3', 'modify', ['l2']], ['restShare', '>= 0.2', 'modify', ['l3', 'drive']]),
    ...limits('lw-05', 'There is little fat to keep warm and little fluid to sweat.', 'MEED*', ['heat', '20..26', 'avoid', ['low']], ['heat', '18..28', 'modify', ['l3', 'purge', 'drive']]),
    ...limits('lw-06', 'Bones thin out at low weight, in the young too; rounding loads them.', 'REDS*', ['lumbarFlexion', '<= 30', 'modify', ['bone']], ['thoracicFlexion', '<= 20', 'modify', ['bone']]),
    ...limits('lw-07', 'Bones thin out at low weight, in the young too; the end of a twist loads them.', 'common practice', ['spineRotation', '<= 30', 'modify', ['bone']]),
    ...limits('lw-08', { headLoad: 'Thin bones and fainting make weight on the head unsafe.', neckLoad: 'Thin bones make weight on the neck unsafe.', fallHeight: 'A faint or a fall breaks thin bones.' }, 'common practice', ['headLoad', '<= 0.1', 'avoid', ['low', 'bone']], ['neckLoad', '<= 0.05', 'avoid', ['low', 'bone']], ['fallHeight', '= 0', 'avoid', ['low', 'bone']]),
    ...limits('lw-09', 'With the head low, people get giddy, and a sore gullet burns.', 'common practice', ['headBelowHeart', '<= 15', 'modify', ['low']], ['headBelowHeart', '<= 25', 'watch', ['purge']]),
    ...limits('lw-10', { transitionTime: 'The pressure falls on rising.', standingRun: 'Standing still, the pressure falls.' }, 'MEED*', ['transitionTime', '>= 10', 'modify', ['low'], 'levelChange >= 50'], ['standingRun', '<= 2', 'modify', ['low']]),
    ...limits('lw-11', 'Hands on the body only if the person asks.', 'SAMHSA*', ['touch', '= 0', 'avoid', ['named']]),
    ...limits('lw-12', 'Weak and giddy people want something to hold.', 'common practice', ['support', '>= 1', 'modify', ['low'], 'feetDown = 1']),
    ...limits('lw-13', 'Bones break from small jolts.', 'REDS*', ['impact', '= 0', 'avoid', ['low', 'bone']], ['impact', '<= 1', 'modify', ['l3']]),
    ...limits('lw-14', { breathRetention: 'Low salts upset the heart; the breath isn’t held.', breathRate: 'Low salts upset the heart; no fast or cleansing breath.' }, 'MEED*', ['breathRetention', '= 0', 'avoid', ['low']], ['breathRate', '<= 20', 'avoid', ['low']], ['breathRetention', '= 0', 'modify', ['purge', 'drive']], ['breathRate', '<= 20', 'modify', ['purge', 'drive']]),
    ...limits('lw-15', { kneeLoad: 'Bones press on the floor; the knees want thick padding.', supineRun: 'Bones press on the floor; a thick mat and a blanket help.' }, 'common practice', ['kneeLoad', '<= 0.4', 'watch', ['low', 'l3']], ['supineRun', '<= 10', 'watch', ['low', 'l3']]),
    ...limits('lw-16', 'Endurance is no contest here.', 'common practice', ['hold', '<= 25', 'modify', ['l3', 'drive'], 'effort >= 3', FIVE_BREATHS]),
  ], // prettier-ignore
  favour: ['rest', 'calm', 'breath-awareness', 'posture-awareness', 'lengthen-exhale'],
  stopInClass: 'Giddy, flutter, cold and grey, can’t stop moving, tears at touch or mirror.',
});
