import type { Facing, Measure } from '../body/measure.js';
import { KnowledgeError } from '../knowledge-error.js';
import type { AnyAnswers, Bound, Clause, Grade, LimitSpec } from './condition.js';
import type { SourceMark } from './sources.js';

/** A bound as a table writes it: what is allowed. `-20..40` is from -20 to 40. */
export type BoundText = `<= ${number}` | `>= ${number}` | `= ${number}` | `${number}..${number}`;
/** When a row is awake: a comparison, or how the body is placed. Several hold together. */
export type WhenText =
  | `${Measure} ${'>' | '>=' | '<' | '='} ${number}`
  | 'standing'
  | 'not standing'
  | `facing ${Facing}`
  | `not facing ${Facing}`;

/** Why a row's limits are there: one sentence for all of them, or one for each measure. */
export type Reason = string | Readonly<Partial<Record<Measure | 'facing', string>>>;

interface RowOptions<School extends string> {
  /** What tells this limit apart in its id, where that is to be said: the others of the row then keep the row's own id. */
  readonly as?: string;
  /** Only when this position of a school is chosen, as `school:position`. */
  readonly school?: `${School}=${string}`;
  /** This limit's own reason, where the row's fits only the others. */
  readonly reason?: string;
  /** How words of the source became this number. */
  readonly reading?: string;
  /** The number of a one-sided bound where it depends on an answer; the row's own is for a missing one. */
  readonly of?: (answers: AnyAnswers) => number;
}

/** Measure, bound, grade, the stages it holds in (none: in all), and when it is awake. */
export type Row<Stage extends string, School extends string> =
  | readonly [Measure, BoundText, Grade, (readonly Stage[])?, ...(WhenText | RowOptions<School>)[]]
  | readonly ['facing', readonly Facing[], Grade, (readonly Stage[])?, ...(WhenText | RowOptions<School>)[]];

/** Why a bound on balance ends where both hands hold. */
export const HELD = { reading: 'Held with both hands, balance is trained, not risked.' } as const;
/** Why a bound on how far the knees bend under load is for standing alone. */
export const ON_FEET = { reading: 'Read for squats on the feet: kneeling and sitting bear nothing down.' } as const;
/** Why no bound on the hands is 0: arms lie, and that is no load. */
export const LYING_HAND = { reading: 'An arm that lies weighs 0.08 of the body; more is leaning.' } as const;
/** The same of the forearms. */
export const LYING_ARMS = { reading: 'Two arms that lie weigh 0.13 of the body; more is leaning.' } as const;
/** Why a bound on something to hold is for more than standing. */
export const QUIET = { reading: 'Quiet standing on both feet asks for nothing to hold.' } as const;
/** Why a bound on raised arms asks for the elbow above the heart. */
export const ARMS_HELD = { reading: 'Arms that rest, or hang below the heart, are not held up.' } as const;
/** Why holds that are written as 20 s are 25: teachers count breaths. */
export const FIVE_BREATHS = { reading: 'Written as 20 s, read as five ordinary breaths.' } as const;
/** How far down a head hangs that is not held there. */
export const CAT_COW = { reading: 'The head of a cat-cow hangs 14 for a breath.' } as const;

const BOUND = /^(?:(<=|>=|=) (-?[\d.]+)|(-?[\d.]+)\.\.(-?[\d.]+))$/;
const WHEN = /^(\w+) (>=|>|<|=) (-?[\d.]+)$/;

/** @throws KnowledgeError for a text that is no bound. */
export function readBound(text: string): Bound {
  const [, sign, number, low, high] = BOUND.exec(text) ?? [];
  if (low !== undefined) return { atLeast: Number(low), atMost: Number(high) };
  switch (sign) {
    case '<=':
      return { atMost: Number(number) };
    case '>=':
      return { atLeast: Number(number) };
    case '=':
      return { equals: Number(number) };
    default:
      throw new KnowledgeError(`"${text}" is no bound; expected "<= 5", ">= 5", "= 0" or "-20..40"`);
  }
}

/** The same kind of bound with another number, to a hundredth. */
function withNumber(bound: Bound, number: number): Bound {
  const value = Math.round(number * 100) / 100;
  if ('equals' in bound) return { equals: value };
  return 'atMost' in bound ? { atMost: value } : { atLeast: value };
}

function readWhen(text: WhenText): Clause {
  if (text === 'standing' || text === 'not standing') return { standing: text === 'standing' };
  const facing = /^(not )?facing (.+)$/.exec(text);
  if (facing) return { facing: facing[2] as Facing, ...(facing[1] && { not: true }) };
  const [, measure, sign, number] = WHEN.exec(text) ?? [];
  if (measure === undefined) throw new KnowledgeError(`"${text}" is no clause`);
  const key = ({ '>': 'over', '>=': 'from', '<': 'under', '=': 'equals' } as const)[sign as '>' | '>=' | '<' | '='];
  // The measure's name is checked by the compiler, in `WhenText`.
  return { measure: measure as Measure, [key]: Number(number) };
}

function kebab(name: string): string {
  return name.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`);
}

/** What tells the limits of one row apart: the measure where it differs, then the stages, then their order. */
function suffixes(rows: readonly Row<string, string>[]): string[] {
  if (rows.length === 1) return [''];
  const measures = new Set(rows.map(([measure]) => measure)).size > 1;
  const tries = [
    (row: Row<string, string>) => (measures ? `-${kebab(row[0])}` : ''),
    (row: Row<string, string>) => `${measures ? `-${kebab(row[0])}` : ''}${row[3] ? `-${row[3][0]}` : ''}`,
    (row: Row<string, string>, i: number) => `${measures ? `-${kebab(row[0])}` : ''}${row[3] ? `-${row[3][0]}` : ''}-${i + 1}`,
  ];
  // The last one numbers them: it tells all apart.
  const all = tries.map((name) => rows.map(name));
  return all.find((names) => new Set(names).size === rows.length) ?? all.at(-1)!;
}

/** The sentence for a measure. @throws KnowledgeError for one that the row has no sentence for. */
function reasonFor(measure: Measure | 'facing', reason: Reason, id: string): string {
  const said = typeof reason === 'string' ? reason : reason[measure];
  if (said === undefined) throw new KnowledgeError(`${id}: no reason for ${measure}`);
  return said;
}

/** @throws KnowledgeError for a sentence about a measure that no row limits. */
function checkReasons(id: string, reason: Reason, rows: readonly Row<string, string>[]): void {
  if (typeof reason === 'string') return;
  const idle = Object.keys(reason).find((measure) => !rows.some(([limited]) => limited === measure));
  if (idle !== undefined) throw new KnowledgeError(`${id}: a reason for ${idle}, which it doesn't limit`);
}

/**
 * One row of a condition's table: the limits in it share their source, and are known as the row's id with
 * what tells them apart.
 * @throws KnowledgeError for a bound that can't be read, and for a measure without a reason.
 */
export function limits<const Stage extends string = never, const School extends string = never>(
  id: string,
  reason: Reason,
  source: SourceMark | readonly SourceMark[],
  ...rows: readonly Row<Stage, School>[]
): LimitSpec<Stage, School>[] {
  checkReasons(id, reason, rows as readonly Row<string, string>[]);
  const told = rows.map((row) => row.slice(4).find((one): one is RowOptions<School> => typeof one === 'object' && 'as' in one)?.as);
  const names = told.some((as) => as !== undefined)
    ? told.map((as) => (as === undefined ? '' : `-${as}`))
    : suffixes(rows as readonly Row<string, string>[]);
  return rows.map((row, i) => {
    const [measure, bound, grade, stages, ...rest] = row;
    const when = rest.filter((one) => typeof one === 'string').map(readWhen);
    const { of, as: _, reason: own, ...options }: RowOptions<School> = Object.assign({}, ...rest.filter((one) => typeof one === 'object')) as RowOptions<School>;
    const shared = {
      id: `${id}${names[i]}`,
      grade,
      reason: own ?? reasonFor(measure, reason, id),
      source: typeof source === 'string' ? [source] : source,
      ...(stages && { stages }),
      ...(when.length > 0 && { when }),
      ...options,
    };
    if (measure === 'facing') return { ...shared, measure, bound: { is: bound as readonly Facing[] } };
    return {
      ...shared,
      measure,
      bound: readBound(bound as BoundText),
      ...(of && { boundOf: (answers: AnyAnswers) => withNumber(readBound(bound as BoundText), of(answers)) }),
    };
  });
}

const RESTING_HEAD = 'No load on the head is read as at most 0.1: the head’s own weight may rest.';

/** Nothing stands on head or neck: two limits of one row. */
export function noInversion<const Stage extends string = never>(
  id: string,
  reason: Reason,
  source: SourceMark | readonly SourceMark[],
  grade: Grade,
  stages?: readonly Stage[],
): LimitSpec<Stage, never>[] {
  return limits<Stage, never>(id, reason, source, ['headLoad', '<= 0.1', grade, stages, { reading: RESTING_HEAD }], ['neckLoad', '<= 0.05', grade, stages]);
}

/** A leg that is folded to its end and bears, as in a pigeon, is spared. */
export function noFoldedLeg<const Stage extends string>(id: string, stages: readonly Stage[]): LimitSpec<Stage, never>[] {
  return limits<Stage, never>(id, 'A leg folded out to its end, under the weight of the body, pulls on an angry nerve.', 'common practice', [
    'hipRangeUsed',
    '<= 1.15',
    'modify',
    stages,
    { reading: 'Of the ordinary range of the hip: a pigeon goes to 1.26, a figure of four on the back to 1.09.' },
  ]);
}

/** The stages and flags that hold. */
export function pick<const Stage extends string>(...stages: readonly (Stage | false | undefined)[]): Stage[] {
  return stages.filter((stage): stage is Stage => stage !== false && stage !== undefined);
}
