import { condition } from './condition.js';
import { limits, pick } from './limits.js';
import { clearanceAlone, emergency, found, note, open, today } from './screening.js';

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const autismAdhd = condition({
  id: 'autism-adhd',
  name: 'Autism or attention disorder',
  words: ['autism', 'autistic', 'autisim', 'ASD', 'autism spectrum', 'Asperger’s', 'aspergers', 'neurodivergent', 'neurodiverse', 'ADHD', 'ADD', 'attention deficit', 'attention disorder', 'hyperactive', 'sensory processing', 'sensory overload', 'AuDHD'],
  parameters: {
    kind: { kind: 'choice', options: ['autism', 'adhd', 'both'], ask: 'Which one was diagnosed?', default: 'both' },
    age: { kind: 'number', unit: 'years', ofBody: 'age', from: 3, to: 110, ask: 'Age' },
    triggers: { kind: 'set', options: ['noise', 'music', 'light', 'smell', 'touch', 'closeness', 'surprise', 'eyesClosed', 'stillness', 'upsideDown'], ask: 'What is hard to bear?' },
    calmers: { kind: 'set', options: ['weight', 'wall', 'rocking', 'walking', 'headphones', 'fidget', 'upsideDown'], ask: 'What calms?' },
    touchConsent: { kind: 'yesno', holdsDays: 0, ask: 'Touch wanted today?', default: false },
    signals: { kind: 'choice', options: ['clear', 'weak'], ask: 'Hunger, pain and heat are felt', default: 'weak' },
    overload: { kind: 'number', holdsDays: 0, unit: '0-10', from: 0, to: 10, ask: 'Is it too much right now?', default: 3 },
    speech: { kind: 'choice', options: ['speaks', 'few', 'device'], ask: 'Speech', default: 'speaks' },
    supporter: { kind: 'yesno', ask: 'A supporter beside the person?', onlyIf: { speech: ['few'] } },
    runs: { kind: 'yesno', ask: 'Leaves the room suddenly?' },
    stimulant: { kind: 'yesno', ask: 'A stimulant medicine?' },
    bendy: { kind: 'yesno', ask: 'Very mobile joints?' },
    epilepsy: { kind: 'yesno', ask: 'Epilepsy?' },
    clumsy: { kind: 'yesno', ask: 'Clumsy?', default: false },
  },
  stages: { sens: 'Noise, music, light or smell is hard to bear', over: 'Overloaded now', restless: 'Stillness is hard', still: 'Stillness is what is hardest', eyes: 'Closing the eyes is hard', upside: 'Upside down is hard to bear', weak: 'Signals are felt late', stim: 'On a stimulant', clumsy: 'Clumsy', tact: 'Touch is hard to bear', noTouch: 'No touch wanted' },
  stagesOf: ({ kind = 'both', triggers = ['touch', 'noise', 'surprise'], touchConsent, signals = 'weak', overload = 3, stimulant, clumsy }) =>
    pick(
      triggers.some((one) => one === 'noise' || one === 'music' || one === 'light' || one === 'smell') && 'sens',
      overload >= 7 && 'over',
      (kind !== 'autism' || triggers.includes('stillness')) && 'restless',
      triggers.includes('stillness') && 'still',
      triggers.includes('eyesClosed') && 'eyes',
      triggers.includes('upsideDown') && 'upside',
      signals === 'weak' && 'weak',
      stimulant === true && 'stim',
      clumsy === true && 'clumsy',
      triggers.includes('touch') && 'tact',
      touchConsent !== true && 'noTouch',
    ),
  screen: ({ age, speech, supporter, runs, stimulant, bendy, epilepsy, triggers }) =>
    found(
      speech === 'few' && supporter !== true && clearanceAlone('supporter', 'Few words: a supporter beside the person first.'),
      age !== undefined && age < 18 && runs === undefined && clearanceAlone('runs', 'Whether the child leaves the room suddenly must be known first.'),
      age !== undefined && age < 18 && runs === true && clearanceAlone('runs', 'A child who runs: a second adult first.'),
      triggers === undefined && open('triggers', 'what is hard to bear?'),
      stimulant === true && note('stimulant', 'A stimulant: mind pulse and heat.'),
      bendy === true && note('bendy', 'Answer "Hypermobility" as well.'),
      epilepsy === true && note('epilepsy', 'Answer "Epilepsy" as well.'),
      note('kind', 'The plan and a picture of the room beforehand; at most two things at a time, said literally; warn before change, say when it ends.'),
    ),
  redFlags: [
    emergency('heart', 'Chest pain or a faint on a stimulant'),
    today('harm', 'Self-injury that is new or worse, not eating, thoughts of suicide (with a plan: emergency)'),
  ],
  schools: {
    'neuro-stillness': { name: 'Stillness', positions: { choice: 'Movement first, stillness by choice', train: 'Train it' }, default: 'choice', because: 'Stillness may be the hardest pose.' },
  },
  limits: [
    ...limits('nd-01', 'Unexpected touch can be pain; it is asked for each time, and was not wanted.', 'CG142*', ['touch', '= 0', 'avoid', ['noTouch']]),
    ...limits('nd-02', 'Noise, glare and scent flood the senses.', ['CG142*', 'CG170*'], ['sensoryLoad', '<= 1', 'modify', ['sens']], ['sensoryLoad', '= 0', 'modify', ['over']]),
    ...limits('nd-04', 'Closing the eyes is always a choice.', 'common practice', ['eyesClosed', '= 0', 'watch'], ['eyesClosed', '= 0', 'modify', ['eyes', 'over']]),
    ...limits('nd-05', 'Stillness may be the hardest pose; moving is allowed.', 'common practice', ['supineRun', '<= 5', 'watch', ['restless']], ['supineRun', '<= 2', 'modify', ['still', 'over']]),
    ...limits('nd-06', 'Repeating and counting is easier than holding still.', 'common practice', ['hold', '<= 45', 'watch', ['restless'], 'effort = 2'], ['hold', '<= 20', 'modify', ['over'], 'effort = 2']),
    ...limits('nd-07', 'Upside down is hard to bear for this person.', 'common practice', ['headBelowHeart', '<= 15', 'modify', ['upside'], { reading: 'The head of a cat-cow hangs 14 for a breath.' }]),
    ...limits('nd-08', 'The end of the range may not be felt.', 'common practice', ['jointRangeUsed', '<= 1', 'watch', ['weak'], 'effort >= 3']),
    ...limits('nd-09', 'Thirst and heat are noticed late.', 'common practice', ['heat', '<= 27', 'watch', ['weak']], ['heat', '<= 27', 'modify', ['stim']]),
    ...limits('nd-10', 'A sudden move at a height ends in a fall.', 'common practice', ['fallHeight', '<= 30', 'watch', ['restless']], ['fallHeight', '<= 30', 'modify', ['clumsy']]),
    ...limits('nd-11', 'Balance takes longer to learn; a soft floor and a wall help.', 'common practice', ['balanceMargin', '>= 3', 'watch', ['clumsy'], 'standing']),
    ...limits('nd-12', 'Air hunger may go unnoticed, or frighten.', 'common practice', ['breathRetention', '<= 10', 'watch', ['weak', 'restless']], ['breathRetention', '<= 10', 'modify', ['over']], ['breathRate', '<= 20', 'modify', ['over']]),
    ...limits('nd-13', 'Changes go better when they are announced first.', 'common practice', ['transitionTime', '>= 5', 'watch', undefined, 'levelChange >= 50']),
    ...limits('nd-14', 'Some love pressure, and some can’t bear it.', 'common practice', ['limbStrap', '= 0', 'watch', ['tact']]),
    ...limits('nd-15', 'Short and finished is better than long.', 'common practice', ['sessionMinutes', '<= 60', 'watch', ['restless']], ['sessionMinutes', '<= 20', 'modify', ['over']]),
    ...limits('nd-16', 'The medicine already raises the pulse.', 'NG87*', ['effort', '<= 4', 'watch', ['stim']]),
  ], // prettier-ignore
  favour: ['coordination', 'balance', 'play', 'strengthen-arms', 'energise', 'calm', 'focus'],
  stopInClass: 'Hands over the ears, freezing, bolting, a meltdown: fewer words, less light, space, no touch, no audience; it is not bad behaviour.',
});
