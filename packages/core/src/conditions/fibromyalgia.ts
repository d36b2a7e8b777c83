import { condition } from './condition.js';
import { ARMS_HELD, limits, pick } from './limits.js';
import { clearanceAlone, emergency, found, note, open, SPINE_RED_FLAGS, today } from './screening.js';

/** What is taken for usual where it was never told. */
const USUAL_PAIN = 5;
const flares = (painUsual = USUAL_PAIN, painNow = painUsual) => painNow >= painUsual + 2;

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const fibromyalgia = condition({
  id: 'fibromyalgia',
  name: 'Fibromyalgia or widespread pain',
  words: ['fibromyalgia', 'fibro', 'FM', 'FMS', 'fibromialgia', 'fibrositis', 'widespread pain', 'chronic widespread pain', 'pain all over', 'tender points', 'central sensitisation', 'soft tissue rheumatism'],
  parameters: {
    painUsual: { kind: 'number', unit: '0-10', from: 0, to: 10, ask: 'Pain as usual, own average of the last month', default: USUAL_PAIN },
    painNow: { kind: 'number', holdsDays: 0, unit: '0-10', from: 0, to: 10, ask: 'Pain now, before class' },
    flare: { kind: 'yesno', holdsDays: 0, ask: 'A flare today?' },
    fatigue: { kind: 'number', holdsDays: 0, unit: '0-10', from: 0, to: 10, ask: 'Tiredness today', default: 5 },
    pem: { kind: 'choice', options: ['yes', 'no', 'unknown'], ask: 'Worse for a day or more after small efforts?', default: 'unknown' },
    giddy: { kind: 'yesno', ask: 'Giddy on standing up?', default: true },
    sensory: { kind: 'set', options: ['noise', 'light', 'smell', 'touch', 'cold'], ask: 'What is hard to bear?' },
    weeksPractising: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 520, ask: 'Weeks of regular practice', default: 0 },
    seenByDoctor: { kind: 'yesno', ask: 'Has a doctor looked at the pain?' },
    months: { kind: 'number', unit: 'months', from: 0, to: 900, ask: 'Months of pain' },
    lowMood: { kind: 'yesno', ask: 'Low mood or anxiety as well?' },
  },
  stages: { flare: 'In a flare', start: 'First 12 weeks of practice', steady: 'Steady from 12 weeks', tired: 'Very tired today', giddy: 'Giddy on standing', sens: 'Noise, light or smell is hard to bear', tender: 'Touch is hard to bear', cold: 'Cold is hard to bear' },
  stagesOf: ({ painUsual, painNow, flare, fatigue = 5, giddy = true, sensory = ['noise', 'touch'], weeksPractising = 0 }) =>
    pick(
      (flare ?? flares(painUsual, painNow)) ? 'flare' : weeksPractising < 12 ? 'start' : 'steady',
      fatigue >= 7 && 'tired',
      giddy && 'giddy',
      sensory.some((one) => one === 'noise' || one === 'light' || one === 'smell') && 'sens',
      sensory.includes('touch') && 'tender',
      sensory.includes('cold') && 'cold',
    ),
  screen: ({ painUsual = USUAL_PAIN, painNow, pem = 'unknown', seenByDoctor, months, lowMood }) =>
    found(
      seenByDoctor !== true && clearanceAlone('seenByDoctor', 'Pain all over that no doctor has looked at: let it be looked at first.'),
      months !== undefined && months < 3 && clearanceAlone('months', 'Pain for less than 3 months is no fibromyalgia yet: let it be looked at first.'),
      pem === 'yes' && note('pem', 'Worse after small efforts: answer "Chronic fatigue" as well; its limits lead.'),
      pem === 'unknown' && open('pem', 'worse for a day or more after small efforts?'),
      painNow !== undefined && painNow >= 9 && painNow >= painUsual + 3 && note('painNow', 'Far beyond the usual pain: a gentle lying class or rest; the person decides.'),
      lowMood === true && note('lowMood', 'Answer "Anxiety, depression or trauma" as well.'),
      note('painUsual', 'Usual pain is no alarm: what counts is pain now against pain as usual.'),
    ),
  redFlags: [
    ...SPINE_RED_FLAGS,
    emergency('chest', 'Chest pain, or new weakness of one side'),
    today('joint', 'One hot swollen joint, or a limb that is newly numb or weak'),
    today('temple', 'New headache with scalp pain or a change of sight over 50'),
    today('despair', 'Thoughts of suicide (with a plan: emergency)'),
  ],
  schools: {
    'fibromyalgia-pacing': {
      name: 'Pacing or grading',
      positions: { time: 'By time: flare limits, then back', rest: 'Rest in every flare', graded: 'Graded build-up' },
      default: 'time',
      because: 'Guidelines favour activity; where small efforts bring crashes, pacing leads.',
    },
  },
  limits: [
    ...limits('fm-01', 'Work starts low and grows slowly; strength and stamina are the aim.', ['EULARFM*', 'BUSCH*'], ['effort', '<= 2', 'modify', ['flare']], ['effort', '<= 3', 'modify', ['start']], ['effort', '<= 4', 'watch', ['steady']]),
    ...limits('fm-02', 'Sore muscles tire sooner: repeat rather than hold.', 'common practice', ['hold', '<= 20', 'modify', ['flare'], 'effort >= 2'], ['hold', '<= 30', 'modify', ['start'], 'effort >= 3']),
    ...limits('fm-03', 'A stretch goes to the first pull, never into pain.', 'common practice', ['jointRangeUsed', '<= 0.85', 'watch', ['flare'], 'effort >= 2', { reading: 'Resting at the end of a range is no stretch into pain; a watch, since the range is an average one.' }], ['jointRangeUsed', '<= 1', 'watch', ['start'], 'effort >= 2']),
    ...limits('fm-04', 'Raised arms tire neck and shoulders, the usual sore places.', 'common practice', ['hold', '<= 10', 'modify', ['flare'], 'shoulderElevation > 120', 'elbowAboveHeart > 18', ARMS_HELD, 'not facing supine'], ['hold', '<= 20', 'watch', ['start'], 'shoulderElevation > 120', 'elbowAboveHeart > 18', ARMS_HELD]),
    ...limits('fm-05', 'Short and often beats long and seldom.', 'EULARFM*', ['sessionMinutes', '<= 20', 'modify', ['flare']], ['sessionMinutes', '<= 45', 'watch', ['start']]),
    ...limits('fm-06', 'Rests are planned before tiredness, not after.', 'common practice', ['restShare', '>= 0.4', 'modify', ['flare']], ['restShare', '>= 0.4', 'modify', ['tired']], ['restShare', '>= 0.2', 'watch', ['start']]),
    ...limits('fm-07', 'The pace is light at first and moderate later.', 'BIDONDE*', ['met', '<= 2.5', 'modify', ['flare']], ['met', '<= 4', 'watch', ['start']]),
    ...limits('fm-08', 'Standing up makes many light-headed.', 'FREEMAN*', ['transitionTime', '>= 8', 'modify', ['giddy'], 'levelChange >= 50']),
    ...limits('fm-09', 'Standing still pools blood and stiffens.', 'FREEMAN*', ['standingRun', '<= 3', 'modify', ['giddy']], ['standingRun', '<= 3', 'modify', ['flare']]),
    ...limits('fm-10', 'The places that bear weight are tender and want padding.', 'common practice', ['kneeLoad', '<= 0.5', 'watch', ['tender', 'flare']], ['chestLoad', '<= 0.15', 'watch', ['tender', 'flare']]),
    ...limits('fm-11', 'Lying still too long stiffens; moving is allowed.', 'common practice', ['supineRun', '<= 12', 'watch', ['flare']]),
    ...limits('fm-12', 'A light press can hurt for days.', 'common practice', ['touch', '= 0', 'avoid', ['tender']], ['touch', '= 0', 'modify', ['flare', 'start', 'steady']]),
    ...limits('fm-13', 'Noise, glare and scent add to pain.', 'common practice', ['sensoryLoad', '<= 1', 'modify', ['sens', 'flare']]),
    ...limits('fm-14', { breathRetention: 'Straining on a held breath tenses sore muscles.', breathRate: 'Fast breath makes giddy.' }, 'common practice', ['breathRetention', '<= 5', 'watch', ['start', 'flare']], ['breathRate', '<= 20', 'modify', ['flare']]),
    ...limits('fm-15', 'Jolts set off soreness.', 'common practice', ['impact', '<= 1', 'modify', ['flare', 'start']]),
    ...limits('fm-16', 'Cold muscles tighten; warmth is welcome.', 'common practice', ['heat', '>= 20', 'watch', ['cold']]),
  ], // prettier-ignore
  favour: ['warm-up', 'mobilise-spine-rotation', 'strengthen-legs', 'rest', 'lengthen-exhale', 'calm'],
  stopInClass: 'Pain up by more than 2, sudden exhaustion, giddy, tears of pain: lie on the side, warm; no praise for pushing on.',
});
