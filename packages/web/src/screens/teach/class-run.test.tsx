/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react';
import { dropAllDrafts, openDrafts } from '../../drafts/drafts.js';
import { dropRun, marked, readRun, runKey, tellRun, useClassRun, type Mark } from './class-run.js';

const KEY = runKey(3, [2, 1], '2026-03-14');
const IN_TREE = { personId: 2, index: 4, asana: 'vrksasana', variation: 'plain', side: 'left' } as const;

beforeEach(async () => {
  await dropAllDrafts();
  await openDrafts('own-1');
});

test('a class is the same whoever was named first, and another one on another day', () => {
  expect(runKey(3, [1, 2], '2026-03-14')).toBe(KEY);
  expect(runKey(3, [10, 9], '2026-03-14')).toBe('class.3.9,10.2026-03-14');
  expect(runKey(3, [1, 2], '2026-03-15')).not.toBe(KEY);
});

test('one tap after another goes through all that can be seen of somebody, and back to nothing', () => {
  let marks: readonly Mark[] = [];
  const seen = [0, 1, 2, 3, 4].map(() => {
    marks = marked(marks, IN_TREE);
    return marks.map(({ mark }) => mark);
  });
  expect(seen).toEqual([['stopped'], ['pain'], ['other'], ['fine'], []]);
});

test('the other side, another step and another person have marks of their own', () => {
  const others = [{ side: 'right' }, { index: 5 }, { personId: 1 }] as const;
  const marks = others.reduce<readonly Mark[]>((all, part) => marked(all, { ...IN_TREE, ...part }), marked([], IN_TREE));
  expect(marks.map(({ mark }) => mark)).toEqual(['stopped', 'stopped', 'stopped', 'stopped']);
  expect(marked(marks, IN_TREE).map(({ mark }) => mark)).toEqual(['stopped', 'stopped', 'stopped', 'pain']);
});

test('what was told at the door is there when the class begins, and is added to, not replaced', () => {
  tellRun(KEY, { 1: { pain: 4 } });
  tellRun(KEY, { 2: { pain: 1, where: 'neck' } });
  const { result } = renderHook(() => useClassRun(KEY));
  expect(result.current[0]!.told).toEqual({ 1: { pain: 4 }, 2: { pain: 1, where: 'neck' } });
});

test('every change is kept at once, and what the door tells meanwhile is not overwritten by it', () => {
  const { result } = renderHook(() => useClassRun(KEY));
  expect(result.current[0]).toBeNull();
  act(() => result.current[1]({ beat: 7, left: 12 }));
  tellRun(KEY, { 1: { pain: 4 } });
  act(() => result.current[1]({ left: 11 }));
  expect(readRun(KEY)).toMatchObject({ beat: 7, left: 11, told: { 1: { pain: 4 } } });
  const again = renderHook(() => useClassRun(KEY));
  expect(again.result.current[0]).toEqual(readRun(KEY));
});

test('once it is logged nothing of it stays', () => {
  tellRun(KEY, { 1: { pain: 4 } });
  dropRun(KEY);
  expect(readRun(KEY)).toBeNull();
});
