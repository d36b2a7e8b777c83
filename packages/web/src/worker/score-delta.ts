import type { ClassJson, PersonJson, StepJson } from '@lotus-steady/core';
import type { ClassScore } from './answers.js';
import type { DeltaMessage, Receiver, Sender } from './delta-message.js';
import type { ScoreStep } from './score-steps.js';

/** The same with the names of its parts. */
type Named<Whole extends { readonly steps: unknown }> = Omit<Whole, 'steps'> & { readonly steps: readonly number[] };

/** A class's score whose steps are named: most of them are what they were before an edit. */
interface NamedScore {
  readonly answer: Omit<ClassJson, 'participants'> & { readonly participants: readonly Named<PersonJson>[] };
  readonly given: readonly number[];
  readonly staves: readonly Named<ClassScore['staves'][number]>[];
}
export type ScoreDelta = DeltaMessage<NamedScore>;

export function packScore(sender: Sender, { answer, given, staves }: ClassScore): ScoreDelta {
  return sender.pack((nameOf): NamedScore => {
    const named = <Whole extends { readonly steps: readonly object[] }>(one: Whole) => ({ ...one, steps: one.steps.map(nameOf) });
    return {
      answer: { ...answer, participants: answer.participants.map(named) },
      given: given.map(nameOf),
      staves: staves.map(named),
    };
  });
}

export function unpackScore(receiver: Receiver, message: ScoreDelta): ClassScore {
  return receiver.unpack(message, ({ answer, given, staves }, partOf): ClassScore => ({
    answer: {
      ...answer,
      participants: answer.participants.map((one) => ({ ...one, steps: one.steps.map((name) => partOf(name) as StepJson) })),
    },
    given: given.map((name) => partOf(name) as ScoreStep),
    staves: staves.map((one) => ({ ...one, steps: one.steps.map((name) => partOf(name) as ScoreStep) })),
  }));
}
