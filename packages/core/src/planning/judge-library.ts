import type { Finding } from '../plan/finding.js';
import type { Participant } from '../participants/participant.js';
import { START } from '../judging/step-context.js';
import { PlanningCache } from '../judging/planning-cache.js';
import { assess } from '../screening/assess.js';
import { usualStep } from '../sequence/sequence.js';
import type { BodySolver } from '../solving/body-solver.js';
import type { AdaptOptions } from './adapt.js';
import { profileOf } from './person-planner.js';
import { evaluateGiven } from './search.js';

/** What one asana, as it is usually done, means for someone. */
export interface AsanaVerdict {
  readonly asana: string;
  /** `keep`: allowed as it is; `watch`: allowed with a caution; `change`: only when changed or not at all. */
  readonly verdict: 'keep' | 'watch' | 'change';
  /** The finding that decided, if one did. */
  readonly by: Finding | null;
}

/** Every asana of the library for one person, done once by itself, one after the other. Step lists are left out. */
export function* judgeLibrary(solver: BodySolver, participant: Participant, options: AdaptOptions = {}): Generator<AsanaVerdict> {
  const { cache = new PlanningCache() } = options;
  const today = options.today ?? null;
  const profile = profileOf(solver, participant, assess(participant, today), today, cache);
  for (const asana of solver.library.asanas) {
    if (asana.variations.length === 0) continue;
    const { id } = asana;
    const { hard, chosen, all } = evaluateGiven({ profile, step: usualStep(asana), totals: START });
    const broken = hard[0] ?? (chosen.changes.length > 0 ? all[0] : undefined);
    const caution = chosen.watch[0];
    if (broken) yield { asana: id, verdict: 'change', by: broken };
    else if (caution) yield { asana: id, verdict: 'watch', by: caution };
    else yield { asana: id, verdict: 'keep', by: null };
  }
}
