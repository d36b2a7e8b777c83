import { allowed, amount } from './say.js';

test.each([
  ['<= 20', '°', 'at most 20°'],
  ['-20 to 40', '°', '-20 to 40°'],
  ['<= 0.1', 'body weight', 'at most 10 % of body weight'],
  ['= 0', 'body weight', '0 % of body weight'],
  ['= 0', 'yes 1', 'no'],
  ['= 0', 'grade 0-3', 'none'],
  ['= 2', 'feet', 'exactly 2 feet'],
  ['>= 4', 'cm', 'at least 4 cm'],
  ['<= 3', 'grade 1-5', 'at most 3 of 5'],
  ['5 to 20', 'breaths/min', '5 to 20 breaths/min'],
  ['<= 0.3', '1', 'at most 30 %'],
  ['<= 0.8', 'ratio', 'at most 80 %'],
  ['upright or prone', '', 'upright or prone'],
])('%s %s reads "%s"', (bound, unit, words) => expect(allowed(bound, unit)).toBe(words));

test.each([
  [26, '°', '26°'],
  [0.25, 'body weight', '25 % of body weight'],
  [4, 'grade 1-5', '4 of 5'],
  [-1, 'grade -1-2', '-1 of 2'],
  [1, 'yes 1', 'yes'],
  [0, 'yes 1', 'no'],
  [0.6, '1', '60 %'],
  [0.92, 'ratio', '92 %'],
  [54, 'cm', '54 cm'],
  ['prone', '', 'prone'],
  [null, 'cm', 'not known'],
])('%s %s reads "%s"', (value, unit, words) => expect(amount(value, unit)).toBe(words));

test.each([
  ['<= 25', 'at most 9¾ in'],
  ['>= -10', 'at least -4 in'],
  ['-5 to 20', '-2 to 7¾ in'],
  ['<= 0', 'at most 0 in'],
])('%s cm reads "%s" where lengths are read in inches', (bound, words) => expect(allowed(bound, 'cm', 'in')).toBe(words));

test('a value in cm reads in inches where those were chosen; nothing else changes', () => {
  expect([amount(26, 'cm', 'in'), amount(26, '°', 'in'), amount(0.25, 'body weight', 'in')]).toEqual(['10¼ in', '26°', '25 % of body weight']);
});
