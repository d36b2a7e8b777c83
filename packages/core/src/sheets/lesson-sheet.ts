import type { Library } from '../asanas/library.js';
import type { Figure } from '../figure/shape.js';
import { distinctShapes, PART_NAMES, type Lesson, type LessonStep } from '../lessons/lesson.js';
import { bestFigures } from '../figure/step-figure.js';
import { BodySolver } from '../solving/body-solver.js';
import { message, sayInEnglish, type Say } from '../messages/message.js';
import type { Sheet, SheetBlock } from './sheet.js';

function stepBlock({ name, seconds, easier }: LessonStep, figures: readonly Figure[], say: Say): SheetBlock {
  const lines = easier === null ? [] : [say(message('lesson.easier', { easier }))];
  return { is: 'step', title: `${name}, ${say(message('dose.seconds', { count: seconds }))}`, lines, figures, others: [] };
}

/** A lesson for children on paper: what to say, part by part, and the shapes in it. `figuresOf` gives the figures of a shape. */
export function lessonSheet(lesson: Lesson, figuresOf: (step: LessonStep) => readonly Figure[], say: Say = sayInEnglish): Sheet {
  const { age, minutes, children, adults, parts } = lesson;
  return {
    title: say(message('lesson.title', { age })),
    blocks: [
      {
        is: 'text',
        text: say(message('lesson.size', { minutes, children, adults })),
      },
      ...parts.flatMap(({ kind, minutes: time, say: said, steps }): SheetBlock[] => {
        return [
          { is: 'heading', text: `${PART_NAMES[kind]}, ${say(message('dose.minutes', { count: time }))}` },
          ...said.map((text): SheetBlock => ({ is: 'text', text })),
          ...distinctShapes(steps).map((step) => stepBlock(step, figuresOf(step), say)),
        ];
      }),
    ],
    foot: say(message('lesson.foot')),
  };
}

/** The figures of shapes as they are usually done. */
export function lessonFigures(library: Library): (step: LessonStep) => Figure[] {
  const solver = new BodySolver(library);
  return ({ asana, variation }) => bestFigures(solver, solver.form(asana, variation), 'none');
}
