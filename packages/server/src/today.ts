const DAY_MS = 86_400_000;

/** Today as YYYY-MM-DD by universal time: the server may stand in another zone than its teachers. */
export function today(): string {
  return new Date().toISOString().slice(0, 10);
}

/** The day so many days after another, or before it; both as YYYY-MM-DD. */
export function shifted(day: string, days: number): string {
  return new Date(Date.parse(`${day}T00:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10);
}
