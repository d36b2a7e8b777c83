import { useMemo } from 'react';
import type { ClassScore } from '../../worker/answers.js';
import { layOut } from './layout.js';
import { Staves } from './Staves.js';
import { usualZoom, ZOOMS } from './zooms.js';

const nothing = () => undefined;

/** The first steps of a score, to be looked at while the others are being worked out. */
export function FirstSteps({ part, names, figures }: { part: ClassScore; names: readonly string[]; figures: number }) {
  const { answer, staves } = part;
  const scale = ZOOMS[usualZoom(names.length)];
  const columns = useMemo(
    () =>
      layOut(
        staves.map(({ steps }) => steps),
        answer.participants.map(({ steps }) => steps),
        scale,
      ),
    [answer, staves, scale],
  );
  return <Staves score={part} columns={columns} names={names} scale={scale} figures={figures} selected={null} onSelect={nothing} onShift={nothing} />; // prettier-ignore
}
