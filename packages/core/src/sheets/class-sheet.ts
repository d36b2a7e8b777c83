import { counted } from '../counted.js';
import type { Figure } from '../figure/shape.js';
import type { Library } from '../asanas/library.js';
import type { AdaptationJson, StepJson } from '../planning/json.js';
import { describeDose } from '../sequence/dose.js';
import type { Sequence } from '../sequence/sequence.js';
import type { SheetBlock, Sheet } from './sheet.js';
import { doneWords, doseWithSide, setupWords, toBring } from './words.js';

/** The figures of one person's step, by the place of the person and of the step; none for what is left out. */
export type FiguresAt = (person: number, step: number) => readonly Figure[];

const FOOT = 'A plan for a teacher, not treatment. What a doctor or a therapist says comes before all of it.';

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
 * how, with their props. `answer` is of `sequence`.
 */
export function classSheet(library: Library, sequence: Sequence, answer: AdaptationJson, figuresAt: FiguresAt): Sheet {
  const people = answer.participants;
  const bring = toBring(people.map(({ steps }) => steps));
  const barred = waiting(answer);
  const steps = sequence.steps.map(({ asana, dose, side, note }, i): SheetBlock => {
    const groups = alike(answer, i);
    const kept = groups.find(({ own }) => own.verdict === 'keep');
    const others = groups.filter(({ own }) => own.verdict !== 'keep');
    return {
      is: 'step',
      title: `${i + 1}. ${library.get(asana).name}, ${doseWithSide(describeDose(dose), side)}`,
      lines: [note ?? '', kept ? setupWords(kept.own.setup) : ''].filter((line) => line !== ''),
      figures: kept ? figuresAt(kept.people[0]!, i) : [],
      others: others.map(({ people: who, own }) => ({
        figures: figuresAt(who[0]!, i),
        caption: [
          `${people.length === 1 ? 'Instead' : who.map((one) => people[one]!.id).join(', ')}: ${doneWords(own)}`,
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
    title: answer.title || 'Class',
    blocks: [
      { is: 'text', text: `${counted(people.length, 'person', 'people')}, ${answer.minutes.after} min` },
      ...(bring === '' ? [] : [{ is: 'text' as const, text: `Bring: ${bring}.` }]),
      ...(barred === '' ? [] : [{ is: 'text' as const, text: `Not to be taught yet: ${barred}.` }]),
      ...steps,
      ...roomBlocks(answer),
    ],
    foot: FOOT,
  };
}

/** Who needs which props at their place, of each as many as their step that needs most. */
function roomBlocks({ participants }: AdaptationJson): SheetBlock[] {
  const rows = participants.map(({ id, steps }) => [id, toBring([steps])] as const);
  if (rows.every(([, props]) => props === '')) return [];
  return [
    { is: 'heading', text: 'The room: at each place' },
    { is: 'table', head: ['Who', 'Props'], rows: rows.map(([id, props]) => [id, props || 'a mat']) },
  ];
}
