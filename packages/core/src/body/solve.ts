import { DEG2RAD } from '../angles.js';
import { memoize } from '../get-or-create.js';
import type { Body } from './anthropometry.js';
import { NormalEquations, type Ranges } from './normal-equations.js';
import type { Posture } from './posture.js';
import { Pulls } from './pulls.js';
import { ownEnds, withinReach } from './reach.js';
import { Rows } from './rows.js';
import { ARM_DOF, DOF_COUNT, DOFS, LEG_DOF, place, toState, type PlacedBody, type State } from './skeleton.js';
import { Solved } from './solved.js';
import { folded, unknownsOf, type Unknowns } from './unknowns.js';

const REACHED_M = 0.01;
const MAX_ROUNDS = 40;
const MAX_DAMPING = 1e6;
/** A gain below this share of the cost is not worth another round. */
const GAIN_WORTH = 2e-3;
/** So many gains in a row, each below this share of the cost, end the search. */
const SMALL_GAIN = 0.04;
const SMALL_GAINS = 3;
/** How far an angle may move at the cost of one centimetre of contact error: sets data against reach. */
const ANGLE_SIGMA = 12 * DEG2RAD;

/**
 * The outer ends of each joint's range in degrees (far end of ordinary bodies; common practice, no
 * source). An angle that its author set outside stays where it was set. A foot's hinge for turning in stands for its
 * middle too, which twists along: hence further than an ankle goes alone.
 */
const LEG_RANGE: readonly (readonly [number, number])[] = [[-35, 145], [-38, 75], [-48, 82], [0, 160], [-65, 42], [-30, 52]]; // prettier-ignore
const ARM_RANGE: readonly (readonly [number, number])[] = [[0, 182], [-200, 200], [-100, 110], [0, 150], [-100, 100], [-95, 85]]; // prettier-ignore
const SPINE_RANGE: readonly (readonly [number, number])[] = [[-35, 55], [-28, 38], [-65, 75], [-36, 36], [-55, 55], [-45, 45], [-80, 80]]; // prettier-ignore

const RANGE: readonly (readonly [number, number])[] = (() => {
  const all: (readonly [number, number])[] = Array.from({ length: DOF_COUNT }, () => [-1e9, 1e9] as const);
  SPINE_RANGE.forEach((range, i) => (all[6 + i] = range));
  for (const start of Object.values(LEG_DOF)) LEG_RANGE.forEach((range, i) => (all[start + i] = range));
  for (const start of Object.values(ARM_DOF)) ARM_RANGE.forEach((range, i) => (all[start + i] = range));
  return all.map(([low, high], i): readonly [number, number] => (i < 6 ? [low, high] : [low * DEG2RAD, high * DEG2RAD]));
})();

/** The ranges of this body: the ordinary ones, nearer where its own end was measured. */
const rangesOf = memoize((body: Body): Ranges => {
  const ends = ownEnds(body);
  return {
    low: Float64Array.from(RANGE, ([low]) => low),
    high: Float64Array.from(RANGE, ([, high], i) => Math.min(high, ends.get(DOFS[i]!) ?? high)),
  };
});

/** How stiffly each free number is held at what its author set, as 1/sigma. */
function stiffness(): Float64Array {
  const stiff = new Float64Array(DOF_COUNT).fill(1 / ANGLE_SIGMA);
  stiff[0] = stiff[1] = 1 / 0.05;
  stiff[2] = 0;
  // The foot turns in and the wrist gives more readily than a hip or the spine does.
  for (const start of Object.values(LEG_DOF)) stiff[start + 5] = 1 / (25 * DEG2RAD);
  for (const start of Object.values(ARM_DOF)) stiff[start + 5] = 1 / (25 * DEG2RAD);
  for (let i = 6; i <= 12; i++) stiff[i] = 1.5 / ANGLE_SIGMA;
  return stiff;
}
const STIFF = stiffness();

interface SolvingRoom {
  readonly rows: Rows;
  readonly tried: Rows;
  readonly equations: NormalEquations;
}
/** Solving never waits for anything, so one room serves all: making it anew takes a fifth of the time. */
const roomFor = memoize((unknowns: Unknowns): SolvingRoom => ({
  rows: new Rows(),
  tried: new Rows(),
  equations: new NormalEquations(unknowns, STIFF),
}));

/** What gains are set against: a cost beyond the upper end is a contact that is not met, and each bit of it counts. */
function costThatCounts(cost: number): number {
  return Math.min(1 + cost, 25);
}

function costOf(rows: Rows, state: State, wanted: State): number {
  let sum = 0;
  for (let row = 0; row < rows.count; row++) if (rows.counts[row]) sum += rows.values[row]! ** 2;
  for (let i = 0; i < DOF_COUNT; i++) sum += ((state[i]! - wanted[i]!) * STIFF[i]!) ** 2;
  return sum;
}

/**
 * Brings the contacts of a posture on to their supports with the least change of its angles:
 * damped least squares (Levenberg, Q Appl Math 1944;2:164; Marquardt, J SIAM 1963;11:431) over the
 * place of the pelvis and all joint angles. Level supports fix a height, walls a common plane.
 * It begins at `start`, if that is given: the nearer to the end, the fewer rounds.
 * Changes nothing it is given; the same input gives the same output.
 */
export function solve(body: Body, asWritten: Posture, start: State | null = null): Solved {
  const posture = withinReach(body, asWritten);
  const wanted = toState(posture);
  const unknowns = unknownsOf(asWritten);
  const room = roomFor(unknowns);
  room.equations.begin(wanted, rangesOf(body));
  const state = folded(start ? heldBack(start, wanted, toState(asWritten), room.equations) : wanted, unknowns);
  state[2] = 0;
  const unlifted = place(body, state, posture.contacts, false);
  const pulls = new Pulls(body, posture.contacts, unlifted);
  // What bears lies on its supports on average, so that few rounds are needed.
  state[2] = -pulls.heightAbove(unlifted);

  const { placed, rounds } = settle(pulls, place(body, state, posture.contacts), wanted, room);
  const warnings: string[] = [];
  let residual = 0;
  for (const { contact, by } of pulls.missed(placed)) {
    residual = Math.max(residual, by);
    if (by > REACHED_M) {
      const { part, side } = contact;
      warnings.push(`${side ? `${side} ` : ''}${part} stays ${(by * 100).toFixed(1)} cm from its support`);
    }
  }
  return new Solved(
    body,
    placed.state,
    posture.contacts,
    { reached: residual <= REACHED_M, residualCm: residual * 100, rounds, warnings },
    placed,
  );
}

/** The rounds of damped least squares, from a placed body to where nothing is gained any longer. */
function settle(
  pulls: Pulls,
  start: PlacedBody,
  wanted: State,
  { equations, ...room }: SolvingRoom,
): { readonly placed: PlacedBody; readonly rounds: number } {
  const { body, contacts } = start;
  let placed = start;
  let { rows, tried } = room;
  pulls.fill(rows, placed);
  let cost = costOf(rows, placed.state, wanted);
  let damping = 1e-3;
  let rounds = 0;
  let slow = 0;
  /** What the last step ran into; it is reckoned with in the next. */
  const expected = new Set<number>();
  equations.gather(rows, placed);
  while (rounds < MAX_ROUNDS && damping <= MAX_DAMPING && slow < SMALL_GAINS) {
    const { next, gain: foreseen } = equations.step(placed.state, damping);
    if (foreseen < GAIN_WORTH * costThatCounts(cost)) {
      if (expected.size === 0) break;
      // What was reckoned with leaves nothing to gain: a shorter step may not reach it.
      expected.clear();
      pulls.fill(rows, placed);
      equations.gather(rows, placed);
      damping *= 6;
      continue;
    }
    rounds++;
    const nextPlaced = place(body, next, contacts);
    pulls.fill(tried, nextPlaced);
    const nextCost = costOf(tried, next, wanted);
    if (nextCost <= cost) {
      const gain = cost - nextCost;
      placed = nextPlaced;
      [rows, tried] = [tried, rows];
      cost = nextCost;
      expected.clear();
      damping = Math.max(1e-7, damping / 5);
      // Nor is one worth another that was foreseen so well that all is straight here.
      if (gain < GAIN_WORTH * costThatCounts(cost) || Math.abs(foreseen - gain) < GAIN_WORTH * costThatCounts(cost)) break;
      // Rows that come and go make the last rounds creep: a run of small gains is as good as none.
      slow = gain < SMALL_GAIN * costThatCounts(cost) ? slow + 1 : 0;
      equations.gather(rows, placed);
    } else if (expectMore(expected, rows, tried)) {
      pulls.fill(rows, placed, expected);
      equations.gather(rows, placed);
    } else {
      damping *= 6;
      if (foreseen < SMALL_GAIN * costThatCounts(cost)) slow++;
    }
  }
  return { placed, rounds };
}

/** A start for this body: what its own joints hold back begins where they stop. */
function heldBack(start: State, wanted: State, written: State, equations: NormalEquations): State {
  return start.map((value, dof) => (wanted[dof] === written[dof] ? equations.inRange(dof, value) : wanted[dof]!));
}

/** Adds what pulls in a body that was tried and not where it came from; `false` where there is nothing new. */
function expectMore(expected: Set<number>, rows: Rows, tried: Rows): boolean {
  const before = expected.size;
  const known = new Set(rows.ids.slice(0, rows.count));
  for (let row = 0; row < tried.count; row++) if (!known.has(tried.ids[row]!)) expected.add(tried.ids[row]!);
  return expected.size > before;
}
