import { solver } from '../planning/adapt.fixture.js';
import { library } from '../asanas/all.js';
import { sayInEnglish } from '../messages/message.js';
import { notesReader } from '../notes/read-notes.js';
import { reviewOf, DIRECTIONS } from './review.js';
import { editText } from '../notes/edit-text.js';

const read = notesReader(library);
function review(text: string) {
  const { sequence, problems } = read(text);
  if (!sequence) throw new Error(problems.map(({ message }) => message).join());
  expect(sequence.unknown).toEqual([]);
  return reviewOf(solver, sequence);
}
const rules = (text: string) => review(text).findings.map(({ rule }) => rule);

/** A class to which nothing is to be said (common practice, no source). */
const WHOLE = `# Whole
Mountain, 5 breaths
Cat cow flow, 20x
Standing side bend, each side 3 breaths
Standing twist, each side 5 breaths
Cobra, 3x
Child's pose, 5 breaths
Savasana, 6 min`;

test('a class that is whole needs nothing', () => {
  const { findings, directions } = review(WHOLE);
  expect(findings).toEqual([]);
  for (const direction of DIRECTIONS) expect([direction, directions[direction] > 0]).toEqual([direction, true]);
});

/** Each rule: a text in which it speaks, and of which line (common practice, no source). */
const BROKEN: readonly (readonly [rule: string, what: string, text: string, line: number | null])[] = [
  ['sides', 'a warrior on one side only', WHOLE.replace('Cobra', 'Warrior II, right, 5 breaths\nCobra'), 6],
  ['sides', 'three breaths left, five right', WHOLE.replace('Cobra', 'Triangle left 3 breaths\nTriangle right 5 breaths\nCobra'), 6],
  ['directions', 'no side bend', WHOLE.replace(/Standing side.*\n/, ''), null],
  ['directions', 'no turn', WHOLE.replace(/Standing twist.*\n/, ''), null],
  ['counterpose', 'camel, and on to the twist', WHOLE.replace('Standing twist', 'Camel, 5 breaths\nStanding twist'), 5],
  ['twist', 'a twist at the very start', WHOLE.replace('Mountain, 5 breaths\n', 'Standing twist, each side 5 breaths\n').replace('Cobra, 3x', 'Cobra, 3x\nMountain, 5 breaths'), 2],
  ['warm-up', 'camel first', WHOLE.replace('Mountain, 5 breaths\nCat cow flow, 20x', "Camel, 5 breaths\nChild's pose, 5 breaths\nCat cow flow, 20x\nMountain, 5 breaths"), 2],
  ['calm', 'a boat after the long quiet', WHOLE.replace('Savasana, 6 min', 'Legs up the wall, 5 min\nBoat, 5 breaths\nSavasana, 6 min'), 9],
  ['wrists', 'three minutes of dog', WHOLE.replace('Standing side', 'Downward dog, 20 breaths\nStanding side'), 4],
  ['proportion', 'much rounding, little arching', WHOLE.replace('Cat cow flow, 20x', 'Seated forward fold, 5 min\nCat cow flow, 6x'), null],
  ['trips', 'down and up, three times', WHOLE.replace('Standing side', 'Tree, each side 5 breaths\nBridge, 5 breaths\nMountain, 3 breaths\nBoat, 3 breaths\nStanding side'), 2],
  ['rest', 'no rest at the end', WHOLE.replace(/\nSavasana.*/, ''), 7],
  ['rest', 'a rest of one minute', WHOLE.replace('6 min', '1 min'), 8],
]; // prettier-ignore

describe.each(BROKEN)('%s: %s', (rule, _what, text, line) => {
  test('is said, of its line', () => {
    const found = review(text).findings.filter((one) => one.rule === rule);
    expect(found.map((one) => one.line)).toEqual([line]);
    for (const { says, repair } of found)
      expect([says, repair.label].map(sayInEnglish)).toEqual([
        expect.stringMatching(/^[^{}]+\.$/),
        expect.stringMatching(/^[^{}]+[^.{}]$/),
      ]);
  });

  test('is mended by its one action, and the text is still understood', () => {
    const { repair } = review(text).findings.find((one) => one.rule === rule)!;
    expect(rules(editText(text, repair))).not.toContain(rule);
  });
});

test('a salutation changes legs by itself', () =>
  expect(rules('Cat cow flow 20x\nSun salutation x2\nSavasana 6 min')).not.toContain('sides'));

test('of an extreme what follows may be another of its kind, or the rest', () => {
  expect(rules(WHOLE.replace("Child's pose", "Camel, 5 breaths\nWheel, 3 breaths\nKnees to chest, 5 breaths\nChild's pose"))).not.toContain('counterpose');
}); // prettier-ignore

test('on a chair what is added is done on a chair', () => {
  const text = 'place: chair\nChair mountain, 5 breaths\nChair twist, each side 5 breaths';
  for (const { repair } of review(text).findings) if (repair.do === 'insert') expect(repair.text).toMatch(/chair/i);
});

test('an empty sequence says nothing', () => expect(review('# Nothing yet\n').findings).toEqual([]));

describe('a repair of the text', () => {
  test('takes over a bullet, but no number', () => {
    expect(editText('- Mountain\n- Savasana', { do: 'insert', after: 1, text: 'Tree' })).toBe('- Mountain\n- Tree\n- Savasana');
    expect(editText('1. Mountain', { do: 'insert', after: 1, text: 'Tree' })).toBe('1. Mountain\nTree');
  });

  test('moves a line up', () => expect(editText('a\nb\nc', { do: 'move', line: 3, after: 1 })).toBe('a\nc\nb'));

  test.each([
    ['Warrior II, right, 5 breaths', 'Warrior II, each side, 5 breaths'],
    ['Low lunge, right leg back, inhale', 'Low lunge, each side, inhale'],
    ['Triangle L', 'Triangle, each side'],
  ])('%s becomes both sides', (line, both) => expect(editText(line, { do: 'both-sides', line: 1 })).toBe(both));

  test.each([
    ['Savasana 90 s', 'Savasana, 5 min'],
    ['Savasana, 1 min', 'Savasana, 5 min'],
    ['Savasana', 'Savasana, 5 min'],
  ])('%s gets its dose', (line, dosed) => expect(editText(line, { do: 'dose', line: 1, dose: '5 min' })).toBe(dosed));
});
