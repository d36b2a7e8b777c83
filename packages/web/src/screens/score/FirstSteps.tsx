import type { ClassScore } from '../../worker/answers.js';
import { Staves } from './Staves.js';
import { useColumns } from './use-columns.js';
import { usualZoom, ZOOMS } from './zooms.js';

const nothing = () => undefined;

/** The first steps of a score, to be looked at while the others are being worked out. */
export function FirstSteps({ part, names, figures }: { part: ClassScore; names: readonly string[]; figures: number }) {
  const scale = ZOOMS[usualZoom(names.length)];
  const columns = useColumns(part, scale);
  return <Staves score={part} columns={columns} names={names} scale={scale} figures={figures} selected={null} onSelect={nothing} onShift={nothing} />; // prettier-ignore
}
