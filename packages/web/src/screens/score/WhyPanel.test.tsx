/** @jest-environment jsdom */
import 'reflect-metadata';
import type { Person } from '@lotus-steady/requests';
import {
  adapt, adaptationJson, anybody, bestFigures, library, otherWays, readCondition, notesReader, sayInEnglish, setupOf, BodySolver, type Participant,
} from '@lotus-steady/core'; // prettier-ignore
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen, within } from '@testing-library/react';
import type { Score } from '../../worker/answers.js';
import { FigureCache } from '../../worker/figure-cache.js';
import { scoreStep } from '../../worker/score-steps.js';

const TODAY = '2026-06-01';
const solver = new BodySolver(library);
const pictures = new FigureCache();
const { sequence } = notesReader(library)('Mountain\nForward fold 5 breaths\nSavasana 5 min');
const ann: Participant = { ...anybody('ann'), conditions: [readCondition('glaucoma').answer] };
const plan = adapt(solver, sequence!, ann, { today: TODAY });
const score: Score = {
  answer: adaptationJson(sequence!, [plan]),
  steps: plan.steps.map((step) => scoreStep(pictures, solver, step)),
};
const FOLD = 1;
const ways = otherWays(solver, ann, plan, FOLD, 6, { today: TODAY });

// The same core, without a thread of its own.
jest.mock('../../worker/core.js', () => ({
  core: {
    picture: async (key: string) => pictures.drawn(key),
    pair: async (key: string) => pictures.drawnPair(key),
    others: async () =>
      ways.map((way) => ({
        figure: way.figure,
        asana: way.asana.id,
        name: way.asana.name,
        variation: way.variation.id,
        changes: way.changes.map(sayInEnglish),
        cost: way.cost,
        drawn: bestFigures(solver, way, 'none'),
        setup: setupOf(way.ends[0]!),
      })),
  },
}));

const person = { ...ann, id: 1, name: 'Ann', studio: { schools: {}, limits: [] } } as unknown as Person;

type Given = Partial<{ index: number; onClose: () => void; onPick: (figure: string) => void; onUnpick: () => void }>;

async function open({ index = FOLD, onClose = () => undefined, ...choosing }: Given = {}) {
  const { WhyPanel } = await import('./WhyPanel.js');
  const of = { text: '', people: [person], whose: 0, asked: null, index, day: TODAY };
  render(
    <QueryClientProvider client={new QueryClient()}>
      <WhyPanel of={of} score={score} onClose={onClose} {...choosing} />
    </QueryClientProvider>,
  );
  return screen.findByRole('region', { name: library.get(sequence!.steps[index]!.asana).name });
}

beforeAll(() => {
  Element.prototype.scrollIntoView = () => undefined;
});

test('why a step isn’t kept: measure, value, bound and source of each limit against it', async () => {
  const panel = await open();
  const { reasons, verdict } = score.answer.participants[0]!.steps[FOLD]!;
  expect(verdict).not.toBe('keep');
  expect(reasons.length).toBeGreaterThan(0);
  expect(within(panel).getByRole('heading', { name: 'Why it is not kept' })).toBeTruthy();
  for (const { text, source } of reasons) {
    expect(within(panel).getAllByText(text).length).toBeGreaterThan(0);
    expect(panel.textContent).toContain(source);
  }
  expect(panel.textContent).toMatch(/Eyes below the heart: \d+ cm, allowed at most 3 cm/);
});

test('the other safe ways leave out the one that is taken, and one of them can be taken', async () => {
  const picked: string[] = [];
  const panel = await open({ onPick: (figure) => picked.push(figure) });
  const buttons = await within(panel).findAllByRole('button', { name: /^Take / });
  const taken = plan.steps[FOLD]!.chosen!.figure;
  const others = ways.map(({ figure }) => figure).filter((figure) => figure !== taken);
  expect(buttons).toHaveLength(others.length);
  fireEvent.click(buttons[0]!);
  expect(picked).toEqual([others[0]]);
});

test('nothing can be taken where nothing is chosen by hand', async () => {
  const panel = await open();
  await within(panel).findAllByText(/what was asked/);
  expect(within(panel).queryByRole('button', { name: /^Take / })).toBeNull();
});

test('a choice by hand is given back to the search', async () => {
  let given = 0;
  const panel = await open({ onUnpick: () => given++ });
  fireEvent.click(within(panel).getByRole('button', { name: 'Leave it to the search' }));
  expect(given).toBe(1);
});

test('it closes by its button and by Escape', async () => {
  let closed = 0;
  const panel = await open({ onClose: () => closed++ });
  fireEvent.click(within(panel).getByRole('button', { name: 'Close' }));
  fireEvent.keyDown(panel, { key: 'Escape' });
  fireEvent.keyDown(panel, { key: 'a' });
  expect(closed).toBe(2);
});

test('a step that is kept has nothing against it', async () => {
  const panel = await open({ index: 0 });
  expect(within(panel).queryByRole('heading', { name: 'Why it is not kept' })).toBeNull();
});

test('an aside that speaks of others is not told', async () => {
  const panel = await open();
  const told = score.answer.participants[0]!.steps[FOLD]!.asides;
  expect(told).toContain('Not with osteoporosis, acute disc trouble or uncontrolled blood pressure.');
  expect(panel.textContent).not.toContain('Not with osteoporosis');
});
