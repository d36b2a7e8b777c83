import { condition } from './condition.js';
import { limits, pick } from './limits.js';
import { callNow, clearanceAlone, emergency, found, note, open, refer, today } from './screening.js';

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const bloodThinners = condition({
  id: 'blood-thinners',
  name: 'Blood thinner or bleeding illness',
  words: ['blood thinner', 'blood thinners', 'bloodthinners', 'anticoagulant', 'anticoagulation', 'warfarin', 'warfarine', 'apixaban', 'rivaroxaban', 'dabigatran', 'edoxaban', 'DOAC', 'NOAC', 'heparin', 'heparine', 'clopidogrel', 'aspirin', 'bruise easily', 'bleeding disorder', 'haemophilia'],
  parameters: {
    kind: { kind: 'choice', options: ['none', 'aspirin', 'dual', 'warfarin', 'doac', 'heparin', 'bleedingIllness', 'unknown'], ask: 'Which one?', default: 'unknown' },
    inr: { kind: 'number', holdsDays: 42, unit: 'INR', from: 0.8, to: 15, ask: 'Last reading of the clotting', onlyIf: { kind: ['warfarin'] } },
    bleed: { kind: 'choice', options: ['none', 'small', 'serious'], ask: 'Bleeding?', default: 'none' },
    weeksSinceBleed: { kind: 'number', unit: 'week', goesOn: true, from: 0, to: 520, ask: 'Weeks since the serious bleed', default: 0, onlyIf: { bleed: ['serious'] } },
    falls12m: { kind: 'number', unit: 'falls', from: 0, to: 50, ask: 'Falls in the last 12 months' },
    age: { kind: 'number', unit: 'years', ofBody: 'age', from: 3, to: 110, ask: 'Age' },
    headBlow: { kind: 'yesno', holdsDays: 0, ask: 'A blow to the head in the last 24 hours?' },
    cleared: { kind: 'yesno', ask: 'Cleared in writing for this class?' },
  },
  stages: { one: 'None, or one aspirin', full: 'Full blood thinner', high: 'Bleeds easily now', faller: 'Has fallen' },
  stagesOf: ({ kind = 'unknown', inr, bleed, weeksSinceBleed = 0, falls12m, age }) => {
    if (kind === 'none' || kind === 'aspirin') return ['one'];
    const high = (inr ?? 0) > 4.5 || (bleed === 'serious' && weeksSinceBleed < 12);
    return pick(high ? 'high' : 'full', (falls12m ?? ((age ?? 0) >= 65 ? 1 : 0)) >= 1 && 'faller');
  },
  screen: ({ kind = 'unknown', inr, bleed, weeksSinceBleed = 0, headBlow, cleared }) => {
    if (kind === 'none' || kind === 'aspirin') return [];
    return found(
      headBlow === true && callNow('headBlow', 'A blow to the head on a blood thinner: to hospital now, also when well.'),
      (inr ?? 0) > 4.5 && refer('inr', 'So high a reading: no practice, medical contact today.'),
      cleared !== true && bleed === 'serious' && weeksSinceBleed < 12 && clearanceAlone('bleed', 'A serious bleed in the last 12 weeks: written clearance first.'),
      cleared !== true && kind === 'bleedingIllness' && clearanceAlone('kind', 'A bleeding illness: written clearance first.'),
      kind === 'unknown' && open('kind', 'which blood thinner?'),
      kind === 'warfarin' && inr === undefined && note('inr', 'The last reading of the clotting is not known.'),
      headBlow === undefined && open('headBlow', 'a blow to the head?'),
      note('kind', 'Never tell anyone to skip a dose.'),
    );
  },
  redFlags: [
    emergency('head', 'A blow to the head, bleeding that doesn’t stop in 15 minutes of pressing, black or bloody stool with giddiness, a sudden severe headache'),
    today('bleed', 'Blood in the urine, a large bruise that grows, a swollen painful joint'),
  ],
  schools: {
    'thinner-inversions': { name: 'Inversions', positions: { low: 'Those without a height to fall from', none: 'None' }, default: 'low', because: 'The fall is the danger, not the head that is low.' },
  },
  limits: [
    ...limits('bt-01', 'A fall from a height bleeds inside.', 'common practice', ['fallHeight', '<= 5', 'avoid', ['full', 'high']]),
    ...limits('bt-02', 'No weight goes on the head: in a fall it is hit, and on a blood thinner it bleeds inside.', 'NG232*', ['headLoad', '<= 0.1', 'avoid', ['full', 'high'], { reading: 'The head’s own weight may rest.' }]),
    ...limits('bt-03', 'Weight on the neck bruises on a blood thinner.', 'common practice', ['neckLoad', '<= 0.05', 'watch', ['full']], ['neckLoad', '= 0', 'avoid', ['high']]),
    ...limits('bt-04', 'On a blood thinner balance is trained, with the wall in reach.', ['MANSON*', 'WFG22*'], ['support', '>= 1', 'watch', ['full', 'high'], 'feetDown = 1'], ['support', '>= 1', 'modify', ['faller'], 'feetDown = 1']),
    ...limits('bt-05', 'On a blood thinner balance is trained from a wider stance.', 'WFG22*', ['balanceMargin', '>= 4', 'watch', ['faller'], 'standing', 'support < 1'], ['balanceMargin', '>= 4', 'modify', ['high'], 'standing', 'support < 1']),
    ...limits('bt-06', 'Jumps and knocks bruise on a blood thinner.', 'common practice', ['impact', '<= 1', 'modify', ['full']], ['impact', '= 0', 'avoid', ['high']]),
    ...limits('bt-07', { touch: 'Deep pressing bruises on a blood thinner.', limbStrap: 'A tight band bruises on a blood thinner.' }, 'common practice', ['touch', '= 0', 'watch', ['full']], ['limbStrap', '= 0', 'watch', ['full']], ['touch', '= 0', 'modify', ['high']], ['limbStrap', '= 0', 'modify', ['high']]),
    ...limits('bt-08', 'What bears weight bruises easily; it is padded.', 'common practice', ['kneeLoad', '<= 0.6', 'watch', ['full', 'high']], ['forearmLoad', '<= 0.4', 'watch', ['full', 'high']], ['chinLoad', '<= 0.1', 'watch', ['full', 'high']]),
    ...limits('bt-09', 'Hurry on the way up ends in falls.', 'common practice', ['transitionTime', '>= 5', 'watch', ['full', 'high'], 'levelChange >= 50']),
    ...limits('bt-10', { effort: 'While bleeding is likely, there is no straining.', breathRetention: 'While bleeding is likely, the breath isn’t held.' }, 'common practice', ['effort', '<= 2', 'avoid', ['high']], ['breathRetention', '= 0', 'avoid', ['high']]),
  ], // prettier-ignore
  favour: ['balance', 'strengthen-legs'],
  stopInClass: 'Any blow, a nosebleed over 10 minutes, a bruise that grows, sudden headache, giddy.',
});
