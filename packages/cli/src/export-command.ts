import { bestFigures, describeDose, figureSvg, library, stepFigures, type Figure } from '@lotus-steady/core';
import { beatsOf, chaptersVtt, cueScript, cuesVtt } from '@lotus-steady/core/cues';
import { classCalendar, classFile, fhirBundle, planCsv, sequenceFile } from '@lotus-steady/core/formats';
import { homeFigures, homeHtml, homePractice } from '@lotus-steady/core/home';
import { classSheet, type Sheet } from '@lotus-steady/core/sheets';
import { plannedOf } from './adapt-command.js';
import { BadInput } from './bad-input.js';
import { written } from './files.js';
import type { Options } from './options.js';
import { participantsOf } from './participants.js';
import { printSheet } from './print-sheet.js';
import { today } from './today.js';

/** Minutes of a practice that is written to be taken home. */
const HOME_MINUTES = 12;

type Planned = ReturnType<typeof plannedOf>;

function figuresOf({ plans, members }: Planned): Figure[] {
  return plans[0]!.steps.flatMap(({ chosen, step }) => (chosen ? [stepFigures(members[0]!.solver, chosen, step.side, 'side')[0]!] : []));
}

function htmlOf(planned: Planned): string {
  const { plans, participants, sequence, members } = planned;
  const practice = homePractice(plans[0]!, participants[0]!, { minutes: HOME_MINUTES, today: today() });
  return homeHtml(practice, sequence.title || 'At home', homeFigures(practice, plans[0]!, members[0]!.solver).map(figureSvg));
}

const WRITERS: Readonly<Record<string, (planned: Planned) => string>> = {
  json: ({ sequence }) => JSON.stringify(sequenceFile(sequence), null, 2),
  csv: ({ answer }) => planCsv(answer.participants),
  vtt: ({ answer }) => cuesVtt(cueScript(library, beatsOf(answer.participants))),
  chapters: ({ answer }) => chaptersVtt(cueScript(library, beatsOf(answer.participants))),
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
function sheetOf({ sequence, answer, plans, members }: Planned): Sheet {
  return classSheet(library, sequence, answer, (person, at) => {
    const { chosen, step } = plans[person]!.steps[at]!;
    return chosen ? bestFigures(members[person]!.solver, chosen, step.side) : [];
  });
}

/** A sequence for the people of a command line, or the people of a class file, in a format that others read. */
export function exportCommand(words: readonly string[], options: Options): string | Promise<string> {
  const { as, out } = options;
  const known = [...Object.keys(WRITERS), 'pdf'].join(', ');
  if (as === undefined) throw new BadInput(`export: in which format? --as ${known}`);
  if (as === 'pdf') return printSheet('export', () => sheetOf(plannedOf('export', words, options)), options);
  const write = WRITERS[as];
  if (!write || !Object.hasOwn(WRITERS, as)) throw new BadInput(`--as is "${as}"; expected ${known}`);
  const [file] = words;
  // A class file is people, not steps.
  const isClass = file !== undefined && file.endsWith('.json') && words.length === 1 && isPeople(file, options);
  if (isClass && as !== 'json')
    throw new BadInput(`${file} has people and no steps; as ${as} they need a sequence: export SEQUENCE --class ${file} --as ${as}`);
  const text = isClass
    ? JSON.stringify(classFile(participantsOf({ ...options, class: file })), null, 2)
    : write(plannedOf('export', words, options));
  return out === undefined ? text : written(out, text);
}

function isPeople(file: string, options: Options): boolean {
  try {
    return participantsOf({ ...options, class: file }).length > 0;
  } catch {
    return false;
  }
}
