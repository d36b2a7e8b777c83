import { findCondition } from './all.js';
import { counted } from '../counted.js';
import type { ConditionAnswer } from './condition.js';
import { AS_OF } from './over-time.js';

/** What was answered about a condition, each answer with its question: "T-score: -2.8 SD". */
export function answersInWords(answer: ConditionAnswer): string[] {
  const parameters = findCondition(answer.id)?.parameters ?? {};
  return Object.entries(answer).flatMap(([name, value]) => {
    const spec = parameters[name];
    if (!spec || value === undefined || name === AS_OF) return [];
    const text = value === true ? 'yes' : value === false ? 'no' : Array.isArray(value) ? value.join(', ') : String(value);
    if (spec.kind === 'number' && spec.unit === '0-10') return [`${spec.ask.replace(/[?:]$/, '')}: ${text} of 10`];
    const said = spec.kind === 'number' && spec.unit === 'week' ? counted(Number(value), 'week') : `${text}${spec.kind === 'number' ? ` ${spec.unit}` : ''}`;
    return [`${spec.ask.replace(/[?:]$/, '')}: ${said}`];
  });
}
