import { allowed as allowedIn, amount as amountIn } from '@lotus-steady/core';
import { currentConventions } from '../theme/conventions.js';

/** A value with its unit as a person says it, lengths in whatever unit was chosen for this device. */
export function amount(value: number | string | null, unit: string): string {
  return amountIn(value, unit, currentConventions().lengths);
}

/** A bound with its unit as a person says it, lengths in whatever unit was chosen for this device. */
export function allowed(bound: string, unit: string): string {
  return allowedIn(bound, unit, currentConventions().lengths);
}
