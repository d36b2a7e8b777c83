import type { Library } from '../asanas/library.js';
import { PlanningCache } from '../judging/planning-cache.js';
import type { Participant } from '../participants/participant.js';
import { adapt } from '../planning/adapt.js';
import { personJson, type StepJson } from '../planning/json.js';
import type { Screening } from '../screening/screen.js';
import { BARE_HEADER } from '../sequence/header.js';
import type { Sequence } from '../sequence/sequence.js';
import type { BodySolver } from '../solving/body-solver.js';
import { distinctShapes, type Lesson } from './lesson.js';

/** What one child does otherwise where the class takes a shape. */
export interface ChildsWay {
  /** The shape as children call it. */
  readonly shape: string;
  readonly step: StepJson;
}

/** A lesson for one child with limits: for the teacher's eyes, never said to the class. */
export interface LessonForChild {
  /** The participant's. */
  readonly id: string;
  readonly screening: Screening;
  /** Empty where they join in with everything. */
  readonly ways: readonly ChildsWay[];
}

/** The shapes of a lesson as a sequence, each once, held as long as the class holds it at a time. */
export function lessonSequence(library: Library, lesson: Lesson): Sequence {
  return {
    ...BARE_HEADER,
    title: `A lesson for children of ${lesson.age}`,
    unknown: [],
    notes: [],
    steps: distinctShapes(lesson.parts.flatMap(({ steps }) => steps)).map(({ asana, variation, seconds, times, name }, i) => ({
      line: i + 1,
      text: name,
      section: '',
      asana,
      variation,
      side: library.get(asana).usualSide,
      dose: { seconds: Math.round(seconds / times) },
      retention: null,
      breath: null,
      way: null,
      of: null,
      note: null,
    })),
  };
}

/**
 * What a child does otherwise in a lesson, shape by shape, as in any other plan of one person.
 * @param today as YYYY-MM-DD
 */
export function lessonForChild(
  solver: BodySolver,
  lesson: Lesson,
  participant: Participant,
  today: string,
  cache = new PlanningCache(),
): LessonForChild {
  const sequence = lessonSequence(solver.library, lesson);
  const { id, screening, steps } = personJson(adapt(solver, sequence, participant, { today, cache }));
  return {
    id,
    screening,
    ways: steps.flatMap((step, i) => (step.verdict === 'keep' ? [] : [{ shape: sequence.steps[i]!.text, step }])),
  };
}
