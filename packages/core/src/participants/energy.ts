import type { OwnLimit } from '../conditions/own-limits.js';

/** Who sets the limits of a day with little energy. */
const AT_THE_DOOR = 'told at the door';
/** The upper end of light effort, in MET (ACSM's classes of intensity); that a day with little energy asks for it is common practice, no source. */
const LIGHT = '<= 3';

/** Whether somebody told at the door that they have little energy on a day, as YYYY-MM-DD. */
export function hasLittleEnergy(ownLimits: readonly OwnLimit[], day: string): boolean {
  return ownLimits.some(({ by, until }) => by === AT_THE_DOOR && until === day);
}

/** Somebody's own limits with light effort alone on a day, or without; those of other days are over. */
export function withEnergy(ownLimits: readonly OwnLimit[], day: string, isLittle: boolean): OwnLimit[] {
  const others = ownLimits.filter(({ by }) => by !== AT_THE_DOOR);
  if (!isLittle) return others;
  return [...others, { measure: 'met', bound: LIGHT, grade: 'modify', reason: 'Little energy today.', by: AT_THE_DOOR, until: day }];
}
