import { clear, createStore, delMany, get, getMany, set, type UseStore } from 'idb-keyval';
import { keptName, type KeptPosture, type Studio } from '@lotus-steady/core';

/** A body's postures as they were solved by one version of the core. */
interface Kept {
  readonly version: string;
  readonly postures: Map<string, KeptPosture>;
}

/** When each body was last asked for, in milliseconds since 1970. */
type Asked = Map<string, number>;
const ASKED = 'asked';

/** So many bodies are kept; then those that were asked for longest ago make room. */
const MOST_BODIES = 60;

let opened: UseStore | null = null;
const store = () => (opened ??= createStore('lotus.bodies', 'bodies'));

/** Nothing hangs on the shelf: where the device has none, or it is full, everything is worked out as before. */
async function orNothing<T>(ask: () => Promise<T>): Promise<T | undefined> {
  try {
    return await ask();
  } catch {
    return undefined;
  }
}

/**
 * Postures that were solved for bodies, kept on this device: a class that is opened again, today or next week, needs
 * no solving. They are kept under names that tell nothing, and only for the version of the core that solved them.
 */
export class Shelf {
  /** How many postures of each body are written down. Only those in it may be: work that a clearing has overtaken leaves nothing. */
  private written = new WeakMap<Studio, number>();
  /** One thing after the other: what is being written isn't left behind by a clearing. */
  private last: Promise<unknown> = Promise.resolve();

  constructor(private readonly version: string) {}

  /** Gives bodies that are new here what was kept of them. */
  async fill(studios: readonly Studio[]): Promise<void> {
    const unknown = bodiesOf(studios).filter((studio) => !this.written.has(studio));
    if (unknown.length === 0) return;
    const found = await orNothing(() => getMany<Kept>(unknown.map(nameOf), store()));
    for (const [i, studio] of unknown.entries()) {
      const kept = found?.[i];
      const postures = kept?.version === this.version ? kept.postures : new Map<string, KeptPosture>();
      // Another asked for it meanwhile, or it is here from before a clearing.
      studio.kept ??= postures;
      this.written.set(studio, postures.size);
    }
  }

  /** Writes down what was solved since. */
  keep(studios: readonly Studio[]): Promise<void> {
    return this.next(async () => {
      const bodies = bodiesOf(studios).filter((studio) => this.written.has(studio));
      if (bodies.length === 0) return;
      const asked = (await get<Asked>(ASKED, store())) ?? new Map<string, number>();
      for (const studio of bodies) {
        const postures = studio.kept!;
        asked.delete(nameOf(studio));
        asked.set(nameOf(studio), Date.now());
        if (this.written.get(studio) === postures.size) continue;
        this.written.set(studio, postures.size);
        await set(nameOf(studio), { version: this.version, postures } satisfies Kept, store());
      }
      const old = [...asked.keys()].slice(0, Math.max(0, asked.size - MOST_BODIES));
      for (const name of old) asked.delete(name);
      await delMany(old, store());
      await set(ASKED, asked, store());
    });
  }

  /** Works with bodies on what is kept of them, and keeps what it solves. */
  async around<Answer>(studios: readonly Studio[], work: () => Answer | Promise<Answer>): Promise<Answer> {
    await this.fill(studios);
    try {
      return await work();
    } finally {
      void this.keep(studios);
    }
  }

  /** What bodies tell of people's health leaves this device with whoever signs out. */
  clear(): Promise<void> {
    return this.next(async () => {
      this.written = new WeakMap();
      await clear(store());
    });
  }

  private next(ask: () => Promise<void>): Promise<void> {
    const now = this.last.then(() => orNothing(ask));
    this.last = now;
    return now;
  }
}

/** These bodies, with those that stand in for them, each once. */
function bodiesOf(studios: readonly Studio[]): Studio[] {
  return [...new Set(studios.flatMap((studio) => (studio.like ? [studio.like, studio] : [studio])))];
}

function nameOf({ answers }: Studio): string {
  return keptName(answers);
}
