import { Spelling } from './spelling.js';
import { stemOf } from './words.js';

/** How often an imagined phrasebook writes each word. */
const OFTEN = { side: 30, lift: 30, bridge: 12, brigade: 1, ustrasana: 20, ragdoll: 3, breath: 9, padmasana: 4 };
const spelling = new Spelling(new Map(Object.entries(OFTEN).map(([word, often]) => [stemOf(word), often])));
const words = (text: string) => spelling.corrected(text).found.map(({ stem }) => stem);

test.each([
  ['letters swapped', 'brigde', ['bridge']],
  ['without vowels', 'brth', ['breath']],
  ['by ear', 'ushtrasana', ['ustrasana']],
  ['run together', 'sidelift', ['side', 'lift']],
  ['written as two', 'rag doll', ['ragdoll']],
  ['cut short with a full stop', 'padm.', ['padmasana']],
  ['nothing like it', 'zzyzx', ['zzyzx']],
])('%s: %s', (_, text, meant) => expect(words(text)).toEqual(meant.map(stemOf)));

test('a word that sounds otherwise than what was written is counted as guessed; one that sounds the same is not', () => {
  expect(spelling.corrected('brigde').guessed).toBe(1);
  expect(spelling.corrected('ushtrasana').guessed).toBe(0);
  expect(spelling.corrected('bridge').guessed).toBe(0);
});

test('each word keeps its place in the text, and what was run together its one place', () => {
  expect(spelling.corrected('then sidelift').found.slice(-2)).toEqual([
    expect.objectContaining({ stem: 'side', from: 5, to: 13 }),
    expect.objectContaining({ stem: 'lift', from: 5, to: 13 }),
  ]);
});
