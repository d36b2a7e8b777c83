/** So long a score stays unseen before its first part is shown. */
const FIRST_MS = 120;

/** When a part of a score is worth showing before all of it is there: after a moment, then each time after twice as long. */
export class EarlyParts {
  private shown = 0;
  private next: number;

  constructor(
    private readonly since: number,
    firstMs = FIRST_MS,
  ) {
    this.next = firstMs;
  }

  /** Whether to show so many steps now; a second pass over the first steps shows nothing new. */
  isDue(steps: number, now: number): boolean {
    if (steps <= this.shown || now - this.since < this.next) return false;
    this.shown = steps;
    this.next = 2 * (now - this.since);
    return true;
  }
}
