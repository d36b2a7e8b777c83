import { CONTRACT, figureSvg } from '@lotus-steady/core';
import { homeFigures, homeHtml, homePractice, homeText } from '@lotus-steady/core/home';
import { homeSheet } from '@lotus-steady/core/sheets';
import { plannedOf } from './adapt-command.js';
import { BadInput } from './bad-input.js';
import { oneOf, wholeNumber, type Options } from './options.js';
import { printSheet } from './print-sheet.js';
import { today } from './today.js';

const MINUTES = { from: 3, to: 40 } as const;
const FORMATS = ['text', 'html', 'pdf'] as const;

/** A practice for home from a sequence, for the person that a command line names. */
export function homeCommand(words: readonly string[], options: Options): string | Promise<string> {
  const minutes = wholeNumber('minutes', options.minutes, MINUTES.from, MINUTES.to);
  if (minutes === undefined) throw new BadInput('home: how long? as in: lotus home morning.md --minutes 10');
  const days = wholeNumber('days', options.days, 1, 7);
  const times = wholeNumber('times', options.times, 1, 6);
  const as = oneOf('as', options.as, FORMATS, 'text');
  const { participants, plans, sequence, members } = plannedOf('home', words, { ...options, minutes: undefined });
  const plan = plans[0]!;
  const practice = homePractice(plan, participants[0]!, {
    minutes,
    days,
    times,
    today: today(),
  });
  if (options.json) return JSON.stringify({ contract: CONTRACT, ...practice }, null, 2);
  const title = sequence.title || 'At home';
  if (as === 'text') return homeText(practice, title);
  const figures = homeFigures(practice, plan, members[0]!.solver);
  if (as === 'html') return homeHtml(practice, title, figures.map(figureSvg));
  return printSheet('home', () => homeSheet(practice, title, (step) => figures[step]!), options);
}
