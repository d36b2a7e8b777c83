import { CONTRACT } from '@lotus-steady/core';
import { homePractice, homeText } from '@lotus-steady/core/home';
import { plannedOf } from './adapt-command.js';
import { BadInput } from './bad-input.js';
import { wholeNumber, type Options } from './options.js';
import { today } from './today.js';

const MINUTES = { from: 3, to: 40 } as const;

/** A practice for home from a sequence, for the person that a command line names. */
export function homeCommand(words: readonly string[], options: Options): string {
  const minutes = wholeNumber('minutes', options.minutes, MINUTES.from, MINUTES.to);
  if (minutes === undefined) throw new BadInput('home: how long? as in: lotus home morning.md --minutes 10');
  const days = wholeNumber('days', options.days, 1, 7);
  const times = wholeNumber('times', options.times, 1, 6);
  const { participants, plans, sequence } = plannedOf('home', words, { ...options, minutes: undefined });
  const [plan] = plans;
  const practice = homePractice(plan!, participants[0]!, {
    minutes,
    today: today(),
    ...(days !== undefined && { days }),
    ...(times !== undefined && { times }),
  });
  return options.json ? JSON.stringify({ contract: CONTRACT, ...practice }, null, 2) : homeText(practice, sequence.title || 'At home');
}
