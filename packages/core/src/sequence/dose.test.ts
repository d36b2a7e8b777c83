import { library } from '../asanas/all.js';
import { sayInEnglish } from '../messages/message.js';
import { describeDose, doseTold, rhythmOf, timeOf } from './dose.js';

const tree = library.get('vrksasana');
const catCow = library.get('marjaryasana');
const march = library.get('chair-march');
const box = library.get('box-breath');

const exhale = library.get('extended-exhale');
const ofVariation = (id: string) =>
  rhythmOf(
    exhale,
    exhale.variations.find((one) => one.id === id)!,
  );

test.each([
  ['five breaths of five seconds', tree, { breaths: 5 }, 'none', 5, { holdSeconds: 25, repSeconds: null, seconds: 25 }],
  ['both sides', tree, { breaths: 5 }, 'both', 5, { holdSeconds: 25, repSeconds: null, seconds: 50 }],
  ['a slower breath', tree, { breaths: 5 }, 'none', 8, { holdSeconds: 40, repSeconds: null, seconds: 40 }],
  ['rounds multiply', tree, { seconds: 20, rounds: 3 }, 'none', 5, { holdSeconds: 20, repSeconds: null, seconds: 60 }],
  ['a movement holds nothing', catCow, { repetitions: 6 }, 'none', 5, { holdSeconds: 0, repSeconds: 5, seconds: 30 }],
  ['breaths of a movement are its repetitions', catCow, { breaths: 6 }, 'none', 5, { holdSeconds: 0, repSeconds: 5, seconds: 30 }],
  [
    'marching for a minute keeps no place longer than a breath',
    march,
    { minutes: 1 },
    'none',
    5,
    { holdSeconds: 5, repSeconds: 5, seconds: 60 },
  ],
  // 4 in, 4 held, 4 out, 4 held: 16 s a breath.
  ['a breathing practice by its own pattern', box, { rounds: 5 }, 'none', 5, { holdSeconds: 16, repSeconds: null, seconds: 80 }],
  // 4 and 6 as it is usually led, 3 and 4 in the shorter count.
  ['a longer breath out', exhale, { breaths: 6 }, 'none', 5, { holdSeconds: 0, repSeconds: 10, seconds: 60 }],
  ['a variation with its own count', ofVariation('3-and-4'), { breaths: 6 }, 'none', 5, { holdSeconds: 0, repSeconds: 7, seconds: 42 }],
  ['minutes', tree, { minutes: 1.5 }, 'none', 5, { holdSeconds: 90, repSeconds: null, seconds: 90 }],
] as const)('%s', (_name, asana, dose, side, breath, timed) => expect(timeOf(asana, dose, side, breath)).toEqual(timed));

test.each([
  [{ breaths: 1 }, '1 breath'],
  [{ breaths: 5, rounds: 1 }, '5 breaths'],
  [{ repetitions: 6, rounds: 2 }, '6 times, 2 rounds'],
  [{ minutes: 10 }, '10 min'],
  [{ seconds: 20, rounds: 3 }, '20 s, 3 rounds'],
  [{ rounds: 4 }, '4 rounds'],
])('%j is "%s", in notes and as it is told', (dose, words) => {
  expect(describeDose(dose)).toBe(words);
  expect(sayInEnglish(doseTold(dose))).toBe(words);
});
