import type { ParameterSpec } from '@lotus-steady/core';
import type { Answer } from '../../drafts/answer.js';
import { Choices, POINTS } from '../../parts/Choices.js';
import { words } from '../../parts/words.js';
import { ParameterField } from '../person/Questions.js';

interface Props {
  readonly spec: ParameterSpec;
  readonly value: Answer;
  readonly problem: string | undefined;
  readonly onChange: (value: Answer) => void;
}

/** More than these are chosen from a list. */
const MOST_SIDE_BY_SIDE = 5;

/** One question at the door: answered by one tap wherever it has a few answers. */
export function DoorQuestion(props: Props) {
  const { spec, value, onChange } = props;
  const { kind, ask } = spec;
  const choices = () => {
    if (kind === 'number' && spec.unit === '0-10')
      return (
        <Choices
          label={ask}
          options={POINTS}
          value={(value as number | undefined) ?? null}
          onChange={(next) => onChange(next ?? undefined)}
        />
      );
    if (kind === 'yesno')
      return (
        <Choices
          label={ask}
          options={[
            ['yes', 'yes'],
            ['no', 'no'],
          ]}
          value={value === undefined ? null : value ? 'yes' : 'no'}
          onChange={(next) => onChange(next === null ? undefined : next === 'yes')}
        />
      );
    if (kind === 'choice' && spec.options.length <= MOST_SIDE_BY_SIDE)
      return (
        <Choices
          wraps
          label={ask}
          options={spec.options.map((option) => [option, words(option)] as const)}
          value={(value as string | undefined) ?? null}
          onChange={(next) => onChange(next ?? undefined)}
        />
      );
    return null;
  };
  const found = choices();
  if (!found) return <ParameterField {...props} />;
  return (
    <div>
      <p className="mb-1 text-sm font-semibold">{ask}</p>
      {found}
    </div>
  );
}
