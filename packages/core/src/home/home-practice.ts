import { addDays, formatISO, getDay, parseISO } from 'date-fns';
import type { DoseSpec } from '../asanas/asana.js';
import type { Asana } from '../asanas/library.js';
import { setupOf } from '../candidates/props-needed.js';
import { favouredPurposes } from '../conditions/together.js';
import { formLines, withSide } from '../cues/form-lines.js';
import { inWeek, type Conventions } from '../conventions.js';
import { getKnown } from '../get-or-create.js';
import { message, sayInEnglish, type Message, type Say } from '../messages/message.js';
import type { Prop } from '../participants/props-at-hand.js';
import type { Participant } from '../participants/participant.js';
import { isRest } from '../plan/cost.js';
import { firstSides } from '../participants/preference.js';
import type { Chosen, PersonPlan, PlannedStep } from '../plan/plan.js';
import type { Decision } from '../screening/screen.js';
import { describeDose, doseTold, doseWithSide, rhythmOf, scaleDose, timeOf } from '../sequence/dose.js';
import type { StepSide } from '../sequence/sequence.js';
import { stopSignsOf, type SignsOfOne } from './stop-signs.js';

/** What of a household does for a prop. Common practice, no source. */
export const HOUSEHOLD: Readonly<Record<Prop, string>> = {
  block: 'a thick book, or two, taped',
  blanket: 'a bath towel folded twice',
  bolster: 'two firm pillows rolled in a blanket',
  chair: 'a kitchen chair without wheels, its back to the wall',
  wall: 'a free piece of wall',
  strap: 'a belt or a scarf',
  cushion: 'a firm cushion',
  table: 'a heavy table',
};

export const WEEK = ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'] as const;
export type Weekday = (typeof WEEK)[number];

/** Which days, for so many a week: as far apart as they can be. */
const SPREAD: Readonly<Record<number, readonly number[]>> = {
  1: [2], 2: [0, 3], 3: [0, 2, 4], 4: [0, 1, 3, 5], 5: [0, 1, 2, 4, 5], 6: [0, 1, 2, 3, 4, 5], 7: [0, 1, 2, 3, 4, 5, 6],
}; // prettier-ignore

export interface HomeAsked {
  /** At a time, 3 to 40. */
  readonly minutes: number;
  /** A week, 1 to 7. */
  readonly days?: number;
  /** A day, 1 to 6; left out, as the conditions ask for. */
  readonly times?: number;
  /** The day from which it is reviewed, as YYYY-MM-DD. */
  readonly today: string;
}

export interface HomeStep {
  /** Its place among the steps of the plan, from 0: several steps may share a line. */
  readonly index: number;
  readonly line: number;
  readonly asana: string;
  readonly variation: string;
  readonly name: string;
  readonly changes: readonly string[];
  readonly side: StepSide;
  readonly dose: string;
  /** The smaller dose of the first week; `null` where it is the same. */
  readonly firstWeek: string | null;
  readonly seconds: number;
  readonly setup: readonly {
    readonly prop: Prop;
    readonly count: number;
    readonly height: number | null;
    readonly unit: 'cm';
    readonly place: string;
    readonly household: string;
  }[];
  readonly in: readonly string[];
  readonly feel: string;
  readonly stop: string;
  readonly out: readonly string[];
}

/** What somebody does at home between two classes. */
export interface HomePractice extends SignsOfOne {
  /** Only who may practise gets steps. */
  readonly decision: Decision;
  readonly minutes: number;
  readonly times: number;
  readonly days: readonly Weekday[];
  readonly steps: readonly HomeStep[];
  /** When to go on from the first week's doses to the whole ones; `null` where all are the same. */
  readonly growing: string | null;
  readonly skipToday: readonly string[];
  /** When it is looked at again, as YYYY-MM-DD. */
  readonly review: string;
  /** Steps of the class that are not done at home, and why. */
  readonly leftOut: readonly { readonly line: number; readonly why: string }[];
}

/** A day on which it was done, with pain before and after it, 0 to 10, where that was told. */
export interface HomeDay {
  /** YYYY-MM-DD. */
  readonly day: string;
  readonly before: number | null;
  readonly after: number | null;
}

/** Of a diary as a file: published in `docs/schemas/`. */
export const DIARY_SCHEMA = 'lotus-steady/home-diary-1';
/** So many letters hold what somebody has to tell. */
export const MOST_TOLD = 2000;

/** What came of it, as somebody brings it back. */
export interface HomeDiary {
  readonly title: string;
  readonly days: readonly HomeDay[];
  readonly note: string;
}

/** The days from the one on which a practice was given until it is looked at again on which it is to be done, as YYYY-MM-DD. */
export function practiceDays({ days, review }: Pick<HomePractice, 'days' | 'review'>): string[] {
  const from = addDays(parseISO(review), -REVIEW_DAYS);
  return Array.from({ length: REVIEW_DAYS }, (_, k) => addDays(from, k))
    .filter((day) => days.includes(WEEK[(getDay(day) + 6) % 7]!))
    .map((day) => formatISO(day, { representation: 'date' }));
}

/** Starting values. Common practice, no source. */
const USUAL_DAYS = 5;
const MOST_STEPS = 6;
const REVIEW_DAYS = 14;
/** A disc or a sore back does better with little and often: common practice. */
export const OFTEN: ReadonlySet<string> = new Set(['lumbar-disc', 'low-back-pain', 'sciatica']);
const OFTEN_TIMES = 3;
/** Who could fall with nobody near. */
export const FALLERS: ReadonlySet<string> = new Set([
  'seniors',
  'parkinsons',
  'multiple-sclerosis',
  'stroke-tia',
  'vertigo',
  'osteoporosis',
  'hypotension-syncope',
  'epilepsy',
  'chair-ambulatory',
  'polyneuropathy',
]);
/** Alone nobody works harder than this, of 5. */
const MOST_EFFORT = 3;
/** What of the dose is done in the first week: never more than what was judged. Common practice, no source. */
const FIRST_SHARE = 0.75;
/** When to go on to the whole dose: the pain monitoring model (Thomeé, Phys Ther 1997). */
const GROWING = message('home.growing');
const SKIP_TODAY = (['fever', 'fall', 'pain', 'dizzy', 'told'] as const).map((sign) => message(`home.skip.${sign}`));
const STEP_WORDS = 12;

/** A step that somebody does in class, in whatever way. */
type DoneStep = PlannedStep & { readonly chosen: Chosen };

/** Why a step isn't done alone at home; `null` where it may be. Stricter than in class. */
function notAlone({ chosen }: PlannedStep, participant: Participant): Message | null {
  if (chosen === null) return message('home.not.left-out');
  const { asana, declared, ends, retention, watch } = chosen;
  if (asana.base === 'inverted') return message('home.not.upside-down');
  if (declared.effort > MOST_EFFORT || declared.impact !== undefined) return message('home.not.strong');
  if (retention > 0) return message('home.not.held-breath');
  const values = ends.map(({ measured }) => measured);
  if (values.some(({ values: { headLoad = 0 } }) => headLoad > 0.1)) return message('home.not.head');
  const onOneLeg = values.some(({ standing, values: { feetDown = 2, support = 0 } }) => standing && feetDown < 2 && support < 1);
  if (onOneLeg && participant.conditions.some(({ id }) => FALLERS.has(id))) return message('home.not.balance');
  if (watch.length > 0) return message('home.not.watch');
  return null;
}

/** How much a step does for this person; a rest and a quiet breath always do something. */
function worthOf({ purposes }: Asana, favoured: ReadonlySet<string>): number {
  return Object.entries(purposes).reduce((sum, [purpose, weight]) => sum + (favoured.has(purpose) ? 2 * weight : weight / 2), 0);
}

/** A dose that people count without a watch, and what it takes on all sides, in seconds. */
function homeDose({ chosen, step }: DoneStep, breathSeconds: number, most: number): { dose: DoseSpec; seconds: number } {
  const { asana, variation, dose } = chosen;
  const rhythm = rhythmOf(asana, variation);
  const timed = (of: DoseSpec) => timeOf(rhythm, of, step.side, breathSeconds).seconds;
  const seconds = timed(dose);
  if (seconds <= most) return { dose, seconds };
  const less = scaleDose(dose, most / seconds);
  return { dose: less, seconds: timed(less) };
}

/**
 * The few steps of a person's plan that do most for them and are safe alone, in the minutes they have, in the order of
 * the class, a rest at the end. Stricter than in class: nothing upside down, nothing strong, no held breath, no balance
 * without a hold for who could fall. Each form is done once. `asked.minutes` are kept.
 */
export function homePractice(plan: PersonPlan, participant: Participant, asked: HomeAsked, say: Say = sayInEnglish): HomePractice {
  const { decision } = plan.screening;
  const ids = participant.conditions.map(({ id }) => id);
  const favoured = favouredPurposes(participant.conditions);
  const leftOut: { line: number; why: Message }[] = [];
  const budget = asked.minutes * 60;
  const seen = new Set<string>();
  const possible = plan.steps.filter((planned): planned is DoneStep => {
    const figure = planned.chosen?.figure ?? '';
    const again = seen.has(figure) ? message('home.not.again') : null;
    const why = decision === 'practise' ? (notAlone(planned, participant) ?? again) : message('home.not.screening');
    seen.add(figure);
    if (why !== null) leftOut.push({ line: planned.step.line, why });
    return why === null;
  });
  const rest = possible.findLast(({ chosen }) => isRest(chosen.asana));
  // A rest takes at most a third, any other step at most a quarter.
  const doses = new Map(
    possible.map((planned) => [planned, homeDose(planned, participant.breathSeconds, planned === rest ? budget / 3 : budget / 4)]),
  );
  const costOf = (planned: DoneStep) => getKnown(doses, planned).seconds + Math.max(planned.chosen.transitionSeconds, STEP_WORDS);
  const chosen = new Set<DoneStep>(rest && costOf(rest) <= budget ? [rest] : []);
  let left = budget - [...chosen].reduce((sum, planned) => sum + costOf(planned), 0);
  const byWorth = possible
    .filter((planned) => planned !== rest)
    .sort((one, other) => worthOf(other.chosen.asana, favoured) - worthOf(one.chosen.asana, favoured) || one.step.line - other.step.line);
  for (const planned of byWorth) {
    if (chosen.size >= MOST_STEPS) break;
    if (costOf(planned) > left) continue;
    chosen.add(planned);
    left -= costOf(planned);
  }
  for (const planned of possible) if (!chosen.has(planned)) leftOut.push({ line: planned.step.line, why: message('home.not.time') });
  const steps = possible.filter((planned) => chosen.has(planned));
  const written = steps.map((planned) =>
    homeStep(planned, plan.steps.indexOf(planned), getKnown(doses, planned), firstSides(plan.preferences), say),
  );
  const days = asked.days ?? USUAL_DAYS;
  return {
    decision,
    minutes: Math.max(steps.length === 0 ? 0 : 1, Math.round((budget - left) / 60)),
    times: asked.times ?? (ids.some((id) => OFTEN.has(id)) ? OFTEN_TIMES : 1),
    days: SPREAD[days]!.map((day) => WEEK[day]!),
    steps: written,
    growing: written.some(({ firstWeek }) => firstWeek !== null) ? say(GROWING) : null,
    skipToday: SKIP_TODAY.map(say),
    ...stopSignsOf(ids),
    review: formatISO(addDays(parseISO(asked.today), REVIEW_DAYS), { representation: 'date' }),
    leftOut: leftOut.sort((one, other) => one.line - other.line).map(({ line, why }) => ({ line, why: say(why) })),
  };
}

/** The dose of the first week in words; `null` where there is nothing to take away. */
function smaller(dose: DoseSpec, say: Say): string | null {
  const less = scaleDose(dose, FIRST_SHARE);
  return describeDose(less) === describeDose(dose) ? null : say(doseTold(less));
}

/** A step's dose with its side, and that of the first week where it has one of its own. */
export function homeDoseWords({ dose, side, firstWeek }: HomeStep, say: Say): string {
  const whole = doseWithSide(dose, side, say);
  return firstWeek === null ? whole : say(message('home.first-week', { dose: whole, less: firstWeek }));
}

/** How long, how often and until when. */
export function homeWhen({ minutes, times, days, review }: HomePractice, { weekBegins }: Conventions, say: Say): string {
  return say(message('home.when', { minutes, times, days: inWeek(days, weekBegins).map((day) => message(`day.${day}`)), review }));
}

function homeStep(
  { step, chosen }: DoneStep,
  index: number,
  { dose, seconds }: { dose: DoseSpec; seconds: number },
  first: ReturnType<typeof firstSides>,
  say: Say,
): HomeStep {
  const { asana, variation, ends } = chosen;
  const lines = formLines(asana, variation.id);
  // Written for the first side; the other one is done alike.
  const side = step.side === 'left' || step.side === 'right' ? step.side : asana.shown ? (first[asana.id] ?? 'right') : null;
  const sided = (line: string) => withSide(line, side);
  return {
    index,
    line: step.line,
    asana: asana.id,
    variation: variation.id,
    name: asana.name,
    changes: variation.id === 'plain' ? [] : [variation.name],
    side: step.side,
    dose: say(doseTold(dose)),
    firstWeek: isRest(asana) ? null : smaller(dose, say),
    seconds: Math.round(seconds),
    setup: setupOf(ends[0]!).map((item) => ({ ...item, household: HOUSEHOLD[item.prop] })),
    in: lines.in.map(sided),
    feel: sided(lines.feel),
    stop: sided(lines.stop),
    out: lines.out.map(sided),
  };
}
