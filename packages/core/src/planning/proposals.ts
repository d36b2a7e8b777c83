import type { Asana } from '../asanas/library.js';
import type { Measure } from '../body/measure.js';
import type { JudgingProfile } from '../judging/judging-profile.js';
import { START, type StepContext } from '../judging/step-context.js';
import { message, type Message } from '../messages/message.js';
import type { Chosen, Inserted, PlannedStep, RunningTotals } from '../plan/plan.js';
import { usualStep, type Step } from '../sequence/sequence.js';
import type { SolvedPosture } from '../solving/solved-posture.js';
import { safeWays } from './search.js';

/** Where a posture asks for its counterpose: degrees, shares of body weight, seconds (common practice, no source). */
const EXTREME = { arching: 45, rounding: 38, neckLoad: 0.05, headLoad: 0.3, heldSeconds: 15 };
/** A class of so many seconds ends in a rest of so many, or of this share of it (common practice, no source). */
export const LEAST_REST = { from: 600, seconds: 300, share: 0.1 };
const COUNTERPOSE = { breaths: 5 };

/** Deep arching, deep rounding that is held, and weight on head or neck ask for their counterpose. */
export function isExtreme(ends: readonly SolvedPosture[], holdSeconds: number): boolean {
  const values = (measure: Measure) => ends.map(({ measured }) => measured.values[measure] ?? 0);
  const most = (measure: Measure) => Math.max(...values(measure));
  const least = (measure: Measure) => Math.min(...values(measure));
  return (
    least('lumbarFlexion') + least('thoracicFlexion') <= -EXTREME.arching ||
    (holdSeconds >= EXTREME.heldSeconds && most('lumbarFlexion') >= EXTREME.rounding) ||
    most('neckLoad') > EXTREME.neckLoad ||
    most('headLoad') > EXTREME.headLoad
  );
}

export function isRest({ purposes }: Pick<Asana, 'purposes'>): boolean {
  return purposes.rest === 3;
}

/** Seconds of rest that a class of so many seconds ends in, in whole minutes. */
export function wantedRest(seconds: number): number {
  return Math.ceil(Math.max(LEAST_REST.seconds, LEAST_REST.share * seconds) / 60) * 60;
}

interface TakenStep {
  readonly step: Step;
  readonly chosen: Chosen;
  /** How the person stands after it. */
  readonly totals: RunningTotals;
}

/** An asana by its name, with what differs from its usual way. */
function nameOf({ asana: { name: asana }, changes: all, aboutDose }: Chosen): Message {
  const changes = all.filter((one) => !aboutDose.includes(one));
  return changes.length === 0 ? message('inserted', { asana }) : message('inserted.changed', { asana, changes });
}

function proposed(context: StepContext, after: number, why: Inserted['why']): Inserted | null {
  const [way] = safeWays(context, 1);
  if (!way) return null;
  return { after, asana: way.asana.id, name: nameOf(way), seconds: Math.round(way.timed.seconds), why, proposed: true };
}

/** The counterpose after each posture that goes far and that nothing after it counters, where one is safe for the person. */
function counterposes(profile: JudgingProfile, done: readonly TakenStep[]): Inserted[] {
  const isFar = ({ chosen, step }: TakenStep) => step.of === null && isExtreme(chosen.ends, chosen.timed.holdSeconds);
  return done.flatMap((one, i): Inserted[] => {
    const { asana } = one.chosen;
    if (!isFar(one) || asana.counterposes.length === 0) return [];
    const next = done.slice(i + 1).find(({ chosen }) => chosen.asana.id !== asana.id);
    // What comes next may be another of its kind; the counterpose ends the row.
    const counters = ({ step, chosen }: TakenStep) => asana.counterposes.some((id) => id === step.asana || id === chosen.asana.id);
    if (next && (counters(next) || isFar(next) || isRest(next.chosen.asana))) return [];
    for (const id of asana.counterposes) {
      const step = { ...usualStep(profile.solver.library.get(id), one.step.section), dose: COUNTERPOSE };
      const counter = proposed({ profile, step, totals: one.totals }, one.step.line, 'counterpose');
      if (counter && isCounter(asana, counter)) return [counter];
    }
    return [];
  });
}

/** What is safe instead of a counterpose may be something else altogether: that counters nothing. */
function isCounter({ counterposes: named }: Asana, { asana }: Inserted): boolean {
  return named.includes(asana);
}

/** A rest at the end of a class that has none and is long enough for one. */
function finalRest(profile: JudgingProfile, done: readonly TakenStep[], seconds: number): Inserted[] {
  const last = done.at(-1);
  if (!last || seconds < LEAST_REST.from || isRest(last.chosen.asana)) return [];
  const step = { ...usualStep(profile.solver.library.get('savasana'), last.step.section), dose: { seconds: wantedRest(seconds) } };
  const rest = proposed({ profile, step, totals: last.totals }, last.step.line, 'rest');
  return rest ? [rest] : [];
}

/**
 * What a teacher would add of their own accord: shown, not counted in the minutes.
 * @param totals how the person stands after each step
 */
export function proposals(profile: JudgingProfile, steps: readonly PlannedStep[], totals: readonly RunningTotals[]): Inserted[] {
  const done = steps.flatMap(({ step, chosen }, i) => (chosen ? [{ step, chosen, totals: totals[i] ?? START }] : []));
  return [
    ...counterposes(profile, done),
    ...finalRest(
      profile,
      done,
      steps.reduce((sum, { seconds }) => sum + seconds, 0),
    ),
  ];
}
