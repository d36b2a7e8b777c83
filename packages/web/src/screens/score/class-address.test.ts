import { readFigures, readPins, readShared, withPins, writeShared } from './class-address.js';

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
