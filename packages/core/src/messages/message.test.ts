import { WAYS } from '../sequence/ways.js';
import { POSTURE_CHANGES } from '../candidates/changes.js';
import { EN } from './en.js';
import { message, sayInEnglish, speaker, type MessageId } from './message.js';

test('values, plurals, lists and messages within a message are said', () => {
  expect(sayInEnglish(message('dose.hold', { seconds: 20, rounds: 1 }))).toBe('hold 20 s');
  expect(sayInEnglish(message('dose.hold', { seconds: 20, rounds: 3 }))).toBe('hold 20 s, 3 times');
  expect(sayInEnglish(message('change.way', { way: message('way.roll-to-side') }))).toBe('get there over the side');
  expect(sayInEnglish(message('why.ahead', { way: ['bridge', message('dose.no-longer', { seconds: 30 })] }))).toMatch(
    'closer here would be bridge, no longer than 30 s;',
  );
});

test('a day is said as the language says it', () => {
  const told = { minutes: 10, times: 1, days: [message('day.monday')], review: '2026-12-14' };
  expect(sayInEnglish(message('home.when', told))).toMatch(/once a day: Monday\. Until 14 December 2026/);
  const spanish = speaker('es', { ...EN, 'day.monday': 'lunes', 'home.when': '{days}, hasta el {review}' });
  expect(spanish(message('home.when', told))).toBe('lunes, hasta el 14 de diciembre de 2026');
});

test('every way and every change of a posture has its words', () => {
  const ids = [
    ...POSTURE_CHANGES.map(({ id }) => `change.${id}`),
    ...Object.keys(WAYS).flatMap((way) => [`way.${way}`, `way.${way}.told`]),
  ] as MessageId[];
  for (const id of ids) expect([id, EN[id]]).toEqual([id, expect.stringMatching(/\w/)]);
});

test('another language is another catalogue, with that language’s own plurals', () => {
  const polish = speaker('pl', { ...EN, 'dose.hold': '{seconds} s{rounds, plural, one {} few {, # razy} many {, # razy} other {}}' });
  expect(polish(message('dose.hold', { seconds: 20, rounds: 1 }))).toBe('20 s');
  expect(polish(message('dose.hold', { seconds: 20, rounds: 3 }))).toBe('20 s, 3 razy');
});
