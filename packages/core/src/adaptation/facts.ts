import type { DeclaredSpec } from '../asanas/asana.js';
import { MEASURES, roundMeasure, type Facing, type Measure } from '../body/measure.js';
import type { Done } from './studio.js';

/** What a limit may look at: numbers by measure; what is missing is unknown. */
export interface Facts {
  readonly values: Readonly<Partial<Record<Measure, number>>>;
  /** What is declared of the form; it comes before `values`. */
  readonly declared?: Readonly<Partial<Record<Measure, number>>>;
  /** What the place in the class adds; it comes before both. */
  readonly here?: Readonly<Partial<Record<Measure, number>>> | undefined;
  readonly facing: Facing | null;
  readonly standing: boolean;
  /** `declared` and `values` as they are set against bounds, where that was worked out before. */
  readonly declaredRow?: Row;
  readonly valuesRow?: Row;
}

/** Rounded values by the place of their measure (`placeOf`); NaN where one isn't known. */
export type Row = Float64Array;

const NAMES = Object.keys(MEASURES) as Measure[];
const PLACES = new Map(NAMES.map((measure, place) => [measure, place]));

/** A measure's place in a row. */
export function placeOf(measure: Measure): number {
  return PLACES.get(measure)!;
}

export function rowOf(values: Facts['values']): Row {
  return Float64Array.from(NAMES, (measure) => {
    const raw = values[measure];
    return raw === undefined ? NaN : roundMeasure(measure, raw);
  });
}

/**
 * Energy of a step from its effort, in MET: rest 1 to 1.3, gentle hatha 2.5, sun salutation 3.3, power
 * flow 4. Compendium of Physical Activities, Med Sci Sports Exerc 2011 (values from memory).
 */
const MET: Record<DeclaredSpec['effort'], number> = { 1: 1.3, 2: 2.5, 3: 3.3, 4: 4, 5: 5 };
const IMPACT = { none: 0, step: 0, jump: 2 } as const;

interface Declared {
  readonly values: Facts['values'];
  readonly row: Row;
}
const DECLARED = new WeakMap<DeclaredSpec, Declared>();

function declaredOf(declared: DeclaredSpec): Declared {
  const known = DECLARED.get(declared);
  if (known) return known;
  const values = {
    effort: declared.effort,
    met: MET[declared.effort],
    abdominalLoad: declared.abdominalLoad,
    impact: IMPACT[declared.impact ?? 'none'],
    headJolt: declared.headJolt ?? 0,
    eyesClosed: declared.eyesClosed === true ? 1 : 0,
    pelvicFloorCue: declared.pelvicFloorCue ?? 0,
    ...(declared.gripForce !== undefined && { gripForce: declared.gripForce }),
  };
  const made = { values, row: rowOf(values) };
  DECLARED.set(declared, made);
  return made;
}

/** Numbers of what geometry can't tell. A foot that is placed slowly is no impact. */
export function declaredValues(declared: DeclaredSpec): Facts['values'] {
  return declaredOf(declared).values;
}

/** What is known of a posture done in a form, with what its place adds. */
export function factsOf({ measured: { values, facing, standing }, row }: Done, form: DeclaredSpec, here?: Facts['values']): Facts {
  const declared = declaredOf(form);
  return { values, declared: declared.values, here, facing, standing, declaredRow: declared.row, valuesRow: row };
}

/** A measure as it is set against bounds; `undefined` where it isn't known. `place` is that of the measure. */
export function roundedOf({ here, declaredRow, valuesRow, declared, values }: Facts, measure: Measure, place: number): number | undefined {
  const now = here?.[measure];
  if (now === undefined && declaredRow && valuesRow) {
    const value = declaredRow[place]!;
    const rounded = Number.isNaN(value) ? valuesRow[place]! : value;
    return Number.isNaN(rounded) ? undefined : rounded;
  }
  const raw = now ?? declared?.[measure] ?? values[measure];
  return raw === undefined ? undefined : roundMeasure(measure, raw);
}
