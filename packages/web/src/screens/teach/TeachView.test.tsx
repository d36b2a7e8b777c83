/** @jest-environment jsdom */
import 'reflect-metadata';
import { adapt, adaptationJson, anybody, BodySolver, library, notesReader } from '@lotus-steady/core';
import { beatsOf } from '@lotus-steady/core/cues';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, fireEvent, render, screen, within } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { dropAllDrafts, openDrafts } from '../../drafts/drafts.js';
import { TeachView } from './TeachView.js';
import type { TaughtStep } from './taught.js';

jest.mock('../../parts/StepFigure.js', () => ({ StepFigure: () => null, StepFigurePair: () => null }));
jest.mock('../../parts/FigureDrawing.js', () => ({ FigureDrawing: () => null }));
const way = {
  figure: 'wall',
  asana: 'wall-tree',
  name: 'Tree at the wall',
  variation: 'plain',
  changes: ['one hand on the wall'],
  cost: 1,
  drawn: [null],
  setup: [],
};
let mockSaid: { kind: string; beat: number; at: number; say: string; for: string[] }[] = [];
jest.mock('../../worker/core.js', () => ({
  core: {
    cues: async () => mockSaid,
    pair: async () => null,
    others: async ({ index }: { index: number }) => [{ ...way, figure: 'as-it-is' }, ...(index === 1 ? [way] : [])],
  },
}));

const solver = new BodySolver(library);
const { sequence } = notesReader(library)('Mountain, 5 breaths\nTree, each side, 3 breaths\nFinal rest, 5 min');
const plan = adapt(solver, sequence!, anybody('1'), { today: '2026-06-01' });
const answer = adaptationJson(sequence!, [plan]);
const beats = beatsOf(answer.participants);
const taught = answer.participants[0]!.steps.map((step): TaughtStep => ({
  step,
  getting: [],
  figures: [{ picture: { key: 'k', widthCm: 50, heightCm: 170 }, name: library.get(step.to!.asana).name, changes: [], who: [] }],
}));

const onSwap = jest.fn();
const swapOf = (_: number, index: number) => ({
  step: { text: '', people: [], whose: 0, asked: null, index, day: '2026-06-01' },
  now: 'as-it-is',
});

function open(run = 'run') {
  return render(
    <QueryClientProvider client={new QueryClient()}>
      <MemoryRouter>
        <TeachView
          taught={taught}
          planned={beats}
          people={[{ ...anybody('1'), id: 1, name: 'Runa Velt' }]}
          sittingOut={[{ id: 2, name: 'Odo Brand' }]}
          breathSeconds={5}
          run={run}
          back="/back"
          log="/log"
          plan=""
          swapOf={swapOf}
          onSwap={onSwap}
        />
      </MemoryRouter>
    </QueryClientProvider>,
  );
}

const title = () => screen.getByRole('heading', { level: 1 }).textContent;
const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));

beforeEach(async () => {
  jest.useFakeTimers();
  await dropAllDrafts();
  await openDrafts('own-1');
});
afterEach(() => jest.useRealTimers());

test('a class is gone through step by step and side by side; nothing stands before the first', () => {
  open();
  expect(title()).toBe('Mountain');
  expect(screen.getByRole('button', { name: 'Back' }).hasAttribute('disabled')).toBe(true);
  press('Next');
  expect(title()).toBe('Tree');
  expect(document.body.textContent).toMatch(/right side/i);
  press('Next');
  expect(title()).toBe('Tree');
  expect(document.body.textContent).toMatch(/left side/i);
  press('Back');
  expect(document.body.textContent).toMatch(/right side/i);
});

test('an offered form is seen with those whom it is for; the way in is everybody’s', async () => {
  for (const [kind, seen] of [
    ['option', 'Offered to Runa Velt:'],
    ['way-in', null],
  ] as const) {
    mockSaid = [{ kind, beat: 0, at: 0, say: 'There is a version at the wall.', for: ['1'] }];
    const { unmount } = open();
    await act(() => jest.advanceTimersByTimeAsync(100));
    expect(screen.getByLabelText('Say now').textContent).toBe('There is a version at the wall.');
    expect(screen.queryByText(/Offered to/)?.textContent ?? null).toBe(seen);
    unmount();
  }
  mockSaid = [];
});

test('whoever may not practise is seen to sit out, and can’t be marked', () => {
  open();
  const seen = screen.getByRole('list', { name: 'What you see of them' });
  expect(seen.textContent).toMatch(/Odo.*sits out/);
  expect(within(seen).getAllByRole('button')).toHaveLength(1);
});

test('the clock stands until it is started, runs by the second, and stands again when it is stopped', () => {
  open();
  const timer = () => screen.getByRole('timer').textContent;
  const begun = timer();
  act(() => void jest.advanceTimersByTime(3_000));
  expect(timer()).toBe(begun);
  press('Start');
  act(() => void jest.advanceTimersByTime(2_500));
  const later = timer();
  expect(later).not.toBe(begun);
  press('Pause');
  act(() => void jest.advanceTimersByTime(5_000));
  expect(timer()).toBe(later);
});

test('the same step is there again after the page was left in the middle', () => {
  const { unmount } = open('again');
  press('Next');
  press('Start');
  act(() => void jest.advanceTimersByTime(4_000));
  unmount();
  open('again');
  expect(title()).toBe('Tree');
  expect(document.body.textContent).toContain('You were here when you left.');
});

test('any step is gone to by the list of all', () => {
  open();
  press('Go to a step');
  fireEvent.click(screen.getAllByRole('button', { name: /Final rest/ })[0]!);
  expect(title()).toBe('Final rest');
});

test('another way for someone: the clock stands meanwhile and goes on, and the way is taken for this step', async () => {
  open();
  press('Next');
  press('Start');
  press('Another way for someone');
  const timer = () => screen.getByRole('timer', { hidden: true }).textContent;
  const stood = timer();
  act(() => void jest.advanceTimersByTime(5_000));
  expect(timer()).toBe(stood);
  await act(async () => void (await jest.advanceTimersByTimeAsync(10)));
  fireEvent.click(screen.getByRole('button', { name: /Tree at the wall/ }));
  expect(onSwap).toHaveBeenCalledWith(1, 1, 'wall');
  act(() => void jest.advanceTimersByTime(3_000));
  expect(timer()).not.toBe(stood);
});

test('where no other way is safe, that is said', async () => {
  open();
  fireEvent.keyDown(window, { key: 'o' });
  await act(async () => void (await jest.advanceTimersByTimeAsync(10)));
  expect(screen.getByText(/No other safe way was found/)).toBeTruthy();
  press('Leave it as it is');
  expect(title()).toBe('Mountain');
});

test('a longer press on a name is for a note, which a tap isn’t; it is kept with every letter, and through a reload', () => {
  const { unmount } = open('noted');
  const tile = () => screen.getByRole('button', { name: /^Runa Velt/ });
  const pressed = tile();
  fireEvent.pointerDown(pressed);
  act(() => void jest.advanceTimersByTime(700));
  fireEvent.pointerUp(pressed);
  fireEvent.click(pressed);
  act(() => void jest.advanceTimersByTime(100));
  const field = screen.getByRole('textbox', { name: 'A note on Runa Velt' });
  fireEvent.change(field, { target: { value: 'left knee in' } });
  fireEvent.click(screen.getByRole('button', { name: 'Back to the class' }));
  expect(pressed.getAttribute('aria-label')).toBe('Runa Velt: nothing marked');
  unmount();
  open('noted');
  fireEvent.keyDown(tile(), { key: 'n' });
  expect(screen.getByRole('textbox', { name: 'A note on Runa Velt' })).toHaveProperty('value', 'left knee in');
});
