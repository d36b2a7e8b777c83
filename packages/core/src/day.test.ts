import { dayInWords, isDay } from './day.js';

test.each(['2026-11-28', '2024-02-29', '1931-01-01'])('%s is a day', (text) => expect(isDay(text)).toBe(true));
test.each([
  '2026-W48',
  '2026-02-30',
  '2025-02-29',
  '2026-13-01',
  '26-11-28',
  '0026-01-01',
  '2026-11-28T10:00',
  'next spring',
  '',
  null,
  20261128,
])('%j is none', (text) => expect(isDay(text)).toBe(false));

test('a day as a sheet says it', () => expect(dayInWords('2026-12-04')).toBe('4 December 2026'));
