/** @jest-environment jsdom */
import 'reflect-metadata';
import { findCondition, type ConditionAnswer, type Problem } from '@lotus-steady/core';
import { fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { today } from '../../clock.js';
import { answered } from '../../drafts/answer.js';
import { Questions } from './Questions.js';

function open(id: string, given: Partial<ConditionAnswer> = {}, problems: readonly Problem[] = []) {
  const said: ConditionAnswer[] = [];
  function Form() {
    const [answer, setAnswer] = useState<ConditionAnswer>({ id, ...given });
    return (
      <Questions
        condition={findCondition(id)!}
        answer={answer}
        problems={problems}
        onChange={(next) => {
          said.push(next);
          setAnswer(next);
        }}
      />
    );
  }
  render(<Form />);
  return said;
}

test('an answer carries the day on which it was given, and is gone when it is taken back', () => {
  const told = answered({ id: 'pregnancy' }, 'week', 20, today());
  expect(told).toEqual({ id: 'pregnancy', week: 20, asOf: today() });
  expect(answered(told, 'week', undefined, today())).toEqual({ id: 'pregnancy', asOf: today() });
});

test('a choice that nobody has made is not answered, and can be unmade', async () => {
  const said = open('glaucoma');
  const kind = screen.getByLabelText<HTMLSelectElement>(findCondition('glaucoma')!.parameters['severity']!.ask);
  expect(kind.value).toBe('');
  await userEvent.selectOptions(kind, 'early');
  expect(said.at(-1)).toMatchObject({ severity: 'early' });
  await userEvent.selectOptions(kind, '');
  expect(said.at(-1)).not.toHaveProperty('severity');
});

test('"none of these" and anything else exclude each other, and an empty set is not answered', async () => {
  const said = open('pregnancy');
  const boxes = screen.getAllByRole('checkbox');
  await userEvent.click(boxes[0]!);
  expect(said.at(-1)).toMatchObject({ complications: ['none'] });
  await userEvent.click(boxes[1]!);
  expect((said.at(-1) as unknown as { complications: string[] }).complications).not.toContain('none');
  await userEvent.click(boxes[1]!);
  expect(said.at(-1)).not.toHaveProperty('complications');
});

test('weeks can be told by a date; a year that is still being typed is none yet', () => {
  const said = open('pregnancy');
  const date = screen.getByLabelText(/Or the due date/);
  fireEvent.change(date, { target: { value: '0002-06-01' } });
  expect(said).toEqual([]);
  fireEvent.change(date, { target: { value: today() } });
  expect(said.at(-1)).toMatchObject({ week: 40 });
});

test('a question that waits for another answer is asked once that is there', async () => {
  open('shoulder');
  const { ask } = findCondition('shoulder')!.parameters['dislocations']!;
  expect(screen.queryByLabelText(ask)).toBeNull();
  await userEvent.selectOptions(screen.getByLabelText('Which kind?'), 'instability');
  expect(screen.getByLabelText(ask)).toBeTruthy();
});

test('what is wrong is said beside its question', () => {
  open('pregnancy', { week: 99 }, [{ field: 'pregnancy.week', message: 'week is 99; expected a number from 0 to 42.8 (week)' }]);
  expect(screen.getByText(/week is 99/)).toBeTruthy();
});
