import type { BodySolver } from '../solving/body-solver.js';
import type { SolvedVariation } from '../solving/solved-posture.js';
import type { Purpose } from '../asanas/purposes.js';
import type { Measure } from '../body/measure.js';
import { describeDose, rhythmOf, timeOf } from '../sequence/dose.js';
import type { Sequence, Step } from '../sequence/sequence.js';
import { message, type Message } from '../messages/message.js';
import type { TextEdit } from '../notes/edit-text.js';
import { isExtreme, isRest as isRestful, LEAST_REST, wantedRest } from '../planning/proposals.js';

/** The directions in which a class moves the spine. */
export const DIRECTIONS = ['rounding', 'arching', 'turning', 'bending aside', 'lengthening'] as const;
export type Direction = (typeof DIRECTIONS)[number];

/** An edit of the text, and what to call it. */
export type Repair = TextEdit & { readonly label: Message };

export interface ReviewFinding {
  readonly rule: string;
  /** The line that it is about; `null` for the sequence as a whole. */
  readonly line: number | null;
  readonly says: Message;
  /** One action that mends it. */
  readonly repair: Repair;
}

export interface Review {
  /** Seconds that each direction is worked in. */
  readonly directions: Readonly<Record<Direction, number>>;
  readonly findings: readonly ReviewFinding[];
}

/*
 * Where a direction begins to count, and where it is an extreme, in degrees; minutes and shares of rest and of
 * stays. All of them common practice, no source.
 */
const COUNTS = { rounding: 20, arching: 10, turning: 15, aside: 12 };
const END_RANGE = 0.9;
const WARM_SECONDS = 90;
const OUT_OF_PROPORTION = 3;
const LONGEST = { wrists: 150, knees: 420 };
const MANY_TRIPS = 3;

const isRest = ({ form }: Pick<Seen, 'form'>) => isRestful(form.asana);

/** A step with all that the rules look at. */
interface Seen {
  readonly step: Step;
  readonly form: SolvedVariation;
  readonly seconds: number;
  readonly holdSeconds: number;
  /** Of a measure over both ends of a movement: its largest, and its smallest. */
  readonly most: (measure: Measure) => number;
  readonly least: (measure: Measure) => number;
  readonly directions: readonly Direction[];
}

function see(solver: BodySolver, step: Step): Seen {
  const form = solver.form(step.asana, step.variation);
  const { seconds, holdSeconds } = timeOf(rhythmOf(form.asana, form.variation), step.dose, step.side);
  const values = (measure: Measure) => form.ends.map(({ measured }) => measured.values[measure] ?? 0);
  const most = (measure: Measure) => Math.max(...values(measure));
  const least = (measure: Measure) => Math.min(...values(measure));
  return { step, form, seconds, holdSeconds, most, least, directions: directionsOf({ form, most, least }) };
}

function directionsOf({ most, least, form }: Pick<Seen, 'most' | 'least' | 'form'>): Direction[] {
  // A rest lies in a shape; it doesn't work in it.
  if (isRest({ form })) return [];
  const flexion = Math.max(most('lumbarFlexion'), most('thoracicFlexion'));
  const extension = -Math.min(least('lumbarFlexion'), least('thoracicFlexion'));
  const { purposes } = form.asana;
  // What an asana is clearly for counts even where its angle is small.
  const isFor = (purpose: Purpose) => (purposes[purpose] ?? 0) >= 2;
  const works: Record<Direction, boolean> = {
    rounding: flexion >= COUNTS.rounding || isFor('mobilise-spine-flexion'),
    arching: extension >= COUNTS.arching || isFor('mobilise-spine-extension'),
    turning: most('spineRotation') >= COUNTS.turning || isFor('mobilise-spine-rotation'),
    'bending aside': most('spineLateral') >= COUNTS.aside || isFor('mobilise-spine-lateral'),
    lengthening: (purposes['lengthen-spine'] ?? 0) >= 1,
  };
  return DIRECTIONS.filter((direction) => works[direction]);
}

const isUp = ({ form }: Seen) => form.ends[0]!.level === 'up';
const isChair = ({ place }: Sequence) => place !== null && /chair/.test(place);

/** What a gentle class adds for a direction that is missing. */
const GENTLE: Record<Direction, { readonly mat: string; readonly chair: string }> = {
  rounding: { mat: 'Cat cow flow, 6x', chair: 'Chair cat-cow, 6x' },
  arching: { mat: 'Sphinx, 5 breaths', chair: 'Chair cat-cow, 6x' },
  turning: { mat: 'Seated twist, each side 5 breaths', chair: 'Twist on the chair, each side 5 breaths' },
  'bending aside': { mat: 'Standing side bend, each side 3 breaths', chair: 'Chair side bend, each side 3 breaths' },
  lengthening: { mat: 'Mountain, 5 breaths', chair: 'Chair mountain, 5 breaths' },
};

function gentle(direction: Direction, sequence: Sequence): string {
  return GENTLE[direction][isChair(sequence) ? 'chair' : 'mat'];
}

/** The name at the beginning of a line that is added. */
function nameIn(line: string): string {
  return line.split(',')[0]!;
}

/** The line before the rest at the end, or the last one. */
function beforeRest(seen: readonly Seen[]): number {
  const last = seen.at(-1)!;
  const before = seen.at(-2);
  return isRest(last) && before ? before.step.line : last.step.line;
}

function sides(seen: readonly Seen[]): ReviewFinding[] {
  const each = new Map<string, { left: number; right: number; on: Partial<Record<Step['side'], Seen>>; last: Seen }>();
  for (const one of seen) {
    // A salutation changes legs by itself.
    if (one.step.of !== null || one.form.asana.shown === null) continue;
    const key = `${one.step.asana} ${one.step.variation}`;
    const known = each.get(key) ?? { left: 0, right: 0, on: {}, last: one };
    const { side } = one.step;
    const both = side === 'both' || side === 'none' ? one.seconds / 2 : 0;
    each.set(key, {
      left: known.left + both + (side === 'left' ? one.seconds : 0),
      right: known.right + both + (side === 'right' ? one.seconds : 0),
      on: { ...known.on, [side]: one },
      last: one,
    });
  }
  return [...each.values()].flatMap(({ left, right, on, last }): ReviewFinding[] => {
    if (Math.abs(left - right) < 1) return [];
    const [more, less] = left > right ? (['left', 'right'] as const) : (['right', 'left'] as const);
    const short = on[less];
    const dose = describeDose((on[more] ?? last).step.dose);
    return [
      {
        rule: 'sides',
        line: (short ?? last).step.line,
        says: message('review.sides', { asana: last.form.asana.name, more, less }),
        repair: short
          ? { do: 'dose', line: short.step.line, dose, label: message('repair.same-dose', { dose, side: less }) }
          : { do: 'both-sides', line: last.step.line, label: message('repair.both-sides') },
      },
    ];
  });
}

function missingDirections(seen: readonly Seen[], sequence: Sequence, directions: Review['directions']): ReviewFinding[] {
  return DIRECTIONS.filter((direction) => directions[direction] === 0).map((direction) => {
    const line = gentle(direction, sequence);
    const standing = direction === 'bending aside' || direction === 'lengthening' ? seen.findLast(isUp) : undefined;
    return {
      rule: 'directions',
      line: null,
      says: message('review.directions', { direction }),
      repair: {
        do: 'insert',
        after: standing?.step.line ?? beforeRest(seen),
        text: line,
        label: message('repair.add', { asana: nameIn(line) }),
      },
    };
  });
}

const isFar = ({ form, holdSeconds }: Seen) => isExtreme(form.ends, holdSeconds);

function counterposes(solver: BodySolver, seen: readonly Seen[]): ReviewFinding[] {
  return seen.flatMap((one, i): ReviewFinding[] => {
    const { counterposes: named, name, id } = one.form.asana;
    if (!isFar(one) || one.step.of !== null || named.length === 0) return [];
    const next = seen.slice(i + 1).find(({ step }) => step.asana !== id);
    // What comes next may be another of its kind; the counterpose ends the row.
    if (next && (named.includes(next.step.asana) || isFar(next) || isRest(next))) return [];
    const counter = solver.library.get(named[0]!);
    return [
      {
        rule: 'counterpose',
        line: one.step.line,
        says: message('review.counterpose', { asana: name }),
        repair: {
          do: 'insert',
          after: one.step.line,
          text: `${counter.name}, 5 breaths`,
          label: message('repair.add-after', { asana: counter.name }),
        },
      },
    ];
  });
}

function twistsAfterLength(seen: readonly Seen[], sequence: Sequence): ReviewFinding[] {
  const at = seen.findIndex(({ form }) => (form.asana.purposes['mobilise-spine-rotation'] ?? 0) >= 2);
  if (at < 0 || seen.slice(0, at).some((one) => one.directions.includes('lengthening'))) return [];
  const twist = seen[at]!;
  const line = gentle('lengthening', sequence);
  return [
    {
      rule: 'twist',
      line: twist.step.line,
      says: message('review.twist', { asana: twist.form.asana.name }),
      repair: { do: 'insert', after: twist.step.line - 1, text: line, label: message('repair.add-before', { asana: nameIn(line) }) },
    },
  ];
}

function warmUp(seen: readonly Seen[], sequence: Sequence): ReviewFinding[] {
  let seconds = 0;
  for (const one of seen) {
    if (one.most('spineRangeUsed') >= END_RANGE && seconds < WARM_SECONDS && !isRest(one)) {
      const line = isChair(sequence) ? 'Chair cat-cow, 20x' : 'Cat cow flow, 20x';
      return [
        {
          rule: 'warm-up',
          line: one.step.line,
          says: message('review.warm-up', { asana: one.form.asana.name }),
          repair: { do: 'insert', after: seen[0]!.step.line - 1, text: line, label: message('repair.begin-with', { asana: nameIn(line) }) },
        },
      ];
    }
    seconds += one.seconds;
  }
  return [];
}

function calmAfterEnergy(seen: readonly Seen[]): ReviewFinding[] {
  const wakes = ({ form }: Seen) => (form.asana.purposes.energise ?? 0) >= 2 || form.variation.declared.effort >= 4;
  const calms = ({ form, seconds }: Seen) => (form.asana.purposes.calm ?? 0) >= 2 && form.variation.declared.effort <= 1 && seconds >= 60;
  const calm = seen.findIndex((one, i) => i > seen.length / 2 && calms(one) && !wakes(one));
  const late = calm < 0 ? -1 : seen.findLastIndex((one) => wakes(one));
  if (late <= calm) return [];
  const [first, last] = [seen[calm]!, seen[late]!];
  if (last.step.line === first.step.line) return [];
  return [
    {
      rule: 'calm',
      line: last.step.line,
      says: message('review.calm', { asana: last.form.asana.name, calm: first.form.asana.name }),
      repair: {
        do: 'move',
        line: last.step.line,
        after: first.step.line - 1,
        label: message('repair.move-before', { asana: first.form.asana.name }),
      },
    },
  ];
}

function rest(seen: readonly Seen[], sequence: Sequence): ReviewFinding[] {
  const total = seen.reduce((sum, { seconds }) => sum + seconds, 0);
  const last = seen.at(-1)!;
  const wanted = wantedRest(total) / 60;
  const name = isChair(sequence) ? 'Savasana on a chair' : 'Savasana';
  if (!isRest(last))
    return [
      {
        rule: 'rest',
        line: last.step.line,
        says: message('review.no-rest'),
        repair: {
          do: 'insert',
          after: last.step.line,
          text: `${name}, ${wanted} min`,
          label: message('repair.add-rest', { minutes: wanted }),
        },
      },
    ];
  const short = last.seconds < Math.min(LEAST_REST.seconds, 0.2 * total) || last.seconds < LEAST_REST.share * total - 1;
  if (!short) return [];
  return [
    {
      rule: 'rest',
      line: last.step.line,
      says: message('review.short-rest', { seconds: Math.round(last.seconds), minutes: Math.round(total / 60) }),
      repair: { do: 'dose', line: last.step.line, dose: `${wanted} min`, label: message('repair.rest', { minutes: wanted }) },
    },
  ];
}

function proportion(seen: readonly Seen[], sequence: Sequence, directions: Review['directions']): ReviewFinding[] {
  const { rounding, arching } = directions;
  if (rounding === 0 || arching === 0 || Math.max(rounding, arching) < 60) return [];
  const [more, less]: [Direction, Direction] = rounding > arching ? ['rounding', 'arching'] : ['arching', 'rounding'];
  if (directions[more] <= OUT_OF_PROPORTION * directions[less]) return [];
  const breaths = Math.min(20, Math.ceil((directions[more] / OUT_OF_PROPORTION - directions[less]) / 5) + 1);
  const name = nameIn(gentle(less, sequence));
  return [
    {
      rule: 'proportion',
      line: null,
      says: message('review.proportion', { minutes: Math.round(directions[more] / 60), more, seconds: Math.round(directions[less]), less }),
      repair: { do: 'insert', after: beforeRest(seen), text: `${name}, ${breaths} breaths`, label: message('repair.add', { asana: name }) },
    },
  ];
}

const STAYS = [
  { rule: 'wrists', bears: (one: Seen) => one.most('handLoad') >= 0.2 && one.most('wristExtensionLoaded') >= 40, most: LONGEST.wrists },
  { rule: 'knees', bears: (one: Seen) => one.most('kneeLoad') >= 0.2, most: LONGEST.knees },
] as const; // prettier-ignore

function longStays(seen: readonly Seen[], sequence: Sequence): ReviewFinding[] {
  const relief = isChair(sequence) ? 'Chair mountain, 5 breaths' : 'Easy seat, 5 breaths';
  return STAYS.flatMap(({ rule, bears, most }): ReviewFinding[] => {
    let run = 0;
    let from: Seen | null = null;
    for (const one of seen) {
      const before = run;
      run = bears(one) ? run + one.seconds : 0;
      if (run > most && from !== null && before > 0)
        return [
          {
            rule,
            line: one.step.line,
            says: message(`review.${rule}`, { minutes: Math.round(run / 60) }),
            repair: { do: 'insert', after: from.step.line, text: relief, label: message('repair.add-between', { asana: nameIn(relief) }) },
          },
        ];
      from = one;
    }
    return [];
  });
}

/** How often a class goes down to the floor. */
function tripsOf(levels: readonly boolean[]): number {
  return levels.filter((up, i) => !up && (i === 0 || levels[i - 1]!)).length;
}

/** Stretches within a section that may change places: neither salutations nor rests. */
function stretches(seen: readonly Seen[]): Seen[][] {
  const found: Seen[][] = [[]];
  seen.forEach((one, i) => {
    const fixed = one.step.of !== null || isRest(one);
    if (fixed || (i > 0 && seen[i - 1]!.step.section !== one.step.section)) found.push([]);
    if (!fixed) found.at(-1)!.push(one);
  });
  return found.filter(({ length }) => length > 2);
}

export interface Movable {
  /** Places of steps, from 0, that may change with each other: inside a section, without salutations and rests. */
  readonly stretches: readonly (readonly number[])[];
  /** Whether each step stands. */
  readonly up: readonly boolean[];
}

/** Which steps may change places without leaving their section. */
export function movable(solver: BodySolver, sequence: Sequence): Movable {
  const seen = sequence.steps.map((step) => see(solver, step));
  return { stretches: stretches(seen).map((stretch) => stretch.map((one) => seen.indexOf(one))), up: seen.map(isUp) };
}

/** A class that goes down and up again within a section could do what stands and what lies together. */
function trips(seen: readonly Seen[]): ReviewFinding[] {
  if (tripsOf(seen.map(isUp)) < MANY_TRIPS) return [];
  return stretches(seen).flatMap((stretch): ReviewFinding[] => {
    const before = seen[seen.indexOf(stretch[0]!) - 1];
    const up = stretch.filter(isUp);
    const down = stretch.filter((one) => !isUp(one));
    // It goes on where it was.
    const grouped = before && !isUp(before) ? [...down, ...up] : [...up, ...down];
    const start = before ? [isUp(before)] : [];
    const [now, then] = [stretch, grouped].map((order) => tripsOf([...start, ...order.map(isUp)])) as [number, number];
    if (then >= now) return [];
    const { section } = stretch[0]!.step;
    return [
      {
        rule: 'trips',
        line: stretch[0]!.step.line,
        says: message('review.trips', { now, then, section, hasSection: section === '' ? 'no' : 'yes' }),
        repair: { do: 'order', lines: grouped.map(({ step }) => step.line), label: message('repair.group') },
      },
    ];
  });
}

/**
 * What a teacher's craft says of a sequence: sides, directions of the spine, counterposes, order, rest and long
 * stays. Rules are common practice, no source. Each finding comes with one action on the text that mends it.
 */
export function reviewOf(solver: BodySolver, sequence: Sequence): Review {
  const seen = sequence.steps.map((step) => see(solver, step));
  const directions = Object.fromEntries(
    DIRECTIONS.map((direction) => [direction, seen.reduce((sum, one) => sum + (one.directions.includes(direction) ? one.seconds : 0), 0)]),
  ) as Record<Direction, number>;
  if (seen.length === 0) return { directions, findings: [] };
  return {
    directions,
    findings: [
      ...sides(seen),
      ...warmUp(seen, sequence),
      ...twistsAfterLength(seen, sequence),
      ...counterposes(solver, seen),
      ...missingDirections(seen, sequence, directions),
      ...proportion(seen, sequence, directions),
      ...calmAfterEnergy(seen),
      ...longStays(seen, sequence),
      ...trips(seen),
      ...rest(seen, sequence),
    ],
  };
}
