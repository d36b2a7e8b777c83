import { checkBody, sizeBody } from './anthropometry.js';
import { centreOfMass, massPoints } from './mass.js';
import { place, toState } from './skeleton.js';
import { readPosture } from './posture.js';

const standing = readPosture({ contacts: [] }, 'test');

/** Height of the centre of mass above the soles as a share of stature, arms down. */
function comShare(sex: 'f' | 'm', stature: number): number {
  const body = sizeBody({ stature, sex });
  const placed = place(body, toState(standing));
  const soles = body.length.thigh + body.length.shin + 0.065 * body.scale;
  return (centreOfMass(placed).at[2] + soles) / (stature / 100);
}

describe('masses (de Leva P. J Biomech 1996;29:1223-1230, table 4)', () => {
  test.each(['f', 'm'] as const)('the sixteen segments of %s add to the body within the rounding of the table', (sex) => {
    const sum = massPoints(sizeBody({ sex })).reduce((total, { mass }) => total + mass, 0);
    expect(sum).toBeGreaterThan(0.9998);
    expect(sum).toBeLessThan(1.0002);
  });

  test('sixteen mass points: head, three of the trunk, six of each side', () => {
    expect(massPoints(sizeBody({ sex: 'f' }))).toHaveLength(16);
  });

  test('a thigh weighs 14.78 % in women and 14.16 % in men', () => {
    expect(sizeBody({ sex: 'f' }).masses.thigh.mass).toBe(0.1478);
    expect(sizeBody({ sex: 'm' }).masses.thigh.mass).toBe(0.1416);
  });
});

// Croskey 1922 (0.562 m, 0.554 f), Palmer 1944, de Leva stacked (0.556, 0.554): 0.56; methods spread by 0.03. Values partly from memory.
test.each([
  ['f', 150],
  ['f', 165],
  ['m', 176],
  ['m', 200],
] as const)('standing, the centre of mass of %s at %i cm lies at 0.56 of stature', (sex, stature) => {
  expect(comShare(sex, stature)).toBeGreaterThan(0.54);
  expect(comShare(sex, stature)).toBeLessThan(0.58);
});

// Derived from de Leva: 5.9 cm (men), 5.1 cm (women) at 1.74 m.
test.each([
  ['f', 5.1],
  ['m', 5.9],
] as const)('arms overhead raise the centre of mass of %s by %f cm at 1.74 m', (sex, cm) => {
  const body = sizeBody({ sex, stature: 174 });
  const down = centreOfMass(place(body, toState(standing))).at[2];
  const up = centreOfMass(place(body, toState(readPosture({ arms: { shoulder: 180, plane: 90 }, contacts: [] }, 'test')))).at[2];
  // Our arms are Drillis-Contini's, a little longer than de Leva's own.
  expect(Math.abs((up - down) * 100 - cm)).toBeLessThan(0.9);
});

// Drillis R, Contini R. Body Segment Parameters, New York University report 1166-03, 1966, as fractions of stature.
test.each([
  ['shin', 0.246],
  ['thigh', 0.245],
  ['upperArm', 0.186],
  ['forearm', 0.146],
] as const)('length of %s is %f of stature', (segment, fraction) => {
  for (const stature of [120, 165, 200]) {
    const { length } = sizeBody({ stature });
    expect(length[segment] / (stature / 100)).toBeCloseTo(fraction, 2);
  }
});

describe('what is entered', () => {
  test.each([
    [{ stature: 80 }, 0],
    [{ stature: 79.9 }, 1],
    [{ stature: 17 }, 1],
    [{ stature: 230 }, 0],
    [{ stature: 231 }, 1],
    [{ mass: Number.NaN }, 1],
    [{ age: 2 }, 1],
    [{ stature: 17, mass: 5 }, 2],
  ])('%j has %i problems', (answers, count) => {
    expect(checkBody(answers)).toHaveLength(count);
  });

  test('a problem names field, value, range and unit', () => {
    expect(checkBody({ stature: 17 })).toEqual([{ field: 'stature', message: 'stature is 17; expected 80 to 230 cm' }]);
  });
});

// WHO growth reference 2007, median of girls and boys together; values from memory.
test.each([
  [3, 96, 14],
  [7, 121, 23],
  [10, 138, 32],
  [14, 161, 50],
])('a child of %i of whom nothing was measured is about %i cm tall and weighs %i kg', (age, cm, kg) => {
  const { statureCm, massKg } = sizeBody({ age });
  expect(Math.abs(statureCm - cm)).toBeLessThan(1.5);
  expect(Math.abs(massKg - kg)).toBeLessThan(1.5);
  // What was measured counts.
  expect(sizeBody({ age, stature: 150, mass: 50 })).toMatchObject({ statureCm: 150, massKg: 50 });
});

test('whoever is grown has no age', () => expect(sizeBody({ age: 70 })).toEqual(sizeBody()));
