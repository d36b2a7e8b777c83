import { library } from '../asanas/all.js';
import type { Asana } from '../asanas/library.js';
import type { NotesReader } from '../notes/read-notes.js';
import { anybody } from '../participants/participant.js';
import { adapt } from '../planning/adapt.js';
import { adaptationJson, type StepJson } from '../planning/json.js';
import type { Sequence, Step } from '../sequence/sequence.js';
import { describeDose } from '../sequence/dose.js';
import type { BodySolver } from '../solving/body-solver.js';
import { TRAINING_CLIENTS, type TrainingClient, type TrainingLevel } from './clients.js';

/** One step of somebody invented: may it stay? */
export interface TrainingTask {
  /** `client/place`. */
  readonly id: string;
  readonly level: TrainingLevel;
  readonly client: TrainingClient;
  /** The step as a teacher wrote it. */
  readonly text: string;
  /** Set by a supervisor, so that it comes before the others. */
  readonly isSet: boolean;
}

/** A task of each step that somebody would like to do. */
export function tasksOf(client: TrainingClient, isSet = false): TrainingTask[] {
  return client.steps.map((text, place) => ({ id: `${client.id}/${place}`, level: client.level, client, text, isSet }));
}

/** Tasks that were set, and those of the library. */
export function tasksWith(own: readonly TrainingClient[]): TrainingTask[] {
  return [...own.flatMap((client) => tasksOf(client, true)), ...TRAINING_TASKS];
}

export const TRAINING_TASKS: readonly TrainingTask[] = TRAINING_CLIENTS.flatMap((client) => tasksOf(client));

/** What is right about a task, worked out as for anybody who comes to class. */
export interface TrainingSolution {
  readonly asana: Asana;
  readonly variation: string | null;
  readonly dose: string;
  readonly side: Step['side'];
  readonly step: StepJson;
}

/** Whether a text names just one step, as a task has to. */
export function isSingleStep(read: NotesReader, text: string): boolean {
  return read(text).sequence?.steps.length === 1;
}

function taskSequence(read: NotesReader, { text }: TrainingTask): Sequence {
  const { sequence } = read(text);
  if (sequence?.steps.length !== 1) throw new Error(`"${text}" is no single step`);
  return sequence;
}

/** Works a task out; `read` is a reader of the library's own words. @throws Error where its text names no step. */
export function solveTask(solver: BodySolver, read: NotesReader, task: TrainingTask, today: string): TrainingSolution {
  const sequence = taskSequence(read, task);
  const step = sequence.steps[0]!;
  const plan = adapt(solver, sequence, { ...anybody(task.client.id), conditions: task.client.conditions }, { today });
  const person = adaptationJson(sequence, [plan]).participants[0]!;
  return {
    asana: library.get(step.asana),
    variation: step.variation,
    dose: describeDose(step.dose),
    side: step.side,
    step: person.steps[0]!,
  };
}
