import { addDays, differenceInCalendarDays, formatISO, parseISO } from 'date-fns';
import { opposite, type Side } from '../angles.js';
import { allowed, amount } from '../conditions/say.js';
import { getOrCreate } from '../get-or-create.js';
import { message, sayInEnglish, type Message } from '../messages/message.js';
import { dayInWords, holdsUntil } from '../day.js';
import { leftOutOn, type LeftOut } from '../participants/left-out.js';
import type { Participant } from '../participants/participant.js';
import { likedForms, likedKey, longerShare, firstSides, MOST_LONGER, type Preference } from '../participants/preference.js';
import { MEASURES } from '../body/measure.js';
import { boundWay, type OwnLimit } from '../conditions/own-limits.js';
import { isChange, placeTold, type PastClass, type StepMark } from './past-class.js';
import { isLoad, looserBound, type Strain } from './strain.js';

/** What the next plan could take from what was noted; nothing changes until a teacher says so. */
export interface Proposal {
  /** The same for the same evidence: what was decided once is not proposed again. */
  readonly id: string;
  readonly kind: 'leave-out' | 'rest-from' | 'hold-back' | 'take-back' | 'other-side-first' | 'liked' | 'step-up' | 'ask';
  /** `null` where no single step is meant. */
  readonly asana: string | null;
  /** What is to be done. */
  readonly what: Message;
  /** What it rests on. */
  readonly evidence: Message;
  /** Where its rule comes from: a published source, or common practice. */
  readonly source: string;
  /** What would be added to what the person is not offered; `null` where nothing is. */
  readonly leaveOut: LeftOut | null;
  /** What would be added to what the person prefers; `null` where nothing is. */
  readonly prefer: Preference | null;
  /** What would be added to their own limits; `null` where nothing is. */
  readonly limit: OwnLimit | null;
}

/** Of a proposal that is only told; one that changes something says what beside it. */
const CHANGES_NOTHING = { leaveOut: null, prefer: null, limit: null } as const;

const PRACTICE = 'Common practice, no published source known.';
const PAIN_MODEL =
  'Pain monitoring model (Thomeé, Phys Ther 1997), made for pain at the kneecap: up to 5 of 10 is acceptable, above is not. For other pain this is a starting value.';
const CHANGE = 'Two points or 30 % on a scale of 0 to 10 is a change that people would call one (Farrar et al., Pain 2001).';

/** Pain above this is too much (Thomeé 1997). */
const TOO_MUCH = 5;
/** Pain is told again within so many days to be the same. Common practice, no source. */
const NEXT_DAYS = 2;
/** What hurt rests for so many days. Common practice, no source. */
const REST_DAYS = 14;
/** Classes that are looked back at for steps that were stopped, and how often is enough. Common practice, no source. */
const LOOK_BACK = 6;
const STOPPED_OFTEN = 2;
/** A breath more of five. Common practice, no source. */
const LONGER = 1.2;
/** The same of a form that did somebody good. Common practice, no source. */
const LIKED_OFTEN = 2;
/** Good classes in a row after which a step that was left out may come back. Common practice, no source. */
const GOOD_CLASSES = 2;
/** Away so long, the first class back is asked about first. Common practice, no source. */
const AWAY_DAYS = 21;

function later(day: string, days: number): string {
  return formatISO(addDays(parseISO(day), days), { representation: 'date' });
}

function isGood({ felt, after, marks }: PastClass): boolean {
  return felt !== null && felt !== 'worse' && (after.pain ?? 0) <= 2 && marks.every(({ mark }) => mark === 'fine' || mark === 'other');
}

function byAsana<T extends { readonly asana: string }>(list: readonly T[]): Map<string, T[]> {
  const groups = new Map<string, T[]>();
  for (const one of list) getOrCreate(groups, one.asana, () => []).push(one);
  return groups;
}

function asanasOf(marks: readonly StepMark[]): string[] {
  return [...new Set(marks.map(({ asana }) => asana))];
}

/** Steps that were stopped again and again are not offered any more. */
function stoppedOften(classes: readonly PastClass[], today: string): Proposal[] {
  const stops = classes
    .slice(0, LOOK_BACK)
    .flatMap(({ day, marks }) => asanasOf(marks.filter(({ mark }) => mark === 'stopped')).map((asana) => ({ asana, day })));
  const often = byAsana(stops);
  return [...often].flatMap(([asana, of]): Proposal[] => {
    if (of.length < STOPPED_OFTEN) return [];
    const values = { times: of.length, classes: Math.min(LOOK_BACK, classes.length) };
    return [
      {
        id: `leave-out ${asana} ${of[0]!.day}`,
        kind: 'leave-out',
        asana,
        what: message('proposal.leave-out', { asana }),
        evidence: message('evidence.stopped', values),
        source: PRACTICE,
        ...CHANGES_NOTHING,
        leaveOut: { asana, on: today, until: null, reason: `Stopped in ${of.length} of the last ${values.classes} classes.` },
      },
    ];
  });
}

/** Whether pain that a class had raised was still there when it was asked next, within two days (Thomeé 1997: it is to be gone the next morning). */
function stayedOverNight({ day, before, after }: PastClass, history: readonly PastClass[]): boolean {
  if (before.pain === undefined || after.pain === undefined || after.pain <= before.pain) return false;
  const days = (other: string) => differenceInCalendarDays(parseISO(other), parseISO(day));
  const [next] = history
    .flatMap(({ day: other, before: { pain } }) =>
      pain === undefined || days(other) <= 0 || days(other) > NEXT_DAYS ? [] : [{ day: other, pain }],
    )
    .sort((one, other) => one.day.localeCompare(other.day));
  return next !== undefined && next.pain > before.pain && isChange(before.pain, next.pain);
}

/** Of several steps that strain alike, the one whose bound holds for all of them. */
function tightest(strains: readonly Strain[]): Strain[] {
  const found = new Map<string, Strain>();
  for (const one of strains) {
    const known = found.get(boundWay(one));
    if (!known || Math.abs(one.value) < Math.abs(known.value)) found.set(boundWay(one), one);
  }
  return [...found.values()];
}

/** What strained the place that hurts is held back for two weeks, in every step. */
function heldBack(strain: Strain, day: string, today: string): Proposal {
  const { asana, place, measure, value, bound } = strain;
  const until = later(today, REST_DAYS);
  const where = placeTold(place);
  const { label, unit } = MEASURES[measure];
  return {
    id: `hold-back ${boundWay(strain)} ${day}`,
    kind: 'hold-back',
    asana,
    what: message('proposal.hold-back', { measure: label, bound: allowed(bound, unit), until }),
    evidence: message('evidence.strained', { day, where, asana, measure: label.toLowerCase(), value: amount(value, unit) }),
    source: PAIN_MODEL,
    ...CHANGES_NOTHING,
    limit: { measure, bound, grade: 'modify', reason: `It hurt on ${dayInWords(day)}: ${sayInEnglish(where)}.`, by: THE_LOG, until },
  };
}

/** What hurt in the last class rests for two weeks; pain that rose without a step to name is asked about. */
function afterPain(last: PastClass, history: readonly PastClass[], strains: readonly Strain[], today: string): Proposal[] {
  const { day, before, after, marks } = last;
  const { pain } = after;
  const isHigh = pain !== undefined && pain > TOO_MUCH;
  const hurt = asanasOf(marks.filter(({ mark }) => mark === 'pain'));
  const holding = isHigh || stayedOverNight(last, history) ? strains.filter(({ asana }) => hurt.includes(asana)) : [];
  const held = new Set(holding.map(({ asana }) => asana));
  const resting = hurt
    .filter((asana) => !held.has(asana))
    .map((asana): Proposal => {
      const until = later(today, REST_DAYS);
      return {
        id: `rest-from ${asana} ${day}`,
        kind: 'rest-from',
        asana,
        what: message('proposal.rest-from', { asana, until }),
        evidence: isHigh ? message('evidence.hurt-high', { day, pain }) : message('evidence.hurt', { day }),
        source: isHigh ? PAIN_MODEL : PRACTICE,
        ...CHANGES_NOTHING,
        leaveOut: { asana, on: today, until, reason: `It hurt on ${dayInWords(day)}.` },
      };
    });
  const found = [...tightest(holding).map((one) => heldBack(one, day, today)), ...resting];
  if (hurt.length > 0 || before.pain === undefined || pain === undefined) return found;
  if (pain <= before.pain || !isChange(before.pain, pain)) return found;
  return [
    {
      id: `ask pain ${day}`,
      kind: 'ask',
      asana: null,
      what: message('proposal.ask-pain'),
      evidence: message('evidence.rose', { day, before: before.pain, after: pain }),
      source: CHANGE,
      ...CHANGES_NOTHING,
    },
  ];
}

/** One side that is marked again and again goes second: the other one leads. */
function onOneSide(classes: readonly PastClass[], preferences: readonly Preference[], today: string): Proposal[] {
  const known = firstSides(preferences);
  const sided = classes
    .slice(0, LOOK_BACK)
    .flatMap(({ day, marks }) =>
      marks.flatMap(({ asana, side, mark }) => (side !== null && (mark === 'stopped' || mark === 'pain') ? [{ asana, side, day }] : [])),
    );
  return [...byAsana(sided)].flatMap(([asana, of]): Proposal[] => {
    const sides = new Set<Side>(of.map(({ side }) => side));
    const days = new Set(of.map(({ day }) => day));
    if (sides.size !== 1 || days.size < STOPPED_OFTEN) return [];
    const [side] = sides as unknown as [Side];
    const first = opposite(side);
    if (known[asana] === first) return [];
    return [
      {
        id: `other-side-first ${asana} ${of[0]!.day}`,
        kind: 'other-side-first',
        asana,
        what: message('proposal.other-side-first', { asana, side: first }),
        evidence: message('evidence.one-side', { side, times: days.size }),
        source: PRACTICE,
        ...CHANGES_NOTHING,
        prefer: {
          asana,
          variation: null,
          firstSide: first,
          reason: `Only the ${side} side was marked, in ${days.size} classes.`,
          on: today,
        },
      },
    ];
  });
}

/** One side that was the harder one again and again is asked about: an asymmetry that grows is nothing for a teacher to judge. */
function harderSide(classes: readonly PastClass[]): Proposal[] {
  const compared = classes.slice(0, LOOK_BACK).flatMap(({ day, harder }) => (harder ? [{ day, harder }] : []));
  const harder = compared.filter((one) => one.harder !== 'alike');
  const [last] = harder;
  if (!last || harder.length < STOPPED_OFTEN || harder.some((one) => one.harder !== last.harder)) return [];
  return [
    {
      id: `ask side ${last.day}`,
      kind: 'ask',
      asana: null,
      what: message('proposal.ask-side', { side: last.harder }),
      evidence: message('evidence.harder', { side: last.harder, times: harder.length, asked: compared.length }),
      source: PRACTICE,
      ...CHANGES_NOTHING,
    },
  ];
}

/** A form that went well again and again, and was never stopped, goes before others as good. */
function likedOften(classes: readonly PastClass[], preferences: readonly Preference[], today: string): Proposal[] {
  const marks = classes.slice(0, LOOK_BACK).flatMap(({ day, marks: own }) => own.map((mark) => ({ ...mark, day })));
  const forms = new Map<string, typeof marks>();
  for (const mark of marks) getOrCreate(forms, likedKey(mark.asana, mark.variation), () => []).push(mark);
  const known = likedForms(preferences);
  return [...forms].flatMap(([key, of]): Proposal[] => {
    const days = new Set(of.map(({ day }) => day));
    if (known.has(key) || days.size < LIKED_OFTEN || of.some(({ mark }) => mark !== 'fine')) return [];
    const { asana, variation, day } = of[0]!;
    return [
      {
        id: `liked ${key} ${day}`,
        kind: 'liked',
        asana,
        what: message('proposal.liked', { asana, form: variation }),
        evidence: message('evidence.liked', { times: days.size }),
        source: PRACTICE,
        ...CHANGES_NOTHING,
        prefer: { asana, variation, firstSide: null, reason: `It went well in ${days.size} classes.`, on: today },
      },
    ];
  });
}

/** Who set the limits that the log asked for. */
const THE_LOG = 'the class log';

/** What the log holds back in range, or in load, a step less held back; the oldest first, `null` where nothing is. */
function loosened(kind: 'range' | 'load', ownLimits: readonly OwnLimit[], today: string): OwnLimit | null {
  const held = ownLimits.find(
    ({ by, until, measure }) => by === THE_LOG && holdsUntil(until, today) && isLoad(measure) === (kind === 'load'),
  );
  const bound = held && looserBound(held);
  if (!held || !bound) return null;
  return { ...held, bound, until: later(today, REST_DAYS) };
}

/** What was left out may come back after good classes, or when its time is over. */
function takenBack(classes: readonly PastClass[], leftOut: readonly LeftOut[], today: string): Proposal[] {
  return leftOut.flatMap(({ asana, on, until }): Proposal[] => {
    const since = classes.filter(({ day }) => day > on);
    const over = until !== null && until < today ? until : null;
    const good = since.length >= GOOD_CLASSES && since.slice(0, GOOD_CLASSES).every(isGood);
    if (over === null && !good) return [];
    return [
      {
        id: `take-back ${asana} ${on} ${since[0]?.day ?? today}`,
        kind: 'take-back',
        asana,
        what: message('proposal.take-back', { asana }),
        evidence: over !== null ? message('evidence.over', { until: over }) : message('evidence.good', { times: GOOD_CLASSES }),
        source: PRACTICE,
        ...CHANGES_NOTHING,
      },
    ];
  });
}

/** What grows a little after good classes, one at a time and in this order. */
const STEPS_UP = ['dose', 'range', 'load'] as const;

/** After good classes a little more of one thing: longer first, then further, then with more weight. */
function stepUp(
  classes: readonly PastClass[],
  decided: ReadonlySet<string>,
  { preferences, ownLimits }: Pick<Participant, 'preferences' | 'ownLimits'>,
  today: string,
): Proposal[] {
  const good = classes.slice(0, GOOD_CLASSES);
  if (good.length < GOOD_CLASSES || !good.every(isGood)) return [];
  // The classes before the last step was decided on are used up.
  const steps = [...decided].filter((id) => id.startsWith('step-up ')).map((id) => id.split(' ')[2]!).sort(); // prettier-ignore
  const since = steps.at(-1);
  if (since !== undefined && good.some(({ day }) => day <= since)) return [];
  const next = STEPS_UP[steps.length % STEPS_UP.length]!;
  // How much further, or how much heavier, is for the teacher to see where the log holds nothing back.
  const limit = next === 'dose' ? null : loosened(next, ownLimits, today);
  const longer = Math.min(MOST_LONGER, Math.round((longerShare(preferences) ?? 1) * LONGER * 100) / 100);
  return [
    {
      id: `step-up ${next} ${good[0]!.day}`,
      kind: 'step-up',
      asana: null,
      what:
        next !== 'dose' && limit
          ? message(`proposal.loosened-${next}`, {
              measure: MEASURES[limit.measure].label,
              bound: allowed(limit.bound, MEASURES[limit.measure].unit),
            })
          : message(`proposal.step-up-${next}`),
      evidence: message('evidence.good', { times: GOOD_CLASSES }),
      source: PRACTICE,
      ...CHANGES_NOTHING,
      limit,
      prefer:
        next === 'dose'
          ? { asana: null, variation: null, firstSide: null, longer, reason: `The last ${GOOD_CLASSES} classes went well.`, on: today }
          : null,
    },
  ];
}

/** Someone who was away for weeks is asked before the next class. */
function wasAway(classes: readonly PastClass[], today: string): Proposal[] {
  const [last] = classes;
  if (!last) return [];
  const days = differenceInCalendarDays(parseISO(today), parseISO(last.day));
  if (days <= AWAY_DAYS) return [];
  return [
    {
      id: `ask away ${last.day}`,
      kind: 'ask',
      asana: null,
      what: message('proposal.ask-away'),
      evidence: message('evidence.away', { weeks: Math.floor(days / 7), day: last.day }),
      source: PRACTICE,
      ...CHANGES_NOTHING,
    },
  ];
}

/**
 * What the next plan of one person could take from their past classes. Whatever is left out or preferred already, or was decided on,
 * is not proposed again. `today` as YYYY-MM-DD; `strains` are those of the last class's steps that hurt, where it is known where.
 */
export function proposalsOf(
  history: readonly PastClass[],
  { leftOut, preferences, ownLimits }: Pick<Participant, 'leftOut' | 'preferences' | 'ownLimits'>,
  today: string,
  strains: readonly Strain[] = [],
): Proposal[] {
  const classes = history.filter(({ present, atHome }) => present && !atHome).sort((one, other) => other.day.localeCompare(one.day));
  const decided = new Set(history.flatMap((one) => one.decided));
  const out = leftOutOn(leftOut, today);
  const [last] = classes;
  const often = stoppedOften(classes, today);
  const named = new Set(often.map(({ asana }) => asana));
  const isRecent = last !== undefined && differenceInCalendarDays(parseISO(today), parseISO(last.day)) <= REST_DAYS;
  const back = takenBack(classes, leftOut, today);
  const found = [
    ...often,
    // What is to be left out for good needs no rest.
    ...(isRecent ? afterPain(last, history, strains, today).filter(({ asana }) => asana === null || !named.has(asana)) : []),
    ...onOneSide(classes, preferences, today).filter(({ asana }) => !named.has(asana)),
    ...likedOften(classes, preferences, today),
    ...harderSide(classes),
    // What comes back is a step of its own: one at a time.
    ...(isRecent && back.length === 0 ? stepUp(classes, decided, { preferences, ownLimits }, today) : []),
    ...wasAway(classes, today),
  ].filter(({ asana }) => asana === null || !out.has(asana));
  return [...found, ...back].filter(({ id }) => !decided.has(id));
}
