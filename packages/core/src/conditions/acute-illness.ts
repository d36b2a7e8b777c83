import { condition } from './condition.js';
import { limits, pick } from './limits.js';
import { clearance, emergency, found, note, refer, today } from './screening.js';

const SYMPTOMS = [
  'runnyNose', 'soreThroat', 'cough', 'chest', 'wheeze', 'aches', 'vomiting', 'diarrhoea', 'rash', 'earPain', 'sinus', 'pinkEye', 'palpitations', 'fatigue',
] as const; // prettier-ignore
type Symptom = (typeof SYMPTOMS)[number];

interface Illness {
  readonly temp?: number | undefined;
  readonly symptoms?: readonly (Symptom | 'none')[] | undefined;
  readonly hadFever?: boolean | undefined;
  readonly feverFreeHours?: number | undefined;
}

const ONLY_TIRED = new Set<string>(['none', 'fatigue']);

function phaseOf({ temp, symptoms, hadFever = true, feverFreeHours = 0 }: Illness): 'hot' | 'head' | 'back' {
  const has = (...some: Symptom[]) => symptoms?.some((one) => (some as readonly string[]).includes(one)) ?? true;
  const better = symptoms?.every((one) => ONLY_TIRED.has(one)) ?? false;
  if ((temp ?? (better ? 36.6 : 38)) >= 37.5) return 'hot';
  if (has('aches', 'chest', 'vomiting', 'palpitations', 'wheeze', 'diarrhoea', 'rash')) return 'hot';
  if (hadFever && feverFreeHours < 24) return 'hot';
  return better ? 'back' : 'head';
}

/** From memory of the sources; to be reviewed by a licensed clinician. */
export const acuteIllness = condition({
  id: 'acute-illness',
  name: 'A cold, flu or other illness now',
  words: ['cold', 'flu', 'fever', 'covid', 'infection', 'ill', 'sick', 'glandular fever', 'mono', 'stomach bug'],
  parameters: {
    temp: { kind: 'number', holdsDays: 0, unit: '°C', from: 34, to: 42.5, ask: 'Temperature taken today' },
    symptoms: { kind: 'set', options: SYMPTOMS, ask: 'Which of these now? (say none if they are gone)' },
    daysSinceOnset: { kind: 'number', unit: 'days', goesOn: true, from: 0, to: 60, ask: 'Days since it began', default: 0 },
    daysBack: { kind: 'number', unit: 'days', goesOn: true, from: 0, to: 60, ask: 'Days since the last symptom, if they are gone', onlyIf: { symptoms: ['none', 'fatigue'] } },
    hadFever: { kind: 'yesno', ask: 'Any fever in this illness?', default: true },
    feverFreeHours: { kind: 'number', unit: 'h', from: 0, to: 720, ask: 'Hours without fever, without medicine for it', onlyIf: { hadFever: [true] } },
    kind: { kind: 'choice', options: ['cold', 'flu', 'covid', 'glandular', 'stomach', 'other'], ask: 'What is it?', default: 'other' },
    postExertional: { kind: 'yesno', ask: 'Worse a day after effort?', default: false },
    groupClass: { kind: 'yesno', ask: 'Would it be a group class?', default: true },
  },
  stages: { hot: 'Feverish or ill', head: 'Above the neck only', back: 'Coming back', 'back-first': 'Coming back, days 1 to 3', 'back-later': 'Coming back, after that', spleen: 'Glandular fever, first 4 weeks', flat: 'A cold or a cough' },
  gathering: ['back-first', 'back-later', 'flat'],
  stagesOf: (a) => {
    const phase = phaseOf(a);
    const first = (a.daysBack ?? 0) <= 3;
    return pick(
      phase,
      // No practice while feverish; a plan is still made, with the strictest rows.
      phase === 'hot' && 'head',
      phase === 'back' && (first ? 'back-first' : 'back-later'),
      a.kind === 'glandular' && (a.daysSinceOnset ?? 0) < 28 && 'spleen',
      (phase !== 'back' || (a.symptoms?.includes('cough') ?? false)) && 'flat',
    );
  },
  screen: (a) => {
    const phase = phaseOf(a);
    const has = (one: Symptom) => a.symptoms?.includes(one) ?? false;
    return found(
      phase === 'hot' && refer('temp', 'Fever, or ill below the neck: no practice, rest.'),
      phase === 'head' && { parameter: 'symptoms', text: 'Above the neck only: at home, rest and gentle breath.', outcome: 'note', restricted: true },
      phase === 'head' && a.groupClass === true && (has('cough') || has('pinkEye')) && refer('groupClass', 'Coughing or a weeping eye: no group class.'),
      a.kind === 'glandular' && (a.daysSinceOnset ?? 0) < 28 && clearance('kind', 'Glandular fever in the last 4 weeks: written clearance first (spleen).'),
      has('palpitations') && clearance('symptoms', 'Palpitations: written clearance first (heart).'),
      a.postExertional === true && clearance('postExertional', 'Worse a day after effort: no graded pushing; written clearance first.'),
      a.temp === undefined && note('temp', 'The temperature was not taken: with any symptom it counts as fever.'),
    );
  },
  redFlags: [
    emergency('meningitis', 'Stiff neck with fever, a rash that stays when pressed, breathless, chest pain, confused, no urine for 12 hours'),
    today('long', 'Fever over 3 days, palpitations or breathless in recovery, left belly pain with glandular fever, fever in pregnancy'),
  ],
  schools: {
    'illness-sweat': {
      name: 'Sweat it out or rest',
      positions: { rest: 'Rest', sweat: 'Sweat it out' },
      default: 'rest',
      because: 'Viruses can hit the heart muscle; the "neck check" is custom, not a guideline.',
    },
  },
  limits: [
    ...limits('acu-01', 'With the head low, a stuffed head throbs and the ears press.', 'common practice', ['headBelowHeart', '<= 5', 'avoid', ['head']], ['headBelowHeart', '<= 10', 'modify', ['back']]),
    ...limits('acu-02', 'After glandular fever a swollen spleen can tear.', 'common practice', ['bellyClosure', '<= 0.4', 'avoid', ['spleen']], ['spineRotation', '<= 20', 'avoid', ['spleen']]),
    ...limits('acu-03', 'Coughing is worse lying flat.', 'common practice', ['supineRun', '<= 5', 'modify', ['flat']]),
    ...limits('acu-04', { floorTrips: 'An ill body is weak and giddy on rising.', support: 'An ill body is weak and giddy; something to hold is near.' }, 'common practice', ['floorTrips', '<= 1', 'modify', ['head', 'back']], ['support', '>= 1', 'modify', ['head', 'back'], 'feetDown = 1']),
    ...limits('acu-05', 'An ill body is dry and weak; rising takes time.', 'common practice', ['transitionTime', '>= 8', 'modify', ['head', 'back'], 'levelChange >= 30']),
    ...limits('acu-06', 'A virus can hit the heart muscle; effort waits.', 'ACC22*', ['effort', '<= 1', 'avoid', ['head']], ['effort', '<= 2', 'avoid', ['back-first']], ['effort', '<= 3', 'modify', ['back-later']]),
    ...limits('acu-07', { breathRate: 'Fast breath makes an irritated airway cough.', breathRetention: 'A held breath is hard with a cough and a stuffed nose.' }, 'common practice', ['breathRate', '<= 16', 'avoid', ['head', 'back']], ['breathRetention', '= 0', 'avoid', ['head', 'back']]),
    ...limits('acu-08', 'Work comes back slowly; it stops if pulse or tiredness stay up the next day.', 'ACC22*', ['met', '<= 2', 'avoid', ['head']], ['met', '<= 3', 'modify', ['back']]),
    ...limits('acu-09', 'An illness can’t be sweated out.', 'common practice', ['heat', '<= 26', 'avoid', undefined, { school: 'illness-sweat=rest' }]),
    ...limits('acu-10', { impact: 'A sick body isn’t jolted.', headLoad: 'A sick body isn’t turned upside down.', neckLoad: 'A sick body isn’t turned upside down.' }, 'common practice', ['impact', '= 0', 'avoid'], ['headLoad', '<= 0.1', 'avoid'], ['neckLoad', '<= 0.05', 'avoid']),
    ...limits('acu-11', 'Rest is the practice while ill.', 'common practice', ['sessionMinutes', '<= 10', 'modify', ['head']], ['sessionMinutes', '<= 30', 'modify', ['back']]),
  ], // prettier-ignore
  favour: ['rest', 'calm', 'open-chest'],
  stopInClass: 'Chest pain, palpitations, giddy, shivers, wheeze.',
});
