import {
  answersOn,
  codesOf,
  FLAGS,
  flagsSpec,
  type Condition,
  type ConditionAnswer,
  type Problem,
  type SchoolChoices,
} from '@lotus-steady/core';
import { X } from 'lucide-react';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { useToday } from '../../clock.js';
import { answered } from '../../drafts/answer.js';
import { stagesTold } from '../../parts/condition-name.js';
import { Questions, SetField } from './Questions.js';
import { Schools } from './Schools.js';
import { t } from '../../words/t.js';

interface Props {
  readonly condition: Condition;
  readonly answer: ConditionAnswer;
  readonly problems: readonly Problem[];
  readonly schools: SchoolChoices;
  readonly onSchools: (schools: SchoolChoices) => void;
  readonly onChange: (answer: ConditionAnswer) => void;
  readonly onRemove: () => void;
}

/** The questions of one condition, whether one of its warning signs is there today, and where practitioners disagree. */
export function ConditionCard({ condition, answer: told, problems, schools, onSchools, onChange, onRemove }: Props) {
  const day = useToday();
  // Shown, and edited, as it stands today: an answer given now must not make the older ones look as new.
  const { answer, stale } = useMemo(() => answersOn(told, day), [told, day]);
  const codes = codesOf(told);
  const tooOld = stale.flatMap((name) => condition.parameters[name]?.ask.replace(/\?$/, '') ?? []);
  const flagWords = new Map(condition.redFlags.map(({ id, text }) => [id, text]));
  return (
    <section aria-label={t(condition.name)} className="rounded border border-rule bg-sheet p-4">
      <div className="mb-3 flex items-start justify-between gap-2">
        <h3 className="text-lg">
          {t(condition.name)}{' '}
          <Link to={`/limits/${condition.id}`} className="font-sans text-sm font-normal">
            {t('its limits')}
          </Link>
        </h3>
        <button
          type="button"
          onClick={onRemove}
          className="rounded p-1.5 hover:bg-shade"
          aria-label={t('Remove {name}', { name: condition.name })}
          title={t('Remove')}
        >
          <X size={18} aria-hidden />
        </button>
      </div>
      <p className="-mt-2 mb-3 text-sm text-soft">
        {t('Taken as: {stageWords}.', { stageWords: stagesTold(condition, answer) })}
        {codes.length > 0 && ` ${t('Coded as {codes}.', { codes: codes.join(', ') })}`}
        {tooOld.length > 0 && (
          <strong className="block text-ink">
            {t('Last asked on {told}; too old now, ask again: {tooOld}.', { told: String(told['asOf']), tooOld: tooOld.join('; ') })}
          </strong>
        )}
      </p>
      <Questions condition={condition} answer={answer} problems={problems} onChange={onChange} />
      <div className="mt-4">
        <SetField
          spec={flagsSpec(condition)}
          value={answer[FLAGS]}
          problem={undefined}
          optionWords={(id) => flagWords.get(id) ?? id}
          onChange={(value) => onChange(answered(answer, FLAGS, value, day))}
        />
      </div>
      <Schools condition={condition} chosen={schools} onChange={onSchools} />
    </section>
  );
}
