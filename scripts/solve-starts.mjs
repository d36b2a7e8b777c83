/**
 * Solves the library's postures on bodies of some girths and keeps where they came to in
 * packages/core/src/solving/start-table.ts: other bodies begin there. To be run again when a posture changes, after a
 * build; until then a changed posture is solved from what its author wrote, which takes longer.
 */
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { library, solve } from '@lotus-steady/core';
import { sizeBody } from '../packages/core/dist/body/anthropometry.js';
import { postureName, writeStart } from '../packages/core/dist/solving/start-states.js';
import { ROOT } from './prepare.mjs';

/** From thin to very large: body-mass index 14, 22, 34 and 56 at the reference stature. */
const GIRTHS = [0.8, 1, 1.25, 1.6];
const REFERENCE = GIRTHS.indexOf(1);
const REFERENCE_MASS_KG = 60;
const MOST_TIMES = 12;

const bodies = GIRTHS.map((girth) => sizeBody({ stature: 165, mass: REFERENCE_MASS_KG * girth ** 2 }));

/** Solved again and again from where it came to, until nothing is gained any longer. */
function settled(body, posture, start) {
  let solved = solve(body, posture, start);
  for (let time = 0; time < MOST_TIMES; time++) {
    const again = solve(body, posture, solved.state);
    if (again.rounds === 0) break;
    solved = again;
  }
  return solved.state;
}

/** Each body begins where its neighbour nearer to the reference body ended, so that all come to the same solution. */
function statesOf(posture) {
  const states = [];
  states[REFERENCE] = settled(bodies[REFERENCE], posture, null);
  for (let i = REFERENCE + 1; i < bodies.length; i++) states[i] = settled(bodies[i], posture, states[i - 1]);
  for (let i = REFERENCE - 1; i >= 0; i--) states[i] = settled(bodies[i], posture, states[i + 1]);
  return states;
}

const postures = new Map();
for (const { variations } of library.asanas)
  for (const { posture, moves } of variations)
    for (const one of [posture, moves]) {
      if (!one) continue;
      const name = postureName(one);
      const known = postures.get(name);
      if (known && JSON.stringify(known) !== JSON.stringify(one)) throw new Error(`Two postures are called ${name}`);
      postures.set(name, one);
    }

const lines = [...postures.values()].map((posture) => `    ${JSON.stringify(writeStart(posture, statesOf(posture)))},`);
writeFileSync(
  join(ROOT, 'packages/core/src/solving/start-table.ts'),
  `/** Solved postures of bodies of some girths, for others to begin at. */
interface StartTable {
  /** Girth against stature of each body, 1 for the reference body; rising. */
  readonly girths: readonly number[];
  /** Names of postures, as \`postureName\` gives them, and their states, as \`writeStart\` writes them. */
  readonly postures: string;
  readonly states: readonly string[];
}

// Made by scripts/solve-starts.mjs; not to be edited by hand.
export const START_TABLE: StartTable = {
  girths: [${GIRTHS.join(', ')}],
  postures: '${[...postures.keys()].join(' ')}',
  states: [
${lines.join('\n')}
  ],
};
`,
);
console.log(`${postures.size} postures on ${GIRTHS.length} bodies`);
