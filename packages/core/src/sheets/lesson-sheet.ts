import type { Library } from '../asanas/library.js';
import type { Figure } from '../figure/shape.js';
import { distinctShapes, PART_NAMES, type Lesson, type LessonStep } from '../lessons/lesson.js';
import { bestFigures } from '../figure/step-figure.js';
import { BodySolver } from '../solving/body-solver.js';
import { counted } from '../counted.js';
import type { Sheet, SheetBlock } from './sheet.js';

const FOOT = 'Say it as it stands here. Whoever wants to rests in the rest shape at any time.';

function stepBlock({ name, seconds, easier }: LessonStep, figures: readonly Figure[]): SheetBlock {
  return { is: 'step', title: `${name}, ${seconds} s`, lines: easier === null ? [] : [`Easier: ${easier}`], figures, others: [] };
}

/** A lesson for children on paper: what to say, part by part, and the shapes in it. `figuresOf` gives the figures of a shape. */
export function lessonSheet(lesson: Lesson, figuresOf: (step: LessonStep) => readonly Figure[]): Sheet {
  const { age, minutes, children, adults, parts } = lesson;
  return {
    title: `A lesson for children of ${age}`,
    blocks: [
      {
        is: 'text',
        text: `${minutes} min, ${counted(children, 'child', 'children')}, ${adults === 1 ? 'one grown-up' : `${adults} grown-ups`}.`,
      },
      ...parts.flatMap(({ kind, minutes: time, say, steps }): SheetBlock[] => {
        return [
          { is: 'heading', text: `${PART_NAMES[kind]}, ${time} min` },
          ...say.map((text): SheetBlock => ({ is: 'text', text })),
          ...distinctShapes(steps).map((step) => stepBlock(step, figuresOf(step))),
        ];
      }),
    ],
    foot: FOOT,
  };
}

/** The figures of shapes as they are usually done. */
export function lessonFigures(library: Library): (step: LessonStep) => Figure[] {
  const solver = new BodySolver(library);
  return ({ asana, variation }) => bestFigures(solver, solver.form(asana, variation), 'none');
}
