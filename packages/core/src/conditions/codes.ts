import type { ConditionAnswer } from './condition.js';

/** The answer that every condition takes: the codes that a clinic gave it, such as `ICD-10 H40.1`. They are passed on, nothing follows from them. */
export const CODES = 'codes';

/** Systems of codes that are passed on, each by its short name. */
export const CODE_SYSTEMS = {
  SNOMED: 'http://snomed.info/sct',
  'ICD-9': 'http://hl7.org/fhir/sid/icd-9-cm',
  'ICD-10': 'http://hl7.org/fhir/sid/icd-10',
  'ICD-11': 'http://id.who.int/icd/release/11/mms',
} as const;
export type CodeSystem = keyof typeof CODE_SYSTEMS;

const MOST_CODES = 8;
const FORM = new RegExp(`^(${Object.keys(CODE_SYSTEMS).join('|')}) ([A-Za-z0-9.&/-]{1,24})$`);

/** What is wrong with codes; `null` where nothing is. */
export function codesProblem(value: unknown): string | null {
  const isFine = Array.isArray(value) && value.length <= MOST_CODES && value.every((one) => typeof one === 'string' && FORM.test(one));
  return isFine ? null : `codes are ${String(value)}; expected at most ${MOST_CODES} such as ICD-10 H40.1 (${Object.keys(CODE_SYSTEMS).join(', ')})`;
}

/** The codes of a condition, each with its system. */
export function codesOf({ [CODES]: codes }: ConditionAnswer): { readonly system: CodeSystem; readonly code: string }[] {
  return (Array.isArray(codes) ? (codes as readonly string[]) : []).flatMap((one) => {
    const [, system, code] = FORM.exec(one) ?? [];
    return system === undefined || code === undefined ? [] : [{ system: system as CodeSystem, code }];
  });
}

/** Codes as they are kept, of those whose system and form are known. */
export function codesFrom(all: readonly { readonly system: CodeSystem; readonly code: string }[]): string[] {
  return all
    .map(({ system, code }) => `${system} ${code}`)
    .filter((one) => FORM.test(one))
    .slice(0, MOST_CODES);
}
