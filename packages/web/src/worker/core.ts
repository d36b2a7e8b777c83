import { wrap, type Remote } from 'comlink';
import { spokenLanguage } from '../words/t.js';
import type { CoreWorker } from './core.worker.js';

let remote: Remote<CoreWorker> | null = null;

/** Begun when it is first asked: the way in and the lists don't wait for the library. */
function started(): Remote<CoreWorker> {
  if (remote) return remote;
  remote = wrap<CoreWorker>(new Worker(new URL('./core.worker.ts', import.meta.url), { type: 'module', name: 'core' }));
  const language = spokenLanguage();
  // Asked first, it is answered first.
  if (language) void remote.speak(language.tag, language.texts);
  return remote;
}

type Question = (...asked: readonly unknown[]) => unknown;

/** The core in its own thread: solving never blocks the screen. */
export const core = new Proxy({} as Remote<CoreWorker>, {
  get:
    (_, name) =>
    (...asked: readonly unknown[]) =>
      (Reflect.get(started(), name) as Question)(...asked),
});
