import { library } from '../asanas/all.js';
import { editText, lineAfter, type TextEdit } from '../notes/edit-text.js';
import { notesReader } from '../notes/read-notes.js';
import { carriedPins } from './pins.js';

const read = notesReader(library);
const TEXT = '# Class\nMountain\n\nSun salutation x2\nTree, each side\nCobra, 3x';
const stepsOf = (text: string) => read(text).sequence!.steps;
const TREE = stepsOf(TEXT).findIndex(({ asana }) => asana === 'vrksasana');
const pin = (index: number) => ({ person: '1', index, figure: 'any' });

const carried = (edit: TextEdit, ...indices: number[]) => {
  const after = stepsOf(editText(TEXT, edit));
  return carriedPins(indices.map(pin), stepsOf(TEXT), after, (line) => lineAfter(edit, line)).map(({ index }) => [
    index,
    after[index]!.asana,
  ]);
};

test('a choice goes with its step where lines move', () => {
  expect(carried({ do: 'insert', after: 2, text: 'Chair pose' }, TREE)).toEqual([[TREE + 1, 'vrksasana']]);
  expect(carried({ do: 'move', line: 5, after: 1 }, 0, TREE)).toEqual([[1, 'tadasana'], [0, 'vrksasana']]); // prettier-ignore
});

test('within a salutation it keeps its place', () => {
  const third = stepsOf(TEXT)[3]!.asana;
  expect(carried({ do: 'remove', line: 2 }, 3)).toEqual([[2, third]]);
});

test('where its step is gone, or another asana now, it goes too', () => {
  expect(carried({ do: 'remove', line: 5 }, TREE)).toEqual([]);
  expect(carried({ do: 'name', line: 5, name: 'Warrior II' }, TREE)).toEqual([]);
  expect(carriedPins([pin(99)], stepsOf(TEXT), stepsOf(TEXT), (line) => line)).toEqual([]);
});
