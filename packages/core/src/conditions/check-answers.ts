import { isValid, parseISO } from 'date-fns';
import type { Problem } from '../problem.js';
import { bloodPressureProblem } from '../readings/blood-pressure.js';
import { CONDITIONS, findCondition } from './all.js';
import { CODES, codesProblem } from './codes.js';
import type { Condition, ConditionAnswer, ParameterSpec } from './condition.js';

/** The answer that every condition takes: which of its red flags are there today. */
export const FLAGS = 'flags';

export function flagsSpec(condition: Condition): Extract<ParameterSpec, { kind: 'set' }> {
  return { kind: 'set', options: condition.redFlags.map(({ id }) => id), ask: 'Is any of these there today?', holdsDays: 0 };
}

export function parameterSpec(condition: Condition, name: string): ParameterSpec | null {
  if (name === FLAGS) return flagsSpec(condition);
  return Object.hasOwn(condition.parameters, name) ? condition.parameters[name]! : null;
}

function expected(spec: ParameterSpec): string {
  switch (spec.kind) {
    case 'number':
      // A limit such as 42 weeks and 6 days is told to a tenth that still passes.
      return `a number from ${spec.from} to ${Math.floor(spec.to * 10) / 10} (${spec.unit})`;
    case 'choice':
      return `one of ${spec.options.join(', ')}`;
    case 'set':
      return `a list of none alone, or of some of ${spec.options.join(', ')}`;
    case 'yesno':
      return 'yes or no';
  }
}

/** Whether a value fits its parameter. */
function fits(spec: ParameterSpec, value: unknown): boolean {
  switch (spec.kind) {
    case 'number':
      return typeof value === 'number' && value >= spec.from && value <= spec.to;
    case 'choice':
      return typeof value === 'string' && spec.options.includes(value);
    case 'set':
      return Array.isArray(value) && value.length > 0 && value.every((one) => one === 'none' ? value.length === 1 : spec.options.includes(one as string)); // prettier-ignore
    case 'yesno':
      return typeof value === 'boolean';
  }
}

function show(value: unknown): string {
  return Array.isArray(value) ? value.join(',') || 'empty' : String(value);
}

function dayProblem(value: unknown): string | null {
  const isDay = typeof value === 'string' && /^\d{4}-\d\d-\d\d$/.test(value) && isValid(parseISO(value));
  return isDay ? null : `asOf is ${show(value)}; expected a day such as 2026-03-01`;
}

/** What stands with the answers of every condition, and what may be wrong with it. */
const OF_EVERY = new Map([
  ['asOf', dayProblem],
  [CODES, codesProblem],
]);

/** Problems of one condition's answers, each named `condition.parameter`; empty when all is well. */
export function checkAnswers(answer: ConditionAnswer): Problem[] {
  const { id, ...answers } = answer;
  const condition = findCondition(id);
  if (!condition) return [{ field: id, message: `no condition "${id}"; known are ${CONDITIONS.map((one) => one.id).join(', ')}` }];
  const problems: Problem[] = [];
  for (const [name, value] of Object.entries(answers)) {
    if (value === undefined) continue;
    const field = `${id}.${name}`;
    const ofEvery = OF_EVERY.get(name);
    if (ofEvery) {
      const message = ofEvery(value);
      if (message !== null) problems.push({ field, message });
      continue;
    }
    const spec = parameterSpec(condition, name);
    if (!spec)
      problems.push({
        field,
        message: `${id} has no parameter "${name}"; it takes ${[...Object.keys(condition.parameters), FLAGS].join(', ')}`,
      });
    else if (!fits(spec, value)) problems.push({ field, message: `${name} is ${show(value)}; expected ${expected(spec)}` });
  }
  const { systolic, diastolic } = answers;
  if (problems.length === 0 && typeof systolic === 'number' && typeof diastolic === 'number') {
    const message = bloodPressureProblem(systolic, diastolic);
    if (message) problems.push({ field: `${id}.systolic`, message });
  }
  return problems;
}

/** Problems of all conditions of one person: their answers, and a condition that is named twice. */
export function checkConditions(answers: readonly ConditionAnswer[]): Problem[] {
  const twice = answers.filter(({ id }, i) => answers.findIndex((other) => other.id === id) !== i);
  return [
    ...twice.map(({ id }) => ({ field: id, message: `${id} is given twice; put all its answers in one` })),
    ...answers.flatMap(checkAnswers),
  ];
}

/** Reads one answer as it is typed: `30`, `yes`, `a,b`. What can't be read stays text, for `checkAnswers` to refuse. */
export function readAnswer(spec: ParameterSpec, text: string): string | number | boolean | string[] {
  switch (spec.kind) {
    case 'number':
      return text.trim() !== '' && Number.isFinite(Number(text)) ? Number(text) : text;
    case 'choice':
      return text;
    case 'set':
      return text.split(',').map((one) => one.trim()).filter((one) => one !== ''); // prettier-ignore
    case 'yesno':
      return /^(yes|true|1)$/i.test(text) ? true : /^(no|false|0)$/i.test(text) ? false : text;
  }
}

/**
 * Reads `pregnancy week=30 complications=none`. Nothing is checked beyond the form.
 * Problems name the word that could not be read.
 */
export function readCondition(text: string): { answer: ConditionAnswer; problems: Problem[] } {
  const [id = '', ...words] = text.trim().split(/\s+/);
  const condition = findCondition(id);
  const answer: Record<string, string | number | boolean | string[]> & { id: string } = { id };
  const problems: Problem[] = [];
  for (const word of words) {
    const at = word.indexOf('=');
    if (at < 1) {
      problems.push({ field: `${id}.${word}`, message: `"${word}" is no key=value` });
      continue;
    }
    const name = word.slice(0, at);
    if (Object.hasOwn(answer, name)) problems.push({ field: `${id}.${name}`, message: `${name} is given twice` });
    const spec = condition && parameterSpec(condition, name);
    answer[name] = spec ? readAnswer(spec, word.slice(at + 1)) : word.slice(at + 1);
  }
  return { answer, problems };
}
