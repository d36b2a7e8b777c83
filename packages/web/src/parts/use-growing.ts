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

/** Its children, one more with every frame: for the parts of a long page. */
export function Growing({ children }: { children: ReactNode }) {
  const all = Children.toArray(children);
  return all.slice(0, useGrowing(all.length, 1));
}
