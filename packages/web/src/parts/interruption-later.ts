import { lazy } from 'react';

const load = () => import('./Interruption.js');

/** As `Interruption`, loaded once everything else is there: the first sight of a page needs no dialog. */
export const LaterInterruption = lazy(async () => ({ default: (await load()).Interruption }));

/** Ready before a server that is away could keep it from opening. */
export function loadInterruptions(): void {
  // Without a network it is asked for again when it is needed.
  load().catch(() => undefined);
}
