import { Children, useEffect, useState, type ReactNode } from 'react';

/** How many entries of a long list to draw: a first batch at once, one more with every frame, so that no frame takes long. */
export function useGrowing(length: number, batch = 12): number {
  const [drawn, setDrawn] = useState(batch);
  useEffect(() => {
    if (drawn >= length) return;
    const frame = requestAnimationFrame(() => setDrawn(drawn + batch));
    return () => cancelAnimationFrame(frame);
  }, [drawn, length, batch]);
  return Math.min(drawn, length);
}

/**
 * Which of the places in sight to draw: those that were there before, and with every frame a few of those that came,
 * so that no frame takes long. With another `kind` all of them count as new.
 */
export function useGradually(inSight: readonly string[], batch: number, kind: unknown = null): ReadonlySet<string> {
  const [drawn, setDrawn] = useState<{ readonly kind: unknown; readonly places: ReadonlySet<string> }>({ kind, places: new Set() });
  const known = drawn.kind === kind ? drawn.places : new Set<string>();
  const coming = inSight.filter((place) => !known.has(place));
  const next = new Set(coming.slice(0, batch));
  const now = inSight.filter((place) => known.has(place) || next.has(place));
  const key = now.join();
  useEffect(() => {
    if (coming.length === 0) return;
    const frame = requestAnimationFrame(() => setDrawn({ kind, places: new Set(key.split(',')) }));
    return () => cancelAnimationFrame(frame);
  }, [coming.length, key, kind]);
  return new Set(now);
}

/** Its children, one more with every frame: for the parts of a long page. */
export function Growing({ children }: { children: ReactNode }) {
  const all = Children.toArray(children);
  return all.slice(0, useGrowing(all.length, 1));
}
