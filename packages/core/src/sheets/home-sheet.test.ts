import { library } from '../asanas/all.js';
import { adaptClass } from '../class/adapt-class.js';
import { readCondition } from '../conditions/check-answers.js';
import { homeFigures } from '../home/home-figures.js';
import { homePractice } from '../home/home-practice.js';
import { lessonFor } from '../lessons/lesson.js';
import { sayInEnglish, type Say } from '../messages/message.js';
import { notesReader, understood } from '../notes/read-notes.js';
import { anybody } from '../participants/participant.js';
import { BodySolver } from '../solving/body-solver.js';
import { homeSheet } from './home-sheet.js';
import { lessonFigures, lessonSheet } from './lesson-sheet.js';
import type { Sheet, SheetBlock } from './sheet.js';

const sequence = understood(notesReader(library)('Mountain, 5 breaths\nBridge, 1 min\nCat-cow x6\nTree, each side\nSavasana, 5 min'));
const solver = new BodySolver(library);

function practiceOf(...conditions: string[]) {
  const participant = { ...anybody('Ann'), conditions: conditions.map((text) => readCondition(text).answer) };
  const { plans } = adaptClass([{ solver, participant }], sequence);
  return { plan: plans[0]!, practice: homePractice(plans[0]!, participant, { minutes: 12, days: 3, today: '2026-11-29' }) };
}
const stepsOf = ({ blocks }: Sheet) => blocks.filter((block): block is Extract<SheetBlock, { is: 'step' }> => block.is === 'step');
const textOf = ({ blocks }: Sheet) => blocks.map((block) => (block.is === 'text' || block.is === 'heading' ? block.text : '')).join('\n');

test('a practice on paper has each of its steps with a figure, when to stop, whom to call and days to tick', () => {
  const { plan, practice } = practiceOf('hypertension systolic=138 diastolic=86 aneurysm=no');
  const figures = homeFigures(practice, plan, solver);
  const sheet = homeSheet(practice, 'At home', (step) => figures[step]!);
  const steps = stepsOf(sheet);
  expect(steps).toHaveLength(practice.steps.length);
  steps.forEach(({ title, lines, figures: drawn }, i) => {
    const step = practice.steps[i]!;
    expect(title).toContain(step.name);
    expect(title).toContain(step.dose);
    expect(lines.join(' ')).toContain(step.stop);
    expect(drawn.length).toBeGreaterThan(0);
  });
  for (const sign of [...practice.stopSigns, ...practice.emergency, ...practice.call]) expect(textOf(sheet)).toContain(sign);
  expect(textOf(sheet)).toContain('Until 13 December');
  expect(sheet.blocks.at(-1)).toMatchObject({ is: 'table', head: ['', 'Mon', 'Wed', 'Fri'] });
});

test('who may not practise yet gets no step on paper', () => {
  const { practice } = practiceOf('hypertension systolic=190 diastolic=115');
  const sheet = homeSheet(practice, 'At home', () => []);
  expect(stepsOf(sheet)).toEqual([]);
  expect(textOf(sheet)).toMatch(/Nothing to do alone/);
});

test('paper is in the language that it is asked for in, but for what the library says', () => {
  const capitals: Say = (said) => sayInEnglish(said).toUpperCase();
  const { practice } = practiceOf();
  const { blocks, foot } = homeSheet(practice, 'At home', () => [], undefined, capitals);
  const lesson = lessonSheet(lessonFor(library, { age: 7, minutes: 20, space: 'mats' }), () => [], capitals);
  const own = [foot, blocks[0], ...blocks.filter(({ is }) => is === 'heading'), lesson.title, lesson.foot, lesson.blocks[0]];
  const texts = own.map((one) => (typeof one === 'string' ? one : one?.is === 'text' || one?.is === 'heading' ? one.text : ''));
  expect(texts.length).toBeGreaterThan(6);
  expect(texts.filter((text) => text === '' || text !== text.toUpperCase())).toEqual([]);
});

test('a lesson on paper says every line of it, and shows every shape once a part', () => {
  const lesson = lessonFor(library, { age: 7, minutes: 20, space: 'mats' });
  const sheet = lessonSheet(lesson, lessonFigures(library));
  for (const { say } of lesson.parts) for (const line of say) expect(textOf(sheet)).toContain(line);
  const shapes = lesson.parts.reduce(
    (sum, { steps }) => sum + new Set(steps.map(({ asana, variation }) => `${asana} ${variation}`)).size,
    0,
  );
  expect(stepsOf(sheet)).toHaveLength(shapes);
  expect(stepsOf(sheet).every(({ figures }) => figures.length > 0)).toBe(true);
});
