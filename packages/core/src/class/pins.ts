import type { Step } from '../sequence/sequence.js';
import type { Pin } from './choose-column.js';

/** A step by its line and its place among those of the line: a salutation writes several in one. */
function placeOnLine(steps: readonly Step[], index: number): readonly [line: number, place: number] {
  const { line } = steps[index]!;
  return [line, index - steps.findIndex((step) => step.line === line)];
}

/**
 * Choices by hand after an edit of the text: they go with their step. Where the step is gone, or is another
 * asana now, the choice goes with it.
 */
export function carriedPins(
  pins: readonly Pin[],
  before: readonly Step[],
  after: readonly Step[],
  lineOf: (line: number) => number | null,
): Pin[] {
  return pins.flatMap((pin): Pin[] => {
    const was = before[pin.index];
    if (!was) return [];
    const [line, place] = placeOnLine(before, pin.index);
    const first = after.findIndex((step) => step.line === lineOf(line));
    const now = first < 0 ? undefined : after[first + place];
    return now?.line === lineOf(line) && now.asana === was.asana ? [{ ...pin, index: first + place }] : [];
  });
}
