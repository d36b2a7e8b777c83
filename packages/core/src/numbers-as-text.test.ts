import fc from 'fast-check';
import { readNumbers, withoutSign, withSign, writeNumbers } from './numbers-as-text.js';

test('numbers are read as they were written', () => {
  fc.assert(
    fc.property(fc.array(fc.nat(1000)), (numbers) => {
      const text = writeNumbers(numbers);
      expect(text).toMatch(/^[#-~]*$/);
      expect(readNumbers(text)).toEqual(numbers);
    }),
  );
  expect(writeNumbers([0, 1, 89, 90, 91])).toHaveLength(7);
});

test('numbers of either sign have one of their own without', () => {
  expect([0, -1, 1, -2, 2].map(withoutSign)).toEqual([0, 1, 2, 3, 4]);
  fc.assert(fc.property(fc.integer({ min: -500, max: 500 }), (number) => expect(withSign(withoutSign(number))).toBe(number)));
});
