import type { ConditionAnswer, LimitSpec, ScreeningFinding } from './condition.js';
import { FIVE_BREATHS, limits, type WhenText } from './limits.js';
import { clearance, note, refer } from './screening.js';

/**
 * The pain rule that back, joint and pelvic conditions share: the idea of pain monitoring is from Thomeé R.
 * Phys Ther 1997;77:1690-1703 (from memory), the cut-offs are ours.
 */
const PARAMETERS = {
  painNow: { kind: 'number', holdsDays: 0, unit: '0-10', from: 0, to: 10, ask: 'Pain now, before class' },
  painNextDay: { kind: 'choice', holdsDays: 14, options: ['less', 'same', 'worse'], ask: 'The day after the last class, the pain was', default: 'same' },
  side: { kind: 'choice', options: ['left', 'right', 'both'], ask: 'Which side?', default: 'both' },
} as const;

const NOT_ASKED = 3;
/** What is left of every dose after a class that left someone worse the next day (common practice, no source). */
const SHARE_AFTER_WORSE = 0.7;

interface PainAnswers {
  readonly painNow?: number | undefined;
}

/** The pain that counts: what was told, or 3 where nobody asked. */
export function painOf({ painNow }: PainAnswers): number {
  return painNow ?? NOT_ASKED;
}

/** The share of its dose that a step keeps, and the condition that asks for it; `null` where all of it is kept. */
export function doseAfterPain(answers: readonly ConditionAnswer[]): { readonly share: number; readonly condition: string } | null {
  const worse = answers.find(({ painNextDay }) => painNextDay === 'worse');
  return worse ? { share: SHARE_AFTER_WORSE, condition: worse.id } : null;
}

/** The rule was made in programmes for kneecaps and tendons. */
const TRIED_FOR_TENDONS = { reading: 'Tried for kneecap and tendon pain; for other pain it is common practice.' } as const;

export const PAIN = {
  parameters: PARAMETERS,
  stages: { pain: 'Pain of 4 to 6 now' },
  stagesOf: (answers: PainAnswers): 'pain'[] => (painOf(answers) >= 4 && painOf(answers) < 7 ? ['pain'] : []),
  screen: ({ painNow }: PainAnswers): ScreeningFinding[] => {
    if (painNow === undefined) return [note('painNow', 'Pain was not asked today: taken as 3.')];
    if (painNow >= 9) return [refer('painNow', 'Pain of 9 or 10: no practice today; medical contact today if it is new.')];
    if (painNow >= 7) return [clearance('painNow', 'Pain of 7 or 8: only gentle, supported work today.')];
    return [];
  },
  /** A practice must not raise pain by more than 2, and it must settle by next morning; `when` is what works the part that hurts. */
  limits: (prefix: string, ...when: readonly WhenText[]): LimitSpec<'pain', never>[] =>
    limits(
      `${prefix}-pain`,
      'Pain of 4 to 6: short and moderate until it is less.',
      'THOMEE*',
      ['effort', '<= 3', 'modify', ['pain'], TRIED_FOR_TENDONS, ...when],
      ['hold', '<= 25', 'modify', ['pain'], 'effort >= 3', { reading: `${FIVE_BREATHS.reading} ${TRIED_FOR_TENDONS.reading}` }, ...when],
    ),
};

/** Sides are asked for hand-outs and cues; limits of a limb count its more extreme side, whichever it is. */
export type WithPain = typeof PARAMETERS;
