import type { StepJson } from '@lotus-steady/core';
import { beatsOf } from './beats.js';

function step(part: Partial<StepJson>): StepJson {
  return { side: 'none', seconds: 30, to: { asana: 'a', variation: 'plain', name: 'A', changes: [] }, ...part } as StepJson;
}

test('a step on both sides is two beats of equal length, right first', () => {
  expect(beatsOf([step({ side: 'both', seconds: 60 })])).toEqual([
    { index: 0, side: 'right', seconds: 30 },
    { index: 0, side: 'left', seconds: 30 },
  ]);
});

test('what is left out is not taught; the others keep their place in the plan', () => {
  expect(beatsOf([step({ to: null, seconds: 0 }), step({ side: 'left' }), step({})])).toEqual([
    { index: 1, side: 'left', seconds: 30 },
    { index: 2, side: null, seconds: 30 },
  ]);
});
