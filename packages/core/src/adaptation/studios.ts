import type { Library } from '../asanas/library.js';
import type { BodyAnswers } from '../body/anthropometry.js';
import { Studio } from './studio.js';

/** Bodies whose postures stay solved; the one that was asked for longest ago makes room. */
export class Studios {
  private readonly known = new Map<string, Studio>();

  constructor(
    private readonly library: Library,
    private readonly most: number,
  ) {}

  of(body: BodyAnswers): Studio {
    const key = JSON.stringify(body);
    const studio = this.known.get(key) ?? new Studio(this.library, body);
    this.known.delete(key);
    this.known.set(key, studio);
    if (this.known.size > this.most) this.known.delete(this.known.keys().next().value!);
    return studio;
  }
}
