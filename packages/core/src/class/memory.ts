import type { StepContext } from '../adaptation/evaluation.js';
import type { Tally } from '../adaptation/plan.js';
import type { Who } from '../adaptation/who.js';
import type { Step } from '../sequence/sequence.js';

/** Sums of the class so far, by the limits that look at them. */
const SUMS = {
  supineRun: 'supineRun',
  unrelievedSitting: 'sittingRun',
  minutesHeadDown: 'headDown',
  floorTrips: 'floorTrips',
} as const satisfies Readonly<Record<string, keyof Tally>>;

/** So many answers are kept of each kind; then all are forgotten. */
const MOST = 50_000;

/** Numbers for objects, the same for the same object. */
class Numbers {
  private readonly known = new WeakMap<object, number>();
  private count = 0;

  of(one: object): number {
    const known = this.known.get(one) ?? ++this.count;
    this.known.set(one, known);
    return known;
  }
}

/**
 * What was worked out for a class, kept for the next time: after an edit only the steps are asked again that
 * stand after another posture, or at other sums that a limit looks at.
 */
export class ClassMemory {
  private readonly numbers = new Numbers();
  private readonly sums = new WeakMap<Who, readonly (keyof Tally)[]>();
  private readonly steps = new WeakMap<Step, string>();
  private readonly answers = new Map<string, Map<string, unknown>>();

  /** The same for everybody whose way to a step is the same question. */
  keyOf({ who, step, tally }: StepContext): string {
    const looks = this.sums.get(who) ?? sumsOf(who);
    this.sums.set(who, looks);
    const { last } = tally;
    return `${this.numbers.of(who)} ${last ? this.numbers.of(last) : 0} ${looks.map((sum) => tally[sum] as number).join(' ')} ${this.stepKey(step)}`;
  }

  /** An answer from memory, or worked out now. */
  once<T>(kind: string, key: string, ask: () => T): T {
    const known = this.answers.get(kind) ?? new Map<string, unknown>();
    this.answers.set(kind, known);
    if (known.has(key)) return known.get(key) as T;
    const answer = ask();
    if (known.size >= MOST) known.clear();
    known.set(key, answer);
    return answer;
  }

  private stepKey(step: Step): string {
    const known = this.steps.get(step);
    if (known !== undefined) return known;
    // Where it is written doesn't matter.
    const { line: _line, text: _text, section: _section, of: _of, note: _note, ...what } = step;
    const key = JSON.stringify(what);
    this.steps.set(step, key);
    return key;
  }
}

/** The sums that someone's limits look at. */
function sumsOf({ limits }: Who): (keyof Tally)[] {
  const measures = new Set<string>(
    limits.flatMap(({ spec }) => [spec.measure, ...(spec.when ?? []).flatMap((clause) => ('measure' in clause ? [clause.measure] : []))]),
  );
  return Object.entries(SUMS).flatMap(([measure, sum]) => (measures.has(measure) ? [sum] : []));
}
