import { message, type Message } from '../messages/message.js';
import { getOrCreate, memoize } from '../get-or-create.js';
import { EVERY_SUBSTITUTE } from '../conditions/substitutes.js';
import { formName, isForChildren, type Asana, type Library, type Variation } from '../asanas/library.js';
import type { Purpose } from '../asanas/purposes.js';
import type { Measure } from '../body/measure.js';
import type { Posture } from '../body/posture.js';
import type { Bound } from '../conditions/condition.js';
import { POSTURE_CHANGES, type PostureChange, type Wanted } from './changes.js';
import { asksNoMore, mayStandIn, rankAmongEasier, stepsDown } from './easier.js';
import { likedKey } from '../participants/preference.js';
import { propsOf } from './props-needed.js';
import type { BodySolver } from '../solving/body-solver.js';
import type { SolvedPosture } from '../solving/solved-posture.js';
import type { JudgingProfile } from '../judging/judging-profile.js';
import { COST } from '../plan/cost.js';

/** One candidate: an asana's form, changed or not. */
export interface Candidate {
  /** Its own number. */
  readonly id: number;
  readonly asana: Asana;
  readonly variation: Variation;
  readonly changes: readonly PostureChange[];
  /** What differs from the form that was given. */
  readonly said: readonly Message[];
  /** Cost before anything is solved: never more than the final cost. */
  readonly base: number;
  readonly drops: readonly Purpose[];
  /** Whether it is one of the steps down from what was given, whose order is set. */
  readonly isStepDown: boolean;
  readonly posture: Posture;
  readonly moves: Posture | null;
  /** What it looks like. */
  readonly figure: string;
}

/** A variation that points to another asana is that asana's plain form. */
function figureOf({ asana, variation, changes }: Pick<Candidate, 'asana' | 'variation' | 'changes'>): string {
  const form = variation.as === null ? `${asana.id}/${variation.id}` : `${variation.as}/plain`;
  return [form, ...changes.map(({ id }) => id).sort()].join(' ');
}

/** Angles of postures that were compared before: the library's postures are, again and again. */
const anglesOf = memoize(({ root, spine, legs, arms }: Posture): readonly number[] =>
  [root, spine, legs.left, legs.right, arms.left, arms.right].flatMap((group) => Object.values(group) as number[]),
);

/** Mean difference of two postures over their angles, in degrees. */
export function shapeDistance(a: Posture, b: Posture): number {
  const from = anglesOf(a);
  const to = anglesOf(b);
  let sum = 0;
  for (let i = 0; i < from.length; i++) sum += Math.min(90, Math.abs(from[i]! - to[i]!));
  return sum / from.length;
}

let count = 0;

export function candidateOf(
  asana: Asana,
  variation: Variation,
  base: number,
  said: readonly Message[],
  drops: readonly Purpose[] = [],
): Candidate {
  const form = { asana, variation, changes: [] };
  return {
    id: ++count,
    ...form,
    said,
    base,
    drops,
    isStepDown: false,
    posture: variation.posture,
    moves: variation.moves,
    figure: figureOf(form),
  };
}

const changedOf = memoize((_: Candidate) => new Map<string, Candidate | null>());

/**
 * A candidate with changes that reach what is wanted; `null` where there is nothing to change. A change looks at
 * nothing but the bounds of what it helps: for the same bounds the same object is returned, solved once a body.
 */
export function withChanges(candidate: Candidate, changes: readonly PostureChange[], wanted: Wanted, extra: number): Candidate | null {
  const asked = (measure: Measure) => {
    const bound = wanted.get(measure);
    return bound ? boundKey(bound) : '';
  };
  const key = changes.map(({ id, helps }) => `${id} ${helps.map(asked).join()}`).join(';') + extra;
  return getOrCreate(changedOf(candidate), key, () => applied(candidate, changes, wanted, extra));
}

const boundKey = memoize((bound: Bound) => Object.entries(bound).join());

function applied(candidate: Candidate, changes: readonly PostureChange[], wanted: Wanted, extra: number): Candidate | null {
  let { posture, moves } = candidate;
  const cost = changes.reduce((sum, change) => sum + change.cost + (change.extra?.(candidate.posture, wanted) ?? 0), 0);
  for (const change of changes) {
    const changed = change.apply(posture, wanted);
    const changedMoves = moves && change.apply(moves, wanted);
    if (!changed && !changedMoves) return null;
    posture = changed ?? posture;
    moves = changedMoves ?? moves;
  }
  const form = { asana: candidate.asana, variation: candidate.variation, changes: [...candidate.changes, ...changes] };
  return {
    ...candidate,
    ...form,
    id: ++count,
    figure: figureOf(form),
    said: [...candidate.said, ...changes.map(({ id }) => message(`change.${id}`))],
    base: candidate.base + cost + extra,
    posture,
    moves,
  };
}

/** Purposes that a step is mainly for and that another asana doesn't serve. */
function dropped(given: Asana, other: Asana): Purpose[] {
  return Object.entries(given.purposes)
    .filter(([purpose, weight]) => weight === 3 && other.purposes[purpose as Purpose] === undefined)
    .map(([purpose]) => purpose as Purpose);
}

/** How much of what an asana is for another one serves, 0 to 1. */
function overlap(given: Asana, other: Asana): number {
  let kept = 0;
  let all = 0;
  for (const [purpose, weight] of Object.entries(given.purposes)) {
    all += weight;
    kept += Math.min(weight, other.purposes[purpose as Purpose] ?? 0);
  }
  return all === 0 ? 0 : kept / all;
}

/** In what calms, resting is what matters, whatever else it stretches. */
function isRestful({ purposes }: Asana): boolean {
  return purposes.rest !== undefined || purposes.calm !== undefined;
}

const STANDING_BASES = new Set(['standing', 'standing-wall', 'standing-chair']);
function sameBase(a: Asana, b: Asana): boolean {
  return a.base === b.base || (STANDING_BASES.has(a.base) && STANDING_BASES.has(b.base));
}

/** What a variation changes, as a teacher would say it. */
function variationSaid(variation: Variation): Message {
  return message('change.variation', { name: formName(variation) });
}

/** What a substitute drops. */
function dropSaid(drops: readonly Purpose[]): Message[] {
  return drops.length > 0 ? [message('change.leaves-out', { purposes: drops.map((purpose) => purpose.replaceAll('-', ' ')) })] : [];
}

function substitutes(library: Library, given: Candidate): Candidate[] {
  const listed = given.asana.substitutes.map((id) => library.get(id));
  const further = listed.flatMap(({ substitutes: next }) => next.map((id) => library.get(id)));
  const seen = new Set<string>([given.asana.id]);
  const out: Candidate[] = [];
  const mayBeIts = (other: Pick<Candidate, 'asana' | 'variation'>) => mayStandIn(library, given, other);
  const add = (asana: Asana, base: number, mayBe = mayBeIts) => {
    if (seen.has(asana.id) || asana.variations.length === 0) return;
    seen.add(asana.id);
    const drops = dropped(given.asana, asana);
    const cost = base + COST.dropped * drops.length + (sameBase(given.asana, asana) ? 0 : COST.otherBase);
    asana.variations.forEach((variation, i) => {
      if (variation.as !== null || !mayBe({ asana, variation })) return;
      const rank = rankAmongEasier(library, given.asana, asana, variation);
      out.push({
        ...candidateOf(
          asana,
          variation,
          rank === null
            ? cost + (i === 0 ? 0 : 0.6 + i * 0.1)
            : COST.substitute + COST.stepDown * rank + (isRestful(given.asana) ? 0 : COST.stepDownDropped * drops.length),
          [...(i === 0 ? [] : [variationSaid(variation)]), ...dropSaid(drops)],
          drops,
        ),
        isStepDown: rank !== null,
      });
    });
  };
  // What a condition names in its place is known to be possible, also where the asana's own list is silent: the better, the more of the job it does.
  const named = [...(EVERY_SUBSTITUTE.get(given.asana.id) ?? [])].map((id) => library.get(id));
  named.forEach((asana) => add(asana, COST.substitute + 1 + 2 * (1 - overlap(given.asana, asana)), (other) => asksNoMore(given, other)));
  stepsDown(library, given.asana).forEach((asana) => add(asana, COST.substitute));
  listed.forEach((asana, i) => add(asana, COST.substitute + i * COST.placeInList));
  further.forEach((asana) => add(asana, COST.substitute + 1.5 + 2 * (1 - overlap(given.asana, asana))));
  const kids = isForChildren(given.asana);
  library.asanas
    .filter((asana) => !seen.has(asana.id) && isForChildren(asana) === kids && (asana.pattern !== null) === (given.asana.pattern !== null))
    .map((asana) => ({ asana, fit: overlap(given.asana, asana) }))
    .filter(({ fit }) => fit >= 0.3)
    .sort((a, b) => b.fit - a.fit)
    .slice(0, 30)
    .forEach(({ asana, fit }) => add(asana, COST.library + 4 * (1 - fit)));
  return out;
}

/** What can be done in place of a form, and each by its figure. */
export interface Replacements {
  /** The form itself first, then cheapest first. */
  readonly candidates: readonly Candidate[];
  readonly byFigure: ReadonlyMap<string, Candidate>;
}

const givenIn = memoize((_: Asana) => new Map<Variation, Candidate>());
/** A form as it is given, the same object for the same form. */
export function givenOf(asana: Asana, variation: Variation): Candidate {
  return getOrCreate(givenIn(asana), variation, () => candidateOf(asana, variation, 0, []));
}

const replacementsIn = memoize((_: Library) => memoize((_asana: Asana) => new Map<Variation, Replacements>()));
/** They depend on the library alone and are made once. */
export function replacementsOf(library: Library, asana: Asana, variation: Variation): Replacements {
  return getOrCreate(replacementsIn(library)(asana), variation, () => listReplacements(library, asana, variation));
}

function listReplacements(library: Library, asana: Asana, variation: Variation): Replacements {
  const given = givenOf(asana, variation);
  const own = asana.variations
    .filter((one) => one !== variation && mayStandIn(library, given, { asana, variation: one }))
    .map((one, i) => candidateOf(asana, one, COST.variation + i * 0.05 + (one.as ? COST.otherAsana : 0), [variationSaid(one)]));
  const candidates = [given, ...[...own, ...substitutes(library, given)].sort((a, b) => a.base - b.base)];
  // A variation may look like another asana: of two with one figure the cheaper one counts.
  return { candidates, byFigure: new Map([...candidates].reverse().map((candidate) => [candidate.figure, candidate])) };
}

const changedEndsOn = memoize((_: BodySolver) => new WeakMap<Candidate, readonly SolvedPosture[]>());

/** A candidate's postures as this body does them: the same array whenever it is asked. */
export function endsOf(solver: BodySolver, candidate: Candidate): readonly SolvedPosture[] {
  const { asana, variation, posture, moves, changes } = candidate;
  if (changes.length === 0) return solver.formOf(asana, variation).ends;
  return getOrCreate(changedEndsOn(solver), candidate, () => [
    solver.posture(posture, variation.posture),
    ...(moves ? [solver.posture(moves, variation.moves)] : []),
  ]);
}

/** What a candidate costs someone for what it is, however its posture is changed. */
function asanaCost(profile: JudgingProfile, candidate: Candidate, given: Candidate): number {
  const { asana, variation, isStepDown } = candidate;
  const isLiked = candidate === given || profile.liked.size === 0 || profile.liked.has(likedKey(asana.id, variation.id));
  let cost = isLiked ? 0 : COST.lessLiked;
  if (asana !== given.asana) {
    if (!isStepDown && !Object.keys(asana.purposes).some((one) => profile.favoured.has(one as Purpose))) cost += COST.notFavoured;
    if (profile.named.get(given.asana.id)?.has(asana.id) === false) cost += COST.notNamed;
  }
  return cost;
}

/** What a candidate costs someone wherever it is done: its place, dose and way can only add to it. */
export function costAnywhere(profile: JudgingProfile, candidate: Candidate, given: Candidate): number {
  const { posture, base, isStepDown } = candidate;
  const shape = isStepDown ? 0 : COST.shape * shapeDistance(posture, given.posture);
  return base + COST.prop * propsOf(posture).size + shape + asanaCost(profile, candidate, given);
}

const LEAST_CHANGE = Math.min(...POSTURE_CHANGES.map(({ cost }) => cost));

/** Nothing that a candidate may be changed to costs someone less than this. */
export function costChanged(profile: JudgingProfile, candidate: Candidate, given: Candidate): number {
  const pair = candidate.changes.length > 0 ? COST.pair : 0;
  return candidate.base + LEAST_CHANGE + pair + asanaCost(profile, candidate, given);
}
