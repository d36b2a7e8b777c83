import { message, sayInEnglish, type Message, type MessageId, type Say } from '../messages/message.js';
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

/**
 * A note for a clinician: what was told, why it is asked, what the practice would keep to, and what an answer
 * should say. Nothing is diagnosed.
 */
export function clinicianNote(
  conditions: readonly ConditionAnswer[],
  { screening, limits, conflicts }: Assessment,
  say: Say = sayInEnglish,
): NoteSection[] {
  const kept = mergeLimits(limits)
    .filter(({ strictest }) => strictest.spec.grade !== 'watch')
    .map(({ strictest }) => {
      const { label, bound, unit, when } = limitJson(strictest);
      return `${label}: ${allowed(bound, unit)}${when.length > 0 ? `, ${when.join(', ')}` : ''}`;
    });
  const why = [...screening.reasons, ...screening.notes].map(({ text, said }) => (said ? say(said) : text));
  const section = (heading: MessageId, lines: readonly string[]): NoteSection => ({ heading: say(message(heading)), lines });
  return [
    section('note.told', conditions.flatMap(answerLines)),
    section('note.why', why.length > 0 ? why : [say(message('note.nothing-in-the-way'))]),
    ...(conflicts.length > 0
      ? [
          section(
            'note.conflicts',
            conflicts.map((conflict) => say(conflictTold(conflict))),
          ),
        ]
      : []),
    section('note.kept', kept),
    section('note.questions', [say(message('note.may-they')), say(message('note.stricter')), say(message('note.stop-signs'))]),
  ];
}
