import type { HistoryEntry } from '@lotus-steady/requests';
import { wrap } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import { dayWords } from '../../parts/words.js';
import type { Charts } from '../../worker/chart.worker.js';

const charts = wrap<Charts>(new Worker(new URL('../../worker/chart.worker.ts', import.meta.url), { type: 'module' }));
const HEIGHT_PX = 200;

/** Pain before and after each class; the same numbers stand in the table below. */
export function PainChart({ classes }: { classes: readonly HistoryEntry[] }) {
  const place = useRef<HTMLDivElement>(null);
  const [widthPx, setWidthPx] = useState(0);
  const [svg, setSvg] = useState('');
  useEffect(() => {
    const observer = new ResizeObserver(([entry]) => setWidthPx(Math.round(entry!.contentRect.width)));
    observer.observe(place.current!);
    return () => observer.disconnect();
  }, []);
  useEffect(() => {
    if (widthPx === 0) return;
    let current = true;
    const style = getComputedStyle(document.documentElement);
    const colour = (name: string) => style.getPropertyValue(name).trim();
    const inOrder = [...classes].sort((one, other) => one.day.localeCompare(other.day));
    void charts
      .levels({
        widthPx,
        heightPx: HEIGHT_PX,
        days: inOrder.map(({ day }) => day),
        most: 10,
        series: [
          { name: 'before', values: inOrder.map(({ before }) => before.pain ?? null), colour: colour('--far'), dashed: true },
          { name: 'after', values: inOrder.map(({ after }) => after.pain ?? null), colour: colour('--near'), dashed: false },
        ],
        colours: { soft: colour('--soft'), rule: colour('--rule') },
      })
      .then((drawn) => current && setSvg(drawn));
    return () => {
      current = false;
    };
  }, [classes, widthPx]);
  const [last] = classes;
  return (
    <figure className="mb-3">
      <div
        ref={place}
        role="img"
        aria-label={`Pain before and after ${classes.length} classes, last on ${dayWords(last!.day)}`}
        className="w-full"
        style={{ height: HEIGHT_PX }}
        // Our own worker drew it from numbers and the words above.
        dangerouslySetInnerHTML={{ __html: svg }}
      />
      <figcaption className="text-sm text-soft">Pain, 0 to 10: dashed before the class, full after it.</figcaption>
    </figure>
  );
}
