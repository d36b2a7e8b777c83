import type { ActiveLimit } from '../conditions/active-limits.js';
import { getOrCreate } from '../get-or-create.js';
import { waysBetween, type WayId } from '../sequence/ways.js';
import { findings } from '../judging/judge.js';
import type { WayIn } from '../plan/plan.js';
import { worstOf, type Finding } from '../plan/finding.js';
import { keepsWithin, leadsThrough, passageInto, passageOf, passageOnward, passedRow, type Passage } from './passage.js';
import type { StepContext } from '../judging/step-context.js';
import type { SolvedPosture } from '../solving/solved-posture.js';
import type { JudgingProfile } from '../judging/judging-profile.js';

/** How someone gets to a posture. */
export interface Transition {
  readonly ways: readonly WayId[];
  /** Those of them that stand in for a way that the step asks for. */
  readonly instead: readonly WayId[];
  /** Why it isn't the way that most would take, where the step asks for none. */
  readonly wayIn: WayIn | null;
  /** Whether something stands against it that no other way mends. */
  readonly isBarred: boolean;
  readonly impact: number | null;
  /** What the ways that were meant break. */
  readonly all: readonly Finding[];
  /** What no other way mends. */
  readonly hard: readonly Finding[];
}

/** Nothing special, or nothing against it. */
const NO_WAY: Transition = { ways: [], instead: [], wayIn: null, isBarred: false, impact: null, all: [], hard: [] };

/** Postures are told apart by their numbers: two of them in one number, that of the first so many times. */
const PAIR = 2 ** 26;

/** The ordinary way to a posture, or the first other one that no limit bars: worked out once. */
export function transitionTo({ profile, step, totals: { last } }: StepContext, to: SolvedPosture, isGiven: boolean): Transition {
  if (step.way === null && (last === null || last.level === to.level)) return NO_WAY;
  const known = profile.cache.about(profile).of<string | number, Transition>('transitions');
  const pair = (last?.id ?? 0) * PAIR + to.id;
  // Only a way that is asked for may be left to whoever does the step as it is given.
  const key = step.way === null ? pair : `${pair} ${step.way} ${isGiven ? '' : 'other'}`;
  return getOrCreate(known, key, () =>
    step.way !== null ? takenAsAsked(profile, last, to, step.way, isGiven) : last ? takenBetween(profile, last, to) : NO_WAY,
  );
}

/**
 * Whether what is passed through on a way keeps within someone's bounds: it doesn't, it leaves one that holds only where
 * its clauses do, or it does.
 */
type Keeps = 'not' | 'perhaps' | 'within';

/** Whether a way keeps within someone's bounds: of both of its parts it is asked once for each end. */
function keeping(profile: JudgingProfile, from: SolvedPosture | null, to: SolvedPosture, way: WayId): Keeps {
  const { always, sometimes } = profile.judges.passageBounds;
  if (from === null || always.length + sometimes.length === 0) return 'within';
  const { solver } = profile;
  const keeps = (passage: Passage): Keeps => {
    if (!keepsWithin(passage, always)) return 'not';
    return keepsWithin(passage, sometimes) ? 'within' : 'perhaps';
  };
  if (!leadsThrough(way)) return keeps(passageOf(solver, from, to, way));
  const known = profile.cache.about(profile).of<string, Keeps>('passages');
  const first = getOrCreate(known, `${from.id} ${way}`, () => keeps(passageInto(solver, from, way)));
  if (first === 'not') return first;
  const then = getOrCreate(known, `${way} ${to.id}`, () => keeps(passageOnward(solver, way, to)));
  return then === 'within' ? first : then;
}

const NOT_A_POSTURE = { facing: null, standing: false } as const;

/** All that stands against a way from one posture to another. */
function against(profile: JudgingProfile, from: SolvedPosture | null, to: SolvedPosture, way: WayId): readonly Finding[] {
  const { ofWay, ofPassage } = profile.judges;
  const own = ofWay(way);
  if (from === null || keeping(profile, from, to, way) === 'within') return own;
  const passage = passageOf(profile.solver, from, to, way);
  const breaks = (about: readonly ActiveLimit[], values: Passage['least']) =>
    findings(about, { row: passedRow(values, profile.scratch.passage), ...NOT_A_POSTURE }, 'transition');
  const { low, high } = ofPassage;
  return worstOf([own, low.length === 0 ? [] : breaks(low, passage.least), breaks(high, passage.most)]);
}

function isBarred(profile: JudgingProfile, from: SolvedPosture | null, to: SolvedPosture, way: WayId): boolean {
  if (profile.judges.ofWay(way).length > 0) return true;
  const keeps = keeping(profile, from, to, way);
  return keeps === 'not' || (keeps === 'perhaps' && against(profile, from, to, way).length > 0);
}

/** The first of other ways that is open. */
function otherWay(profile: JudgingProfile, from: SolvedPosture | null, to: SolvedPosture, others: readonly WayId[]): WayId | undefined {
  return others.find((way) => (way !== 'with-chair' || (profile.props.chair ?? 0) > 0) && !isBarred(profile, from, to, way));
}

/** A way that the step asks for and that is barred, with what is taken instead. What it breaks is told only where it is asked. */
class Replaced implements Transition {
  readonly wayIn = null;
  readonly instead: readonly WayId[];
  readonly isBarred: boolean;
  readonly impact = null;

  constructor(
    private readonly profile: JudgingProfile,
    private readonly from: SolvedPosture | null,
    private readonly to: SolvedPosture,
    /** Ways that are barred, each with what is taken instead. */
    private readonly meant: readonly { readonly way: WayId; readonly other: WayId | undefined }[],
  ) {
    this.instead = meant.flatMap(({ other }) => other ?? []);
    this.isBarred = this.instead.length < meant.length;
  }

  get ways() {
    return this.instead;
  }

  get all() {
    return worstOf(this.meant.map(({ way }) => this.against(way)));
  }

  get hard() {
    return this.meant.flatMap(({ way, other }) => (other ? [] : this.against(way)));
  }

  private against(way: WayId) {
    return against(this.profile, this.from, this.to, way);
  }
}

/**
 * From one level to another: by the way that most would take, or by the gentlest other one where that is barred for
 * someone. Nobody asked for a way, so that none stands against the step.
 */
function takenBetween(profile: JudgingProfile, from: SolvedPosture, to: SolvedPosture): Transition {
  const barred = waysBetween(from.level, to.level).flatMap(([ordinary, ...others]) =>
    ordinary && isBarred(profile, from, to, ordinary) ? [{ ordinary, other: otherWay(profile, from, to, others) ?? others.at(-1)! }] : [],
  );
  if (barred.length === 0) return NO_WAY;
  const ways = barred.map(({ other }) => other);
  const wayIn = {
    ways,
    get reasons() {
      return worstOf(barred.map(({ ordinary }) => against(profile, from, to, ordinary)));
    },
  };
  return { ...NO_WAY, ways, wayIn };
}

/** By a way that the step asks for. */
function takenAsAsked(profile: JudgingProfile, from: SolvedPosture | null, to: SolvedPosture, asked: WayId, isGiven: boolean): Transition {
  const jumps = asked === 'jump-back';
  const taken = (way: WayId): Transition => ({ ...NO_WAY, ways: [way] });
  // Whoever needs an easier form doesn't jump into it.
  if (jumps && !isGiven) return taken('step-back');
  if (!isBarred(profile, from, to, asked)) return { ...taken(asked), impact: jumps ? 2 : null };
  const hops = from ? waysBetween(from.level, to.level) : [];
  const others: readonly WayId[] = jumps ? ['step-back'] : hops.length > 0 ? hops.flat() : ['split-squat', 'hands-to-thighs'];
  const other = otherWay(
    profile,
    from,
    to,
    others.filter((way) => way !== asked),
  );
  return new Replaced(profile, from, to, [{ way: asked, other }]);
}
