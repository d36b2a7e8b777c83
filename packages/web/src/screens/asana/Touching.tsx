import { activeLimits, clearedConditions, CONDITIONS, MEASURES, roundMeasure, type Measure } from '@lotus-steady/core';
import { findConditionName } from '../../parts/condition-name.js';
import type { ForWhom } from '../../parts/use-for-whom.js';
import { today } from '../../worker/queries.js';
import type { VariationPage } from '../../worker/core.worker.js';

const GRADES = { avoid: 'not at all', modify: 'only when changed', watch: 'with care' } as const;

/** Limits whose measure this form has beyond their bound: of whom it is judged for, or of any condition in its cautious stages. */
export function Touching({ form, whom }: { form: VariationPage; whom: ForWhom | null }) {
  const limits = whom
    ? activeLimits(whom.participant.conditions, whom.participant.schools, clearedConditions(whom.participant.clearances, today()))
    : activeLimits(CONDITIONS.map(({ id }) => ({ id })));
  const values = form.ends.flatMap(({ measures }) => measures);
  const touching = limits.flatMap((limit) => {
    const { measure, bound, when } = limit.spec;
    if (measure === 'facing' || 'is' in bound || when) return [];
    const beyond = values
      .filter((one) => one.measure === measure)
      .map(({ value }) => roundMeasure(measure, value))
      .find(
        (value) =>
          ('atMost' in bound && value > bound.atMost) ||
          ('atLeast' in bound && value < bound.atLeast) ||
          ('equals' in bound && value !== bound.equals),
      );
    return beyond === undefined ? [] : [{ limit, measure: measure as Measure, value: beyond, bound }];
  });
  if (touching.length === 0)
    return <p className="text-soft">No limit {whom ? `of ${whom.name}` : 'of any condition'} is broken by its posture.</p>;
  return (
    <ul className="space-y-2">
      {touching.map(({ limit, measure, value, bound }) => (
        <li key={limit.id} className="border-l-2 border-ink pl-3">
          <strong>{findConditionName(limit.condition)}</strong>, {GRADES[limit.spec.grade]}: {MEASURES[measure].label} {value}{' '}
          {MEASURES[measure].unit === '1' ? '' : MEASURES[measure].unit}, allowed{' '}
          {'equals' in bound ? bound.equals : 'atMost' in bound ? `at most ${bound.atMost}` : `at least ${bound.atLeast}`}.{' '}
          <span className="text-soft">{limit.spec.reason}</span>
        </li>
      ))}
    </ul>
  );
}
