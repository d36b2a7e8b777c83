import type { FileProblem } from '@lotus-steady/core/formats';
import type { HomeDay } from '@lotus-steady/core/home';
import { homeLogKey } from '@lotus-steady/requests';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { addDays, formatISO, parseISO } from 'date-fns';
import { useState } from 'react';
import { historyQuery } from '../../api/queries.js';
import { BroughtLogs, useBroughtLogs } from '../../parts/BroughtLogs.js';
import { PRIMARY } from '../../parts/button-styles.js';
import { FileProblems } from '../../parts/FileProblems.js';
import { OpenFile } from '../../parts/OpenFile.js';
import { dayWords } from '../../parts/words.js';
import { t } from '../../words/t.js';
import { tell } from '../../words/tell.js';

/** So many days back can be told without a file. */
const DAYS_BACK = 14;
const POINTS = Array.from({ length: 11 }, (_, k) => k);

function daysUntil(today: string): string[] {
  return Array.from({ length: DAYS_BACK }, (_, k) => formatISO(addDays(parseISO(today), -k), { representation: 'date' }));
}

interface Props {
  readonly person: number;
  readonly title: string;
  readonly today: string;
}

/** What somebody did at home: from the file that their sheet saved, or ticked here from paper; kept with their classes. */
export function BroughtBack({ person, title, today }: Props) {
  const queries = useQueryClient();
  const history = useQuery(historyQuery(person));
  const [done, setDone] = useState<ReadonlyMap<string, HomeDay>>(new Map());
  const [note, setNote] = useState('');
  const [problems, setProblems] = useState<readonly FileProblem[]>([]);
  const here = new Set(history.data?.map(({ key }) => key));
  const isHere = (day: string) => here.has(homeLogKey(person, day));
  const days = [...new Set([...daysUntil(today), ...done.keys()])].sort().reverse();
  const added = [...done.values()].filter(({ day }) => !isHere(day));
  const renew = () => queries.invalidateQueries({ queryKey: historyQuery(person).queryKey });
  const logs = useBroughtLogs(renew);
  const keep = () =>
    logs.bring.mutate(
      added.map(({ day, before, after }, i) => ({
        key: homeLogKey(person, day),
        title,
        day,
        startedAt: null,
        endedAt: null,
        note: '',
        incident: '',
        people: [
          {
            personId: person,
            present: true,
            before: before === null ? {} : { pain: before },
            after: after === null ? {} : { pain: after },
            felt: null,
            harder: null,
            // It was told of all of them, and stands once.
            note: i === 0 ? note : '',
            marks: [],
            decided: [],
          },
        ],
      })),
    );
  const change = (day: string, next: HomeDay | null) => {
    const others = new Map(done);
    if (next) others.set(day, next);
    else others.delete(day);
    setDone(others);
    logs.forget();
  };
  const open = async (chosen: File) => {
    const { readDiaryFile } = await import('@lotus-steady/core/formats');
    const { diary, problems: wrong } = readDiaryFile(await chosen.text(), today);
    setProblems(wrong);
    logs.forget();
    if (!diary) return;
    setDone(new Map(diary.days.map((one) => [one.day, one])));
    setNote(diary.note);
  };
  return (
    <section aria-labelledby="brought-back" className="mt-6 print:hidden">
      <h2 id="brought-back" className="text-lg">
        {t('What was done')}
      </h2>
      <p className="mb-2 text-soft">{t('Open the file that they bring back, or tick the days from their paper.')}</p>
      <OpenFile
        label={t('Open their file …')}
        name={t('File with what was done at home')}
        accept=".json,application/json"
        onFile={(chosen) => void open(chosen)}
      />
      <FileProblems problems={problems} />
      <table className="mt-3 text-left">
        <thead>
          <tr className="border-b border-ink text-sm">
            <th className="py-1 pr-4">{t('Day')}</th>
            <th className="py-1 pr-4">{t('Done')}</th>
            <th className="py-1 pr-4">{t('Pain before')}</th>
            <th className="py-1">{t('Pain after')}</th>
          </tr>
        </thead>
        <tbody>
          {days.map((day) => {
            const own = done.get(day);
            return (
              <tr key={day} className="border-b border-rule">
                <th scope="row" className="py-1 pr-4 font-normal whitespace-nowrap">
                  {dayWords(day)}
                </th>
                {isHere(day) ? (
                  <td colSpan={3} className="text-soft">
                    {t('kept already')}
                  </td>
                ) : (
                  <>
                    <td className="pr-4">
                      <input
                        type="checkbox"
                        className="size-5"
                        aria-label={t('Done on {day}', { day: dayWords(day) })}
                        checked={own !== undefined}
                        onChange={({ target }) => change(day, target.checked ? { day, before: null, after: null } : null)}
                      />
                    </td>
                    {(['before', 'after'] as const).map((when) => (
                      <td key={when} className="pr-4">
                        <select
                          className="rounded border border-rule bg-sheet px-2 py-1"
                          aria-label={t('Pain {when} on {day}', { when, day: dayWords(day) })}
                          value={own?.[when] ?? ''}
                          onChange={({ target }) =>
                            change(day, {
                              ...(own ?? { day, before: null, after: null }),
                              [when]: target.value === '' ? null : Number(target.value),
                            })
                          }
                        >
                          <option value="">–</option>
                          {POINTS.map((one) => (
                            <option key={one}>{one}</option>
                          ))}
                        </select>
                      </td>
                    ))}
                  </>
                )}
              </tr>
            );
          })}
        </tbody>
      </table>
      {note !== '' && <p className="mt-2">{t('They write: “{note}”', { note })}</p>}
      <button
        type="button"
        className={`${PRIMARY} mt-3`}
        disabled={added.length === 0 || logs.bring.isPending || history.isPending}
        onClick={keep}
      >
        {added.length === 0 ? t('Keep') : tell('Keep {added, plural, one {# day} other {# days}}', { added: added.length })}
      </button>
      <BroughtLogs logs={logs} said={(count) => tell('{count, plural, one {# day} other {# days}} added.', { count })} />
    </section>
  );
}
