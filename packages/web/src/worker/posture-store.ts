import { clear, createStore, delMany, get, getMany, set, type UseStore } from 'idb-keyval';
import { snapshotName, type PostureSnapshot, type BodySolver } from '@lotus-steady/core';

/** A body's postures as they were solved by one version of the core. */
interface Kept {
  readonly version: string;
  readonly postures: Map<string, PostureSnapshot>;
}

/** When each body was last asked for, in milliseconds since 1970. */
type Asked = Map<string, number>;
const ASKED = 'asked';

/** So many bodies are kept; then those that were asked for longest ago make room. */
const MOST_BODIES = 60;

let opened: UseStore | null = null;
const store = () => (opened ??= createStore('lotus.bodies', 'bodies'));

/** Nothing hangs on the store: where the device has none, or it is full, everything is worked out as before. */
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
export class PostureStore {
  /** How many postures of each body are written down. Only those in it may be: work that a clearing has overtaken leaves nothing. */
  private written = new WeakMap<BodySolver, number>();
  /** One thing after the other: what is being written isn't left behind by a clearing. */
  private last: Promise<unknown> = Promise.resolve();

  constructor(private readonly version: string) {}

  /** Gives bodies that are new here what was kept of them. */
  async fill(solvers: readonly BodySolver[]): Promise<void> {
    const unknown = solvers.filter((solver) => !this.written.has(solver));
    if (unknown.length === 0) return;
    const found = await orNothing(() => getMany<Kept>(unknown.map(nameOf), store()));
    for (const [i, solver] of unknown.entries()) {
      const kept = found?.[i];
      const postures = kept?.version === this.version ? kept.postures : new Map<string, PostureSnapshot>();
      // Another asked for it meanwhile, or it is here from before a clearing.
      solver.kept ??= postures;
      this.written.set(solver, postures.size);
    }
  }

  /** Writes down what was solved since. */
  keep(solvers: readonly BodySolver[]): Promise<void> {
    return this.next(async () => {
      const bodies = solvers.filter((solver) => this.written.has(solver));
      if (bodies.length === 0) return;
      const asked = (await get<Asked>(ASKED, store())) ?? new Map<string, number>();
      for (const solver of bodies) {
        const postures = solver.kept;
        if (!postures) continue;
        asked.delete(nameOf(solver));
        asked.set(nameOf(solver), Date.now());
        if (this.written.get(solver) === postures.size) continue;
        this.written.set(solver, postures.size);
        await set(nameOf(solver), { version: this.version, postures } satisfies Kept, store());
      }
      const old = [...asked.keys()].slice(0, Math.max(0, asked.size - MOST_BODIES));
      for (const name of old) asked.delete(name);
      await delMany(old, store());
      await set(ASKED, asked, store());
    });
  }

  /** Works with bodies on what is kept of them, and keeps what it solves. */
  async around<Answer>(solvers: readonly BodySolver[], work: () => Answer | Promise<Answer>): Promise<Answer> {
    await this.fill(solvers);
    try {
      return await work();
    } finally {
      void this.keep(solvers);
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

function nameOf({ answers }: BodySolver): string {
  return snapshotName(answers);
}
