import {
  bestFigures,
  bestView,
  bestViews,
  figureSize,
  stepFigures,
  type Chosen,
  type SolvedPosture,
  type Figure,
  type StepSide,
  type BodySolver,
} from '@lotus-steady/core';

/** A form's figures from the two sides that tell most of it; a movement has two ends. */
export interface Pair {
  readonly best: readonly Figure[];
  readonly other: readonly Figure[];
}

/** A figure that is drawn once it comes in sight: a class has more of them than a screen. */
export interface Picture {
  readonly key: string;
  /** About how wide it is from its best side. */
  readonly widthCm: number;
  /** About how high it reaches above the ground. */
  readonly heightCm: number;
}

export type Shown = Pick<Chosen, 'asana' | 'variation' | 'ends'>;

export function drawPair(solver: BodySolver, chosen: Shown, stepSide: StepSide): Pair {
  const [best, other] = bestViews(chosen, stepSide).map((eye) => stepFigures(solver, chosen, stepSide, eye)) as [Figure[], Figure[]];
  return { best, other };
}

/** A small figure: the one end of a movement that it is best known by. */
export function smallFigure(solver: BodySolver, chosen: Shown, stepSide: StepSide): Figure {
  return bestFigures(solver, chosen, stepSide).at(-1)!;
}

interface Promised {
  readonly picture: Picture;
  readonly draw: () => Figure[];
  readonly drawPair: () => Pair;
}

const MOST_PICTURES = 20_000;

/** Pictures that were promised, drawn when they are asked for; the oldest are forgotten. */
export class FigureCache {
  private readonly promised = new Map<string, Promised>();
  private readonly numbers = new WeakMap<SolvedPosture, number>();
  private count = 0;

  constructor(private readonly most = MOST_PICTURES) {}

  /** A promise of a picture: what looks the same keeps its key from one answer to the next. */
  promise(solver: BodySolver, chosen: Shown, side: StepSide): Picture {
    const key = `${chosen.ends.map((end) => this.numberOf(end)).join('-')} ${side}`;
    const known = this.promised.get(key);
    if (known) return known.picture;
    const picture = { key, ...figureSize(chosen, bestView(chosen, side)) };
    this.promised.set(key, { picture, draw: () => bestFigures(solver, chosen, side), drawPair: () => drawPair(solver, chosen, side) });
    const [oldest] = this.promised.keys();
    if (oldest !== undefined && this.promised.size > this.most) this.promised.delete(oldest);
    return picture;
  }

  /** Whether a promise of its own can still be kept. */
  holds(picture: Picture): boolean {
    return this.promised.get(picture.key)?.picture === picture;
  }

  /** @throws Error for what was promised so long ago that it is forgotten. */
  drawn(key: string): Figure[] {
    return this.of(key).draw();
  }

  /** @throws Error for what was promised so long ago that it is forgotten. */
  drawnPair(key: string): Pair {
    return this.of(key).drawPair();
  }

  private of(key: string): Promised {
    const promised = this.promised.get(key);
    if (!promised) throw new Error('This picture was promised too long ago.');
    return promised;
  }

  /** A body's posture has one number. */
  private numberOf(done: SolvedPosture): number {
    const known = this.numbers.get(done) ?? ++this.count;
    this.numbers.set(done, known);
    return known;
  }
}
