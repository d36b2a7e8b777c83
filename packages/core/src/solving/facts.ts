import { getKnown } from '../get-or-create.js';
import type { DeclaredSpec } from '../asanas/asana.js';
import { MEASURE_NAMES, roundMeasure, type Facing, type Measure } from '../body/measure.js';
import { memoize } from '../get-or-create.js';
import type { Row, SolvedPosture } from './solved-posture.js';

export type Values = Readonly<Partial<Record<Measure, number>>>;

/** What a limit may look at: numbers as they are set against bounds (see `valueAt`). */
export interface Facts {
  readonly row: Row;
  /** What is declared of the form; it comes before `row`. */
  readonly declared?: Row;
  /** What the place in the class adds; it comes before both. */
  readonly here?: Row | undefined;
  readonly facing: Facing | null;
  readonly standing: boolean;
}

const PLACES = new Map(MEASURE_NAMES.map((measure, place) => [measure, place]));

/** A measure's place in a row. */
export function measureIndex(measure: Measure): number {
  return getKnown(PLACES, measure);
}

const UNKNOWN: Row = new Float64Array(MEASURE_NAMES.length).fill(NaN);

/** In a row of its own, or in one that nobody looks at any longer: a typed array of this size is dear to make. */
export function rowOf(values: Values, row: Row = new Float64Array(MEASURE_NAMES.length)): Row {
  row.set(UNKNOWN);
  for (const measure in values) {
    const raw = values[measure as Measure];
    if (raw !== undefined) row[measureIndex(measure as Measure)] = roundMeasure(measure as Measure, raw);
  }
  return row;
}

/** A measure as it is set against bounds, by its place; NaN where it isn't known. */
export function valueAt({ here, declared, row }: Facts, place: number): number {
  if (here && !Number.isNaN(here[place]!)) return here[place]!;
  return declared && !Number.isNaN(declared[place]!) ? declared[place]! : row[place]!;
}

/** Facts from numbers alone. */
export function factsFrom(values: Values, { facing = null, standing = false }: Partial<Omit<Facts, 'row'>> = {}): Facts {
  return { row: rowOf(values), facing, standing };
}

/**
 * Energy of a step from its effort, in MET: rest 1 to 1.3, gentle hatha 2.5, sun salutation 3.3, power
 * flow 4. Compendium of Physical Activities, Med Sci Sports Exerc 2011 (values from memory).
 */
const MET: Record<DeclaredSpec['effort'], number> = { 1: 1.3, 2: 2.5, 3: 3.3, 4: 4, 5: 5 };
const IMPACT = { none: 0, step: 0, jump: 2 } as const;

interface Declared {
  readonly values: Values;
  readonly facts: Facts;
}
const declaredOf = memoize((declared: DeclaredSpec): Declared => {
  const values = {
    effort: declared.effort,
    met: MET[declared.effort],
    abdominalLoad: declared.abdominalLoad,
    impact: IMPACT[declared.impact ?? 'none'],
    headJolt: declared.headJolt ?? 0,
    eyesClosed: declared.eyesClosed === true ? 1 : 0,
    breathFocus: declared.breathFocus ? 1 : 0,
    pelvicFloorCue: declared.pelvicFloorCue ?? 0,
    neckSweep: declared.neckSweep ?? 0,
    limbStrap: declared.limbStrap ? 1 : 0,
    jawOpening: declared.jawOpening ?? 0,
    ...(declared.gripForce !== undefined && { gripForce: declared.gripForce }),
  };
  return { values, facts: factsFrom(values) };
});

/** Numbers of what geometry can't tell. A foot that is placed slowly is no impact. */
export function declaredValues(declared: DeclaredSpec): Values {
  return declaredOf(declared).values;
}

/** What is known of a form before any body does it. */
export function declaredFacts(declared: DeclaredSpec): Facts {
  return declaredOf(declared).facts;
}

/** What is known of a posture done in a form, with what its place adds. */
export function factsOf({ measured: { facing, standing }, row }: SolvedPosture, form: DeclaredSpec, here?: Row): Facts {
  return { row, declared: declaredFacts(form).row, here, facing, standing };
}
