import { MEASURES, type Measure } from '../body/measure.js';
import { holdsUntil, isDay } from '../day.js';
import type { Problem } from '../problem.js';
import type { ActiveLimit } from './active-limits.js';
import { CONDITIONS } from './all.js';
import type { Grade, LimitSpec } from './condition.js';
import { readBound, type BoundText } from './limits.js';

/** A limit that a studio or a person's own clinician adds: stricter only, unless it replaces one that a school asks for. */
export interface OwnLimit {
  readonly measure: Measure;
  /** `<= 30`, `>= -10` or `-10..30`: what is allowed, in the measure's unit. */
  readonly bound: string;
  readonly grade: Grade;
  readonly reason: string;
  /** Who asks for it: the studio, or whose word it is. */
  readonly by: string;
  /** A school's limit, as `condition/limit`, in whose place it stands: it holds where that one would. */
  readonly replaces?: string | undefined;
  /** The last day it holds for, as YYYY-MM-DD; left out, it holds until it is taken away. */
  readonly until?: string | undefined;
}

/** A limit that does not hold for one person, and why. */
export interface Loosened {
  /** As `condition/limit`. */
  readonly limit: string;
  readonly reason: string;
  /** The day it was decided, as YYYY-MM-DD. */
  readonly on: string;
}

/** A measure and which way it is bound: two limits that share it say the same of the same thing, one of them more strictly. */
export function boundWay({ measure, bound }: Pick<OwnLimit, 'measure' | 'bound'>): string {
  return `${measure} ${bound.trim().slice(0, 2)}`;
}

export const OWN = 'own';
const MOST_TEXT = 300;

/**
 * Limits with the own ones among them, under the condition `own`; those that were replaced are gone. Without a day none
 * has run out.
 */
export function withOwn(active: readonly ActiveLimit[], own: readonly OwnLimit[], today: string | null = null): ActiveLimit[] {
  const holds = ({ until }: OwnLimit) => holdsUntil(until, today);
  const here = new Set(active.map(({ id }) => id));
  const replaced = new Set(own.filter(holds).map(({ replaces }) => replaces));
  const added = own.flatMap((one, i): ActiveLimit[] => {
    const { measure, bound, grade, reason, by, replaces } = one;
    if (!holds(one)) return [];
    if (replaces !== undefined && !here.has(replaces)) return [];
    const id = `own-${i + 1}`;
    const spec: LimitSpec = { id, measure, bound: readBound(bound as BoundText), grade, reason: `${reason} (${by})`, source: ['common practice'] };
    return [{ condition: OWN, id: `${OWN}/${id}`, spec }];
  });
  return [...active.filter(({ id }) => !replaced.has(id)), ...added];
}

function isPublished({ source }: Pick<LimitSpec, 'source'>): boolean {
  return source.some((mark) => mark !== 'common practice' && !mark.endsWith('*'));
}

/**
 * Whether a limit may be set aside with a written reason: never one that bars outright, which takes written
 * clearance, and never one whose number stands in a published source.
 */
export function mayLoosen(spec: Pick<LimitSpec, 'grade' | 'source'>): boolean {
  return spec.grade !== 'avoid' && !isPublished(spec);
}

/** Whether a studio may put a limit of its own in the place of this one: only where practitioners disagree, and never for a published number. */
export function mayReplace(spec: Pick<LimitSpec, 'school' | 'source'>): boolean {
  return spec.school !== undefined && !isPublished(spec);
}

/** A limit by its name, as `condition/limit`. */
export function findLimit(id: string): LimitSpec | null {
  const [condition, limit] = id.split('/');
  return CONDITIONS.find((one) => one.id === condition)?.limits.find((one) => one.id === limit) ?? null;
}

/** Problems of own limits and of what was set aside, each named `ownLimits[0]` or `loosened[0]`. */
export function checkOwn(limits: readonly OwnLimit[], loosened: readonly Loosened[]): Problem[] {
  return [
    ...limits.flatMap(({ measure, bound, grade, reason, by, replaces, until }, i): Problem[] => {
      const field = `ownLimits[${i}]`;
      const refuse = (message: string) => [{ field, message }];
      if (!Object.hasOwn(MEASURES, measure)) return refuse(`no measure "${measure}"`);
      try {
        readBound(bound);
      } catch {
        return refuse(`"${bound}" is no bound; expected "<= 30", ">= 30" or "-10..30"`);
      }
      if (!['avoid', 'modify', 'watch'].includes(grade)) return refuse(`grade is "${grade}"; expected avoid, modify or watch`);
      if (reason.trim() === '' || reason.length > MOST_TEXT) return refuse(`write why (1 to ${MOST_TEXT} characters)`);
      if (by.trim() === '' || by.length > MOST_TEXT) return refuse('write whose word it is');
      if (until !== undefined && !isDay(until)) return refuse(`until is "${until}"; expected a day such as 2026-03-01`);
      if (replaces === undefined) return [];
      const spec = findLimit(replaces);
      if (!spec) return refuse(`no limit "${replaces}"`);
      if (!mayReplace(spec)) return refuse(`${replaces} can't be replaced: ${isPublished(spec) ? 'its number stands in a published source' : 'it is no limit of a school'}`);
      return spec.measure === measure ? [] : refuse(`${replaces} is about ${spec.measure}, not ${measure}`);
    }),
    ...loosened.flatMap(({ limit, reason, on }, i): Problem[] => {
      const field = `loosened[${i}]`;
      const spec = findLimit(limit);
      if (!spec) return [{ field, message: `no limit "${limit}"` }];
      if (!mayLoosen(spec))
        return [{ field, message: `${limit} can't be set aside: ${spec.grade === 'avoid' ? 'it bars outright, which takes written clearance' : 'its number stands in a published source'}` }];
      if (reason.trim() === '' || reason.length > MOST_TEXT) return [{ field, message: `${limit}: write why it is set aside` }];
      return /^\d{4}-\d\d-\d\d$/.test(on) ? [] : [{ field, message: `${limit}: expected a day such as 2026-03-01` }];
    }),
  ];
}
