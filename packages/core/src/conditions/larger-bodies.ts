import { condition } from './condition.js';
import { limits, noInversion, pick } from './limits.js';
import { found, GENERAL_RED_FLAGS, note, open, today } from './screening.js';

/** Kilos where nobody told: rows that count kilos use these. */
const UNKNOWN_KG = 100;
const share = (most: number, kilos: number) => (answers: Readonly<Record<string, unknown>>) =>
  Math.min(most, kilos / (typeof answers['weightKg'] === 'number' ? answers['weightKg'] : UNKNOWN_KG));

/** Weight-neutral: applies by choice, or where reach or load is a question. From memory; to be reviewed by a licensed clinician. */
export const largerBodies = condition({
  id: 'larger-bodies',
  name: 'Larger body',
  words: ['larger body', 'big body', 'plus size', 'obesity', 'overweight', 'curvy', 'sleep apnoea', 'sleep apnea'],
  parameters: {
    heightCm: { kind: 'number', unit: 'cm', ofBody: 'stature', from: 120, to: 220, ask: 'Height', default: 165 },
    weightKg: { kind: 'number', unit: 'kg', ofBody: 'mass', from: 30, to: 300, ask: 'Weight' },
    waistCm: { kind: 'number', unit: 'cm', ofBody: 'waist', from: 50, to: 200, ask: 'Waist, if wanted' },
    thighCm: { kind: 'number', unit: 'cm', ofBody: 'thigh', from: 30, to: 110, ask: 'Thigh, if wanted' },
    floorRise: { kind: 'choice', options: ['alone', 'chair', 'help', 'no'], ask: 'Gets up from the floor', default: 'chair' },
    sleepApnoea: { kind: 'yesno', ask: 'Sleep apnoea?', default: false },
    reflux: { kind: 'yesno', ask: 'Reflux when lying flat?', default: false },
    propLimitKg: { kind: 'number', unit: 'kg', from: 1, to: 600, ask: 'What chairs and benches here are rated for' },
  },
  body: { mass: UNKNOWN_KG },
  stages: { floorHard: 'The floor is hard to leave', flat: 'Sleep apnoea or reflux' },
  stagesOf: ({ floorRise = 'chair', sleepApnoea, reflux }) =>
    pick(floorRise !== 'alone' && 'floorHard', (sleepApnoea === true || reflux === true) && 'flat'),
  screen: ({ weightKg, propLimitKg }) =>
    found(
      weightKg === undefined && note('weightKg', `Weight is not known: limits in kilos use ${UNKNOWN_KG} kg.`),
      propLimitKg === undefined && open('propLimitKg', 'what chairs and benches are rated for. Unrated props bear nobody.'),
      propLimitKg !== undefined && propLimitKg < 1.2 * (weightKg ?? UNKNOWN_KG) &&
        note('propLimitKg', `Chairs and benches here are rated for ${propLimitKg} kg: ${Math.ceil(1.2 * (weightKg ?? UNKNOWN_KG))} kg are needed.`),
    ),
  redFlags: [...GENERAL_RED_FLAGS, today('flat-breathless', 'Newly breathless when lying flat')],
  schools: {
    'larger-shape': {
      name: 'The pose or the body',
      positions: { body: 'Shape the pose for this body', force: 'The same pose, more force' },
      default: 'body',
      because: 'A pose that makes room keeps its purpose; force does not.',
    },
  },
  limits: [
    ...limits('lar-01', 'The belly stops the fold and the back rounds: make space with wide legs.', 'common practice', ['bellyClosure', '<= 0.95', 'modify', undefined, 'hipFlexion > 60', { reading: 'A fold that the belly stops, as this body’s own girth tells; lying on the belly closes no fold.' }]),
    ...noInversion('lar-02', 'Body weight on the neck is more than it can carry.', 'common practice', 'avoid'),
    ...limits('lar-03', 'A wrist bears kilos: the same share of the body weighs more here.', 'common practice', ['handLoad', '<= 0.4', 'modify', undefined, 'hold > 10', { of: share(0.5, 46), reading: 'At most half of the weight, and at most 46 kg; in movement a wrist is relieved with every breath.' }]),
    ...limits('lar-04', 'A knee bears kilos: padding of 5 cm or more, and short stays.', 'common practice', ['kneeLoad', '<= 0.5', 'watch', undefined, { of: share(0.6, 50), reading: 'At most 0.6 of the weight, and at most 50 kg.' }]),
    ...limits('lar-05', 'The pressure in the knee grows with the weight and the depth of the bend.', 'common practice', ['kneeFlexionLoaded', '<= 110', 'modify']),
    ...limits('lar-06', 'With the head low, the weight of the belly cramps the breath and brings pressure in the face and reflux.', 'common practice', ['headBelowHeart', '<= 25', 'modify'], ['headBelowHeart', '<= 15', 'modify', undefined, 'hold > 25'], ['hold', '<= 30', 'modify', undefined, 'headBelowHeart > 5']),
    ...limits('lar-07', 'Lying flat hinders the breath and lets acid rise.', 'common practice', ['supineRun', '<= 5', 'modify', ['flat']]),
    ...limits('lar-08', 'A wider stance is steadier here.', 'common practice', ['balanceMargin', '>= 3', 'modify', undefined, 'standing', 'support < 1']),
    ...limits('lar-09', 'Getting up from the floor is hard, so floor poses are grouped.', 'common practice', ['floorTrips', '<= 2', 'modify', ['floorHard']]),
    ...limits('lar-10', 'Getting up takes time; a chair beside the mat helps.', 'common practice', ['transitionTime', '>= 8', 'watch', undefined, 'levelChange >= 50']),
    ...limits('lar-11', 'The pace is set by being able to talk, not by the others.', 'ACSM*', ['effort', '<= 4', 'watch']),
    ...limits('lar-12', 'Straining on a held breath raises the pressure.', 'common practice', ['breathRetention', '<= 5', 'watch']),
    ...limits('lar-13', 'Jumps jar joints and discs with the whole weight.', 'common practice', ['impact', '<= 1', 'avoid']),
    ...limits('lar-14', 'A larger body loses heat more slowly.', 'common practice', ['heat', '<= 27', 'modify']),
  ], // prettier-ignore
  favour: ['strengthen-legs', 'balance', 'breath-awareness', 'posture-awareness'],
  stopInClass: 'Breathless, knee pain, tingling hands, a prop that cracks.',
});
