import { inWeek, USUAL_CONVENTIONS, type Conventions } from '../conventions.js';
import { dayInWords } from '../day.js';
import type { Figure } from '../figure/shape.js';
import { firstWeekWords, weekdayName, type HomePractice, type HomeStep } from '../home/home-practice.js';
import { needsAtHome } from '../home/needs-at-home.js';
import { doseWithSide } from './words.js';
import type { Sheet, SheetBlock } from './sheet.js';

const FOOT = 'This practice goes along with your treatment. It takes the place of none.';
/** Weeks that can be ticked off, until it is looked at again. */
const WEEKS = 2;

function stepLines({ setup, in: into, feel, stop, out }: HomeStep, conventions: Conventions): string[] {
  return [
    setup.length > 0 ? `You need: ${needsAtHome(setup, conventions)}` : '',
    into.join(' '),
    feel === '' ? '' : `You may feel: ${feel}`,
    `Stop: ${stop}`,
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
): Sheet {
  const days = inWeek(practice.days, conventions.weekBegins);
  const { decision, minutes, times, steps, growing, skipToday, stopSigns, askToday, emergency, call, review } = practice;
  if (decision !== 'practise' || steps.length === 0)
    return { title, blocks: [{ is: 'text', text: 'Nothing to do alone until your teacher has asked further.' }], foot: FOOT };
  const often = times === 1 ? 'once' : `${times} times`;
  return {
    title,
    blocks: [
      {
        is: 'text',
        text: `About ${minutes} minutes, ${often} a day: ${days.map(weekdayName).join(', ')}. Until ${dayInWords(review)}, then we look at it together.`,
      },
      ...(growing === null ? [] : [{ is: 'text', text: growing } as const]),
      { is: 'text', text: `Not today: with ${skipToday.join(', ')}.` },
      ...steps.map((step, i): SheetBlock => ({
        is: 'step',
        title: `${i + 1}. ${step.name}${step.changes.length > 0 ? `: ${step.changes.join('; ')}` : ''}, ${doseWithSide(step.dose, step.side)}${firstWeekWords(step)}`,
        lines: stepLines(step, conventions),
        figures: figuresAt(i),
        others: [],
      })),
      { is: 'heading', text: 'Stop at once with' },
      ...stopSigns.map((sign): SheetBlock => ({ is: 'text', text: `\u2022 ${sign}` })),
      ...listed('Ask the same day', askToday),
      ...listed('Call the emergency number', emergency),
      ...listed('Whom to ask', call),
      { is: 'heading', text: 'Done' },
      {
        is: 'table',
        head: ['', ...days.map((day) => weekdayName(day).slice(0, 3))],
        rows: Array.from({ length: WEEKS }, (_, week) => [`Week ${week + 1}`, ...days.map(() => '[   ]')]),
      },
    ],
    foot: FOOT,
  };
}
