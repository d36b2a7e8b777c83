import type { Outcome, RedFlag, ScreeningFinding } from './condition.js';

function finding(parameter: string, text: string, outcome: Outcome): ScreeningFinding {
  return { parameter, text, outcome };
}

/** No practice today. */
export function refer(parameter: string, text: string): ScreeningFinding {
  return finding(parameter, text, 'refer');
}
/** No practice: the emergency number is to be called now. */
export function callNow(parameter: string, text: string): ScreeningFinding {
  return { ...finding(parameter, text, 'refer'), urgency: 'emergency' };
}
/** Written clearance first; until then only the restricted profile. */
export function clearance(parameter: string, text: string): ScreeningFinding {
  return { ...finding(parameter, text, 'clearance'), restricted: true };
}
/** Written clearance first, or this question answered; nothing else is held back. */
export function clearanceAlone(parameter: string, text: string): ScreeningFinding {
  return finding(parameter, text, 'clearance');
}
/** Shown, stops nothing. */
export function note(parameter: string, text: string): ScreeningFinding {
  return finding(parameter, text, 'note');
}
/** A question that stands open while its cautious answer is used. */
export function open(parameter: string, question: string): ScreeningFinding {
  return finding(parameter, `Not answered: ${question}`, 'note');
}

/** Those findings that are there. */
export function found(...list: readonly (ScreeningFinding | false | undefined)[]): ScreeningFinding[] {
  return list.filter((one): one is ScreeningFinding => one !== false && one !== undefined);
}

export function emergency(id: string, text: string): RedFlag {
  return { id, text, urgency: 'emergency' };
}
export function today(id: string, text: string): RedFlag {
  return { id, text, urgency: 'today' };
}

/** What every participant is asked (common practice, no source). */
export const GENERAL_RED_FLAGS: readonly RedFlag[] = [
  emergency('chest-pain', 'Chest pain or pressure, breathless at rest'),
  emergency('collapse', 'Fainting, a seizure without a plan, new confusion'),
  emergency('stroke-signs', 'New weakness of one side, speech trouble, worst headache ever'),
  today('fever', 'Fever of 38.0 °C or more'),
  today('calf', 'Calf swelling or pain on one side'),
];

/** Signs of serious disease of the spine: IFOMPT 2020, NICE NG59 and NG234 (from memory). */
export const SPINE_RED_FLAGS: readonly RedFlag[] = [
  emergency('saddle', 'Numbness between the legs or of the genitals, new trouble passing or holding urine or stool'),
  emergency('both-legs', 'New pain below the knee or weakness in both legs, weakness that grows, a foot that newly drops'),
  emergency('fall', 'Severe spine pain after a fall or crash'),
  emergency('tearing', 'Sudden tearing back or belly pain with faintness'),
  today('fever', 'Fever or feeling ill with the spine pain'),
  today('cancer', 'Cancer ever, with new, growing, night or band-like pain'),
  today('sudden-midline', 'Sudden midline pain with osteoporosis, steroids or over 70, even after a small strain'),
  today('unexplained', 'Weight loss without reason, or pain that no position eases'),
  today('cord', 'Clumsy hands, unsteady walk, electric shock down the spine on bending the neck'),
];
