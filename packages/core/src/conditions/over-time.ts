import { differenceInCalendarDays, parseISO } from 'date-fns';
import type { ConditionAnswer, Condition, ParameterSpec } from './condition.js';
import { findCondition } from './all.js';

/** The day, as YYYY-MM-DD, on which a condition's questions were answered: any condition takes it. */
export const AS_OF = 'asOf';

/** Whole days from one date to another, both YYYY-MM-DD; the calendar's, so that no clock change shifts them. */
export function daysBetween(from: string, to: string): number {
  return differenceInCalendarDays(parseISO(to), parseISO(from));
}

/**
 * Days that an answer holds (common practice, no source, where a condition's own text names none): how someone
 * feels or reads today holds today, a pressure 7 days, a blood count 7, functional tests 6 months.
 */
const HOLDS_DAYS: Readonly<Record<string, number>> = {
  painNow: 0, painNextDay: 14, now: 0, auraNow: 0, attackNow: 0, symptomsToday: 0, minutesSinceMeal: 0, hoursSinceWaking: 0, glucose: 0, ketones: 0, lowIn24h: 0, temp: 0,
  fatigue: 0, heaviness: 0, peakPct: 0, spo2: 0, weight3d: 0, minutesSinceDose: 0, state: 0, inhalerPresent: 0, nitroAtHand: 0, flags: 0, symptomsSupine: 7,
  systolic: 7, diastolic: 7, platelets: 7, neutrophils: 7, hb: 7, slrAngle: 14, lyingSystolic: 30, lyingDiastolic: 30, standSystolic: 30, standDiastolic: 30,
  lyingPulse: 30, standPulse: 30, phq9: 30, phq9item9: 30, gad7: 30, tug: 183, chairStand: 183, tandem: 183, oneLeg: 183, gaitSpeed: 183,
}; // prettier-ignore

/** How much a number grows in so many days: weeks and days since something go on counting. */
function growth(name: string, spec: ParameterSpec, days: number): number {
  if (spec.kind !== 'number') return 0;
  if (spec.unit === 'week') return days / 7;
  return spec.unit === 'days' && name.startsWith('days') && name !== 'daysPerMonth' ? days : 0;
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
    const holds = HOLDS_DAYS[name];
    if (holds !== undefined && days > holds) {
      stale.push(name);
      continue;
    }
    const spec = condition.parameters[name];
    const grown = spec && typeof value === 'number' ? value + growth(name, spec, days) : value;
    answer[name] = spec?.kind === 'number' && typeof grown === 'number' ? Math.min(spec.to, grown) : grown;
  }
  return { answer: answer as ConditionAnswer, stale };
}

/** The stages of a condition that hold now, in words, as far as its answers tell; what wasn't answered takes the cautious ones. */
export function stageWords(condition: Condition, answer: ConditionAnswer): string[] {
  return [...new Set(condition.stagesOf(answer).flatMap((stage) => condition.stages[stage] ?? []))];
}

function lowerFirst(text: string): string {
  return text[0]!.toLowerCase() + text.slice(1);
}

/** Days before the end of a clearance on which it begins to be told. */
const SOON_DAYS = 14;

interface Dated {
  readonly conditions: readonly ConditionAnswer[];
  readonly clearances: readonly { readonly condition: string; readonly until: string }[];
}

/** What has changed since a person was last asked, in words: stages entered, readings too old, clearances at their end. */
export function newsOf({ conditions, clearances }: Dated, today: string): string[] {
  const stages = conditions.flatMap((given): string[] => {
    const condition = findCondition(given.id);
    if (!condition) return [];
    const { answer, stale } = answersOn(given, today);
    // The readings alone: whether a stage was entered is asked with the same answers missing.
    const asked = Object.fromEntries(Object.entries(given).filter(([name]) => !stale.includes(name))) as ConditionAnswer;
    const before = stageWords(condition, asked);
    const came = stageWords(condition, answer).filter((words) => !before.includes(words));
    const old = stale.filter((name) => name in condition.parameters && (HOLDS_DAYS[name] ?? 0) > 0);
    const daily = stale.filter((name) => name in condition.parameters && HOLDS_DAYS[name] === 0);
    return [
      ...(came.length > 0 ? [`${condition.name}: now ${came.map(lowerFirst).join('; ')}`] : []),
      ...old.map((name) => `${condition.name}: too old, ask again: ${condition.parameters[name]!.ask.replace(/\?$/, '')}`),
      ...(daily.length > 0 ? [`${condition.name}: ask today: ${daily.map((name) => condition.parameters[name]!.ask.replace(/\?$/, '')).join('; ')}`] : []),
    ];
  });
  const words = clearances.flatMap(({ condition: id, until }): string[] => {
    const name = findCondition(id)?.name ?? id;
    const left = daysBetween(today, until);
    if (left < 0) return [`${name}: the written clearance ended on ${until}`];
    return left <= SOON_DAYS ? [`${name}: the written clearance ends on ${until}`] : [];
  });
  return [...stages, ...words];
}
