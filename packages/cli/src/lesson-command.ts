import { bodyOf, CONTRACT, library } from '@lotus-steady/core';
import {
  lessonFor,
  lessonForChild,
  lessonProblem,
  SPACES,
  type Lesson,
  type LessonAsked,
  type LessonForChild,
} from '@lotus-steady/core/lessons';
import { doneInLesson, lessonFigures, lessonSheet } from '@lotus-steady/core/sheets';
import { BadInput } from './bad-input.js';
import { oneOf, type Options } from './options.js';
import { participantsOf } from './participants.js';
import { printSheet } from './print-sheet.js';
import { solvers } from './solvers.js';
import { today } from './today.js';

const FORMATS = ['text', 'pdf'] as const;

function asText({ parts, age, minutes, children, adults }: Lesson): string {
  const head = `A lesson for ${children} children of ${age}, ${minutes} min; grown-ups: ${adults}`;
  return [head, ...parts.flatMap(({ kind, minutes: time, say }) => ['', `${kind}, ${time} min`, ...say.map((line) => `  ${line}`)])].join(
    '\n',
  );
}

/** What single children do otherwise; nobody where no child is named. */
function forSingle(lesson: Lesson, options: Options): LessonForChild[] {
  if (options.class === undefined && options.for === undefined) return [];
  const day = today();
  return participantsOf(options).map((child) => lessonForChild(solvers.of(bodyOf(child, day)), lesson, child, day));
}

function singleAsText({ id, screening: { decision, reasons }, ways }: LessonForChild): string[] {
  if (decision !== 'practise') return [`  ${id}: ${decision}`, ...reasons.map(({ text }) => `    ${text}`)];
  if (ways.length === 0) return [`  ${id}: joins in with everything`];
  return [`  ${id}:`, ...ways.map(({ shape, step }) => `    ${shape}: ${doneInLesson(step)}`)];
}

/** A lesson for children from nothing but their age and the time. */
export function lessonCommand(words: readonly string[], options: Options): string | Promise<string> {
  if (words.length > 0) throw new BadInput(`lesson: no file is needed; got "${words[0]}"`);
  const { age, minutes, theme, children } = options;
  if (age === undefined || minutes === undefined)
    throw new BadInput('lesson: how old, and how long? as in: lotus lesson --age 7 --minutes 20');
  const as = oneOf('as', options.as, FORMATS, 'text');
  const space = oneOf('space', options.space, SPACES, 'mats');
  const asked: LessonAsked = {
    age: Number(age),
    minutes: Number(minutes),
    space,
    ...(children !== undefined && { children: Number(children) }),
    ...(theme !== undefined && { theme }),
  };
  const problem = lessonProblem(asked);
  if (problem) throw new BadInput(`--${problem}`);
  const lesson = lessonFor(library, asked);
  const single = forSingle(lesson, options);
  if (options.json) return JSON.stringify({ contract: CONTRACT, ...lesson, ...(single.length > 0 && { single }) }, null, 2);
  if (as === 'text')
    return [asText(lesson), ...(single.length > 0 ? ['', 'For your eyes'] : []), ...single.flatMap(singleAsText)].join('\n');
  if (single.length > 0) throw new BadInput('--as pdf: what single children do otherwise is not printed; leave out --for and --class');
  return printSheet('lesson', () => lessonSheet(lesson, lessonFigures(library)), options);
}
