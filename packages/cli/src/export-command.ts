import { writeFileSync } from 'node:fs';
import { bestView, describeDose, figureSvg, library, stepFigures, type Figure } from '@lotus-steady/core';
import { beatsOf, cueScript, cuesVtt } from '@lotus-steady/core/cues';
import { classCalendar, classFile, fhirBundle, planCsv, sequenceFile } from '@lotus-steady/core/formats';
import { homeHtml, homePractice } from '@lotus-steady/core/home';
import { classSheet } from '@lotus-steady/core/sheets';
import { plannedOf } from './adapt-command.js';
import { BadInput } from './bad-input.js';
import type { Options } from './options.js';
import { participantsOf } from './participants.js';
import { today } from './today.js';

/** Minutes of a practice that is written to be taken home. */
const HOME_MINUTES = 12;

type Planned = ReturnType<typeof plannedOf>;

function figuresOf({ plans, members }: Planned): Figure[] {
  const [plan] = plans;
  return plan!.steps.flatMap(({ chosen, step }) => (chosen ? [stepFigures(members[0]!.solver, chosen, step.side, 'side')[0]!] : []));
}

function htmlOf(planned: Planned): string {
  const { plans, participants, sequence, members } = planned;
  const practice = homePractice(plans[0]!, participants[0]!, { minutes: HOME_MINUTES, today: today() });
  const figures = practice.steps.map(({ index }) => {
    const step = plans[0]!.steps[index]!;
    return figureSvg(stepFigures(members[0]!.solver, step.chosen!, step.step.side, bestView(step.chosen!, step.step.side)));
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

/** The teacher's sheet of the whole class: each step with its figure, who does it how, and what to bring. */
async function pdfOf({ sequence, answer, plans, members }: Planned): Promise<Buffer> {
  // Its faces are large: only who asks for a PDF waits for them.
  const { sheetPdf } = await import('@lotus-steady/sheets');
  const figuresAt = (person: number, at: number) => {
    const { chosen, step } = plans[person]!.steps[at]!;
    return chosen ? stepFigures(members[person]!.solver, chosen, step.side, bestView(chosen, step.side)) : [];
  };
  return sheetPdf(classSheet(library, sequence, answer, figuresAt));
}

/** A sequence for the people of a command line, or the people of a class file, in a format that others read. */
export function exportCommand(words: readonly string[], options: Options): string | Promise<string> {
  const { as, out } = options;
  const known = [...Object.keys(WRITERS), 'pdf'].join(', ');
  if (as === undefined) throw new BadInput(`export: in which format? --as ${known}`);
  if (as === 'pdf') {
    if (out === undefined) throw new BadInput('export: a PDF is no text; name its file with --out FILE');
    return pdfOf(plannedOf('export', words, options)).then((pdf) => written(out, pdf));
  }
  const write = WRITERS[as];
  if (!write || !Object.hasOwn(WRITERS, as)) throw new BadInput(`--as is "${as}"; expected ${known}`);
  const [file] = words;
  // A class file is people, not steps.
  const isClass = as === 'json' && file !== undefined && file.endsWith('.json') && words.length === 1 && isPeople(file, options);
  const text = isClass
    ? JSON.stringify(classFile(participantsOf({ ...options, class: file })), null, 2)
    : write(plannedOf('export', words, options));
  return out === undefined ? text : written(out, text);
}

function written(out: string, content: string | Buffer): string {
  try {
    writeFileSync(out, content);
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
