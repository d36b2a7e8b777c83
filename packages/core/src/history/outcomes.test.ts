import { library } from '../asanas/all.js';
import { outcomes } from './outcomes.js';
import type { PastClass } from './past-class.js';

const past = (day: string, part: Partial<PastClass> = {}): PastClass => ({
  day,
  present: true,
  before: {},
  after: {},
  felt: null,
  marks: [],
  decided: [],
  ...part,
});
const stopped = { asana: 'eka-pada-rajakapotasana', variation: 'plain', side: 'left', mark: 'stopped' } as const;

test('nothing is said where nothing was noted', () => {
  expect(outcomes([], library)).toBeNull();
  expect(outcomes([past('2026-05-04', { present: false })], library)).toBeNull();
});

test('what was told before and after, how they went home, and where they stopped', () => {
  const { lines } = outcomes(
    [
      past('2026-05-18', { before: { pain: 5 }, after: { pain: 2 }, felt: 'better', marks: [stopped] }),
      past('2026-05-04', { before: { pain: 6 }, after: { pain: 6 }, felt: 'same', marks: [stopped, { ...stopped, mark: 'fine' }] }),
      past('2026-05-11', { before: { pain: 3 }, after: { pain: 5 }, felt: 'worse' }),
      past('2026-05-25', { present: false }),
    ],
    library,
  )!;
  expect(lines.slice(0, 4)).toEqual([
    'Took part in 3 of 4 classes, from 4 May 2026 to 18 May 2026',
    'Pain, 0 to 10, median of 3 classes: 5 before, 5 after; clearly less in 1, clearly more in 1',
    'Went home worse 1, the same 1, better 1',
    'Stopped or had pain in: Pigeon (2 times)',
  ]);
});

test('its words come from the catalogue of a language', () => {
  const section = outcomes([past('2026-05-04', { felt: 'better' })], library, ({ id }) => `<${id}>`)!;
  expect(section).toEqual({ heading: '<note.classes>', lines: ['<note.took-part>', '<note.felt>', '<note.change-counts>'] });
});

test('left compared with right is told as often as it was asked', () => {
  const classes = (['left', 'alike', 'left', null] as const).map((harder, i) => past(`2026-05-0${i + 1}`, { harder }));
  expect(outcomes(classes, library)!.lines).toContain('Left compared with right: left harder 2, both alike 1');
  expect(outcomes([past('2026-05-04')], library)!.lines.join()).not.toMatch(/compared/);
});

test('where it hurt is told once a class, the place that was named most often first', () => {
  const classes = [
    past('2026-05-04', { before: { pain: 3, where: 'knees' }, after: { pain: 4, where: 'low-back' } }),
    past('2026-05-11', { before: { pain: 2, where: 'low-back' }, after: { pain: 1, where: 'low-back' } }),
  ];
  expect(outcomes(classes, library)!.lines).toContain('Where it hurt: low back 2, knees 1');
  expect(outcomes([past('2026-05-04', { before: { pain: 3 } })], library)!.lines.join()).not.toMatch(/Where/);
});

test('a scale that was told on one side only is not compared', () => {
  const { lines } = outcomes([past('2026-05-04', { before: { pain: 5, ease: 4 }, after: { ease: 6 } })], library)!;
  expect(lines.join()).not.toMatch(/Pain,/);
  expect(lines.join()).toMatch(/Ease, 0 to 10, median of 1 class: 4 before, 6 after/);
});

test('practice at home is told apart from classes', () => {
  const { lines } = outcomes(
    [
      past('2026-05-04'),
      past('2026-05-05', { atHome: true, before: { pain: 5 }, after: { pain: 2 } }),
      past('2026-05-06', { atHome: true }),
    ],
    library,
  )!;
  expect(lines[0]).toBe('Took part in 1 of 1 class, from 4 May 2026 to 4 May 2026');
  expect(lines).toContain('Practised at home on 2 days');
  expect(lines).toContain('Pain, 0 to 10, median of 1 day at home: 5 before, 2 after; clearly less in 1, clearly more in 0');
});
