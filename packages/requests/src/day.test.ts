import { dayIn } from './day.js';

test.each([
  ['2026-03-01T23:30:00Z', 'UTC', '2026-03-01'],
  ['2026-03-01T23:30:00Z', 'Europe/Berlin', '2026-03-02'],
  ['2026-03-01T23:30:00Z', 'America/Los_Angeles', '2026-03-01'],
  ['2026-03-01T10:30:00Z', 'Pacific/Kiritimati', '2026-03-02'],
  // The clock goes forward in Berlin at 01:00 universal time.
  ['2026-03-29T22:30:00Z', 'Europe/Berlin', '2026-03-30'],
])('at %s it is in %s the day %s', (at, zone, day) => expect(dayIn(zone, new Date(at))).toBe(day));

test('a zone that does not exist is refused', () => expect(() => dayIn('Lotus/Pond')).toThrow(RangeError));
