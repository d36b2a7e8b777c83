import { useMemo } from 'react';
import type { ClassScore } from '../../worker/answers.js';
import { layOut, type Column } from './layout.js';

/** The columns of a score at a scale, in pixels of one centimetre. */
export function useColumns({ answer, staves }: Pick<ClassScore, 'answer' | 'staves'>, scale: number): Column[] {
  return useMemo(
    () =>
      layOut(
        staves.map(({ steps }) => steps),
        answer.participants.map(({ steps }) => steps),
        scale,
      ),
    [answer, staves, scale],
  );
}
