import { useQuery } from '@tanstack/react-query';
import { PART_NAMES, type LessonAsked } from '@lotus-steady/core/lessons';
import { Printer } from 'lucide-react';
import { useDeferredValue, useMemo, useState } from 'react';
import { PLAIN } from '../../parts/button-styles.js';
import { NumberField } from '../../parts/NumberField.js';
import { PageTitle } from '../../parts/PageTitle.js';
import { PrintPdf } from '../../parts/PrintPdf.js';
import { SelectField } from '../../parts/SelectField.js';
import { TextField } from '../../parts/TextField.js';
import { Thumb } from '../../parts/Thumb.js';
import { lessonQuery } from '../../worker/queries.js';
import { PictureCards } from './PictureCards.js';
import { SingleChildren } from './SingleChildren.js';
import { t } from '../../words/t.js';
import { tell } from '../../words/tell.js';

const YOUNGEST = 4;
const OLDEST = 17;
const MINUTES = { from: 5, to: 60, youngest: 20 } as const;
const MOST_CHILDREN = 40;

/** A lesson for children in the words to say, for who has never taught yoga. */
export function LessonScreen() {
  const [age, setAge] = useState<number | undefined>(7);
  const [minutes, setMinutes] = useState<number | undefined>(20);
  const [children, setChildren] = useState<number | undefined>(12);
  const [space, setSpace] = useState<LessonAsked['space']>('mats');
  const [theme, setTheme] = useState('');
  const about = useDeferredValue(theme);
  const most = age !== undefined && age < 6 ? MINUTES.youngest : MINUTES.to;
  const problems = {
    age:
      age !== undefined && age >= YOUNGEST && age <= OLDEST
        ? undefined
        : t('{youngest} to {oldest}', { youngest: YOUNGEST, oldest: OLDEST }),
    minutes:
      minutes !== undefined && minutes >= MINUTES.from && minutes <= most ? undefined : t('{from} to {most}', { from: MINUTES.from, most }),
    children:
      children !== undefined && Number.isInteger(children) && children >= 1 && children <= MOST_CHILDREN
        ? undefined
        : t('1 to {mostChildren}', { mostChildren: MOST_CHILDREN }),
  };
  const isAsked = Object.values(problems).every((one) => one === undefined);
  const asked = useMemo(
    () =>
      isAsked && age !== undefined && minutes !== undefined && children !== undefined
        ? { age, minutes, children, space, theme: about }
        : null,
    [isAsked, age, minutes, children, space, about],
  );
  const lesson = useQuery(lessonQuery(asked));
  return (
    <div className="mx-auto max-w-3xl print:max-w-none">
      <PageTitle>{t('A lesson for children')}</PageTitle>
      <h1 className="mb-3 text-2xl">{t('A lesson for children')}</h1>
      <div className="mb-4 grid grid-cols-2 items-end gap-3 sm:grid-cols-6 print:hidden">
        <NumberField label={t('Age')} unit="" value={age} onChange={setAge} problem={problems.age} />
        <NumberField label={t('Minutes')} unit="" value={minutes} onChange={setMinutes} problem={problems.minutes} />
        <NumberField label={t('Children')} unit="" value={children} onChange={setChildren} problem={problems.children} />
        <SelectField label={t('Where')} value={space} onChange={(value) => setSpace(value as LessonAsked['space'])}>
          <option value="mats">{t('on mats')}</option>
          <option value="hall">{t('in a hall')}</option>
          <option value="desks">{t('between desks')}</option>
        </SelectField>
        <TextField label={t('About')} value={theme} onChange={setTheme} />
        <button type="button" className={PLAIN} onClick={() => window.print()}>
          <Printer size={18} aria-hidden /> {t('Print')}
        </button>
      </div>
      {asked && (
        <div className="mb-4 print:hidden">
          <PrintPdf path="lesson/sheet" asked={asked} name={t('Lesson, {age} years', { age: asked.age })} />
        </div>
      )}
      {lesson.data && (
        <>
          <p className="text-soft">
            {tell(
              '{adults, plural, =1 {One grown-up} other {# grown-ups}}. Say it as it stands here; whoever wants to rests in the rest shape at any time.',
              { adults: lesson.data.adults },
            )}
          </p>
          <ol className="mt-3">
            {lesson.data.parts.map(({ kind, minutes: time, say, steps }) => (
              <li key={kind} className="break-inside-avoid border-t border-rule py-3">
                <h2 className="text-lg">
                  {PART_NAMES[kind]} <span className="font-sans text-sm font-normal text-soft">{t('{time} min', { time })}</span>
                </h2>
                <div className="flex gap-4">
                  <ul className="grow space-y-1 font-serif text-lg">
                    {say.map((line, i) => (
                      <li key={i}>{line}</li>
                    ))}
                  </ul>
                  {steps.length > 0 && (
                    <ul className="w-28 shrink-0 space-y-1 text-sm sm:w-40">
                      {[...new Map(steps.map((step) => [step.asana, step])).values()].map(({ asana, variation, seconds, easier }) => (
                        <li key={asana}>
                          <Thumb id={asana} variation={variation} className="h-20 w-full" />
                          {seconds} s{easier !== null && <span className="block text-soft">{t('Easier: {easier}', { easier })}</span>}
                        </li>
                      ))}
                    </ul>
                  )}
                </div>
              </li>
            ))}
          </ol>
          {asked && <SingleChildren asked={asked} />}
          <PictureCards steps={lesson.data.parts.flatMap(({ steps }) => steps)} />
        </>
      )}
    </div>
  );
}
