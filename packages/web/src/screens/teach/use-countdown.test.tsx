/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react';
import { useCountdown } from './use-countdown.js';

const SECONDS = [10, 20, 30];

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

const countdown = () => renderHook(() => useCountdown(SECONDS)).result;

test('a pedal pressed twice before the screen is drawn moves two on', () => {
  const clock = countdown();
  const { go } = clock.current;
  act(() => {
    go(1);
    go(1);
  });
  expect(clock.current).toMatchObject({ beat: 2, left: 30, running: false });
});

test('back from the first stays there and begins it anew', () => {
  const clock = countdown();
  act(() => clock.current.turn());
  act(() => void jest.advanceTimersByTime(3000));
  expect(clock.current.left).toBeCloseTo(7, 0);
  act(() => clock.current.go(-1));
  expect(clock.current).toMatchObject({ beat: 0, left: 10, running: true });
});

test('back out of a beat that has lasted a while begins it anew, and pressed again goes to the one before', () => {
  const clock = countdown();
  act(() => clock.current.go(1));
  act(() => clock.current.turn());
  act(() => void jest.advanceTimersByTime(6000));
  act(() => clock.current.go(-1));
  expect(clock.current).toMatchObject({ beat: 1, left: 20, running: true });
  act(() => void jest.advanceTimersByTime(2000));
  act(() => clock.current.go(-1));
  expect(clock.current).toMatchObject({ beat: 0, left: 10, running: true });
});

test('it runs from one to the next and stops after the last', () => {
  const clock = countdown();
  act(() => clock.current.turn());
  act(() => void jest.advanceTimersByTime(10_500));
  expect(clock.current.beat).toBe(1);
  act(() => void jest.advanceTimersByTime(60_000));
  expect(clock.current).toMatchObject({ beat: 2, left: 0, running: false });
});

test('on from the last ends the class', () => {
  const clock = countdown();
  act(() => clock.current.go(1));
  act(() => clock.current.go(1));
  act(() => clock.current.go(1));
  expect(clock.current).toMatchObject({ beat: 2, left: 0, running: false });
});
