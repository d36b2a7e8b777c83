import { useEffect, useState } from 'react';

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
