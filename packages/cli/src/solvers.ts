import { BodySolverCache, library } from '@lotus-steady/core';

/** More than a class has people. */
const MOST_BODIES = 64;

/** Bodies with their solved postures: people of the same measurements share what was solved. */
export const solvers = new BodySolverCache(library, MOST_BODIES);
