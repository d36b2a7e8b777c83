import { dayBy, dayIn, offsetsOf } from './day.js';

test.each([
  ['2026-03-01T23:30:00Z', 'UTC', '2026-03-01'],
  ['2026-03-01T23:30:00Z', 'Europe/Berlin', '2026-03-02'],
  ['2026-03-01T23:30:00Z', 'America/Los_Angeles', '2026-03-01'],
  ['2026-03-01T10:30:00Z', 'Pacific/Kiritimati', '2026-03-02'],
  // The clock goes forward in Berlin at 01:00 universal time.
  ['2026-03-29T22:30:00Z', 'Europe/Berlin', '2026-03-30'],
])('at %s it is in %s the day %s', (at, zone, day) => expect(dayIn(zone, new Date(at))).toBe(day));

test('a zone that does not exist is refused', () => expect(() => dayIn('Lotus/Pond')).toThrow(RangeError));

test.each([
  'UTC',
  'Europe/Berlin',
  'America/Los_Angeles',
  'Asia/Kathmandu',
  'Australia/Lord_Howe',
  'Pacific/Kiritimati',
  'America/St_Johns',
])('by the offsets of %s the day is that of the zone, also after its clock changed', (zone) => {
  const at = new Date('2026-03-20T10:00:00Z');
  const offsets = offsetsOf(zone, at);
  // Every seven hours until a month after the clock has changed.
  const until = Date.parse(offsets[1]?.from ?? '2026-06-01') + 30 * 86_400_000;
  for (let ms = at.getTime(); ms < until; ms += 7 * 3_600_000) expect(dayBy(offsets, new Date(ms))).toBe(dayIn(zone, new Date(ms)));
});

test('the clock of Berlin goes forward at one in the morning, universal time', () => {
  const [now, next] = offsetsOf('Europe/Berlin', new Date('2026-03-20T10:00:00Z'));
  expect(now).toEqual({ from: '2026-03-20T10:00:00.000Z', minutes: 60 });
  expect([next!.minutes, Math.abs(Date.parse(next!.from) - Date.parse('2026-03-29T01:00:00Z')) <= 1000]).toEqual([120, true]);
  expect(offsetsOf('UTC')).toHaveLength(1);
});
