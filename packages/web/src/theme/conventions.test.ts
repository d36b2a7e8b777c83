/** @jest-environment jsdom */
import { renderHook, act } from '@testing-library/react';
import { currentConventions, setConventions, useConventions } from './conventions.js';

test('what was chosen is kept on the device and told to whatever shows it', () => {
  const { result } = renderHook(() => useConventions());
  expect(result.current).toEqual({ lengths: 'cm', weekBegins: 'monday' });
  act(() => setConventions({ lengths: 'in', weekBegins: 'sunday' }));
  expect(result.current).toEqual({ lengths: 'in', weekBegins: 'sunday' });
  expect(localStorage.getItem('lotus.conventions')).toBe('lengths=in&weekBegins=sunday');
  expect(currentConventions()).toBe(result.current);
});
