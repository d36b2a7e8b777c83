import type { Problem } from '@lotus-steady/core';

/** What someone typed can't be used; the message names file, line or parameter and what was expected. */
export class BadInput extends Error {}

/** @throws BadInput with the first problem, and how many more there are. */
export function refuse(problems: readonly Problem[], where: string): void {
  const [first, ...more] = problems;
  if (!first) return;
  const rest = more.length > 0 ? ` (and ${more.length} more)` : '';
  throw new BadInput(`${where}: ${first.message}${rest}`);
}
