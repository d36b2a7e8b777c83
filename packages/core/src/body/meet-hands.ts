import type { Body } from './anthropometry.js';
import type { Contact } from './contact.js';
import { partBalls } from './parts.js';
import type { Posture } from './posture.js';
import { isMeasured } from './reach.js';
import { pointOn, type State } from './skeleton.js';
import { heightOf } from './pulls.js';
import { solve } from './solve.js';
import type { Solved } from './solved.js';

const HANDS = new Set(['palm', 'hand', 'fingertips', 'fist']);
/** Hands that hang less than this (m) above their place still reach it: soft knees and shoulders give as much. */
const REACHED_M = 0.05;
const HIGHEST_BLOCKS_M = 0.34;

function isHandDown({ part, on }: Contact): boolean {
  return HANDS.has(part) && on.kind === 'level' && (on.surface === 'floor' || on.surface === 'block');
}

/** Lowest point of a part above the floor, in metres. */
function bottomOf({ placed }: Solved, { part, side }: Contact): number {
  return Math.min(...partBalls(placed.body, part, side).map((ball) => pointOn(placed, ball.segment, ball.local)[2] - ball.radius));
}

/**
 * A posture as this body reaches it. Hands that stop in the air because a joint ends there are met by
 * blocks: the height is where they hang when nothing pulls them down. Bodies whose reach nobody
 * measured are solved as the posture is written. `start` is where to begin, see `solve`.
 */
export function solveMeetingHands(body: Body, posture: Posture, start: State | null = null): Solved {
  if (!isMeasured(body) || !posture.contacts.some(isHandDown)) return solve(body, posture, start);
  const hanging = solve(body, { ...posture, contacts: posture.contacts.filter((contact) => !isHandDown(contact)) }, start);
  const contacts = posture.contacts.map((contact): Contact => {
    if (!isHandDown(contact) || contact.on.kind !== 'level') return contact;
    const bottom = bottomOf(hanging, contact);
    if (bottom - heightOf(contact, body) < REACHED_M) return contact;
    // Heights are written for the reference body. Two blocks on each other are the highest stack; beyond that it is a chair.
    const surface = bottom > HIGHEST_BLOCKS_M ? 'seat' : 'block';
    return { ...contact, bears: true, on: { kind: 'level', surface, height: (bottom * 100) / body.scale } };
  });
  return solve(body, { ...posture, contacts }, start);
}
