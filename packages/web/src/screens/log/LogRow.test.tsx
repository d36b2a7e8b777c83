/** @jest-environment jsdom */
import 'reflect-metadata';
import type { LogPart } from '@lotus-steady/requests';
import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { LogRow } from './LogRow.js';

jest.mock('../../parts/Thumb.js', () => ({ Thumb: () => null }));

const PART: LogPart = { personId: 1, present: true, before: {}, after: {}, felt: null, note: '', marks: [], decided: [] };
/** The part as it was changed last. */
const heard = jest.fn<void, [LogPart]>();
const now = () => heard.mock.lastCall![0];

function Row({ part }: { readonly part: Partial<LogPart> }) {
  const [value, setValue] = useState<LogPart>({ ...PART, ...part });
  const change = (next: Partial<LogPart>) => {
    heard({ ...value, ...next });
    setValue({ ...value, ...next });
  };
  return (
    <ul>
      <LogRow name="Bero" part={value} asanas={new Map([['vrksasana', 'Tree']])} onChange={change} />
    </ul>
  );
}
const choose = (group: string, name: string) =>
  userEvent.click(within(screen.getByRole('group', { name: group })).getByRole('button', { name }));
const more = () => userEvent.click(screen.getByRole('button', { name: 'More about Bero' }));

test('how somebody went home is one tap; more is shut until there is more to say', async () => {
  render(<Row part={{}} />);
  expect(screen.queryByRole('group', { name: 'Pain of Bero after' })).toBeNull();
  await choose('How Bero went home', 'Better');
  expect(now().felt).toBe('better');
});

test('what was told at the door stands there already; where it hurts is asked with pain, and taken from the door', async () => {
  render(<Row part={{ before: { pain: 4, where: 'knees' } }} />);
  await more();
  expect(screen.queryByRole('group', { name: 'Where it hurts Bero' })).toBeNull();
  await choose('Pain of Bero after', '6');
  const where = within(screen.getByRole('group', { name: 'Where it hurts Bero' }));
  expect(where.getByRole('button', { name: 'knees' }).getAttribute('aria-pressed')).toBe('true');
  await userEvent.click(where.getByRole('button', { name: 'low back' }));
  expect(now().after).toEqual({ pain: 6, where: 'low-back' });
  expect(now().before).toEqual({ pain: 4, where: 'knees' });
  await choose('Pain of Bero after', '0');
  expect(screen.queryByRole('group', { name: 'Where it hurts Bero' })).toBeNull();
});

test('marks are told by name, side and word', () => {
  render(<Row part={{ marks: [{ asana: 'vrksasana', variation: 'plain', side: 'left', mark: 'stopped' }] }} />);
  expect(screen.getByText('Tree, left: stopped')).toBeTruthy();
});

test('who wasn’t there is asked nothing, and what was said of going home is gone', async () => {
  render(<Row part={{ felt: 'same' }} />);
  await more();
  await userEvent.click(screen.getByLabelText('Was not there'));
  expect(now()).toMatchObject({ present: false, felt: null });
  expect(screen.queryByRole('group', { name: 'How Bero went home' })).toBeNull();
  expect(screen.getByText('was not there')).toBeTruthy();
});
