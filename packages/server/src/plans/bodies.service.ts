import { library, Studio, type BodyAnswers } from '@lotus-steady/core';
import { Injectable } from '@nestjs/common';

/** Bodies whose postures are kept solved; the oldest makes room. */
const MOST = 24;

@Injectable()
export class BodiesService {
  private readonly studios = new Map<string, Studio>();

  studioFor(body: BodyAnswers): Studio {
    const key = JSON.stringify(body);
    const studio = this.studios.get(key) ?? new Studio(library, body);
    this.studios.delete(key);
    this.studios.set(key, studio);
    if (this.studios.size > MOST) this.studios.delete(this.studios.keys().next().value!);
    return studio;
  }
}
