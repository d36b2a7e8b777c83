import { useEffect, useState } from 'react';

/** From so many seconds on a class is late enough to be told. */
const TOLD = 60;
const LOOK_MS = 5_000;

/** How late a class would end, in whole minutes: 0 where it is in time or not begun. `startedAt` is when its clock was started. */
export function useLate(startedAt: string | null, planned: number, remaining: number): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (startedAt === null) return;
    const timer = setInterval(() => setNow(Date.now()), LOOK_MS);
    return () => clearInterval(timer);
  }, [startedAt]);
  if (startedAt === null) return 0;
  const over = (now - Date.parse(startedAt)) / 1000 + remaining - planned;
  return over < TOLD ? 0 : Math.round(over / 60);
}
