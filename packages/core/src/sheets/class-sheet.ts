import type { Figure } from '../figure/shape.js';
import type { Library } from '../asanas/library.js';
import { message, sayInEnglish, type Say } from '../messages/message.js';
import type { AdaptationJson, StepJson } from '../planning/json.js';
import { doseTold, doseWithSide } from '../sequence/dose.js';
import type { Sequence } from '../sequence/sequence.js';
import type { SheetBlock, Sheet } from './sheet.js';
import { doneWords, setupWords, toBring } from './words.js';

/** The figures of one person's step, by the place of the person and of the step; none for what is left out. */
export type FiguresAt = (person: number, step: number) => readonly Figure[];

/** People who do a step alike. */
interface Alike {
  readonly people: number[];
  readonly own: StepJson;
}

function alike(answer: AdaptationJson, step: number): Alike[] {
  const groups = new Map<string, Alike>();
  answer.participants.forEach(({ steps }, person) => {
    const own = steps[step]!;
    const key = JSON.stringify([own.verdict, own.to?.figure, own.to?.changes, own.dose]);
    const known = groups.get(key);
    if (known) known.people.push(person);
    else groups.set(key, { people: [person], own });
  });
  return [...groups.values()];
}

/** Who may not be taught yet, in one line; empty where all may. */
function waiting({ participants }: AdaptationJson): string {
  return participants
    .filter(({ screening }) => screening.decision !== 'practise')
    .map(({ id, screening }) => `${id} (${screening.decision})`)
    .join(', ');
}

/**
 * The whole class on paper for the teacher: what to bring, each step with its figure as it is written, and who does it
 * how, with their props. `answer` is of `sequence`, in the language of `say`.
 */
export function classSheet(
  library: Library,
  sequence: Sequence,
  answer: AdaptationJson,
  figuresAt: FiguresAt,
  say: Say = sayInEnglish,
): Sheet {
  const people = answer.participants;
  const bring = toBring(
    people.map(({ steps }) => steps),
    say,
  );
  const barred = waiting(answer);
  const steps = sequence.steps.map(({ asana, dose, side, note }, i): SheetBlock => {
    const groups = alike(answer, i);
    const kept = groups.find(({ own }) => own.verdict === 'keep');
    const others = groups.filter(({ own }) => own.verdict !== 'keep');
    return {
      is: 'step',
      title: `${i + 1}. ${library.get(asana).name}, ${doseWithSide(say(doseTold(dose)), side, say)}`,
      lines: [note ?? '', kept ? setupWords(kept.own.setup) : ''].filter((line) => line !== ''),
      figures: kept ? figuresAt(kept.people[0]!, i) : [],
      others: others.map(({ people: who, own }) => ({
        figures: figuresAt(who[0]!, i),
        caption: [
          people.length === 1
            ? say(message('sheet.instead', { done: doneWords(own, say) }))
            : say(message('sheet.for-some', { people: who.map((one) => people[one]!.id), done: doneWords(own, say) })),
          ...own.reasons.slice(0, 1).map(({ text }) => text),
          setupWords(own.setup),
        ]
          .filter((line) => line !== '')
          .map((line) => line.replace(/\.$/, ''))
          .join('. '),
      })),
    };
  });
  return {
    title: answer.title || say(message('sheet.untitled')),
    blocks: [
      { is: 'text', text: say(message('sheet.people-and-time', { people: people.length, minutes: answer.minutes.after })) },
      ...(bring === '' ? [] : [{ is: 'text' as const, text: say(message('sheet.bring', { props: bring })) }]),
      ...(barred === '' ? [] : [{ is: 'text' as const, text: say(message('sheet.not-yet', { people: barred })) }]),
      ...steps,
      ...roomBlocks(answer, say),
    ],
    foot: say(message('sheet.foot')),
  };
}

/** Who needs which props at their place, of each as many as their step that needs most. */
function roomBlocks({ participants }: AdaptationJson, say: Say): SheetBlock[] {
  const rows = participants.map(({ id, steps }) => [id, toBring([steps], say)] as const);
  if (rows.every(([, props]) => props === '')) return [];
  return [
    { is: 'heading', text: say(message('sheet.room')) },
    {
      is: 'table',
      head: [say(message('sheet.who')), say(message('sheet.props'))],
      rows: rows.map(([id, props]) => [id, props || say(message('sheet.mat-alone'))]),
    },
  ];
}
