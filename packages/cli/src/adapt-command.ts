import {
  adaptClass,
  allowed,
  amount,
  classJson,
  MEASURES,
  bodyOf,
  library,
  readSequenceJson,
  takenFromBefore,
  type Audience,
  type Measure,
  type ClassJson,
  type Member,
  type PersonPlan,
  type Participant,
  type Sequence,
} from '@lotus-steady/core';
import { BadInput, refuse } from './bad-input.js';
import { readJson, readText } from './files.js';
import { participantsOf } from './participants.js';
import type { Options } from './options.js';
import { readNotes } from './read-notes.js';
import { solvers } from './solvers.js';

/** From this age on a class is read as one for grown-ups (common practice, no source). */
const GROWN_UP = 13;

function audienceOf(participants: readonly Participant[]): Audience {
  const isChild = ({ body, conditions }: Participant) =>
    (body.age ?? GROWN_UP) < GROWN_UP || conditions.some(({ id }) => id === 'children');
  const children = participants.filter(isChild).length;
  return children === 0 ? 'grown-ups' : children === participants.length ? 'children' : 'anybody';
}

function readSequence(file: string, audience: Audience): Sequence {
  const { sequence, problems } = file.endsWith('.json')
    ? readSequenceJson(library, readJson(file))
    : readNotes(readText(file), [], audience);
  refuse(problems, file);
  if (!sequence) throw new BadInput(`${file}: no sequence in it`);
  return sequence;
}

function readMinutes(text: string | undefined): number | null {
  if (text === undefined) return null;
  const minutes = Number(text);
  if (!(minutes >= 1 && minutes <= 240)) throw new BadInput(`--minutes is "${text}"; expected 1 to 240`);
  return minutes;
}

function readFigures(text: string | undefined): number | null {
  if (text === undefined) return null;
  const figures = Number(text);
  if (!(Number.isInteger(figures) && figures >= 1 && figures <= 24))
    throw new BadInput(`--figures is "${text}"; expected a whole number from 1 to 24`);
  return figures;
}

type Reason = ClassJson['participants'][number]['steps'][number]['reasons'][number];

function measured({ measure, value, unit, bound }: Reason): string {
  const what = Object.hasOwn(MEASURES, measure) ? MEASURES[measure as Measure].label : 'Lying or upright';
  return `${what.charAt(0).toLowerCase()}${what.slice(1)}: ${amount(value, unit)}, allowed ${allowed(bound, unit)}`;
}

/** Reasons as a person says them: each sentence once, with all that was measured for it. */
function reasonLines(reasons: readonly Reason[]): string[] {
  const sentences = [...new Set(reasons.map(({ text }) => text))];
  return sentences.map((text) => {
    const of = new Set(reasons.filter((one) => one.text === text && one.bound !== '').map(measured));
    return `        ${text}${of.size > 0 ? ` (${[...of].join('; ')})` : ''}`;
  });
}

function asText({ title, minutes, unknown, participants }: ClassJson): string {
  const lines = [title || 'Sequence', `${minutes.before} min as given, ${minutes.after} min adapted`];
  for (const { line, text, nearest } of unknown) lines.push(`line ${line}: "${text}" is not known; near: ${nearest.join(', ')}`);
  for (const person of participants) {
    lines.push('', `${person.id}: ${person.screening.decision}`);
    for (const { text } of person.screening.reasons) lines.push(`  ! ${text}`);
    for (const [index, step] of person.steps.entries()) {
      const to =
        step.to && step.verdict !== 'keep'
          ? ` -> ${step.to.name}${step.to.changes.length > 0 ? ` (${step.to.changes.join('; ')})` : ''}`
          : '';
      lines.push(`  ${String(step.line).padStart(3)} ${step.given}: ${step.verdict}${to}`);
      const beside = [...(step.ahead === undefined ? [] : [step.ahead]), ...takenFromBefore(person, index)];
      lines.push(...reasonLines(step.reasons), ...beside.map((said) => `        ${said}`));
    }
    for (const { name, after, why, proposed } of person.inserted)
      lines.push(`    + after line ${after}: ${name}${proposed ? ' would do good' : ''} (${why})`);
  }
  return lines.join('\n');
}

/** A sequence with the people whom it was planned for. */
export interface Planned {
  readonly sequence: Sequence;
  readonly participants: readonly Participant[];
  readonly members: readonly Member[];
  readonly plans: readonly PersonPlan[];
  readonly answer: ClassJson;
}

/** One sequence file adapted to the people that a command line names. */
export function plannedOf(command: string, words: readonly string[], options: Options): Planned {
  const [file, ...more] = words;
  if (file === undefined || more.length > 0) throw new BadInput(`${command}: name one sequence file, as in: lotus ${command} morning.md`);
  const participants = participantsOf(options);
  const minutes = readMinutes(options.minutes);
  const figures = readFigures(options.figures);
  const sequence = readSequence(file, audienceOf(participants));
  const members = participants.map((participant) => ({ solver: solvers.of(bodyOf(participant)), participant }));
  const plan = adaptClass(members, sequence, { ...(minutes !== null && { minutes }), ...(figures !== null && { figures }) });
  return { sequence, participants, members, plans: plan.plans, answer: classJson(sequence, plan, minutes ?? sequence.minutes) };
}

export function adaptCommand(words: readonly string[], options: Options): string {
  const { answer } = plannedOf('adapt', words, options);
  return options.json ? JSON.stringify(answer, null, 2) : asText(answer);
}
