import { formWords, namesOf } from './library-names.js';

const names = namesOf([
  { id: 'vrksasana', name: 'Tree', forms: { 'toes-down': 'toes of the other foot down' } },
  { id: 'savasana', name: 'Final rest', forms: {} },
]);

test('a form is called by its name in its asana', () => {
  expect(names.get('vrksasana')).toBe('Tree');
  expect(formWords(names, 'vrksasana', 'toes-down')).toBe('toes of the other foot down');
});

test('without a name it is called by the words of its id', () => {
  expect(formWords(names, 'savasana', 'in-the-chair')).toBe('in the chair');
  expect(formWords(undefined, 'vrksasana', 'toes-down')).toBe('toes down');
});
