import { findCondition } from '../conditions/all.js';
import { questionOf } from '../conditions/answers-in-words.js';
import { checkAnswers } from '../conditions/check-answers.js';
import { codeOf, CODES, codesOf, codingOf, MOST_CODES } from '../conditions/codes.js';
import type { ConditionAnswer } from '../conditions/condition.js';
import { answersFromWords } from '../conditions/from-words.js';
import { AS_OF } from '../conditions/over-time.js';
import { yearsOn } from '../day.js';
import { assess } from '../screening/assess.js';
import { clinicianNote } from '../screening/clinician-note.js';
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

/** Codes of what is measured everywhere (LOINC, values from memory); all else is told in words. */
const LOINC = 'http://loinc.org';
const BLOOD_PRESSURE = '85354-9';
const SYSTOLIC = '8480-6';
const DIASTOLIC = '8462-4';
const PAIN = '72514-3';

function coded(code: string, text: string) {
  return { coding: [{ system: LOINC, code }], text };
}

function mmHg(value: number) {
  return { value, unit: 'mmHg', system: 'http://unitsofmeasure.org', code: 'mm[Hg]' };
}

/** Numbers that were told or measured, each with the day on which it was told. */
function observationsOf({ conditions }: Participant, id: string, today: string) {
  const subject = { reference: `Patient/${id}` };
  return conditions
    .flatMap((answer) => {
      const parameters = findCondition(answer.id)?.parameters ?? {};
      const { systolic, diastolic, [AS_OF]: asOf } = answer;
      const about = {
        resourceType: 'Observation' as const,
        status: 'final' as const,
        subject,
        effectiveDateTime: typeof asOf === 'string' ? asOf : today,
      };
      const pressure = [
        ...(typeof systolic === 'number' ? [{ code: coded(SYSTOLIC, 'Systolic'), valueQuantity: mmHg(systolic) }] : []),
        ...(typeof diastolic === 'number' ? [{ code: coded(DIASTOLIC, 'Diastolic'), valueQuantity: mmHg(diastolic) }] : []),
      ];
      const others = Object.entries(answer).flatMap(([name, value]) => {
        const spec = parameters[name];
        if (spec?.kind !== 'number' || typeof value !== 'number' || name === 'systolic' || name === 'diastolic') return [];
        const text = questionOf(spec);
        return [{ ...about, code: name === 'painNow' ? coded(PAIN, text) : { text }, valueQuantity: { value, unit: spec.unit } }];
      });
      return [
        ...(pressure.length > 0 ? [{ ...about, code: coded(BLOOD_PRESSURE, 'Blood pressure'), component: pressure }] : []),
        ...others,
      ];
    })
    .map((one, k) => ({ ...one, id: `${id}-o${k + 1}` }));
}

/** What is asked of a doctor or midwife before this person practises. */
function requestOf(
  { screening: { decision, reasons } }: PersonJson,
  id: string,
  addressed: readonly { reference: string }[],
  today: string,
) {
  const isUrgent = reasons.some(({ urgency }) => urgency !== undefined);
  return {
    resourceType: 'ServiceRequest' as const,
    id: `${id}-request`,
    status: 'draft' as const,
    intent: 'proposal' as const,
    priority: isUrgent ? ('urgent' as const) : ('routine' as const),
    code: { text: decision === 'refer' ? 'Assessment before any practice' : 'Written clearance for adapted yoga practice' },
    subject: { reference: `Patient/${id}` },
    authoredOn: today,
    ...(addressed.length > 0 && { reasonReference: addressed }),
    ...(reasons.length > 0 && { note: reasons.map(({ text }) => ({ text })) }),
  };
}

function base64(text: string): string {
  return btoa(String.fromCharCode(...new TextEncoder().encode(text)));
}

/** The note for a clinician, as plain text. */
function noteOf(participant: Participant, id: string, today: string) {
  const sections = clinicianNote(participant.conditions, assess(participant, today));
  const text = sections.map(({ heading, lines }) => [heading, ...lines.map((line) => `- ${line}`)].join('\n')).join('\n\n');
  return {
    resourceType: 'DocumentReference' as const,
    id: `${id}-note`,
    status: 'current' as const,
    type: { text: 'Note for a clinician' },
    subject: { reference: `Patient/${id}` },
    content: [
      { attachment: { contentType: 'text/plain; charset=utf-8', language: 'en', title: 'Note for a clinician', data: base64(text) } },
    ],
  };
}

/**
 * People, their conditions, what was measured and their plans as an FHIR R4 (4.0.1) collection; who may not practise
 * yet comes with the request and the note for a clinician. Conditions are told in words, with the codes that a clinic gave them: none is ever guessed.
 * Ids are those of the class; no names.
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
      code: {
        ...(codesOf(answer).length > 0 && { coding: codesOf(answer).map(codingOf) }),
        text: findCondition(answer.id)?.name ?? answer.id,
      },
      subject,
    }));
    const addressed = conditions.map((one) => ({ reference: `Condition/${one.id}` }));
    const carePlan = {
      resourceType: 'CarePlan' as const,
      id: `${id}-plan`,
      status: plan.screening.decision === 'practise' ? ('active' as const) : ('on-hold' as const),
      intent: 'plan' as const,
      title,
      subject,
      created: today,
      ...(conditions.length > 0 && { addresses: addressed }),
      ...(activities(plan).length > 0 && { activity: activities(plan) }),
    };
    return [
      { resourceType: 'Patient' as const, id },
      ...conditions,
      ...observationsOf(participant, id, today),
      carePlan,
      ...(plan.screening.decision === 'practise' ? [] : [requestOf(plan, id, addressed, today), noteOf(participant, id, today)]),
    ];
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

/** The codes that a condition came with, as they are kept. */
function codesIn(code: unknown): string[] {
  const { coding } = (isRecord(code) ? code : {}) as Coded;
  return (coding ?? []).flatMap(({ system = '', code: own = '' }) => codeOf(system, own) ?? []).slice(0, MOST_CODES);
}

/** The conditions that a text names; the codes that stand with it are the first one's. */
function conditionsIn(text: string, codes: readonly string[]): ConditionAnswer[] {
  return answersFromWords(text).map((answer, i) => (i === 0 && codes.length > 0 ? { ...answer, [CODES]: codes } : answer));
}

/** The blood pressure that an observation holds, in mmHg. */
function pressureIn(observation: Readonly<Record<string, unknown>>): { systolic?: number; diastolic?: number } {
  const parts = Array.isArray(observation['component']) ? (observation['component'] as readonly unknown[]).filter(isRecord) : [];
  const valueOf = (code: string) => {
    const part = parts.find((one) => ((isRecord(one['code']) ? one['code'] : {}) as Coded).coding?.some((own) => own.code === code));
    const quantity = part?.['valueQuantity'];
    return isRecord(quantity) && typeof quantity['value'] === 'number' ? quantity['value'] : undefined;
  };
  const [systolic, diastolic] = [valueOf(SYSTOLIC), valueOf(DIASTOLIC)];
  return { ...(systolic !== undefined && { systolic }), ...(diastolic !== undefined && { diastolic }) };
}

/** A proposed condition with the blood pressure that was measured, where it is asked for one and it may be. */
function withPressure(answer: ConditionAnswer, pressure: ReturnType<typeof pressureIn>): ConditionAnswer {
  const parameters = findCondition(answer.id)?.parameters ?? {};
  const own = Object.entries(pressure).filter(([name]) => name in parameters);
  const full: ConditionAnswer = { ...answer, ...Object.fromEntries(own) };
  return checkAnswers(full).length === 0 ? full : answer;
}

function nameOf(patient: Readonly<Record<string, unknown>>): string {
  const [first] = Array.isArray(patient['name']) ? (patient['name'] as readonly unknown[]) : [];
  if (!isRecord(first)) return '';
  if (typeof first['text'] === 'string') return first['text'];
  const given = Array.isArray(first['given']) ? (first['given'] as readonly unknown[]).map(String) : [];
  return [...given, first['family']].filter((part) => typeof part === 'string' && part !== '').join(' ');
}

function isOf(subject: unknown, id: string): boolean {
  return isRecord(subject) && String(subject['reference'] ?? '').endsWith(`Patient/${id}`);
}

/**
 * People of an R4 bundle, with what their conditions are called there, the codes that stand with them, and their blood
 * pressure; what that means here is proposed. Ages are those on `today`, YYYY-MM-DD.
 */
export function peopleOfFhir(bundle: unknown, today: string): FoundPeople {
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
    const own = resources.filter(({ resourceType, subject }) => resourceType === 'Condition' && isOf(subject, id));
    const pressure = resources
      .filter(({ resourceType, subject }) => resourceType === 'Observation' && isOf(subject, id))
      .map(pressureIn)
      .reduce((all, one) => ({ ...all, ...one }), {});
    const told = own.flatMap(({ code }) => {
      const [text, codes] = [wordsOf(code), codesIn(code)];
      return text === '' ? [] : [{ text, codes, conditions: conditionsIn(text, codes) }];
    });
    for (const { text, conditions } of told)
      if (conditions.length === 0) problems.push({ where, message: `“${text}” is no condition that is known here: ask what it means` });
    return {
      where,
      name: nameOf(patient) || id,
      age: yearsOn(patient['birthDate'], today),
      note: told.map(({ text, codes }) => (codes.length > 0 ? `${text} (${codes.join(', ')})` : text)).join('. '),
      conditions: told.flatMap(({ conditions }) => conditions).map((answer) => withPressure(answer, pressure)),
    };
  });
  if (patients.length === 0) problems.push({ where: 'entry', message: 'no Patient in it' });
  return { found, problems };
}
