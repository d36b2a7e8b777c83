import type { Problem } from '@lotus-steady/core';
import { UnprocessableEntityException, type ValidationError } from '@nestjs/common';

/** Flattens class-validator's tree: each message beside the path of its field. */
export function problemsOf(errors: readonly ValidationError[], path = ''): Problem[] {
  return errors.flatMap((error) => {
    const field = path === '' ? error.property : `${path}.${error.property}`;
    const own = Object.values(error.constraints ?? {}).map((message) => ({ field, message }));
    return [...own, ...problemsOf(error.children ?? [], field)];
  });
}

/** The answer to input that can't be used: 422 with each problem at its field. */
export function unusable(problems: readonly Problem[]): UnprocessableEntityException {
  return new UnprocessableEntityException({ statusCode: 422, message: problems.map(({ message }) => message).join('; '), problems });
}
