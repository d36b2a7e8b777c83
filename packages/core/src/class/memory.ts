import { getOrCreate, getOrCreateWithin } from '../get-or-create.js';
import { contextKey, type StepContext } from '../judging/step-context.js';

/** So many answers are kept of each kind; then all are forgotten. */
const MOST = 50_000;
/** What is about everybody of a class at once takes some kilobytes each. */
export const MOST_OF_CLASSES = 5_000;

/**
 * What was worked out for a class, kept for the next time: after an edit only the steps are asked again that
 * stand after another posture, or at other sums that a limit looks at.
 */
export class ClassMemory {
  private readonly answers = new Map<string, Map<string, unknown>>();
  private readonly answersFor = new WeakMap<object, Map<string, unknown>>();

  /** The same for everybody whose way to a step is the same question. */
  keyOf(context: StepContext): string {
    return `${context.profile.id} ${contextKey(context)}`;
  }

  /** An answer from memory, or worked out now. Of what takes more room, fewer are kept. */
  once<T>(kind: string, key: string, ask: () => T, most = MOST): T {
    const known = getOrCreate(this.answers, kind, () => new Map<string, unknown>());
    return getOrCreateWithin(known, most, key, ask) as T;
  }

  /** An answer about an object, kept as long as it is. */
  onceFor<T>(about: object, key: string, ask: () => T): T {
    const known = getOrCreate(this.answersFor, about, () => new Map<string, unknown>());
    return getOrCreateWithin(known, MOST, key, ask) as T;
  }
}
