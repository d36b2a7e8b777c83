import { library } from '../asanas/all.js';
import { adaptClass } from '../class/adapt-class.js';
import { classJson } from '../class/json.js';
import { readCondition } from '../conditions/check-answers.js';
import { sayInEnglish, type Say } from '../messages/message.js';
import { notesReader, understood } from '../notes/read-notes.js';
import { anybody } from '../participants/participant.js';
import { BodySolver } from '../solving/body-solver.js';
import { classSheet } from './class-sheet.js';
import type { SheetBlock } from './sheet.js';
import { doseWithSide } from '../sequence/dose.js';
import { doneWords, toBring } from './words.js';

const sequence = understood(notesReader(library)('# Tuesday\nMountain, 5 breaths\nTree, each side\nDown dog, 5 breaths\nSavasana, 5 min'));
const solver = new BodySolver(library);
const member = (id: string, ...conditions: string[]) => ({
  solver,
  participant: { ...anybody(id), conditions: conditions.map((text) => readCondition(text).answer) },
});
const members = [
  member('Ann'),
  member('Bo', 'hypertension systolic=150 diastolic=95'),
  member('Cy', 'hypertension systolic=190 diastolic=115'),
];
const answer = classJson(sequence, adaptClass(members, sequence));
const asked: [number, number][] = [];
const sheet = classSheet(library, sequence, answer, (person, step) => {
  asked.push([person, step]);
  return [];
});
const steps = sheet.blocks.filter((block): block is Extract<SheetBlock, { is: 'step' }> => block.is === 'step');

test('every step of the text stands on it once, as it is written', () => {
  expect(sheet.title).toBe('Tuesday');
  expect(steps.map(({ title }) => title)).toEqual([
    '1. Mountain, 5 breaths',
    '2. Tree, 5 breaths, each side',
    '3. Downward dog, 5 breaths',
    '4. Final rest, 5 min',
  ]);
});

test('who does it otherwise stands beside it by name, with the figure asked for', () => {
  for (const [i, { others }] of steps.entries()) {
    const otherwise = answer.participants.filter((one) => one.steps[i]!.verdict !== 'keep').map(({ id }) => id);
    const named = others.flatMap(({ caption }) => caption.split(':')[0]!.split(', '));
    expect(named.sort()).toEqual(otherwise.sort());
  }
  expect(steps[2]!.others.length).toBeGreaterThan(0);
  expect(asked.every(([person]) => person < members.length)).toBe(true);
});

test('who may not be taught yet is told before the steps', () => {
  const told = sheet.blocks.findIndex((block) => block.is === 'text' && block.text.startsWith('Not to be taught yet: '));
  expect(told).toBeGreaterThanOrEqual(0);
  expect(told).toBeLessThan(sheet.blocks.findIndex(({ is }) => is === 'step'));
  expect((sheet.blocks[told] as { text: string }).text).toContain('Cy');
});

const item = (prop: 'block' | 'chair' | 'wall', count: number) => ({ prop, count, height: null, unit: 'cm' as const, place: 'here' });

test('as many of a prop are brought as the step needs that needs most', () => {
  const people = [
    [{ setup: [item('block', 2)] }, { setup: [item('chair', 1)] }],
    [{ setup: [item('block', 1)] }, { setup: [item('wall', 1)] }],
  ];
  expect(toBring(people)).toBe('3 blocks, 1 chair, a free wall');
  expect(toBring([])).toBe('');
});

test('what is done is said once: another dose is one of the changes', () => {
  const to = { asana: 'a', variation: 'plain', name: 'Bridge', changes: ['hold 20 s'], shape: [], level: 'up' as const, figure: 'f' };
  expect(doneWords({ verdict: 'modify', to, dose: '20 s' })).toBe('hold 20 s');
  expect(doneWords({ verdict: 'substitute', to: { ...to, changes: [] }, dose: '20 s' })).toBe('Bridge, 20 s');
  expect(doneWords({ verdict: 'omit', to: null, dose: '' })).toBe('leave it out');
  expect((['both', 'none', 'left'] as const).map((side) => doseWithSide('5 breaths', side))).toEqual([
    '5 breaths, each side',
    '5 breaths',
    '5 breaths, left',
  ]);
});

test('what the sheet itself says is in the language that it is asked for in', () => {
  const capitals: Say = (said) => sayInEnglish(said).toUpperCase();
  const { blocks, foot } = classSheet(library, sequence, answer, () => [], capitals);
  const own = blocks.flatMap((block) =>
    block.is === 'text' || block.is === 'heading' ? [block.text] : block.is === 'table' ? block.head : [],
  );
  expect(own.length).toBeGreaterThan(3);
  expect([foot, ...own].filter((text) => text !== text.toUpperCase())).toEqual([]);
});
