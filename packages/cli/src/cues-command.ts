import { library } from '@lotus-steady/core';
import { beatsOf, CUE_LENGTHS, cueScript, cuesJson, cuesText, cuesVtt, type CueLength } from '@lotus-steady/core/cues';
import { plannedOf } from './adapt-command.js';
import { BadInput } from './bad-input.js';
import type { Options } from './options.js';

/** From this age on people are given more time for each line (common practice, no source). */
const OLDER = 65;

function oneOf<T extends string>(name: string, text: string | undefined, known: readonly T[], usual: T): T {
  if (text === undefined) return usual;
  const found = known.find((one) => one === text);
  if (!found) throw new BadInput(`--${name} is "${text}"; expected ${known.join(', ')}`);
  return found;
}

/** The spoken script of a sequence for the people that a command line names. */
export function cuesCommand(words: readonly string[], options: Options): string {
  const length: CueLength = oneOf('length', options.length, CUE_LENGTHS, 'whole');
  const form = oneOf('as', options.json ? (options.as ?? 'json') : options.as, ['text', 'vtt', 'json'], 'text');
  const { answer, participants } = plannedOf('cues', words, options);
  const isOlder = participants.some(({ body, conditions }) => (body.age ?? 0) >= OLDER || conditions.some(({ id }) => id === 'seniors'));
  const cues = cueScript(library, beatsOf(answer.participants), {
    length,
    facing: options.facing ?? false,
    pace: isOlder ? 'older' : 'adults',
  });
  if (form === 'json') return JSON.stringify(cuesJson(cues), null, 2);
  return form === 'vtt' ? cuesVtt(cues).trimEnd() : cuesText(cues);
}
