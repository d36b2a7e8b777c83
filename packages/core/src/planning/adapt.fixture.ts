import { library } from '../asanas/all.js';
import { readCondition } from '../conditions/check-answers.js';
import { BARE_HEADER } from '../sequence/header.js';
import type { Sequence, Step } from '../sequence/sequence.js';
import { adapt, type AdaptOptions } from '../planning/adapt.js';
import { anybody, bodyOf, type Participant } from '../participants/participant.js';
import { PlanningCache } from '../judging/planning-cache.js';
import { BodySolverCache } from '../solving/body-solver-cache.js';

/** Made once: postures of the reference body are solved again and again by the tests. */
const solvers = new BodySolverCache(library, 20);
export const solver = solvers.of({});
export const cache = new PlanningCache();

export function step(part: Partial<Step> & { readonly asana: string }): Step {
  return {
    line: 1,
    text: '',
    section: '',
    variation: null,
    side: 'none',
    dose: { breaths: 5 },
    retention: null,
    breath: null,
    way: null,
    of: null,
    note: null,
    ...part,
  };
}

export function sequence(...steps: readonly (Partial<Step> & { readonly asana: string })[]): Sequence {
  return {
    ...BARE_HEADER,
    title: 'test',
    unknown: [],
    notes: [],
    steps: steps.map((one, i) => step({ line: i + 1, ...one })),
  };
}

/** Someone with conditions as they are typed, cleared for all of them. */
export function person(...conditions: readonly string[]): Participant {
  const answers = conditions.map((text) => readCondition(text).answer);
  const clearances = answers.map(({ id }) => ({ condition: id, by: 'their doctor', on: '2026-01-01', until: '2027-01-01' }));
  return { ...anybody('p1'), conditions: answers, clearances };
}

export function plan(given: Sequence, participant: Participant, options: AdaptOptions = { today: '2026-06-01' }) {
  return adapt(solvers.of(bodyOf(participant, options.today)), given, participant, { cache, ...options });
}
