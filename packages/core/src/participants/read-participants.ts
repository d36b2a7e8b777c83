import type { BodyAnswers } from '../body/anthropometry.js';
import type { SchoolChoices } from '../conditions/active-limits.js';
import type { ConditionAnswer } from '../conditions/condition.js';
import type { Loosened, OwnLimit } from '../conditions/own-limits.js';
import type { Problem } from '../problem.js';
import type { Clearance } from '../screening/screen.js';
import type { LeftOut } from './left-out.js';
import type { Preference } from './preference.js';
import { anybody, checkParticipant, type Participant } from './participant.js';
import { PROPS, type PropsAtHand } from './props-at-hand.js';
import { isRecord } from '../record.js';

function propProblems(props: unknown, at: string): Problem[] {
  if (!isRecord(props)) return [{ field: `${at}.props`, message: 'expected an object such as {"block": 2}' }];
  return Object.entries(props).flatMap(([name, count]) => {
    if (!(PROPS as readonly string[]).includes(name))
      return [{ field: `${at}.props.${name}`, message: `no prop "${name}"; known are ${PROPS.join(', ')}` }];
    return Number.isInteger(count) && (count as number) >= 0 && (count as number) <= 999
      ? []
      : [{ field: `${at}.props.${name}`, message: `${name} is ${JSON.stringify(count)}; expected a whole number from 0 to 999` }];
  });
}

/** Whether a list holds objects that each have these keys as text. */
function haveText(list: unknown, keys: readonly string[]): boolean {
  return Array.isArray(list) && list.every((one) => isRecord(one) && keys.every((key) => typeof one[key] === 'string'));
}

function readOne(raw: unknown, at: string): { participant: Participant | null; problems: Problem[] } {
  const refuse = (field: string, message: string) => ({ participant: null, problems: [{ field: `${at}${field}`, message }] });
  if (!isRecord(raw) || typeof raw['id'] !== 'string' || raw['id'] === '') return refuse('.id', 'expected an object with an "id"');
  const {
    body = {},
    conditions = [],
    props,
    schools = {},
    clearances = [],
    ownLimits = [],
    loosened = [],
    leftOut = [],
    preferences = [],
    breathSeconds = 5,
  } = raw;
  if (!isRecord(body)) return refuse('.body', 'expected an object such as {"stature": 165}');
  if (!haveText(conditions, ['id'])) return refuse('.conditions', 'expected a list of objects with an "id"');
  if (!isRecord(schools) || Object.values(schools).some((position) => typeof position !== 'string'))
    return refuse('.schools', 'expected an object of school and position');
  if (!haveText(clearances, ['condition', 'by', 'on']))
    return refuse('.clearances', 'expected a list of objects with condition, by, on and until');
  if (!haveText(ownLimits, ['measure', 'bound', 'grade', 'reason', 'by']))
    return refuse('.ownLimits', 'expected a list of objects with measure, bound, grade, reason and by');
  if (!haveText(loosened, ['limit', 'reason', 'on'])) return refuse('.loosened', 'expected a list of objects with limit, reason and on');
  if (!haveText(leftOut, ['asana', 'reason', 'on']))
    return refuse('.leftOut', 'expected a list of objects with asana, reason, on and until');
  if (!haveText(preferences, ['reason', 'on']))
    return refuse('.preferences', 'expected a list of objects with asana, variation, firstSide or longer, reason and on');
  if (typeof breathSeconds !== 'number') return refuse('.breathSeconds', 'expected a number of seconds');
  const propsProblems = props === undefined ? [] : propProblems(props, at);
  const participant: Participant = {
    id: raw['id'],
    body: body as BodyAnswers,
    conditions: conditions as readonly ConditionAnswer[],
    props: props === undefined ? anybody('').props : (props as PropsAtHand),
    schools: schools as SchoolChoices,
    // One that names no end holds until it is taken back.
    clearances: (clearances as readonly Partial<Clearance>[]).map((one) => ({ until: null, ...one })) as readonly Clearance[],
    ownLimits: ownLimits as readonly OwnLimit[],
    loosened: loosened as readonly Loosened[],
    leftOut: (leftOut as readonly Partial<LeftOut>[]).map((one) => ({ until: null, ...one })) as readonly LeftOut[],
    preferences: (preferences as readonly Partial<Preference>[]).map((one) => ({
      asana: null,
      variation: null,
      firstSide: null,
      ...one,
    })) as readonly Preference[],
    breathSeconds,
  };
  return {
    participant,
    problems: [...propsProblems, ...checkParticipant(participant).map(({ field, message }) => ({ field: `${at}.${field}`, message }))],
  };
}

/**
 * The participants of a class as data: `{"participants": [{"id", "body", "conditions", "props", "schools"}]}`.
 * Props that are not named are the usual ones. Problems name participant and field.
 */
export function readParticipants(raw: unknown): { participants: Participant[]; problems: Problem[] } {
  if (!isRecord(raw) || !Array.isArray(raw['participants']))
    return { participants: [], problems: [{ field: 'participants', message: 'expected an object with a list "participants"' }] };
  const read = (raw['participants'] as unknown[]).map((one, i) => readOne(one, `participants[${i}]`));
  const ids = read.flatMap(({ participant }) => (participant ? [participant.id] : []));
  const twice = ids
    .filter((id, i) => ids.indexOf(id) !== i)
    .map((id) => ({ field: 'participants', message: `the id "${id}" is given twice` }));
  return {
    participants: read.flatMap(({ participant }) => participant ?? []),
    problems: [...read.flatMap(({ problems }) => problems), ...twice],
  };
}
