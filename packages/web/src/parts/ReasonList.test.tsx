/** @jest-environment jsdom */
import { render, screen, within } from '@testing-library/react';
import { ReasonList, type Reason } from './ReasonList.js';

const reason = (limit: string, measure: Reason['measure'], text: string, more: Partial<Reason> = {}): Reason => ({
  limit,
  measure,
  text,
  value: 23,
  unit: 'cm',
  bound: '<= 10',
  grade: 'avoid',
  source: 'A table, 2020.',
  condition: 'glaucoma',
  where: 'posture',
  ...more,
});

test('a sentence that several measures have in common is said once, with all of them', () => {
  const head = reason('a', 'headBelowHeart', 'The eye pressure rises.');
  const hips = reason('b', 'pelvisAboveHeart', 'The eye pressure rises.', { where: 'transition' });
  render(<ReasonList reasons={[head, reason('c', 'effort', 'Work strains.', { value: 4, unit: 'grade 1-5', bound: '<= 3' }), hips]} />);
  const items = screen.getAllByRole('listitem');
  expect(items).toHaveLength(2);
  expect(within(items[0]!).getAllByText('The eye pressure rises.')).toHaveLength(1);
  expect(items[0]!.textContent).toContain('Eyes below the heart: 23 cm, allowed at most 10 cm');
  expect(items[0]!.textContent).toContain('Hips above the heart: 23 cm, allowed at most 10 cm (on the way there)');
  expect(items[1]!.textContent).toContain('Work strains.');
});

test('the same sentence of two conditions stands for each of them', () => {
  const text = 'A held breath raises the pressure.';
  const other = reason('b', 'breathRetention', text, { condition: 'hypertension' });
  render(<ReasonList reasons={[reason('a', 'breathRetention', text), other]} />);
  expect(screen.getAllByText(text)).toHaveLength(2);
});

test('a way of lying has no number to be told', () => {
  render(<ReasonList reasons={[reason('a', 'facing', 'Never flat on the back.', { bound: '' })]} />);
  expect(screen.getByRole('listitem').textContent).not.toContain('allowed');
});
