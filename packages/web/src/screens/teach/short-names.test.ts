import { shortNames } from './short-names.js';

test('first names, and an initial or more where two are called alike', () => {
  expect(shortNames(['Bero Talman', 'Hanno Vey'])).toEqual(['Bero', 'Hanno']);
  expect(shortNames(['Bero Talman', 'Bero Vey', 'Hanno'])).toEqual(['Bero T.', 'Bero V.', 'Hanno']);
  expect(shortNames(['Bero Talman', 'Bero Torval'])).toEqual(['Bero Talman', 'Bero Torval']);
  expect(shortNames(['Bero', 'Bero'])).toEqual(['Bero', 'Bero']);
});
