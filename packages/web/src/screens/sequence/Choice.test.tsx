/** @jest-environment jsdom */
import type { TextEdit, WordMeaning } from '@lotus-steady/core';
import { fireEvent, render, screen } from '@testing-library/react';
import type { NotesLine } from '../../worker/answers.js';
import { Choice } from './Choice.js';

const line: NotesLine = {
  line: 4,
  text: '- hedgehog, 5 breaths',
  kind: 'ask',
  sure: 0.4,
  steps: [],
  candidates: [
    { asana: 'balasana', variation: null, likely: 0.5, name: 'Child’s pose', form: null, figure: null },
    { asana: 'apanasana', variation: 'knees-wide', likely: 0.3, name: 'Knees to chest', form: 'knees wide', figure: null },
  ],
  spans: [],
  unread: [],
  word: null,
  apart: [],
  joins: null,
};

function shown(of: Partial<NotesLine> = {}) {
  const settled: WordMeaning[] = [];
  const edits: TextEdit[] = [];
  render(
    <Choice line={{ ...line, ...of }} figures={{}} onSettle={(_line, means) => settled.push(means)} onEdit={(edit) => edits.push(edit)} />,
  );
  const group = screen.getByRole('group', { name: /hedgehog/ });
  const press = (key: string) => fireEvent.keyDown(group, { key });
  return { settled, edits, press };
}

test('keys choose what the figures stand for, in their order', () => {
  const { settled, press } = shown();
  press('2');
  press('1');
  expect(settled).toEqual([
    { is: 'asana', asana: 'apanasana', variation: 'knees-wide' },
    { is: 'asana', asana: 'balasana', variation: null },
  ]);
});

test('no step, or one of our own', () => {
  const { settled, press } = shown();
  press('n');
  press('0');
  expect(settled).toEqual([{ is: 'note' }, { is: 'own' }]);
});

test('other keys are left to whoever wants them', () => {
  const { settled, edits, press } = shown();
  for (const key of ['3', '9', 'x', 'Tab', 's', 'j']) expect(press(key)).toBe(true);
  expect([settled, edits]).toEqual([[], []]);
});

test('a line of several is told apart by a key or a click', () => {
  const { edits, press } = shown({ apart: ['hedgehog', 'cobra'] });
  press('s');
  fireEvent.click(screen.getByRole('button', { name: /a line for each/ }));
  expect(edits).toEqual(Array(2).fill({ do: 'split', line: 4, into: ['hedgehog', 'cobra'] }));
});

test('a line goes behind the one that it belongs to by a key or a click', () => {
  const { edits, press } = shown({ joins: 3 });
  press('j');
  fireEvent.click(screen.getByRole('button', { name: /goes with line 3/ }));
  expect(edits).toEqual(Array(2).fill({ do: 'join', lines: [{ line: 4, to: 3 }] }));
});

test('a variation is told beside its name', () => {
  shown();
  expect(screen.getByRole('button', { name: /Knees to chest/ }).textContent).toContain('knees wide');
});
