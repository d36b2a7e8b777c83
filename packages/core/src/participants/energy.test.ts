import { plan, person, sequence } from '../planning/adapt.fixture.js';
import { hasLittleEnergy, withEnergy } from './energy.js';

const TODAY = '2026-03-02';
const fresh = person('beginners classes=50 screen=allNo');
const tired = { ...fresh, ownLimits: withEnergy([], TODAY, true) };

// Facts of the trade (common practice, no source): whoever is tired stands and lies as ever, and jumps less.
test('with little energy what is strenuous is done more lightly on that day, and the rest as ever', () => {
  const given = sequence({ asana: 'phalakasana' }, { asana: 'tadasana' }, { asana: 'bhujangasana' }, { asana: 'savasana' });
  const verdictsOn = (today: string) => plan(given, tired, { today }).steps.map(({ verdict }) => verdict);
  expect(plan(given, fresh, { today: TODAY }).steps.map(({ verdict }) => verdict)).toEqual(verdictsOn('2026-03-03'));
  const [plank, ...gentle] = verdictsOn(TODAY);
  expect(['modify', 'substitute']).toContain(plank);
  expect(gentle).toEqual(verdictsOn('2026-03-03').slice(1));
});

test('it is told again each day, taken back as easily, and what others ask for stays', () => {
  const clinician = { measure: 'met', bound: '<= 4', grade: 'avoid', reason: 'Op', by: 'Dr Ekre' } as const;
  const told = withEnergy([clinician], TODAY, true);
  expect([hasLittleEnergy(told, TODAY), hasLittleEnergy(told, '2026-03-03')]).toEqual([true, false]);
  expect(withEnergy(told, '2026-03-09', true)).toHaveLength(2);
  expect(withEnergy(told, TODAY, false)).toEqual([clinician]);
});
