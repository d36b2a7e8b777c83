import { headingOf, letteredSections, positionSections } from './heading.js';
import { stepKey } from './step-key.js';
import { usualStep } from './sequence.js';
import { library } from '../asanas/all.js';

test.each([
  ['# Morning', { level: 1, name: 'Morning' }],
  ['  ## On the floor ##', { level: 2, name: 'On the floor' }],
  ['-- standing --', { level: 2, name: 'standing' }],
  ['=== Rest ===', { level: 2, name: 'Rest' }],
  ['Tree -- each side', null],
  ['---', null],
  ['-- 3 x --', null],
])('%s', (line, heading) => expect(headingOf(line)).toEqual(heading));

describe('sections that are counted by letters', () => {
  const of = (text: string) => [...letteredSections(text.split('\n'))];

  test('are those from A on, each with lines under it', () =>
    expect(of('A. Lying\nbridge\nB. Standing\ntree\nC) Rest\nsavasana')).toEqual([
      [0, 'Lying'],
      [2, 'Standing'],
      [4, 'Rest'],
    ]));

  test.each([
    ['one alone', 'A. Lying\nbridge'],
    ['a gap', 'A. Lying\nbridge\nC. Rest\nsavasana'],
    ['steps that are counted themselves', 'A. Bridge\nB. Tree\nC. Rest'],
    ['one without a line', 'A. Lying\nbridge\nB. Rest'],
    ['doses', 'A. Bridge, 5x\nslow\nB. Tree 2 min\nslow'],
  ])('%s are none', (_name, text) => expect(of(text)).toEqual([]));
});

test('steps that ask for the same are one question, wherever they stand and whatever is noted beside them', () => {
  const step = usualStep(library.get('vrksasana'));
  expect(stepKey({ ...step, line: 9, text: 'Tree!', section: 'Standing', note: 'slow', of: 'x' })).toBe(stepKey(step));
  for (const other of [{ side: 'left' }, { dose: { breaths: 9 } }, { variation: 'plain' }, { retention: 3 }, { way: 'roll-up' }] as const)
    expect(stepKey({ ...step, ...other })).not.toBe(stepKey(step));
});

describe('sections by where their steps are done', () => {
  const of = (text: string) => [...positionSections(text.split('\n')).values()];

  test('stand above their steps', () =>
    expect(of('Standing w/ chair\nmarch\nsquat\nSeated:\nrow\nturn\nLying (plinth or bed)\nbridge\nheel slides')).toEqual([
      'Standing w/ chair',
      'Seated',
      'Lying (plinth or bed)',
    ]));

  test.each([
    ['one alone is a step', 'Mountain\nSeated\nrow\nturn'],
    ['so are those without lines of their own', 'Standing\nSeated\nLying\nbridge'],
    ['and what says more', 'Standing forward fold\nmarch\nsquat\nSeated twist\nrow\nturn'],
  ])('%s', (_what, text) => expect(of(text)).toEqual([]));
});
