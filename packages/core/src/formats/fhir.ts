import { findCondition } from '../conditions/all.js';
import { answersFromWords } from '../conditions/from-words.js';
import type { Participant } from '../participants/participant.js';
import type { PersonJson } from '../planning/json.js';
import type { FileProblem, FoundPeople, FoundPerson } from './csv.js';
import { isRecord } from '../record.js';

/** What one person does instead of each step, and why, in words. */
function activities({ steps }: PersonJson) {
  return steps
    .filter(({ verdict }) => verdict !== 'keep')
    .map(({ given, to, dose, reasons }) => ({
      detail: {
        status: 'scheduled' as const,
        description: `${given}: ${to === null ? 'left out' : [to.name, ...to.changes, dose].join('; ')}. ${reasons[0]?.text ?? ''}`.trim(),
      },
    }));
}

/**
 * People, their conditions and their plans as an FHIR R4 (4.0.1) collection. Conditions are told in words: a code is
 * never guessed. Ids are those of the class; no names.
 */
export function fhirBundle(participants: readonly Participant[], plans: readonly PersonJson[], title: string, today: string) {
  const entry = participants.flatMap((participant, i) => {
    const plan = plans[i]!;
    const id = participant.id.replace(/[^A-Za-z0-9.-]/g, '-').slice(0, 60);
    const subject = { reference: `Patient/${id}` };
    const conditions = participant.conditions.map((answer, k) => ({
      resourceType: 'Condition' as const,
      id: `${id}-c${k + 1}`,
      clinicalStatus: { coding: [{ system: 'http://terminology.hl7.org/CodeSystem/condition-clinical', code: 'active' }] },
      code: { text: findCondition(answer.id)?.name ?? answer.id },
      subject,
    }));
    const carePlan = {
      resourceType: 'CarePlan' as const,
      id: `${id}-plan`,
      status: plan.screening.decision === 'practise' ? ('active' as const) : ('on-hold' as const),
      intent: 'plan' as const,
      title,
      subject,
      created: today,
      ...(conditions.length > 0 && { addresses: conditions.map((one) => ({ reference: `Condition/${one.id}` })) }),
      ...(activities(plan).length > 0 && { activity: activities(plan) }),
    };
    return [{ resourceType: 'Patient' as const, id }, ...conditions, carePlan];
  });
  return {
    resourceType: 'Bundle' as const,
    type: 'collection' as const,
    entry: entry.map((resource) => ({ resource })),
  };
}

interface Coded {
  readonly text?: string;
  readonly coding?: readonly { readonly display?: string; readonly code?: string; readonly system?: string }[];
}

function wordsOf(code: unknown): string {
  const { text, coding } = (isRecord(code) ? code : {}) as Coded;
  return text ?? coding?.find(({ display }) => display !== undefined)?.display ?? '';
}

function nameOf(patient: Readonly<Record<string, unknown>>): string {
  const [first] = Array.isArray(patient['name']) ? (patient['name'] as readonly unknown[]) : [];
  if (!isRecord(first)) return '';
  if (typeof first['text'] === 'string') return first['text'];
  const given = Array.isArray(first['given']) ? (first['given'] as readonly unknown[]).map(String) : [];
  return [...given, first['family']].filter((part) => typeof part === 'string' && part !== '').join(' ');
}

/** People of an R4 bundle, with what their conditions are called there; what that means here is proposed. */
export function peopleOfFhir(bundle: unknown): FoundPeople {
  if (!isRecord(bundle) || bundle['resourceType'] !== 'Bundle' || !Array.isArray(bundle['entry']))
    return { found: [], problems: [{ where: 'resourceType', message: 'no FHIR bundle with a list "entry"' }] };
  const resources = (bundle['entry'] as readonly unknown[]).flatMap((one) =>
    isRecord(one) && isRecord(one['resource']) ? [one['resource']] : [],
  );
  const patients = resources.filter(({ resourceType }) => resourceType === 'Patient');
  const problems: FileProblem[] = [];
  const found = patients.map((patient, i): FoundPerson => {
    const id = String(patient['id'] ?? '');
    const where = `Patient/${id || i + 1}`;
    const own = resources.filter(
      ({ resourceType, subject }) =>
        resourceType === 'Condition' && isRecord(subject) && String(subject['reference'] ?? '').endsWith(`Patient/${id}`),
    );
    const texts = own.map(({ code }) => wordsOf(code)).filter((text) => text !== '');
    const unknown = texts.filter((text) => answersFromWords(text).length === 0);
    for (const text of unknown) problems.push({ where, message: `“${text}” is no condition that is known here: ask what it means` });
    return {
      where,
      name: nameOf(patient) || id,
      age: null,
      note: texts.join('. '),
      conditions: texts.flatMap((text) => answersFromWords(text)),
    };
  });
  if (patients.length === 0) problems.push({ where: 'entry', message: 'no Patient in it' });
  return { found, problems };
}
