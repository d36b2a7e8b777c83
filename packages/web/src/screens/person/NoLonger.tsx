import { answersOn, findCondition, type ConditionAnswer } from '@lotus-steady/core';
import { PLAIN, PRIMARY } from '../../parts/button-styles.js';
import { stagesTold } from '../../parts/condition-name.js';
import { Interruption } from '../../parts/Interruption.js';
import { dayWords } from '../../parts/words.js';
import { t } from '../../words/t.js';

/** Whether what was told of a condition goes on by itself: it doesn't end because somebody says so. */
export function goesOn({ id, ...answers }: ConditionAnswer): boolean {
  const parameters = findCondition(id)?.parameters ?? {};
  return Object.entries(parameters).some(([name, spec]) => spec.kind === 'number' && spec.goesOn === true && answers[name] !== undefined);
}

/** What the record says of a condition, in a line. */
function recorded(told: ConditionAnswer, day: string): string {
  const condition = findCondition(told.id);
  if (!condition) return told.id;
  const { answer } = answersOn(told, day);
  const asOf = told['asOf'];
  const what = `${t(condition.name)}: ${stagesTold(condition, answer)}`;
  return typeof asOf === 'string' ? t('{what}, told on {day}', { what, day: dayWords(asOf) }) : what;
}

interface Props {
  /** What the record says; `null` while nothing is asked. */
  readonly told: ConditionAnswer | null;
  readonly day: string;
  /** It is removed; with the remark that is kept of it, or without one where it was never so. */
  readonly onRemove: (remark: string | null) => void;
  readonly onKeep: () => void;
}

/** What somebody says now and what their record says can't both be: it is asked, and what was recorded stays as a remark. */
export function NoLonger({ told, day, onRemove, onKeep }: Props) {
  const record = told && recorded(told, day);
  return (
    <Interruption open={told !== null} onClose={onKeep} title={t('The record says otherwise')}>
      <p className="mt-2">{record}.</p>
      <div className="mt-4 flex flex-col gap-3">
        <button
          type="button"
          className={PRIMARY}
          onClick={() => onRemove(t('{day}: no longer so. Before, {record}.', { day: dayWords(day), record: record ?? '' }))}
        >
          {t('It is over: keep this as a remark')}
        </button>
        <button type="button" className={PLAIN} onClick={() => onRemove(null)}>
          {t('It was never so')}
        </button>
        <button type="button" className={PLAIN} onClick={onKeep}>
          {t('Leave it in the record')}
        </button>
      </div>
    </Interruption>
  );
}
