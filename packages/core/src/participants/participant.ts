import { checkBody, isChild, type BodyAnswers } from '../body/anthropometry.js';
import { checkSchools, type SchoolChoices } from '../conditions/active-limits.js';
import { findCondition } from '../conditions/all.js';
import { checkConditions } from '../conditions/check-answers.js';
import type { ConditionAnswer } from '../conditions/condition.js';
import { checkOwn, type Loosened, type OwnLimit } from '../conditions/own-limits.js';
import { answersOn } from '../conditions/over-time.js';
import type { Problem } from '../problem.js';
import { checkClearance, type Clearance } from '../screening/screen.js';
import { checkLeftOut, type LeftOut } from './left-out.js';
import { checkPreferences, type Preference } from './preference.js';
import { COMMON_PROPS, type PropsAtHand } from './props-at-hand.js';

/** A person in a class: what the limits, the figure and the props depend on. */
export interface Participant {
  readonly id: string;
  readonly body: BodyAnswers;
  readonly conditions: readonly ConditionAnswer[];
  readonly props: PropsAtHand;
  readonly schools: SchoolChoices;
  readonly clearances: readonly Clearance[];
  /** Limits that only this person, or their studio, has: stricter ones. */
  readonly ownLimits: readonly OwnLimit[];
  /** Limits that were set aside for this person, with the reason. */
  readonly loosened: readonly Loosened[];
  /** Asanas that this person is not offered. */
  readonly leftOut: readonly LeftOut[];
  /** Sides that asanas begin with, and forms that go before others as good. */
  readonly preferences: readonly Preference[];
  /** Seconds of one breath. */
  readonly breathSeconds: number;
}

export const BREATH_RANGE = { from: 2, to: 20, unit: 's' } as const;

/** Nobody in particular: the reference body, no condition, the usual props. */
export function anybody(id: string): Participant {
  return {
    id,
    body: {},
    conditions: [],
    props: COMMON_PROPS,
    schools: {},
    clearances: [],
    ownLimits: [],
    loosened: [],
    leftOut: [],
    preferences: [],
    breathSeconds: 5,
  };
}

/** Problems of a participant, each naming its field; empty when all is well. */
export function checkParticipant(participant: Participant): Problem[] {
  const { breathSeconds } = participant;
  const breath = breathSeconds >= BREATH_RANGE.from && breathSeconds <= BREATH_RANGE.to;
  return [
    ...checkBody(participant.body),
    ...checkConditions(participant.conditions),
    ...checkSchools(participant.schools),
    ...checkOwn(participant.ownLimits, participant.loosened),
    ...checkLeftOut(participant.leftOut),
    ...checkPreferences(participant.preferences),
    ...participant.clearances.flatMap(checkClearance),
    ...(breath
      ? []
      : [{ field: 'breathSeconds', message: `breathSeconds is ${breathSeconds}; expected ${BREATH_RANGE.from} to ${BREATH_RANGE.to} s` }]),
  ];
}

/** The body that a participant’s postures are solved with: as measured, and where nothing was, as the answers of a condition tell it. */
export function bodyOf({ body, conditions }: Pick<Participant, 'body' | 'conditions'>, today: string | null = null): BodyAnswers {
  const told = conditions.flatMap((given) => {
    const condition = findCondition(given.id);
    const { answer } = answersOn(given, today);
    const answered = Object.entries(condition?.parameters ?? {}).flatMap(([name, spec]) =>
      spec.kind === 'number' && spec.ofBody !== undefined && typeof answer[name] === 'number' ? [[spec.ofBody, answer[name]]] : [],
    );
    return [...Object.entries(condition?.body ?? {}), ...answered];
  });
  const whole: BodyAnswers = told.length === 0 ? body : { ...Object.fromEntries(told), ...body };
  const { age, ...grown } = whole;
  // Whoever is grown is shaped by no age: all of them share the postures of one body.
  return age === undefined || isChild(age) ? whole : grown;
}
