import type { ConditionAnswer } from './condition.js';

/** The answer that every condition takes: the codes that a clinic gave it, such as `ICD-10 H40.1`. They are passed on, nothing follows from them. */
export const CODES = 'codes';

interface CodeSystem {
  readonly address: string;
  /** What its address holds, whichever of its editions it is. */
  readonly sign: RegExp;
}

/** Systems of codes that are passed on, each by its short name. */
const SYSTEMS: Readonly<Record<string, CodeSystem>> = {
  SNOMED: { address: 'http://snomed.info/sct', sign: /snomed/i },
  'ICD-9': { address: 'http://hl7.org/fhir/sid/icd-9-cm', sign: /icd-9/i },
  'ICD-10': { address: 'http://hl7.org/fhir/sid/icd-10', sign: /icd-10/i },
  'ICD-11': { address: 'http://id.who.int/icd/release/11/mms', sign: /icd-11|icd\/release\/11/i },
};

export const MOST_CODES = 8;
const FORM = new RegExp(`^(${Object.keys(SYSTEMS).join('|')}) ([A-Za-z0-9.&/-]{1,24})$`);

/** A code as it is kept, of the system at an address; `null` where either is not known. */
export function codeOf(address: string, code: string): string | null {
  const system = Object.keys(SYSTEMS).find((name) => SYSTEMS[name]!.sign.test(address));
  const kept = `${system} ${code}`;
  return FORM.test(kept) ? kept : null;
}

/** The address of its system, and the code itself, of a code that is kept. */
export function codingOf(kept: string): { readonly system: string; readonly code: string } {
  const [, system = '', code = ''] = FORM.exec(kept) ?? [];
  return { system: SYSTEMS[system]!.address, code };
}

/** What is wrong with the codes of a condition; `null` where nothing is. */
export function codesProblem(value: unknown): string | null {
  const isFine = Array.isArray(value) && value.length <= MOST_CODES && value.every((one) => typeof one === 'string' && FORM.test(one));
  return isFine ? null : `codes are ${String(value)}; expected at most ${MOST_CODES} such as ICD-10 H40.1 (${Object.keys(SYSTEMS).join(', ')})`;
}

/** The codes of a condition as they are kept. */
export function codesOf({ [CODES]: codes }: ConditionAnswer): readonly string[] {
  return Array.isArray(codes) ? (codes as readonly string[]) : [];
}
