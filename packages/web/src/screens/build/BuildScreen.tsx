import { useToday } from '../../clock.js';
import { CHARACTERS, doseTold, missingChairs, type BuildAsked, type Character, type PropsAtHand, type Purpose } from '@lotus-steady/core';
import { doseWithSide } from '@lotus-steady/core/sheets';
import type { Person, StoredSequence } from '@lotus-steady/requests';
import { useMutation, useQueries, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { request } from '../../api/client.js';
import { peopleQuery } from '../../api/queries.js';
import { usePeople } from '../../api/use-people.js';
import { PLAIN, PRIMARY } from '../../parts/button-styles.js';
import { Chip } from '../../parts/Chip.js';
import { explain, ScreenFailure } from '../../parts/Failure.js';
import { FigureDrawing } from '../../parts/FigureDrawing.js';
import { Growing, useGrowing } from '../../parts/use-growing.js';
import { Loading } from '../../parts/Loading.js';
import { NumberField } from '../../parts/NumberField.js';
import { Room } from '../../parts/Room.js';
import { SelectField } from '../../parts/SelectField.js';
import { turned } from '../../parts/turned.js';
import { words } from '../../parts/words.js';
import type { ReadText } from '../../worker/answers.js';
import { buildQuery, fitsQuery, readTextQuery } from '../../worker/queries.js';
import { writeShared } from '../score/class-address.js';
import { hasFailed } from '../../api/failed.js';
import { PageTitle } from '../../parts/PageTitle.js';
import { say } from '../../words/say.js';
import { t } from '../../words/t.js';

/** What classes are usually built for; the library knows more. */
const OFFERED: readonly Purpose[] = [
  'calm', 'energise', 'balance', 'breath-awareness', 'ease-back', 'lengthen-spine', 'open-hips', 'open-chest', 'stretch-hamstrings',
  'stretch-hip-flexors', 'stretch-side-body', 'stretch-shoulders', 'stretch-neck', 'strengthen-legs', 'strengthen-back', 'strengthen-core',
  'strengthen-arms', 'pelvic-floor', 'mobilise-shoulders', 'mobilise-hips', 'play',
]; // prettier-ignore
const MINUTES = { from: 5, to: 120, usual: 45 };

/** What a class is asked for by, as the form holds it. */
interface Wanted {
  readonly purposes: Purpose[];
  readonly chosen: number[];
  readonly minutes: number | undefined;
  readonly place: BuildAsked['place'];
  readonly shared: PropsAtHand | null;
}
const USUAL: Wanted = { purposes: [], chosen: [], minutes: MINUTES.usual, place: 'mat', shared: null };

function Steps({ read }: { read: Extract<ReadText, { readonly problems: readonly [] }> }) {
  const drawn = useGrowing(read.sequence.steps.length, 3);
  return (
    <ol className="divide-y divide-rule">
      {read.sequence.steps.slice(0, drawn).map(({ section, dose, side }, i) => {
        const { name, figure } = read.lines[i]!;
        return (
          <li key={i} className="grid grid-cols-[4.5rem_1fr] items-center gap-2 py-1">
            {section !== read.sequence.steps[i - 1]?.section && <h3 className="col-span-2 pt-1 text-sm text-soft">{section}</h3>}
            <FigureDrawing figure={read.figures[figure]!} className="h-11 w-full" />
            <span className="leading-tight">
              {name}
              <span className="block text-sm text-soft">{doseWithSide(say(doseTold(dose)), side, say)}</span>
            </span>
          </li>
        );
      })}
    </ol>
  );
}

/** One of the classes to choose from. */
function Built({
  text,
  character,
  people,
  day,
  onTake,
  busy,
}: {
  people: readonly Person[];
  day: string;
  text: string | undefined;
  character: string;
  onTake: (text: string) => void;
  busy: boolean;
}) {
  const read = useQuery({ ...readTextQuery(text ?? ''), enabled: text !== undefined });
  const fits = useQuery(fitsQuery(text, people, day));
  return (
    <section aria-label={t('A {character} class', { character })} className="rounded border border-rule bg-sheet p-4">
      <div className="mb-2 flex items-center justify-between gap-3">
        <h2 className="text-lg capitalize">{character}</h2>
        <button type="button" className={PRIMARY} disabled={text === undefined || busy} onClick={() => text !== undefined && onTake(text)}>
          {t('Take this one')}
        </button>
      </div>
      {fits.data && (
        <div className="mb-2 text-sm">
          <p>{t('{minutes} min', { minutes: fits.data.minutes })}</p>
          <ul>
            {fits.data.people.map(({ changed, out }, i) => (
              <li key={people[i]!.id} className="text-soft">
                {people[i]!.name}:{' '}
                {changed + out === 0
                  ? t('all as given')
                  : [changed > 0 && t('{changed} changed', { changed }), out > 0 && t('{out} left out', { out })]
                      .filter(Boolean)
                      .join(', ')}
              </li>
            ))}
          </ul>
        </div>
      )}
      {read.data?.sequence ? <Steps read={read.data} /> : <Loading what={t('Building')} />}
    </section>
  );
}

function askedIn(build: Omit<BuildAsked, 'character'>, character: Character): BuildAsked {
  const what = build.purposes.slice(0, 2).map(words).join(' and ');
  return { ...build, character, ...(what !== '' && { title: `${what[0]!.toUpperCase()}${what.slice(1)}, ${character}` }) };
}

/** A class from nothing: what it is for, for whom, how long, where and with which props. */
export function BuildScreen() {
  const everybody = useQuery(peopleQuery);
  const { handleSubmit, control, setValue } = useForm<Wanted>({ defaultValues: USUAL });
  const [purposes, chosen, minutes, place, shared] = useWatch({ control, name: ['purposes', 'chosen', 'minutes', 'place', 'shared'] });
  const [asked, setAsked] = useState<{ readonly build: Omit<BuildAsked, 'character'>; readonly ids: readonly number[] } | null>(null);
  const people = usePeople(asked?.ids ?? []);
  const day = useToday();
  const built = useQueries({
    queries: asked === null ? [] : CHARACTERS.map((character) => buildQuery(people.data, askedIn(asked.build, character), day)),
  });
  const queries = useQueryClient();
  const navigate = useNavigate();
  const take = useMutation({
    mutationFn: (text: string) => request<StoredSequence>('POST', 'sequences', { text }),
    onSuccess: async ({ id }) => {
      await queries.invalidateQueries({ queryKey: ['sequences'] });
      const { ids = [], build } = asked ?? {};
      const room = build?.props ? `?${new URLSearchParams({ shared: writeShared(build.props) })}` : '';
      void navigate(ids.length > 0 ? `/sequences/${id}/for/${ids.join(',')}${room}` : `/sequences/${id}`);
    },
  });
  const isTime = minutes !== undefined && minutes >= MINUTES.from && minutes <= MINUTES.to;
  const seats = place === 'chair' ? missingChairs(shared, Math.max(1, chosen.length)) : null;
  const build = () => {
    if (isTime && seats === null) setAsked({ build: { purposes, minutes, place, props: shared }, ids: chosen });
  };
  const failed = [everybody, people.failed, ...built].find((one) => one && hasFailed(one));
  if (failed) return <ScreenFailure title={t('Build a class')} error={failed.error} onRetry={() => void failed.refetch()} />;
  return (
    <>
      <PageTitle>{t('Build a class')}</PageTitle>
      <h1 className="mb-4 text-2xl">{t('Build a class')}</h1>
      <form onSubmit={(event) => void handleSubmit(build)(event)} className="space-y-5">
        <fieldset>
          <legend className="mb-2 font-semibold">{t('What is it for?')}</legend>
          <div className="flex flex-wrap gap-2">
            {OFFERED.map((purpose) => (
              <Chip
                key={purpose}
                label={words(purpose)}
                pressed={purposes.includes(purpose)}
                onTurn={() => setValue('purposes', turned(purposes, purpose))}
              />
            ))}
          </div>
        </fieldset>
        <fieldset>
          <legend className="mb-2 font-semibold">{t('Who comes?')}</legend>
          <div className="flex flex-wrap gap-2">
            {everybody.data?.map(({ id, name, conditionNames }) => (
              <Chip
                key={id}
                label={name}
                note={conditionNames.join(', ') || t('Nothing to watch')}
                pressed={chosen.includes(id)}
                onTurn={() => setValue('chosen', turned(chosen, id))}
              />
            ))}
          </div>
        </fieldset>
        <div className="flex flex-wrap items-end gap-4">
          <NumberField
            label={t('How long')}
            unit={t('min')}
            value={minutes}
            onChange={(value) => setValue('minutes', value)}
            problem={isTime ? undefined : t('{from} to {to} minutes', { from: MINUTES.from, to: MINUTES.to })}
          />
          <SelectField label={t('Where')} value={place} onChange={(value) => setValue('place', value === 'chair' ? 'chair' : 'mat')}>
            <option value="mat">{t('On the mat')}</option>
            <option value="chair">{t('On chairs')}</option>
          </SelectField>
        </div>
        <Room shared={shared} onChange={(value) => setValue('shared', value)} />
        {seats !== null && (
          <p role="alert" className="text-accent">
            {seats}
          </p>
        )}
        <button type="submit" className={asked === null ? PRIMARY : PLAIN} disabled={!isTime || seats !== null}>
          {asked === null ? t('Build three') : t('Build three anew')}
        </button>
      </form>
      {take.isError && (
        <p role="alert" className="mt-3 text-accent">
          {t('Not taken: {reason}', { reason: explain(take.error) })}
        </p>
      )}
      {asked !== null && (
        <div className="mt-6 grid gap-4 lg:grid-cols-3">
          <Growing>
            {built.map(({ data }, i) => (
              <Built
                key={CHARACTERS[i]}
                character={CHARACTERS[i]!}
                text={data}
                people={people.data ?? []}
                day={day}
                onTake={(text) => take.mutate(text)}
                busy={take.isPending}
              />
            ))}
          </Growing>
        </div>
      )}
    </>
  );
}
