import { library } from '../asanas/all.js';
import { Studios } from './studios.js';

test('a body stays as long as it is among the last that were asked for', () => {
  const studios = new Studios(library, 2);
  const tall = studios.of({ stature: 190 });
  const short = studios.of({ stature: 150 });
  expect(studios.of({ stature: 190 })).toBe(tall);
  studios.of({ stature: 170 });
  // The tall one was asked for after the short one, so the short one made room.
  expect(studios.of({ stature: 190 })).toBe(tall);
  expect(studios.of({ stature: 150 })).not.toBe(short);
});
