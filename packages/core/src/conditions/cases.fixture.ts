import { person, plan, sequence } from '../planning/adapt.fixture.js';
import type { Sequence, Step } from '../sequence/sequence.js';

type StepPart = Partial<Step> & { readonly asana: string };
/**
 * Id, who in words, the step (`asana` or `asana/variation`), what comes of it, and the limits that ask for it.
 * `change`: another form, dose, pose or way, or none; which way out is taken is ours to find. `refer`: no
 * practice today.
 */
export type WorkedCase = readonly [
  id: string,
  who: string | readonly string[],
  step: string | StepPart,
  outcome: 'keep' | 'change' | 'refer',
  by?: readonly string[],
];

function stepOf(step: string | StepPart): StepPart {
  if (typeof step !== 'string') return step;
  const [asana = '', variation] = step.split('/');
  return { asana, dose: { breaths: 3 }, ...(variation !== undefined && { variation }) };
}

function planOf(who: string | readonly string[], step: string | StepPart, extra: Partial<Sequence> = {}) {
  const people = typeof who === 'string' ? [who] : who;
  return plan({ ...sequence(stepOf(step)), ...extra }, person(...people));
}

/** The limits that a step breaks. */
export function changed(who: string | readonly string[], step: string | StepPart): string[] {
  return planOf(who, step).steps[0]!.reasons.map(({ limit }) => limit);
}

/** The limits on the class as a whole that are not met. */
export function session(who: string, extra: Partial<Sequence>, step: string | StepPart): string[] {
  return planOf(who, step, extra).session.flatMap(({ limit, met }) => (met ? [] : [limit]));
}

/** A row may stand for several limits: `hpo-04` is any of those that begin so. */
function covers(row: string, limit: string): boolean {
  const id = limit.split('/')[1]!;
  return id === row || id.startsWith(`${row}-`);
}

export function caseTest(cases: readonly WorkedCase[]): void {
  test.each(cases.map((one) => [one[0], one] as const))('%s', (_id, [, who, step, outcome, by = []]) => {
    const { screening, steps } = planOf(who, step);
    expect(screening.decision).toBe(outcome === 'refer' ? 'refer' : 'practise');
    if (outcome === 'refer') return;
    const [planned] = steps;
    const reasons = planned!.reasons.map(({ limit }) => limit);
    if (outcome === 'keep') expect(reasons).toEqual([]);
    else expect(planned!.verdict).not.toBe('keep');
    expect(by.filter((row) => !reasons.some((limit) => covers(row, limit)))).toEqual([]);
    // Whatever is done instead breaks nothing.
    expect(planned!.verdict === 'omit' || planned!.chosen !== null).toBe(true);
  });
}
