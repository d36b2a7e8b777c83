/** Stops with one line that says what is wrong and what to do about it. */
export class Stop extends Error {}

export function say(line) {
  console.log(line);
}

/** Runs a script's main; a `Stop` becomes its one line and exit code 1. */
export async function main(run) {
  try {
    await run();
  } catch (error) {
    if (!(error instanceof Stop)) throw error;
    console.error(`lotus-steady: ${error.message}`);
    process.exit(1);
  }
}
