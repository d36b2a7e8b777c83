import type { DeclaredSpec } from '../asanas/asana.js';
import type { Asana, Library, Variation } from '../asanas/library.js';
import { sizeBody, type Body, type BodyAnswers } from '../body/anthropometry.js';
import { isExternal } from '../body/contact.js';
import { measurePosture, type Facing, type Measure, type MeasuredPosture } from '../body/measure.js';
import type { Posture } from '../body/posture.js';
import { solveMeetingHands } from '../body/meet-hands.js';
import type { Solved } from '../body/solve.js';
import { pointOn } from '../body/skeleton.js';
import { partBalls } from '../body/parts.js';
import type { Level } from '../sequence/ways.js';
import { standInFor } from './stand-in.js';

/** One posture as this body does it, with all that follows from it. */
export interface Done {
  /** Its own number among all that were done. */
  readonly id: number;
  readonly solved: Solved;
  readonly measured: MeasuredPosture;
  readonly level: Level;
}

/** A way to do an asana as this body does it: the posture and, for a movement, its other end. */
export interface Form {
  readonly asana: Asana;
  readonly variation: Variation;
  readonly ends: readonly Done[];
}

/** What a limit may look at: numbers by measure; what is missing is unknown. */
export interface Facts {
  readonly values: Readonly<Partial<Record<Measure, number>>>;
  /** What is declared of the form; it comes before `values`. */
  readonly declared?: Readonly<Partial<Record<Measure, number>>>;
  /** What the place in the class adds; it comes before both. */
  readonly here?: Readonly<Partial<Record<Measure, number>>>;
  readonly facing: Facing | null;
  readonly standing: boolean;
}

/**
 * Energy of a step from its effort, in MET: rest 1 to 1.3, gentle hatha 2.5, sun salutation 3.3, power
 * flow 4. Compendium of Physical Activities, Med Sci Sports Exerc 2011 (values from memory).
 */
const MET: Record<DeclaredSpec['effort'], number> = { 1: 1.3, 2: 2.5, 3: 3.3, 4: 4, 5: 5 };
const IMPACT = { none: 0, step: 0, jump: 2 } as const;

const DECLARED_VALUES = new WeakMap<DeclaredSpec, Facts['values']>();

/** Numbers of what geometry can't tell. A foot that is placed slowly is no impact. */
export function declaredValues(declared: DeclaredSpec): Facts['values'] {
  const known = DECLARED_VALUES.get(declared);
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
  DECLARED_VALUES.set(declared, values);
  return values;
}

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

function levelOf(solved: Solved, measured: MeasuredPosture): Level {
  const low = solved.placed.contacts.some((contact) => {
    if (!contact.bears || !isExternal(contact) || !DOWN_PARTS.has(contact.part) || contact.on.kind === 'wall') return false;
    return partBalls(solved.placed.body, contact.part, contact.side).some(
      (ball) => pointOn(solved.placed, ball.segment, ball.local)[2] - ball.radius < FLOOR_HEIGHT_M,
    );
  });
  if (low && measured.facing === 'supine' && (measured.lying || (measured.values.trunkPitch ?? 0) > 90)) return 'supine';
  if (low) return 'floor';
  // Hands and feet on the ground, as in a dog or a plank: on the way, and counted with the floor.
  const handsDown = solved.placed.contacts.some(
    ({ part, on, bears }) => bears && on.kind === 'level' && on.surface === 'floor' && (part === 'palm' || part === 'forearm'),
  );
  return handsDown ? 'floor' : 'up';
}

export function valueOf(facts: Facts, measure: Measure): number | undefined {
  return facts.here?.[measure] ?? facts.declared?.[measure] ?? facts.values[measure];
}

let count = 0;

const STAND_INS = new WeakMap<Library, Map<string, Studio>>();

/** Bodies that stand in for others, made once. */
function standIn(library: Library, answers: BodyAnswers): Studio {
  const known = STAND_INS.get(library) ?? new Map<string, Studio>();
  STAND_INS.set(library, known);
  const key = JSON.stringify(answers);
  const studio = known.get(key) ?? new Studio(library, answers);
  known.set(key, studio);
  return studio;
}

/** One body among all postures: solves and measures each once. */
export class Studio {
  readonly body: Body;
  private readonly byContent = new Map<string, Done>();
  private readonly byObject = new WeakMap<Posture, Done>();
  private readonly forms = new WeakMap<Variation, Form>();
  /** A body much like this one, whose postures others have solved; `null` for those who are like nobody else. */
  readonly like: Studio | null;

  constructor(
    readonly library: Library,
    readonly answers: BodyAnswers = {},
  ) {
    this.body = sizeBody(answers);
    const like = standInFor(answers);
    this.like = like && standIn(library, like);
  }

  /** @throws RangeError for an asana or variation that doesn't exist. */
  form(asanaId: string, variationId: string | null = null): Form {
    const asana = this.library.get(asanaId);
    const variation = variationId === null ? asana.variations[0] : asana.variations.find(({ id }) => id === variationId);
    if (!variation) throw new RangeError(`No variation "${variationId}" of ${asanaId}`);
    return this.formOf(asana, variation);
  }

  formOf(asana: Asana, variation: Variation): Form {
    const known = this.forms.get(variation);
    if (known && known.asana === asana) return known;
    const ends = [variation.posture, variation.moves].flatMap((posture) => (posture ? [this.posture(posture)] : []));
    const form = { asana, variation, ends };
    this.forms.set(variation, form);
    return form;
  }

  /** A posture as this body does it. Equal postures, as where one asana's variation is another asana, are solved once. */
  posture(posture: Posture): Done {
    const known = this.byObject.get(posture);
    if (known) return known;
    const key = JSON.stringify(posture);
    const done = this.byContent.get(key) ?? this.solve(posture);
    this.byContent.set(key, done);
    this.byObject.set(posture, done);
    return done;
  }

  private solve(posture: Posture): Done {
    const solved = solveMeetingHands(this.body, posture, this.like?.posture(posture).solved);
    const measured = measurePosture(solved);
    return { id: ++count, solved, measured, level: levelOf(solved, measured) };
  }
}
