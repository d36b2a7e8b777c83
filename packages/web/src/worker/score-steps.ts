import { doseTold, sayInEnglish, type PersonPlan, type PlannedStep, type Step, type BodySolver } from '@lotus-steady/core';
import { say } from '../words/say.js';
import type { Picture, FigureCache } from './figure-cache.js';

/** What a score draws of one step. */
export interface ScoreStep {
  readonly given: Picture;
  readonly givenName: string;
  readonly givenDose: string;
  readonly givenSeconds: number;
  /** `null` where the step is kept as it is or left out. */
  readonly adapted: Picture | null;
  readonly effort: number;
  readonly headBelowHeart: number | null;
}

const DRAWN = new WeakMap<PlannedStep | Step, ScoreStep>();

/** The same object for the same step, as long as its pictures are promised: whoever holds it sees what has changed. */
function same(pictures: FigureCache, of: PlannedStep | Step, make: () => ScoreStep): ScoreStep {
  const known = DRAWN.get(of);
  if (known && [known.given, known.adapted].every((picture) => picture === null || pictures.holds(picture))) return known;
  const made = make();
  DRAWN.set(of, made);
  return made;
}

export function scoreStep(pictures: FigureCache, solver: BodySolver, planned: PlannedStep): ScoreStep {
  return same(pictures, planned, () => drawnStep(pictures, solver, planned));
}

function drawnStep(pictures: FigureCache, solver: BodySolver, { step, given, chosen, verdict }: PlannedStep): ScoreStep {
  const shown = chosen ?? given;
  return {
    given: pictures.promise(solver, given, step.side),
    givenName: given.asana.name,
    givenDose: say(doseTold(given.dose)),
    givenSeconds: given.timed.seconds + given.transitionSeconds,
    adapted: chosen && verdict !== 'keep' ? pictures.promise(solver, chosen, step.side) : null,
    effort: shown.declared.effort,
    headBelowHeart: shown.ends[0]!.measured.values.headBelowHeart ?? null,
  };
}

/** A step as the sequence gives it, on nobody's body in particular. */
export function givenStep(pictures: FigureCache, solver: BodySolver, step: Step): ScoreStep {
  return same(pictures, step, () => drawnAsGiven(pictures, solver, step));
}

function drawnAsGiven(pictures: FigureCache, solver: BodySolver, { asana, variation, side, dose }: Step): ScoreStep {
  const form = solver.form(asana, variation);
  return {
    given: pictures.promise(solver, form, side),
    givenName: form.asana.name,
    givenDose: say(doseTold(dose)),
    givenSeconds: 0,
    adapted: null,
    effort: form.variation.declared.effort,
    headBelowHeart: null,
  };
}

/** Who has the same limits and the same steps, by their places. */
export function alike(plans: readonly PersonPlan[], limits: readonly string[]): number[][] {
  const groups = new Map<string, number[]>();
  plans.forEach(({ steps }, i) => {
    const key = `${limits[i]} ${steps.map(({ chosen }) => `${chosen?.figure} ${chosen?.changes.map(sayInEnglish).join()}`).join(';')}`;
    groups.set(key, [...(groups.get(key) ?? []), i]);
  });
  return [...groups.values()];
}

/** What somebody is shown in each step; `null` where it is as given. */
function changedFigures({ steps }: PersonPlan): (string | null)[] {
  return steps.map(({ chosen, verdict }) => (verdict === 'keep' ? null : (chosen?.figure ?? null)));
}

/** Those nearest to what is given first, then always those who share most with the ones before them: what they share is drawn once. */
export function inSharingOrder(groups: readonly number[][], plans: readonly PersonPlan[]): number[][] {
  const left = groups.map((people) => ({ people, figures: changedFigures(plans[people[0]!]!) }));
  const changed = (figures: readonly (string | null)[]) => figures.filter((figure) => figure !== null).length;
  const shared = (one: readonly (string | null)[], other: readonly (string | null)[]) =>
    one.filter((figure, index) => figure !== null && figure === other[index]).length;
  const ordered: typeof left = [];
  while (left.length > 0) {
    const last = ordered.at(-1);
    const worth = ({ figures }: (typeof left)[number]) => (last ? shared(figures, last.figures) : 0) * figures.length - changed(figures);
    const next = left.reduce((best, one) => (worth(one) > worth(best) ? one : best));
    ordered.push(next);
    left.splice(left.indexOf(next), 1);
  }
  return ordered.map(({ people }) => people);
}
