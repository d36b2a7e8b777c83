import { wrap } from 'comlink';
import type { CoreWorker } from './core.worker.js';

/** The core in its own thread: solving never blocks the screen. */
export const core = wrap<CoreWorker>(new Worker(new URL('./core.worker.ts', import.meta.url), { type: 'module', name: 'core' }));
