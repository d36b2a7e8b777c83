import type { StepJson } from '@lotus-steady/core';
import type { ClassScore } from '../../worker/answers.js';
import type { Picture } from '../../worker/figure-cache.js';
import type { ScoreStep } from '../../worker/score-steps.js';
import { taughtOf } from './taught.js';

const picture = (key: string): Picture => ({ key, widthCm: 50, heightCm: 170 });
const drawn = (given: string, adapted: string | null = null): ScoreStep =>
  ({ given: picture(given), adapted: adapted === null ? null : picture(adapted) }) as ScoreStep;
const step = (asana: string | null, seconds: number, changes: readonly string[] = [], ways: StepJson['ways'] = []): StepJson =>
  ({
    verdict: asana === null ? 'omit' : 'keep',
    to: asana === null ? null : { asana, variation: 'plain', name: asana, changes, figure: `${asana}/plain` },
    seconds,
    side: 'none',
    ways,
  }) as unknown as StepJson;
const person = (steps: StepJson[], decision = 'practise') => ({ steps, screening: { decision } });

const klass = (participants: ReturnType<typeof person>[], staves: ClassScore['staves']): ClassScore =>
  ({ answer: { participants }, staves, given: [] }) as unknown as ClassScore;

test('one person alone: the adapted figure where there is one, nobody named', () => {
  const score = klass([person([step('tree', 30), step('dog', 20)])], [{ people: [0], steps: [drawn('tree'), drawn('dog', 'chair dog')] }]);
  const [tree, dog] = taughtOf(score, ['Ann']);
  expect(tree!.figures).toMatchObject([{ picture: picture('tree'), name: 'tree', who: [] }]);
  expect(dog!.figures).toMatchObject([{ picture: picture('chair dog') }]);
});

describe('a class', () => {
  const names = ['Ann', 'Ben', 'Cem', 'Dora'];
  const score = klass(
    [
      person([step('tree', 30), step('dog', 20)]),
      person([step('tree', 45), step('chair-dog', 25)]),
      person([step('tree', 30), step('dog', 20)]),
      person([step('chair-tree', 90), step('dog', 20)], 'refer'),
    ],
    [
      { people: [0, 2], steps: [drawn('tree'), drawn('dog')] },
      { people: [1], steps: [drawn('tree'), drawn('dog', 'chair dog')] },
      { people: [3], steps: [drawn('tree', 'chair tree'), drawn('dog')] },
    ],
  );
  const [tree, dog] = taughtOf(score, names);

  test('stands together where staves show the same', () => {
    expect(tree!.figures.map(({ name, who }) => [name, who])).toEqual([['tree', ['Ann', 'Cem', 'Ben']]]);
  });

  test('shows the figure of the most first, the others with their names', () =>
    expect(dog!.figures.map(({ name, who }) => [name, who])).toEqual([
      ['dog', ['Ann', 'Cem']],
      ['chair-dog', ['Ben']],
    ]));

  test('leaves out whoever may not practise today', () => expect(JSON.stringify([tree, dog])).not.toMatch(/Dora|chair-tree/));

  test('tells what only some of a figure change beside their names', () => {
    const some = klass(
      [person([step('dog', 20, ['hands on a chair'])]), person([step('dog', 20, ['hands on a chair', 'hold 10 s'])])],
      [
        { people: [0], steps: [drawn('dog', 'chair dog')] },
        { people: [1], steps: [drawn('dog', 'chair dog')] },
      ],
    );
    expect(taughtOf(some, names)[0]!.figures).toMatchObject([{ changes: ['hands on a chair'], who: ['Ann', 'Ben (hold 10 s)'] }]);
  });

  test('goes on without whoever sits a step out, and skips what nobody does', () => {
    const out = klass(
      [person([step(null, 0), step(null, 0)]), person([step('tree', 30), step(null, 0)])],
      [
        { people: [0], steps: [drawn('tree'), drawn('tree')] },
        { people: [1], steps: [drawn('tree'), drawn('tree')] },
      ],
    );
    const [first, second] = taughtOf(out, names);
    expect(first!.figures.map(({ who }) => who)).toEqual([['Ben']]);
    expect([second!.figures, second!.step.to]).toEqual([[], null]);
  });
});

test('who gets to a step another way is told with the way; of one person nobody is named', () => {
  const [kneel, roll] = (['split-squat', 'roll-to-side'] as const).map((way) => [{ way, say: `by ${way}` }]);
  const score = klass(
    [
      person([step('seat', 30, [], kneel)]),
      person([step('seat', 30)]),
      person([step('seat', 30, [], kneel)]),
      person([step('lie', 30, [], roll)]),
    ],
    [0, 1, 2, 3].map((one) => ({ people: [one], steps: [drawn('seat')] })),
  );
  expect(taughtOf(score, ['Ann', 'Ben', 'Cem', 'Dora'])[0]!.getting).toEqual([
    { say: 'by split-squat', who: ['Ann', 'Cem'] },
    { say: 'by roll-to-side', who: ['Dora'] },
  ]);
  const alone = klass([person([step('seat', 30, [], kneel), step('lie', 20)])], [{ people: [0], steps: [drawn('seat'), drawn('lie')] }]);
  expect(taughtOf(alone, ['Ann']).map(({ getting }) => getting)).toEqual([[{ say: 'by split-squat', who: [] }], []]);
});
