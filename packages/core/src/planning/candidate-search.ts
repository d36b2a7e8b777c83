import { getOrCreate } from '../get-or-create.js';
import type { Measure } from '../body/measure.js';
import { levelMismatchCost, standOf } from '../transitions/entry-cost.js';
import { costAnywhere, endsOf, givenOf, replacementsOf, withChanges, type Candidate, type Replacements } from '../candidates/candidates.js';
import { COST } from '../plan/cost.js';
import { POSTURE_CHANGES, type PostureChange, type Wanted } from '../candidates/changes.js';
import type { Step } from '../sequence/sequence.js';
import { stepKey } from '../sequence/step-key.js';
import { evaluate, type Evaluated } from './evaluation.js';
import { wantedOf, type Fitted } from '../dosing/fitting.js';
import type { Finding } from '../plan/finding.js';
import { contextKey, START, type StepContext } from '../judging/step-context.js';
import type { Chosen } from '../plan/plan.js';
import { missingProps, propsOf } from '../candidates/props-needed.js';
import type { SolvedPosture, SolvedVariation } from '../solving/solved-posture.js';
import type { PlanningCache } from '../judging/planning-cache.js';
import type { JudgingProfile } from '../judging/judging-profile.js';

/** More candidates than this are not looked at for one step. */
const MOST_CANDIDATES = 260;
/** What is further than this from where it should bear, in cm, this body doesn't reach. */
const REACHED_CM = 3;

/** A form that someone may do, as far as can be said without its place in a class. */
export interface BoundedCandidate {
  readonly candidate: Candidate;
  /** Its place, dose and way can only add to this. */
  readonly minCost: number;
}

/** A candidate still to be looked at. */
interface Open {
  readonly candidate: Candidate;
  /** What is opened next where it breaks something; a pair of changes is not changed further. */
  readonly next: ((broken: readonly Finding[]) => void) | null;
}

/** The changes that can improve something that is broken. */
function helpful(broken: readonly Finding[]): PostureChange[] {
  const measures = new Set(broken.map(({ measure }) => measure as Measure));
  return POSTURE_CHANGES.filter(({ helps }) => helps.some((measure) => measures.has(measure)));
}

interface Anywhere {
  readonly isBarred: boolean;
  readonly broken: readonly Finding[];
}

/** What a candidate breaks wherever it is done: no place in a class can mend it. */
function judgeAnywhere({ solver, judges }: JudgingProfile, candidate: Candidate): Anywhere {
  const { barring, broken, residualCm } = judges.anywhere(endsOf(solver, candidate), candidate.variation.declared);
  return { isBarred: barring.length > 0 || residualCm >= REACHED_CM, broken };
}

/** The candidates of a form at one place of a class, judged there as far as they are asked for. */
export class CandidatesAtStep {
  private readonly judged: (Chosen | null)[] = [];
  private readonly leasts: number[] = [];
  private readonly found = new Map<number, readonly Chosen[]>();
  private readonly likes = new Map<string, Chosen | null>();

  constructor(
    private readonly search: CandidateSearch,
    private readonly context: StepContext,
  ) {}

  /** As `CandidateSearch.at`. */
  at(place: number, below: number): BoundedCandidate | null {
    return this.search.at(place, below);
  }

  /** The posture that a candidate ends in. */
  lastOf({ candidate }: BoundedCandidate): SolvedPosture {
    return endsOf(this.context.profile.solver, candidate).at(-1)!;
  }

  /** No way to do a candidate here costs less than this: known before it is judged. */
  least(place: number, { candidate, minCost }: BoundedCandidate): number {
    const known = this.leasts[place];
    if (known !== undefined) return known;
    const { profile, step, totals } = this.context;
    const [first, from] = [endsOf(profile.solver, candidate)[0]!, totals.last && standOf(totals.last)];
    const form = profile.solver.form(step.asana, step.variation);
    const apart = candidate === this.search.given ? 0 : levelMismatchCost(form, standOf(first), from);
    return (this.leasts[place] = minCost + apart);
  }

  /**
   * The safe ways, cheapest first, at most `count` of them. Complete up to the first `count`: a candidate is passed
   * over only when the least that it can cost here is above what was found.
   */
  cheapest(count: number): readonly Chosen[] {
    return getOrCreate(this.found, count, () => {
      const found: Chosen[] = [];
      const worst = () => (found.length < count ? Infinity : found.at(-1)!.cost);
      for (let place = 0; ; place++) {
        const bounded = this.at(place, worst());
        if (!bounded) return found;
        if (this.least(place, bounded) >= worst()) continue;
        const chosen = this.safe(place, bounded);
        if (!chosen || chosen.cost >= worst()) continue;
        const dearer = found.findIndex(({ cost }) => cost > chosen.cost);
        found.splice(dearer < 0 ? found.length : dearer, 0, chosen);
        if (found.length > count) found.pop();
      }
    });
  }

  /** Someone else's figure as this person would do it here, changed with the same changes; `null` where it isn't safe. */
  like(figure: string): Chosen | null {
    return getOrCreate(this.likes, figure, () => {
      const bounded = this.search.like(figure);
      return bounded && this.judge(bounded);
    });
  }

  /** A candidate as it is done here; `null` where it isn't safe. */
  safe(place: number, bounded: BoundedCandidate): Chosen | null {
    const known = this.judged[place];
    return known === undefined ? (this.judged[place] = this.judge(bounded)) : known;
  }

  private judge({ candidate }: BoundedCandidate): Chosen | null {
    const { isSafe, chosen } = this.search.evaluate(this.context, candidate);
    return isSafe ? chosen : null;
  }
}

/**
 * What someone may do in place of a form, cheapest first before it is solved: its variations, small changes of
 * them, pairs of changes, then other asanas with the same purpose. It is worked out as far as it is asked for,
 * the same way whoever asks.
 */
export class CandidateSearch {
  private readonly found: BoundedCandidate[] = [];
  readonly given: Candidate;
  private nextSource = 0;
  /** Changed candidates, cheapest last. */
  private readonly changed: Open[] = [];
  private looked = 0;
  private readonly likes = new Map<string, BoundedCandidate | null>();

  constructor(
    private readonly profile: JudgingProfile,
    { asana, variation }: SolvedVariation,
  ) {
    this.given = givenOf(asana, variation);
  }

  /** Worked out only where more than the form itself is looked at. */
  private get replacements(): Replacements {
    return replacementsOf(this.profile.solver.library, this.given.asana, this.given.variation);
  }

  /** The candidate of a place in the order, unless it costs `below` or more before it is solved. */
  at(place: number, below: number): BoundedCandidate | null {
    while (this.found.length <= place) {
      const next = this.nextOpen();
      if (!next || next.candidate.base >= below || this.looked >= MOST_CANDIDATES) return null;
      this.take(next);
    }
    const bounded = this.found[place]!;
    return bounded.candidate.base < below ? bounded : null;
  }

  /** Someone else's figure as this person would do it, changed with the same changes; `null` where it is barred. */
  like(figure: string): BoundedCandidate | null {
    return getOrCreate(this.likes, figure, () => this.workOut(figure));
  }

  /** All of them at a place in a class; the same for places that nothing tells apart. */
  here(context: StepContext): CandidatesAtStep {
    const known = this.cache.of<string, CandidatesAtStep>('candidatesAtStep');
    return getOrCreate(known, `${this.given.id} ${contextKey(context)}`, () => new CandidatesAtStep(this, context));
  }

  /** A candidate at a place in a class; fitted once for all places that are alike to it. */
  evaluate(context: StepContext, candidate: Candidate): Evaluated {
    const known = this.cache.of<string, Fitted>('fitted');
    return evaluate(context, candidate, this.given, (key, fitted) =>
      getOrCreate(known, `${this.given.id} ${candidate.id} ${key}`, () => {
        const made = fitted();
        this.minCosts.set(this.minCostKey(context.step, candidate), made.minCost);
        return made;
      }),
    );
  }

  /** What a candidate costs at the least, wherever in a class the step stands: the place that it is looked at in makes no difference. */
  minCostOf(step: Step, candidate: Candidate): number {
    return (
      this.minCosts.get(this.minCostKey(step, candidate)) ??
      this.evaluate({ profile: this.profile, step, totals: START }, candidate).chosen.minCost
    );
  }

  private get cache(): PlanningCache {
    return this.profile.cache.about(this.profile);
  }

  private get minCosts() {
    return this.cache.of<string, number>('minCosts');
  }

  private minCostKey(step: Step, candidate: Candidate): string {
    return `${this.given.id} ${candidate.id} ${stepKey(step)}`;
  }

  private workOut(figure: string): BoundedCandidate | null {
    const [form = '', ...ids] = figure.split(' ');
    const plain = this.replacements.byFigure.get(form);
    if (!plain) return null;
    if (ids.length === 0) return this.isPossible(plain) && !judgeAnywhere(this.profile, plain).isBarred ? this.bounded(plain) : null;
    const changes = ids.flatMap((id) => POSTURE_CHANGES.find((change) => change.id === id) ?? []);
    const wanted = wantedOf(judgeAnywhere(this.profile, plain).broken, this.profile.limits);
    const extra = ids.length > 1 ? COST.pair : 0;
    // A figure doesn't tell in which order its changes were made; one of them may leave the other nothing to do.
    const candidate = withChanges(plain, changes, wanted, extra) ?? withChanges(plain, changes.toReversed(), wanted, extra);
    return candidate && this.isPossible(candidate) && !judgeAnywhere(this.profile, candidate).isBarred ? this.bounded(candidate) : null;
  }

  private nextOpen(): Open | null {
    const source = this.replacements.candidates[this.nextSource];
    const changed = this.changed.at(-1);
    if (changed && (!source || changed.candidate.base < source.base)) return changed;
    return source ? { candidate: source, next: (broken) => this.openSingles(source, broken) } : null;
  }

  private take(open: Open): void {
    if (open === this.changed.at(-1)) this.changed.pop();
    else this.nextSource++;
    this.looked++;
    const { candidate, next } = open;
    if (!this.isPossible(candidate)) return;
    const { isBarred, broken } = judgeAnywhere(this.profile, candidate);
    if (!isBarred) this.found.push(this.bounded(candidate));
    if (broken.length > 0) next?.(broken);
  }

  private openSingles(plain: Candidate, broken: readonly Finding[]): void {
    // Only what nearly passes is worth changing further.
    if (broken.length > 5) return;
    const wanted = wantedOf(broken, this.profile.limits);
    const pairs = new Set<string>();
    for (const change of helpful(broken)) {
      const single = withChanges(plain, [change], wanted, 0);
      // A first change that mended nothing makes no pair.
      const most = Math.min(broken.length - 1, plain.asana === this.given.asana ? 4 : 1);
      if (single)
        this.open({ candidate: single, next: (left) => left.length <= most && this.openPairs(plain, change, wanted, left, pairs) });
    }
  }

  private openPairs(plain: Candidate, first: PostureChange, wanted: Wanted, broken: readonly Finding[], pairs: Set<string>): void {
    const now = new Map([...wanted, ...wantedOf(broken, this.profile.limits)]);
    for (const second of helpful(broken)) {
      const key = [second.id, first.id].sort().join();
      const sameLimbs = second.places !== undefined && second.places === first.places;
      if (second.id === first.id || sameLimbs || pairs.has(key)) continue;
      pairs.add(key);
      const pair = withChanges(plain, [first, second], now, COST.pair);
      if (pair) this.open({ candidate: pair, next: null });
    }
  }

  private open(one: Open): void {
    const place = this.changed.findLastIndex(({ candidate }) => candidate.base > one.candidate.base);
    this.changed.splice(place + 1, 0, one);
  }

  /** Whether it is offered at all, the props for it are there, and nothing that is declared of it stands against it: such a form needs no solving. */
  private isPossible({ asana, posture, variation }: Candidate): boolean {
    const { judges, props, leftOut } = this.profile;
    return !leftOut.has(asana.id) && !judges.isBarredAsDeclared(variation.declared) && missingProps(propsOf(posture), props).length === 0;
  }

  private bounded(candidate: Candidate): BoundedCandidate {
    return { candidate, minCost: costAnywhere(this.profile, candidate, this.given) };
  }
}

/** The candidates of someone in place of a form: made once. */
export function candidateSearchFor(profile: JudgingProfile, form: SolvedVariation): CandidateSearch {
  const known = profile.cache.about(profile).of<number, CandidateSearch>('searches');
  return getOrCreate(known, givenOf(form.asana, form.variation).id, () => new CandidateSearch(profile, form));
}
