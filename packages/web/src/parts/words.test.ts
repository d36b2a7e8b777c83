import { dayWords, words } from './words.js';

test('ids are read as words; those with capitals or hyphens of their own keep them', () => {
  expect(words('sitStand')).toBe('sit stand');
  expect(words('placenta-praevia')).toBe('placenta praevia');
  expect(words('ivf')).toBe('IVF');
});

test('a day is said in the order of the reader’s country, and in English for everybody', () => {
  expect(dayWords('2026-03-07', ['en-GB'])).toBe('7 March 2026');
  expect(dayWords('2026-03-07', ['es', 'en-US', 'en'])).toBe('March 7, 2026');
  expect(dayWords('2026-03-07', ['nb'])).toBe('7 March 2026');
});

// As the International Components for Unicode, which Node brings, say it.
test.each(['en', 'en-US', 'en-GB', 'en-CA', 'en-AU', 'en-IE', 'en-IN', 'en-NZ', 'en-PH', 'en-PR', 'en-SG', 'en-DE', 'en-150'])(
  'a day in %s',
  (language) => {
    const expected = new Intl.DateTimeFormat(language, { dateStyle: 'long', timeZone: 'UTC' }).format(new Date('2026-03-07T12:00Z'));
    expect(dayWords('2026-03-07', [language])).toBe(expected);
  },
);
