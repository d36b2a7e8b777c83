import { message } from '@lotus-steady/core';
import { doseWithSide } from '@lotus-steady/core/sheets';
import { useQuery } from '@tanstack/react-query';
import { CalendarPlus, Download, Printer } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { hasFailed } from '../../api/failed.js';
import { personQuery, sequenceQuery } from '../../api/queries.js';
import { useToday } from '../../clock.js';
import { PLAIN, PRIMARY } from '../../parts/button-styles.js';
import { download } from '../../parts/download.js';
import { ScreenFailure } from '../../parts/Failure.js';
import { FigureDrawing } from '../../parts/FigureDrawing.js';
import { ScreenLoading } from '../../parts/Loading.js';
import { NumberField } from '../../parts/NumberField.js';
import { PageTitle } from '../../parts/PageTitle.js';
import { PrintPdf } from '../../parts/PrintPdf.js';
import { DecisionWord } from '../../parts/Verdict.js';
import { dayWords } from '../../parts/words.js';
import type { Home } from '../../worker/answers.js';
import { homeQuery } from '../../worker/queries.js';
import { readPeople } from '../score/class-address.js';
import { useConventions } from '../../theme/conventions.js';
import { BroughtBack } from './BroughtBack.js';
import { say } from '../../words/say.js';
import { t } from '../../words/t.js';
import { tell } from '../../words/tell.js';

/** Minutes that are left over for a practice at home. Common practice, no source. */
const MINUTES = { from: 3, to: 40, usual: 12 } as const;
const DAYS = { from: 1, to: 7, usual: 5 } as const;

const TIMES = { from: 1, to: 6 } as const;

function isWhole(value: number | undefined, { from, to }: { readonly from: number; readonly to: number }): value is number {
  return value !== undefined && Number.isInteger(value) && value >= from && value <= to;
}

/** What one person does alone between two classes: looked at, printed, or taken along as one file. */
export function HomeScreen() {
  const { sequence: id = '', person: named = '' } = useParams();
  const [personId] = readPeople(named);
  const [minutes, setMinutes] = useState<number | undefined>(MINUTES.usual);
  const [days, setDays] = useState<number | undefined>(DAYS.usual);
  const [times, setTimes] = useState<number | undefined>(undefined);
  const today = useToday();
  const sequence = useQuery(sequenceQuery(Number(id)));
  const person = useQuery(personQuery(personId ?? NaN));
  const asked = useMemo(
    () =>
      isWhole(minutes, MINUTES) && isWhole(days, DAYS) && (times === undefined || isWhole(times, TIMES))
        ? { minutes, days, times, today }
        : null,
    [minutes, days, times, today],
  );
  const title = t('At home: {title}', { title: sequence.data?.title ?? '' });
  const conventions = useConventions();
  const home = useQuery(homeQuery(sequence.data?.text, person.data, asked, title, conventions));
  const failed = [sequence, person, home].find(hasFailed);
  if (failed) return <ScreenFailure title={t('At home')} error={failed.error} onRetry={() => void failed.refetch()} />;
  if (!sequence.data || !person.data || !home.data)
    return <ScreenLoading title={t('At home')} what={t('Choosing what is good to do alone')} />;
  const { practice, html } = home.data;
  const calendar = async () => {
    const { homeCalendar } = await import('@lotus-steady/core/formats');
    download('at-home.ics', homeCalendar(practice, title, today), 'text/calendar');
  };
  return (
    <div className="mx-auto max-w-3xl print:max-w-none">
      <PageTitle>{title}</PageTitle>
      <div className="mb-4 flex flex-wrap items-end gap-3 print:hidden">
        <NumberField
          label={t('Minutes')}
          unit=""
          value={minutes}
          onChange={setMinutes}
          problem={isWhole(minutes, MINUTES) ? undefined : t('3 to 40')}
        />
        <NumberField
          label={t('Days a week')}
          unit=""
          value={days}
          onChange={setDays}
          problem={isWhole(days, DAYS) ? undefined : t('1 to 7')}
        />
        <NumberField
          label={t('Times a day')}
          unit={times === undefined ? t('{times} as usual', { times: practice.times }) : ''}
          value={times}
          onChange={setTimes}
        />
        <button
          type="button"
          className={PRIMARY}
          disabled={practice.steps.length === 0}
          onClick={() => download('at-home.html', html, 'text/html')}
        >
          <Download size={18} aria-hidden /> {t('Take it along')}
        </button>
        <button type="button" className={PLAIN} disabled={practice.steps.length === 0} onClick={() => void calendar()}>
          <CalendarPlus size={18} aria-hidden /> {t('Into a calendar')}
        </button>
        <button type="button" className={PLAIN} onClick={() => window.print()}>
          <Printer size={18} aria-hidden /> {t('Print')}
        </button>
        {practice.steps.length > 0 && (
          <PrintPdf
            path={`people/${personId}/home/${id}`}
            asked={{ minutes, days, times, ...conventions }}
            name={title.replace(': ', ' ')}
          />
        )}
        <Link to={`/sequences/${id}/for/${named}`} className="underline">
          {t('Back to the score')}
        </Link>
      </div>
      <h1 className="text-2xl">{title}</h1>
      {practice.decision !== 'practise' ? (
        <p className="mt-2">
          <DecisionWord decision={practice.decision} />
          {t(': nothing is sent home before that.')}
        </p>
      ) : (
        <Practice home={home.data} />
      )}
      {personId !== undefined && <BroughtBack person={personId} title={title} today={today} />}
    </div>
  );
}

function Practice({ home: { practice, figures } }: { home: Home }) {
  const { minutes, times, days, steps, growing, skipToday, stopSigns, askToday, emergency, call, review, leftOut } = practice;
  return (
    <>
      <p className="mt-1">
        {tell('About {minutes} minutes, {times, plural, =1 {once} other {# times}} a day:', { minutes, times })}{' '}
        <span className="capitalize">{days.map((day) => say(message(`day.${day}`))).join(', ')}</span>.{' '}
        {t('Until {day}, then you look at it together.', { day: dayWords(review) })}
      </p>
      <p className="mt-1">{say(message('home.not-today', { signs: skipToday }))}</p>
      {growing !== null && <p className="mt-1">{growing}</p>}
      <ol className="mt-3">
        {steps.map(({ index, name, changes, dose, firstWeek, side, setup, in: into, feel, stop, out }, i) => (
          <li key={index} className="flex break-inside-avoid gap-4 border-t border-rule py-3">
            <FigureDrawing figure={figures[i]!} className="h-24 w-32 shrink-0" />
            <div>
              <h2 className="text-lg">
                {i + 1}. {name}
                {changes.length > 0 && `: ${changes.join('; ')}`}
              </h2>
              <p className="font-semibold">
                {doseWithSide(dose, side, say)}
                {firstWeek !== null && <span className="font-normal text-soft"> {t('(first week {firstWeek})', { firstWeek })}</span>}
              </p>
              {setup.length > 0 && (
                <p>{say(message('home.need', { props: setup.map(({ household, place }) => `${household}, ${place}`).join('; ') }))}</p>
              )}
              <p>{into.join(' ')}</p>
              {feel !== '' && <p>{say(message('home.feel', { feel }))}</p>}
              <p>{say(message('home.stop', { stop }))}</p>
              <p>{out.join(' ')}</p>
            </div>
          </li>
        ))}
      </ol>
      {(
        [
          [say(message('home.stop-at-once')), stopSigns],
          [say(message('home.ask-today')), askToday],
          [say(message('home.emergency')), emergency],
          [say(message('home.whom-to-ask')), call],
        ] as const
      ).map(([title, list]) => (
        <section key={title} className="mt-3 break-inside-avoid">
          <h2 className="text-base">{title}</h2>
          <ul className="list-disc pl-5">
            {list.map((one) => (
              <li key={one}>{one}</li>
            ))}
          </ul>
        </section>
      ))}
      {leftOut.length > 0 && (
        <details className="mt-4 print:hidden">
          <summary className="cursor-pointer">{t('Not at home, and why')}</summary>
          <ul className="list-disc pl-5">
            {leftOut.map(({ line, why }) => (
              <li key={line}>{t('Line {line}: {why}', { line, why })}</li>
            ))}
          </ul>
        </details>
      )}
    </>
  );
}
