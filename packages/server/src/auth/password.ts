import { ZxcvbnFactory } from '@zxcvbn-ts/core';
import { adjacencyGraphs, dictionary } from '@zxcvbn-ts/language-common';
import { unusable } from '../problems/unusable.js';

const guesses = new ZxcvbnFactory({ dictionary, graphs: adjacencyGraphs });
/** Of 4: hard to guess for somebody who tries slowly, as over the network. */
const LEAST_SCORE = 2;

/** @throws UnprocessableEntityException at its field for a password that is soon guessed. */
export function refuseWeak(password: string, name: string): void {
  const { score } = guesses.check(password, [name, 'lotus', 'steady', 'yoga']);
  if (score < LEAST_SCORE)
    throw unusable([{ field: 'password', message: 'This password is soon guessed: take several words that don’t belong together' }]);
}
