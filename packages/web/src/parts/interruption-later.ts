import { lazy } from 'react';

export const loadInterruptions = () => import('./Interruption.js');

/** As `Interruption`, loaded once everything else is there: the first sight of a page needs no dialog. */
export const LaterInterruption = lazy(async () => ({ default: (await loadInterruptions()).Interruption }));
