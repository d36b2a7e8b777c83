import type { ParameterSpec } from './condition.js';

/** A small generator of numbers from 0 to 1 (Park SK, Miller KW. Comm ACM 1988;31:1192), so that every run draws the same. */
export function numbers(seed: number): () => number {
  let state = seed;
  return () => (state = (state * 16807) % 2147483647) / 2147483647;
}

/** An answer drawn at random, so that all of them fall on either side of what stages ask for. */
export function someAnswer(spec: ParameterSpec, random: () => number): number | string | boolean | readonly string[] {
  switch (spec.kind) {
    case 'number': {
      // Most bounds of weeks, points and pressures lie low in a range: half of the draws do too.
      const share = random() < 0.5 ? random() ** 4 : random();
      const value = spec.from + (spec.to - spec.from) * share;
      return random() < 0.7 ? Math.min(spec.to, Math.max(spec.from, Math.round(value))) : value;
    }
    case 'choice':
      return spec.options[Math.floor(random() * spec.options.length)]!;
    case 'set': {
      const some = spec.options.filter(() => random() < 2 / (spec.options.length + 1));
      return some.length === 0 ? ['none'] : some;
    }
    case 'yesno':
      return random() < 0.5;
  }
}
