import { plain, rawWords, sound, wordsOf } from './words.js';

const stems = (text: string) => wordsOf(text).map(({ stem }) => stem);

// Common spellings of Sanskrit by ear, and of trade words (common practice, no source).
test.each([
  ['vrksasana', 'Vrikshasana'],
  ['ustrasana', 'ushtrasana'],
  ['adho mukha svanasana', 'adho mukha shwanasana'],
  ['virabhadrasana', 'veerabhadrasana'],
  ['pascimottanasana', 'paschimottanasana'],
])('%s sounds like %s', (one, other) => expect(sound(one)).toBe(sound(other)));

test.each([
  ['vrksasana', 'virasana'],
  ['halasana', 'salabhasana'],
  ['bakasana', 'balasana'],
])('%s does not sound like %s', (one, other) => expect(sound(one)).not.toBe(sound(other)));

test.each([
  ['lying on your tummy', 'belly down'],
  ['all fours', 'hands and knees'],
  ['Rest, seated', 'resting, sit'],
  ['downward-facing dog', 'DFD'],
  ['w2', 'Virabhadrasana II'],
])('%s and %s are the same words', (one, other) => expect(stems(one)).toEqual(stems(other)));

test.each([
  ['side bend', 'side-lying bend'],
  ['box', 'all fours'],
  ['four', 'all fours'],
])('%s and %s are other words', (one, other) => expect(stems(one)).not.toEqual(stems(other)));

test('the three warriors are three words', () => {
  const [one, two, three] = ['warrior 1', 'warrior two', 'virabhadrasana iii'].map(stems);
  expect(new Set([one, two, three].map(String)).size).toBe(3);
});

test('a lone w in the midst of a line is "with", unless it counts a warrior', () => {
  expect(stems('Bridge w block')).toEqual(stems('Bridge w/ block'));
  expect(stems('Tree, w 2')).toEqual(stems('Tree, warrior 2'));
  expect(stems('w two')).toEqual(stems('warrior two'));
});

test('each word keeps its place in the text', () => {
  const text = 'Head-to-knee, ½ bind';
  for (const { from, to } of rawWords(text)) expect(text.slice(from, to)).toMatch(/^\S+$/);
  expect(rawWords(text).map(({ from, to }) => text.slice(from, to))).toEqual(['Head', 'to', 'knee', '½', 'bind']);
});

test('letters with marks, apostrophes and case don’t matter', () => {
  expect(plain('Child’s Pose')).toBe('childs pose');
  expect(plain('Ūrdhva  Dhanurāsana!')).toBe('urdhva dhanurasana');
});

test('a hero by himself kneels; with a number he is a warrior', () => {
  const stems = (text: string) => wordsOf(text).map(({ stem }) => stem);
  expect(stems('hero')).not.toEqual(stems('warrior 1'));
  expect(stems('hero 1')).toEqual(stems('warrior 1'));
});
