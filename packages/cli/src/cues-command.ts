import { library } from '@lotus-steady/core';
import { beatsOf, CUE_LENGTHS, cueScript, cuesJson, cuesText, cuesVtt, paceOf, type CueLength } from '@lotus-steady/core/cues';
import { plannedOf } from './adapt-command.js';
import { oneOf, type Options } from './options.js';

/** The spoken script of a sequence for the people that a command line names. */
export function cuesCommand(words: readonly string[], options: Options): string {
  const length: CueLength = oneOf('length', options.length, CUE_LENGTHS, 'whole');
  const form = oneOf('as', options.json ? (options.as ?? 'json') : options.as, ['text', 'vtt', 'json'], 'text');
  const { answer, participants } = plannedOf('cues', words, options);
  const cues = cueScript(library, beatsOf(answer.participants), {
    length,
    facing: options.facing ?? false,
    exhaleOnEffort: options['exhale-on-effort'] ?? false,
    pace: paceOf(participants),
  });
  if (form === 'json') return JSON.stringify(cuesJson(cues), null, 2);
  return form === 'vtt' ? cuesVtt(cues).trimEnd() : cuesText(cues);
}
