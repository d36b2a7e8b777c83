import { peopleOfFile } from '@lotus-steady/core/formats';
import { choicesOf, draftsOf } from './choices.js';

const { found } = peopleOfFile('Name;Age;Notes\nRuna Velt;71;bad knees\nBéa Lindt;;\nRUNA  velt;71;\n', '2026-11-28');

test('whoever is here already, or stands above in the file, is not taken unasked', () => {
  expect(choicesOf(found, ['bea lindt']).map(({ isTwice, isTaken }) => [isTwice, isTaken])).toEqual([
    [false, true],
    [true, false],
    [true, false],
  ]);
});

test('what a file seems to say of somebody’s health is kept as a note, and as a condition only where it is ticked', () => {
  const [runa] = choicesOf(found, []);
  expect(runa!.found.conditions.map(({ id }) => id)).toContain('knee');
  expect(draftsOf([runa!])).toMatchObject([{ name: 'Runa Velt', note: 'Age 71. bad knees', conditions: [] }]);
  expect(draftsOf([{ ...runa!, taken: new Set(['knee']) }])[0]!.conditions).toMatchObject([{ id: 'knee' }]);
  expect(draftsOf([{ ...runa!, isTaken: false }])).toEqual([]);
});
