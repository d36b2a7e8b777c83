import type { BodySolver } from '../solving/body-solver.js';
import { reviewOf, movable } from '../review/review.js';
import type { ReadResult } from '../notes/read-line.js';
import { understood } from '../notes/read-notes.js';
import type { Sequence } from '../sequence/sequence.js';
import { adaptingClass, type ClassOptions, type Member } from './adapt-class.js';
import type { Pin } from './choose-column.js';
import { editStep, type Edited } from './edit.js';
import { PlanningCache } from '../judging/planning-cache.js';

/** So many steps are moved at most, and so many moves tried for each. */
const MOST_MOVES = 4;
const MOST_TRIED = 8;
/** What getting down or up once counts for everybody, in units of the smallest change (common practice, no source). */
const UP_OR_DOWN = 0.3;
/** A move has to spare this much. */
const WORTH = 0.5;

export interface BetterOrder extends Edited {
  /** Asanas that were moved, by their ids, in that order. */
  readonly moved: readonly string[];
}

/** How often a class gets down or up. */
function changes(up: readonly boolean[]): number {
  return up.filter((one, i) => i > 0 && one !== up[i - 1]).length;
}

function movedTo<T>(all: readonly T[], from: number, to: number): T[] {
  const left = all.filter((_, i) => i !== from);
  return [...left.slice(0, to), all[from]!, ...left.slice(to)];
}

/**
 * Steps in another order inside their sections that costs the class less: moves that spare getting down and up are
 * tried, the one that spares most is kept, and again. Nothing is moved that the review then finds fault with.
 * `null` where no order is found that is better. Gives the steps done of each order that is tried, and with it the chance to stop.
 */
export function* betterOrder(
  solver: BodySolver,
  read: (text: string) => ReadResult,
  members: readonly Member[],
  text: string,
  options: ClassOptions = {},
): Generator<number, BetterOrder | null> {
  const { pins = [], cache = new PlanningCache() } = options;
  const parse = (one: string): Sequence => understood(read(one));
  const faults = (sequence: Sequence) => reviewOf(solver, sequence).findings.filter(({ rule }) => rule !== 'trips').length;
  const costOf = function* (sequence: Sequence, chosen: readonly Pin[]): Generator<number, number> {
    const { cost } = yield* adaptingClass(members, sequence, { ...options, pins: chosen, cache });
    return cost + UP_OR_DOWN * members.length * changes(movable(solver, sequence).up);
  };
  const moved: string[] = [];
  let now: Edited = { text, pins, index: 0 };
  let sequence = parse(text);
  let cost = yield* costOf(sequence, pins);
  for (let round = 0; round < MOST_MOVES; round++) {
    const { stretches, up } = movable(solver, sequence);
    const moves = stretches
      .flatMap((stretch) => stretch.flatMap((from) => stretch.flatMap((to) => (from === to ? [] : [{ from, to }]))))
      .map((move) => ({ ...move, spared: changes(up) - changes(movedTo(up, move.from, move.to)) }))
      .filter(({ spared }) => spared > 0)
      .sort((a, b) => b.spared - a.spared)
      .slice(0, MOST_TRIED);
    const allowed = faults(sequence);
    let best: { readonly edited: Edited; readonly cost: number; readonly asana: string } | null = null;
    for (const { from, to } of moves) {
      const edited = editStep(solver.library, read, now.text, now.pins, { do: 'move', index: from, to });
      const other = parse(edited.text);
      if (faults(other) > allowed) continue;
      const costs = yield* costOf(other, edited.pins);
      if (costs < (best?.cost ?? cost - WORTH)) best = { edited, cost: costs, asana: sequence.steps[from]!.asana };
    }
    if (!best) break;
    moved.push(best.asana);
    now = best.edited;
    cost = best.cost;
    sequence = parse(now.text);
  }
  return moved.length === 0 ? null : { ...now, moved };
}
