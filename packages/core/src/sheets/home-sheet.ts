import { inWeek, USUAL_CONVENTIONS, type Conventions } from '../conventions.js';
import type { Figure } from '../figure/shape.js';
import { homeDoseWords, homeWhen, type HomePractice, type HomeStep } from '../home/home-practice.js';
import { needsAtHome } from '../home/needs-at-home.js';
import { message, sayInEnglish, type Say } from '../messages/message.js';
import type { Sheet, SheetBlock } from './sheet.js';

/** Weeks that can be ticked off, until it is looked at again. */
const WEEKS = 2;

function stepLines({ setup, in: into, feel, stop, out }: HomeStep, conventions: Conventions, say: Say): string[] {
  return [
    setup.length > 0 ? say(message('home.need', { props: needsAtHome(setup, conventions) })) : '',
    into.join(' '),
    feel === '' ? '' : say(message('home.feel', { feel })),
    say(message('home.stop', { stop })),
    out.join(' '),
  ].filter((line) => line !== '');
}

function listed(title: string, items: readonly string[]): SheetBlock[] {
  return items.length === 0
    ? []
    : [
        { is: 'heading', text: title },
        { is: 'text', text: `${items.join('; ')}.` },
      ];
}

/**
 * A practice on paper for who does it alone: each step with its figure, when to stop and whom to ask, and weeks to tick
 * off. `figuresAt` gives the figures of a step by its place in the practice.
 */
export function homeSheet(
  practice: HomePractice,
  title: string,
  figuresAt: (step: number) => readonly Figure[],
  conventions: Conventions = USUAL_CONVENTIONS,
  say: Say = sayInEnglish,
): Sheet {
  const days = inWeek(practice.days, conventions.weekBegins);
  const { decision, steps, growing, skipToday, stopSigns, askToday, emergency, call } = practice;
  const foot = say(message('home.foot'));
  if (decision !== 'practise' || steps.length === 0) return { title, blocks: [{ is: 'text', text: say(message('home.nothing')) }], foot };
  return {
    title,
    blocks: [
      { is: 'text', text: homeWhen(practice, conventions, say) },
      ...(growing === null ? [] : [{ is: 'text', text: growing } as const]),
      { is: 'text', text: say(message('home.not-today', { signs: skipToday })) },
      ...steps.map((step, i): SheetBlock => ({
        is: 'step',
        title: `${i + 1}. ${step.name}${step.changes.length > 0 ? `: ${step.changes.join('; ')}` : ''}, ${homeDoseWords(step, say)}`,
        lines: stepLines(step, conventions, say),
        figures: figuresAt(i),
        others: [],
      })),
      { is: 'heading', text: say(message('home.stop-at-once')) },
      ...stopSigns.map((sign): SheetBlock => ({ is: 'text', text: `\u2022 ${sign}` })),
      ...listed(say(message('home.ask-today')), askToday),
      ...listed(say(message('home.emergency')), emergency),
      ...listed(say(message('home.whom-to-ask')), call),
      { is: 'heading', text: say(message('home.done')) },
      {
        is: 'table',
        head: ['', ...days.map((day) => say(message(`day.${day}.short`)))],
        rows: Array.from({ length: WEEKS }, (_, week) => [say(message('home.week', { week: week + 1 })), ...days.map(() => '[   ]')]),
      },
    ],
    foot,
  };
}
