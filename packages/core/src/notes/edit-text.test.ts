import fc from 'fast-check';
import { library } from '../asanas/all.js';
import { editText, lineAfter, nextDose, textEditOf, type StepEdit, type TextEdit } from './edit-text.js';
import { notesReader } from './read-notes.js';

const edited = (line: string, edit: TextEdit) => editText(line, edit);

test.each([
  ['Reclyning hand, each side, 5 breaths', 'Tree, each side, 5 breaths'],
  ['- flying carpet 3x', '- Tree 3x'],
  ['3) flying carpet - 30 s', '3) Tree - 30 s'],
  ['flying carpet (left)', 'Tree (left)'],
  ['flying carpet', 'Tree'],
  ['flying carpet x6', 'Tree x6'],
  ['flying carpet, 3x // slowly, 2 blocks', 'Tree, 3x // slowly, 2 blocks'],
])('%s is given another name', (line, wanted) =>
  expect(edited(`# T\n${line}\nCobra`, { do: 'name', line: 2, name: 'Tree' })).toBe(`# T\n${wanted}\nCobra`),
);

test.each([
  ['Tree, 5 breaths // eyes open', 'Tree, 8 breaths // eyes open'],
  ['Tree 3 breaths, 2 rounds', 'Tree, 8 breaths'],
  ['Tree, 0.5 min', 'Tree, 8 breaths'],
  ['Tree – skip if dizzy', 'Tree, 8 breaths – skip if dizzy'],
  ['Tree, 3x (not if dizzy) // eyes open', 'Tree, 8 breaths (not if dizzy) // eyes open'],
])('%s gets its dose, and keeps its note', (line, wanted) => expect(edited(line, { do: 'dose', line: 1, dose: '8 breaths' })).toBe(wanted));

test('a note is written behind two slashes, changed and taken away', () => {
  const noted = edited('Tree, left', { do: 'note', line: 1, note: 'Bero at the wall ' });
  expect(noted).toBe('Tree, left // Bero at the wall');
  expect(edited(noted, { do: 'note', line: 1, note: 'all at the wall' })).toBe('Tree, left // all at the wall');
  expect(edited(noted, { do: 'note', line: 1, note: ' ' })).toBe('Tree, left');
});

test('a line goes behind an earlier one, before its remarks', () => {
  expect(
    edited('- Tree // eyes open\n- 5 breaths each side\nSavasana:\n10 min', {
      do: 'join',
      lines: [
        { line: 2, to: 1 },
        { line: 4, to: 3 },
      ],
    }),
  ).toBe('- Tree, 5 breaths each side // eyes open\nSavasana, 10 min');
});

test('lines are taken out and put in another order', () => {
  expect(edited('a\nb\nc', { do: 'remove', line: 2 })).toBe('a\nc');
  expect(edited('# T\na\n\nb\nc', { do: 'order', lines: [5, 2, 4] })).toBe('# T\nc\n\na\nb');
});

/** Eight lines, each unlike the others, so that a line is found again. */
const LINES = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight'];
const PLACE = fc.integer({ min: 1, max: LINES.length });
const EDIT: fc.Arbitrary<TextEdit> = fc.oneof(
  fc.record({ do: fc.constant('insert' as const), after: fc.integer({ min: 0, max: LINES.length }), text: fc.constant('new') }),
  fc.record({ do: fc.constant('remove' as const), line: PLACE }),
  fc.record({ do: fc.constant('move' as const), line: PLACE, after: fc.integer({ min: 0, max: LINES.length - 1 }) }),
  fc.record({ do: fc.constant('dose' as const), line: PLACE, dose: fc.constant('5 breaths') }),
  fc.record({ do: fc.constant('order' as const), lines: fc.shuffledSubarray([1, 3, 4, 8]) }),
);

test('lines that join an earlier one stand there afterwards', () => {
  const [edit, after] = [
    {
      do: 'join',
      lines: [
        { line: 2, to: 1 },
        { line: 4, to: 3 },
        { line: 6, to: 3 },
      ],
    },
    ['one, two', 'three, four, six', 'five'],
  ] as const;
  expect(editText(LINES.slice(0, 6).join('\n'), edit).split('\n')).toEqual(after);
  LINES.slice(0, 6).forEach((line, i) => expect(after[lineAfter(edit, i + 1)! - 1]).toContain(line));
});

test('where a line is told to stand after an edit is where it stands', () => {
  fc.assert(
    fc.property(EDIT, (edit) => {
      const after = editText(LINES.join('\n'), edit).split('\n');
      LINES.forEach((line, i) => {
        const at = lineAfter(edit, i + 1);
        expect(at === null ? null : after[at - 1]!.split(',')[0]).toBe(at === null ? null : line);
      });
    }),
    { seed: 3 },
  );
});

test('a dose made longer and shorter again by hand reads as it was, for every kind of dose', () => {
  const read = notesReader(library);
  for (const text of [
    'Tree, 5 breaths',
    'Savasana, 8 min',
    'Plank, 30 s',
    'Cat cow flow, 6x',
    'Sun salutation x3',
    'Bridge, 3 breaths, 2 rounds',
  ]) {
    const before = read(text).sequence!.steps[0]!;
    const longer = editText(text, { do: 'dose', line: 1, dose: nextDose(before, 1)! });
    const between = read(longer).sequence!.steps[0]!;
    expect(between.dose).not.toEqual(before.dose);
    const again = editText(longer, { do: 'dose', line: 1, dose: nextDose(between, -1)! });
    expect(read(again).sequence!.steps[0]!.dose).toEqual(before.dose);
  }
  expect(nextDose({ dose: { breaths: 1 }, of: null }, -1)).toBeNull();
  expect(nextDose({ dose: { breaths: 1, rounds: 1 }, of: 'surya-namaskar-a' }, -1)).toBeNull();
});

test('a note is read beside its step and not taken for a part of it', () => {
  const [step] = notesReader(library)('Tree, left, 5 breaths // right for Bero, 9 breaths').sequence!.steps;
  expect(step).toMatchObject({ asana: 'vrksasana', side: 'left', dose: { breaths: 5 }, note: 'right for Bero, 9 breaths' });
});

describe('a step is edited where it stands', () => {
  const text = '# Class\nMountain\n## Main\nSun salutation x2\nTree, each side\nCobra, 3x';
  const { steps } = notesReader(library)(text).sequence!;
  const at = (asana: string) => steps.findIndex((step) => step.asana === asana);
  const done = (edit: StepEdit) => {
    const made = textEditOf(steps, edit);
    return made && editText(text, made);
  };

  test('moved to another step’s place, over headings too', () => {
    expect(done({ do: 'move', index: 0, to: at('vrksasana') })).toBe(
      '# Class\n## Main\nSun salutation x2\nTree, each side\nMountain\nCobra, 3x',
    );
    expect(done({ do: 'move', index: at('vrksasana'), to: 0 })).toBe(
      '# Class\nTree, each side\nMountain\n## Main\nSun salutation x2\nCobra, 3x',
    );
  });

  test('a salutation’s step moves, and goes, with the whole of it', () => {
    expect(done({ do: 'move', index: 3, to: 2 })).toBeNull();
    expect(done({ do: 'remove', index: 3 })).toBe('# Class\nMountain\n## Main\nTree, each side\nCobra, 3x');
  });

  test('something is put in after it, called otherwise or noted', () => {
    expect(done({ do: 'insert', index: 0, text: 'Chair pose' })).toMatch(/Mountain\nChair pose\n## Main/);
    expect(done({ do: 'name', index: at('vrksasana'), name: 'Warrior III' })).toMatch(/\nWarrior III, each side\n/);
    expect(done({ do: 'note', index: 0, note: 'feet wide' })).toMatch(/Mountain \/\/ feet wide/);
    expect(done({ do: 'dose', index: 0, by: 1 })).toMatch(/Mountain, \d+ breaths/);
  });

  test('one that isn’t there changes nothing', () => expect(done({ do: 'remove', index: 99 })).toBeNull());
});

test('of several that share a time each gets its part, and one that is made longer is longer', () => {
  const read = (text: string) => notesReader(library)(text).sequence!.steps;
  const line = '(10 min) Warrior II > triangle > side angle, both sides';
  expect(read(line).map(({ dose, side }) => [dose, side])).toEqual(Array(3).fill([{ seconds: 100 }, 'both']));
  const edit = textEditOf(read(line), { do: 'dose', index: 1, by: 1 })!;
  expect(read(editText(line, edit))[1]!.dose).toEqual({ seconds: 105 });
  expect(read('5 br: Warrior II, triangle').map(({ dose }) => dose)).toEqual(Array(2).fill({ breaths: 5 }));
  expect(read('Warrior II 5 br, triangle 3 br').map(({ dose }) => dose)).toEqual([{ breaths: 5 }, { breaths: 3 }]);
});
