import {
  asides, bestFigures, doseTold, describePart, formName, propsOf, saidCues, setupOf,
  type Asana, type Base, type SolvedPosture, type Library, type Measure, type Prop, type Purpose, type SetupItem, type BodySolver, type Figure,
} from '@lotus-steady/core'; // prettier-ignore
import { say } from '../words/say.js';

/** What an asana is called, for search and lists. */
export interface AsanaEntry {
  readonly id: string;
  readonly name: string;
  /** What its forms are called within a sentence, by their ids. */
  readonly forms: Readonly<Record<string, string>>;
  readonly iast: string | null;
  readonly base: Base;
  readonly purposes: readonly Purpose[];
  readonly props: readonly Prop[];
}

export interface MeasuredEnd {
  readonly measures: readonly { readonly measure: Measure; readonly value: number }[];
  readonly loads: readonly { readonly part: string; readonly on: string; readonly share: number }[];
}

export interface VariationPage {
  readonly id: string;
  readonly name: string;
  readonly for: string;
  readonly drawn: readonly Figure[];
  readonly ends: readonly MeasuredEnd[];
  readonly setup: readonly SetupItem[];
  readonly reached: boolean;
  readonly warnings: readonly string[];
}

/** One way through a step list. */
export interface ListWay {
  readonly id: string;
  readonly name: string;
  readonly for: string;
  readonly how: string | null;
  readonly steps: readonly {
    readonly id: string;
    readonly variation: string | null;
    readonly name: string;
    readonly how: string;
    /** Whether it stands in place of a step of the usual way. */
    readonly differs: boolean;
  }[];
}

export interface AsanaPage {
  readonly entry: AsanaEntry;
  readonly names: readonly string[];
  readonly kids: string;
  readonly shown: Asana['shown'];
  readonly weights: Asana['purposes'];
  readonly dose: string;
  readonly breath: Asana['breath'];
  /** What is said while it is done. */
  readonly cues: readonly string[];
  /** What the teacher is told beside. */
  readonly asides: readonly string[];
  readonly variations: readonly VariationPage[];
  /** Only of step lists: the usual way first. */
  readonly ways: readonly ListWay[];
  readonly substitutes: readonly AsanaEntry[];
  readonly counterposes: readonly AsanaEntry[];
}

export function entryOf({ id, name, iast, base, purposes, variations }: Asana): AsanaEntry {
  const plain = variations[0];
  const forms = Object.fromEntries(variations.map((variation) => [variation.id, formName(variation)]));
  return {
    id,
    name,
    forms,
    iast,
    base,
    purposes: Object.keys(purposes) as Purpose[],
    props: plain ? [...propsOf(plain.posture).keys()] : [],
  };
}

function measuredEnd({ measured }: SolvedPosture): MeasuredEnd {
  return {
    measures: (Object.entries(measured.values) as [Measure, number][]).map(([measure, value]) => ({ measure, value })),
    loads: measured.shares
      .filter(({ share }) => share > 0.005)
      .map(({ contact, share }) => ({
        part: describePart(contact),
        on: contact.on.kind === 'level' ? contact.on.surface : contact.on.kind,
        share,
      })),
  };
}

function waysOf(library: Library, asana: Asana): ListWay[] {
  if (asana.steps.length === 0) return [];
  const usual = { id: 'plain', name: 'As usually led', for: 'as usually taught', how: null, steps: asana.steps };
  return [usual, ...asana.listVariations].map(({ steps, ...way }) => ({
    ...way,
    // Another list from end to end differs as a whole: there is nothing to mark.
    steps: steps.map((step) => ({
      id: step.asana,
      variation: step.variation ?? null,
      name: library.get(step.asana).name,
      how: step.how,
      differs: !asana.steps.includes(step) && steps.some((one) => asana.steps.includes(one)),
    })),
  }));
}

/** Everything about one asana, as this body does it. */
export function asanaPage(library: Library, solver: BodySolver, asana: Asana): AsanaPage {
  const others = (ids: readonly string[]) => ids.map((other) => entryOf(library.get(other)));
  return {
    entry: entryOf(asana),
    names: asana.names,
    kids: asana.kids,
    shown: asana.shown,
    weights: asana.purposes,
    dose: say(doseTold(asana.dose)),
    breath: asana.breath,
    cues: saidCues(asana),
    asides: asides(asana),
    variations: asana.variations.map((variation): VariationPage => {
      const form = solver.formOf(asana, variation);
      const start = form.ends[0]!;
      return {
        id: variation.id,
        name: variation.name,
        for: variation.for,
        drawn: bestFigures(solver, form, 'none'),
        ends: form.ends.map(measuredEnd),
        setup: setupOf(start),
        reached: start.solved.reached,
        warnings: start.solved.warnings,
      };
    }),
    ways: waysOf(library, asana),
    substitutes: others(asana.substitutes),
    counterposes: others(asana.counterposes),
  };
}
