import { START, stateKey, totalsAfter, type StepContext } from '../judging/step-context.js';
import type { RunningTotals } from '../plan/plan.js';
import type { JudgingProfile } from '../judging/judging-profile.js';
import { getOrCreateWithin } from '../get-or-create.js';
import type { Step } from '../sequence/sequence.js';
import { stepKey } from '../sequence/step-key.js';
import { columnAt, type Column, type Held } from './choose-column.js';
import type { ColumnLimits } from './column.js';
import type { Guide } from './guide.js';
import { MOST_OF_CLASSES, type ClassMemory } from './memory.js';

/** One step more, and where it leads. */
interface Onward {
  readonly column: Column;
  readonly to: ClassState;
}

/** So many steps are kept that were taken from one place; then all are forgotten. */
const MOST = 200;

/**
 * How a class stands between two steps. All beginnings that leave everybody in the same place (see `stateKey`) lead to the
 * same object, as long as it is remembered: what was chosen from there before isn't asked again.
 */
export class ClassState {
  private readonly onward = new Map<string, Onward>();

  private constructor(
    private readonly people: readonly JudgingProfile[],
    private readonly totalsOfAll: readonly RunningTotals[],
    private readonly memory: ClassMemory,
  ) {}

  /** Before the first step. */
  static start(people: readonly JudgingProfile[], memory: ClassMemory): ClassState {
    return ClassState.of(
      people,
      people.map(() => START),
      memory,
    );
  }

  private static of(people: readonly JudgingProfile[], totalsOfAll: readonly RunningTotals[], memory: ClassMemory): ClassState {
    const key = people.map((profile, i) => `${profile.id} ${stateKey(profile, totalsOfAll[i]!)}`).join('|');
    return memory.once('place', key, () => new ClassState(people, totalsOfAll, memory), MOST_OF_CLASSES);
  }

  /** What the class makes of a step from here. */
  next(step: Step, limits: ColumnLimits, led: readonly (Guide | null)[] = [], held: readonly Held[] = []): Onward {
    const key = [
      stepKey(step),
      JSON.stringify(limits),
      ...held.map(({ at, pin }) => `${at} ${pin.figure}`),
      ...led.map((guide) => guide?.key ?? ''),
    ].join('|');
    return getOrCreateWithin(this.onward, MOST, key, () => this.go(step, limits, led, held));
  }

  private go(step: Step, limits: ColumnLimits, led: readonly (Guide | null)[], held: readonly Held[]): Onward {
    const contexts = this.people.map((profile, i): StepContext => ({ profile, step, totals: this.totalsOfAll[i]! }));
    const column = columnAt(contexts, limits, this.memory, led, held);
    const totalsOfAll = this.totalsOfAll.map((totals, i) => {
      const chosen = column.chosen[i]!;
      return chosen ? totalsAfter(totals, chosen.ends, chosen.timed) : totals;
    });
    return { column, to: ClassState.of(this.people, totalsOfAll, this.memory) };
  }
}
