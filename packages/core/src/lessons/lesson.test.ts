import { library } from '../asanas/all.js';
import { isForChildren } from '../asanas/library.js';
import { AGE_GROUPS, ageGroup } from './age-groups.js';
import { BALANCE_CALLS, BETWEEN_DESKS, BREATHS, DESK_STORIES, HOME, MANNER, STORIES } from './lesson-content.js';
import { lessonFor, lessonProblem, type LessonAsked } from './lesson.js';

const lesson = (asked: Partial<LessonAsked> = {}) => lessonFor(library, { age: 7, minutes: 20, space: 'mats', ...asked });

test('everything that is told of is in the library, and no child stands on the head', () => {
  const told = [
    ...STORIES.flatMap(({ steps }) => steps), ...BETWEEN_DESKS, ...DESK_STORIES.flatMap(({ steps }) => steps), ...AGE_GROUPS.flatMap((group) => BREATHS[group]), ...BALANCE_CALLS, ...HOME,
  ].flatMap(({ asana }: { readonly asana?: string }) => asana ?? []); // prettier-ignore
  for (const id of told) {
    expect(library.find(id)?.id).toBe(id);
    expect(library.get(id).base === 'inverted' && !isForChildren(library.get(id))).toBe(false);
  }
  for (const { asana, variation } of [...BETWEEN_DESKS, ...DESK_STORIES.flatMap(({ steps }) => steps)])
    if (variation) expect(library.get(asana).variations.map(({ id }) => id)).toContain(variation);
  expect(BALANCE_CALLS.map(({ parts }) => parts).join()).not.toMatch(/head|neck/);
});

test.each([4, 5, 7, 10, 15])('age %i: parts in their order fill the minutes, with an opening, a rest and a thought', (age) => {
  for (const space of ['mats', 'hall', 'desks'] as const) {
    for (const minutes of age < 6 ? [5, 10, 20] : [5, 10, 17, 20, 30, 45]) {
      const { parts } = lesson({ age, minutes, space });
      expect(Math.abs(parts.reduce((sum, part) => sum + part.minutes, 0) - minutes)).toBeLessThanOrEqual(1);
      expect(parts.map(({ kind }) => kind)).toEqual(expect.arrayContaining(['opening', 'rest', 'thought']));
      for (const { say } of parts) {
        expect(say.length).toBeGreaterThan(0);
        expect(say.join(' ')).not.toMatch(/[{}]|undefined/);
      }
    }
  }
});

test('what is held suits the age, and every balance has an easier way', () => {
  const { steps } = lesson({ age: 5 }).parts.find(({ kind }) => kind === 'loop')!;
  for (const { seconds } of steps) expect(seconds).toBeLessThanOrEqual(MANNER['4-5'].hold);
  const balances = AGE_GROUPS.flatMap((_, i) => ['a', 'b', 'c', 'd'].flatMap((theme) => lesson({ age: [5, 7, 10, 14][i]!, theme }).parts.flatMap((part) => part.steps))); // prettier-ignore
  const tree = balances.filter(({ asana }) => /tree|flamingo|vrksasana/.test(asana));
  expect(tree.length).toBeGreaterThan(0);
  for (const { easier } of tree) expect(easier).not.toBeNull();
});

test('between desks nobody goes to the floor', () => {
  const floor = ['seated-floor', 'supine', 'prone', 'side-lying', 'all-fours', 'kneeling'];
  const { parts } = lesson({ space: 'desks' });
  expect(parts.flatMap(({ steps }) => steps).length).toBeGreaterThan(2);
  for (const theme of ['', 'sea', 'forest', 'snow', 'x'])
    for (const age of [5, 7, 10, 14]) {
      const all = lesson({ age, theme, space: 'desks' }).parts;
      for (const { asana } of all.flatMap(({ steps }) => steps)) expect(floor).not.toContain(library.get(asana).base);
      const said = all.flatMap(({ say }) => say);
      expect(said.join(' ')).not.toMatch(/\bmats?\b|on your back|lie down|roll over|walk with/i);
    }
  expect(parts.find(({ kind }) => kind === 'rest')!.steps).toMatchObject([{ asana: 'chair-forward-fold', variation: 'table' }]);
});

test.each(['mats', 'hall', 'desks'] as const)('a story is told, on its subject or on what belongs to it: %s', (space) => {
  const story = (theme: string) =>
    lesson({ space, theme })
      .parts.find(({ kind }) => kind === 'story')!
      .say.join(' ');
  expect(story('sea')).toMatch(/\b(whale|ship|boat|wave|seal)/i);
  expect(story('night')).toMatch(/\b(night|moon|star|midnight|lantern)/i);
  expect(story('The sea, and us')).toMatch(/\b(whale|ship|boat|wave|seal)/i);
  expect(story('')).toMatch(/\w/);
});

test('a subject runs through the lesson', () => {
  const said = (kind: string) =>
    lesson({ age: 7, minutes: 30, theme: 'sea' })
      .parts.find((part) => part.kind === kind)!
      .say.join(' ');
  expect(said('breath')).toMatch(/wave/i);
  expect(said('game')).toMatch(/otter|seal|shell|\d!/i);
});

test('the same word gives the same lesson; a word of a story finds it', () => {
  expect(lesson({ theme: 'whale' })).toEqual(lesson({ theme: 'whale' }));
  expect(lesson({ theme: 'whale' }).parts.find(({ kind }) => kind === 'story')!.say[0]).toMatch(/Whale/);
});

test('for the youngest sides are places of the room', () => {
  const said = ['tree', 'x', 'y', 'z']
    .flatMap((theme) => lesson({ age: 4, theme }).parts.find(({ kind }) => kind === 'pose')!.say)
    .join(' ');
  expect(said).not.toMatch(/\b(left|right) (foot|hand|leg)/);
});

test.each([
  [{ age: 3 }, /4 to 17/],
  [{ age: 5, minutes: 30 }, /at most 20/],
  [{ minutes: 4 }, /5 to 60/],
  [{ children: 0 }, /1 to 40/],
])('%j can’t be', (asked, told) => expect(lessonProblem({ age: 7, minutes: 20, space: 'mats', ...asked })).toMatch(told));

test('about eight children to one grown-up at four, eighteen as teens', () => {
  expect([lesson({ age: 4, minutes: 10, children: 17 }).adults, lesson({ age: 15, children: 17 }).adults]).toEqual([3, 1]);
  expect(ageGroup(8.9)).toBe('6-8');
});
