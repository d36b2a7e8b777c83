import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { thumbQuery } from '../worker/queries.js';
import { FigureDrawing } from './FigureDrawing.js';

/** A small figure of an asana, asked for only once it comes near the screen. */
export function Thumb({ id, variation = null, className = '' }: { id: string; variation?: string | null; className?: string }) {
  const place = useRef<HTMLDivElement>(null);
  const [near, setNear] = useState(false);
  useEffect(() => {
    const element = place.current;
    if (!element || near) return;
    const observer = new IntersectionObserver(([entry]) => entry?.isIntersecting && setNear(true), { rootMargin: '300px' });
    observer.observe(element);
    return () => observer.disconnect();
  }, [near]);
  const figure = useQuery({ ...thumbQuery(id, variation), enabled: near });
  return (
    <div ref={place} className={className}>
      {figure.data && <FigureDrawing figure={figure.data} className="size-full" />}
    </div>
  );
}
