import { useCallback, useMemo } from 'react';
import type { ClassScore } from '../../worker/answers.js';
import type { Place } from './Cell.js';
import { placeOfStep, stepAt, type OpenStep } from './open-step.js';
import { Staves } from './Staves.js';
import { useColumns } from './use-columns.js';
import { usualZoom, ZOOMS } from './zooms.js';

interface Props {
  readonly part: ClassScore;
  readonly names: readonly string[];
  readonly figures: number;
  /** The step that opens as soon as the whole score is there. */
  readonly open: OpenStep | null;
  readonly onOpen: (step: OpenStep | null) => void;
}

const nothing = () => undefined;

/** The first steps of a score, to be looked at while the others are being worked out. */
export function FirstSteps({ part, names, figures, open, onOpen }: Props) {
  const scale = ZOOMS[usualZoom(names.length)];
  const columns = useColumns(part, scale);
  const { staves } = part;
  const selected = useMemo(() => open && placeOfStep(staves, open), [open, staves]);
  const select = useCallback((at: Place | null) => onOpen(at && stepAt(staves, at)), [onOpen, staves]);
  return <Staves score={part} columns={columns} names={names} scale={scale} figures={figures} selected={selected} onSelect={select} onShift={nothing} />; // prettier-ignore
}
