import { BODY_RANGES, seatSetup, shoulderStandSetup, type BodyAnswers, type Trial } from '@lotus-steady/core';
import { lengthWords } from '@lotus-steady/core/sheets';
import { useId, useState } from 'react';
import { NumberField } from './NumberField.js';
import { Thumb } from './Thumb.js';
import { TOOL } from './button-styles.js';
import { dayWords } from './words.js';
import { useConventions } from '../theme/conventions.js';
import { t } from '../words/t.js';

/** Half a centimetre is the least that a neck feels; a folded blanket, as it lies, is the next. */
const STEPS = [
  { by: 0.5, label: t('5 mm') },
  { by: 2.5, label: t('one blanket') },
] as const;

interface First {
  readonly height: number;
  readonly blankets: { readonly count: number; readonly each: number };
  readonly more: string;
  readonly laid?: readonly string[];
  readonly tests: readonly string[];
}

/** What is tried, with the figure in which it shows and the first guess from a body. */
const TRIED: Readonly<
  Record<
    Trial,
    { readonly title: string; readonly asana: string; first: (body: BodyAnswers, lengths: Parameters<typeof lengthWords>[1]) => First }
  >
> = {
  shoulderStack: {
    title: t('Shoulder stand: the blankets'),
    asana: 'sarvangasana-supported',
    first: (body, lengths) => {
      const { shoulderHeight, edge, ...guess } = shoulderStandSetup(body);
      const more = t('Shoulders {from} to {to} in from the edge.', {
        from: lengthWords(edge.from, lengths),
        to: lengthWords(edge.to, lengths),
      });
      return { ...guess, height: shoulderHeight.value, more };
    },
  },
  seatHeight: {
    title: t('Sitting on the floor: the blankets under the seat'),
    asana: 'sukhasana',
    first: (body) => {
      const { seatHeight, ...guess } = seatSetup(body);
      return { ...guess, height: seatHeight.value, more: '' };
    },
  },
};

interface Props {
  readonly trial: Trial;
  readonly body: BodyAnswers;
  readonly problem: string | undefined;
  readonly onChange: (height: number | undefined) => void;
}

/** A height of blankets: a first guess from the body, then trial, change and test, until it is found. */
export function SetupTrial({ trial, body, problem, onChange }: Props) {
  const { title, asana, first } = TRIED[trial];
  const { lengths } = useConventions();
  const guess = first(body, lengths);
  const { from, to, unit } = BODY_RANGES[trial];
  const found = body[trial];
  const at = found ?? guess.height;
  const heading = useId();
  // A field keeps what is typed; what the steps change is shown in a new one.
  const [moves, setMoves] = useState(0);
  const move = (by: number) => {
    setMoves(moves + 1);
    onChange(Math.min(to, Math.max(from, Math.round((at + by) * 2) / 2)));
  };
  const blankets = Math.round((2 * at) / guess.blankets.each) / 2;
  return (
    <section aria-labelledby={heading} className="flex gap-3 sm:col-span-2">
      <Thumb id={asana} className="h-20 w-24 shrink-0 rounded border border-rule bg-sheet p-1" />
      <div className="space-y-2">
        <h3 id={heading} className="text-base">
          {title}
        </h3>
        <p className="text-sm text-soft">
          {t('First guess from this body: {from}, {count} folded blankets.', {
            from: lengthWords(guess.height, lengths),
            count: guess.blankets.count,
          })}{' '}
          {guess.more}
        </p>
        <NumberField key={moves} label={t('Found by trial')} unit={unit} value={found} problem={problem} onChange={onChange} />
        <p className="flex flex-wrap items-center gap-2">
          {STEPS.flatMap(({ by, label }) => [
            <button key={`less ${label}`} type="button" className={TOOL} onClick={() => move(-by)}>
              − {label}
            </button>,
            <button key={`more ${label}`} type="button" className={TOOL} onClick={() => move(by)}>
              + {label}
            </button>,
          ])}
          {found !== undefined && (
            <span className="text-sm text-soft">
              {body.foundOn === undefined
                ? t('about {blankets} blankets; used in plans and figures', { blankets })
                : t('about {blankets} blankets, found on {day}; used in plans and figures', { blankets, day: dayWords(body.foundOn) })}
            </span>
          )}
        </p>
        <ul className="list-disc pl-5 text-sm">
          {[...(guess.laid ?? []), ...guess.tests].map((test) => (
            <li key={test}>{test}</li>
          ))}
        </ul>
      </div>
    </section>
  );
}
