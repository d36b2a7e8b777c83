import { library, BodySolver } from '@lotus-steady/core';
import { asanaPage, entryOf } from './asana-page.js';

const solver = new BodySolver(library);
const page = (id: string, body = solver) => asanaPage(library, body, library.get(id));

test('an asana is shown with all its variations, each with what was computed for this body', () => {
  const dog = page('adho-mukha-svanasana');
  expect(dog.variations.map(({ id }) => id)).toEqual(library.get('adho-mukha-svanasana').variations.map(({ id }) => id));
  for (const { drawn, ends } of dog.variations) {
    expect(drawn).toHaveLength(ends.length);
    for (const { measures } of ends) expect(measures.every(({ value }) => Number.isFinite(value))).toBe(true);
  }
  const [plain] = dog.variations;
  const head = plain!.ends[0]!.measures.find(({ measure }) => measure === 'headBelowHeart')!;
  expect(head.value).toBeGreaterThan(5);
});

test('what bears is told by part and support, and carries the whole body where nothing else holds it', () => {
  const { loads } = page('adho-mukha-svanasana').variations[0]!.ends[0]!;
  expect(loads.map(({ part }) => part).sort()).toEqual(['leftBall', 'leftPalm', 'rightBall', 'rightPalm']);
  expect(loads.every(({ on }) => on === 'floor')).toBe(true);
  expect(loads.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 1);
});

test('another body has other measures of the same asana', () => {
  const heights = [150, 190].map((stature) => {
    const { ends } = page('tadasana', new BodySolver(library, { stature })).variations[0]!;
    return ends[0]!.measures.find(({ measure }) => measure === 'comHeight')!.value;
  });
  // The centre of mass stands at a good half of stature (Winter DA. Biomechanics and Motor Control, 2009).
  expect(heights[1]! - heights[0]!).toBeGreaterThan(15);
  expect(heights[1]! - heights[0]!).toBeLessThan(30);
});

test('substitutes and counterposes are entries of the library', () => {
  const { substitutes, counterposes } = page('ustrasana');
  for (const entry of [...substitutes, ...counterposes]) expect(entry).toEqual(entryOf(library.get(entry.id)));
  expect(substitutes.length).toBeGreaterThan(0);
});

test('a step list has its usual way first, and marks what stands in place of a step', () => {
  const list = library.asanas.find(({ steps, listVariations }) => steps.length > 0 && listVariations.length > 0)!;
  const { ways, variations } = page(list.id);
  expect(ways[0]!.name).toBe('As usually led');
  expect(ways[0]!.steps.map(({ id }) => id)).toEqual(list.steps.map(({ asana }) => asana));
  expect(ways[0]!.steps.some(({ differs }) => differs)).toBe(false);
  expect(ways).toHaveLength(1 + list.listVariations.length);
  expect(ways.slice(1).some(({ steps }) => steps.some(({ differs }) => differs))).toBe(true);
  expect(variations).toHaveLength(list.variations.length);
});

test('an asana of one form has no ways, and an entry tells its props', () => {
  expect(page('tadasana').ways).toEqual([]);
  const onChair = library.asanas.find(({ base, variations }) => base === 'seated-chair' && variations.length > 0)!;
  expect(entryOf(onChair).props).toContain('chair');
});
