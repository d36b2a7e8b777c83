import { START, placeOf, tallyAfter, type StepContext } from '../adaptation/place.js';
import type { Tally } from '../adaptation/plan.js';
import type { Who } from '../adaptation/who.js';
import { onceWithin } from '../once.js';
import type { Step } from '../sequence/sequence.js';
import { stepKey } from '../sequence/step-key.js';
import { columnAt, type Column, type Held } from './choose-column.js';
import type { ColumnLimits } from './column.js';
import type { Guide } from './guide.js';
import { MOST_OF_CLASSES, type ClassMemory } from './memory.js';

/** One step more, and where it leads. */
interface Onward {
  readonly column: Column;
  readonly to: ClassPlace;
}

/** So many steps are kept that were taken from one place; then all are forgotten. */
const MOST = 200;

/**
 * How a class stands between two steps. All beginnings that leave everybody in the same place (see `placeOf`) lead to the
 * same object, as long as it is remembered: what was chosen from there before isn't asked again.
 */
export class ClassPlace {
  private readonly onward = new Map<string, Onward>();

  private constructor(
    private readonly people: readonly Who[],
    private readonly tallies: readonly Tally[],
    private readonly memory: ClassMemory,
  ) {}

  /** Before the first step. */
  static start(people: readonly Who[], memory: ClassMemory): ClassPlace {
    return ClassPlace.of(
      people,
      people.map(() => START),
      memory,
    );
  }

  private static of(people: readonly Who[], tallies: readonly Tally[], memory: ClassMemory): ClassPlace {
    const key = people.map((who, i) => `${who.id} ${placeOf(who, tallies[i]!)}`).join('|');
    return memory.once('place', key, () => new ClassPlace(people, tallies, memory), MOST_OF_CLASSES);
  }

  /** What the class makes of a step from here. */
  next(step: Step, limits: ColumnLimits, led: readonly (Guide | null)[] = [], held: readonly Held[] = []): Onward {
    const key = [
      stepKey(step),
      JSON.stringify(limits),
      ...held.map(({ at, pin }) => `${at} ${pin.figure}`),
      ...led.map((guide) => guide?.key ?? ''),
    ].join('|');
    return onceWithin(this.onward, MOST, key, () => this.go(step, limits, led, held));
  }

  private go(step: Step, limits: ColumnLimits, led: readonly (Guide | null)[], held: readonly Held[]): Onward {
    const contexts = this.people.map((who, i): StepContext => ({ who, step, tally: this.tallies[i]! }));
    const column = columnAt(contexts, limits, this.memory, led, held);
    const tallies = this.tallies.map((tally, i) => {
      const chosen = column.chosen[i]!;
      return chosen ? tallyAfter(tally, chosen.ends, chosen.timed) : tally;
    });
    return { column, to: ClassPlace.of(this.people, tallies, this.memory) };
  }
}
