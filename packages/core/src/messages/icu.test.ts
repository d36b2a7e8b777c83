import { IntlMessageFormat } from 'intl-messageformat';
import { icuFormat } from './icu.js';

const TEXTS = [
  '{count, plural, one {# person} other {# people}}',
  '{count, plural, =0 {nobody} one {# person} few {# people} many {# of them} other {# people in all}}',
  '{count, selectordinal, one {#st} two {#nd} few {#rd} other {#th}} week',
  '{count, number} of {name}, {share, number, ::percent}',
  '{name, select, none {} other {for {name}, {count, plural, one {once} other {# times}}}}',
  'less than <b of {count}',
];
const COUNTS = [0, 1, 2, 5, 21, 999, 1000, 12345.5, 1.25, -3];

test.each(['en', 'en-GB', 'de', 'pl', 'ar'])('messages in %s read as the library’s own class writes them', (tag) => {
  const format = icuFormat(tag);
  for (const text of TEXTS)
    for (const count of COUNTS) {
      const values = { count, name: 'Oda', share: 0.25 };
      const expected = String(new IntlMessageFormat(text, tag, undefined, { ignoreTag: true }).format(values));
      expect([text, count, format(text, values)]).toEqual([text, count, expected]);
    }
});

test('small whole numbers in English make no formatter of numbers, which a phone waits for', () => {
  const asked = jest.spyOn(Intl.NumberFormat, 'supportedLocalesOf');
  const made = jest.spyOn(Intl, 'NumberFormat');
  expect(icuFormat('en')('{count, plural, one {# step} other {# steps}}', { count: 14 })).toBe('14 steps');
  expect([made.mock.calls, asked.mock.calls]).toEqual([[], []]);
  jest.restoreAllMocks();
});

test('what is no message, or lacks a value, is told', () => {
  expect(() => icuFormat('en')('{count, plural, one {# step}', { count: 1 })).toThrow(SyntaxError);
  expect(() => icuFormat('en')('{count, plural, other {# steps}}', {})).toThrow('count');
});
