import { answersFromWords } from './from-words.js';

test.each([
  ['30 weeks pregnant', [{ id: 'pregnancy', week: 30 }]],
  ['pregnant, week 12', [{ id: 'pregnancy', week: 12 }]],
  ['high blood pressure, 150/95', [{ id: 'hypertension', systolic: 150, diastolic: 95 }]],
  ['glaucoma', [{ id: 'glaucoma' }]],
  // Out of range: not taken.
  ['pregnant 60 weeks', [{ id: 'pregnancy' }]],
  ['nothing at all', []],
])('%s', (text, answers) => expect(answersFromWords(text)).toEqual(answers));
