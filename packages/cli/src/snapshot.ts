import { startupSnapshot } from 'node:v8';
import { library } from '@lotus-steady/core';
import { print } from './print.js';
import { run } from './run.js';
import { readNotes } from './read-notes.js';
import { solvers } from './solvers.js';

// Built into a snapshot of the heap: before it is taken the library is made, the phrasebook learnt, and the body
// that nobody measured solved in every posture. No words are made: formatters of the language can't be kept.
readNotes('Cat-cow, 6x\nDown dog\nWarrior II, each side');
const unmeasured = solvers.of({});
for (const asana of library.asanas) for (const variation of asana.variations) unmeasured.formOf(asana, variation);

startupSnapshot.setDeserializeMainFunction(() => {
  // The first argument stands where a script's name would. A PDF is not written from here: `lotus.sh` knows.
  print(run(process.argv.slice(2)));
});
