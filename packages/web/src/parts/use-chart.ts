import { wrap } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { Charts } from '../worker/chart.worker.js';

/** Charts are drawn in their own thread, so that a page never waits for one. */
export const charts = wrap<Charts>(new Worker(new URL('../worker/chart.worker.ts', import.meta.url), { type: 'module' }));

/** Colours of the page that charts use; the style sheet sets them. */
type PageColour = '--soft' | '--rule' | '--leg' | '--leg-far';
export type ColourOf = (name: PageColour) => string;

/** A chart as wide as its place, drawn anew when its place or `draw` changes; `svg` is empty until it is there. */
export function useChart(draw: (widthPx: number, colour: ColourOf) => Promise<string>) {
  const place = useRef<HTMLDivElement>(null);
  const [widthPx, setWidthPx] = useState(0);
  const [svg, setSvg] = useState('');
  useEffect(() => {
    const observer = new ResizeObserver((entries) => setWidthPx(Math.round(entries[0]!.contentRect.width)));
    if (place.current) observer.observe(place.current);
    return () => observer.disconnect();
  }, []);
  useEffect(() => {
    if (widthPx === 0) return;
    let current = true;
    const style = getComputedStyle(document.documentElement);
    void draw(widthPx, (name) => style.getPropertyValue(name).trim()).then((drawn) => current && setSvg(drawn));
    return () => {
      current = false;
    };
  }, [draw, widthPx]);
  return { place, svg };
}
