import { useCallback, useEffect, useReducer } from 'react';

interface Countdown {
  readonly beat: number;
  readonly left: number;
  readonly running: boolean;
}
type Action = { readonly do: 'tick'; readonly by: number } | { readonly do: 'turn' } | { readonly do: 'go'; readonly by: 1 | -1 };

/** Steps of the clock while it runs; short enough for a breath that is seen to move. */
const TICK_MS = 100;

/** Counts a row of beats down, one after the other. Stops after the last one; `go` moves by one and keeps what the clock was doing. */
export function useCountdown(seconds: readonly number[]) {
  const reduce = useCallback(
    (now: Countdown, action: Action): Countdown => {
      const at = (beat: number, running: boolean): Countdown => ({ beat, left: seconds[beat] ?? 0, running });
      switch (action.do) {
        case 'turn':
          return { ...now, running: !now.running };
        case 'go': {
          const to = now.beat + action.by;
          return to >= seconds.length ? { ...now, running: false, left: 0 } : at(Math.max(0, to), now.running);
        }
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
  const [state, act] = useReducer(reduce, { beat: 0, left: seconds[0] ?? 0, running: false });
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
  return { ...state, turn, go };
}
