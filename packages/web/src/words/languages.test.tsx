/** @jest-environment jsdom */
import { doseTold, message } from '@lotus-steady/core';
import { render, screen } from '@testing-library/react';
import { languageFor, speakAs } from './languages.js';
import { say } from './say.js';
import { setLanguage, t } from './t.js';
import { tell } from './tell.js';

const TEXTS = {
  Undo: 'Rückgängig',
  'Plan it again for {day}': 'Noch einmal planen: {day}',
  '{count, plural, one {# person} other {# people}}': '{count, plural, one {# Mensch} other {# Menschen}}',
  'no longer than {seconds} s': 'höchstens {seconds} s',
  '{dose} only': 'nur {dose}',
  '{count, plural, one {# breath} other {# breaths}}': '{count, plural, one {# Atemzug} other {# Atemzüge}}',
  '{asana} ({changes})': '{asana} ({changes})',
  Bridge: 'Schulterbrücke',
  'knees more bent': 'die Knie weiter gebeugt',
};
const LANGUAGES = { de: async () => Promise.resolve({ TEXTS }) };

afterEach(() => {
  setLanguage(null);
  document.documentElement.lang = 'en';
});

test.each([
  [['de-AT', 'en'], 'de'],
  [['fr', 'de'], 'de'],
  [['en-GB', 'de'], null],
  [['fr', 'en', 'de'], null],
  [[], null],
])('whoever wishes for %j reads %j', (wishes, tag) => expect(languageFor(wishes, LANGUAGES)).toBe(tag));

test('English is said as it is written', () => {
  expect(t('Plan it again for {day}', { day: '7 March' })).toBe('Plan it again for 7 March');
  expect([1, 2].map((count) => tell('{count, plural, one {# person} other {# people}}', { count }))).toEqual(['1 person', '2 people']);
});

test('another language is a file: its texts, plurals and codes, and English for what it lacks', async () => {
  await speakAs(['de'], LANGUAGES);
  expect(t('Undo')).toBe('Rückgängig');
  expect(t('Plan it again for {day}', { day: '7. März' })).toBe('Noch einmal planen: 7. März');
  expect([1, 2].map((count) => tell('{count, plural, one {# person} other {# people}}', { count }))).toEqual(['1 Mensch', '2 Menschen']);
  expect(say(message('dose.no-longer', { seconds: 20 }))).toBe('höchstens 20 s');
  expect(t('Redo')).toBe('Redo');
  expect(document.documentElement.lang).toBe('de');
});

test('what stands within a code is said as well, however deep: doses, names, lists', async () => {
  await speakAs(['de'], LANGUAGES);
  expect(say(message('dose.only', { dose: doseTold({ breaths: 3 }) }))).toBe('nur 3 Atemzüge');
  expect(say(message('inserted.changed', { asana: 'Bridge', changes: [message('change.bend-knees')] }))).toBe(
    'Schulterbrücke (die Knie weiter gebeugt)',
  );
});

test('a screen that is loaded afterwards speaks it', async () => {
  await speakAs(['de'], LANGUAGES);
  const { UndoButtons } = await import('../parts/UndoButtons.js');
  render(<UndoButtons undo={() => undefined} redo={() => undefined} canUndo canRedo />);
  expect(screen.getByRole('button', { name: /Rückgängig/ })).toBeTruthy();
  expect(screen.getByRole('button', { name: /Redo/ })).toBeTruthy();
});
