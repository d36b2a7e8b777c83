import { USUAL_FIGURES } from '@lotus-steady/core';
import { useQuery } from '@tanstack/react-query';
import { sequenceQuery } from '../../api/queries.js';
import { usePeople } from '../../api/use-people.js';
import { classScoreQuery } from '../../worker/queries.js';
import { useToday } from '../../clock.js';

const USUAL = { figures: USUAL_FIGURES, pins: [], shared: null };

/**
 * Works out the class that is being chosen while it is being chosen, so that its score opens the sooner: bodies that
 * are met for the first time take longest. A change of choice stops the work; what was found is kept.
 */
export function useHeadStart(sequence: number | null, chosen: readonly number[]): void {
  const { data } = useQuery({ ...sequenceQuery(sequence ?? 0), enabled: sequence !== null });
  const people = usePeople(chosen);
  const ready = data !== undefined && chosen.length > 0;
  useQuery(classScoreQuery(ready ? data.text : undefined, people.data, USUAL, useToday()));
}
