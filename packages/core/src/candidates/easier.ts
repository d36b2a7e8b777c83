import { FAMILIES, GRADINGS, NEVER_OFFERED, type Exposure, type Grading } from '../asanas/easier-than.js';
import type { Asana, Library, Variation } from '../asanas/library.js';
import { memoize } from '../get-or-create.js';

/** A way to do an asana. */
interface Form {
  readonly asana: Asana;
  readonly variation: Variation;
}

/** What a form asks of whoever does it. */
interface Grade {
  readonly skill: number;
  readonly effort: number;
  readonly exposure: ReadonlySet<Exposure>;
}

/** A name stands for a family, an asana or a form (`asana/variation`): the asanas and forms that it means. */
function meantBy(library: Library, name: string): readonly string[] {
  const family = FAMILIES[name];
  if (!family) return [name];
  const { members = [], bases = [], except = [] } = family;
  const based = library.asanas.filter(({ base }) => bases.includes(base)).map(({ id }) => id);
  return [...members, ...based].filter((id) => !except.includes(id));
}

interface Ladder {
  /** Steps down by asana or form, in the order in which they are offered. */
  readonly rankOf: ReadonlyMap<string, number>;
  readonly never: ReadonlySet<string>;
}

const laddersIn = memoize((library: Library) =>
  memoize((asana: Asana): Ladder => {
    const grading = GRADINGS[asana.id];
    if (!grading) return { rankOf: new Map(), never: new Set() };
    const { easier, elsewhere = [], never } = grading;
    // Where all of the list fails, that of its last entry follows.
    const last = GRADINGS[(easier.at(-1) ?? '').split('/')[0]!];
    const offered = [...new Set([...easier, ...(last?.easier ?? []), ...elsewhere])].filter((one) => one !== asana.id);
    const isIn = (family: string) => FAMILIES[family]!.members?.includes(asana.id) === true;
    const strangers = NEVER_OFFERED.filter((family) => !isIn(family));
    return {
      rankOf: new Map(offered.map((one, rank) => [one, rank])),
      never: new Set([...never, ...strangers].flatMap((name) => meantBy(library, name))),
    };
  }),
);

/**
 * The place of a form among what is offered where less is wanted than an asana, from 0; `null` where it isn't. An asana
 * alone stands for its plain form.
 */
export function rankAmongEasier(library: Library, asana: Asana, other: Asana, variation: Variation): number | null {
  const { rankOf } = laddersIn(library)(asana);
  const isPlain = other.variations[0] === variation;
  return rankOf.get(`${other.id}/${variation.id}`) ?? (isPlain ? rankOf.get(other.id) : undefined) ?? null;
}

/** The other asanas that are offered where less is wanted than one of them, in their order. */
export function stepsDown(library: Library, asana: Asana): readonly Asana[] {
  const ids = [...laddersIn(library)(asana).rankOf.keys()].map((name) => name.split('/')[0]!);
  return [...new Set(ids)].filter((id) => id !== asana.id).map((id) => library.get(id));
}

/** What a form asks; `null` where its asana isn't graded. */
export function gradeOf(asana: Asana, variation: Variation): Grade | null {
  const form = GRADINGS[asana.id]?.forms?.[variation.id];
  const really = GRADINGS[form?.sameAs ?? variation.as ?? asana.id];
  if (!really) return null;
  const { skill, effort, exposure }: Grading = really;
  return {
    skill: form?.skill ?? skill,
    effort: form?.effort ?? effort,
    exposure: new Set([...exposure, ...(form?.with ?? [])].filter((one) => form?.without?.includes(one) !== true)),
  };
}

/** What a listed stand-in may add: positions that the same job may be done in, and eyes closed in a rest, which are a choice. */
const ELSEWHERE: ReadonlySet<Exposure> = new Set<Exposure>(['supine-flat', 'prone', 'kneeling', 'eyes-closed']);

/**
 * Whether a form may be offered in place of another: never with more skill, more effort or an exposure that the one asked
 * for doesn't have, and nothing that its asana rules out. What isn't graded is offered for nothing else.
 */
export function mayStandIn(library: Library, asked: Form, other: Form): boolean {
  const { never, rankOf } = laddersIn(library)(asked.asana);
  const names = [`${other.asana.id}/${other.variation.id}`, other.variation.as ?? other.asana.id];
  if (names.some((name) => never.has(name))) return false;
  const isElsewhere = [...names, other.asana.id].some((name) => rankOf.has(name));
  return asksNoMore(asked, other, isElsewhere);
}

/** Whether a form has no more skill, no more effort and no exposure that another lacks; `mayMove`: but for where the body is, and closed eyes. */
export function asksNoMore(asked: Form, other: Form, mayMove = true): boolean {
  const [given, offered] = [gradeOf(asked.asana, asked.variation), gradeOf(other.asana, other.variation)];
  if (given === null) return true;
  if (offered === null) return asked.asana === other.asana;
  return (
    offered.skill <= given.skill &&
    offered.effort <= given.effort &&
    [...offered.exposure].every((one) => given.exposure.has(one) || (mayMove && ELSEWHERE.has(one)))
  );
}
