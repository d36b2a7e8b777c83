import { ChevronLeft, ChevronRight, Pause, Play, X } from 'lucide-react';
import { useLayoutEffect, useMemo } from 'react';
import { Link, useNavigate } from 'react-router';
import { StepFigure, StepFigurePair } from '../../parts/StepFigure.js';
import { clock } from '../score/layout.js';
import { beatsOf } from './beats.js';
import { BreathPacer } from './BreathPacer.js';
import type { TaughtFigure, TaughtStep } from './taught.js';
import { useCountdown } from './use-countdown.js';
import { useWakeLock } from './use-wake-lock.js';
import { PageTitle } from '../../parts/PageTitle.js';

const ROUND = 'rounded-full border-2 border-ink p-3 disabled:opacity-40 sm:p-5';
const KEY = `${ROUND} hover:bg-shade`;

/** What others in the class do instead, each with its names. */
function Others({ main, others }: { main: TaughtFigure; others: readonly TaughtFigure[] }) {
  return (
    <>
      <p className="text-center text-soft">{main.who.join(', ')}</p>
      <ul className="mt-2 flex flex-wrap justify-center gap-x-6 gap-y-3 border-t border-rule pt-2" aria-label="Instead">
        {others.map(({ picture, name, changes, who }) => (
          <li key={name + changes.join()} className="max-w-72 text-center leading-tight">
            <StepFigure picture={picture} className="mx-auto h-[12dvh] lg:h-[15dvh]" />
            <strong className="text-lg">{who.join(', ')}</strong>
            <span className="block">
              {name}
              {changes.length > 0 && `: ${changes.join('; ')}`}
            </span>
          </li>
        ))}
      </ul>
    </>
  );
}

/** One step at a time, to be read from two metres: what, how long, which side, what next. */
export function TeachView({ taught, breathSeconds, back }: { taught: readonly TaughtStep[]; breathSeconds: number; back: string }) {
  const steps = useMemo(() => taught.map(({ step }) => step), [taught]);
  const beats = useMemo(() => beatsOf(steps), [steps]);
  const seconds = useMemo(() => beats.map((beat) => beat.seconds), [beats]);
  const { beat: at, left, running, turn, go } = useCountdown(seconds);
  const navigate = useNavigate();
  useWakeLock(running);

  // Before the step is painted: a pedal pressed the moment it is seen counts.
  useLayoutEffect(() => {
    // A page-turner pedal sends arrow or page keys.
    const press = (event: KeyboardEvent) => {
      if (event.key === 'ArrowRight' || event.key === 'PageDown') go(1);
      else if (event.key === 'ArrowLeft' || event.key === 'PageUp') go(-1);
      else if (event.key === ' ' && !(event.target instanceof HTMLButtonElement)) turn();
      else if (event.key === 'Escape') void navigate(back);
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [go, turn, navigate, back]);

  const beat = beats[at];
  if (!beat) return <p className="p-8 text-xl">Nothing is left to teach in this plan.</p>;
  const step = steps[beat.index]!;
  const { figures, getting } = taught[beat.index]!;
  const [main, ...others] = figures;
  const next = beats[at + 1];
  const nextPicture = next && taught[next.index]!.figures[0]!.picture;
  const finished = !running && left === 0;
  const elapsed = beat.seconds - left;

  return (
    <div className="flex min-h-full flex-col px-3 pt-2 sm:px-5 sm:pt-4">
      <div className="flex items-center justify-between gap-4">
        <p className="text-lg text-soft">
          {at + 1} of {beats.length}
          {step.section !== '' && ` · ${step.section}`}
        </p>
        <Link to={back} className="rounded p-2 hover:bg-shade" aria-label="Stop teaching">
          <X size={28} aria-hidden />
        </Link>
      </div>
      <div className="grid grow gap-4 lg:grid-cols-[1.25fr_1fr]">
        <div className="self-end">
          <StepFigurePair
            picture={main!.picture}
            label={main!.name}
            className={`w-full ${others.length === 0 ? 'h-[26dvh] sm:h-[36dvh] lg:h-[64dvh]' : 'h-[20dvh] lg:h-[40dvh]'}`}
          />
          {others.length > 0 && <Others main={main!} others={others} />}
        </div>
        <div className="flex flex-col gap-3 lg:justify-center">
          <PageTitle>{`Teaching: ${main!.name}`}</PageTitle>
          <h1 className="text-3xl sm:text-5xl">{main!.name}</h1>
          {beat.side && <p className="text-2xl font-semibold text-accent uppercase sm:text-3xl">{beat.side} side</p>}
          <p className="text-xl sm:text-2xl">{step.dose}</p>
          {main!.changes.length > 0 && <p className="text-lg sm:text-xl">{main!.changes.join('; ')}</p>}
          {getting.map(({ say, who }) => (
            <p key={say} className="text-lg text-soft">
              Getting there{who.length > 0 && `, ${who.join(', ')}`}: {say}
            </p>
          ))}
          <div className="flex flex-wrap items-center gap-x-8 gap-y-2">
            <p className="font-serif text-6xl tabular-nums sm:text-8xl" role="timer" aria-label="Time left">
              {finished ? 'Done' : clock(Math.ceil(left))}
            </p>
            <BreathPacer elapsed={elapsed} breathSeconds={breathSeconds} running={running} />
          </div>
          {step.cues[0] && <p className="text-lg text-soft sm:text-xl">{step.cues[0]}</p>}
        </div>
      </div>
      <div className="sticky bottom-0 mt-3 flex items-center justify-between gap-3 border-t border-rule bg-paper py-3">
        <div className="flex gap-3">
          <button type="button" className={KEY} onClick={() => go(-1)} disabled={at === 0} aria-label="Back">
            <ChevronLeft size={32} aria-hidden />
          </button>
          <button
            type="button"
            className={`${ROUND} bg-ink text-paper`}
            onClick={turn}
            disabled={finished}
            aria-label={running ? 'Pause' : 'Start'}
          >
            {running ? <Pause size={32} aria-hidden /> : <Play size={32} aria-hidden />}
          </button>
          <button type="button" className={KEY} onClick={() => go(1)} disabled={at + 1 >= beats.length} aria-label="Next">
            <ChevronRight size={32} aria-hidden />
          </button>
        </div>
        <div className="flex items-center gap-3" aria-live="polite">
          <p className="text-right text-lg leading-tight">
            <span className="block text-soft">{next ? 'Next' : 'Last step'}</span>
            {next && (
              <strong>
                {taught[next.index]!.figures[0]!.name}
                {next.side && `, ${next.side}`}
              </strong>
            )}
          </p>
          {nextPicture && <StepFigure picture={nextPicture} className="hidden h-20 w-28 sm:block" />}
        </div>
      </div>
    </div>
  );
}
