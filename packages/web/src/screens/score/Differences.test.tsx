/** @jest-environment jsdom */
import 'reflect-metadata';
import {
  adaptClass,
  anybody,
  classJson,
  library,
  readCondition,
  notesReader,
  BodySolver,
  type ClassJson,
  type Participant,
} from '@lotus-steady/core';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen, waitFor, within } from '@testing-library/react';
import { entryOf } from '../../worker/asana-page.js';

jest.mock('../../worker/core.js', () => ({ core: { find: async () => library.asanas.map(entryOf) } }));

const solver = new BodySolver(library);
const read = notesReader(library);
const NAMES = new Map([['1', 'Orla'], ['2', 'Tam']]); // prettier-ignore
const someone = (id: string, ...conditions: readonly string[]): Participant => ({
  ...anybody(id),
  conditions: conditions.map((text) => readCondition(text).answer),
});

function classOf(text: string, ...people: readonly Participant[]): ClassJson {
  const sequence = read(text).sequence!;
  const members = people.map((participant) => ({ solver, participant }));
  return classJson(sequence, adaptClass(members, sequence, { today: '2026-06-01' }));
}

/** What is said of each of them. */
async function said(before: ClassJson, after: ClassJson): Promise<Record<string, string[]>> {
  const { Differences } = await import('./Differences.js');
  const queries = new QueryClient();
  const { unmount } = render(
    <QueryClientProvider client={queries}>
      <Differences before={before} after={after} names={NAMES} none="Nothing is otherwise." />
    </QueryClientProvider>,
  );
  await waitFor(() => expect(queries.isFetching()).toBe(0));
  const groups = screen.queryAllByRole('list')[0];
  const found = groups
    ? Object.fromEntries(
        [...groups.children].map((group) => [
          group.querySelector('strong')!.textContent,
          within(group as HTMLElement)
            .getAllByRole('listitem')
            .map((item) => item.textContent!.replace(/\s+/g, ' ').trim()),
        ]),
      )
    : {};
  if (!groups) expect(screen.getByText('Nothing is otherwise.')).toBeTruthy();
  unmount();
  return found;
}

const TEXT = 'Mountain\nForward fold 5 breaths\nSavasana 5 min';

test('the same class twice has no differences', async () => {
  const one = classOf(TEXT, someone('1'), someone('2'));
  expect(await said(one, classOf(TEXT, someone('1'), someone('2')))).toEqual({});
});

test('a condition that came up is told of whom it concerns, with the asana by its name', async () => {
  const before = classOf(TEXT, someone('1'), someone('2'));
  const after = classOf(TEXT, someone('1'), someone('2', 'glaucoma'));
  const told = await said(before, after);
  expect(Object.keys(told)).toEqual(['Tam']);
  // The dose is what it was; what came to it is told.
  expect(told['Tam']).toContain(`${library.get('uttanasana').name}: hands on a chair back`);
});

test('what is the same for everybody is said once', async () => {
  const people = [someone('1'), someone('2')];
  const told = await said(classOf(TEXT, ...people), classOf(TEXT.replace('5 breaths', '3 breaths'), ...people));
  expect(Object.keys(told)).toEqual(['Everybody']);
  expect(told['Everybody']).toHaveLength(1);
  expect(told['Everybody']).toEqual([`${library.get('uttanasana').name}: 5 breaths 3 breaths`]);
});

test('of a changed step only what is otherwise is struck: the same for whoever does it another way', async () => {
  const people = [someone('1'), someone('2', 'glaucoma')];
  const longer = await said(classOf(TEXT, ...people), classOf(TEXT.replace('5 breaths', '7 breaths'), ...people));
  expect(longer).toEqual({ Everybody: [`${library.get('uttanasana').name}: 5 breaths 7 breaths`] });
  const joined = classOf(TEXT.replace('5 breaths', '7 breaths'), someone('1'), someone('2', 'glaucoma'));
  const alone = await said(classOf(TEXT, someone('2', 'glaucoma')), joined);
  const [fold] = alone['Tam']!.filter((line) => line.startsWith(`${library.get('uttanasana').name}:`));
  expect(fold).toMatch(/^[^:]+: .+, 5 breaths 7 breaths$/);
});

test('whoever joined, and a step that is new, are named so', async () => {
  const before = classOf(TEXT, someone('1'));
  const after = classOf(`${TEXT.replace('Savasana', 'Tree, each side\nSavasana')}`, someone('1'), someone('2'));
  const told = await said(before, after);
  expect(told['Tam']).toEqual(['not there there']);
  expect(told['Orla']!.join('\n')).toMatch(new RegExp(`${library.get('vrksasana').name}: not in the sequence `));
});
