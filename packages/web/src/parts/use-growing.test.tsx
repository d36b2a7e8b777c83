/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react';
import { useGradually } from './use-growing.js';

const frame = () => act(() => new Promise((resolve) => requestAnimationFrame(() => resolve(undefined))));

test('what comes in sight is drawn a few with every frame, what was there stays', async () => {
  const { result, rerender } = renderHook(({ places, kind }) => useGradually(places.map(String), 2, kind), {
    initialProps: { places: [1, 2, 3, 4, 5], kind: 'small' },
  });
  const drawn = () => [...result.current].map(Number);
  expect(drawn()).toEqual([1, 2]);
  await frame();
  expect(drawn()).toEqual([1, 2, 3, 4]);
  await frame();
  expect(drawn()).toEqual([1, 2, 3, 4, 5]);
  await frame();

  rerender({ places: [4, 5, 6, 7, 8], kind: 'small' });
  expect(drawn()).toEqual([4, 5, 6, 7]);
  await frame();
  expect(drawn()).toEqual([4, 5, 6, 7, 8]);
  await frame();

  // At another size everything is drawn anew.
  rerender({ places: [4, 5, 6, 7, 8], kind: 'large' });
  expect(drawn()).toEqual([4, 5]);
});
