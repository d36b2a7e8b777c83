import type { Library } from '../asanas/library.js';
import { formLines } from '../cues/form-lines.js';
import { secondsToSay } from '../cues/pace.js';
import { ageGroup, type AgeGroup } from './age-groups.js';
import {
  BALANCE_CALLS, BALANCE_SECONDS, BETWEEN_DESKS, BREATHS, DESK_REST, DESK_STORIES, HOME, LAUGHING, MANNER, OPENING, QUIET_GAMES, RESTS, RULES, STORIES, STORY_AGES, THOUGHTS, TIMINGS, WORDS, WORD_FAMILIES,
  type Story, type ToldStep,
} from './lesson-content.js'; // prettier-ignore

export const SPACES = ['mats', 'hall', 'desks'] as const;
export type Space = (typeof SPACES)[number];

export const PARTS = ['opening', 'words', 'breath', 'game', 'pose', 'loop', 'story', 'laugh', 'rest', 'thought', 'home'] as const;
export type PartKind = (typeof PARTS)[number];
/** What a part is called on paper and on the screen. */
export const PART_NAMES: Readonly<Record<PartKind, string>> = {
  opening: 'Opening', words: 'Words to learn', breath: 'A breath', game: 'A game', pose: 'One shape, slowly', loop: 'A loop, twice round', story: 'A story', laugh: 'Laughing',
  rest: 'Rest', thought: 'Thought of the day', home: 'For home',
}; // prettier-ignore

export interface LessonAsked {
  /** 4 to 17. */
  readonly age: number;
  /** 5 to 60; at most 20 for four- and five-year-olds. */
  readonly minutes: number;
  readonly space: Space;
  /** How many children; 12 where it isn't said. */
  readonly children?: number;
  /** A word that the lesson is about; with the same word it is the same lesson. */
  readonly theme?: string;
}

export interface LessonStep {
  readonly asana: string;
  /** What children call it. */
  readonly name: string;
  readonly variation: string | null;
  readonly side: 'none' | 'both' | 'first' | 'second';
  /** All together, where it is done more than once. */
  readonly seconds: number;
  /** How often it is held within these seconds: each side and each time by itself. */
  readonly times: number;
  readonly say: string;
  /** What a child may do instead that is easier; `null` where everybody stands or sits safely anyway. */
  readonly easier: string | null;
}

/** Each shape of some steps once, as the last of them has it. */
export function distinctShapes(steps: readonly LessonStep[]): LessonStep[] {
  return [...new Map(steps.map((step) => [`${step.asana} ${step.variation}`, step])).values()];
}

export interface LessonPart {
  readonly kind: PartKind;
  readonly minutes: number;
  readonly say: readonly string[];
  readonly steps: readonly LessonStep[];
}

/** A lesson for children, in the words to say, for a teacher without any training in yoga. */
export interface Lesson {
  readonly age: number;
  readonly minutes: number;
  readonly children: number;
  /** Grown-ups who should be there. */
  readonly adults: number;
  readonly parts: readonly LessonPart[];
}

/** Children to one grown-up. Common practice, no source. */
const TO_ONE: Readonly<Record<AgeGroup, number>> = { '4-5': 8, '6-8': 12, '9-12': 15, teens: 18 };
const USUAL_CHILDREN = 12;
/** Shapes that are learnt slowly, for each age. */
const LEARNT: Readonly<Record<AgeGroup, readonly string[]>> = {
  '4-5': ['kids-tree', 'kids-cat', 'kids-dog', 'kids-star', 'kids-butterfly', 'kids-cobra'],
  '6-8': ['kids-tree', 'kids-dog', 'kids-flamingo', 'kids-aeroplane', 'kids-boat', 'kids-cobra'],
  '9-12': ['vrksasana', 'adho-mukha-svanasana', 'virabhadrasana-2', 'setu-bandhasana', 'trikonasana'],
  teens: ['virabhadrasana-2', 'vrksasana', 'adho-mukha-svanasana', 'setu-bandhasana', 'parsvakonasana'],
};
/** A loop is gone through twice. */
const LOOPS: Readonly<Record<AgeGroup, readonly string[]>> = {
  '4-5': ['kids-cat', 'kids-dog', 'kids-cobra', 'kids-mouse'],
  '6-8': ['kids-mountain', 'kids-caterpillar', 'kids-dog', 'kids-cobra', 'kids-mouse'],
  '9-12': ['tadasana', 'urdhva-hastasana', 'uttanasana', 'adho-mukha-svanasana', 'bhujangasana', 'balasana'],
  teens: ['tadasana', 'urdhva-hastasana', 'uttanasana', 'adho-mukha-svanasana', 'bhujangasana', 'balasana'],
};
const BALANCES = /tree|flamingo|aeroplane|vrksasana|balance-(two|three)/;
/** On both feet, near a wall. */
const ON_TWO_FEET = 'Both feet down, one hand on the wall.';
const CALLS = 6;

/** Words of a subject that may tell something: "the sea" is about the sea. */
function subjectWords(subject: string): readonly string[] {
  return subject.split(/[^\p{L}]+/u).filter((word) => word.length > 2 && word !== 'the' && word !== 'and');
}

/** The words of a subject, with those that belong to them. */
function family(subject: string): ReadonlySet<string> {
  const own = subjectWords(subject);
  return new Set([...own, ...WORD_FAMILIES.filter((words) => own.some((word) => words.includes(word))).flat()]);
}

/** How many of these words stand in what is told. */
function mentions(words: ReadonlySet<string>, told: unknown): number {
  const said = new Set(
    JSON.stringify(told)
      .toLowerCase()
      .split(/[^a-z]+/),
  );
  return [...words].filter((word) => said.has(word)).length;
}

/** Those of a list that tell most of a subject and what belongs to it; all of them where none does. */
function about<T>(list: readonly T[], subject: string): readonly T[] {
  if (subject === '') return list;
  for (const words of [new Set(subjectWords(subject)), family(subject)]) {
    const counts = list.map((one) => mentions(words, one));
    const most = Math.max(...counts);
    if (most > 0) return list.filter((_, i) => counts[i] === most);
  }
  return list;
}

/** One of a list, by a subject: the same subject, the same one. */
function oneOf<T>(all: readonly T[], subject: string, salt = 0): T {
  const list = about(all, subject);
  let sum = salt;
  for (const letter of subject) sum = (sum * 31 + (letter.codePointAt(0) ?? 0)) % 9973;
  return list[sum % list.length]!;
}

/** Sides as a room's landmarks for who doesn't know left from right yet. */
function withSides(line: string, group: AgeGroup): string {
  const [one, other] = group === '4-5' ? ['window', 'door'] : ['right', 'left'];
  const filled = line.replaceAll('{side}', one).replaceAll('{other}', other);
  return filled.charAt(0).toUpperCase() + filled.slice(1);
}

/** The parts that take the time which is left over. */
const MOVING: ReadonlySet<PartKind> = new Set(['game', 'pose', 'loop', 'story']);

/** Puts a lesson's parts together. */
class LessonWriter {
  private readonly group: AgeGroup;
  private readonly theme: string;

  constructor(
    private readonly library: Library,
    private readonly asked: LessonAsked,
  ) {
    this.group = ageGroup(asked.age);
    this.theme = asked.theme?.trim().toLowerCase() ?? '';
  }

  /** Minutes of each part: those of the longest plan that fits, what is left over goes to moving. */
  private timings(): ReadonlyMap<PartKind, number> {
    const { minutes } = this.asked;
    const fitting = TIMINGS.filter((row) => row.ages.includes(this.group) && row.minutes <= minutes);
    const row = fitting.reduce((longest, one) => (one.minutes > longest.minutes ? one : longest));
    const plan = new Map(PARTS.flatMap((kind) => (row.plan[kind] === undefined ? [] : [[kind, row.plan[kind]] as const])));
    const moving = [...plan].filter(([kind]) => MOVING.has(kind));
    const sum = moving.reduce((all, [, part]) => all + part, 0);
    const over = minutes - row.minutes;
    for (const [kind, part] of moving) plan.set(kind, Math.round((part + (over * part) / sum) * 2) / 2);
    return plan;
  }

  lesson(): Lesson {
    const { age, minutes, children = USUAL_CHILDREN } = this.asked;
    const parts = [...this.timings()].map(([kind, time]) => ({ kind, minutes: time, ...this.part(kind, time) }));
    return { age, minutes, children, adults: Math.max(1, Math.ceil(children / TO_ONE[this.group])), parts };
  }

  private part(kind: PartKind, minutes: number): Pick<LessonPart, 'say' | 'steps'> {
    const { group, theme } = this;
    const only = (...say: string[]) => ({ say, steps: [] });
    switch (kind) {
      case 'opening':
        return only(...OPENING[group].map(({ say }) => say.replace('{name}', 'you').replace('{shape}', 'a new shape')), ...RULES[group]);
      case 'words':
        return only(...Object.entries(WORDS[group]).slice(0, 2).map(([word, means]) => `${word[0]!.toUpperCase()}${word.slice(1)}: ${means}.`)); // prettier-ignore
      case 'breath': {
        const { name, asana, say } = oneOf(
          BREATHS[group].filter((breath) => this.hasRoomFor(breath)),
          theme,
        );
        // A breath that is learnt lying is done on the chair where there is no floor for it.
        const shape = this.asked.space === 'desks' && this.library.get(asana).base !== 'seated-chair' ? 'chair-mountain' : asana;
        return { say: [`${name}.`, say], steps: [this.step({ asana: shape, say }, minutes * 60)] };
      }
      case 'game':
        return this.game(minutes);
      case 'pose':
        return this.asked.space === 'desks' ? this.betweenDesks(minutes, 0) : this.pose(minutes);
      case 'loop':
        return this.asked.space === 'desks' ? this.betweenDesks(minutes, 4) : this.loop(minutes);
      case 'story':
        return this.story(minutes);
      case 'laugh':
        return only(`Like ${oneOf(LAUGHING.starts, theme)}.`, ...LAUGHING.steps.map(({ say }) => say));
      case 'rest': {
        const seconds = Math.min(minutes * 60, MANNER[group].rest);
        const { say, ...shape } = this.asked.space === 'desks' ? DESK_REST : oneOf(RESTS[group], theme);
        return {
          say: [say, 'Eyes may stay open. I tell you when it is over.', 'Open your eyes like a small window.'],
          steps: [this.step({ ...shape, say }, seconds)],
        };
      }
      case 'thought':
        return only(oneOf(this.forAge(THOUGHTS), theme).say);
      case 'home':
        return only(oneOf(this.forAge(HOME), theme).do);
    }
  }

  private forAge<T extends { readonly ages: readonly string[] }>(list: readonly T[]): readonly T[] {
    return list.filter(({ ages }) => ages.includes(this.group));
  }

  private hasRoomFor({ needsRoom }: { readonly needsRoom?: true }): boolean {
    return this.asked.space !== 'desks' || needsRoom !== true;
  }

  private step(told: ToldStep, seconds: number, times = 1): LessonStep {
    const { asana, variation, say, side } = told;
    const { shown, kids } = this.library.get(asana);
    return {
      asana,
      name: kids,
      variation: variation ?? null,
      side: side ?? (shown ? 'both' : 'none'),
      seconds: Math.round(seconds),
      times,
      say,
      easier: BALANCES.test(asana) ? ON_TWO_FEET : null,
    };
  }

  /** Numbers of body parts called in a drawn order, or at desks a quiet animal. */
  private game(minutes: number): Pick<LessonPart, 'say' | 'steps'> {
    const { age, space } = this.asked;
    const quiet = this.forAge(QUIET_GAMES).filter((game) => this.hasRoomFor(game));
    if (this.group === 'teens' || space === 'desks' || (quiet.length > 0 && oneOf([true, false], this.theme, 7))) {
      const game = quiet.length > 0 ? oneOf(quiet, this.theme) : null;
      if (!game) return { say: ['One minute of stillness together, sitting as you like.'], steps: [] };
      return {
        say: [`${game.name}: ${game.how}.`, 'Whoever makes a sound plays on, and tells what they heard. Nobody is out.'],
        steps: [],
      };
    }
    const seconds = BALANCE_SECONDS[this.group];
    // From many parts to few: what is low and wide comes first.
    const safe = BALANCE_CALLS.filter(({ from }) => from <= age).sort((one, other) => other.number - one.number);
    const count = Math.max(3, Math.min(CALLS, Math.floor((minutes * 60) / (seconds + 15))));
    const calls = Array.from({ length: count }, (_, i) => safe[Math.floor((i * safe.length) / count)]!);
    const countdown = Array.from({ length: seconds }, (_, i) => seconds - i).join(', ');
    return {
      say: [
        'Move about softly. I call a number: find that many parts on the floor, and stay while I count.',
        ...calls.map(({ number, parts }) => `${number}! ${parts[0]!.toUpperCase()}${parts.slice(1)}.`),
        `Count aloud, the last two quietly: ${countdown}.`,
        'Wobbles are allowed, crashes are not.',
      ],
      steps: calls.flatMap(({ asana, parts }) => (asana === undefined ? [] : [this.step({ asana, say: parts }, seconds)])),
    };
  }

  /** One shape, slowly, twice, on both sides. */
  private pose(minutes: number): Pick<LessonPart, 'say' | 'steps'> {
    const id = oneOf(LEARNT[this.group], this.theme);
    const asana = this.library.get(id);
    const { in: into, hold, stop, out } = formLines(asana, null);
    const say = [`${this.nameOf(id)}.`, ...into, hold[0] ?? '', stop, ...out].filter(Boolean).map((line) => withSides(line, this.group));
    const hasSides = asana.shown !== null;
    const talk = say.reduce((sum, line) => sum + secondsToSay(line, 'children'), 0);
    const each = Math.min(MANNER[this.group].hold, Math.max(5, (minutes * 60 - talk) / 4));
    const times = hasSides ? 4 : 2;
    return {
      say: [...say, ...(hasSides ? ['Now the other side, just as long.'] : []), 'And once more, all of it.'],
      steps: [this.step({ asana: id, say: this.nameOf(id) }, each * times, times)],
    };
  }

  private loop(minutes: number): Pick<LessonPart, 'say' | 'steps'> {
    const ids = LOOPS[this.group];
    const each = Math.min(MANNER[this.group].hold, (minutes * 60) / (2 * ids.length));
    return {
      say: ['We go from one to the next, and twice round.', ...ids.map((id) => `${this.nameOf(id)}.`)],
      steps: [...ids, ...ids].map((asana) => this.step({ asana, say: this.nameOf(asana) }, each)),
    };
  }

  /** One for the age, or for who sits at a desk; its steps take their time, or as much of it as there is. */
  private story(minutes: number): Pick<LessonPart, 'say' | 'steps'> {
    const suiting = STORY_AGES[this.group];
    const onTheFloor = STORIES.filter(({ id }) => suiting === 'all' || (suiting !== 'none' && suiting.includes(id)));
    const { name, steps } = oneOf<Story>(this.asked.space === 'desks' ? DESK_STORIES : onTheFloor, this.theme);
    const secondsOf = ({ seconds = MANNER[this.group].hold * 2 }: ToldStep) => seconds;
    const share = Math.min(1, (minutes * 60) / steps.reduce((sum, one) => sum + secondsOf(one), 0));
    return { say: [`${name}.`, ...steps.map(({ say }) => say)], steps: steps.map((one) => this.step(one, secondsOf(one) * share)) };
  }

  /** Steps beside and on a chair, as many as fit. */
  private betweenDesks(minutes: number, from: number): Pick<LessonPart, 'say' | 'steps'> {
    let left = minutes * 60;
    const chosen = [...BETWEEN_DESKS.slice(from), ...BETWEEN_DESKS.slice(0, from)].filter(({ seconds = 30 }) => (left -= seconds) >= 0);
    const steps = chosen.length > 0 ? chosen : [BETWEEN_DESKS[from]!];
    return { say: steps.map(({ name, say }) => `${name}. ${say}`), steps: steps.map((one) => this.step(one, one.seconds ?? 30)) };
  }

  /** As children call it. */
  private nameOf(id: string): string {
    const { kids, name } = this.library.get(id);
    const called = this.group === 'teens' || this.group === '9-12' || kids === '' ? name : kids;
    return called[0]!.toUpperCase() + called.slice(1);
  }
}

/** A whole lesson, in exact words. The same question gives the same lesson. */
export function lessonFor(library: Library, asked: LessonAsked): Lesson {
  return new LessonWriter(library, asked).lesson();
}

/** Why a lesson can't be made; `null` where it can. */
export function lessonProblem({ age, minutes, children = USUAL_CHILDREN }: LessonAsked): string | null {
  if (!(age >= 4 && age < 18)) return `age is ${age}; lessons are for 4 to 17`;
  if (!(minutes >= 5 && minutes <= 60)) return `minutes is ${minutes}; expected 5 to 60`;
  if (age < 6 && minutes > 20) return `minutes is ${minutes}; for four- and five-year-olds at most 20`;
  return Number.isInteger(children) && children >= 1 && children <= 40 ? null : `children is ${children}; expected 1 to 40`;
}
