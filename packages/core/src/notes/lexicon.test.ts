import { library } from '../asanas/all.js';
import { Lexicon, namesOf, type Agreement } from './lexicon.js';

const lexicon = new Lexicon(library);
const NOWHERE = new Set<string>();
const found = (text: string, surrounding: ReadonlySet<string> = NOWHERE) => lexicon.agreements(lexicon.query(text), 8, surrounding);
const idOf = ({ meaning }: Agreement) => (meaning.kind === 'asana' ? meaning.asana.id : meaning.kind);

test.each([
  ['brigde', 'setu-bandhasana'],
  ['catcow', 'marjaryasana'],
  ['bal asana', 'balasana'],
  ['Ushtrasana', 'ustrasana'],
  ['pidgeon', 'eka-pada-rajakapotasana'],
  ['parsvakon', 'parsvakonasana'],
  ['padm.', 'padmasana'],
  ['side beends', 'parsva-tadasana'],
  ['urdha danurasana', 'urdhva-dhanurasana'],
  ['snake brth', 'snake-breath'],
])('misspelt, run together, cut short: %s', (text, id) => expect(found(text).map(idOf)).toContain(id));

test('words that nothing holds are known as such', () => {
  const { words, known } = lexicon.query('zzyzx tree');
  expect(known).toBe(1);
  expect(words).toContain(-1);
});

test('the same words agree wholly, fewer of them less, others not', () => {
  const [exact] = found('downward dog');
  expect(exact).toMatchObject({ exact: true, best: expect.closeTo(1, 9) as number, explained: 1, held: 1, leftover: 0 });
  const more = found('downward dog with a purple hat').find((one) => idOf(one) === 'adho-mukha-svanasana')!;
  expect(more.exact).toBe(false);
  expect(more.best).toBeLessThan(1);
  expect(more.leftover).toBeGreaterThan(0);
});

test('what a name leaves over speaks against it: a revolved triangle is no triangle', () => {
  const all = found('revolved triangle');
  const leftover = (id: string) => all.find((one) => idOf(one) === id)?.leftover ?? 0;
  expect(idOf(all[0]!)).toBe('parivrtta-trikonasana');
  expect(leftover('trikonasana')).toBeGreaterThan(leftover('parivrtta-trikonasana'));
});

test('a phrase for one surrounding counts less in another', () => {
  const eagle = (surrounding: ReadonlySet<string>) => found('eagle', surrounding).find((one) => idOf(one) === 'chair-eagle-arms');
  expect(eagle(new Set(['chair']))!.best).toBeGreaterThan(eagle(NOWHERE)?.best ?? 0);
});

test('the variation that the words ask for, and none where they ask for none', () => {
  const asana = library.get('vrksasana');
  expect(lexicon.variation(lexicon.query('tree, hand on the wall'), asana)).toBe('hand-on-wall-or-chair');
  expect(lexicon.variation(lexicon.query('tree'), asana)).toBeNull();
});

test('one phrase left out is as if nobody had written it', () => {
  const { phrase } = lexicon.phrasesFor('bhramari').find(({ text }) => text === 'humming breath')!;
  const best = (without: number) =>
    lexicon.agreements(lexicon.query('humming breath'), 8, NOWHERE, without).find((one) => idOf(one) === 'bhramari')?.best ?? 0;
  expect(best(phrase)).toBeLessThanOrEqual(best(-1));
});

test('a bracketed addition to a Sanskrit name is none of its names', () => {
  expect(namesOf(library.get('phalakasana')).some((name) => name.includes('('))).toBe(false);
});
