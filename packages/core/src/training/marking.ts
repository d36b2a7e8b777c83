import { getKnown } from '../get-or-create.js';
import { MEASURES, type Measure } from '../body/measure.js';
import type { StepJson } from '../planning/json.js';
import { LEVELS, type TrainingLevel } from './clients.js';
import type { TrainingTask } from './tasks.js';

/** What a trainee says is to become of a step. */
export const ANSWERS = ['keep', 'change', 'out'] as const;
export type TrainingAnswer = (typeof ANSWERS)[number];

/**
 * `right`: as a plan would decide; `half`: something had to happen, and the reason or the way was another;
 * `missed`: kept what had to change; `false-alarm`: changed what may stay.
 */
export const MARKS = ['right', 'half', 'missed', 'false-alarm'] as const;
export type TrainingMark = (typeof MARKS)[number];

/** Measures that trainees think of first: those that are not the reason stand beside the one that is. */
const COMMON: readonly Measure[] = [
  'headBelowHeart', 'lumbarFlexion', 'handLoad', 'balanceMargin', 'bellyClosure', 'hold', 'spineRotation', 'effort', 'kneeFlexionLoaded', 'neckLoad', 'hipAbduction', 'breathRate',
]; // prettier-ignore
const OPTIONS = 4;

/** The measures that a step fails by, in the order of its reasons. */
export function measuresOf({ reasons }: StepJson): Measure[] {
  return [...new Set(reasons.flatMap(({ measure }) => (measure in MEASURES ? [measure as Measure] : [])))];
}

/** What a trainee may name as the reason: one that is right where there is one, and others that are not. */
export function optionsOf(task: TrainingTask, step: StepJson): Measure[] {
  const right = measuresOf(step);
  // From task to task others stand beside it.
  const from = [...task.id].reduce((sum, letter) => sum + letter.charCodeAt(0), 0) % COMMON.length;
  const others = [...COMMON.slice(from), ...COMMON.slice(0, from)].filter((measure) => !right.includes(measure));
  return [...right.slice(0, 1), ...others].slice(0, OPTIONS).sort((a, b) => MEASURES[a].label.localeCompare(MEASURES[b].label));
}

export function markAnswer(step: StepJson, answer: TrainingAnswer, why: Measure | null): TrainingMark {
  if (step.verdict === 'keep') return answer === 'keep' ? 'right' : 'false-alarm';
  if (answer === 'keep') return 'missed';
  const isWhole = why !== null && measuresOf(step).includes(why) && (answer === 'out') === (step.verdict === 'omit');
  return isWhole ? 'right' : 'half';
}

/** How a task went so far. */
export interface TaskProgress {
  readonly task: string;
  readonly last: TrainingMark;
  /** When it comes back, as an ISO time. */
  readonly due: string;
}

/** From this share on of a level's tasks that went right, the next level begins. */
const PASSED = 0.8;

/** The level that somebody is at. */
export function levelAt(tasks: readonly TrainingTask[], progress: readonly TaskProgress[]): TrainingLevel {
  const right = new Set(progress.filter(({ last }) => last === 'right').map(({ task }) => task));
  const isPassed = (level: TrainingLevel) => {
    const own = tasks.filter((task) => task.level === level && !task.isSet);
    return own.filter(({ id }) => right.has(id)).length >= PASSED * own.length;
  };
  return LEVELS.find((level) => !isPassed(level)) ?? LEVELS.at(-1)!;
}

/** What comes next: what is due longest, else a new task that was set, else one of the level; `null` where all has been done and nothing is due. */
export function nextTask(tasks: readonly TrainingTask[], progress: readonly TaskProgress[], now: string): TrainingTask | null {
  const byId = new Map(tasks.map((task) => [task.id, task]));
  const due = progress.filter((one) => one.due <= now && byId.has(one.task)).sort((a, b) => (a.due < b.due ? -1 : 1))[0];
  if (due) return getKnown(byId, due.task);
  const seen = new Set(progress.map(({ task }) => task));
  const level = levelAt(tasks, progress);
  const unseen = tasks.filter(({ id }) => !seen.has(id));
  return unseen.find(({ isSet }) => isSet) ?? unseen.find((task) => task.level === level) ?? unseen[0] ?? null;
}
