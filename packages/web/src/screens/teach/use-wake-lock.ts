import { useEffect } from 'react';

/** Keeps the screen lit while teaching, where the browser can; asks again when the page comes back to the front. */
export function useWakeLock(wanted: boolean): void {
  useEffect(() => {
    if (!wanted || !('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    let over = false;
    const ask = async () => {
      if (document.visibilityState !== 'visible') return;
      try {
        lock = await navigator.wakeLock.request('screen');
        if (over) await lock.release();
      } catch {
        // Refused (low battery, say): teaching goes on, the screen may dim.
      }
    };
    const askAgain = () => void ask();
    askAgain();
    document.addEventListener('visibilitychange', askAgain);
    return () => {
      over = true;
      document.removeEventListener('visibilitychange', askAgain);
      void lock?.release();
    };
  }, [wanted]);
}
