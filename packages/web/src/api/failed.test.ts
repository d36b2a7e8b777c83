import { ApiError, Unreachable } from './client.js';
import { hasFailed } from './failed.js';

const asked = (error: unknown, data?: object) => ({ isError: error !== null, error, data });

test('nothing was there and asking failed: that is said', () => expect(hasFailed(asked(new Unreachable()))).toBe(true));
test('something is there and asking again failed: it stays', () => {
  expect(hasFailed(asked(new Unreachable(), {}))).toBe(false);
  expect(hasFailed(asked(new ApiError(500, 'The server made a mistake', [], {}), {}))).toBe(false);
});
test('what was there is gone: it doesn’t stay', () => expect(hasFailed(asked(new ApiError(404, 'no such person', [], {}), {}))).toBe(true));
test('nothing failed', () => expect(hasFailed(asked(null, {}))).toBe(false));
