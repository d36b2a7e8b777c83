import { isForChildren } from '../asanas/library.js';
import { ARROW, idOf, type LineEvidence, type Reading } from './evidence.js';
import { UNLIKELY, type Agreement } from './lexicon.js';

/** From here on a posture is taken as understood: of sheets that were never fitted to, one to two lines in a hundred are then taken wrongly. */
export const SURE = 0.82;

/** What the certainty of a posture is told by, besides how likely the whole sheet makes it. */
export const SIGNS = [
  'always', 'log odds', 'lead', 'best', 'unheld', 'leftover', 'exact', 'exact ambiguous', 'exact shared', 'unknown words', 'guessed words', 'words', 'many',
  'many exact', 'many arrow', 'many explained', 'list left', 'odds', 'odds behind', 'name', 'exact name', 'head exact', 'head other', 'owned', 'agree', 'note near', 'children', 'one word', 'words likely', 'words lead', 'words agree', 'part left',
] as const; // prettier-ignore
export type Sign = (typeof SIGNS)[number];

/** The signs of one line, as numbers in the order of `SIGNS`: its reading `best` of all, with what each is worth. */
export function signsOf(
  { evidence: line, readings }: { readonly evidence: LineEvidence; readonly readings: readonly Reading[] },
  best: number,
  likely: readonly number[],
): number[] {
  const { hypothesis } = readings[best]!;
  const founds =
    hypothesis.is === 'step'
      ? hypothesis.found
        ? [hypothesis.found]
        : []
      : hypothesis.is === 'many'
        ? hypothesis.parts.map(({ found }) => found)
        : [];
  const least = (value: (found: Agreement) => number) => Math.min(...founds.map(value));
  const most = (value: (found: Agreement) => number) => Math.max(...founds.map(value));
  const { words, known, guessed } = line.query;
  const second = Math.max(1e-6, ...likely.filter((_, i) => i !== best));
  const others = line.agreements.filter(
    ({ meaning }) => meaning.kind === 'asana' && !(hypothesis.is === 'step' && meaning.asana === hypothesis.asana),
  );
  const one = hypothesis.is === 'step' ? hypothesis : null;
  const own = one?.found ?? null;
  const head = one && line.head;
  const named = head?.find(({ meaning }) => meaning.kind === 'asana' && meaning.asana === one?.asana);
  const signs: Record<Sign, number> = {
    always: 1,
    'log odds': logOdds(likely[best]!),
    lead: Math.min(6, Math.log(Math.max(1e-6, likely[best]!) / second)),
    best: least((found) => found.best),
    unheld: most((found) => found.unheld) / 3,
    leftover: most((found) => found.leftover) / 3,
    exact: own?.exact ? 1 : 0,
    'exact ambiguous': own?.exact && own.ambiguous ? 1 : 0,
    'exact shared': own?.exact && others.some(({ exact, tags }) => exact && tags.length === 0) ? 1 : 0,
    'unknown words': words.length === 0 ? 0 : 1 - known / words.length,
    'guessed words': guessed,
    words: Math.min(8, words.length) / 8,
    many: hypothesis.is === 'many' ? 1 : 0,
    'many exact': hypothesis.is === 'many' && founds.every((found) => found.exact) ? 1 : 0,
    'many arrow': hypothesis.is === 'many' && ARROW.test(line.tokens.rest) ? 1 : 0,
    'many explained': hypothesis.is === 'many' ? least((found) => found.explained) : 0,
    'list left': line.parts && one ? 1 : 0,
    odds: Math.max(-1, Math.min(4, most((found) => found.odds) / 5)),
    'odds behind': own ? Math.max(-3, Math.min(3, (own.odds - Math.max(-20, ...others.map(({ odds }) => odds))) / 4)) : 0,
    name: own?.name ? 1 : 0,
    'exact name': isNamed(own) ? 1 : 0,
    'head exact': named?.exact ? 1 : 0,
    'head other': head && !named?.exact && head.some(({ meaning, exact }) => meaning.kind === 'asana' && exact) ? 1 : 0,
    owned: least((found) => found.owned),
    agree: own && others.every(({ best: other, odds }) => other <= own.best && odds <= own.odds) ? 1 : 0,
    'note near': Math.max(0, ...likely.filter((_, i) => readings[i]!.hypothesis.is === 'note' || readings[i]!.hypothesis.is === 'lacking')),
    children: one && isForChildren(one.asana) ? 1 : 0,
    'one word': words.length === 1 ? 1 : 0,
    'words likely': logOdds(Math.exp(Math.min(...founds.map(({ likely }) => likely)))) / 3,
    'words lead': own ? Math.max(-2, Math.min(3, (own.likely - Math.max(UNLIKELY, ...others.map(({ likely: other }) => other))) / 3)) : 0,
    'words agree': own && others.every(({ likely: other }) => other <= own.likely) ? 1 : 0,
    // A part of the line names another posture to the letter.
    'part left': one && line.parts?.some(({ found }) => found.exact && idOf(found) !== one.asana.id) ? 1 : 0,
  };
  return SIGNS.map((sign) => signs[sign]);
}

/** Whether a line is, to the letter, a name of the library's own. */
export function isNamed(found: Agreement | null): boolean {
  return found !== null && found.exact && found.name && !found.ambiguous;
}

function logOdds(likely: number): number {
  const share = Math.min(1 - 1e-6, Math.max(1e-6, likely));
  return Math.log(share / (1 - share));
}

/** How often such a line has been understood rightly, 0 to 1: a logistic model over the signs. */
export function certaintyOf(signs: readonly number[], weights: readonly number[]): number {
  const sum = signs.reduce((total, sign, i) => total + sign * weights[i]!, 0);
  return 1 / (1 + Math.exp(-sum));
}
