import type { Step } from '../sequence/sequence.js';
import { standOf } from '../transitions/entry-cost.js';
import { costOf } from '../plan/cost.js';
import { START, totalsAfter } from '../judging/step-context.js';
import type { Chosen, RunningTotals } from '../plan/plan.js';
import { safeWays } from './search.js';
import type { JudgingProfile } from '../judging/judging-profile.js';

/** A beginning of a class: ways for its first steps. */
export interface Beginning {
  readonly cost: number;
  readonly totals: RunningTotals;
  readonly chosen: Chosen | null;
  readonly before: Beginning | null;
}
export const NOTHING: Beginning = { cost: 0, totals: START, chosen: null, before: null };

export function then(before: Beginning, chosen: Chosen | null): Beginning {
  return {
    cost: before.cost + costOf(chosen),
    totals: chosen ? totalsAfter(before.totals, chosen.ends, chosen.timed) : before.totals,
    chosen,
    before,
  };
}

/** The beginnings that an end has come from, after each step one. */
export function wayTo(end: Beginning): Beginning[] {
  const way: Beginning[] = [];
  for (let at = end; at.before; at = at.before) way.push(at);
  return way.reverse();
}

/** Step after step the cheapest way from where the one before has led. */
export function stepByStep(profile: JudgingProfile, steps: readonly Step[]): Beginning {
  return steps.reduce((before, step) => then(before, safeWays({ profile, step, totals: before.totals }, 1)[0] ?? null), NOTHING);
}

/** To a millionth, so that the same costs compare the same wherever in a class they stand. */
export function rounded(cost: number): number {
  return Math.round(cost * 1e6) / 1e6;
}

/** How many beginnings go on. */
export interface Few {
  /** The most promising ones. */
  readonly width: number;
  /** And so many of every stand: what looks dearer now may be the only one that gets up again. */
  readonly ofEachStand: number;
}

/** The few that go on, of beginnings that are sorted, and those that are let go. */
export function fewOf<B extends Pick<Beginning, 'totals'>>(sorted: readonly B[], { width, ofEachStand }: Few): { kept: B[]; letGo: B[] } {
  const [kept, letGo]: [B[], B[]] = [[], []];
  const stands = new Map<number, number>();
  for (const one of sorted) {
    const stand = one.totals.last ? standOf(one.totals.last) : -1;
    const there = (stands.get(stand) ?? 0) + 1;
    stands.set(stand, there);
    (kept.length < width || there <= ofEachStand ? kept : letGo).push(one);
  }
  return { kept, letGo };
}
