import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { USUAL_FIGURES } from '@lotus-steady/core';
import { allowed } from '../../parts/amounts.js';
import { toParticipant, type Person } from '@lotus-steady/requests';
import { hasFailed } from '../../api/failed.js';
import { personQuery, sequenceQuery } from '../../api/queries.js';
import { useToday } from '../../clock.js';
import { Failure, ScreenFailure } from '../../parts/Failure.js';
import { Loading, ScreenLoading } from '../../parts/Loading.js';
import { PageTitle } from '../../parts/PageTitle.js';
import { ReasonList } from '../../parts/ReasonList.js';
import { SelectField } from '../../parts/SelectField.js';
import { StepFigure } from '../../parts/StepFigure.js';
import { GRADE_WORDS } from '../../parts/limit-words.js';
import { VerdictWord } from '../../parts/Verdict.js';
import type { ClassScore } from '../../worker/answers.js';
import { classScoreQuery } from '../../worker/queries.js';
import { readDay, readPeople } from '../score/class-address.js';
import { disputesOf, limitsOfPosition, otherThan, placesApart, type Dispute } from './apart.js';
import { t } from '../../words/t.js';

const PLAIN_CLASS = { figures: USUAL_FIGURES, pins: [], shared: null } as const;

/** What becomes of a step in one school, and why. */
function Outcome({ score, index, position }: { score: ClassScore; index: number; position: string }) {
  const { verdict, to, dose, reasons } = score.answer.participants[0]!.steps[index]!;
  const { given, adapted } = score.staves[0]!.steps[index]!;
  return (
    <div>
      <h3 className="text-sm text-soft">{position}</h3>
      <StepFigure picture={adapted ?? given} className="my-1 h-24 w-full" />
      <p>
        <VerdictWord verdict={verdict} />
        {verdict === 'substitute' && to && `: ${to.name}`}
      </p>
      {to && to.changes.length > 0 && <p className="text-sm">{to.changes.join('; ')}</p>}
      {verdict !== 'omit' && <p className="text-sm text-soft">{dose}</p>}
      <ReasonList reasons={reasons} className="mt-2 space-y-2 text-sm" />
    </div>
  );
}

function Position({ label, dispute, value, onChange }: { label: string; dispute: Dispute; value: string; onChange: (to: string) => void }) {
  return (
    <SelectField label={label} value={value} onChange={onChange}>
      {Object.entries(dispute.positions).map(([position, text]) => (
        <option key={position} value={position}>
          {text}
          {position === dispute.default ? t(' (ours)') : ''}
        </option>
      ))}
    </SelectField>
  );
}

/** What a position asks for, each with its source. */
function Asks({ person, dispute, position }: { person: Person; dispute: Dispute; position: string }) {
  const limits = limitsOfPosition(dispute, position, toParticipant(person).conditions);
  if (limits.length === 0) return <p className="mt-2 text-sm">{t('Asks for nothing more, as {name} is now.', { name: person.name })}</p>;
  return (
    <ul className="mt-2 list-disc space-y-1 pl-5 text-sm">
      {limits.map(({ limit, label, bound, unit, when, grade, text, source }) => (
        <li key={limit}>
          {t('{join}, else {grade}. {text} ', {
            join: [`${label} ${allowed(bound, unit)}`, ...when].join(' '),
            grade: GRADE_WORDS[grade],
            text,
          })}
          <span className="text-soft">{source}</span>
        </li>
      ))}
    </ul>
  );
}

/** One person's plan in two positions of one school. */
function SideBySide({ text, person, dispute, day }: { text: string; person: Person; dispute: Dispute; day: string }) {
  const own = person.schools[dispute.id] ?? dispute.default;
  const [left, setLeft] = useState(own);
  const [right, setRight] = useState(() => otherThan(dispute, own));
  const people = useMemo(
    () => [left, right].map((position) => [{ ...person, schools: { ...person.schools, [dispute.id]: position } }]),
    [person, dispute.id, left, right],
  );
  const ask = (of: readonly Person[]) => classScoreQuery(text, of, PLAIN_CLASS, day);
  const one = useQuery(ask(people[0]!));
  const other = useQuery(ask(people[1]!));
  const failed = [one, other].find(hasFailed);
  const names = [dispute.positions[left] ?? left, dispute.positions[right] ?? right] as const;
  const scores = one.data && other.data && ([one.data, other.data] as const);
  const [steps = [], otherSteps = []] = scores?.map(({ answer }) => answer.participants[0]!.steps) ?? [];
  const apart = placesApart(steps, otherSteps);
  const minutes = scores?.map(({ answer }) => answer.minutes.after) ?? [];
  return (
    <>
      <div className="mb-2 grid gap-3 sm:grid-cols-2">
        <div>
          <Position label={t('On the left')} dispute={dispute} value={left} onChange={setLeft} />
          <Asks person={person} dispute={dispute} position={left} />
        </div>
        <div>
          <Position label={t('On the right')} dispute={dispute} value={right} onChange={setRight} />
          <Asks person={person} dispute={dispute} position={right} />
        </div>
      </div>
      <p className="mb-4 text-sm text-soft">
        {t('Ours is “')}
        {dispute.positions[dispute.default]}”: {dispute.because}
      </p>
      {failed && <Failure error={failed.error} onRetry={() => void failed.refetch()} />}
      {!failed && !scores && <Loading what={t('Working out both')} />}
      {scores && (
        <div aria-live="polite" className={one.isPlaceholderData || other.isPlaceholderData ? 'opacity-50' : ''}>
          <p className="mb-3">
            {apart.length === 0
              ? t('For this person and this sequence both come to the same.')
              : t('{apart} of {steps} steps come out otherwise. {left} min on the left, {right} on the right.', {
                  apart: apart.length,
                  steps: steps.length,
                  left: minutes[0] ?? '',
                  right: minutes[1] ?? '',
                })}
          </p>
          <ol className="space-y-3">
            {apart.map((index) => (
              <li key={index} className="rounded border border-rule bg-sheet p-4">
                <h2 className="mb-2 text-base">
                  {scores[0].given[index]!.givenName} <span className="text-soft">{scores[0].given[index]!.givenDose}</span>
                </h2>
                <div className="grid gap-4 sm:grid-cols-2">
                  {scores.map((score, side) => (
                    <Outcome key={side} score={score} index={index} position={names[side]!} />
                  ))}
                </div>
              </li>
            ))}
          </ol>
        </div>
      )}
    </>
  );
}

/** Where practitioners disagree about what someone has: what each school makes of one sequence, and on what ground. */
export function SchoolsScreen() {
  const { sequence: id = '', person: named = '' } = useParams();
  const [search] = useSearchParams();
  const [personId] = readPeople(named);
  const day = readDay(search, useToday());
  const sequence = useQuery(sequenceQuery(Number(id)));
  const person = useQuery(personQuery(personId ?? NaN));
  const disputes = useMemo(() => (person.data ? disputesOf(person.data) : []), [person.data]);
  const [chosen, setChosen] = useState('');
  const dispute = disputes.find((one) => one.id === chosen) ?? disputes[0];
  const failed = [sequence, person].find(hasFailed);
  if (failed) return <ScreenFailure title={t('Two schools side by side')} error={failed.error} onRetry={() => void failed.refetch()} />;
  if (!sequence.data || !person.data) return <ScreenLoading title={t('Two schools side by side')} what={t('Opening')} />;
  return (
    <div className="mx-auto max-w-4xl">
      <PageTitle>{t('{title}: two schools', { title: sequence.data.title })}</PageTitle>
      <h1 className="text-2xl">{t('Two schools side by side')}</h1>
      <p className="mb-4 text-soft">
        {t('{title}, for {name} · ', { title: sequence.data.title, name: person.data.name })}
        <Link to={`/sequences/${id}/for/${named}`} className="underline">
          {t('back to the score')}
        </Link>
      </p>
      {!dispute && (
        <p>{t('About what {name} has, the library knows of no disagreement between practitioners.', { name: person.data.name })}</p>
      )}
      {disputes.length > 1 && dispute && (
        <div className="mb-3">
          <SelectField label={t('Where practitioners disagree')} value={dispute.id} onChange={setChosen}>
            {disputes.map((one) => (
              <option key={one.id} value={one.id}>
                {one.condition}: {one.name}
              </option>
            ))}
          </SelectField>
        </div>
      )}
      {disputes.length === 1 && dispute && <p className="mb-3 font-semibold">{`${dispute.condition}: ${dispute.name}`}</p>}
      {dispute && <SideBySide key={dispute.id} text={sequence.data.text} person={person.data} dispute={dispute} day={day} />}
    </div>
  );
}
