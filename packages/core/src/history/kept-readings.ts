import { findCondition } from '../conditions/all.js';
import type { ConditionAnswer } from '../conditions/condition.js';
import { AS_OF } from '../conditions/over-time.js';
import { message, sayInEnglish, type Message, type Say } from '../messages/message.js';
import type { NoteSection } from '../screening/clinician-note.js';

/** A number that was measured or told of somebody. */
export interface Reading {
  readonly condition: string;
  readonly parameter: string;
  readonly value: number;
  /** YYYY-MM-DD; `null` where nobody said when. */
  readonly day: string | null;
}

/** Units of a time since something: told anew each day, and nothing to follow. */
const SINCE = new Set(['min', 'h', 'day', 'week', 'month', 'year', 'years', 'hours', 'minutes']);

/** The numbers among someone's answers that change from time to time: tests, readings, and how they feel. */
export function readingsIn(conditions: readonly ConditionAnswer[]): Reading[] {
  return conditions.flatMap((given) => {
    const specs = findCondition(given.id)?.parameters ?? {};
    const asOf = given[AS_OF];
    const day = typeof asOf === 'string' ? asOf : null;
    return Object.entries(specs).flatMap(([parameter, spec]): Reading[] => {
      const value = given[parameter];
      const isFollowed = spec.kind === 'number' && spec.holdsDays !== undefined && !SINCE.has(spec.unit);
      return isFollowed && typeof value === 'number' ? [{ condition: given.id, parameter, value, day }] : [];
    });
  });
}

/** What is known of a number beside the number itself. */
export interface Followed {
  readonly ask: string;
  readonly unit: string;
  /** The least step that tells more than chance, or that people notice, with its source; `null` where we know of none. */
  readonly change: { readonly by: number; readonly source: string } | null;
  /** From where on it is a sign of risk, with its source. */
  readonly cutOff: { readonly at: number; readonly risk: 'from' | 'below'; readonly source: string } | null;
}

const KENNEDY = 'Kennedy et al., BMC Musculoskelet Disord 2005 (before hip or knee replacement)';
const WRIGHT = 'Wright et al., J Orthop Sports Phys Ther 2011 (hip osteoarthritis)';
const PERERA = 'Perera et al., J Am Geriatr Soc 2006';
const STEADI = 'STEADI, Centers for Disease Control and Prevention, 2017';
const VELLAS = 'Vellas et al., J Am Geriatr Soc 1997';
const STUDENSKI = 'Studenski et al., JAMA 2011';
const FARRAR = 'Farrar et al., Pain 2001';

/** Values from memory of the sources. */
const KNOWN: Readonly<Record<string, Pick<Followed, 'change' | 'cutOff'>>> = {
  'seniors.tug': { change: { by: 2.5, source: KENNEDY }, cutOff: { at: 12, risk: 'from', source: STEADI } },
  'seniors.chairStand': { change: { by: 2, source: WRIGHT }, cutOff: null },
  'seniors.gaitSpeed': { change: { by: 0.1, source: PERERA }, cutOff: { at: 0.8, risk: 'below', source: STUDENSKI } },
  'seniors.tandem': { change: null, cutOff: { at: 10, risk: 'below', source: STEADI } },
  'seniors.oneLeg': { change: null, cutOff: { at: 5, risk: 'below', source: VELLAS } },
};

/** @throws RangeError where there is no such number. */
export function followed(condition: string, parameter: string): Followed {
  const spec = findCondition(condition)?.parameters[parameter];
  if (spec?.kind !== 'number') throw new RangeError(`No number ${condition}.${parameter}`);
  const { ask, unit } = spec;
  if (parameter === 'painNow') return { ask, unit, change: { by: 2, source: FARRAR }, cutOff: null };
  return { ask, unit, ...(KNOWN[`${condition}.${parameter}`] ?? { change: null, cutOff: null }) };
}

/** A number over the days on which it was taken, the first one first. */
export interface ReadingLine extends Followed {
  readonly condition: string;
  readonly parameter: string;
  readonly values: readonly { readonly day: string; readonly value: number }[];
}

function toldOf({ ask, unit, values, change }: ReadingLine): Message {
  const told = { what: ask, readings: values.map((one) => message('note.reading', { ...one, unit })) };
  return change ? message('note.read-step', { ...told, by: change.by, unit, source: change.source }) : message('note.read', told);
}

/** What was measured more than once, for a clinician; `null` where nothing was. */
export function readingsSection(lines: readonly ReadingLine[], say: Say = sayInEnglish): NoteSection | null {
  const again = lines.filter(({ values }) => values.length > 1);
  return again.length === 0 ? null : { heading: say(message('note.readings')), lines: again.map((line) => say(toldOf(line))) };
}
