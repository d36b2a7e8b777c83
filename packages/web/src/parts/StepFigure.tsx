import { useQuery } from '@tanstack/react-query';
import type { Picture } from '../worker/figure-cache.js';
import { pairQuery, pictureQuery } from '../worker/queries.js';
import { FigureDrawing, GROUND_CM } from './FigureDrawing.js';
import { FigurePair } from './FigurePair.js';

interface Props {
  readonly picture: Picture;
  /** Pixels of one centimetre; left out, the figure fills its place. */
  readonly scale?: number;
  /** Height above the ground in cm that the drawing shows; left out, as high as the figure. */
  readonly height?: number;
  readonly className?: string;
}

/** The height that a figure will take, so that nothing moves when it comes. */
function heightOf({ scale, height }: Omit<Props, 'picture'>) {
  return scale === undefined || height === undefined ? {} : { height: (height + GROUND_CM) * scale };
}

/** A step's figure from its best side, a movement with its other end behind. Drawn when it comes in sight. */
export function StepFigure({ picture, ...props }: Props) {
  const { data } = useQuery(pictureQuery(picture.key));
  const [start, other] = data ?? [];
  if (!start) return <span className={`block ${props.className ?? ''}`} style={heightOf(props)} />;
  return <FigureDrawing figure={start} ghost={other} {...props} />;
}

/** A step's figure from two sides. */
export function StepFigurePair({ picture, label, className }: { picture: Picture; label: string; className: string }) {
  const { data } = useQuery(pairQuery(picture.key));
  return data ? <FigurePair drawing={data} label={label} className={className} /> : <span className={`block ${className}`} />;
}
