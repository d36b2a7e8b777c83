import { isValid, parseISO } from 'date-fns';
import { isDay } from '../day.js';
import {
  FELT,
  isPoints,
  MARK_KINDS,
  PLACES,
  SCALES,
  SIDES_COMPARED,
  type PastClass,
  type StepMark,
  type Told,
} from '../history/past-class.js';
import { isRecord } from '../record.js';
import type { FileProblem } from './csv.js';
import { readJsonText } from './json-text.js';

/** Published in `docs/schemas/`. */
export const LOG_SCHEMA = 'lotus-steady/log-1';

/** One person's part of a log in a file, who goes by name there. */
export interface LoggedPerson extends Omit<PastClass, 'day' | 'decided' | 'atHome'> {
  readonly name: string;
  readonly note: string;
}

/** What happened in a class, as it is put into a file: no number of it means anything elsewhere. */
export interface LoggedClass {
  readonly title: string;
  /** YYYY-MM-DD. */
  readonly day: string;
  /** ISO times; `null` where the clock was not used. */
  readonly startedAt: string | null;
  readonly endedAt: string | null;
  readonly note: string;
  readonly incident: string;
  readonly people: readonly LoggedPerson[];
}

export function logFile(classes: readonly LoggedClass[]) {
  return { $schema: LOG_SCHEMA, version: 1, classes };
}

const MOST_LETTERS = { title: 200, name: 80, note: 2000, incident: 4000 } as const;

function isText(value: unknown, most: number, least = 0): value is string {
  return typeof value === 'string' && value.length <= most && value.trim().length >= least;
}

function isTime(value: unknown): value is string | null {
  return value === null || (typeof value === 'string' && isValid(parseISO(value)));
}

function isTold(value: unknown): value is Told {
  if (!isRecord(value)) return false;
  const { where, ...scales } = value;
  if (where !== undefined && !(PLACES as readonly unknown[]).includes(where)) return false;
  return Object.entries(scales).every(([scale, points]) => (SCALES as readonly string[]).includes(scale) && isPoints(points));
}

function isMark(value: unknown): value is StepMark {
  if (!isRecord(value)) return false;
  const { asana, variation, side, mark } = value;
  const isSided = side === null || side === 'left' || side === 'right';
  return isText(asana, 100, 1) && isText(variation, 100, 1) && isSided && (MARK_KINDS as readonly unknown[]).includes(mark);
}

/** A choice that was made, or `null`; `undefined` for what is none. */
function choice<T>(value: unknown, of: readonly T[]): T | null | undefined {
  return value === null || value === undefined ? null : of.find((one) => one === value);
}

function readPerson(raw: unknown, where: string, problems: FileProblem[]): LoggedPerson | null {
  const refuse = (message: string) => {
    problems.push({ where, message });
    return null;
  };
  if (!isRecord(raw) || !isText(raw['name'], MOST_LETTERS.name, 1)) return refuse('no name');
  const { name, present = true, before = {}, after = {}, felt, harder, note = '', marks = [] } = raw;
  if (typeof present !== 'boolean') return refuse(`${name}: present is to be true or false`);
  if (!isTold(before) || !isTold(after))
    return refuse(`${name}: before and after hold ${SCALES.join(', ')}, each 0 to 10, and where it hurts (${PLACES.join(', ')})`);
  const [home, side] = [choice(felt, FELT), choice(harder, SIDES_COMPARED)];
  if (home === undefined) return refuse(`${name}: felt is to be ${FELT.join(', ')} or null`);
  if (side === undefined) return refuse(`${name}: harder is to be ${SIDES_COMPARED.join(', ')} or null`);
  if (!isText(note, MOST_LETTERS.note)) return refuse(`${name}: the note is too long`);
  if (!Array.isArray(marks) || !marks.every(isMark))
    return refuse(`${name}: a mark holds asana, variation, side and ${MARK_KINDS.join(', ')}`);
  return { name, present, before, after, felt: home, harder: side, note, marks };
}

interface FoundClasses {
  readonly found: readonly LoggedClass[];
  readonly problems: readonly FileProblem[];
}

function refuse(message: string): FoundClasses {
  return { found: [], problems: [{ where: 'the file', message }] };
}

/** As `readLogs`, from the text of a file. */
export function readLogFile(text: string, today: string): FoundClasses {
  return readJsonText(text, (raw) => readLogs(raw, today), refuse);
}

/** Logs of classes until today, as data; what is wrong is named by its class, and of a class with a mistake nothing is taken. */
export function readLogs(raw: unknown, today: string): FoundClasses {
  if (!isRecord(raw) || raw['$schema'] !== LOG_SCHEMA || !Array.isArray(raw['classes']))
    return refuse(`no log: expected "$schema": "${LOG_SCHEMA}" and a list "classes"`);
  if (raw['version'] !== 1) return refuse(`version is ${JSON.stringify(raw['version'])}; version 1 is read here`);
  const problems: FileProblem[] = [];
  const found = (raw['classes'] as readonly unknown[]).flatMap((one, i): LoggedClass[] => {
    const where = `class ${i + 1}`;
    const before = problems.length;
    const { title, day, startedAt = null, endedAt = null, note = '', incident = '', people } = isRecord(one) ? one : {};
    if (!isText(title, MOST_LETTERS.title, 1)) problems.push({ where, message: 'no title' });
    if (!isText(day, 10) || !isDay(day))
      problems.push({ where, message: `day is ${JSON.stringify(day ?? null)}; expected a day such as 2026-03-01` });
    else if (day > today) problems.push({ where, message: `${day} is yet to come` });
    if (!isTime(startedAt) || !isTime(endedAt)) problems.push({ where, message: 'startedAt and endedAt are ISO times or null' });
    if (!isText(note, MOST_LETTERS.incident) || !isText(incident, MOST_LETTERS.incident))
      problems.push({ where, message: 'note and incident have at most 4000 characters' });
    if (!Array.isArray(people) || people.length === 0) problems.push({ where, message: 'nobody in it' });
    const read = (Array.isArray(people) ? (people as readonly unknown[]) : []).flatMap(
      (person) => readPerson(person, where, problems) ?? [],
    );
    if (problems.length > before) return [];
    return [{ title, day, startedAt, endedAt, note, incident, people: read } as LoggedClass];
  });
  return { found, problems };
}
