import { standOf } from '../transitions/entry-cost.js';
import { rounded, stepByStep, wayTo, type Beginning } from '../planning/beginning.js';
import { costOf, SIT_OUT } from '../plan/cost.js';
import { nearPath } from '../planning/near-path.js';
import type { SolvedPosture } from '../solving/solved-posture.js';
import type { JudgingProfile } from '../judging/judging-profile.js';
import type { Step } from '../sequence/sequence.js';

/** Where someone's own best way through the class leads at a step, and what it costs them to be led elsewhere. */
export interface Guide {
  readonly figure: string | null;
  readonly stand: number | null;
  readonly elsewhere: number;
  /** All of this in a word. */
  readonly key: string;
}

/** Being led elsewhere costs no more than this: two steps sat out. */
const MOST_ELSEWHERE = 2 * SIT_OUT;

function standAfter({ totals: { last } }: Beginning): number | null {
  return last && standOf(last);
}

/**
 * Someone's own way through the class, a good one where none is given, as a guide step by step. Elsewhere costs what
 * it spares them against going from step to step, until that stands where the guide does.
 */
export function guideOf(profile: JudgingProfile, steps: readonly Step[], given?: readonly Beginning[]): readonly Guide[] {
  const alone = stepByStep(profile, steps);
  const closest = wayTo(alone);
  const near = given ?? nearPath(profile, steps, alone);
  const guides: Guide[] = [];
  let elsewhere = 0;
  for (let i = near.length - 1; i >= 0; i--) {
    const [way, other] = [near[i]!, closest[i]!];
    const stand = standAfter(way);
    if (stand === standAfter(other)) elsewhere = 0;
    const led = {
      figure: way.chosen?.figure ?? null,
      stand: way.chosen && stand,
      elsewhere: rounded(Math.min(MOST_ELSEWHERE, Math.max(0, elsewhere))),
    };
    guides.push({ ...led, key: Object.values(led).join() });
    elsewhere += costOf(other.chosen) - costOf(way.chosen);
  }
  return guides.reverse();
}

/** What a way that ends in a posture costs someone with what follows in mind. */
export function withAhead(cost: number, last: SolvedPosture | null, guide: Guide | null): number {
  return guide === null || guide.stand === null || (last !== null && standOf(last) === guide.stand) ? cost : cost + guide.elsewhere;
}
