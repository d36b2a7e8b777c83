import { library } from '../asanas/all.js';
import { BodySolver } from '../solving/body-solver.js';
import { sizeBody } from './anthropometry.js';
import { headSweep, measurePosture } from './measure.js';
import { readPosture } from './posture.js';
import { solve } from './solve.js';

const anyone = new BodySolver(library);
const end = (asana: string, variation: string | null = null) => anyone.form(asana, variation).ends[0]!;

describe('twist in the knee', () => {
  const sitting = (hipRotation: number, knee: number, contact = 'ankle>floor') =>
    measurePosture(
      solve(
        sizeBody(),
        readPosture({ legs: { hipFlexion: 80, hipAbduction: 30, hipRotation, knee }, contacts: ['sitbone>floor', contact] }, 'sitting'),
      ),
    ).values.kneeRotation;

  test('a straighter knee lets the shin turn with the foot', () => expect(sitting(70, 40)).toBe(0));

  // Common practice, no source: lotus twists the knee most, sitting between the heels too; kneeling and squatting don't.
  test('lotus > pigeon > tree, and sitting on the heels has none', () => {
    const of = (asana: string) => end(asana).measured.values.kneeRotation!;
    expect(of('padmasana')).toBeGreaterThan(of('eka-pada-rajakapotasana'));
    expect(of('eka-pada-rajakapotasana')).toBeGreaterThan(of('vrksasana'));
    expect(of('virasana')).toBeGreaterThan(0);
    expect(of('vajrasana')).toBe(0);
  });
});

test.each([
  ['an open hand', 'tadasana', null, 0],
  ['a strap held', 'chair-hamstring-stretch', 'strap-round-the-foot', 1],
  ['a foot pulled', 'dhanurasana', null, 2],
] as const)('grip: %s', (_name, asana, variation, grade) => {
  const found = library.find(asana);
  if (!found) throw new Error(`no ${asana}`);
  expect(end(asana, variation).measured.values.gripForce).toBe(grade);
});

describe('how far the head turns against gravity', () => {
  const placed = (asana: string) => end(asana).solved.placed;
  test('not at all from a posture to itself', () => expect(headSweep(placed('tadasana'), placed('tadasana'))).toBeCloseTo(0, 3));
  test('about a right angle from standing to lying on the back', () => {
    expect(headSweep(placed('tadasana'), placed('savasana'))).toBeGreaterThan(70);
    expect(headSweep(placed('tadasana'), placed('savasana'))).toBeLessThan(110);
  });
  // Conditions' own estimate for a fold is 170 degrees.
  test('nearly upside down into a fold, the same on the way back', () => {
    const there = headSweep(placed('tadasana'), placed('uttanasana'));
    expect(there).toBeGreaterThan(120);
    expect(headSweep(placed('uttanasana'), placed('tadasana'))).toBeCloseTo(there, 6);
  });
});

// Facts of geometry: the hand is overhead in both, and in one of them the arm lies on the floor.
test('an arm is above the heart where it is held up, not where it rests overhead', () => {
  const of = (asana: string) => end(asana).measured.values;
  for (const asana of ['urdhva-hastasana', 'virabhadrasana-1', 'trikonasana'])
    expect([asana, of(asana).elbowAboveHeart! > 20]).toEqual([asana, true]);
  for (const asana of ['balasana', 'adho-mukha-svanasana', 'uttanasana']) {
    expect([asana, of(asana).shoulderElevation! > 120]).toEqual([asana, true]);
    expect([asana, of(asana).elbowAboveHeart! < 0]).toEqual([asana, true]);
  }
  expect(Math.abs(of('tadasana').elbowAboveHeart!)).toBeLessThan(25);
});

// Facts of the trade: out of an upward dog one lowers the hips, out of a handstand one falls.
test('a height to fall from is one from which nobody just sinks down', () => {
  const of = (asana: string) => end(asana).measured.values.fallHeight;
  for (const asana of ['urdhva-mukha-svanasana', 'phalakasana', 'bhujangasana', 'navasana']) expect([asana, of(asana)]).toEqual([asana, 0]);
  for (const asana of ['bakasana', 'sirsasana', 'adho-mukha-vrksasana', 'vasisthasana'])
    expect([asana, of(asana)! > 40]).toEqual([asana, true]);
});
