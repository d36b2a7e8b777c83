import { getOrCreate } from '../get-or-create.js';
import type { Measure } from '../body/measure.js';
import { levelMismatchCost, standOf } from '../transitions/entry-cost.js';
import {
  costAnywhere,
  costChanged,
  endsOf,
  givenOf,
  replacementsOf,
  withChanges,
  type Candidate,
  type Replacements,
} from '../candidates/candidates.js';
import { COST } from '../plan/cost.js';
import { POSTURE_CHANGES, type PostureChange } from '../candidates/changes.js';
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
import type { Prop } from '../participants/props-at-hand.js';

/** More candidates than this are not looked at for one step. */
const MOST_CANDIDATES = 260;
/** What breaks more than this isn't changed: it would take too much. */
const MOST_BROKEN = 5;
/** What is further than this from where it should bear, in cm, this body doesn't reach. */
const REACHED_CM = 3;

/** A form that someone may do, as far as can be said without its place in a class. */
export interface BoundedCandidate {
  readonly candidate: Candidate;
  /** Its place, dose and way can only add to this. */
  readonly minCost: number;
}

/** A candidate still to be looked at. */
interface Open extends BoundedCandidate {
  /** Neither it nor anything that it may be changed to costs less. */
  readonly least: number;
  /** What it is changed to where it breaks something; a pair of changes is not changed further. */
  readonly change: ((broken: readonly Finding[]) => void) | null;
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

/** What a figure costs someone at the least, and what it needs, as far as that is known before it is solved. */
export interface Promised {
  readonly figure: string;
  readonly minCost: number;
  readonly props: ReadonlyMap<Prop, number>;
}

/** The candidates of a form at one place of a class, judged there as far as they are asked for. */
export class CandidatesAtStep {
  private readonly judged: (Chosen | null)[] = [];
  private readonly leasts: number[] = [];
  private readonly found = new Map<number, readonly Chosen[]>();
  private readonly likes = new Map<string, Chosen | null>();

  constructor(
    readonly search: CandidateSearch,
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
  private readonly found: Open[] = [];
  readonly given: Candidate;
  private opened: Open[] | null = null;
  private looked = 0;
  private readonly likes = new Map<string, BoundedCandidate | null>();
  private promises: ReadonlyMap<string, Promised> | null = null;
  private readonly changesOfFigures = new Map<string, readonly Promised[]>();

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
      const next = this.open.at(-1);
      if (!next || next.least >= below || this.looked >= MOST_CANDIDATES) return null;
      this.take(next);
    }
    const found = this.found[place]!;
    return found.least < below ? found : null;
  }

  /** Someone else's figure as this person would do it, changed with the same changes; `null` where it is barred. */
  like(figure: string): BoundedCandidate | null {
    return getOrCreate(this.likes, figure, () => this.workOut(figure));
  }

  /** Whatever the library has in place of the form, by figure. */
  get promised(): ReadonlyMap<string, Promised> {
    return (this.promises ??= new Map(
      this.replacements.candidates.flatMap((plain) => {
        const promise = this.promise(plain.figure);
        return promise ? [[plain.figure, promise]] : [];
      }),
    ));
  }

  /** Someone else's figure, before it is solved for this person; `null` where they can't have it. */
  promise(figure: string): Promised | null {
    const { plain, ids } = this.readFigure(figure);
    if (!plain) return null;
    if (ids.length === 0) return this.promiseOf(plain);
    // What the changes come to depends on how far this body has to be changed.
    return { figure, minCost: costChanged(this.profile, plain, this.given), props: new Map() };
  }

  /** What a figure that this person can't have as it is may be changed to. */
  changesOf(figure: string): readonly Promised[] {
    return getOrCreate(this.changesOfFigures, figure, () => this.changed(figure).map((candidate) => this.promiseOf(candidate)));
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

  /** The form of a figure, as far as it is possible here, and the ids of its changes. */
  private readFigure(figure: string): { readonly plain: Candidate | null; readonly ids: readonly string[] } {
    const [form = '', ...ids] = figure.split(' ');
    const plain = this.replacements.byFigure.get(form);
    return { plain: plain && this.isPossible(plain) ? plain : null, ids };
  }

  private changed(figure: string): readonly Candidate[] {
    const { plain, ids } = this.readFigure(figure);
    if (!plain || ids.length > 1) return [];
    const { broken } = judgeAnywhere(this.profile, plain);
    const singles = this.singles(plain, broken);
    if (ids.length === 0) return singles.map(({ single }) => single);
    return singles.flatMap(({ single, change }) => {
      if (change.id !== ids[0] || !this.isPossible(single)) return [];
      return this.pairs(plain, change, broken, judgeAnywhere(this.profile, single).broken);
    });
  }

  private workOut(figure: string): BoundedCandidate | null {
    const { plain, ids } = this.readFigure(figure);
    if (!plain) return null;
    if (ids.length === 0) return judgeAnywhere(this.profile, plain).isBarred ? null : this.bounded(plain);
    const changes = ids.flatMap((id) => POSTURE_CHANGES.find((change) => change.id === id) ?? []);
    const wanted = wantedOf(judgeAnywhere(this.profile, plain).broken, this.profile.limits);
    const extra = ids.length > 1 ? COST.pair : 0;
    // A figure doesn't tell in which order its changes were made; one of them may leave the other nothing to do.
    const candidate = withChanges(plain, changes, wanted, extra) ?? withChanges(plain, [...changes].reverse(), wanted, extra);
    return candidate && this.isPossible(candidate) && !judgeAnywhere(this.profile, candidate).isBarred ? this.bounded(candidate) : null;
  }

  /** What is still to be looked at, cheapest last. */
  private get open(): Open[] {
    return (this.opened ??= this.replacements.candidates
      .map((plain) => this.opening(plain, (broken) => this.openSingles(plain, broken)))
      .sort((a, b) => b.least - a.least));
  }

  private take(next: Open): void {
    this.open.pop();
    this.looked++;
    const { candidate } = next;
    if (!this.isPossible(candidate)) return;
    const { isBarred, broken } = judgeAnywhere(this.profile, candidate);
    if (!isBarred) this.found.push(next);
    if (broken.length > 0) next.change?.(broken);
  }

  private openSingles(plain: Candidate, broken: readonly Finding[]): void {
    const opened = new Set<string>();
    for (const { single, change } of this.singles(plain, broken))
      this.add(single, (left) => {
        for (const pair of this.pairs(plain, change, broken, left)) {
          if (opened.has(pair.figure)) continue;
          opened.add(pair.figure);
          this.add(pair, null);
        }
      });
  }

  private singles(plain: Candidate, broken: readonly Finding[]): { readonly single: Candidate; readonly change: PostureChange }[] {
    if (broken.length > MOST_BROKEN) return [];
    const wanted = wantedOf(broken, this.profile.limits);
    return helpful(broken).flatMap((change) => {
      const single = withChanges(plain, [change], wanted, 0);
      return single ? [{ single, change }] : [];
    });
  }

  /** A second change beside the first, which left some of what was broken. */
  private pairs(plain: Candidate, first: PostureChange, broken: readonly Finding[], left: readonly Finding[]): Candidate[] {
    // A first change that mended nothing makes no pair.
    if (left.length > Math.min(broken.length - 1, plain.asana === this.given.asana ? 4 : 1)) return [];
    const { limits } = this.profile;
    const wanted = new Map([...wantedOf(broken, limits), ...wantedOf(left, limits)]);
    return helpful(left).flatMap((second) => {
      const sameLimbs = second.places !== undefined && second.places === first.places;
      return second.id === first.id || sameLimbs ? [] : (withChanges(plain, [first, second], wanted, COST.pair) ?? []);
    });
  }

  private add(candidate: Candidate, change: Open['change']): void {
    const one = this.opening(candidate, change);
    this.open.splice(this.open.findLastIndex(({ least }) => least > one.least) + 1, 0, one);
  }

  private opening(candidate: Candidate, change: Open['change']): Open {
    const { profile, given } = this;
    const minCost = costAnywhere(profile, candidate, given);
    return { candidate, change, minCost, least: change ? Math.min(minCost, costChanged(profile, candidate, given)) : minCost };
  }

  /** Whether it is offered at all, the props for it are there, and nothing that is declared of it stands against it: such a form needs no solving. */
  private isPossible({ asana, posture, variation }: Candidate): boolean {
    const { judges, props, leftOut } = this.profile;
    return !leftOut.has(asana.id) && !judges.isBarredAsDeclared(variation.declared) && missingProps(propsOf(posture), props).length === 0;
  }

  private promiseOf(candidate: Candidate): Promised {
    return { figure: candidate.figure, minCost: costAnywhere(this.profile, candidate, this.given), props: propsOf(candidate.posture) };
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
