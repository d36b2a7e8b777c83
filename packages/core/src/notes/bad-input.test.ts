import fc from 'fast-check';
import { library } from '../asanas/all.js';
import { describeDose } from '../sequence/dose.js';
import { editText } from './edit-text.js';
import { notesReader } from './read-notes.js';
import { tokensOf } from './tokens.js';
import { wordKey, wordProblem, type StudioWord } from './studio-words.js';

const read = notesReader(library);
const sure = (text: string) => read(text).lines.filter(({ kind, steps }) => kind !== 'ask' && steps.length > 0);

describe('what is no sequence is asked about or left as notes, never taken for postures', () => {
  test.each([
    ['a shopping list', 'milk\neggs x12\n2 onions\nolive oil\nwashing powder\nbirthday card for Gunda'],
    ['a recipe', 'Preheat the oven to 200 degrees\nWhisk 3 eggs\nFold in the flour\nBake 40 minutes\nServe with cream'],
    [
      'prose',
      'It was a dark evening when the ferry came in.\nNobody had expected the old man to return.\nHe carried a suitcase and said nothing.',
    ],
    ['another language', 'Wir treffen uns um acht am Bahnhof.\nBitte Regenjacken mitbringen.\nDanach gehen wir essen.'],
    ['emoji and right-to-left text', '🙏🙏🙏\nشكرا جزيلا لكم\nתודה רבה\n🐢🌞'],
    ['words of the language itself', 'constructor\n__proto__\ntoString\nhasOwnProperty'],
  ])('%s', (_what, text) => expect(sure(text).map(({ text: line }) => line)).toEqual([]));

  test('postures in another language are asked about: none is dropped as a remark, and none taken for what sounds like it', () => {
    const { lines } = read(
      'Cours du jeudi\nAssise, respiration 3 min\nChien tête en bas 5 resp\nGuerrier 2 D/G\nEnfant\nCobra 3x\nMontaña\nHerabschauender Hund\nPinza sentada\nTorsion allongée',
    );
    expect(lines.map(({ kind }) => kind)).toEqual(['note', 'ask', 'ask', 'ask', 'ask', 'step', 'ask', 'ask', 'ask', 'ask']);
  });

  test('any text is answered, and its lines are all there', () => {
    fc.assert(
      fc.property(fc.array(fc.string({ maxLength: 60, unit: 'binary' }), { minLength: 1, maxLength: 12 }), (parts) => {
        const text = parts
          .map((part) => [...part].map((letter) => (letter < ' ' || letter === '\uFFFD' ? ' ' : letter)).join(''))
          .join('\n');
        const result = read(text);
        if (result.sequence === null) return;
        const lines = text
          .replace(/^\uFEFF/, '')
          .split('\n')
          .flatMap((line, i) => (line.trim() === '' ? [] : [i + 1]));
        expect(result.lines.map(({ line }) => line)).toEqual(lines);
      }),
      { numRuns: 60, seed: 9 },
    );
  });
});

const NUMBER = fc.integer({ min: 4, max: 30 });
const DOSE = fc.oneof(
  NUMBER.map((n) => `${n} br`),
  NUMBER.map((n) => `${n} slow breaths`),
  NUMBER.map((n) => `x${n}`),
  NUMBER.map((n) => `${n}x`),
  NUMBER.map((n) => `${n} reps`),
  NUMBER.map((n) => `${n}"`),
  NUMBER.map((n) => `${n}'`),
  NUMBER.map((n) => `${n} secs`),
  NUMBER.map((n) => `${n}m`),
  NUMBER.map((n) => `2x${n}`),
  NUMBER.map((n) => `3 x ${n}s`),
  NUMBER.map((n) => `${n} breaths x3`),
);

test('an edited line reads as the edited step, for every form of dose', () => {
  fc.assert(
    fc.property(DOSE, fc.constantFrom(', ', ' - ', ' (', ' '), fc.constantFrom('', ' each side', ' R/L'), (dose, between, side) => {
      const line = `Triangle${between}${dose}${between === ' (' ? ')' : ''}${side}`;
      const edited = editText(line, { do: 'dose', line: 1, dose: describeDose({ breaths: 7 }) });
      expect(tokensOf(edited)).toMatchObject({ dose: { breaths: 7 }, side: tokensOf(line).side });
      expect(Object.keys(tokensOf(edited).dose)).toEqual(['breaths']);
    }),
    { seed: 4 },
  );
});

describe('the studio’s own words', () => {
  const word: StudioWord = { text: 'grumpus', means: { is: 'asana', asana: 'balasana', variation: null }, since: '2026-11-01' };

  test('are used from then on, with the dose of the line, and said', () => {
    const line = read('Mountain\nGrumpus, 5 breaths', [word]);
    expect(line.lines[1]).toMatchObject({ kind: 'step', sure: 1, steps: [{ asana: 'balasana', dose: { breaths: 5 } }], word });
    expect(line.sequence?.notes.some(({ text }) => text.includes('your word'))).toBe(true);
    expect(read('Mountain\nGrumpus, 5 breaths').lines[1]?.kind).toBe('ask');
  });

  test('may say that a line is no step', () => {
    expect(read('Mountain\nbanana break', [{ ...word, text: 'banana break', means: { is: 'note' } }]).lines[1]).toMatchObject({
      kind: 'note',
      steps: [],
    });
  });

  test('are known again without dose, side and case', () => expect(wordKey('GRUMPUS, each side 3x')).toBe(wordKey('grumpus')));

  test.each([
    [{ ...word, text: '5 breaths' }, /no word/],
    [{ ...word, means: { is: 'asana', asana: 'nope', variation: null } as const }, /no asana "nope"/],
    [{ ...word, means: { is: 'asana', asana: 'balasana', variation: 'nope' } as const }, /no variation "nope"/],
  ])('%j can’t be one', (wrong, message) => expect(wordProblem(library, wrong)).toMatch(message));
  test('a good one can', () => expect(wordProblem(library, word)).toBeNull());
});

describe('repeats', () => {
  const steps = (text: string) => read(text).sequence!.steps.map(({ asana, side }) => `${asana} ${side}`);

  test('the other side of a run on one side', () => {
    expect(steps('low lunge right\nwarrior II right\ntriangle right\nother side')).toEqual([
      'anjaneyasana right', 'virabhadrasana-2 right', 'trikonasana right', 'anjaneyasana left', 'virabhadrasana-2 left', 'trikonasana left',
    ]); // prettier-ignore
  });

  test('a step that named no side is taken as one of them', () => {
    expect(steps('mountain\nwarrior II\nother side')).toEqual(['tadasana none', 'virabhadrasana-2 right', 'virabhadrasana-2 left']);
  });

  test('a number of steps', () => {
    expect(steps('mountain\ntriangle right\nwarrior II right\nrepeat the last two on the left').slice(3)).toEqual([
      'trikonasana left',
      'virabhadrasana-2 left',
    ]);
  });
});

test('what repeats all that was before, again and again, ends', () => {
  const steps = read(`Tree\nMountain\n${'repeat all, 200 more rounds\n'.repeat(300)}`).sequence!.steps;
  expect(steps.length).toBeLessThan(2_500);
});
