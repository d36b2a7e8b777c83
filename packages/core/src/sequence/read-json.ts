import type { DoseSpec } from '../asanas/asana.js';
import type { Library } from '../asanas/library.js';
import type { Problem } from '../problem.js';
import { doseProblem } from './dose.js';
import { BARE_HEADER } from './header.js';
import type { Sequence, Step, StepSide } from './sequence.js';
import { isRecord } from '../record.js';

/** A sequence, or what is wrong with the data. */
export type ReadJson =
  { readonly sequence: Sequence; readonly problems: readonly [] } | { readonly sequence: null; readonly problems: readonly Problem[] };

const DOSE_KEYS = ['breaths', 'seconds', 'minutes', 'repetitions', 'rounds'] as const;
const STEP_SIDES: readonly StepSide[] = ['none', 'left', 'right', 'both'];

function readDose(raw: unknown, field: string, problems: Problem[]): DoseSpec | null {
  if (raw === undefined) return null;
  const refuse = (message: string) => (problems.push({ field, message }), null);
  if (!isRecord(raw)) return refuse('expected an object such as {"breaths": 5}');
  const wrong = Object.entries(raw).find(([key, value]) => !(DOSE_KEYS as readonly string[]).includes(key) || typeof value !== 'number');
  if (wrong) return refuse(`${wrong[0]} is ${JSON.stringify(wrong[1])}; expected numbers of ${DOSE_KEYS.join(', ')}`);
  const dose = raw as DoseSpec;
  const bad = doseProblem(dose);
  return bad ? refuse(bad) : dose;
}

/**
 * A sequence as data: `{"title", "minutes", "steps": [{"asana", "variation", "side", "dose", "section"}]}`.
 * `line` counts the steps from 1. Problems name the step and the key.
 */
export function readSequenceJson(library: Library, raw: unknown): ReadJson {
  if (!isRecord(raw) || !Array.isArray(raw['steps']))
    return { sequence: null, problems: [{ field: 'steps', message: 'expected an object with a list "steps"' }] };
  const problems: Problem[] = [];
  const steps = (raw['steps'] as unknown[]).flatMap((one, i): Step[] => {
    const field = `steps[${i}]`;
    if (!isRecord(one) || typeof one['asana'] !== 'string')
      return (problems.push({ field, message: 'expected an object with "asana"' }), []);
    const asana = library.find(one['asana']);
    if (!asana || asana.variations.length === 0)
      return (problems.push({ field: `${field}.asana`, message: `no asana "${one['asana']}" that can be a step` }), []);
    const variation = one['variation'] ?? null;
    if (variation !== null && !asana.variations.some(({ id }) => id === variation))
      problems.push({
        field: `${field}.variation`,
        message: `${asana.id} has no variation "${String(variation)}"; it has ${asana.variations.map(({ id }) => id).join(', ')}`,
      });
    const side = one['side'] ?? asana.usualSide;
    if (!STEP_SIDES.includes(side as StepSide))
      problems.push({ field: `${field}.side`, message: `side is "${String(side)}"; expected ${STEP_SIDES.join(', ')}` });
    const dose = readDose(one['dose'], `${field}.dose`, problems) ?? asana.dose;
    const section = typeof one['section'] === 'string' ? one['section'] : '';
    return [
      {
        line: i + 1,
        text: asana.name,
        section,
        asana: asana.id,
        variation: variation as string | null,
        side: side as StepSide,
        dose,
        retention: null,
        breath: null,
        way: null,
        of: null,
        note: typeof one['note'] === 'string' ? one['note'] : null,
      },
    ];
  });
  const minutes = raw['minutes'] ?? null;
  if (minutes !== null && !(typeof minutes === 'number' && minutes >= 1 && minutes <= 240))
    problems.push({ field: 'minutes', message: `minutes is ${JSON.stringify(minutes)}; expected 1 to 240` });
  if (steps.length === 0 && problems.length === 0) problems.push({ field: 'steps', message: 'the list of steps is empty' });
  if (problems.length > 0) return { sequence: null, problems };
  const title = typeof raw['title'] === 'string' ? raw['title'] : '';
  return {
    sequence: {
      ...BARE_HEADER,
      title,
      minutes: minutes as number | null,
      steps,
      unknown: [],
      notes: [],
    },
    problems: [],
  };
}
