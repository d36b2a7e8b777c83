import type { Base } from '../asanas/asana.js';
import { leastRecentlyUsed } from '../lru.js';
import { getOrCreate } from '../get-or-create.js';

/** Words of a title, a heading or a line that tell what kind of class it is. Common practice, no source. */
const TELLING: Readonly<Record<string, RegExp>> = {
  chair:
    /\b(?:chairs?(?![ -]pose|\s*(?:->|[>→]))(?<!(?:[>→]|\brev(?:olved)?\.?)\s*chairs?)|seated class|care home|desk|office|wheelchairs?|armchairs?|sitting class)\b/i,
  kids: /\b(?:kids?|children|child care|toddlers?|preschool(?:ers?)?|kinder(?:garten)?|nursery|primary|pupils|school|little ones|family|camp|teens?|yrs|\d+-\d+s|grade \d|year \d|reception|cubs|scouts)\b/i,
  prenatal: /\b(?:prenatal|pre-natal|antenatal|pregnan\w*|bump|trimester|mums?-to-be|mamas?|\d+ ?we?e?ks pregnant)\b/i,
  lying: /\b(?:bed|ward|in bed|bedtime|lying class|supine class)\b/i,
  wall: /\bwall\b/i,
  yin: /\byin\b/i,
  restorative: /\b(?:restorative|candlelight|nidra|restore)\b/i,
  breath: /\b(?:pranayama|breath ?work|breathing practice|breath)\b/i,
  prone: /\b(?:prone|belly-?down|on the front)\b/i,
};

/** What one line tells of the lines around it. */
export interface LineTells {
  /** Words of the kind of class that it speaks of. */
  readonly surrounding: ReadonlySet<string>;
  /** The base positions that it speaks of; none where it doesn't tell. */
  readonly position: readonly Base[];
  /** Whether it takes the class away from its chairs. */
  readonly leavesChair: boolean;
}

const MOST_LINES = 2_000;
const TELLS = leastRecentlyUsed<string, LineTells>(MOST_LINES);

/** What a line tells of those around it; remembered, since a text is read again with every key. */
export function tellsOf(text: string): LineTells {
  return getOrCreate(TELLS, text, () => ({
    surrounding: surroundingOf(text),
    position: toldPosition(text),
    leavesChair: leavesChair(text),
  }));
}

/** What kind of class a text speaks of: `chair`, `kids`, `lying` ... */
export function surroundingOf(text: string): Set<string> {
  return new Set(Object.keys(TELLING).filter((key) => TELLING[key]!.test(text)));
}

const FLOOR: readonly Base[] = ['seated-floor', 'supine', 'prone', 'side-lying', 'kneeling', 'all-fours', 'inverted'];
/** Where a line says that one is or gets to, for what follows it. */
const TOLD: readonly { readonly pattern: RegExp; readonly bases: readonly Base[] }[] = [
  { pattern: /\b(?:in|on|to|onto|from) (?:the |a |your |our |their )?(?:chairs?|seat)\b|\bchairs? (?:class|half|part|section|work|series|round)\b|^\W*(?:in )?chairs?\b(?![ -]pose)|\bedge of the bed\b/i, bases: ['seated-chair'] },
  { pattern: /\bbehind (?:the |a |your )?chairs?\b|\bstand\w* .{0,12}\bchairs?\b|\bhold\w* (?:on to |onto )?(?:the |a )?chair\b/i, bases: ['standing-chair'] },
  { pattern: /\b(?:at|to|against|facing) (?:the |a )?wall\b|^\W*wall\b/i, bases: ['standing-wall', 'standing'] },
  { pattern: /\b(?:on|to|onto) (?:the |your )?(?:back|backs)\b|\bsupine\b|\b(?:lie|lying|laying|lay) (?:back|down)\b|\bdown onto back\b|\bface up\b/i, bases: ['supine'] },
  { pattern: /\b(?:on|to|onto) (?:the |your )?(?:belly|bellies|tummy|tummies|front|stomach)\b|\bprone\b|\bbelly down\b|\bface down\b/i, bases: ['prone'] },
  { pattern: /\b(?:on|to|onto) (?:the |your |one |left |right |l |r )*side\b|\bside[- ]lying\b/i, bases: ['side-lying'] },
  { pattern: /\ball (?:fours|4s?)\b|\bhands (?:and|&|\+) kn\w+\b|\bto tabletop\b/i, bases: ['all-fours', 'kneeling'] },
  { pattern: /\bkneel\w*\b|\bon (?:the )?knees\b/i, bases: ['kneeling', 'all-fours'] },
  { pattern: /^\W*(?:lying|lie)(?: (?:work|series|part|section|down))?\s*(?:[:(]|$)/i, bases: ['supine', 'side-lying', 'prone'] },
  { pattern: /\b(?:first |come to |to |now )?(?:sit|sitting|seated|long sitting)\b/i, bases: ['seated-floor', 'seated-chair'] },
  { pattern: /\bstand(?:ing)?\b|\btop of (?:the |your )?mat\b|\bfront of (?:the |your )?mat\b/i, bases: ['standing', 'standing-chair', 'standing-wall'] },
  { pattern: /\b(?:on|to|down to|onto) (?:the |your )?(?:mats?|floor)\b|\bmat (?:class|part|section|work|half)\b/i, bases: FLOOR },
]; // prettier-ignore

/** The base positions that a line speaks of; none where it doesn't tell. */
export function toldPosition(text: string): readonly Base[] {
  let bases: readonly Base[] = [];
  for (const told of TOLD) {
    if (!told.pattern.test(text)) continue;
    const shared = bases.filter((base) => told.bases.includes(base));
    bases = bases.length === 0 ? told.bases : shared.length > 0 ? shared : bases;
  }
  return bases;
}

/** Whether a line takes the class away from its chairs. */
function leavesChair(text: string): boolean {
  // With a chair to hold on to, too.
  if (/\bdown (?:to|onto) (?:the |your )?(?:mats?|floor)\b/i.test(text)) return true;
  return (
    /(?<!\b(?:feet|foot|hands?|heels?|knees?|soles?|toes|flat) (?:flat )?)\b(?:on|to|down to|onto) (?:the |your )?(?:mats?|floor)\b|\bmat (?:class|part|section|work|half)\b|\b(?:lie|lying) (?:down|on|back)\b/i.test(
      text,
    ) && !/\bchair/i.test(text)
  );
}
