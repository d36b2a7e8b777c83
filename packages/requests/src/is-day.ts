import { isDay } from '@lotus-steady/core';
import { ValidateBy, type ValidationOptions } from 'class-validator';

/** A day of the calendar as YYYY-MM-DD: weeks, times and days that don't exist are refused. */
export function IsDay(options: ValidationOptions): PropertyDecorator {
  return ValidateBy({ name: 'isDay', validator: { validate: isDay, defaultMessage: () => 'expected a date such as 2026-03-01' } }, options);
}
