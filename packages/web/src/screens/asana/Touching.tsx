import { activeLimits, CONDITIONS, describeBound, factsFrom, getOrCreate, judge, limitsFor, MEASURES } from '@lotus-steady/core';
import { allowed, amount } from '../../parts/amounts.js';
import { findConditionName } from '../../parts/condition-name.js';
import { GRADE_WORDS } from '../../parts/limit-words.js';
import type { ForWhom } from '../../parts/use-for-whom.js';
import { useToday } from '../../clock.js';
import type { VariationPage } from '../../worker/asana-page.js';
import { t } from '../../words/t.js';

/** Limits whose measure this form has beyond their bound: of whom it is judged for, or of any condition in its cautious stages. */
export function Touching({ form, whom }: { form: VariationPage; whom: ForWhom | null }) {
  const day = useToday();
  const limits = whom ? limitsFor(whom.participant, day) : activeLimits(CONDITIONS.map(({ id }) => ({ id })));
  const ends = form.ends.map(({ measures }) => factsFrom(Object.fromEntries(measures.map(({ measure, value }) => [measure, value]))));
  const touching = limits.flatMap((limit) => {
    const { measure, bound, when } = limit.spec;
    if (measure === 'facing' || 'is' in bound || when) return [];
    const broken = ends.map((facts) => judge(limit, facts)).find((judgement) => judgement?.is === 'broken');
    return broken?.is === 'broken' ? [{ limit, measure, value: broken.value, bound }] : [];
  });
  // Two rows of one condition may bar the same with the same words.
  const said = new Map<string, (typeof touching)[number]>();
  for (const one of touching)
    getOrCreate(said, [one.limit.condition, one.measure, describeBound(one.bound), one.limit.spec.reason].join('\n'), () => one);
  if (touching.length === 0)
    return (
      <p className="text-soft">
        {t('No limit {name} is broken by its posture.', { name: whom ? t('of {name}', { name: whom.name }) : t('of any condition') })}
      </p>
    );
  return (
    <ul className="space-y-2">
      {[...said.values()].map(({ limit, measure, value, bound }) => (
        <li key={limit.id} className="border-l-2 border-ink pl-3">
          <strong>{findConditionName(limit.condition)}</strong>
          {t(', {grade}: {label} {amount}, allowed {allowed}. ', {
            grade: GRADE_WORDS[limit.spec.grade],
            label: t(MEASURES[measure].label),
            amount: amount(value, MEASURES[measure].unit),
            allowed: allowed(describeBound(bound), MEASURES[measure].unit),
          })}
          <span className="text-soft">{limit.spec.reason}</span>
        </li>
      ))}
    </ul>
  );
}
