import type { HomePractice } from '../home/home-practice.js';
import type { Participant } from '../participants/participant.js';
import type { Sequence } from '../sequence/sequence.js';

/** Published in `docs/schemas/`. */
export const SEQUENCE_SCHEMA = 'lotus-steady/sequence-1';
export const CLASS_SCHEMA = 'lotus-steady/class-1';
export const HOME_SCHEMA = 'lotus-steady/home-1';

/** A sequence as data, as `readSequenceJson` takes it. */
export function sequenceFile({ title, minutes, steps }: Sequence) {
  return {
    $schema: SEQUENCE_SCHEMA,
    version: 1,
    title,
    minutes,
    steps: steps.map(({ asana, variation, side, dose, section, note }) => ({ asana, variation, side, dose, section, note })),
  };
}

/** People as data, as `readParticipants` takes them. */
export function classFile(participants: readonly Participant[]) {
  return { $schema: CLASS_SCHEMA, version: 1, participants };
}

/** A practice for home as data: what stands on its sheet, and nothing of who does it. */
export function homeFile({ minutes, times, days, steps, stopSigns, review }: HomePractice, title: string) {
  return {
    $schema: HOME_SCHEMA,
    version: 1,
    title,
    minutes,
    times,
    days,
    steps: steps.map(({ asana, variation, side, dose, firstWeek, seconds, setup, in: into, feel, stop, out }) => ({
      asana, variation, side, dose, firstWeek, seconds, in: into, feel, stop, out,
      setup: setup.map(({ prop, count, height, unit, place }) => ({ prop, count, height, unit, place })),
    })), // prettier-ignore
    stopSigns,
    review,
  };
}
