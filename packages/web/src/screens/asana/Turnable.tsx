import type { BodyAnswers, Figure } from '@lotus-steady/core';
import { FlipHorizontal2 } from 'lucide-react';
import { useEffect, useId, useRef, useState } from 'react';
import { PLAIN } from '../../parts/button-styles.js';
import { FigureDrawing } from '../../parts/FigureDrawing.js';
import { core } from '../../worker/core.js';
import { t } from '../../words/t.js';

interface Props {
  readonly id: string;
  readonly variation: string;
  readonly body: BodyAnswers;
  readonly name: string;
  readonly start: number;
  readonly hasSides: boolean;
}

/** Degrees of one pixel of dragging, and of one arrow key. */
const PER_PIXEL = 0.6;
const PER_KEY = 15;

/** A figure that turns: drag it, or move the slider; mirrored on demand. */
export function Turnable({ id, variation, body, name, start, hasSides }: Props) {
  // The slider has no places between its steps.
  const [yaw, setYaw] = useState(Math.round(start / PER_KEY) * PER_KEY);
  const [mirrored, setMirrored] = useState(false);
  const [figures, setFigures] = useState<readonly Figure[] | null>(null);
  const dragging = useRef<{ x: number; yaw: number } | null>(null);
  const sliderId = useId();

  // Only the newest place is asked for; answers to older ones come too late to be shown.
  useEffect(() => {
    let stale = false;
    void core.turned(id, variation, body, yaw, mirrored).then((drawn) => !stale && setFigures(drawn));
    return () => {
      stale = true;
    };
  }, [id, variation, body, yaw, mirrored]);

  const turn = (to: number) => setYaw(Math.round((((to % 360) + 540) % 360) - 180));
  return (
    <div>
      <div
        className="h-80 cursor-grab touch-pan-y rounded border border-rule bg-sheet p-3 select-none active:cursor-grabbing sm:h-96"
        onPointerDown={(event) => {
          dragging.current = { x: event.clientX, yaw };
          event.currentTarget.setPointerCapture(event.pointerId);
        }}
        onPointerMove={(event) => dragging.current && turn(dragging.current.yaw - (event.clientX - dragging.current.x) * PER_PIXEL)}
        onPointerUp={() => (dragging.current = null)}
      >
        {figures?.[0] && (
          <FigureDrawing
            figure={figures[0]}
            ghost={figures[1]}
            label={t('{name}, seen from {yaw} degrees', { name, yaw })}
            className="size-full"
          />
        )}
      </div>
      <div className="mt-2 flex flex-wrap items-center gap-3">
        <label htmlFor={sliderId} className="text-sm">
          {t('Turn it')}
        </label>
        <input
          id={sliderId}
          type="range"
          min={-180}
          max={180}
          step={PER_KEY}
          value={yaw}
          onChange={(event) => turn(Number(event.target.value))}
          className="w-48 accent-[var(--ink)]"
        />
        {hasSides && (
          <button type="button" aria-pressed={mirrored} onClick={() => setMirrored(!mirrored)} className={PLAIN}>
            <FlipHorizontal2 size={18} aria-hidden /> {t('Other side')}
          </button>
        )}
      </div>
    </div>
  );
}
