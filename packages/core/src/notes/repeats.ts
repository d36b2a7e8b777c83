import { getOrCreate } from '../get-or-create.js';
import type { Step, StepSide } from '../sequence/sequence.js';
import type { Tokens } from './tokens.js';

/** No line stands for more steps than this: what a text repeats without end is cut. */
const MOST_REPEATED = 200;
/** Nor does a text go on repeating once it stands for so many: no class has them. */
const MOST_STEPS = 2_000;

const COUNT_WORDS: Readonly<Record<string, number>> = { two: 2, both: 2, three: 3, four: 4, five: 5, six: 6, seven: 7, eight: 8 };
const LAST =
  /\b(?:last|previous|all|these|those|the)\s+(\d{1,2}|two|three|four|five|six|seven|eight)\b(?!\s*(?:times|x|rounds|breaths))|\b(both)\b(?! sides)/i;
const OTHER =
  /\b(?:other|opposite|switch|swap|second|2nd|mirror)\b|\bchange (?:sides?|legs?)\b|\bsame\b|\bditto\b|\bidem\b|\bnow\b|\band\b|\bfull round\b/i;

const isOneSided = ({ side }: Step): boolean => side === 'left' || side === 'right';
const opposite = (side: StepSide): StepSide => (side === 'left' ? 'right' : side === 'right' ? 'left' : side);

/** What a line that repeats earlier steps adds, and what it makes known of those. */
export interface Repeated {
  /** Copies, with the line of the repeat. */
  readonly steps: readonly Step[];
  /** Earlier steps as they are now, by their place: they named no side, and the repeat tells that it is the other one. */
  readonly sided: ReadonlyMap<number, Step>;
}

type Change = Pick<Step, 'line' | 'text' | 'side' | 'dose' | 'way' | 'note'>;
const COPIES = new WeakMap<Step, Step[]>();
/** So many ways to repeat one step are remembered. */
const MOST_COPIES = 16;

/** A step with a change; the same object each time, so that what was worked out for it is found. */
function changed(step: Step, change: Change): Step {
  const copies = getOrCreate(COPIES, step, () => []);
  const known = copies.find((copy) => Object.entries(change).every(([key, value]) => copy[key as keyof Change] === value));
  if (known) return known;
  if (copies.length >= MOST_COPIES) copies.length = 0;
  const copy: Step = { ...step, ...change };
  copies.push(copy);
  return copy;
}

/**
 * The steps that a line repeats: a number of them where it counts ("the last four"), else the run on one
 * side ("other side"), else all since the heading before ("3 more rounds").
 */
export function repeated(before: readonly Step[], tokens: Tokens, line: number, text: string): Repeated {
  const none = { steps: [], sided: new Map<number, Step>() };
  if (before.length === 0 || before.length >= MOST_STEPS) return none;
  const counted = LAST.exec(tokens.text);
  const told = counted?.[1] ?? counted?.[2];
  const count =
    told === undefined ? null : Object.hasOwn(COUNT_WORDS, told.toLowerCase()) ? COUNT_WORDS[told.toLowerCase()]! : Number(told);
  const times = tokens.dose.rounds ?? tokens.dose.repetitions ?? null;
  const named = tokens.side === 'left' || tokens.side === 'right' ? tokens.side : null;
  const isOther = named !== null || OTHER.test(tokens.text);
  const again = /\bmore\b/i.test(tokens.text) ? (times ?? 1) : times !== null && !isOther ? Math.max(1, times - 1) : 1;
  const from = count !== null ? Math.max(0, before.length - count) : isOther ? sideRun(before) : sectionStart(before);
  const run = before.slice(from, from + MOST_REPEATED);
  const sided = new Map<number, Step>();
  const copies = Array.from({ length: Math.min(again, Math.ceil(MOST_REPEATED / run.length)) }, () =>
    run.map((step, i): Step => {
      let { side } = step;
      if (isOther && isOneSided(step)) side = named ?? opposite(side);
      else if (isOther && step.side === 'both' && step.of === null) {
        // It named no side, and here is the other one: the first was one side alone.
        side = named ?? 'left';
        sided.set(from + i, changed(step, { ...step, side: opposite(side) }));
      }
      // A dose on the line of the repeat is that of a single step repeated ("and L x10").
      const dose = run.length === 1 && isOther && Object.keys(tokens.dose).length > 0 ? tokens.dose : step.dose;
      return changed(step, { line, text, side, dose, way: null, note: null });
    }),
  ).flat();
  return { steps: copies.slice(0, MOST_REPEATED), sided };
}

/** Where the last run of steps on one side begins; the last step alone where it names no side. */
function sideRun(before: readonly Step[]): number {
  const last = before.length - 1;
  const at = before.findLastIndex(isOneSided);
  if (at < 0 || at < last - 2) return before[last]!.of === null ? last : before.findIndex(({ line }) => line === before[last]!.line);
  const { side } = before[at]!;
  let from = at;
  for (let i = at; i >= 0 && (before[i]!.side === side || !isOneSided(before[i]!)); i--) if (isOneSided(before[i]!)) from = i;
  return from;
}

function sectionStart(before: readonly Step[]): number {
  const { section } = before.at(-1)!;
  let from = before.length - 1;
  while (from > 0 && before[from - 1]!.section === section) from--;
  return from;
}
