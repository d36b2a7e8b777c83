import { dayIn } from '@lotus-steady/requests';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useSyncExternalStore } from 'react';
import { studioQuery } from './api/queries.js';

/** How often a page that stays open looks at the clock. */
const LOOK_MS = 30_000;

/** The studio's time zone, once it is known; until then this device's holds. */
let timeZone: string | null = null;
const listeners = new Set<() => void>();

function setTimeZone(next: string): void {
  if (next === timeZone) return;
  timeZone = next;
  for (const tell of listeners) tell();
}

/** The day of this device, as YYYY-MM-DD: without names of zones, which are dear to load before anything is shown. */
function ownDay(now = new Date()): string {
  const two = (number: number) => String(number).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}

/** The studio's day, as YYYY-MM-DD. */
export function today(): string {
  return timeZone === null ? ownDay() : dayIn(timeZone);
}

function subscribe(tell: () => void): () => void {
  listeners.add(tell);
  const timer = setInterval(tell, LOOK_MS);
  document.addEventListener('visibilitychange', tell);
  return () => {
    listeners.delete(tell);
    clearInterval(timer);
    document.removeEventListener('visibilitychange', tell);
  };
}

/** Lets the clock follow the studio's time zone. */
export function useStudioClock(): void {
  const { data } = useQuery(studioQuery);
  const zone = data?.timeZone;
  useEffect(() => {
    if (zone !== undefined) setTimeZone(zone);
  }, [zone]);
}

/** The studio's day as it is now, on a page that may stay open past midnight. */
export function useToday(): string {
  return useSyncExternalStore(subscribe, today);
}
