import { message, sayInEnglish, type Message } from '../messages/message.js';
import { findCondition } from '../conditions/all.js';
import type { ConditionAnswer } from '../conditions/condition.js';
import { answersInWords } from '../conditions/answers-in-words.js';
import { allowed } from '../conditions/say.js';
import { conflictTold, mergeLimits } from '../conditions/together.js';
import { limitJson } from '../conditions/json.js';
import type { Assessment } from './assess.js';

export interface NoteSection {
  readonly heading: string;
  readonly lines: readonly string[];
}

/** What a teacher says to someone who is not to practise yet: plain words, no diagnosis. */
export function whatToSay({ screening: { decision, reasons } }: Pick<Assessment, 'screening'>): Message | null {
  if (decision === 'practise') return null;
  const isEmergency = reasons.some(({ urgency }) => urgency === 'emergency');
  return message(isEmergency ? 'say.emergency' : decision === 'refer' ? 'say.refer' : 'say.clearance');
}

function answerLines(answer: ConditionAnswer): string[] {
  const condition = findCondition(answer.id);
  return condition ? [condition.name, ...answersInWords(answer).map((line) => `  ${line}`)] : [];
}

const NOTHING_IN_THE_WAY = 'Nothing that was told stands in the way. We plan within the bounds below, and would like your word on them.';

/**
 * A note for a clinician: what was told, why it is asked, what the practice would keep to, and what an answer
 * should say. Nothing is diagnosed.
 */
export function clinicianNote(conditions: readonly ConditionAnswer[], { screening, limits, conflicts }: Assessment): NoteSection[] {
  const kept = mergeLimits(limits)
    .filter(({ strictest }) => strictest.spec.grade !== 'watch')
    .map(({ strictest }) => {
      const { label, bound, unit, when } = limitJson(strictest);
      return `${label}: ${allowed(bound, unit)}${when.length > 0 ? `, ${when.join(', ')}` : ''}`;
    });
  const why = [...screening.reasons, ...screening.notes].map(({ text }) => text);
  return [
    { heading: 'What was told', lines: conditions.flatMap(answerLines) },
    { heading: 'Why we ask', lines: why.length > 0 ? why : [NOTHING_IN_THE_WAY] },
    ...(conflicts.length > 0
      ? [
          {
            heading: 'Where conditions pull in opposite directions',
            lines: conflicts.map((conflict) => sayInEnglish(conflictTold(conflict))),
          },
        ]
      : []),
    { heading: 'What the practice would keep to', lines: kept },
    {
      heading: 'What we would like to know',
      lines: [
        'May this person practise gentle, supported yoga within these bounds? From which day, until which day?',
        'What should be left out, or held to a stricter bound? What may be looser?',
        'Signs on which to stop, and whom to call.',
      ],
    },
  ];
}
