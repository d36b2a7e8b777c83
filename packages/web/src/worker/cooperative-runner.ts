/** So long it works without a look at what else the screen asks: a timer waits 4 ms each time. */
const TURN_MS = 40;

/** Work that is done bit by bit, in turns with whatever else the screen asks, and may be stopped. */
export class CooperativeRunner {
  /** What is under way and was not stopped. */
  private readonly running = new Set<unknown>();

  constructor(private readonly turnMs = TURN_MS) {}

  /**
   * Works a job out; `onBit` hears of the last bit of each turn. `within` may prepare for it and clear away after it: a
   * stop is heard from the beginning. `null` where it was stopped.
   */
  async work<Bit, Answer>(
    job: unknown,
    bits: Generator<Bit, Answer>,
    onBit: (bit: Bit) => void = () => undefined,
    within: (go: () => Promise<Answer | null>) => Promise<Answer | null> = (go) => go(),
  ): Promise<Answer | null> {
    this.running.add(job);
    try {
      return await within(() => this.go(job, bits, onBit));
    } finally {
      this.running.delete(job);
    }
  }

  stop(job: unknown): void {
    this.running.delete(job);
  }

  private async go<Bit, Answer>(job: unknown, bits: Generator<Bit, Answer>, onBit: (bit: Bit) => void): Promise<Answer | null> {
    let since = performance.now();
    while (this.running.has(job)) {
      const { done, value } = bits.next();
      if (done) return value;
      if (performance.now() - since < this.turnMs) continue;
      onBit(value);
      await new Promise((resolve) => setTimeout(resolve));
      since = performance.now();
    }
    return null;
  }
}
