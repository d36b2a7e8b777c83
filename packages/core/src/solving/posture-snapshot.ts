import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex, utf8ToBytes } from '@noble/hashes/utils.js';
import type { Contact } from '../body/contact.js';
import type { Met } from '../body/solved.js';
import type { State } from '../body/skeleton.js';
import type { Level } from '../sequence/ways.js';
import type { SolvedPosture, Measured } from './solved-posture.js';

/** A solved posture as it can be written down, and read again by the same version of the core. */
export interface PostureSnapshot extends Met {
  readonly state: State;
  readonly contacts: readonly Contact[];
  readonly measured: Measured;
  readonly level: Level;
}

export function snapshotOf({ solved, measured, level }: Pick<SolvedPosture, 'solved' | 'measured' | 'level'>): PostureSnapshot {
  const { state, contacts, reached, residualCm, rounds, warnings } = solved;
  return { state, contacts, reached, residualCm, rounds, warnings, measured, level };
}

/** A short name for what a posture or a body is, that tells nothing of it: the first half of a SHA-256. */
export function snapshotName(what: unknown): string {
  return bytesToHex(sha256(utf8ToBytes(JSON.stringify(what)))).slice(0, 32);
}
