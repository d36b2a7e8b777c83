import { CONTRACT, library, readLetter, readParticipants, readSequenceJson } from '@lotus-steady/core';
import {
  DIARY_SCHEMA, LOG_SCHEMA, namesTwice, peopleOfCsv, peopleOfFhir, peopleOfVcards, readDiary, readLogs, type FileProblem,
} from '@lotus-steady/core/formats'; // prettier-ignore
import { BadInput } from './bad-input.js';
import { readJson, readText } from './files.js';
import { oneOf, type Options } from './options.js';
import { readNotes } from './read-notes.js';
import { today } from './today.js';

interface Imported {
  readonly kind: string;
  readonly found: readonly unknown[];
  readonly problems: readonly FileProblem[];
}

const AS = ['json', 'csv', 'vcf', 'fhir', 'text', 'letter'] as const;
type As = (typeof AS)[number];

function formatOf(file: string, as: string | undefined): As {
  const ending = /\.(\w+)$/.exec(file)?.[1]?.toLowerCase();
  return oneOf('as', as, AS, AS.find((one) => one === ending) ?? 'text');
}

function fromJson(file: string): Imported {
  const raw = readJson(file);
  const told = raw as { readonly resourceType?: unknown; readonly participants?: unknown; readonly $schema?: unknown } | null;
  if (told?.resourceType === 'Bundle') return { kind: 'people', ...peopleOfFhir(raw, today()) };
  const worded = (problems: readonly { field: string; message: string }[]) =>
    problems.map(({ field, message }) => ({ where: field, message }));
  if (told?.$schema === LOG_SCHEMA) return { kind: 'log', ...readLogs(raw, today()) };
  if (told?.$schema === DIARY_SCHEMA) {
    const { diary, problems } = readDiary(raw, today());
    return { kind: 'home diary', found: diary?.days ?? [], problems };
  }
  if (told?.participants !== undefined) {
    const { participants, problems } = readParticipants(raw);
    return { kind: 'class', found: participants, problems: worded(problems) };
  }
  const { sequence, problems } = readSequenceJson(library, raw);
  return { kind: 'sequence', found: sequence ? [sequence] : [], problems: worded(problems) };
}

function fromText(file: string): Imported {
  const { sequence, problems } = readNotes(readText(file));
  const open = (sequence?.unknown ?? []).map(({ line, text }) => ({ where: `line ${line}`, message: `“${text}” is not understood` }));
  return {
    kind: 'sequence',
    found: sequence
      ? [
          {
            title: sequence.title,
            steps: sequence.steps.map(({ line, asana, variation, side, dose }) => ({ line, asana, variation, side, dose })),
          },
        ]
      : [],
    problems: [...problems.map(({ field, message }) => ({ where: field, message })), ...open],
  };
}

/** What a referral letter proposes for the intake: nothing of it is taken unasked. */
function fromLetter(file: string): Imported {
  const { found, not } = readLetter(readText(file));
  const denied = not.map(({ condition, why, quote }) => ({
    where: condition,
    message: `${why === 'family' ? 'told of the family' : 'denied'}, so not proposed: “${quote}”`,
  }));
  return { kind: 'letter', found, problems: denied };
}

function namesOf(found: readonly unknown[]): string[] {
  return found.flatMap((one) => {
    const { name } = one as { readonly name?: unknown };
    return typeof name === 'string' ? [name] : [];
  });
}

/** What a file would bring; nothing is kept. */
export function importCommand(words: readonly string[], options: Options): string {
  const [file, ...more] = words;
  if (file === undefined || more.length > 0) throw new BadInput('import: name one file, as in: lotus import people.csv');
  const as = formatOf(file, options.as);
  const imported =
    as === 'csv' ? { kind: 'people', ...peopleOfCsv(readText(file)) }
    : as === 'vcf' ? { kind: 'people', ...peopleOfVcards(readText(file), today()) }
    : as === 'fhir' ? { kind: 'people', ...peopleOfFhir(readJson(file), today()) }
    : as === 'letter' ? fromLetter(file)
    : as === 'json' ? fromJson(file)
    : fromText(file); // prettier-ignore
  const answer = { contract: CONTRACT, ...imported, duplicates: namesTwice(namesOf(imported.found)) };
  if (options.json) return JSON.stringify(answer, null, 2);
  const lines = [
    `${imported.kind}: ${imported.found.length} found`,
    ...imported.problems.map(({ where, message }) => `${where}: ${message}`),
    ...answer.duplicates.map((name) => `twice: ${name}`),
  ];
  return lines.join('\n');
}
