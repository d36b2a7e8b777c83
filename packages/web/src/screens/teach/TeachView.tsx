import { fittedTo, type Beat, type Cue, type Listener } from '@lotus-steady/core/cues';
import { useQuery } from '@tanstack/react-query';
import { ChevronLeft, ChevronRight, List, Maximize, MonitorUp, Pause, Play, Shuffle, X } from 'lucide-react';
import { useCallback, useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { BAR, PLAIN, PRIMARY } from '../../parts/button-styles.js';
import { Interruption } from '../../parts/Interruption.js';
import { PageTitle } from '../../parts/PageTitle.js';
import { StepFigure, StepFigurePair } from '../../parts/StepFigure.js';
import { cuesQuery } from '../../worker/queries.js';
import { useShownInRoom, type Told } from '../room/room-channel.js';
import { useRoomCode, useToldElsewhere } from '../room/room-code.js';
import { clock } from '../score/layout.js';
import { BreathPacer } from './BreathPacer.js';
import { marked, useClassRun } from './class-run.js';
import { HowToTeach } from './HowToTeach.js';
import { MarkTiles, ONE_ROW } from './MarkTiles.js';
import { NoteDialog } from './NoteDialog.js';
import { Steps } from './Steps.js';
import { Swap, type SwapOf } from './Swap.js';
import type { TaughtFigure, TaughtStep } from './taught.js';
import { useTeachingSettings } from './teaching-settings.js';
import { sound } from './tones.js';
import { useCountdown } from './use-countdown.js';
import { useLate } from './use-late.js';
import { useVoice } from './use-voice.js';
import { useWakeLock } from './use-wake-lock.js';
import { t } from '../../words/t.js';

const ROUND = 'rounded-full border-2 border-ink p-3 disabled:opacity-40 sm:p-4';
const KEY = `${ROUND} hover:bg-shade`;
const TOOL = 'rounded p-2 hover:bg-shade';
/** A hold is made longer by so many seconds at a tap. */
const LONGER = 15;

/** What others in the class do instead, each with its names. */
function Others({ others, mirrored }: { others: readonly TaughtFigure[]; mirrored: string }) {
  return (
    <ul className="mt-1 flex flex-wrap justify-center gap-x-6 gap-y-2 border-t border-rule pt-2" aria-label={t('Instead')}>
      {others.map(({ picture, name, changes, who }) => (
        <li key={name + changes.join()} className="max-w-80 text-center leading-tight">
          <StepFigure picture={picture} className={`mx-auto h-[11dvh] lg:h-[14dvh] ${mirrored}`} />
          <strong className="text-xl lg:text-2xl">{who.join(', ')}</strong>
          <span className="block text-lg lg:text-xl">
            {name}
            {changes.length > 0 && `: ${changes.join('; ')}`}
          </span>
        </li>
      ))}
    </ul>
  );
}

interface Props {
  readonly taught: readonly TaughtStep[];
  readonly planned: readonly Beat[];
  /** Who is taught. */
  readonly people: readonly (Listener & { readonly id: number; readonly name: string })[];
  /** Whoever may not practise today. */
  readonly sittingOut: readonly { readonly id: number; readonly name: string }[];
  readonly breathSeconds: number;
  /** Names the run on this device. */
  readonly run: string;
  readonly back: string;
  readonly log: string;
  /** Tells this plan from what it becomes when a way is swapped. */
  readonly plan: string;
  readonly swapOf: (personId: number, index: number) => SwapOf;
  /** Takes another way for someone in a step. */
  readonly onSwap: (personId: number, index: number, figure: string) => void;
}

/** The line of a beat that is said now: the latest that has begun, or its first one. The name alone is in sight anyway. */
function lineAt(cues: readonly Cue[], beat: Pick<Beat, 'isSecondSide'>, at: number, now: number): Cue | null {
  const own = cues.filter((cue) => cue.beat === at && (cue.kind !== 'name' || beat.isSecondSide));
  return own.findLast(({ at }) => at <= now + 0.05) ?? own[0] ?? null;
}

const NO_NOTES: Readonly<Record<number, string>> = {};

/** One step at a time, to be read from two metres: what to say, how long, which side, who does what, what next. */
export function TeachView({ taught, planned, people, sittingOut, breathSeconds, run: key, back, log, plan, swapOf, onSwap }: Props) {
  const everybody = people.length + sittingOut.length;
  const [run, keepRun] = useClassRun(key);
  const [settings, changeSettings] = useTeachingSettings();
  const fits = run?.fits;
  const beats = useMemo(
    () => (fits ?? []).reduce((all, { from, secondsLeft }) => fittedTo(all, from, secondsLeft).beats, planned),
    [planned, fits],
  );
  const seconds = useMemo(() => beats.map((beat) => beat.ready + beat.seconds), [beats]);
  const [resumed] = useState(run !== null && run.startedAt !== null && (run.beat > 0 || run.left > 0));
  const { beat: at, left, running, turn, go, jump, add } = useCountdown(seconds, resumed ? run : null);
  const navigate = useNavigate();
  const [listed, setListed] = useState(false);
  const [leaving, setLeaving] = useState(false);
  /** Of whom a note is written. */
  const [noting, setNoting] = useState<number | null>(null);
  const notes = run?.notes ?? NO_NOTES;
  /** Open while another way is looked for; the clock stands, and then does what it did. */
  const [swapping, setSwapping] = useState<'running' | 'standing' | null>(null);
  useWakeLock(running);

  const beat = beats[at];
  const starts = useMemo(() => seconds.map((_, i) => seconds.slice(0, i).reduce((sum, one) => sum + one, 0)), [seconds]);
  const total = starts.length > 0 ? starts.at(-1)! + seconds.at(-1)! : 0;
  const elapsed = beat ? seconds[at]! - left : 0;
  const remaining = total - (starts[at] ?? 0) - elapsed;
  const finished = !running && left === 0;
  const whole = planned.reduce((sum, one) => sum + one.ready + one.seconds, 0);
  const late = useLate(finished ? null : (run?.startedAt ?? null), whole, remaining);

  // The same second of the same step after a reload, a dead battery, another tab.
  const second = Math.ceil(left);
  useEffect(() => {
    if (running) keepRun({ beat: at, left: second });
  }, [at, second, running, keepRun]);
  const begun = run?.startedAt !== null && run !== null;
  useEffect(() => {
    if (running && !begun) keepRun({ startedAt: new Date().toISOString() });
  }, [running, begun, keepRun]);
  useEffect(() => {
    if (begun && finished) keepRun({ beat: at, left: 0, endedAt: new Date().toISOString() });
  }, [begun, finished, at, keepRun]);

  const { words, facing, exhaleOnEffort, voice, tones, volume } = settings;
  const cues = useQuery(
    cuesQuery(
      `${key} ${plan} ${JSON.stringify(fits ?? [])} ${whole}`,
      beats,
      people,
      words === 'none' ? null : { length: words, facing, exhaleOnEffort },
    ),
  );
  const now = (starts[at] ?? 0) + elapsed;
  const line = beat && words !== 'none' && cues.data ? lineAt(cues.data, beat, at, now) : null;
  // Whom a form is offered to is never said aloud; whoever teaches sees it.
  const offeredTo =
    line?.kind === 'option' &&
    people
      .filter(({ id }) => line.for.includes(String(id)))
      .map(({ name }) => name)
      .join(', ');
  const spoken = running ? cues.data?.findLast((cue) => cue.beat === at && cue.at <= now) : null;
  useVoice(words === 'none' ? null : (spoken ?? null), voice && running, volume);

  const heard = useRef(at);
  useEffect(() => {
    if (heard.current === at) return;
    heard.current = at;
    if (tones && running) sound(beats[at]?.isSecondSide ? 'side' : 'step', volume);
  }, [at, beats, tones, running, volume]);
  useEffect(() => {
    if (begun && finished && tones) sound('end', volume);
  }, [begun, finished, tones, volume]);

  const leave = useCallback(() => {
    if (begun) setLeaving(true);
    else void navigate(back);
  }, [begun, navigate, back]);

  const swap = useCallback(() => {
    setSwapping(running ? 'running' : 'standing');
    if (running) turn();
  }, [running, turn]);

  // Before the step is painted: a pedal pressed the moment it is seen counts.
  useLayoutEffect(() => {
    // A page-turner pedal sends arrow or page keys.
    const press = (event: KeyboardEvent) => {
      if (document.querySelector('[role=dialog]')) return;
      if (event.target instanceof Element && event.target.matches('input, select')) return;
      if (event.key === 'ArrowRight' || event.key === 'PageDown') go(1);
      else if (event.key === 'ArrowLeft' || event.key === 'PageUp') go(-1);
      else if (event.key === ' ' && !(event.target instanceof HTMLButtonElement)) turn();
      else if (event.key === 'o' && !finished) swap();
      else if (event.key === 'Escape') leave();
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [go, turn, swap, leave, finished]);

  const step = beat && taught[beat.index]!;
  const main = step?.figures[0];
  const told: Told | null =
    main && beat
      ? {
          name: main.name,
          side: beat.side,
          picture: main.picture.key,
          left: Math.ceil(Math.min(left, beat.seconds)),
          running,
          elapsed: Math.floor(elapsed),
          breathSeconds,
          mirrored: facing,
        }
      : null;
  const room = useRoomCode();
  useShownInRoom(told);
  useToldElsewhere(room, told);
  if (!beat || !step || !main) return <p className="p-8 text-xl">{t('Nothing is left to teach in this plan.')}</p>;
  const { figures, getting } = step;
  const others = figures.slice(1);
  const next = beats[at + 1];
  const nextStep = next && taught[next.index]!;
  const ready = left > beat.seconds;
  const mirrored = facing ? '-scale-x-100' : '';
  const nextLine = next && cues.data?.find((cue) => cue.beat === at + 1 && (cue.kind === 'way-in' || cue.kind === 'prop'));

  return (
    <div className="flex min-h-full flex-col px-3 pt-1 sm:px-5 sm:pt-2">
      <PageTitle>{t('Teaching: {name}', { name: main.name })}</PageTitle>
      <div className="flex items-center gap-1 sm:gap-3">
        <p className="text-xl whitespace-nowrap tabular-nums">
          <strong>{at + 1}</strong> <span className="text-soft">{t('of {beats}', { beats: beats.length })}</span>
        </p>
        <progress className={`h-2 min-w-8 grow ${BAR}`} max={total} value={total - remaining} aria-label={t('How far the class is')} />
        <p className="text-xl whitespace-nowrap tabular-nums" title={t('Time left in the class')}>
          {clock(remaining)}
        </p>
        {late > 0 && (
          <button
            type="button"
            className="rounded border-2 border-ink px-3 py-1 text-lg font-semibold whitespace-nowrap hover:bg-shade"
            onClick={() => keepRun({ fits: [...(fits ?? []), { from: at + 1, secondsLeft: Math.max(0, remaining - left - late * 60) }] })}
          >
            {t('{late} min late: fit the rest', { late })}
          </button>
        )}
        <button type="button" className={TOOL} onClick={() => setListed(true)} aria-label={t('Go to a step')} title={t('Go to a step')}>
          <List size={26} aria-hidden />
        </button>
        {!finished && (
          <button
            type="button"
            className={TOOL}
            aria-label={t('Another way for someone')}
            title={t('Another way for someone (O)')}
            onClick={swap}
          >
            <Shuffle size={26} aria-hidden />
          </button>
        )}
        <HowToTeach settings={settings} onChange={changeSettings} room={room} />
        <a
          className={`${TOOL} max-sm:hidden`}
          href="/room"
          target="_blank"
          rel="opener"
          aria-label={t('Open the room’s screen')}
          title={t('Open the room’s screen')}
        >
          <MonitorUp size={26} aria-hidden />
        </a>
        <button
          type="button"
          className={`${TOOL} max-sm:hidden`}
          aria-label={t('Full screen')}
          title={t('Full screen')}
          onClick={() => void (document.fullscreenElement ? document.exitFullscreen() : document.documentElement.requestFullscreen())}
        >
          <Maximize size={26} aria-hidden />
        </button>
        <button type="button" className={TOOL} onClick={leave} aria-label={t('Stop teaching')} title={t('Stop teaching')}>
          <X size={28} aria-hidden />
        </button>
      </div>
      {resumed && !running && !finished && (
        <p className="rounded bg-shade px-3 py-1 text-lg">
          {t('You were here when you left. ')}
          <button type="button" className="underline" onClick={() => jump(0)}>
            {t('From the beginning')}
          </button>
        </p>
      )}
      <div className="grid grow gap-x-6 gap-y-2 lg:grid-cols-[1.2fr_1fr]">
        <div className="self-end max-lg:order-last">
          <div className={mirrored}>
            <StepFigurePair
              picture={main.picture}
              label={main.name}
              className={`w-full ${others.length === 0 ? 'h-[26dvh] lg:h-[58dvh]' : everybody > ONE_ROW ? 'h-[17dvh] lg:h-[24dvh]' : 'h-[17dvh] lg:h-[32dvh]'}`}
            />
          </div>
          {main.who.length > 0 && <p className="text-center text-lg lg:text-2xl">{main.who.join(', ')}</p>}
          {others.length > 0 && <Others others={others} mirrored={mirrored} />}
        </div>
        <div className="flex flex-col gap-2 lg:justify-center lg:gap-4">
          <div className="flex items-start justify-between gap-4">
            <div aria-live="polite">
              <h1 className="text-2xl text-soft sm:text-4xl">{main.name}</h1>
              {beat.side && (
                <p className="text-2xl font-semibold text-accent uppercase sm:text-4xl">
                  {beat.side === 'left' ? t('left side') : t('right side')}
                  {facing && (
                    <span className="text-xl normal-case sm:text-2xl"> {beat.side === 'left' ? t('(you: right)') : t('(you: left)')}</span>
                  )}
                </p>
              )}
              <p className="text-xl sm:text-3xl">{step.step.dose}</p>
              {main.changes.length > 0 && <p className="text-lg sm:text-2xl">{main.changes.join('; ')}</p>}
            </div>
            <div className="flex shrink-0 items-center gap-3">
              <div className="text-right">
                <p
                  className="font-serif text-6xl leading-none tabular-nums sm:text-8xl"
                  role="timer"
                  aria-label={ready ? t('Time to get ready') : t('Time left')}
                >
                  {finished ? t('Done') : clock(Math.ceil(ready ? left - beat.seconds : left))}
                </p>
                {ready && !finished && <p className="text-lg sm:text-xl">{t('getting there')}</p>}
              </div>
              {!ready && !finished && <BreathPacer elapsed={elapsed - beat.ready} breathSeconds={breathSeconds} running={running} />}
            </div>
          </div>
          {offeredTo && <p className="-mb-2 text-lg text-soft lg:text-xl">{t('Offered to {names}:', { names: offeredTo })}</p>}
          {line && (
            <blockquote className="font-serif text-2xl leading-snug font-semibold sm:min-h-28 sm:text-4xl" aria-label={t('Say now')}>
              {line.say}
            </blockquote>
          )}
          {getting.map(({ say, who }) => (
            <p key={say} className="text-lg lg:text-xl">
              <span className="text-soft">
                {t('Getting there')}
                {who.length > 0 && who.length < people.length && `, ${who.join(', ')}`}:
              </span>{' '}
              {say}
            </p>
          ))}
        </div>
      </div>
      <div className="sticky bottom-0 mt-2 border-t border-rule bg-paper py-2">
        <div className="mb-2 flex items-center justify-between gap-3">
          <div className="flex min-w-0 items-center gap-3">
            {nextStep && everybody <= ONE_ROW && (
              <StepFigure picture={nextStep.figures[0]!.picture} className={`hidden h-16 w-28 sm:block ${mirrored}`} />
            )}
            <p className="min-w-0 text-xl leading-tight lg:text-2xl">
              <span className="text-soft">{next ? t('Next: ') : t('Last step')}</span>
              {next && nextStep && (
                <strong>
                  {nextStep.figures[0]!.name}
                  {next.side && `, ${next.side}`}
                </strong>
              )}
              {nextLine && <span className="line-clamp-1 text-lg max-sm:hidden lg:text-xl">{nextLine.say}</span>}
            </p>
          </div>
          <div className="flex shrink-0 gap-2 sm:gap-3">
            {finished && begun ? (
              <Link to={log} className={`${PRIMARY} text-xl`}>
                {t('Note how it was')}
              </Link>
            ) : (
              <>
                <button type="button" className={`${KEY} text-lg max-sm:hidden`} onClick={() => add(LONGER)} title={t('Stay longer')}>
                  +{LONGER} s
                </button>
                <button
                  type="button"
                  className={KEY}
                  onClick={() => go(-1)}
                  disabled={at === 0 && elapsed === 0}
                  aria-label={t('Back')}
                  title={t('From the beginning; pressed again, the step before')}
                >
                  <ChevronLeft size={30} aria-hidden />
                </button>
                <button
                  type="button"
                  className={`${ROUND} bg-ink text-paper`}
                  onClick={turn}
                  disabled={finished}
                  aria-label={running ? t('Pause') : t('Start')}
                >
                  {running ? <Pause size={30} aria-hidden /> : <Play size={30} aria-hidden />}
                </button>
                <button type="button" className={KEY} onClick={() => go(1)} disabled={finished} aria-label={t('Next')}>
                  <ChevronRight size={30} aria-hidden />
                </button>
              </>
            )}
          </div>
        </div>
        <MarkTiles
          people={people}
          sittingOut={sittingOut}
          beat={beat}
          marks={run?.marks ?? []}
          notes={notes}
          onNote={setNoting}
          onMark={(personId) => {
            const form = beat.forms.find((one) => one.people.includes(String(personId)));
            const of = {
              personId,
              index: beat.index,
              asana: form?.asana ?? step.step.given,
              variation: form?.variation ?? 'plain',
              side: beat.side,
            };
            keepRun({ marks: marked(run?.marks ?? [], of) });
          }}
        />
      </div>
      <NoteDialog
        name={people.find(({ id }) => id === noting)?.name ?? null}
        text={noting === null ? '' : (notes[noting] ?? '')}
        onChange={(text) => noting !== null && keepRun({ notes: { ...notes, [noting]: text } })}
        onClose={() => setNoting(null)}
      />
      <Steps beats={beats} taught={taught} at={at} open={listed} onClose={() => setListed(false)} onJump={jump} />
      <Swap
        open={swapping !== null}
        onClose={() => {
          if (swapping === 'running') turn();
          setSwapping(null);
        }}
        step={main.name}
        people={people}
        of={(personId) => swapOf(personId, beat.index)}
        onTake={(personId, figure) => onSwap(personId, beat.index, figure)}
      />
      <Interruption open={leaving} onClose={() => setLeaving(false)} title={t('Stop teaching?')}>
        <p className="mt-2">{t('Where you are and what you marked is kept on this device: you can come back to it.')}</p>
        <div className="mt-4 flex flex-col gap-3">
          <button type="button" className={PRIMARY} onClick={() => setLeaving(false)}>
            {t('Go on teaching')}
          </button>
          <Link to={log} className={PLAIN}>
            {t('End it and note how it was')}
          </Link>
          <Link to={back} className={PLAIN}>
            {t('Back to the score')}
          </Link>
        </div>
      </Interruption>
    </div>
  );
}
