import { isAsked, weeksOn, type Condition, type ConditionAnswer, type ParameterSpec, type Problem } from '@lotus-steady/core';
import { useState } from 'react';
import { INPUT } from '../../parts/button-styles.js';
import { NumberField } from '../../parts/NumberField.js';
import { SelectField } from '../../parts/SelectField.js';
import { words } from '../../parts/words.js';
import { today } from '../../clock.js';
import { answered, type Answer } from '../../drafts/answer.js';
import { problemAt } from './person-draft.js';
import { Stopwatch } from './Stopwatch.js';
import { t } from '../../words/t.js';

interface FieldProps {
  readonly spec: ParameterSpec;
  readonly value: Answer;
  readonly problem: string | undefined;
  readonly onChange: (value: Answer) => void;
  readonly optionWords?: (option: string) => string;
}

interface AnswerSelectProps {
  readonly label: string;
  readonly options: readonly (readonly [string, string])[];
  readonly value: string;
  readonly onChange: (value: string) => void;
}

function AnswerSelect({ options, ...field }: AnswerSelectProps) {
  return (
    <SelectField {...field}>
      <option value="">{t('not answered')}</option>
      {options.map(([option, text]) => (
        <option key={option} value={option}>
          {text}
        </option>
      ))}
    </SelectField>
  );
}

export function SetField({
  spec,
  value,
  problem,
  onChange,
  optionWords = words,
}: FieldProps & { spec: Extract<ParameterSpec, { kind: 'set' }> }) {
  const chosen = Array.isArray(value) ? (value as readonly string[]) : [];
  const turn = (option: string, on: boolean) => {
    // "None" and anything else exclude each other.
    const next = on
      ? option === 'none'
        ? ['none']
        : [...chosen.filter((one) => one !== 'none'), option]
      : chosen.filter((one) => one !== option);
    onChange(next.length === 0 ? undefined : next);
  };
  return (
    <fieldset className="sm:col-span-2">
      <legend className="mb-1 text-sm font-semibold">{t(spec.ask)}</legend>
      <div className="flex flex-wrap gap-x-5 gap-y-1">
        {['none', ...spec.options].map((option) => (
          <label key={option} className="inline-flex items-start gap-2">
            <input
              type="checkbox"
              className="mt-1 size-4 shrink-0 accent-[var(--ink)]"
              checked={chosen.includes(option)}
              onChange={(event) => turn(option, event.target.checked)}
            />
            <span>{option === 'none' ? t('none of these') : optionWords(option)}</span>
          </label>
        ))}
      </div>
      {problem !== undefined && <p className="mt-1 text-sm text-accent">{problem}</p>}
    </fieldset>
  );
}

interface WeeksFromDateProps {
  readonly spec: Extract<ParameterSpec, { kind: 'number' }>;
  readonly onWeeks: (weeks: number) => void;
}

/** A date is easier to know than a count of weeks. What is not within the range of the answer is left for its field to say. */
function WeeksFromDate({ spec, onWeeks }: WeeksFromDateProps) {
  return (
    <label className="mt-1.5 flex items-center gap-2 text-sm whitespace-nowrap text-soft">
      {spec.dueAt === undefined ? t('or the date') : t('or the due date')}
      <input
        type="date"
        className={`${INPUT} max-w-44`}
        aria-label={`${t(spec.ask)} ${spec.dueAt === undefined ? t('Or the date') : t('Or the due date')}`}
        onChange={({ target: { value } }) => {
          // A year that is still being typed is no date yet.
          if (/^[12]\d{3}-/.test(value)) onWeeks(weeksOn(today(), value, spec.dueAt));
        }}
      />
    </label>
  );
}

/** A number, with how it is measured, a stopwatch where it is a test against time, and a date where it counts weeks. */
function TimedNumber({
  spec,
  value,
  problem,
  onChange,
}: Omit<FieldProps, 'value'> & { spec: Extract<ParameterSpec, { kind: 'number' }>; value: number | undefined }) {
  // A number that the watch or a date enters begins a fresh field: what is typed is kept inside it.
  const [entered, setEntered] = useState(0);
  return (
    <div>
      <NumberField
        key={entered}
        label={t(spec.ask)}
        unit={spec.unit === '0-10' ? t('of 10') : spec.unit}
        value={value}
        problem={problem}
        onChange={onChange}
        {...(spec.how !== undefined && { hint: t(spec.how) })}
      />
      {spec.clock !== undefined && (
        <Stopwatch
          from={spec.clock}
          onStop={(seconds) => {
            onChange(Math.min(spec.to, Math.max(spec.from, seconds)));
            setEntered(entered + 1);
          }}
        />
      )}
      {spec.unit === 'week' && (
        <WeeksFromDate
          spec={spec}
          onWeeks={(weeks) => {
            onChange(weeks);
            setEntered(entered + 1);
          }}
        />
      )}
    </div>
  );
}

export function ParameterField(props: FieldProps) {
  const { spec, value, problem, onChange } = props;
  switch (spec.kind) {
    case 'number':
      return <TimedNumber spec={spec} value={value as number | undefined} problem={problem} onChange={onChange} />;
    case 'choice':
      return (
        <AnswerSelect
          label={t(spec.ask)}
          options={spec.options.map((option) => [option, words(option)])}
          value={(value as string | undefined) ?? ''}
          onChange={(next) => onChange(next === '' ? undefined : next)}
        />
      );
    case 'yesno':
      return (
        <AnswerSelect
          label={t(spec.ask)}
          options={[
            ['yes', t('yes')],
            ['no', t('no')],
          ]}
          value={value === undefined ? '' : value ? 'yes' : 'no'}
          onChange={(next) => onChange(next === '' ? undefined : next === 'yes')}
        />
      );
    case 'set':
      return <SetField {...props} spec={spec} />;
  }
}

interface Props {
  readonly condition: Condition;
  readonly answer: ConditionAnswer;
  readonly problems: readonly Problem[];
  readonly onChange: (answer: ConditionAnswer) => void;
}

/** The questions of one condition that matter to what was said so far. */
export function Questions({ condition, answer, problems, onChange }: Props) {
  return (
    <div className="grid gap-4 sm:grid-cols-2">
      {Object.entries(condition.parameters)
        .filter(([name]) => isAsked(condition, name, answer))
        .map(([name, spec]) => (
          <ParameterField
            key={name}
            spec={spec}
            value={answer[name]}
            problem={problemAt(problems, `${condition.id}.${name}`)}
            onChange={(value) => onChange(answered(answer, name, value, today()))}
          />
        ))}
    </div>
  );
}
