import { CONTRACT, library } from '@lotus-steady/core';
import { lessonFor, lessonProblem, SPACES, type Lesson, type LessonAsked } from '@lotus-steady/core/lessons';
import { lessonFigures, lessonSheet } from '@lotus-steady/core/sheets';
import { BadInput } from './bad-input.js';
import { oneOf, type Options } from './options.js';
import { printSheet } from './print-sheet.js';

const FORMATS = ['text', 'pdf'] as const;

function asText({ parts, age, minutes, children, adults }: Lesson): string {
  const head = `A lesson for ${children} children of ${age}, ${minutes} min; grown-ups: ${adults}`;
  return [head, ...parts.flatMap(({ kind, minutes: time, say }) => ['', `${kind}, ${time} min`, ...say.map((line) => `  ${line}`)])].join(
    '\n',
  );
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
  if (options.json) return JSON.stringify({ contract: CONTRACT, ...lesson }, null, 2);
  return as === 'pdf' ? printSheet('lesson', () => lessonSheet(lesson, lessonFigures(library)), options) : asText(lesson);
}
