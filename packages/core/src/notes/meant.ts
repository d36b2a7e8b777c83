import { isNamed } from './certainty.js';
import type { Hypothesis } from './evidence.js';
import type { Agreement, Lexicon, Query } from './lexicon.js';

export type StepHypothesis = Extract<Hypothesis, { is: 'step' }>;
/** A posture with what in the line names it. */
export type Meant = Omit<StepHypothesis, 'is'>;

/** Whether a name is just what somebody calls one asana, and no other. */
export function isAsanaToTheLetter({ meaning, exact, ambiguous }: Agreement): boolean {
  return meaning.kind === 'asana' && exact && !ambiguous;
}

/** The postures that a hypothesis speaks of: of a line that may name several, each may be the one that is meant. */
export function meantBy(hypothesis: Hypothesis): Meant[] {
  if (hypothesis.is === 'step') return [hypothesis];
  if (hypothesis.is !== 'many') return [];
  return hypothesis.parts.flatMap(({ found }) =>
    found.meaning.kind === 'asana' ? [{ asana: found.meaning.asana, variation: found.meaning.variation, found }] : [],
  );
}

/** Whether a line is, to the letter, a name of the library, or several. */
export function standsForItself(hypothesis: Hypothesis): boolean {
  return hypothesis.is === 'many'
    ? hypothesis.parts.every(({ found }) => isNamed(found))
    : hypothesis.is === 'step' && isNamed(hypothesis.found);
}

/** The way to do an asana that a line's words ask for. */
export function variationOf(lexicon: Lexicon, query: Query, { asana, variation, found }: Meant): string | null {
  if (
    variation !== null &&
    (found?.exact || lexicon.saysVariation(query, asana, variation)) &&
    !lexicon.deniesVariation(query, asana, variation)
  )
    return variation;
  // The asana's own name and nothing more is its plain way.
  return found?.exact ? null : lexicon.variation(query, asana);
}
