import { solver } from '../planning/adapt.fixture.js';
import { COST } from '../plan/cost.js';
import { headDrop, levelChange, levelMismatchCost, standOf, STANDS, usualWaySeconds } from './entry-cost.js';

const end = (asana: string, variation: string | null = null) => solver.form(asana, variation).ends[0]!;
const [standing, lying, kneeling, prone, sitting] = [
  end('tadasana'),
  end('savasana'),
  end('vajrasana'),
  end('makarasana'),
  end('sukhasana'),
];

test('each place that a body may be in has a number of its own', () => {
  const stands = [standing, lying, kneeling, prone].map(standOf);
  for (const stand of stands) {
    expect(stand).toBeGreaterThanOrEqual(0);
    expect(stand).toBeLessThan(STANDS);
  }
  expect(new Set(stands).size).toBe(4);
  expect(standOf(sitting)).toBe(standOf(kneeling));
});

test('lying down in a standing row costs, and getting up in a lying one; the same level costs nothing', () => {
  const row = solver.form('virabhadrasana-2');
  expect(levelMismatchCost(row, standOf(standing), standOf(standing))).toBe(0);
  expect(levelMismatchCost(row, standOf(kneeling), standOf(standing))).toBe(COST.otherLevel);
  expect(levelMismatchCost(row, standOf(lying), standOf(standing))).toBe(COST.otherLevel + COST.lyingDown);
});

test('where the class lies already, lying takes nothing apart', () => {
  const twist = solver.form('ardha-matsyendrasana');
  expect(levelMismatchCost(twist, standOf(lying), standOf(lying))).toBe(0);
  expect(levelMismatchCost(twist, standOf(lying), standOf(standing))).toBeGreaterThan(0);
});

test('a rest is lain down for, wherever the class stood', () => {
  const rest = solver.form('savasana');
  expect(levelMismatchCost(rest, standOf(standing), standOf(standing))).toBe(COST.otherLevel + COST.lyingDown);
  expect(levelMismatchCost(rest, standOf(lying), standOf(standing))).toBe(0);
});

test('a rise is counted upwards alone, the head both ways; from nowhere there is none', () => {
  expect(levelChange(lying, standing)).toBeGreaterThan(60);
  expect(levelChange(standing, lying)).toBe(0);
  expect(levelChange(null, standing)).toBe(0);
  const fold = end('uttanasana');
  expect(headDrop(standing, fold)).toBeCloseTo(headDrop(fold, standing), 9);
  expect(headDrop(standing, fold)).toBeGreaterThan(40);
  expect(headDrop(null, fold)).toBe(0);
});

test('getting up takes twice as long as turning over', () => {
  expect(usualWaySeconds(lying, standing)).toBe(2 * usualWaySeconds(sitting, kneeling));
  expect(usualWaySeconds(end('uttanasana'), standing)).toBe(usualWaySeconds(lying, standing));
});
