import { adaptClass, anybody, BodySolverCache, classJson, library, notesReader, PlanningCache, readCondition } from '@lotus-steady/core';
import { disputesOf, limitsOfPosition, otherThan, placesApart } from './apart.js';

test('what practitioners disagree on comes from what someone has', () => {
  const disputes = disputesOf({ conditions: [{ id: 'glaucoma' }, { id: 'an-unknown-one' }] });
  expect(disputes.map(({ id }) => id)).toContain('glaucoma-dog');
  expect(disputesOf({ conditions: [] })).toEqual([]);
});

test('a position is set against another one', () => {
  const [dispute] = disputesOf({ conditions: [{ id: 'glaucoma' }] });
  expect(otherThan(dispute!, 'short')).toBe('none');
  expect(otherThan(dispute!, 'none')).toBe('short');
});

test('only steps that come out otherwise are shown', () => {
  const solvers = new BodySolverCache(library, 2);
  const sequence = notesReader(library)('mountain\ndownward dog, 2 breaths\nwarrior II').sequence!;
  const steps = (position: string) => {
    const conditions = [readCondition('glaucoma type=openAngle severity=early').answer];
    const participant = { ...anybody('p'), conditions, schools: { 'glaucoma-dog': position } };
    const plan = adaptClass([{ solver: solvers.of({}), participant }], sequence, { cache: new PlanningCache() });
    return classJson(sequence, plan).participants[0]!.steps;
  };
  expect(placesApart(steps('none'), steps('short'))).toEqual([1]);
  expect(placesApart(steps('none'), steps('none'))).toEqual([]);
});

test('a position is told by what it asks for', () => {
  const conditions = [readCondition('glaucoma type=openAngle severity=early').answer];
  const [dispute] = disputesOf({ conditions });
  const ids = (position: string) => limitsOfPosition(dispute!, position, conditions).map(({ limit }) => limit);
  expect(ids('short')).toContain('glaucoma/gla-03-early-short');
  expect(ids('none')).not.toContain('glaucoma/gla-03-early-short');
  expect(ids('none').length).toBeGreaterThan(0);
});
