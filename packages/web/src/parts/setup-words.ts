import type { SetupItem } from '@lotus-steady/core';

/** Which props, how high and under what, in one line. */
export function setupWords(setup: readonly SetupItem[]): string {
  return setup
    .map(
      ({ prop, count, height, place }) =>
        `${count > 1 ? `${count} × ` : ''}${prop}${height === null ? '' : `, top ${height} cm high,`} ${place}`,
    )
    .join('; ');
}
