import { getOrCreate, memoize } from '../get-or-create.js';
import type { Purpose } from '../asanas/purposes.js';
import type { ActiveLimit } from '../conditions/active-limits.js';
import { measuresBy } from '../body/measure.js';
import { judging, type Judges } from '../judging/judges.js';
import type { LeftOut } from '../participants/left-out.js';
import type { PropsAtHand } from '../participants/props-at-hand.js';
import { rowOf } from '../solving/facts.js';
import type { Row } from '../solving/solved-posture.js';
import type { PlanningCache } from './planning-cache.js';
import type { BodySolver } from '../solving/body-solver.js';

/** Limits on these can only be judged of the class as a whole. */
const OF_THE_CLASS: ReadonlySet<string> = new Set(measuresBy('class'));

/** All that someone's steps are judged with, wherever in a class they stand. */
export interface JudgingProfile {
  /** Its own number. */
  readonly id: number;
  readonly solver: BodySolver;
  /** Those of single steps. */
  readonly limits: readonly ActiveLimit[];
  readonly judges: Judges;
  readonly props: PropsAtHand;
  readonly breathSeconds: number;
  /** What they are not offered, by asana. */
  readonly leftOut: ReadonlyMap<string, LeftOut>;
  /** Forms that they like: among those as good they go first. */
  readonly liked: ReadonlySet<string>;
  /** Purposes that do this person good: among substitutes they are preferred. */
  readonly favoured: ReadonlySet<Purpose>;
  /** For each asana, what this person's conditions put in its place: among substitutes these go first. */
  readonly named: ReadonlyMap<string, ReadonlySet<string>>;
  /** What was worked out for this and other people. */
  readonly cache: PlanningCache;
  /** Rows that are filled while one step or one passage is judged: nothing keeps them, and a new one is dear to make. */
  readonly scratch: { readonly step: Row; readonly passage: Row };
  /** What the last class asks of every dose, rests and breath left alone. */
  readonly afterPain: { readonly share: number; readonly condition: string } | null;
  /** How many times as long as given all that takes effort is done; `null` where that stays. */
  readonly longer: number | null;
}

let count = 0;

/** People of one body who are judged alike are the same `JudgingProfile`, so that what was worked out for one serves the other. */
export function sharedProfile(profile: Omit<JudgingProfile, 'id' | 'judges' | 'scratch'>): JudgingProfile {
  const known = profile.cache.about(profile.solver).of<string, JudgingProfile>('profiles');
  const key = JSON.stringify([
    profile.limits.map(({ id, spec }) => [id, spec]),
    profile.props,
    profile.breathSeconds,
    [...profile.leftOut.values()],
    [...profile.liked],
    [...profile.favoured],
    [...profile.named].map(([asana, ids]) => [asana, ...ids]),
    profile.afterPain,
    profile.longer,
  ]);
  return getOrCreate(known, key, () => ({
    ...profile,
    judges: judging(profile.limits),
    id: ++count,
    scratch: { step: rowOf({}), passage: rowOf({}) },
  }));
}

/** Someone's limits, without those of the class as a whole. */
export function stepLimits(limits: readonly ActiveLimit[]): readonly ActiveLimit[] {
  return limits.filter(({ spec }) => !OF_THE_CLASS.has(spec.measure));
}

/** The same body without any limit, to show a step as it is given. */
export const withoutLimits = memoize((profile: JudgingProfile) =>
  sharedProfile({
    ...profile,
    limits: [],
    favoured: new Set(),
    leftOut: new Map(),
    liked: new Set(),
    named: new Map(),
    afterPain: null,
    longer: null,
  }),
);
