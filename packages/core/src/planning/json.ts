import { isMessage, message, sayInEnglish, type Message, type Say } from '../messages/message.js';
import { asides, saidCues } from '../asanas/cues.js';
import type { Asana, Library } from '../asanas/library.js';
import { describePart, type Contact } from '../body/contact.js';
import { MEASURES, roundMeasure, type Measure } from '../body/measure.js';
import { memoize } from '../get-or-create.js';
import { firstSides } from '../participants/preference.js';
import type { Side } from '../angles.js';
import { doseTold } from '../sequence/dose.js';
import type { Sequence } from '../sequence/sequence.js';
import { wayTold } from '../sequence/ways.js';
import { CONTRACT } from '../version.js';
import { tightest, type Finding } from '../plan/finding.js';
import type { PersonPlan, PlannedStep } from '../plan/plan.js';
import { POSTURE_CHANGES } from '../candidates/changes.js';
import { setupOf } from '../candidates/props-needed.js';
import { declaredValues } from '../solving/facts.js';
import { sweepOf } from '../solving/movement.js';
import type { SolvedPosture, SolvedVariation } from '../solving/solved-posture.js';

function reason({ by: _by, ...finding }: Finding) {
  return finding;
}

const OF_SHAPE: ReadonlySet<string> = new Set(POSTURE_CHANGES.map(({ id }) => `change.${id}`));

/** Whether a change is one of the body's shape, neither another form nor a dose. */
function isOfShape({ id }: Message): boolean {
  return OF_SHAPE.has(id);
}

/** A step as programs read it, and all that is told of it as `say` puts it. */
function stepSaid<Said>(planned: PlannedStep, say: (said: Message) => Said) {
  const { step, chosen, verdict, reasons } = planned;
  return {
    line: step.line,
    section: step.section,
    given: step.asana,
    givenVariation: step.variation,
    ...(step.of !== null && { of: step.of }),
    ...(step.note !== null && { note: step.note }),
    side: step.side,
    verdict,
    to: chosen && {
      asana: chosen.asana.id,
      variation: chosen.variation.id,
      name: chosen.asana.name,
      changes: chosen.changes.map(say),
      /** Of these, what the body does otherwise than in its variation. */
      shape: chosen.changes.filter(isOfShape).map(say),
      level: chosen.ends[0]!.level,
      figure: chosen.figure,
      ...(chosen.isLonger && { longer: true }),
    },
    ways: chosen ? chosen.ways.map((way) => ({ way, say: say(wayTold(way, chosen.ends[0]!.level)) })) : [],
    wayIn: chosen?.wayIn
      ? {
          way: chosen.wayIn.ways.at(-1)!,
          usual: false,
          say: chosen.wayIn.ways.map((way) => say(wayTold(way, chosen.ends[0]!.level))),
          reasons: tightest(chosen.wayIn.reasons).map(reason),
        }
      : null,
    seconds: Math.round(planned.seconds),
    /** Of these, what getting there takes. */
    gettingThere: chosen ? Math.round(chosen.transitionSeconds) : 0,
    amount: chosen?.dose ?? null,
    dose: chosen ? say(doseTold(chosen.dose)) : '',
    reasons: tightest(reasons).map(reason),
    watch: tightest(chosen?.watch ?? []).map(reason),
    cues: chosen ? saidCues(chosen.asana) : [],
    asides: chosen ? asides(chosen.asana) : [],
    setup: chosen ? setupOf(chosen.ends[0]!) : [],
    ...(planned.together !== null && { together: say(planned.together) }),
    ...(planned.ahead !== null && { ahead: say(planned.ahead) }),
  };
}

/** Each step once in the words of a language. */
const stepsIn = memoize((say: Say) => memoize((planned: PlannedStep) => stepSaid(planned, say)));

export type StepJson = ReturnType<typeof stepSaid<string>>;

function minutes(seconds: number): number {
  return Math.round(seconds / 6) / 10;
}

function personSaid<Said, Step>(plan: PersonPlan, say: (said: Message) => Said, stepOf: (planned: PlannedStep) => Step) {
  return {
    id: plan.id,
    /** Left out where nothing was decided. */
    ...(plan.preferences.length > 0 && { preferences: plan.preferences }),
    screening: plan.screening,
    conflicts: plan.conflicts.map(say),
    minutes: { before: minutes(plan.before), after: minutes(plan.after) },
    steps: plan.steps.map(stepOf),
    inserted: plan.inserted.map(({ name, why, ...one }) => ({ ...one, name: say(name), why: typeof why === 'string' ? why : say(why) })),
    session: plan.session,
  };
}

export function personJson(plan: PersonPlan, say: Say = sayInEnglish) {
  return personSaid(plan, say, stepsIn(say));
}

export type PersonJson = ReturnType<typeof personJson>;

/** Somebody's part of a plan as it is kept: what is told of its steps are codes, in whichever words they are read one day. */
export function personInCodes(plan: PersonPlan) {
  const code = (said: Message) => said;
  return personSaid(plan, code, (planned) => stepSaid(planned, code));
}

export type PersonInCodes = ReturnType<typeof personInCodes>;

type Json = string | number | boolean | null | undefined | readonly Json[] | { readonly [key: string]: Json };

function inWords(value: Json): Json {
  if (typeof value !== 'object' || value === null) return value;
  if (isMessage(value)) return sayInEnglish(value);
  if (Array.isArray(value)) return (value as readonly Json[]).map(inWords);
  return Object.fromEntries(Object.entries(value).map(([key, one]) => [key, inWords(one as Json)]));
}

/** What was kept, in words. A plan of an older version that holds words already stays what it is. */
export function personInWords(kept: PersonInCodes | PersonJson): PersonJson {
  return inWords(kept as unknown as Json) as unknown as PersonJson;
}

/** The side that a step on both sides begins with for one person; `null` where none was decided. */
export function firstSideOf({ preferences = [], steps }: PersonJson, index: number): Side | null {
  const { side, to } = steps[index]!;
  return side === 'both' && to ? (firstSides(preferences)[to.asana] ?? null) : null;
}

/** What a step takes from what was decided for one person before: a sentence each. */
export function takenFromBefore(person: PersonJson, index: number, say: Say = sayInEnglish): string[] {
  const { to } = person.steps[index]!;
  const side = firstSideOf(person, index);
  return (person.preferences ?? []).flatMap((one) => {
    if (!to) return [];
    if (typeof one.longer === 'number') return 'longer' in to ? [say(message('preference.longer', { reason: one.reason }))] : [];
    if (one.asana !== to.asana) return [];
    if (one.variation === to.variation) return [say(message('preference.liked', { reason: one.reason }))];
    return side !== null && one.firstSide === side ? [say(message('preference.first-side', { side, reason: one.reason }))] : [];
  });
}

/** How many different figures each column of a class holds, by place in the sequence; who sits it out shows none. */
export function columnsOf(sequence: Sequence, plans: readonly PersonPlan[]) {
  return sequence.steps.map(({ line }, i) => ({
    line,
    distinct: new Set(plans.flatMap(({ steps }) => steps[i]!.chosen?.figure ?? [])).size,
  }));
}

function adaptationSaid<Person>(
  sequence: Sequence,
  plans: readonly PersonPlan[],
  minutesAsked: number | null,
  personOf: (plan: PersonPlan) => Person,
) {
  const most = (of: (plan: PersonPlan) => number) => Math.max(0, ...plans.map(of));
  return {
    contract: CONTRACT,
    title: sequence.title,
    minutes: { given: minutesAsked, before: minutes(most(({ before }) => before)), after: minutes(most(({ after }) => after)) },
    unknown: sequence.unknown.map(({ line, text, nearest }) => ({ line, text, nearest: nearest.map(({ id }) => id) })),
    notes: sequence.notes,
    participants: plans.map(personOf),
    columns: columnsOf(sequence, plans),
  };
}
/** The answer to one adaptation, for one person or a class, as programs read it. Times of a class are its longest. */
export function adaptationJson(
  sequence: Sequence,
  plans: readonly PersonPlan[],
  minutesAsked: number | null = sequence.minutes,
  say: Say = sayInEnglish,
) {
  return adaptationSaid(sequence, plans, minutesAsked, (plan) => personJson(plan, say));
}
export type AdaptationJson = ReturnType<typeof adaptationJson>;

/** The same as it is kept. */
export function adaptationInCodes(sequence: Sequence, plans: readonly PersonPlan[], minutesAsked: number | null = sequence.minutes) {
  return adaptationSaid(sequence, plans, minutesAsked, personInCodes);
}
export type AdaptationInCodes = ReturnType<typeof adaptationInCodes>;

/** @see personInWords */
export function adaptationInWords({ participants, ...kept }: AdaptationInCodes | AdaptationJson): AdaptationJson {
  return { ...kept, participants: participants.map(personInWords) };
}

function supportName({ on }: Contact): string {
  if (on.kind === 'wall') return `wall.${on.wall}`;
  if (on.kind === 'level') return on.height > 0 ? `${on.surface}@${on.height}` : on.surface;
  return on.kind;
}

function measuresOf(done: SolvedPosture, form: SolvedVariation) {
  const values = {
    ...done.measured.values,
    ...declaredValues(form.variation.declared),
    breathRetention: form.variation.declared.retention ?? 0,
  };
  return Object.fromEntries(
    Object.entries(values).map(([measure, value]) => {
      const { unit } = MEASURES[measure as Measure];
      return [
        measure,
        { value: unit === 'body weight' || unit === '1' ? roundMeasure(measure as Measure, value) : Math.round(value * 10) / 10 + 0, unit },
      ];
    }),
  );
}

function endJson(done: SolvedPosture, form: SolvedVariation) {
  return {
    measures: measuresOf(done, form),
    facing: done.measured.facing,
    contacts: done.measured.shares.map(({ contact, share }) => ({
      part: describePart(contact),
      on: supportName(contact),
      share: Math.round(share * 100) / 100,
    })),
    reached: done.solved.reached,
    warnings: done.solved.warnings,
  };
}

/** What is measured in one form of an asana; a movement has `moves`, its other end, as well. */
export function measureJson(form: SolvedVariation) {
  const other = form.ends[1];
  return {
    contract: CONTRACT,
    asana: form.asana.id,
    variation: form.variation.id,
    ...endJson(form.ends[0]!, form),
    ...(other && { moves: endJson(other, form), sweep: sweepOf(form.ends, form.variation.declared.neckSweep) }),
  };
}

export function asanaJson({
  id,
  name,
  iast,
  names,
  kids,
  base,
  shown,
  purposes,
  variations,
  dose,
  substitutes,
  counterposes,
  steps,
  listVariations,
}: Asana) {
  return {
    id, name, iast, names, kids, base, shown, purposes, dose, substitutes, counterposes,
    variations: variations.map((variation) => ({ id: variation.id, name: variation.name, for: variation.for, as: variation.as })),
    steps: steps.map(({ asana, variation, side, breath }) => ({ asana, side, breath, ...(variation !== undefined && { variation }) })),
    waysThroughSteps: listVariations.map(({ id: way, name: called, for: whom }) => ({ id: way, name: called, for: whom })),
  }; // prettier-ignore
}

export function asanasJson(library: Library) {
  return { contract: CONTRACT, asanas: library.asanas.map(asanaJson) };
}
