import { library } from '../asanas/all.js';
import { traitsOf } from './traits.js';
import { withoutSign, writeNumbers } from '../numbers-as-text.js';
import { wordFeatures, WordModel, type WordTable } from './word-model.js';
import { WORD_TABLE } from './word-table.js';

/** Words with whole weights for meanings and traits, written as the table keeps them. */
function tableOf(
  words: Record<string, { own?: Record<string, number>; traits?: Record<string, number> }>,
  meanings: string[],
  traits: string[],
): WordTable {
  const rows = Object.values(words).map(({ own = {}, traits: shared = {} }) => [own, shared] as const);
  const listed = rows.flatMap(([own, shared]) => [
    Object.entries(own).map(([meaning, weight]) => [meanings.indexOf(meaning), weight] as const),
    Object.entries(shared).map(([trait, weight]) => [traits.indexOf(trait), weight] as const),
  ]);
  return {
    words: Object.keys(words).join('\n'),
    meanings,
    traits,
    step: 1,
    counts: writeNumbers(listed.map(({ length }) => length)),
    targets: writeNumbers(listed.flatMap((list) => list.map(([number], i) => number - (list[i - 1]?.[0] ?? 0)))),
    weights: writeNumbers(listed.flatMap((list) => list.map(([, weight]) => withoutSign(weight)))),
  };
}

const MEANINGS = ['vrksasana', 'savasana', 'marjaryasana', 'note'];
const sharesIn = (model: WordModel, stems: string[], around: string[] = []) =>
  Object.fromEntries(MEANINGS.map((meaning) => [meaning, Math.exp(model.logShares(stems, around)[model.numberOf(meaning)]!)]));

test('without a word that it knows all meanings are equally likely', () => {
  const model = new WordModel(library, tableOf({ tree: { own: { vrksasana: 3 } } }, MEANINGS, []));
  for (const share of Object.values(sharesIn(model, ['zzyzx']))) expect(share).toBeCloseTo(1 / 4, 10);
});

test('shares are a softmax of the sums over the root of the number of features', () => {
  const model = new WordModel(library, tableOf({ tree: { own: { vrksasana: 3, note: -2 } } }, MEANINGS, []));
  // "tree tall": the two words and their pair.
  const [up, down] = [Math.exp(3 / Math.sqrt(3)), Math.exp(-2 / Math.sqrt(3))];
  const shares = sharesIn(model, ['tree', 'tall']);
  expect(shares['vrksasana']).toBeCloseTo(up / (up + down + 2), 10);
  expect(shares['note']).toBeCloseTo(down / (up + down + 2), 10);
  expect(Object.values(shares).reduce((a, b) => a + b)).toBeCloseTo(1, 10);
});

test('a word of a trait speaks for every asana that has it, and for no other', () => {
  expect([...traitsOf(library.get('vrksasana'))]).toContain('one foot down');
  expect([...traitsOf(library.get('savasana'))]).not.toContain('one foot down');
  const model = new WordModel(library, tableOf({ balanc: { traits: { 'one foot down': 2 } } }, MEANINGS, ['one foot down']));
  const shares = sharesIn(model, ['balanc']);
  expect(shares['vrksasana']! / shares['savasana']!).toBeCloseTo(Math.exp(2 / Math.sqrt(2)), 10);
  expect(shares['savasana']).toBeCloseTo(shares['note']!, 10);
});

test('neighbours are a pair in either order, a line of one word says so, the class stands apart', () => {
  expect(wordFeatures(['cat', 'cow'], [])).toEqual(['cat', 'cow', 'cat cow']);
  expect(wordFeatures(['cow', 'cat'], [])).toContain('cat cow');
  expect(wordFeatures(['twist'], ['chair'])).toEqual(['twist', 'only twist', '@chair']);
  expect(wordFeatures([], [])).toEqual([]);
});

test('traits: what the figure shows', () => {
  const has = (id: string) => traitsOf(library.get(id));
  expect(has('chair-cat-cow')).toContain('base seated-chair');
  expect(has('chair-cat-cow')).toContain('moves');
  expect(has('chair-cat-cow')).toContain('hand on own thigh');
  expect(has('adho-mukha-svanasana')).toContain('folded');
  expect(has('ardha-matsyendrasana')).toContain('twisted');
  expect(has('ardha-matsyendrasana')).toContain('has sides');
  expect(has('viparita-karani')).toContain('uses wall');
  expect(has('box-breath')).toContain('breathing');
  expect(has('kids-cat')).toContain('for children');
  expect(has('savasana')).not.toContain('for children');
});

test("the fitted table: each meaning is the library's, each trait one that some asana has", () => {
  for (const meaning of WORD_TABLE.meanings)
    expect(library.find(meaning) !== null || ['way', 'repeat', 'note', 'heading', 'lacking'].includes(meaning)).toBe(true);
  const traits = new Set(library.asanas.flatMap((asana) => [...traitsOf(asana)]));
  for (const trait of WORD_TABLE.traits) expect(traits).toContain(trait);
});

// Descriptions that name no posture (common practice, no source): what the words of limbs and places speak for.
test.each([
  [['supin', 'knee', 'chest'], [], 'apanasana'],
  [['sit', 'twist'], ['chair'], 'chair-twist'],
])('the fitted table understands %j among %j', (stems, around, id) => {
  const model = new WordModel(library, WORD_TABLE);
  const shares = model.logShares(stems, around);
  const best = library.asanas.reduce((one, other) => (shares[model.numberOf(other.id)]! > shares[model.numberOf(one.id)]! ? other : one));
  expect(best.id).toBe(id);
});
