import { findCondition } from './all.js';
import { counted } from '../counted.js';
import type { ConditionAnswer, ParameterSpec } from './condition.js';
import { AS_OF } from './over-time.js';

/** What a parameter asks for, before an answer. */
export function questionOf({ ask }: ParameterSpec): string {
  return ask.replace(/[?:]$/, '');
}

function numberSaid(value: number, unit: string): string {
  if (unit === '0-10') return `${value} of 10`;
  return unit === 'week' ? counted(value, 'week') : `${value} ${unit}`;
}

function said(value: string | number | boolean | readonly string[]): string {
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  return typeof value === 'object' ? value.join(', ') : String(value);
}

/** What was answered about a condition, each answer with its question: "T-score: -2.8 SD". */
export function answersInWords(answer: ConditionAnswer): string[] {
  const parameters = findCondition(answer.id)?.parameters ?? {};
  return Object.entries(answer).flatMap(([name, value]) => {
    const spec = parameters[name];
    if (!spec || value === undefined || name === AS_OF) return [];
    return [`${questionOf(spec)}: ${spec.kind === 'number' ? numberSaid(Number(value), spec.unit) : said(value)}`];
  });
}
