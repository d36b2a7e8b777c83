import { Timer } from 'lucide-react';
import { useEffect, useState } from 'react';
import { QUIET } from '../../parts/button-styles.js';
import { t } from '../../words/t.js';

/** A stopwatch beside a test: counting up it enters the seconds when stopped, counting down it says when time is up. */
export function Stopwatch({ from, onStop }: { from: 'up' | number; onStop: (seconds: number) => void }) {
  const [startedAt, setStartedAt] = useState<number | null>(null);
  const [now, setNow] = useState(0);
  useEffect(() => {
    if (startedAt === null) return;
    const tick = setInterval(() => setNow(Date.now()), 100);
    return () => clearInterval(tick);
  }, [startedAt]);
  const passed = startedAt === null ? 0 : Math.max(0, now - startedAt) / 1000;
  const left = from === 'up' ? null : Math.max(0, from - passed);
  const turn = () => {
    if (startedAt === null) {
      setNow(Date.now());
      setStartedAt(Date.now());
      return;
    }
    if (from === 'up') onStop(Math.round(((Date.now() - startedAt) / 1000) * 10) / 10);
    setStartedAt(null);
  };
  const running = startedAt !== null;
  return (
    <button type="button" onClick={turn} className={QUIET}>
      <Timer size={18} aria-hidden />
      {!running && (from === 'up' ? t('Start the watch') : t('Start {from} seconds', { from }))}
      {running && left === null && t('Stop at {passed} s', { passed: passed.toFixed(1) })}
      {running && left !== null && (left > 0 ? t('{ceil} s left', { ceil: Math.ceil(left) }) : t('Time is up: count and stop'))}
    </button>
  );
}
