import { SIDES, type Side } from '../angles.js';
import type { DoseSpec } from '../asanas/asana.js';
import { firstSideOf, type PersonJson, type StepJson } from '../planning/json.js';

/** One form that some of a class do. */
export interface BeatForm {
  readonly asana: string;
  readonly variation: string;
  readonly step: StepJson;
  /** Ids of the participants who do it. */
  readonly people: readonly string[];
}

/** One thing that a class does at a time: a step, or one side of it. */
export interface Beat {
  /** Place of its step in the sequence. */
  readonly index: number;
  readonly line: number;
  readonly side: Side | null;
  /** Whether the other side has just been done. */
  readonly isSecondSide: boolean;
  /** Seconds of getting there, before the dose is counted. */
  readonly ready: number;
  /** Seconds of the dose on this side. */
  readonly seconds: number;
  readonly amount: DoseSpec | null;
  /** What the class does, the form of the most people first. */
  readonly forms: readonly BeatForm[];
  /** Who sits it out. */
  readonly out: readonly string[];
}

function formsOf(participants: readonly PersonJson[], index: number): BeatForm[] {
  const forms = new Map<string, { to: NonNullable<StepJson['to']>; step: StepJson; people: string[] }>();
  for (const { id, steps } of participants) {
    const step = steps[index]!;
    if (step.to === null) continue;
    const known = forms.get(step.to.figure);
    if (known) known.people.push(id);
    else forms.set(step.to.figure, { to: step.to, step, people: [id] });
  }
  return [...forms.values()]
    .sort((one, other) => other.people.length - one.people.length)
    .map(({ to, step, people }) => ({ asana: to.asana, variation: to.variation, step, people }));
}

/** Who is taught: everybody who may practise today, or all of them where nobody may. */
export function taughtOf(participants: readonly PersonJson[]): readonly PersonJson[] {
  const may = participants.filter(({ screening }) => screening.decision === 'practise');
  return may.length > 0 ? may : participants;
}

function sidesInTurn(taught: readonly PersonJson[], index: number): readonly Side[] {
  const asked = new Set(taught.map((person) => firstSideOf(person, index)));
  return asked.has('left') && !asked.has('right') ? SIDES : [...SIDES].reverse();
}

/**
 * The steps of a plan in the order in which they are taught. Everybody waits for the longest; a step on both sides is
 * two beats, the right one first (common practice, no source) unless somebody's begins on the left and nobody's on the right; what everybody leaves out is none.
 */
export function beatsOf(participants: readonly PersonJson[]): Beat[] {
  const taught = taughtOf(participants);
  const count = taught[0]?.steps.length ?? 0;
  return Array.from({ length: count }, (_, index) => index).flatMap((index): Beat[] => {
    const forms = formsOf(taught, index);
    const byForm = forms.flatMap(({ people }) => taught.filter(({ id }) => people.includes(id)).map(({ steps }) => steps[index]!));
    const longest = byForm.reduce<StepJson | null>((most, step) => (most && most.seconds >= step.seconds ? most : step), null);
    if (!longest || longest.seconds <= 0) return [];
    const { line, side, seconds, gettingThere, amount } = longest;
    const sides: readonly (Side | null)[] = side === 'both' ? sidesInTurn(taught, index) : [side === 'none' ? null : side];
    return sides.map((one, i) => ({
      index,
      line,
      side: one,
      isSecondSide: i === 1,
      ready: gettingThere / sides.length,
      seconds: (seconds - gettingThere) / sides.length,
      amount,
      forms,
      out: taught.filter(({ steps }) => steps[index]!.to === null).map(({ id }) => id),
    }));
  });
}

/** A final rest is never shorter than this when time is short, in seconds, unless it was planned so. Common practice, no source. */
const REST_FLOOR = 180;
/** No stay is shortened below this, in seconds. Common practice, no source. */
const STAY_FLOOR = 15;

/** A class fitted to the time that is left, and which of its steps don't fit into it any more, by their place. */
export interface Fitted {
  readonly beats: readonly Beat[];
  readonly leftOut: readonly number[];
}

/**
 * Fits what comes from beat `from` on into so many seconds: stays get shorter, all by the same share, then steps just
 * before the rest at the end are left out, whole ones. A second side stays as long as its first one was. The last beat
 * is the rest: it gives way last, and never below three minutes.
 */
export function fittedTo(beats: readonly Beat[], from: number, secondsLeft: number): Fitted {
  const done = beats.slice(0, from);
  let coming = beats.slice(from);
  const leftOut: number[] = [];
  const isLast = (beat: Beat) => beat.index === beats.at(-1)?.index;
  const begun = (beat: Beat) => beat.isSecondSide && done.some(({ index }) => index === beat.index);
  const floor = (beat: Beat) => (begun(beat) ? beat.seconds : Math.min(beat.seconds, isLast(beat) ? REST_FLOOR : STAY_FLOOR));
  const least = () => coming.reduce((sum, beat) => sum + beat.ready + floor(beat), 0);
  while (least() > secondsLeft) {
    const last = coming.findLast((beat) => !isLast(beat) && !begun(beat));
    if (!last) break;
    leftOut.unshift(last.index);
    coming = coming.filter(({ index }) => index !== last.index);
  }
  const over = coming.reduce((sum, beat) => sum + beat.ready + beat.seconds, 0) - secondsLeft;
  const room = coming.reduce((sum, beat) => sum + beat.seconds - floor(beat), 0);
  const share = over <= 0 || room <= 0 ? 0 : Math.min(1, over / room);
  return {
    beats: [...done, ...coming.map((beat) => ({ ...beat, seconds: beat.seconds - (beat.seconds - floor(beat)) * share }))],
    leftOut,
  };
}
