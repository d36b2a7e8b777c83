import { toParticipant } from '@lotus-steady/requests';
import { doneWords, doseWithSide, setupWords, toBring } from '@lotus-steady/core/sheets';
import { useQuery } from '@tanstack/react-query';
import { Printer } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { hasFailed } from '../../api/failed.js';
import { sequenceQuery } from '../../api/queries.js';
import { usePeople } from '../../api/use-people.js';
import { useToday } from '../../clock.js';
import { PRIMARY } from '../../parts/button-styles.js';
import { download } from '../../parts/download.js';
import { ScreenFailure } from '../../parts/Failure.js';
import { ScreenLoading } from '../../parts/Loading.js';
import { PageTitle } from '../../parts/PageTitle.js';
import { StepFigure } from '../../parts/StepFigure.js';
import { DecisionWord } from '../../parts/Verdict.js';
import { dayWords } from '../../parts/words.js';
import { classScoreQuery } from '../../worker/queries.js';
import { clock } from '../score/layout.js';
import { TakeAlong } from './TakeAlong.js';
import { readDay, readFigures, readPeople, readPins, readShared } from '../score/class-address.js';
import { useConventions } from '../../theme/conventions.js';
import { say } from '../../words/say.js';
import { t } from '../../words/t.js';
import { tell } from '../../words/tell.js';

/** The whole class on paper: each step with its figure, and who does it how. */
export function SheetScreen() {
  const { sequence: id = '', person = '' } = useParams();
  const [search] = useSearchParams();
  const ids = useMemo(() => readPeople(person), [person]);
  const day = readDay(search, useToday());
  const options = useMemo(() => ({ figures: readFigures(search), pins: readPins(search), shared: readShared(search) }), [search]);
  const [names, setNames] = useState(true);
  const conventions = useConventions();
  const sequence = useQuery(sequenceQuery(Number(id)));
  const people = usePeople(ids);
  const score = useQuery(classScoreQuery(sequence.data?.text, people.data, options, day));
  const failed = [sequence, people.failed, score].find((one) => one && hasFailed(one));
  if (failed) return <ScreenFailure title={t('Sheet')} error={failed.error} onRetry={() => void failed.refetch()} />;
  if (!sequence.data || !people.data || !score.data) return <ScreenLoading title={t('Sheet')} what={t('Making the sheet')} />;
  const { answer, given, staves } = score.data;
  const present = people.data;
  const { steps: lines } = answer.participants[0]!;
  const nameOf = (one: number) => (names ? present[one]!.name : t('Person {one}', { one: one + 1 }));
  const starts: number[] = [];
  lines.reduce((sum, _, i) => {
    starts.push(sum);
    return sum + Math.max(...answer.participants.map(({ steps }) => steps[i]!.seconds));
  }, 0);
  // Nobody's name goes into a calendar that others may see.
  const calendar = async () => {
    const { classCalendar } = await import('@lotus-steady/core/formats');
    const title = answer.title || sequence.data.title;
    const description = given.map(({ givenName, givenDose }) => `${givenName}, ${givenDose}`).join('\n');
    download('class.ics', classCalendar({ title, day, minutes: Math.round(answer.minutes.after), description }), 'text/calendar');
  };
  const bring = toBring(
    answer.participants.map(({ steps }) => steps),
    say,
  );
  return (
    <article className="mx-auto max-w-4xl print:max-w-none">
      <PageTitle>{t('{title}: sheet', { title: answer.title || sequence.data.title })}</PageTitle>
      <div className="mb-3 flex flex-wrap items-center gap-4 print:hidden">
        <button type="button" className={PRIMARY} onClick={() => window.print()}>
          <Printer size={18} aria-hidden /> {t('Print')}
        </button>
        <TakeAlong
          answer={answer}
          text={sequence.data.text}
          title={answer.title || sequence.data.title}
          participants={people.data.map(toParticipant)}
          day={day}
          calendar={calendar}
        />
        <label className="flex items-center gap-2">
          <input type="checkbox" className="size-4 accent-ink" checked={names} onChange={({ target }) => setNames(target.checked)} />
          {t('with names')}
        </label>
        <Link to={`/sequences/${id}/for/${person}?${search}`} className="underline">
          {t('Back to the score')}
        </Link>
      </div>
      <h1 className="text-2xl">{answer.title || sequence.data.title}</h1>
      <p className="text-soft print:text-black">
        {t('{day}, {data}, {after} min', {
          day: dayWords(day),
          data: tell('{count, plural, one {# person} other {# people}}', { count: people.data.length }),
          after: answer.minutes.after,
        })}
      </p>
      {bring !== '' && (
        <p className="mt-1">
          <strong>{t('Bring:')} </strong>
          {bring}.
        </p>
      )}
      {answer.participants.some(({ screening }) => screening.decision !== 'practise') && (
        <p className="mt-1">
          <strong>{t('Not to be taught yet:')} </strong>
          {answer.participants.map(
            ({ id: one, screening }, i) =>
              screening.decision !== 'practise' && (
                <span key={one} className="mr-3">
                  {nameOf(i)} <DecisionWord decision={screening.decision} />
                </span>
              ),
          )}
        </p>
      )}
      <ol className="mt-3">
        {lines.map((step, index) => {
          const others = staves
            .map(({ people: who, steps }) => ({ who, drawn: steps[index]!, own: answer.participants[who[0]!]!.steps[index]! }))
            .filter(({ own }) => own.verdict !== 'keep');
          return (
            <li key={index} className="flex break-inside-avoid gap-3 border-t border-rule py-2">
              <span className="w-10 shrink-0 text-sm text-soft tabular-nums print:text-black">{clock(starts[index]!)}</span>
              <StepFigure picture={given[index]!.given} className="h-16 w-24 shrink-0" />
              <div className="min-w-0 grow">
                <p>
                  <strong>{given[index]!.givenName}</strong>, {doseWithSide(given[index]!.givenDose, step.side, say)}
                  {step.note !== undefined && <em> {step.note}</em>}
                </p>
                <ul className="mt-1 flex flex-wrap gap-x-5 gap-y-1">
                  {others.map(({ who, drawn, own }) => (
                    <li key={who.join()} className="flex max-w-sm items-center gap-2 text-sm">
                      {drawn.adapted && <StepFigure picture={drawn.adapted} className="h-12 w-16 shrink-0" />}
                      <span>
                        <strong>{who.map(nameOf).join(', ')}</strong>: {doneWords(own, say)}
                        {own.setup.length > 0 && (
                          <span className="block text-soft print:text-black">{setupWords(own.setup, conventions)}</span>
                        )}
                      </span>
                    </li>
                  ))}
                </ul>
              </div>
            </li>
          );
        })}
      </ol>
    </article>
  );
}
