import { library } from '../asanas/all.js';
import { partBalls } from '../body/parts.js';
import { pointOn, type PlacedBody } from '../body/skeleton.js';
import { solver } from '../planning/adapt.fixture.js';
import { strapIn } from './strap.js';

const placedOf = (form: string): PlacedBody => {
  const [asana, variation] = form.split('/') as [string, string | undefined];
  return solver.form(asana, variation).ends.at(-1)!.solved.placed;
};
/** How near a strap comes to a part, in cm. */
function gap(placed: PlacedBody, part: 'hand' | 'ball', side: 'left' | 'right'): number {
  const { segment, local } = partBalls(placed.body, part, side)[0]!;
  const place = pointOn(placed, segment, local);
  return Math.min(...strapIn(placed).flatMap(({ balls }) => balls.map(({ at }) => Math.hypot(...at.map((cm, i) => cm - place[i]! * 100)))));
}

test('whatever is held by a strap has one, and nothing else has', () => {
  for (const { id, variations } of library.asanas)
    for (const variation of variations) {
      const { placed } = solver.form(id, variation.id).ends.at(-1)!.solved;
      const holds = placed.contacts.some(({ on }) => on.kind === 'strap');
      expect([id, variation.id, strapIn(placed).length]).toEqual([id, variation.id, holds ? 1 : 0]);
    }
});

/** Common practice, no source: where a strap goes in each of these. */
test.each([
  ['supta-padangusthasana-1', 'ball', 'right'], ['supta-padangusthasana-3', 'ball', 'right'], ['krauncasana', 'ball', 'right'], ['anantasana', 'ball', 'right'],
  ['chair-hamstring-stretch/strap-round-the-foot', 'ball', 'right'], ['prone-quad-stretch', 'ball', 'right'],
  ['gomukhasana/strap-between-hands', 'hand', 'left'], ['gomukhasana/strap-between-hands', 'hand', 'right'], ['maricyasana-1/strap-between-hands', 'hand', 'left'],
] as const)('in %s it reaches the %s on the %s', (form, part, side) => expect(gap(placedOf(form), part, side)).toBeLessThan(1)); // prettier-ignore
