import { answersInWords } from '../conditions/answers-in-words.js';
import { checkConditions } from '../conditions/check-answers.js';
import { findCondition } from '../conditions/all.js';
import type { ConditionAnswer, ParameterSpec } from '../conditions/condition.js';
import { counted } from '../counted.js';
import type { Problem } from '../problem.js';
import { isRecord } from '../record.js';
import { LEVELS, type TrainingClient, type TrainingLevel } from './clients.js';
import { MARKS, type TrainingMark } from './marking.js';
import type { TrainingTask } from './tasks.js';

/** A case that a supervisor wrote: an invented client without a number of its own yet. */
export type TrainingCaseText = Omit<TrainingClient, 'id'>;

/** Shares by which a number is changed. */
const CHANGES = [0.2, 0.14, 0.08, -0.08, -0.14, -0.2] as const;
/** Whole numbers up to here, points of a scale and counts, tell nobody apart. */
const TELLS_NOBODY = 10;

function stagesOf(answer: ConditionAnswer): string {
  return [...(findCondition(answer.id)?.stagesOf(answer) ?? [])].sort().join();
}

/** A number near the one that was given, as fine as that was written; `null` where each would change what stage it is. */
function changedNumber(
  answer: ConditionAnswer,
  name: string,
  { from, to }: ParameterSpec & { kind: 'number' },
  first: number,
): number | null {
  const value = answer[name] as number;
  const places = /\.(\d+)/.exec(String(value))?.[1]?.length ?? 0;
  const least = 10 ** -places;
  for (const share of [...CHANGES.slice(first), ...CHANGES.slice(0, first)]) {
    const near = Number((value + Math.sign(share) * Math.max(least, Math.abs(value * share))).toFixed(places));
    if (near >= from && near <= to && stagesOf({ ...answer, [name]: near }) === stagesOf(answer)) return near;
  }
  return Number.isInteger(value) && Math.abs(value) <= TELLS_NOBODY ? value : null;
}

/**
 * Answers with other numbers than somebody's own, in the same stages: a real structure with changed data. A number that
 * can't be changed without another stage is left out, as one that was not told. `random` gives numbers from 0 to below 1.
 */
export function changedAnswers(answer: ConditionAnswer, random: () => number): ConditionAnswer {
  const parameters = findCondition(answer.id)?.parameters ?? {};
  const changed: Record<string, ConditionAnswer[string]> = { ...answer };
  // All alike, so that an upper and a lower number still belong together.
  const first = Math.floor(random() * CHANGES.length);
  for (const name of Object.keys(answer)) {
    const spec = parameters[name];
    if (spec?.kind === 'number') {
      const near = changedNumber({ ...changed, id: answer.id }, name, spec, first);
      if (near === null) delete changed[name];
      else changed[name] = near;
    } else if (!spec && name !== 'id' && name !== 'flags') {
      // The day on which it was told is theirs alone.
      delete changed[name];
    }
  }
  return { ...changed, id: answer.id };
}

/** What a client says of themselves, from the answers: "Osteoporosis (T-score: -2.8 SD)." */
export function aboutAnswers(answers: readonly ConditionAnswer[]): string {
  return answers
    .map((answer) => {
      const told = answersInWords(answer).join('; ');
      return `${findCondition(answer.id)?.name ?? answer.id}${told === '' ? '' : ` (${told})`}.`;
    })
    .join(' ');
}

const MOST_STEPS = 20;
const MOST_TEXT = 600;

/** Why a case can't be taken, each named by its field; empty when all is well. Whether a step is one of the library's is not asked here. */
export function checkCase({ name, about, level, conditions, steps }: TrainingCaseText): Problem[] {
  const refuse = (field: string, message: string): Problem[] => [{ field, message }];
  return [
    ...(name.trim() === '' || name.length > 80 ? refuse('name', 'Write an invented name (1 to 80 characters)') : []),
    ...(about.trim() === '' || about.length > MOST_TEXT
      ? refuse('about', `Write what they say of themselves (1 to ${MOST_TEXT} characters)`)
      : []),
    ...(LEVELS.includes(level) ? [] : refuse('level', `level is ${String(level)}; expected ${LEVELS.join(', ')}`)),
    ...(conditions.length === 0
      ? refuse('conditions', 'A case needs a condition: without one there is nothing to judge')
      : checkConditions(conditions)),
    ...(steps.length === 0 || steps.length > MOST_STEPS ? refuse('steps', `Write 1 to ${MOST_STEPS} steps, a line each`) : []),
    ...steps.flatMap((text, i) => (text.trim() === '' || text.length > 200 ? refuse(`steps[${i}]`, 'A step has 1 to 200 characters') : [])),
  ];
}

/** What marks a file of cases, and one of results. */
const CASES = 'lotus-training-cases';
const RESULTS = 'lotus-training-results';
const VERSION = 1;

export function casesFile(cases: readonly TrainingClient[]): string {
  return JSON.stringify({ kind: CASES, version: VERSION, cases: cases.map(({ id: _id, ...text }) => text) }, null, 2);
}

/** How one trainee did in one task. */
export interface TrainingResult {
  readonly client: string;
  readonly step: string;
  readonly last: TrainingMark;
  readonly counts: Readonly<Partial<Record<TrainingMark, number>>>;
  readonly isSet: boolean;
}

/** What a trainee hands to whoever reviews it. */
export interface TrainingResults {
  readonly trainee: string;
  readonly results: readonly TrainingResult[];
}

interface Answered {
  readonly task: string;
  readonly last: TrainingMark;
  readonly counts: TrainingResult['counts'];
}

export function resultsFile(trainee: string, tasks: readonly TrainingTask[], progress: readonly Answered[]): string {
  const byId = new Map(tasks.map((task) => [task.id, task]));
  const results = progress.flatMap(({ task, last, counts }): TrainingResult[] => {
    const known = byId.get(task);
    return known ? [{ client: known.client.name, step: known.text, last, counts, isSet: known.isSet }] : [];
  });
  return JSON.stringify({ kind: RESULTS, version: VERSION, trainee, results }, null, 2);
}

function parsed(text: string, kind: string, what: string): Record<string, unknown> | string {
  try {
    const raw = JSON.parse(text.replace(/^\uFEFF/, '')) as unknown;
    return isRecord(raw) && raw['kind'] === kind ? raw : `This file holds no ${what}.`;
  } catch {
    return 'This is no JSON file.';
  }
}

function isMark(value: unknown): value is TrainingMark {
  return MARKS.includes(value as TrainingMark);
}

/** Cases of a file, or a message why there are none; nothing is taken of a file with a mistake in it. */
export function readCasesFile(text: string): readonly TrainingCaseText[] | string {
  const raw = parsed(text, CASES, 'training cases');
  if (typeof raw === 'string') return raw;
  if (!Array.isArray(raw['cases']) || raw['cases'].length === 0) return 'This file holds no case.';
  const cases: TrainingCaseText[] = [];
  for (const [i, one] of (raw['cases'] as unknown[]).entries()) {
    const { name, about, level, conditions, steps } = isRecord(one) ? one : {};
    const isWhole =
      typeof name === 'string' && typeof about === 'string' &&
      Array.isArray(conditions) && conditions.every((answer) => isRecord(answer) && typeof answer['id'] === 'string') &&
      Array.isArray(steps) && steps.every((step) => typeof step === 'string'); // prettier-ignore
    if (!isWhole) return `Case ${i + 1} is not whole: it needs name, about, level, conditions and steps.`;
    const found = { name, about, level: level as TrainingLevel, conditions: conditions as ConditionAnswer[], steps: steps as string[] };
    const [problem] = checkCase(found);
    if (problem) return `Case ${i + 1}, ${problem.field}: ${problem.message}`;
    cases.push(found);
  }
  return cases;
}

/** Results of a file, or a message why there are none. */
export function readResultsFile(text: string): TrainingResults | string {
  const raw = parsed(text, RESULTS, 'results of practice');
  if (typeof raw === 'string') return raw;
  const { trainee, results } = raw;
  if (typeof trainee !== 'string' || !Array.isArray(results)) return 'This file holds no results.';
  const read = (results as unknown[]).flatMap((one): TrainingResult[] => {
    if (!isRecord(one)) return [];
    const { client, step, last, counts, isSet } = one;
    if (typeof client !== 'string' || typeof step !== 'string' || !isMark(last) || !isRecord(counts)) return [];
    const kept = Object.entries(counts).filter(([mark, count]) => isMark(mark) && Number.isInteger(count));
    return [{ client, step, last, counts: Object.fromEntries(kept), isSet: isSet === true }];
  });
  return read.length === results.length
    ? { trainee, results: read }
    : `${counted(results.length - read.length, 'result')} of this file can’t be read.`;
}
