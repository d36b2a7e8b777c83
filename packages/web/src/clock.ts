import { dayBy, type ZoneOffset } from '@lotus-steady/requests';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useSyncExternalStore } from 'react';
import { studioQuery } from './api/queries.js';

/** How often a page that stays open looks at the clock. */
const LOOK_MS = 30_000;

/** The clock of the studio's time zone, once it is known; until then this device's holds. */
let offsets: readonly ZoneOffset[] | null = null;
const listeners = new Set<() => void>();

function setOffsets(next: readonly ZoneOffset[]): void {
  if (next === offsets) return;
  offsets = next;
  for (const tell of listeners) tell();
}

/** The day of this device, as YYYY-MM-DD: without names of zones, which are dear to load before anything is shown. */
function ownDay(now = new Date()): string {
  const two = (number: number) => String(number).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}

/** The studio's day, as YYYY-MM-DD. */
export function today(): string {
  return offsets === null ? ownDay() : dayBy(offsets);
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
  const known = data?.offsets;
  useEffect(() => {
    if (known !== undefined) setOffsets(known);
  }, [known]);
}

/** The studio's day as it is now, on a page that may stay open past midnight. */
export function useToday(): string {
  return useSyncExternalStore(subscribe, today);
}
