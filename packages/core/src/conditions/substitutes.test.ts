import { person, plan, sequence } from '../planning/adapt.fixture.js';
import { library } from '../asanas/all.js';
import { CONDITIONS } from './all.js';
import { EVERY_SUBSTITUTE, namedSubstitutes, substitutesOf } from './substitutes.js';

test('each condition says what is done instead, in asanas of the library, never itself', () => {
  for (const { id } of CONDITIONS) {
    const pairs = [...substitutesOf(id)];
    expect([id, pairs.length > 0]).toEqual([id, true]);
    for (const [asana, instead] of pairs) {
      expect(() => [asana, ...instead].map((one) => library.get(one))).not.toThrow();
      expect([id, instead.includes(asana)]).toEqual([id, false]);
      expect(new Set(instead).size).toBe(instead.length);
    }
  }
});

test('several conditions: what any of them names', () => {
  const named = namedSubstitutes([{ id: 'glaucoma' }, { id: 'reflux' }]);
  expect(named.get('balasana')).toEqual(new Set(['chair-forward-fold', 'balasana-wide', 'savasana-chair']));
  expect(named.get('navasana')).toEqual(new Set(['wall-tree']));
  expect(EVERY_SUBSTITUTE.get('navasana')!.size).toBeGreaterThan(named.get('navasana')!.size);
});

// Where the smallest change alone would choose another (common practice, no source), as far as the person's limits allow it.
test.each([
  ['hypertension', 'sirsasana'],
  ['glaucoma', 'sarvangasana'],
  ['knee', 'balasana'],
  ['epilepsy', 'sirsasana'],
])('with %s, what it names goes before others: %s', (condition, asana) => {
  const { verdict, chosen } = plan(sequence({ asana, dose: { breaths: 3 } }), person(condition)).steps[0]!;
  expect(verdict).toBe('substitute');
  expect(substitutesOf(condition).get(asana)).toContain(chosen!.asana.id);
});
