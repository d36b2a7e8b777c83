import { library } from '../asanas/all.js';
import { sayInEnglish } from '../messages/message.js';
import { anybody, type Participant } from '../participants/participant.js';
import { person, plan, sequence } from '../planning/adapt.fixture.js';
import { personJson } from '../planning/json.js';
import { waysBetween, WAYS, type Level, type WayId } from '../sequence/ways.js';

const LEVELS: readonly Level[] = ['up', 'floor', 'supine'];
const disc = person('lumbar-disc phase=acute surgery=none');
const down = (who: Participant, way: WayId | null = null) =>
  plan(sequence({ asana: 'tadasana' }, { asana: 'makarasana', way }), who).steps[1]!;

describe('between levels', () => {
  test('staying needs no way; each hop has an ordinary way and gentler ones, all known', () => {
    for (const from of LEVELS)
      for (const to of LEVELS) {
        const hops = waysBetween(from, to);
        expect(hops.length === 0).toBe(from === to || (from === 'floor' && to === 'floor'));
        for (const hop of hops) {
          expect(hop.length).toBeGreaterThan(1);
          for (const way of hop) expect(Object.keys(WAYS)).toContain(way);
        }
      }
  });

  test('from lying on the back to standing are two hops: over the side, then up', () => {
    expect(waysBetween('supine', 'up').map(([first]) => first)).toEqual(['sit-up', 'fold-up']);
  });
});

describe('a way that nobody asked for', () => {
  test('is the one that most would take where nothing stands against it, and is not told', () => {
    expect(down(anybody('p')).chosen).toMatchObject({ ways: [], wayIn: null });
  });

  test('is the gentlest other one where a limit bars it: told beside the verdict, never part of it', () => {
    const { verdict, chosen, reasons } = down(disc);
    expect([verdict, reasons]).toEqual(['keep', []]);
    expect(chosen!.ways).toEqual(['split-squat']);
    expect(chosen!.wayIn!.reasons.some(({ measure }) => measure === 'lumbarFlexion')).toBe(true);
    expect(chosen!.changes.map(sayInEnglish).join()).not.toMatch(/squat/);
  });

  test('a chair is part of a way only where there is one', () => {
    const sore = person('lumbar-disc phase=acute surgery=none', 'knee kind=oa painNow=5 flexionLimit=80');
    const withChair = down(sore).chosen!.ways;
    const without = down({ ...sore, props: { ...sore.props, chair: 0 } }).chosen!.ways;
    expect(without).not.toContain('with-chair');
    expect(withChair.length).toBeGreaterThan(0);
    expect(without.length).toBeGreaterThan(0);
  });
});

describe('a way that is written', () => {
  test('stays where it is allowed', () => {
    expect(down(anybody('p'), 'roll-up').chosen!.ways).toEqual(['roll-up']);
  });

  test('is replaced where a limit bars it, and then it is part of the verdict', () => {
    const { verdict, chosen, reasons } = down(disc, 'fold-down');
    expect(verdict).toBe('modify');
    expect(chosen!.asana.id).toBe('makarasana');
    expect(chosen!.ways).not.toContain('fold-down');
    expect(reasons.some(({ where }) => where === 'transition')).toBe(true);
  });

  test('whoever needs an easier form steps back instead of jumping into it', () => {
    const jumped = (who: Participant) => plan(sequence({ asana: 'uttanasana' }, { asana: 'chaturanga', way: 'jump-back' }), who).steps[1]!;
    expect(jumped(anybody('p')).chosen!.ways).toEqual(['jump-back']);
    const other = jumped(person('wrist kind=sprain weeksSince=6 extensionFree=40 painNow=4'));
    expect(other.chosen?.ways ?? []).not.toContain('jump-back');
  });
});

// Facts of the trade: one kneels down by a foot back and rises by a foot forward; one lies down over the side and comes up over it.
test('a way is told in the direction in which it is gone', () => {
  const told = (from: string, to: string) =>
    personJson(plan(sequence({ asana: from }, { asana: to }), disc))
      .steps[1]!.ways.map(({ say }) => say)
      .join('; ');
  expect(told('tadasana', 'makarasana')).toMatch(/one foot back/);
  expect(told('makarasana', 'tadasana')).toMatch(/one foot forward.* rise/);
  expect(told('makarasana', 'savasana')).toMatch(/on to the back/);
  expect(told('savasana', 'makarasana')).toMatch(/push up/);
});

test('every way names its words', () => {
  for (const way of Object.keys(WAYS) as WayId[]) expect(sayInEnglish({ id: `way.${way}.told` })).toMatch(/\w/);
  expect(library.find('tadasana')).not.toBeNull();
});
