import { START, stateKey, totalsAfter, type StepContext } from '../judging/step-context.js';
import type { RunningTotals } from '../plan/plan.js';
import type { JudgingProfile } from '../judging/judging-profile.js';
import { getOrCreate } from '../get-or-create.js';
import type { PlanningCache } from '../judging/planning-cache.js';
import type { Step } from '../sequence/sequence.js';
import { stepKey } from '../sequence/step-key.js';
import { columnAt, type Column, type Held } from './choose-column.js';
import type { ColumnLimits } from './column.js';
import type { Guide } from './guide.js';

/** One step more, and where it leads. */
interface Onward {
  readonly column: Column;
  readonly to: ClassState;
}

/**
 * How a class stands between two steps. All beginnings that leave everybody in the same place (see `stateKey`) lead to the
 * same object, as long as it is remembered: what was chosen from there before isn't asked again.
 */
export class ClassState {
  private constructor(
    private readonly people: readonly JudgingProfile[],
    private readonly totalsOfAll: readonly RunningTotals[],
    private readonly cache: PlanningCache,
  ) {}

  /** Before the first step. */
  static start(people: readonly JudgingProfile[], cache: PlanningCache): ClassState {
    return ClassState.of(
      people,
      people.map(() => START),
      cache,
    );
  }

  private static of(people: readonly JudgingProfile[], totalsOfAll: readonly RunningTotals[], cache: PlanningCache): ClassState {
    const key = people.map((profile, i) => `${profile.id} ${stateKey(profile, totalsOfAll[i]!)}`).join('|');
    return getOrCreate(cache.of<string, ClassState>('states'), key, () => new ClassState(people, totalsOfAll, cache));
  }

  /** What the class makes of a step from here. */
  next(step: Step, limits: ColumnLimits, led: readonly (Guide | null)[] = [], held: readonly Held[] = []): Onward {
    const key = [
      stepKey(step),
      JSON.stringify(limits),
      ...held.map(({ at, pin }) => `${at} ${pin.figure}`),
      ...led.map((guide) => guide?.key ?? ''),
    ].join('|');
    return getOrCreate(this.cache.about(this).of<string, Onward>('onward'), key, () => this.go(step, limits, led, held));
  }

  private go(step: Step, limits: ColumnLimits, led: readonly (Guide | null)[], held: readonly Held[]): Onward {
    const contexts = this.people.map((profile, i): StepContext => ({ profile, step, totals: this.totalsOfAll[i]! }));
    const column = columnAt(contexts, limits, this.cache, led, held);
    const totalsOfAll = this.totalsOfAll.map((totals, i) => {
      const chosen = column.chosen[i]!;
      return chosen ? totalsAfter(totals, chosen.ends, chosen.timed) : totals;
    });
    return { column, to: ClassState.of(this.people, totalsOfAll, this.cache) };
  }
}
