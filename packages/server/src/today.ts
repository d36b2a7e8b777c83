const DAY_MS = 86_400_000;

/** The day so many days from now, as YYYY-MM-DD by universal time: the server may stand in another zone than its teachers. */
export function dayFromNow(days: number): string {
  return new Date(Date.now() + days * DAY_MS).toISOString().slice(0, 10);
}

export function today(): string {
  return dayFromNow(0);
}
