/** @jest-environment jsdom */
import { seatSetup, shoulderStandSetup, type BodyAnswers, type Trial } from '@lotus-steady/core';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { SetupTrial } from './SetupTrial.js';

jest.mock('./Thumb.js', () => ({ Thumb: () => null }));

const BODY: BodyAnswers = { stature: 170, neckFlexion: 55 };

function Tried({ start = BODY, trial = 'shoulderStack' }: { start?: BodyAnswers; trial?: Trial }) {
  const [body, setBody] = useState(start);
  return (
    <SetupTrial
      trial={trial}
      body={body}
      problem={undefined}
      onChange={(height) => setBody({ ...body, [trial]: height, foundOn: '2026-03-02' })}
    />
  );
}

const field = () => screen.getByLabelText<HTMLInputElement>('Found by trial');

test('a trial begins at the guess for this body, and goes by half centimetres and by blankets', async () => {
  render(<Tried />);
  const guess = shoulderStandSetup(BODY).shoulderHeight.value;
  expect(screen.getByText(new RegExp(`First guess from this body: ${guess} cm`))).toBeTruthy();
  expect(field().value).toBe('');
  await userEvent.click(screen.getByRole('button', { name: '+ 5 mm' }));
  expect(Number(field().value)).toBeCloseTo(guess + 0.5, 0);
  const once = Number(field().value);
  await userEvent.click(screen.getByRole('button', { name: '− one blanket' }));
  expect(Number(field().value)).toBe(once - 2.5);
  expect(screen.getByText(/used in plans and figures/)).toBeTruthy();
});

test('a height that is known already is typed', async () => {
  render(<Tried />);
  await userEvent.type(field(), '10.5');
  expect(field().value).toBe('10.5');
  await userEvent.click(screen.getByRole('button', { name: '+ 5 mm' }));
  expect(field().value).toBe('11');
});

test('it stays within what blankets can be', async () => {
  render(<Tried start={{ ...BODY, shoulderStack: 1 }} />);
  await userEvent.click(screen.getByRole('button', { name: '− one blanket' }));
  expect(field().value).toBe('0');
});

test('a seat on the floor is found in the same way, and says when it was', async () => {
  render(<Tried trial="seatHeight" />);
  const guess = seatSetup(BODY).seatHeight.value;
  expect(screen.getByText(new RegExp(`First guess from this body: ${guess} cm`))).toBeTruthy();
  await userEvent.click(screen.getByRole('button', { name: '+ one blanket' }));
  expect(Number(field().value)).toBeCloseTo(guess + 2.5, 0);
  expect(screen.getByText(/found on .*Mar/)).toBeTruthy();
});
