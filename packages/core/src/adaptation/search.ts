import type { Measure } from '../body/measure.js';
import { candidateOf, COST, figureOf, othersFor, shapeDistance, withChanges, type Candidate } from './candidates.js';
import { POSTURE_CHANGES, type PostureChange } from './changes.js';
import { Evaluation, wantedOf, type Evaluated, type StepContext } from './evaluation.js';
import { findings, type Finding } from './judge.js';
import type { Chosen } from './plan.js';
import { missingProps, propsOf } from './props.js';
import { declaredValues } from './studio.js';

/** More candidates than this are not looked at for one step. */
const MOST_CANDIDATES = 260;
/** What can only be said of the class as a whole. */
export const CLASS_MEASURES: ReadonlySet<Measure | 'facing'> = new Set([
  'sessionMinutes',
  'coolMinutes',
  'heat',
  'touch',
  'restShare',
  'leftRightDifference',
]);

/** What the library declares of a form and neither posture, dose nor way changes. */
const DECLARED: ReadonlySet<Measure | 'facing'> = new Set(['effort', 'met', 'abdominalLoad', 'headJolt', 'eyesClosed', 'pelvicFloorCue']);

/** The changes that can improve something that is broken. */
function helpful(broken: readonly Finding[]): PostureChange[] {
  const measures = new Set(broken.map(({ measure }) => measure as Measure));
  return POSTURE_CHANGES.filter(({ helps }) => helps.some((measure) => measures.has(measure)));
}

/** The step just as it was given. */
export function givenOf(context: StepContext): Candidate {
  const { asana, variation } = context.studio.form(context.step.asana, context.step.variation);
  return candidateOf(asana, variation, 0, []);
}

export function evaluateGiven(context: StepContext): Evaluated {
  const given = givenOf(context);
  return new Evaluation(context, given, given).run();
}

/** Nothing stands against it, and the body reaches it. */
function isSafe({ hard, chosen }: Evaluated): boolean {
  return hard.length === 0 && chosen.ends.every(({ solved }) => solved.residualCm < 3);
}

/**
 * The safe ways to do a step, cheapest first, at most `count` of them: its variations, small changes,
 * pairs of changes, then other asanas with the same purpose. Complete up to the first `count`: a
 * candidate is passed over only when even its cost before solving is above what was found.
 */
export function safeWays(context: StepContext, count: number): Chosen[] {
  const given = givenOf(context);
  const declaredLimits = context.limits.filter(({ spec }) => spec.when === undefined && DECLARED.has(spec.measure));
  const found: Chosen[] = [];
  const worst = () => (found.length < count ? Infinity : found.at(-1)!.cost);
  const consider = (candidate: Candidate): Evaluated | null => {
    const needs = propsOf(candidate.posture);
    const least = candidate.base + COST.prop * needs.size + COST.shape * shapeDistance(candidate.posture, given.posture);
    if (least >= worst() || missingProps(needs, context.props).length > 0) return null;
    // What is declared no change of posture can mend: such a form needs no solving.
    if (
      findings(declaredLimits, { values: declaredValues(candidate.variation.declared), facing: null, standing: false }).some(
        ({ grade }) => grade !== 'watch',
      )
    )
      return null;
    const evaluated = new Evaluation(context, candidate, given).run();
    if (isSafe(evaluated)) {
      found.push(evaluated.chosen);
      found.sort((a, b) => a.cost - b.cost);
      if (found.length > count) found.pop();
    }
    return evaluated;
  };

  let looked = 0;
  for (const candidate of [given, ...othersFor(context.studio.library, given)]) {
    if (candidate.base >= worst() || looked > MOST_CANDIDATES) break;
    looked++;
    const evaluated = consider(candidate);
    // Only what nearly passes is worth changing further.
    if (!evaluated || evaluated.hard.length === 0 || evaluated.hard.length > 5) continue;
    const changes = helpful(evaluated.hard);
    const wanted = wantedOf(evaluated.hard, context.limits);
    const own = candidate.asana === given.asana;
    const pairs = new Set<string>();
    const singles = changes.flatMap((change) => withChanges(candidate, [change], wanted, 0) ?? []);
    for (const single of singles) {
      looked++;
      const result = consider(single);
      // A first change that mended nothing makes no pair.
      if (!result || result.hard.length === 0 || result.hard.length >= evaluated.hard.length || result.hard.length > (own ? 4 : 1))
        continue;
      const now = new Map([...wanted, ...wantedOf(result.hard, context.limits)]);
      for (const second of helpful(result.hard)) {
        const key = [second.id, single.changes[0]!.id].sort().join();
        if (second.id === single.changes[0]!.id || pairs.has(key)) continue;
        pairs.add(key);
        const pair = withChanges(candidate, [single.changes[0]!, second], now, COST.pair);
        if (pair) (consider(pair), looked++);
      }
    }
  }
  return found;
}

/** These figures of a step as this person would do them, those that are safe; changed ones with the same changes. */
export function waysLike(context: StepContext, figures: readonly string[]): Chosen[] {
  const given = givenOf(context);
  const known = new Map([given, ...othersFor(context.studio.library, given)].map((candidate) => [figureOf(candidate), candidate]));
  return figures.flatMap((figure): Chosen[] => {
    const [form, ...ids] = figure.split(' ');
    const plain = known.get(form!);
    if (!plain) return [];
    let candidate: Candidate | null = plain;
    if (ids.length > 0) {
      const { hard } = new Evaluation(context, plain, given).run();
      const changes = ids.flatMap((id) => POSTURE_CHANGES.find((change) => change.id === id) ?? []);
      candidate = withChanges(plain, changes, wantedOf(hard, context.limits), ids.length > 1 ? COST.pair : 0);
    }
    if (!candidate) return [];
    const evaluated = new Evaluation(context, candidate, given).run();
    return isSafe(evaluated) ? [evaluated.chosen] : [];
  });
}
