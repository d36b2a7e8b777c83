import { message, type Message } from '../messages/message.js';
import { differenceInCalendarDays, parseISO } from 'date-fns';
import { isAsked, type ConditionAnswer, type Condition, type ParameterSpec } from './condition.js';
import { findCondition } from './all.js';
import type { Question } from './deciding.js';
import { parameterSpec } from './check-answers.js';

/** The day, as YYYY-MM-DD, on which a condition's questions were answered: any condition takes it. */
export const AS_OF = 'asOf';

/** Whole days from one date to another, both YYYY-MM-DD; the calendar's, so that no clock change shifts them. */
export function daysBetween(from: string, to: string): number {
  return differenceInCalendarDays(parseISO(to), parseISO(from));
}

/** How much a number grows in so many days. */
function growth(spec: ParameterSpec, days: number): number {
  if (spec.kind !== 'number' || !spec.goesOn) return 0;
  return spec.unit === 'week' ? days / 7 : days;
}

/** Whole weeks and days, in weeks, on a day: since a date, or before the date on which `dueAt` weeks are over. Dates as YYYY-MM-DD. */
export function weeksOn(today: string, date: string, dueAt?: number): number {
  return dueAt === undefined ? daysBetween(date, today) / 7 : dueAt - daysBetween(today, date) / 7;
}

/** A condition's answers as they stand on a day. */
export interface AnswersOnDay {
  readonly answer: ConditionAnswer;
  /** Answers that no longer hold and count as missing. */
  readonly stale: readonly string[];
}

/** Weeks and days since something have gone on; readings older than they hold count as missing. Undated answers stay as they are. */
export function answersOn(given: ConditionAnswer, today: string | null): AnswersOnDay {
  const asOf = given[AS_OF];
  const condition = findCondition(given.id);
  if (today === null || typeof asOf !== 'string' || !condition) return { answer: given, stale: [] };
  const days = daysBetween(asOf, today);
  if (days <= 0) return { answer: given, stale: [] };
  const stale: string[] = [];
  const answer: Record<string, unknown> & { id: string } = { id: given.id, [AS_OF]: today };
  for (const [name, value] of Object.entries(given)) {
    if (name === 'id' || name === AS_OF || value === undefined) continue;
    const spec = parameterSpec(condition, name);
    if (spec?.holdsDays !== undefined && days > spec.holdsDays) {
      stale.push(name);
      continue;
    }
    const grown = spec && typeof value === 'number' ? value + growth(spec, days) : value;
    answer[name] = spec?.kind === 'number' && typeof grown === 'number' ? Math.min(spec.to, grown) : grown;
  }
  return { answer: answer as ConditionAnswer, stale };
}

/** What is to be asked at the door: how they feel today, and readings that are too old, each by condition and parameter. */
export function questionsOn(conditions: readonly ConditionAnswer[], today: string): Question[] {
  return conditions.flatMap((given) => {
    const condition = findCondition(given.id);
    if (!condition) return [];
    const { answer, stale } = answersOn(given, today);
    const isToday = given[AS_OF] === today;
    return Object.entries(condition.parameters)
      .filter(([name, { holdsDays }]) => stale.includes(name) || (holdsDays === 0 && !(isToday && given[name] !== undefined)))
      .filter(([name]) => isAsked(condition, name, answer))
      .map(([parameter]) => ({ condition: condition.id, parameter }));
  });
}

/**
 * The stages of a condition that hold now, in words, as far as its answers tell; what wasn't answered takes the cautious
 * ones. The first is the one that a person is in; what only gathers others for a limit tells nothing more.
 */
export function stageWords(condition: Condition, answer: ConditionAnswer): string[] {
  const told = condition.stagesOf(answer).filter((stage, i) => i === 0 || !condition.gathering.includes(stage));
  return [...new Set(told.map((stage) => condition.stages[stage]!))];
}

function lowerFirst(text: string): string {
  return text[0]!.toLowerCase() + text.slice(1);
}

/** Days before the end of a clearance on which it begins to be told. */
const SOON_DAYS = 14;

interface Dated {
  readonly conditions: readonly ConditionAnswer[];
  readonly clearances: readonly { readonly condition: string; readonly until: string | null }[];
}

/** What has changed since a person was last asked: stages entered, readings too old, clearances at their end. */
export function newsOf({ conditions, clearances }: Dated, today: string): Message[] {
  const stages = conditions.flatMap((given): Message[] => {
    const condition = findCondition(given.id);
    if (!condition) return [];
    const { answer, stale } = answersOn(given, today);
    // The readings alone: whether a stage was entered is asked with the same answers missing.
    const asked = Object.fromEntries(Object.entries(given).filter(([name]) => !stale.includes(name))) as ConditionAnswer;
    const before = stageWords(condition, asked);
    const came = stageWords(condition, answer).filter((words) => !before.includes(words));
    const askedAgain = stale.filter((name) => name in condition.parameters);
    const old = askedAgain.filter((name) => condition.parameters[name]!.holdsDays !== 0);
    const daily = askedAgain.filter((name) => condition.parameters[name]!.holdsDays === 0);
    const { name } = condition;
    const questions = (parameters: readonly string[]) =>
      parameters.map((one) => lowerFirst(condition.parameters[one]!.ask.replace(/\?$/, ''))).join('; ');
    return [
      ...(came.length > 0 ? [message('news.stage', { condition: name, stages: came.map(lowerFirst).join('; ') })] : []),
      ...(old.length > 0 ? [message('news.too-old', { condition: name, questions: questions(old) })] : []),
      ...(daily.length > 0 ? [message('news.ask-today', { condition: name, questions: questions(daily) })] : []),
    ];
  });
  const clearanceNews = clearances.flatMap(({ condition: id, until }): Message[] => {
    const condition = findCondition(id)?.name ?? id;
    if (until === null) return [];
    const left = daysBetween(today, until);
    if (left < 0) return [message('news.clearance-ended', { condition, day: until })];
    return left <= SOON_DAYS ? [message('news.clearance-ends', { condition, day: until })] : [];
  });
  return [...stages, ...clearanceNews];
}
