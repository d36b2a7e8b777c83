import { opposite, type Side } from '../angles.js';
import type { DoseSpec } from '../asanas/asana.js';
import type { Asana, Library } from '../asanas/library.js';
import { counted } from '../counted.js';
import type { StepJson } from '../planning/json.js';
import type { Beat, BeatForm } from './beats.js';
import { formLines, sentence, withSide, type FormLines } from './form-lines.js';
import { OPTION_LEADS } from './option-leads.js';
import { secondsToSay, type Pace } from './pace.js';

export const CUE_LENGTHS = ['whole', 'short', 'words'] as const;
/** All that fits, one line a step, or key words alone. */
export type CueLength = (typeof CUE_LENGTHS)[number];

export type CueKind =
  'facing' | 'name' | 'prop' | 'option' | 'way-in' | 'breath' | 'stay' | 'hold' | 'feel' | 'not-feel' | 'stop' | 'silence' | 'way-out';

export interface Cue {
  readonly line: number;
  /** Place of its beat among those of `beatsOf`. */
  readonly beat: number;
  readonly kind: CueKind;
  /** Seconds from the beginning of the class. */
  readonly at: number;
  /** Seconds that it takes to be said. */
  readonly seconds: number;
  readonly say: string;
  /** The side of whoever listens. */
  readonly side: Side | null;
  /** The side that the teacher moves: the opposite one where they face the class as a mirror. */
  readonly teacher: Side | null;
  /** Ids of the participants whom it concerns. */
  readonly for: readonly string[];
}

export interface CueOptions {
  readonly length?: CueLength;
  readonly pace?: Pace;
  /** Whether the teacher faces the class, as its mirror. */
  readonly facing?: boolean;
  /** Whether what is lifted is lifted on the out-breath, as in strength work; otherwise as in the lines: the in-breath opens and lifts. */
  readonly exhaleOnEffort?: boolean;
}

/** What could be said in a beat. Where time is short, what has the highest rank is left out first; rank 0 never is. */
interface Line {
  readonly kind: CueKind;
  readonly say: string;
  readonly rank: number;
  readonly people: readonly string[];
}

const MIRROR = 'I face you like a mirror. Move the side that is nearest to mine.';

/** Under this many seconds a step is one of a flow: it is named, led and left in one line. Common practice, no source. */
const FLOW = 16;
/** What of a beat may be talked through, short or long: half of a stay is silent. Common practice, no source. */
const TALK = { short: 0.9, long: 0.6 } as const;
const LONG = 40;
/** Silence that is announced and ended by voice, in seconds. */
const LONG_SILENCE = 60;
/** Nothing is said in the first breath of a stay. */
const ARRIVING = 4;
const BETWEEN_LINES = 1;

function spokenTime(seconds: number): string {
  if (seconds < 60) return `${seconds} seconds`;
  const halves = Math.round(seconds / 30);
  if (halves === 3) return 'a minute and a half';
  const minutes = Math.floor(halves / 2);
  return halves % 2 === 0 ? counted(minutes, 'minute') : `${minutes} and a half minutes`;
}

/** How long, as it is announced. */
function stayLine(amount: DoseSpec | null, moves: boolean): string | null {
  if (!amount) return null;
  const { breaths, repetitions, rounds = 1 } = amount;
  const seconds = amount.minutes !== undefined ? amount.minutes * 60 : amount.seconds;
  const again = rounds > 1 ? `, ${rounds} rounds` : '';
  if (seconds !== undefined) return `${moves ? 'Go on for' : 'Stay for'} ${spokenTime(seconds)}${again}.`;
  if (repetitions !== undefined) return `${counted(repetitions, 'time')}${again}.`;
  if (breaths !== undefined) return `${moves ? 'With' : 'Stay for'} ${counted(breaths, 'breath')}${again}.`;
  return rounds > 1 ? `${rounds} rounds.` : null;
}

/** What has to be at hand, before anybody moves. */
function propLine({ setup }: StepJson): string | null {
  const things = [...new Map(setup.map(({ prop, count }) => [prop, count]))].map(([prop, count]) =>
    prop === 'wall' ? 'the wall' : count > 1 ? `${count} ${prop}s` : `a ${prop}`,
  );
  return things.length === 0 ? null : `Have ${things.join(' and ')} ready.`;
}

/** What the body does otherwise than in the lines of its form. */
function shapeOf({ to }: StepJson): readonly string[] {
  return to?.shape ?? [];
}

const ON_THE_FLOOR: ReadonlySet<string> = new Set(['all-fours', 'prone', 'kneeling', 'inverted']);
/** What ends a posture of the floor that is done on the feet, at a chair or a wall. */
const ON_THE_FEET = {
  stop: 'Come up if anything hurts, tingles or makes you dizzy.',
  out: ['Bend your knees, step in, and come up slowly.'],
};

/** The lines of a form; where it is off the floor, the plain ones that lead down to it are not said. */
function linesOf(asana: Asana, { variation, step }: BeatForm): FormLines {
  const lines = formLines(asana, variation);
  return lines.change === null && step.to?.level === 'up' && ON_THE_FLOOR.has(asana.base) ? { ...lines, ...ON_THE_FEET } : lines;
}

const CHAIR = /\bchair\b/i;
const PLACES_HANDS = /^(?:one |both )?hands?\b/i;
/** Lines of a form with what is otherwise in it: where the hands go is said before anybody moves. */
function withShape(lines: readonly string[], step: StepJson): string[] {
  const shape = shapeOf(step).map(sentence);
  return [...shape.filter((line) => PLACES_HANDS.test(line)), ...lines, ...shape.filter((line) => !PLACES_HANDS.test(line))];
}

/** Puts the words of a plan into speech, one step after the other. */
class ScriptWriter {
  private readonly cues: Cue[] = [];
  private offered = 0;
  /** When the voice is free again, in seconds. */
  private free = 0;

  constructor(
    private readonly library: Library,
    private readonly everybody: readonly string[],
    private readonly options: Required<CueOptions>,
  ) {}

  write(beats: readonly Beat[]): Cue[] {
    if (this.options.facing && beats[0]) this.say(beats[0], 0, 0, { kind: 'facing', say: MIRROR, rank: 0, people: this.everybody });
    let start = 0;
    beats.forEach((beat, place) => {
      this.beat(beat, place, start);
      start += beat.ready + beat.seconds;
    });
    return this.cues;
  }

  private beat(beat: Beat, place: number, start: number): void {
    const [main, ...others] = beat.forms as [BeatForm, ...BeatForm[]];
    const asana = this.library.get(main.asana);
    const lines = linesOf(asana, main);
    const window = beat.ready + beat.seconds;
    const end = start + window;
    const entry = this.entry(beat, asana, lines, main, others);
    const stay = this.stay(beat, lines, main);
    const exit = this.exit(beat, lines, main);
    const kept = this.fitted(
      [entry, stay, exit],
      window,
      withSide(withShape([lines.short], main.step).join(' '), this.sideOf(beat, asana)),
    );

    for (const line of kept[0]!) this.say(beat, place, Math.max(start, this.free), line);
    const out = kept[2]!;
    const leaving = end - out.reduce((sum, line) => sum + this.lasting(line), 0);
    // The stop line soon, the others spread over what is left.
    let from = Math.max(start, this.free) + Math.min(ARRIVING, window / 8);
    const spoken = kept[1]!;
    for (const [i, line] of spoken.entries()) {
      this.say(beat, place, Math.max(from, this.free), line);
      const left = Math.max(0, leaving - this.free);
      const ahead = spoken.slice(i + 1).reduce((sum, one) => sum + this.lasting(one), 0);
      const gap = Math.max(0, left - ahead) / (spoken.length - i + 1);
      from = this.free + Math.min(gap, i === 0 ? ARRIVING : gap);
    }
    this.beQuiet(beat, place, leaving, main);
    for (const [i, line] of out.entries()) this.say(beat, place, i === 0 ? Math.max(leaving, this.free) : this.free, line);
  }

  /** A long silence is said before it begins, and ended by voice. */
  private beQuiet(beat: Beat, place: number, until: number, main: BeatForm): void {
    if (this.options.length !== 'whole') return;
    const minutes = Math.floor((until - this.free - 8) / LONG_SILENCE);
    if (minutes < 1) return;
    const people = main.people;
    const back = { kind: 'silence', say: `That was ${counted(minutes, 'minute')}.`, rank: 0, people } as const;
    this.say(beat, place, this.free, { kind: 'silence', say: `I'll be quiet for ${counted(minutes, 'minute')} now.`, rank: 0, people });
    this.say(beat, place, until - this.lasting(back) - 1, back);
  }

  /** The worked side: where none is given, the one that the asana's lines are written for. */
  private sideOf({ side }: Beat, { shown }: Asana): Side | null {
    return side ?? shown?.side ?? null;
  }

  private entry(beat: Beat, asana: Asana, lines: FormLines, main: BeatForm, others: readonly BeatForm[]): Line[] {
    const { length } = this.options;
    const { side } = beat;
    const { people } = main;
    const fill = (line: string) => withSide(line, this.sideOf(beat, asana));
    const moves = asana.movesWhen !== null || asana.pattern !== null;
    if (beat.isSecondSide) {
      const say = length === 'words' ? `${side} side.` : `Now the ${side} side. ${fill(lines.short)}`;
      return [{ kind: 'name', say: withSide(say, side), rank: 0, people: this.everybody }];
    }
    const name: Line = { kind: 'name', say: `${asana.name}${side ? `, ${side} side` : ''}.`, rank: 0, people: this.everybody };
    const options = others.map((form) => this.option(beat, asana, form));
    const resting = beat.out.length > 0 ? [this.resting(beat)] : [];
    const props = propLine(main.step);
    const prop: Line[] = props ? [{ kind: 'prop', say: props, rank: 1, people }] : [];
    if (length === 'words')
      return [
        name,
        ...prop,
        ...options,
        ...resting,
        { kind: 'way-in', say: `${fill([...lines.words, ...shapeOf(main.step)].join(', '))}.`, rank: 0, people },
      ];
    const stay = stayLine(beat.amount, moves);
    const breath = this.breath(lines, fill);
    const wayIn = withShape(length === 'short' ? [lines.short] : lines.in, main.step);
    const staying: Line[] = stay ? [{ kind: 'stay', say: stay, rank: 2, people: this.everybody }] : [];
    return [
      name,
      ...prop,
      ...options,
      ...resting,
      ...wayIn.map((line): Line => ({ kind: 'way-in', say: fill(line), rank: 0, people })),
      ...(moves || length === 'whole' ? [{ kind: 'breath', say: breath, rank: moves ? 1.5 : 4.5, people } as const] : []),
      ...staying,
    ];
  }

  /** Which movement goes with which breath. */
  private breath({ breath: { inhale, exhale }, liftsOnInhale }: FormLines, fill: (line: string) => string): string {
    if (liftsOnInhale && this.options.exhaleOnEffort) return `Breathe out, ${lowered(fill(inhale))}. Breathe in, ${lowered(fill(exhale))}.`;
    return `Breathe in, ${lowered(fill(inhale))}. Breathe out, ${lowered(fill(exhale))}.`;
  }

  /** Another form, offered as an equal before anybody moves; whom it is for is never said. */
  private option(beat: Beat, asana: Asana, { asana: id, variation, people, step }: BeatForm): Line {
    const other = this.library.get(id);
    const lines = formLines(other, variation);
    const shape = shapeOf(step).map(sentence);
    const ofForm = shape.some((line) => CHAIR.test(line)) ? 'chair' : lines.kind;
    const kind = id === asana.id ? ofForm : other.base !== asana.base ? baseKind(other) : 'other-way';
    const leads = OPTION_LEADS[kind];
    const lead = leads[this.offered++ % leads.length]!;
    // What is said of it first: the posture by its name, where it is another or nothing in it differs; otherwise what differs.
    const isNamed = id !== asana.id || (lines.change === null && shape.length === 0);
    const form = isNamed ? `${other.name}. ${lines.short}` : lines.change;
    const change = [...(form ? [form] : []), ...shape].join(' ');
    const said = this.options.length === 'words' ? change : `${lead} ${change}`;
    return { kind: 'option', say: withSide(said, this.sideOf(beat, other)), rank: 0, people };
  }

  private resting({ out }: Beat): Line {
    const leads = OPTION_LEADS['skip-and-rest'];
    return { kind: 'option', say: leads[this.offered++ % leads.length]!, rank: 0, people: out };
  }

  private stay(beat: Beat, lines: FormLines, { people, asana }: BeatForm): Line[] {
    const { length } = this.options;
    if (length === 'words') return [];
    const side = this.sideOf(beat, this.library.get(asana));
    const line = (kind: CueKind, say: string | undefined, rank: number): Line[] =>
      say ? [{ kind, say: withSide(say, side), rank, people }] : [];
    if (beat.isSecondSide) return line('hold', lines.hold[0], 3);
    if (length === 'short') return line('stop', lines.stop, 1);
    const [first, second, third] = lines.hold;
    return [
      ...line('hold', first, 3),
      ...line('stop', lines.stop, 1),
      ...line('feel', lines.feel && `You may feel: ${lowered(lines.feel)}`, 4),
      ...line('hold', second, 5),
      ...line('not-feel', lines.notFeel, 6),
      ...line('hold', third, 7),
    ];
  }

  private exit(beat: Beat, lines: FormLines, { people, asana }: BeatForm): Line[] {
    if (this.options.length === 'words') return [];
    const side = this.sideOf(beat, this.library.get(asana));
    return lines.out.map((say) => ({ kind: 'way-out', say: withSide(say, side), rank: 1, people }));
  }

  /** As much of the entry, the stay and the way out as there is time for; never faster. */
  private fitted(parts: readonly (readonly Line[])[], window: number, short: string): readonly (readonly Line[])[] {
    let kept = parts;
    const talk = () => kept.flat().reduce((sum, line) => sum + this.lasting(line), 0);
    const most = window * (window > LONG ? TALK.long : TALK.short);
    const leaveOut = (rank: number) => (kept = kept.map((lines) => lines.filter((line) => line.rank !== rank)));
    const ranks = [...new Set(parts.flat().map(({ rank }) => rank))].sort((a, b) => b - a);
    for (const rank of ranks.filter((one) => one > 1)) if (talk() > most) leaveOut(rank);
    if (talk() > most) {
      const [entry, ...others] = kept as [readonly Line[], ...(readonly Line[])[]];
      const first = entry.findIndex(({ kind }) => kind === 'way-in');
      const one = entry.filter(({ kind }, i) => kind !== 'way-in' || i === first);
      kept = [one.map((line) => (line.kind === 'way-in' ? { ...line, say: short } : line)), ...others];
    }
    if (window < FLOW && talk() > most) leaveOut(1);
    return kept;
  }

  private lasting({ say }: Line): number {
    return secondsToSay(say, this.options.pace) + BETWEEN_LINES;
  }

  /** Never over what is still being said. */
  private say(beat: Beat, place: number, at: number, { kind, say, people }: Line): void {
    const begins = Math.max(at, this.free);
    const seconds = secondsToSay(say, this.options.pace);
    const { side, line } = beat;
    this.free = begins + seconds + BETWEEN_LINES;
    const teacher = side && this.options.facing ? opposite(side) : side;
    this.cues.push({ line, beat: place, kind, at: tenth(begins), seconds: tenth(seconds), say, side, teacher, for: people });
  }
}

/** The kind of change that another base is. */
function baseKind({ base }: Asana): 'lie-down-instead' | 'sit-instead' | 'stand-instead' | 'other-way' {
  if (base === 'supine' || base === 'side-lying') return 'lie-down-instead';
  if (base.startsWith('seated')) return 'sit-instead';
  return base.startsWith('standing') ? 'stand-instead' : 'other-way';
}

function lowered(text: string): string {
  return text.charAt(0).toLowerCase() + text.slice(1);
}

function tenth(value: number): number {
  return Math.round(value * 10) / 10;
}

/**
 * What a teacher says, and when, in seconds from the beginning: the name, props, other forms before anybody moves, the
 * way in, breath, hold and stop lines as far as there is time, the way out. Lines never overlap: in a flow that is
 * faster than its words they come late. No line names a person or a condition.
 */
export function cueScript(library: Library, beats: readonly Beat[], options: CueOptions = {}): readonly Cue[] {
  const { length = 'whole', pace = 'adults', facing = false, exhaleOnEffort = false } = options;
  const everybody = [...new Set(beats.flatMap(({ forms, out }) => [...forms.flatMap(({ people }) => people), ...out]))];
  return new ScriptWriter(library, everybody, { length, pace, facing, exhaleOnEffort }).write(beats);
}
