import { condition } from './condition.js';
import { limits, noInversion, pick } from './limits.js';
import { callNow, clearance, clearanceAlone, emergency, found, note, open, refer, today } from './screening.js';

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const dementia = condition({
  id: 'dementia',
  name: 'Dementia or memory loss',
  words: ['confused', 'dementia', 'demensia', 'dimentia', 'Alzheimer’s', "Alzheimer's", 'alzheimers', 'altzheimer', 'memory loss', 'memory problems', 'forgetful', 'MCI', 'mild cognitive impairment', 'vascular dementia', 'Lewy body', 'frontotemporal', 'cognitive decline'],
  parameters: {
    level: { kind: 'choice', options: ['mci', 'mild', 'moderate', 'severe'], ask: 'How far has it gone?', default: 'moderate' },
    type: { kind: 'choice', options: ['alzheimer', 'vascular', 'lewy', 'frontotemporal', 'parkinson', 'mixed', 'unknown'], ask: 'Which kind?', default: 'unknown' },
    assent: { kind: 'yesno', holdsDays: 0, ask: 'Does the person want to take part today?' },
    consentOnFile: { kind: 'yesno', ask: 'Consent on file, own or by a legal representative?' },
    companion: { kind: 'yesno', ask: 'A companion beside the person?', default: false },
    falls: { kind: 'number', unit: 'falls', from: 0, to: 50, ask: 'Falls in the last 12 months', default: 1 },
    tug: { kind: 'number', unit: 's', from: 3, to: 120, ask: 'Stand up, walk 3 m, turn, sit down', clock: 'up' },
    dropSystolic: { kind: 'number', unit: 'mmHg', from: 0, to: 100, ask: 'Fall of the upper pressure on standing' },
    newChange: { kind: 'yesno', holdsDays: 0, ask: 'Suddenly different in hours or days? (ask the companion)' },
    drowsy: { kind: 'yesno', holdsDays: 0, ask: 'Drowsy, feverish or hard to rouse?', default: false },
    distress: { kind: 'choice', holdsDays: 0, options: ['none', 'restless', 'fearful', 'angry'], ask: 'Distress now?', default: 'none' },
    swallow: { kind: 'yesno', ask: 'Trouble swallowing?' },
    hearing: { kind: 'choice', options: ['ok', 'poor'], ask: 'Hearing' },
    sight: { kind: 'choice', options: ['ok', 'poor'], ask: 'Sight' },
    moca: { kind: 'number', unit: 'points', from: 0, to: 30, ask: 'Test of memory, if known (it suggests, it never diagnoses)' },
  },
  stages: { mci: 'Mild cognitive impairment', mild: 'Mild', mod: 'Moderate', sev: 'Severe', fall: 'Has fallen, or slow on the feet', drop: 'Pressure falls on standing', choke: 'Trouble swallowing', ill: 'Mild dementia or worse' },
  gathering: ['ill'],
  stagesOf: ({ level = 'moderate', type, falls = 1, tug = 12, dropSystolic, swallow }) =>
    pick(
      level === 'moderate' ? 'mod' : level === 'severe' ? 'sev' : level,
      (falls >= 1 || tug >= 12) && 'fall',
      (dropSystolic ?? (type === 'lewy' || type === 'parkinson' ? 20 : 0)) >= 20 && 'drop',
      (swallow ?? level === 'severe') && 'choke',
      level !== 'mci' && 'ill',
    ),
  screen: ({ level = 'moderate', assent, consentOnFile, companion, falls = 0, newChange, drowsy }) =>
    found(
      newChange === true && drowsy === true && callNow('newChange', 'Suddenly confused and drowsy: call the emergency number.'),
      newChange === true && drowsy !== true && refer('newChange', 'A sudden change is not dementia: no practice, medical contact today.'),
      newChange === undefined && level !== 'mci' && open('newChange', 'suddenly different in hours or days?'),
      assent === false && refer('assent', 'The person does not want to: no class, no persuading.'),
      assent === undefined && clearanceAlone('assent', 'Ask whether the person wants to, today.'),
      level !== 'mci' && consentOnFile !== true && clearanceAlone('consentOnFile', 'Consent on file first, own or by a legal representative.'),
      (level === 'moderate' || level === 'severe') && companion !== true && clearanceAlone('companion', 'A companion beside the person first.'),
      level !== 'mci' && falls >= 2 && clearanceAlone('falls', 'Two falls or more: a physiotherapist first.'),
      level === 'severe' && clearance('level', 'Severe: written clearance first.'),
      level !== 'mci' && note('level', 'One thing at a time, shown as well as said; the same order each time; toilet before class.'),
    ),
  redFlags: [
    emergency('choke', 'Choking, a fall with a blow to the head, stroke signs, a seizure without a plan, drowsy'),
    today('new', 'New confusion, fever, not drinking, new pain shown by face or guarding'),
    today('harm', 'Signs of neglect or harm: tell the person responsible for safeguarding'),
  ],
  schools: {
    'dementia-join': { name: 'Correct or join', positions: { join: 'Join the person’s version unless unsafe', correct: 'Correct the pose' }, default: 'join', because: 'A correction is forgotten, the feeling of failing stays.' },
    'dementia-challenge': { name: 'Balance', positions: { train: 'Train with support', protect: 'Protect' }, default: 'train', because: 'Balance is trained with a hand near, to moderate.' },
  },
  limits: [
    ...limits('dem-02', 'Memory loss doubles falls; a hand on a chair prevents them.', 'WFG22*', ['support', '>= 1', 'modify', ['mild'], 'feetDown = 1', { reading: 'Doubled: from memory.' }], ['support', '>= 1', 'modify', ['fall'], 'feetDown = 1'], ['support', '>= 1', 'modify', ['mod'], 'standing'], ['support', '>= 2', 'avoid', ['sev'], 'standing']),
    ...limits('dem-03', 'Shifting the weight trains balance as well as one leg does, and is safer.', 'common practice', ['feetDown', '= 2', 'modify', ['mod'], 'standing'], ['feetDown', '= 2', 'avoid', ['sev'], 'standing']),
    ...limits('dem-04', 'A wide stance and a firm chair prevent falls.', 'WFG22*', ['balanceMargin', '>= 4', 'modify', ['mod'], 'standing', 'support < 1'], ['balanceMargin', '>= 6', 'avoid', ['sev'], 'standing']),
    ...limits('dem-05', 'The way up can be forgotten halfway.', 'common practice', ['floorTrips', '<= 2', 'watch', ['mild']], ['floorTrips', '<= 1', 'modify', ['mod']], ['floorTrips', '= 0', 'avoid', ['sev']]),
    ...limits('dem-06', 'Giddiness after a low head can’t be reported.', 'common practice', ['headBelowHeart', '<= 10', 'modify', ['mod']], ['headBelowHeart', '<= 5', 'avoid', ['sev']], ['headBelowHeart', '<= 5', 'avoid', ['drop']]),
    ...noInversion('dem-07', 'Coming out safely can’t be relied on.', 'common practice', 'avoid', ['mod', 'sev']),
    ...limits('dem-07-mild', 'Coming out safely can’t be relied on.', 'common practice', ['headLoad', '<= 0.1', 'modify', ['mild']], ['neckLoad', '<= 0.05', 'modify', ['mild']], ['fallHeight', '= 0', 'modify', ['mild']], ['fallHeight', '= 0', 'avoid', ['mod', 'sev']]),
    ...limits('dem-08', 'Understanding takes time, and so does the blood pressure.', ['WFG22*', 'FREEMAN*'], ['transitionTime', '>= 8', 'modify', ['ill'], 'levelChange >= 30'], ['transitionTime', '>= 15', 'avoid', ['drop'], 'levelChange >= 30']),
    ...limits('dem-09', 'Sight keeps place and balance.', 'common practice', ['eyesClosed', '= 0', 'avoid', ['ill'], 'standing'], ['eyesClosed', '= 0', 'modify', ['sev'], 'not standing']),
    ...limits('dem-10', 'Lying flat, people wake lost, or choke.', 'common practice', ['supineRun', '<= 5', 'modify', ['mod', 'sev', 'choke']]),
    ...limits('dem-11', 'A hand from behind frightens: announced from the front, and accepted.', 'common practice', ['touch', '= 0', 'modify', ['mod', 'sev']]),
    ...limits('dem-12', 'Noise and mirrors confuse; a known song is welcome.', 'NG97*', ['sensoryLoad', '<= 1', 'modify', ['ill']]),
    ...limits('dem-13', 'Attention tires first.', 'common practice', ['sessionMinutes', '<= 60', 'watch', ['mild']], ['sessionMinutes', '<= 45', 'modify', ['mod']], ['sessionMinutes', '<= 30', 'modify', ['sev']]),
    ...limits('dem-14', 'Counting the breath becomes a test, and fast breath makes giddy.', 'common practice', ['breathRetention', '= 0', 'modify', ['ill']], ['breathRate', '<= 20', 'modify', ['ill']]),
    ...limits('dem-15', 'Strong enough to keep the legs, never strained.', ['FORBES*', 'DAPA*'], ['effort', '<= 4', 'watch', ['mild']], ['effort', '<= 3', 'modify', ['mod']], ['effort', '<= 2', 'modify', ['sev']]),
    ...limits('dem-16', { impact: 'Jumping ends in falls.', headJolt: 'Jerks of the head startle.' }, 'common practice', ['impact', '<= 1', 'modify', ['mild']], ['impact', '= 0', 'modify', ['mod', 'sev']], ['headJolt', '= 0', 'modify', ['ill']]),
  ], // prettier-ignore
  favour: ['functional-transfer', 'balance', 'strengthen-legs', 'coordination', 'calm', 'play'],
  stopInClass: 'Fear, anger, wants to leave, giddy, wet, choking, a face of pain: stop asking, walk together, a chair, water if swallowing is safe.',
});
