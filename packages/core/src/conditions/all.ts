import { chairAmbulatory } from './chair-ambulatory.js';
import type { Condition } from './condition.js';
import { glaucoma } from './glaucoma.js';
import { hypertension } from './hypertension.js';
import { lumbarDisc } from './lumbar-disc.js';
import { menstruation } from './menstruation.js';
import { pregnancy } from './pregnancy.js';
import { seniors } from './seniors.js';

export const CONDITIONS: readonly Condition[] = [
  pregnancy, menstruation, seniors, chairAmbulatory, hypertension, glaucoma, lumbarDisc,
]; // prettier-ignore

const BY_ID = new Map(CONDITIONS.map((condition) => [condition.id, condition]));

export function findCondition(id: string): Condition | null {
  return BY_ID.get(id) ?? null;
}
