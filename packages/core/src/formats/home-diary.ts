import { isDay } from '../day.js';
import { isPoints } from '../history/past-class.js';
import { DIARY_SCHEMA, MOST_TOLD, type HomeDay, type HomeDiary } from '../home/home-practice.js';
import { isRecord } from '../record.js';
import type { FileProblem } from './csv.js';
import { readJsonText } from './json-text.js';

/** So many days come back at the most. */
const MOST_DAYS = 100;

export interface FoundDiary {
  readonly diary: HomeDiary | null;
  readonly problems: readonly FileProblem[];
}

function refuse(message: string): FoundDiary {
  return { diary: null, problems: [{ where: 'the file', message }] };
}

function isTold(value: unknown): value is number | null {
  return value === null || isPoints(value);
}

/** As `readDiary`, from the text of a file. */
export function readDiaryFile(text: string, today: string): FoundDiary {
  return readJsonText(text, (raw) => readDiary(raw, today), refuse);
}

/** What somebody did at home until today, as their practice sheet saved it; with a mistake nothing is taken. */
export function readDiary(raw: unknown, today: string): FoundDiary {
  if (!isRecord(raw) || raw['$schema'] !== DIARY_SCHEMA) return refuse(`no diary: expected "$schema": "${DIARY_SCHEMA}"`);
  const { version, title, days, note = '' } = raw;
  if (version !== 1) return refuse(`version is ${JSON.stringify(version)}; version 1 is read here`);
  if (typeof title !== 'string' || typeof note !== 'string' || note.length > MOST_TOLD)
    return refuse(`title and note are texts, the note of at most ${MOST_TOLD} letters`);
  if (!Array.isArray(days) || days.length > MOST_DAYS) return refuse(`days is to be a list of at most ${MOST_DAYS}`);
  const problems: FileProblem[] = [];
  const done = new Map<string, HomeDay>();
  (days as readonly unknown[]).forEach((one, i) => {
    const where = `day ${i + 1}`;
    const { day, before = null, after = null } = isRecord(one) ? one : {};
    if (typeof day !== 'string' || !isDay(day))
      problems.push({ where, message: `day is ${JSON.stringify(day ?? null)}; expected a day such as 2026-03-01` });
    else if (day > today) problems.push({ where, message: `${day} is yet to come: is the clock of their device right?` });
    else if (done.has(day)) problems.push({ where, message: `${day} stands in it twice` });
    else if (!isTold(before) || !isTold(after)) problems.push({ where, message: 'pain before and after is 0 to 10 or null' });
    else done.set(day, { day, before, after });
  });
  return problems.length > 0 ? { diary: null, problems } : { diary: { title, days: [...done.values()], note }, problems };
}
