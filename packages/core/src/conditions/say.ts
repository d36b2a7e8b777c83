import { lengthWords, USUAL_CONVENTIONS, type Conventions } from '../conventions.js';

const USUAL = USUAL_CONVENTIONS.lengths;

/** A bound as the core describes it, without signs. */
function boundWords(bound: string): string {
  return bound.replace('<=', 'at most').replace('>=', 'at least');
}

/** The highest grade of a unit such as "grade 0-3", or `null` for any other unit. */
function topGrade(unit: string): string | null {
  return /^grade -?\d+-(\d+)$/.exec(unit)?.[1] ?? null;
}

/** A value with its unit as a person says it: "26°", "25 % of body weight", "4 of 5". */
export function amount(value: number | string | null, unit: string, lengths: Conventions['lengths'] = USUAL): string {
  if (value === null) return 'not known';
  if (unit === 'yes 1') return value === 0 ? 'no' : 'yes';
  if (unit === 'body weight' && typeof value === 'number') return `${Math.round(value * 100)} % of body weight`;
  if (unit === 'cm' && typeof value === 'number') return lengthWords(value, lengths);
  const top = topGrade(unit);
  if (top !== null) return `${value} of ${top}`;
  if ((unit === '1' || unit === 'ratio') && typeof value === 'number') return `${Math.round(value * 100)} %`;
  if (unit === '1' || unit === '') return String(value);
  return unit === '°' ? `${value}°` : `${value} ${unit}`;
}

/** A bound with its unit as a person says it: "at most 20°", "at most 10 % of body weight", "none". */
export function allowed(bound: string, unit: string, lengths: Conventions['lengths'] = USUAL): string {
  if (unit === 'yes 1') return 'no';
  if (unit === 'body weight')
    return `${boundWords(bound.replace(/-?[\d.]+/g, (number) => String(Math.round(Number(number) * 100))))} % of body weight`.replace(
      '= 0 %',
      '0 %',
    );
  if (unit === '1' || unit === 'ratio') return `${boundWords(bound.replace(/-?[\d.]+/g, (number) => String(Math.round(Number(number) * 100))))} %`;
  const words = boundWords(bound)
    .replace(/^= /, 'exactly ')
    .replace(/^exactly 0$/, 'none');
  return words === 'none' ? words : words.replace(/-?\d+(?:\.\d+)?/g, (number, at: number) => {
    const said = amount(Number(number), unit, lengths);
    // Of two ends the unit stands with the last.
    return at + number.length === words.length ? said : said.replace(/(?: |°).*$/, '');
  });
}
