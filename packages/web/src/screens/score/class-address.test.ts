import { againAddress, nextDay, readDay, readFigures, readPins, readShared, readSince, withPins, writeShared } from './class-address.js';

test('an address brings its choices; what is no choice is passed over', () => {
  const search = new URLSearchParams('chosen=3.4.tadasana/plain%20bend-knees&chosen=nonsense&chosen=x.1.y&chosen=1.x.y&chosen=1.2.');
  expect(readPins(search)).toEqual([{ person: '3', index: 4, figure: 'tadasana/plain bend-knees' }]);
});

test('choices go into an address and come back; the rest of it stays', () => {
  const pins = [
    { person: '3', index: 4, figure: 'tadasana/plain bend-knees' },
    { person: '5', index: 0, figure: 'balasana/plain' },
  ];
  const search = withPins(new URLSearchParams('figures=2&chosen=1.1.old'), pins);
  expect(readPins(search)).toEqual(pins);
  expect(readFigures(search)).toBe(2);
});

test.each([
  ['figures=2', 2],
  ['figures=0', 3],
  ['figures=99', 3],
  ['figures=two', 3],
  ['', 3],
])('an address with "%s" asks for %i figures', (address, figures) => expect(readFigures(new URLSearchParams(address))).toBe(figures));

test('what a class shares goes into an address and comes back', () => {
  const search = new URLSearchParams({ shared: writeShared({ block: 8, chair: 0 }) });
  expect(readShared(search)).toEqual({ block: 8, chair: 0 });
  expect(readShared(new URLSearchParams())).toBeNull();
  expect(readShared(new URLSearchParams('shared=boat:3,chair:2'))).toEqual({ chair: 2 });
});

test.each([
  ['2026-11-18', '2026-11-25', '2026-11-25'],
  ['2026-11-18', '2026-11-26', '2026-12-02'],
  ['2026-11-25', '2026-11-25', '2026-12-02'],
  ['2026-12-24', '2026-11-25', '2026-12-31'],
  ['2026-10-21', '2026-10-26', '2026-10-28'],
])('a class of %s, copied on %s, is for %s', (day, today, next) => expect(nextDay(day, today)).toBe(next));

test('a kept class comes back through an address with all that it was', () => {
  const pins = [{ person: '5', index: 2, figure: 'balasana/plain knees-wide' }];
  const kept = { id: 7, sequenceId: 3, title: 'x', day: '2026-11-18', personIds: [4, 5], figures: 2, shared: { block: 3 }, pins };
  const address = againAddress(kept, '2026-11-25');
  expect(address).toMatch(/^\/sequences\/3\/for\/4,5\?/);
  const search = new URLSearchParams(address.split('?')[1]);
  expect([readFigures(search), readShared(search), readPins(search), readDay(search, ''), readSince(search)]).toEqual([
    2,
    { block: 3 },
    pins,
    '2026-11-25',
    7,
  ]);
});

test.each(['day=tomorrow', 'day=2026-13-45', ''])('an address with "%s" is for today', (address) =>
  expect(readDay(new URLSearchParams(address), '2026-11-25')).toBe('2026-11-25'),
);
