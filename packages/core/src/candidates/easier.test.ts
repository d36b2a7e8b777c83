import { FAMILIES, GRADINGS, NEVER_OFFERED } from '../asanas/easier-than.js';
import { library } from '../asanas/all.js';
import { gradeOf, mayStandIn, rankAmongEasier, stepsDown } from './easier.js';

const ASANAS = new Map(library.asanas.map((asana) => [asana.id, asana]));
/** An asana's form by `asana` or `asana/variation`. */
function form(name: string) {
  const [id, variation] = name.split('/');
  const asana = ASANAS.get(id!)!;
  return { asana, variation: variation ? asana.variations.find((one) => one.id === variation)! : asana.variations[0]! };
}

test('every name in the table is an asana, a form of one or a family', () => {
  const isKnown = (name: string) => {
    const [id, variation] = name.split('/');
    const asana = ASANAS.get(id!);
    if (!asana) return false;
    const ways = [...asana.variations, ...asana.listVariations].map((one) => one.id);
    return variation === undefined || ways.includes(variation);
  };
  const unknown = Object.entries(GRADINGS).flatMap(([id, { easier, elsewhere = [], never }]) =>
    [id, ...easier, ...elsewhere, ...never.filter((name) => !(name in FAMILIES))].filter((name) => !isKnown(name)),
  );
  expect(unknown).toEqual([]);
  expect(NEVER_OFFERED.filter((family) => !(family in FAMILIES))).toEqual([]);
});

test('each step down asks no more skill, no more effort and has no exposure that the asana lacks', () => {
  const harder = Object.entries(GRADINGS).flatMap(([id, { easier }]) => {
    const asana = ASANAS.get(id)!;
    if (asana.variations.length === 0) return [];
    const asked = gradeOf(asana, asana.variations[0]!)!;
    return easier.flatMap((name) => {
      const { asana: other, variation } = form(name);
      if (!variation) return [];
      const offered = gradeOf(other, variation)!;
      const added = [...offered.exposure].filter((one) => !asked.exposure.has(one));
      return offered.skill > asked.skill || offered.effort > asked.effort || added.length > 0 ? [`${id}: ${name} ${added.join()}`] : [];
    });
  });
  // Two forms are another asana that bends deeper; whoever asks for the straight one isn't offered them.
  expect(harder).toEqual([
    'utthita-hasta-padangusthasana: utthita-hasta-padangusthasana/knee-bent deep-knee,deep-hip',
    'ninety-ninety: ninety-ninety/feet-on-floor-wide end-range-flexion',
  ]);
});

// Facts of the trade (common practice, no source).
test.each([
  ['bakasana', 'sirsasana'],
  ['adho-mukha-vrksasana', 'sirsasana'],
  ['sirsasana', 'bakasana'],
  ['wall-push-up', 'forearm-plank'],
  ['supine-twist-knees-together', 'parivrtta-trikonasana'],
])('in place of %s nobody is offered %s', (asked, other) => {
  expect(mayStandIn(library, form(asked), form(other))).toBe(false);
});

test('steps down come in the order of the table', () => {
  const { asana } = form('setu-bandhasana');
  const ranks = stepsDown(library, asana).map((other) => rankAmongEasier(library, asana, other, other.variations[0]!));
  const known = ranks.filter((rank) => rank !== null);
  expect(known.length).toBeGreaterThan(1);
  expect(known).toEqual([...known].sort((a, b) => a - b));
});
