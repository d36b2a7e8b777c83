/** @jest-environment jsdom */
import { currentLook, setLook, startLook } from './figure-look.js';

beforeEach(() => localStorage.clear());

test('a look is kept, part by part, and shown from then on', () => {
  expect(currentLook()).toEqual({ skin: 'tan', hair: 'black', clothes: 'blue' });
  setLook({ skin: 'deep', hair: 'grey', clothes: 'plum' });
  expect(document.documentElement.dataset).toMatchObject({ skin: 'deep', hair: 'grey', clothes: 'plum' });
  expect(currentLook()).toEqual({ skin: 'deep', hair: 'grey', clothes: 'plum' });
});

test('what is no look any longer is the usual one', () => {
  localStorage.setItem('lotus.figures', 'skin=brown&hair=blue');
  startLook();
  expect(document.documentElement.dataset).toMatchObject({ skin: 'brown', hair: 'black', clothes: 'blue' });
});
