/** An answer whose parts are named: those that the other side doesn't hold yet are with it. */
export interface DeltaMessage<Body> {
  readonly body: Body;
  readonly fresh: readonly (readonly [name: number, part: object])[];
  /** Whether all that it held before is forgotten. */
  readonly anew: boolean;
}

/** So many parts are held by the other side; with more, it begins anew. */
const MOST_PARTS = 20_000;

/**
 * Sends answers of which much is as it was in the answer before. Each of their parts goes over once: after an edit that
 * is what has changed. Parts are told apart by being the same object, and nobody may change them.
 */
export class Sender {
  private names = new Map<object, number>();

  constructor(private readonly most = MOST_PARTS) {}

  /** Packs an answer that puts the names of its parts where they were. */
  pack<Body>(put: (nameOf: (part: object) => number) => Body): DeltaMessage<Body> {
    const anew = this.names.size > this.most;
    if (anew) this.names = new Map();
    const { names } = this;
    const fresh: [number, object][] = [];
    const body = put((part) => {
      const known = names.get(part);
      if (known !== undefined) return known;
      const name = names.size;
      names.set(part, name);
      fresh.push([name, part]);
      return name;
    });
    return { body, fresh, anew };
  }
}

/** The other side: it has to unpack all parcels of one sender, in their order. */
export class Receiver {
  private parts = new Map<number, object>();

  /** @throws Error for a part that never came. */
  unpack<Body, Answer>({ body, fresh, anew }: DeltaMessage<Body>, read: (body: Body, partOf: (name: number) => object) => Answer): Answer {
    if (anew) this.parts = new Map();
    for (const [name, part] of fresh) this.parts.set(name, part);
    return read(body, (name) => {
      const part = this.parts.get(name);
      if (!part) throw new Error(`Part ${name} of an answer never came.`);
      return part;
    });
  }
}
