import { useCallback, useEffect, useReducer } from 'react';

export interface Countdown {
  readonly beat: number;
  readonly left: number;
  readonly running: boolean;
}
type Action =
  | { readonly do: 'tick'; readonly by: number }
  | { readonly do: 'turn' }
  | { readonly do: 'go'; readonly by: 1 | -1 }
  | { readonly do: 'jump'; readonly to: number }
  | { readonly do: 'add'; readonly seconds: number };

/** Steps of the clock while it runs; short enough for a breath that is seen to move. */
const TICK_MS = 100;

/** Whoever goes back out of a beat that has lasted longer wants it again; before that, the one before it. */
const HARDLY_BEGUN_S = 4;

/**
 * Counts a row of beats down, one after the other. Stops after the last one; `go` moves by one, back to the beginning
 * of the beat first, and `jump` to any; both keep what the clock was doing. It begins at `from`, standing.
 */
export function useCountdown(seconds: readonly number[], from: Pick<Countdown, 'beat' | 'left'> | null = null) {
  const reduce = useCallback(
    (now: Countdown, action: Action): Countdown => {
      const at = (beat: number, running: boolean): Countdown => ({ beat, left: seconds[beat] ?? 0, running });
      switch (action.do) {
        case 'turn':
          return { ...now, running: !now.running };
        case 'go': {
          const done = (seconds[now.beat] ?? 0) - now.left;
          if (action.by === -1 && done > HARDLY_BEGUN_S) return at(now.beat, now.running);
          const to = now.beat + action.by;
          return to >= seconds.length ? { ...now, running: false, left: 0 } : at(Math.max(0, to), now.running);
        }
        case 'jump':
          return at(Math.min(seconds.length - 1, Math.max(0, action.to)), now.running);
        case 'add':
          return { ...now, left: now.left + action.seconds };
        case 'tick': {
          if (!now.running) return now;
          const left = now.left - action.by;
          if (left > 0) return { ...now, left };
          return now.beat + 1 < seconds.length ? at(now.beat + 1, true) : { ...now, left: 0, running: false };
        }
      }
    },
    [seconds],
  );
  const [state, act] = useReducer(reduce, null, (): Countdown => {
    const isThere = from !== null && from.beat < seconds.length;
    return isThere ? { ...from, running: false } : { beat: 0, left: seconds[0] ?? 0, running: false };
  });
  useEffect(() => {
    if (!state.running) return;
    // Measured, not counted: a tab in the background ticks late.
    let last = performance.now();
    const timer = setInterval(() => {
      const now = performance.now();
      act({ do: 'tick', by: (now - last) / 1000 });
      last = now;
    }, TICK_MS);
    return () => clearInterval(timer);
  }, [state.running]);
  // Counted from where the clock is, not from what is drawn: a pedal pressed twice quickly moves two on.
  const turn = useCallback(() => act({ do: 'turn' }), []);
  const go = useCallback((by: 1 | -1) => act({ do: 'go', by }), []);
  const jump = useCallback((to: number) => act({ do: 'jump', to }), []);
  const add = useCallback((more: number) => act({ do: 'add', seconds: more }), []);
  return { ...state, turn, go, jump, add };
}
