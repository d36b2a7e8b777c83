import { ValidateBy, type ValidationOptions } from 'class-validator';

const MOST = 80;
/** Controls, half characters, and marks that turn the direction of what follows: a name shown so would read as another. */
const UNSEEN = /[\p{Cc}\p{Cs}\u061C\u200E\u200F\u202A-\u202E\u2066-\u2069]/u;

function isName(value: unknown): boolean {
  return typeof value === 'string' && value.trim() !== '' && value.length <= MOST && value.isWellFormed() && !UNSEEN.test(value);
}

/** A name of 1 to 80 characters that can be seen. */
export function IsName(options: ValidationOptions): PropertyDecorator {
  return ValidateBy({ name: 'isName', validator: { validate: isName, defaultMessage: () => 'expected a name' } }, options);
}
