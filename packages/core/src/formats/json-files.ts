import type { Participant } from '../participants/participant.js';
import type { Sequence } from '../sequence/sequence.js';

/** Published in `docs/schemas/`. */
export const SEQUENCE_SCHEMA = 'lotus-steady/sequence-1';
export const CLASS_SCHEMA = 'lotus-steady/class-1';

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
