import type { ActiveLimit } from '../conditions/active-limits.js';
import { onceOf, onceWithin } from '../once.js';
import type { Step } from '../sequence/sequence.js';
import { waysBetween, type Level, type WayId } from '../sequence/ways.js';
import { COST, isRest } from './candidates.js';
import { rowOf } from './facts.js';
import { findings, worstOf, type Finding } from './judge.js';
import { judgesOf } from './judges.js';
import { keepsWithin, passageOf, passedRow, type Passage } from './path.js';
import type { StepContext } from './place.js';
import type { Done, Form } from './studio.js';
import type { Who } from './who.js';

const LEVELS: readonly Level[] = ['up', 'floor', 'supine'];
/** So many places a body may be in after a step: its level, lying or not. */
export const STANDS = 2 * LEVELS.length;

/** Where a posture leaves the body, from 0 to `STANDS`. */
export function standOf({ level, measured }: Done): number {
  return 2 * LEVELS.indexOf(level) + (measured.lying ? 1 : 0);
}
const isUp = (stand: number) => stand < 2;
const isLying = (stand: number) => stand % 2 === 1;

/**
 * What another way than the given costs for where it begins: lying down in the middle of a standing row, or the
 * reverse, breaks the class apart. `from` is where the class stands.
 */
export function outOfPlace({ asana, ends }: Form, first: number, from: number | null): number {
  const given = standOf(ends[0]!);
  // A rest is lain down for, wherever the class stood before.
  const fits = (of: (stand: number) => boolean) => of(first) === of(given) || (!isRest(asana) && from !== null && of(first) === of(from));
  return (fits(isLying) ? 0 : COST.lyingDown) + (fits(isUp) ? 0 : COST.otherLevel);
}

const CROSSINGS = new WeakMap<Who, Float64Array>();

/** What getting from one level to another costs someone at the least: each pair of levels at `3 * from + to`. */
function crossingsOf(who: Who): Float64Array {
  const known = CROSSINGS.get(who);
  if (known) return known;
  const { ofWay } = judgesOf(who.limits);
  const isBarred = (way: WayId) => ofWay(way).length > 0;
  const hop = ([ordinary, ...others]: readonly WayId[]) => (!isBarred(ordinary!) ? 0 : others.every(isBarred) ? Infinity : COST.way);
  const made = Float64Array.from({ length: 9 }, (_, i) =>
    waysBetween(LEVELS[Math.floor(i / 3)]!, LEVELS[i % 3]!).reduce((sum, ways) => sum + hop(ways), 0),
  );
  CROSSINGS.set(who, made);
  return made;
}

/** What the way from one place to another costs someone at the least, whatever is passed through on it. */
export function leastCrossing(who: Who, { way }: Step, from: number | null, to: number): number {
  // A way that the step asks for is taken or not by its postures: nothing is certain about it here.
  return way === null && from !== null ? crossingsOf(who)[3 * (from >> 1) + (to >> 1)]! : 0;
}

/** A way of no special kind takes this long; one with a rise of 30 cm or the head coming up 20, twice that. Seconds. */
const WAY_SECONDS = 3;
const RISE_CM = 30;
const HEAD_RISE_CM = 20;

/** How far the body rises from one posture to the next, in cm. */
export function levelChange(from: Done | null, to: Done): number {
  return from ? Math.max(0, (to.measured.values.comHeight ?? 0) - (from.measured.values.comHeight ?? 0)) : 0;
}

/** How far the head comes up or goes down against the heart, in cm. */
export function headDrop(from: Done | null, to: Done): number {
  return from ? Math.abs((from.measured.values.headBelowHeart ?? 0) - (to.measured.values.headBelowHeart ?? 0)) : 0;
}

export function usualWaySeconds(from: Done | null, to: Done): number {
  return levelChange(from, to) >= RISE_CM || headDrop(from, to) > HEAD_RISE_CM ? 2 * WAY_SECONDS : WAY_SECONDS;
}

/** How someone gets to a posture. */
interface WayTaken {
  /** Equal where nothing tells two of them apart. */
  readonly key: string;
  readonly ways: readonly { readonly way: WayId; /** Another than was meant. */ readonly instead: boolean }[];
  /** What the way that was meant breaks. */
  readonly all: readonly Finding[];
  /** What no other way mends. */
  readonly hard: readonly Finding[];
  readonly impact: number | null;
}

/** To a posture on the same level, where no way is asked for. */
const NO_WAY: WayTaken = { key: '', ways: [], all: [], hard: [], impact: null };

/** From so many postures the ways are kept for one person; then all are forgotten. */
const MOST_TAKEN = 400;
/** By where one comes from and what way is asked for, and by where one goes. */
const TAKEN = new WeakMap<Who, Map<string | number, Map<number, WayTaken>>>();

/** The ordinary way to a posture, or the first other one that no limit bars: worked out once. */
export function wayTaken({ who, step, tally: { last } }: StepContext, to: Done, isGiven: boolean): WayTaken {
  if (step.way === null && (last === null || last.level === to.level)) return NO_WAY;
  const known = onceOf(TAKEN, who, () => new Map<string | number, Map<number, WayTaken>>());
  const from = last?.id ?? 0;
  // Only a way that is asked for may be left to whoever does the step as it is given.
  const key = step.way === null ? from : `${from} ${step.way} ${isGiven ? '' : 'other'}`;
  const byEnd = onceWithin(known, MOST_TAKEN, key, () => new Map<number, WayTaken>());
  return onceOf(byEnd, to.id, () => takenBetween(who, last, to, step.way, isGiven));
}

/** What is passed through on one way at a time: findings keep nothing of it. */
const PASSING = rowOf({});
const NOT_A_POSTURE = { facing: null, standing: false } as const;

function takenBetween(who: Who, from: Done | null, to: Done, asked: WayId | null, isGiven: boolean): WayTaken {
  const { limits, studio, props } = who;
  const ways: { way: WayId; instead: boolean }[] = [];
  const meant: (readonly Finding[])[] = [];
  const hard: Finding[] = [];
  const jumps = asked === 'jump-back';
  const hops = from ? waysBetween(from.level, to.level) : [];
  const { ofWay, ofPassage, passageBounds } = judgesOf(limits);
  const breaks = (about: readonly ActiveLimit[], values: Passage['least']) =>
    findings(about, { row: passedRow(values, PASSING), ...NOT_A_POSTURE }, 'transition');
  const hardOf = (way: WayId): readonly Finding[] => {
    const own = ofWay(way);
    if (!from || passageBounds.length === 0) return own;
    const passage = passageOf(studio, from, to, way);
    if (keepsWithin(passage, passageBounds)) return own;
    const { low, high } = ofPassage;
    return worstOf([own, low.length === 0 ? [] : breaks(low, passage.least), breaks(high, passage.most)]);
  };
  const takeOther = (others: readonly WayId[], broken: readonly Finding[]): void => {
    meant.push(broken);
    const isOpen = (way: WayId) => ofWay(way).length === 0 && hardOf(way).length === 0;
    const other = others.find((way) => (way !== 'with-chair' || (props.chair ?? 0) > 0) && isOpen(way));
    if (other) ways.push({ way: other, instead: true });
    else hard.push(...broken);
  };
  let impact: number | null = null;
  // Whoever needs an easier form doesn't jump into it.
  if (jumps && !isGiven) ways.push({ way: 'step-back', instead: false });
  else if (asked !== null) {
    const broken = hardOf(asked);
    if (broken.length === 0) {
      ways.push({ way: asked, instead: false });
      if (jumps) impact = 2;
    } else {
      const others: readonly WayId[] = jumps ? ['step-back'] : hops.length > 0 ? hops.flat() : ['split-squat', 'hands-to-thighs'];
      takeOther(
        others.filter((way) => way !== asked),
        broken,
      );
    }
  } else {
    for (const [ordinary, ...others] of hops) {
      const broken = hardOf(ordinary!);
      if (broken.length > 0) takeOther(others, broken);
    }
  }
  const all = worstOf(meant);
  const told = all.length + hard.length > 0 ? ` ${from?.id ?? 0} ${to.id}` : '';
  return { key: `${ways.map(({ way }) => way).join()} ${impact ?? ''}${told}`, ways, all, hard, impact };
}
