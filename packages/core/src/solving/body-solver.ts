import { memoize } from '../get-or-create.js';
import type { Asana, Library, Variation } from '../asanas/library.js';
import { sizeBody, type Body, type BodyAnswers } from '../body/anthropometry.js';
import { isExternal } from '../body/contact.js';
import { measurePosture } from '../body/measure.js';
import type { Posture } from '../body/posture.js';
import { solveMeetingHands } from '../body/meet-hands.js';
import { Solved } from '../body/solved.js';
import { pointOn, toState, type State } from '../body/skeleton.js';
import { partBalls } from '../body/parts.js';
import { numbering } from '../numbering.js';
import type { Level } from '../sequence/ways.js';
import { rowOf } from './facts.js';
import type { Measured, SolvedPosture, SolvedVariation } from './solved-posture.js';
import { snapshotName, snapshotOf, type PostureSnapshot } from './posture-snapshot.js';
import { startState } from './start-states.js';

/** Props up to this height (m) leave whoever sits or kneels on them on the floor. */
const FLOOR_HEIGHT_M = 0.3;
const DOWN_PARTS = new Set([
  'knee',
  'shin',
  'lowerleg',
  'sitbone',
  'hipside',
  'pelvis',
  'sacrum',
  'belly',
  'ribs',
  'pubis',
  'upperback',
  'shoulder',
]);

function levelOf(solved: Solved, measured: Measured): Level {
  const { placed } = solved;
  const low = placed.contacts.some((contact) => {
    if (!contact.bears || !isExternal(contact) || !DOWN_PARTS.has(contact.part) || contact.on.kind === 'wall') return false;
    return partBalls(placed.body, contact.part, contact.side).some(
      (ball) => pointOn(placed, ball.segment, ball.local)[2] - ball.radius < FLOOR_HEIGHT_M,
    );
  });
  if (low && measured.facing === 'supine' && (measured.lying || (measured.values.trunkPitch ?? 0) > 90)) return 'supine';
  if (low) return 'floor';
  // Hands and feet on the ground, as in a dog or a plank: on the way, and counted with the floor.
  const handsDown = placed.contacts.some(
    ({ part, on, bears }) => bears && on.kind === 'level' && on.surface === 'floor' && (part === 'palm' || part === 'forearm'),
  );
  return handsDown ? 'floor' : 'up';
}

let count = 0;

const numberOf = numbering(10_000);

/** A number for what a posture asks for, shared by all bodies. */
const contentOf = memoize((posture: Posture) => numberOf(JSON.stringify(posture)));

const nameOf = memoize(snapshotName);

/** One body among all postures: solves and measures each once. */
export class BodySolver {
  readonly body: Body;
  private readonly done = new Map<number, SolvedPosture>();
  private readonly forms = new WeakMap<Variation, SolvedVariation>();
  /**
   * Postures that an earlier run has solved, by the name of what they ask for; what is solved now is added to them.
   * `null` where nothing is kept beyond this run.
   */
  kept: Map<string, PostureSnapshot> | null = null;

  constructor(
    readonly library: Library,
    readonly answers: BodyAnswers = {},
  ) {
    this.body = sizeBody(answers);
  }

  /** @throws RangeError for an asana or variation that doesn't exist. */
  form(asanaId: string, variationId: string | null = null): SolvedVariation {
    const asana = this.library.get(asanaId);
    const variation = variationId === null ? asana.variations[0] : asana.variations.find(({ id }) => id === variationId);
    if (!variation) throw new RangeError(`No variation "${variationId}" of ${asanaId}`);
    return this.formOf(asana, variation);
  }

  formOf(asana: Asana, variation: Variation): SolvedVariation {
    const known = this.forms.get(variation);
    if (known && known.asana === asana) return known;
    const ends = [variation.posture, variation.moves].flatMap((posture) => (posture ? [this.posture(posture)] : []));
    const form = { asana, variation, ends };
    this.forms.set(variation, form);
    return form;
  }

  /**
   * A posture as this body does it. Equal postures, as where one asana's variation is another asana, are solved once.
   * @param changedFrom the library's posture that it was made from by small changes
   */
  posture(posture: Posture, changedFrom: Posture | null = null): SolvedPosture {
    const key = contentOf(posture);
    const known = this.done.get(key);
    if (known) return known;
    const done = this.keptOrSolved(posture, changedFrom);
    this.done.set(key, done);
    return done;
  }

  private keptOrSolved(posture: Posture, changedFrom: Posture | null): SolvedPosture {
    if (!this.kept) return this.solve(posture, changedFrom);
    const name = nameOf(posture);
    const kept = this.kept.get(name);
    if (kept) {
      const { state, contacts, measured, level } = kept;
      return { id: ++count, solved: new Solved(this.body, state, contacts, kept), measured, row: rowOf(measured.values), level };
    }
    const done = this.solve(posture, changedFrom);
    this.kept.set(name, snapshotOf(done));
    return done;
  }

  /** Where to begin: near other bodies' solution, or at this body's in the posture that this one was made from. */
  private startOf(posture: Posture, changedFrom: Posture | null): State | null {
    const known = startState(this.body, posture);
    if (known || !changedFrom) return known;
    const from = toState(changedFrom);
    const to = toState(posture);
    return this.posture(changedFrom).solved.state.map((value, dof) => value + to[dof]! - from[dof]!);
  }

  private solve(posture: Posture, changedFrom: Posture | null): SolvedPosture {
    const solved = solveMeetingHands(this.body, posture, this.startOf(posture, changedFrom));
    const { loads, centreOfMass: _, ...measures } = measurePosture(solved);
    const measured = { ...measures, shares: loads.contacts.map(({ contact, share }) => ({ contact, share })) };
    return { id: ++count, solved, measured, row: rowOf(measured.values), level: levelOf(solved, measured) };
  }
}
