import { library, BodySolverCache } from '@lotus-steady/core';
import { Injectable } from '@nestjs/common';

/** A full class, and none of its bodies is solved twice. */
const MOST = 24;

/** The bodies of all whom this server plans for. */
@Injectable()
export class BodiesService extends BodySolverCache {
  constructor() {
    super(library, MOST);
  }
}
