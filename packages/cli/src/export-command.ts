import { writeFileSync } from 'node:fs';
import { describeDose, figureSvg, stepFigures, type Figure } from '@lotus-steady/core';
import { beatsOf, cueScript, cuesVtt } from '@lotus-steady/core/cues';
import { classCalendar, classFile, fhirBundle, planCsv, sequenceFile } from '@lotus-steady/core/formats';
import { homeHtml, homePractice } from '@lotus-steady/core/home';
import { library } from '@lotus-steady/core';
import { plannedOf } from './adapt-command.js';
import { BadInput } from './bad-input.js';
import type { Options } from './options.js';
import { participantsOf } from './participants.js';
import { today } from './today.js';

/** Minutes of a practice that is written to be taken home. */
const HOME_MINUTES = 12;

type Planned = ReturnType<typeof plannedOf>;

function figuresOf({ plans, members }: Planned, best: 'side' | 'front' = 'side'): Figure[] {
  const [plan] = plans;
  return plan!.steps.flatMap(({ chosen, step }) => (chosen ? [stepFigures(members[0]!.solver, chosen, step.side, best)[0]!] : []));
}

function htmlOf(planned: Planned): string {
  const { plans, participants, sequence, members } = planned;
  const practice = homePractice(plans[0]!, participants[0]!, { minutes: HOME_MINUTES, today: today() });
  const figures = practice.steps.map(({ line }) => {
    const step = plans[0]!.steps.find((one) => one.step.line === line)!;
    return figureSvg(stepFigures(members[0]!.solver, step.chosen!, step.step.side, 'side'));
  });
  return homeHtml(practice, sequence.title || 'At home', figures);
}

const WRITERS: Readonly<Record<string, (planned: Planned) => string>> = {
  json: ({ sequence }) => JSON.stringify(sequenceFile(sequence), null, 2),
  csv: ({ answer }) => planCsv(answer.participants),
  vtt: ({ answer }) => cuesVtt(cueScript(library, beatsOf(answer.participants))),
  ics: ({ sequence, answer }) =>
    classCalendar({
      title: sequence.title || 'Yoga class',
      day: today(),
      minutes: answer.minutes.after,
      description: sequence.steps.map(({ asana, dose }) => `${library.get(asana).name}, ${describeDose(dose)}`).join('\n'),
    }),
  html: htmlOf,
  svg: (planned) => figureSvg(figuresOf(planned)),
  fhir: ({ participants, answer, sequence }) =>
    JSON.stringify(fhirBundle(participants, answer.participants, sequence.title || 'Yoga class', today()), null, 2),
};

/** A sequence for the people of a command line, or the people of a class file, in a format that others read. */
export function exportCommand(words: readonly string[], options: Options): string {
  const { as, out } = options;
  const known = Object.keys(WRITERS).join(', ');
  if (as === undefined) throw new BadInput(`export: in which format? --as ${known}`);
  const write = WRITERS[as];
  if (!write || !Object.hasOwn(WRITERS, as)) throw new BadInput(`--as is "${as}"; expected ${known}`);
  const [file] = words;
  // A class file is people, not steps.
  const isClass = as === 'json' && file !== undefined && file.endsWith('.json') && words.length === 1 && isPeople(file, options);
  const text = isClass
    ? JSON.stringify(classFile(participantsOf({ ...options, class: file })), null, 2)
    : write(plannedOf('export', words, options));
  if (out === undefined) return text;
  try {
    writeFileSync(out, text);
  } catch (error) {
    throw new BadInput(`${out}: can't be written (${(error as NodeJS.ErrnoException).code ?? 'unknown reason'})`);
  }
  return `${out}: written`;
}

function isPeople(file: string, options: Options): boolean {
  try {
    return participantsOf({ ...options, class: file }).length > 0;
  } catch {
    return false;
  }
}
