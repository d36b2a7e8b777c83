import {
  allowedRanges,
  anybody,
  checkAnswers,
  describeSource,
  limitJson,
  limitsOf,
  MEASURES,
  mergeLimits,
  schoolMatters,
  screen,
  type ActiveLimit,
  type Condition,
  type ConditionAnswer,
  type Grade,
  type Participant,
} from '@lotus-steady/core';
import { allowed } from '../../parts/amounts.js'; // prettier-ignore
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { PLAIN } from '../../parts/button-styles.js';

import { stagesShown } from '../../parts/condition-name.js';
import { Growing } from '../../parts/use-growing.js';
import { DecisionWord } from '../../parts/Verdict.js';
import { Questions } from '../person/Questions.js';
import { DoneInstead } from './DoneInstead.js';
import { LibraryFor } from './LibraryFor.js';
import { RangeFigure } from './RangeFigure.js';
import { PageTitle } from '../../parts/PageTitle.js';
import { sentence } from '../../words/say.js';
import { t } from '../../words/t.js';

const GRADES: readonly { readonly grade: Grade; readonly title: string; readonly says: string }[] = [
  { grade: 'avoid', title: t('Not at all'), says: t('The given form is never offered; another is found, or the step is left out.') },
  { grade: 'modify', title: t('Only when changed'), says: t('A change is found; the teacher may decide otherwise with a written reason.') },
  { grade: 'watch', title: t('With care'), says: t('Kept, with this caution.') },
];

/** One way to answer a condition's questions, and what follows. */
interface Stage {
  readonly answer: ConditionAnswer;
  readonly limits: readonly ActiveLimit[];
  readonly names: readonly string[];
  readonly participant: Participant;
}

function stageOf(condition: Condition, answer: ConditionAnswer): Stage {
  const valid = checkAnswers(answer).length === 0 ? answer : { id: condition.id };
  return {
    answer,
    limits: limitsOf(condition, valid),
    names: stagesShown(condition, valid),
    participant: { ...anybody(condition.id), conditions: [valid] },
  };
}

function shown(limit: ActiveLimit | undefined): string {
  if (!limit) return '–';
  const { bound, unit } = limitJson(limit);
  return allowed(bound, unit);
}

/** The limits of one grade, one row each; with a second stage beside the first where two are compared. */
function Table({ title, says, grade, stages }: { title: string; says: string; grade: Grade; stages: readonly Stage[] }) {
  const merged = stages.map(({ limits }) => mergeLimits(limits).filter(({ strictest }) => strictest.spec.grade === grade));
  const key = ({ spec }: ActiveLimit) => `${spec.measure} ${JSON.stringify(spec.when ?? [])} ${Object.keys(spec.bound).join()}`;
  const rows = [...new Set(merged.flatMap((limits) => limits.map(({ strictest }) => key(strictest))))];
  if (rows.length === 0) return null;
  return (
    <section aria-label={title} className="mt-6">
      <h2 className="text-lg">
        {title} ({rows.length})
      </h2>
      <p className="mb-2 text-sm text-soft">{says}</p>
      <table className="w-full border-collapse text-left">
        <thead className={stages.length > 1 ? 'max-sm:sr-only' : 'sr-only'}>
          <tr className="border-b border-rule text-sm">
            <th scope="col" className="py-1 pr-3">
              {t('What')}
            </th>
            {stages.map((_, i) => (
              <th key={i} scope="col" className="py-1 pr-3">
                {stages.length > 1 ? (i === 0 ? t('First') : t('Second')) : t('Allowed')}
              </th>
            ))}
            <th scope="col" className="py-1">
              {t('Why, and on whose word')}
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => {
            const cells = merged.map((limits) => limits.find(({ strictest }) => key(strictest) === row)?.strictest);
            const any = cells.find((cell) => cell !== undefined);
            if (!any) return null;
            const { label, when } = limitJson(any);
            const differs = stages.length > 1 && shown(cells[0]) !== shown(cells[1]);
            return (
              <tr
                key={row}
                className={`border-b border-rule align-top max-sm:grid max-sm:grid-cols-2 max-sm:py-2 ${differs ? 'bg-shade' : ''}`}
              >
                <th scope="row" className="py-1.5 pr-3 font-semibold max-sm:col-span-2 max-sm:py-0 sm:w-56">
                  {label}
                  {when.length > 0 && <span className="block text-sm font-normal text-soft">{when.join(', ')}</span>}
                </th>
                {cells.map((cell, i) => (
                  <td key={i} className="py-1.5 pr-3 max-sm:py-0 sm:w-40">
                    {shown(cell)}
                  </td>
                ))}
                <td className="py-1.5 max-sm:col-span-2 max-sm:py-0">
                  {t(any.spec.reason)}{' '}
                  <span className="text-sm text-soft">
                    {describeSource(any.spec.source)}
                    {any.spec.reading && ` ${any.spec.reading}`}
                  </span>
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </section>
  );
}

/** A condition as a teacher reads it: what is barred and why, on the body and in the library, in one stage or two side by side. */
export function ConditionView({ condition }: { condition: Condition }) {
  const [answers, setAnswers] = useState<readonly ConditionAnswer[]>([{ id: condition.id }]);
  const stages = useMemo(() => answers.map((answer) => stageOf(condition, answer)), [condition, answers]);
  const set = (index: number, answer: ConditionAnswer) => setAnswers(answers.map((one, i) => (i === index ? answer : one)));
  const schools = Object.entries(condition.schools);
  return (
    <>
      <p className="text-sm">
        <Link to="/limits">{t('All conditions')}</Link>
      </p>
      <PageTitle>{t(condition.name)}</PageTitle>
      <h1 className="text-2xl">{t(condition.name)}</h1>
      <p className="text-soft">{condition.words.join(', ')}</p>
      <div className={`mt-4 grid items-start gap-6 ${stages.length > 1 ? 'lg:grid-cols-2' : 'lg:grid-cols-[1fr_26rem]'}`}>
        {stages.map(({ answer, names, limits, participant }, i) => {
          const { decision, reasons } = screen(participant.conditions);
          const ranges = allowedRanges(limits);
          return (
            <section
              key={i}
              aria-label={stages.length > 1 ? (i === 0 ? t('First') : t('Second')) : t('Answers')}
              className="rounded border border-rule bg-sheet p-4"
            >
              <div className="mb-3 flex items-start justify-between gap-3">
                <p>
                  {stages.length > 1 && <strong>{i === 0 ? t('First:') : t('Second:')} </strong>}
                  {names.length > 0 ? names.join('; ') : t('No limits in this stage')}
                </p>
                {i > 0 && (
                  <button type="button" className="text-sm underline" onClick={() => setAnswers(answers.slice(0, 1))}>
                    {t('Stop comparing')}
                  </button>
                )}
              </div>
              <details open={stages.length > 1}>
                <summary className="cursor-pointer font-semibold">{t('Answer its questions')}</summary>
                <div className="mt-3">
                  <Questions condition={condition} answer={answer} problems={checkAnswers(answer)} onChange={(next) => set(i, next)} />
                </div>
              </details>
              <p className="mt-3">
                <DecisionWord decision={decision} />
                {reasons.length > 0 && `: ${reasons.map(sentence).join(' ')}`}
              </p>
              {stages.length === 1 && (
                <button type="button" className={`${PLAIN} mt-4`} onClick={() => setAnswers([answer, answer])}>
                  {t('Compare with another stage')}
                </button>
              )}
              {stages.length > 1 && ranges.length > 0 && <RangeFigure ranges={ranges} name={t(condition.name)} />}
            </section>
          );
        })}
        {stages.length === 1 && (
          <div>
            <RangeFigure ranges={allowedRanges(stages[0]!.limits)} name={t(condition.name)} />
            <p className="text-sm text-soft">
              {t('Full: free. Hatched: barred. Twists: {twists}.', { twists: twists(stages[0]!.limits) })}
            </p>
          </div>
        )}
      </div>
      <Growing>
        {GRADES.map((one) => (
          <Table key={one.grade} {...one} stages={stages} />
        ))}
        {schools.length > 0 && (
          <section aria-label={t('Where practitioners disagree')} className="mt-6 max-w-prose">
            <h2 className="mb-2 text-lg">{t('Where practitioners disagree')}</h2>
            {schools.map(([id, { name, positions, default: ours, because }]) => (
              <div key={name} className="mb-4">
                <h3 className="font-semibold">{name}</h3>
                <ul className="list-disc pl-5">
                  {Object.entries(positions).map(([position, text]) => (
                    <li key={position} className={position === ours ? 'font-semibold' : ''}>
                      {text}
                      {position === ours && t(' – ours')}
                    </li>
                  ))}
                </ul>
                <p className="text-soft">
                  {because}{' '}
                  {schoolMatters(condition, id)
                    ? t('Another position is chosen in the studio or in a person’s record.')
                    : t('No limit depends on it.')}
                </p>
              </div>
            ))}
          </section>
        )}
        <section aria-label={t('Warning signs')} className="mt-6 max-w-prose">
          <h2 className="mb-2 text-lg">{t('Warning signs')}</h2>
          <ul className="list-disc pl-5">
            {condition.redFlags.map(({ id, text, urgency }) => (
              <li key={id}>
                {text}: {urgency === 'emergency' ? t('emergency number') : t('no practice, medical contact today')}.
              </li>
            ))}
          </ul>
          <p className="mt-2">
            <strong>{t('Stop in class:')} </strong>
            {condition.stopInClass}
          </p>
        </section>
        <DoneInstead condition={condition.id} />
        <LibraryFor stages={stages.map(({ participant }) => participant)} condition={condition} />
      </Growing>
    </>
  );
}

function twists(limits: readonly ActiveLimit[]): string {
  const most = limits.flatMap(({ spec }) =>
    spec.measure === 'spineRotation' && spec.when === undefined && spec.grade !== 'watch' && 'atMost' in spec.bound
      ? [spec.bound.atMost]
      : [],
  );
  return most.length === 0 ? 'free' : t('to {min}{unit}', { min: Math.min(...most), unit: MEASURES.spineRotation.unit });
}
