import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import Ajv from 'ajv';
import { Fhir } from 'fhir';
import ICAL from 'ical.js';
import { library } from '../asanas/all.js';
import { adaptClass } from '../class/adapt-class.js';
import { classJson } from '../class/json.js';
import { checkAnswers, readCondition } from '../conditions/check-answers.js';
import { DIARY_SCHEMA, homePractice } from '../home/home-practice.js';
import { notesReader, understood } from '../notes/read-notes.js';
import { anybody } from '../participants/participant.js';
import { readParticipants } from '../participants/read-participants.js';
import { readSequenceJson } from '../sequence/read-json.js';
import { BodySolver } from '../solving/body-solver.js';
import { classCalendar, homeCalendar } from './calendar.js';
import { peopleOfCsv, planCsv } from './csv.js';
import { fhirBundle, peopleOfFhir } from './fhir.js';
import { classFile, homeFile, sequenceFile } from './json-files.js';
import { readDiary, readDiaryFile } from './home-diary.js';
import { logFile, readLogFile, type LoggedClass } from './log-file.js';
import { decodeText } from './decode.js';
import { namesTwice, peopleOfFile } from './people-file.js';
import { peopleOfVcards } from './vcard.js';

const solver = new BodySolver(library);
const sequence = understood(
  notesReader(library)('# Slow, "quiet"\nMountain 5 breaths\nDownward dog 5 breaths\nTree each side 30 s\nSavasana 5 min'),
);
const participants = [
  anybody('a'),
  {
    ...anybody('b'),
    conditions: [readCondition('glaucoma severity=early').answer],
    preferences: [{ asana: 'vrksasana', variation: null, firstSide: 'left' as const, reason: 'Steadier there.', on: '2026-11-01' }],
  },
];
const plan = adaptClass(participants.map((participant) => ({ solver, participant })), sequence); // prettier-ignore
const answer = classJson(sequence, plan);
const [barred] = [{ ...anybody('c'), conditions: [readCondition('hypertension systolic=185 diastolic=112').answer] }];
const barredPlan = adaptClass([{ solver, participant: barred! }], sequence);

interface Resource {
  readonly resourceType: string;
  readonly content?: readonly { readonly attachment: { readonly data: string } }[];
}

const schema = (name: string) => JSON.parse(readFileSync(join(__dirname, `../../../../docs/schemas/${name}.json`), 'utf8')) as object;
const fits = (name: string, value: unknown) => {
  const validate = new Ajv().compile(schema(name));
  validate(JSON.parse(JSON.stringify(value)));
  return validate.errors;
};

describe('JSON fits its published schema and is read again as it was', () => {
  test('a sequence', () => {
    const file = sequenceFile(sequence);
    expect(fits('sequence-1', file)).toBeNull();
    expect(fits('sequence-1', { ...file, steps: [{}] })).not.toBeNull();
    const { sequence: again } = readSequenceJson(library, JSON.parse(JSON.stringify(file)));
    expect(sequenceFile(again!)).toEqual(file);
  });

  test('a practice for home', () => {
    const practice = homePractice(plan.plans[0]!, participants[0]!, { minutes: 10, days: 3, today: '2026-11-30' });
    expect(practice.steps.length).toBeGreaterThan(0);
    expect(fits('home-1', homeFile(practice, 'At home'))).toBeNull();
    expect(fits('home-1', { ...homeFile(practice, 'At home'), review: 'soon' })).not.toBeNull();
  });

  test('a log, by name; of a class with a mistake nothing is taken, and the mistake is named', () => {
    const logged: LoggedClass = {
      title: 'Backs', day: '2026-11-25', startedAt: '2026-11-25T08:30:00.000Z', endedAt: null, note: '', incident: '',
      people: [{ name: 'Cleo Ward', present: true, before: { pain: 4 }, after: { pain: 2, ease: 7 }, felt: 'better', harder: 'left', note: 'slept well', marks: [{ asana: 'bird-dog', variation: 'plain', side: 'left', mark: 'stopped' }] }],
    }; // prettier-ignore
    const file = logFile([logged]);
    expect(fits('log-1', file)).toBeNull();
    const TODAY = '2026-12-31';
    expect(readLogFile(JSON.stringify(file), TODAY)).toEqual({ found: [logged], problems: [] });
    const [person] = logged.people;
    const told = (part: object, of: object = {}) =>
      readLogFile(JSON.stringify(logFile([{ ...logged, ...of, people: [{ ...person!, ...part }] }, logged])), TODAY);
    expect(told({ before: { pain: 11 } })).toMatchObject({ found: [logged], problems: [{ where: 'class 1' }] });
    expect(told({ felt: 'great' }).problems).toHaveLength(1);
    expect(told({}, { day: '2026-W48' }).problems[0]!.message).toMatch(/expected a day/);
    expect(told({}, { day: '2027-01-01' })).toEqual({
      found: [logged],
      problems: [{ where: 'class 1', message: '2027-01-01 is yet to come' }],
    });
    expect(readLogFile('{"version":1}', TODAY).problems[0]!.message).toMatch(/no log/);
    expect(readLogFile('{', TODAY).problems[0]!.message).toMatch(/no valid JSON/);
  });

  test('what was done at home; with a mistake nothing is taken', () => {
    const days = [
      { day: '2026-12-01', before: 4, after: 2 },
      { day: '2026-12-03', before: null, after: null },
    ];
    const file = { $schema: DIARY_SCHEMA, version: 1, title: 'At home', note: 'slept better', days };
    const read = (of: object) => readDiary({ ...file, ...of }, '2026-12-31');
    expect(fits('home-diary-1', file)).toBeNull();
    expect(readDiaryFile(JSON.stringify(file), '2026-12-31')).toEqual(read({}));
    expect(read({})).toEqual({ diary: { title: 'At home', note: 'slept better', days }, problems: [] });
    expect(read({ days: [...days, days[0]] }).problems).toEqual([{ where: 'day 3', message: '2026-12-01 stands in it twice' }]);
    expect(read({ days: [{ day: '2026-12-01', before: 11 }] })).toMatchObject({ diary: null, problems: [{ where: 'day 1' }] });
    expect(read({ days: [{ day: '2027-01-01' }] }).problems[0]!.message).toMatch(/yet to come/);
    expect(read({ days: [{ day: 'Monday' }] }).problems[0]!.message).toMatch(/expected a day/);
    expect(read({ $schema: 'other' }).problems[0]!.message).toMatch(/no diary/);
    expect(read({ version: 2 }).problems[0]!.message).toMatch(/version 1 is read/);
    expect(readDiaryFile('{', '2026-12-31').problems[0]!.message).toMatch(/no valid JSON/);
  });

  test('people', () => {
    const file = classFile(participants);
    expect(fits('class-1', file)).toBeNull();
    expect(readParticipants(JSON.parse(JSON.stringify(file)))).toEqual({ participants, problems: [] });
  });
});

describe('CSV', () => {
  test('has a row for each step of each person, quoted where it has to be, and no formulas', () => {
    const csv = planCsv(answer.participants);
    expect(csv.split('\r\n')).toHaveLength(1 + 2 * sequence.steps.length);
    const evil = planCsv([{ ...answer.participants[0]!, id: '=1+1' }]);
    expect(evil).not.toMatch(/^=1/m);
  });

  test('people: the delimiter is found, words become proposals, what is wrong is named by its row', () => {
    const { found, problems } = peopleOfCsv('\uFEFFName;Age;Notes\n"Bell; Ann";71;"high blood pressure, 150/95"\n;;\nBen;x;\n');
    expect(found).toMatchObject([
      { where: 'row 2', name: 'Bell; Ann', age: 71, conditions: [{ id: 'hypertension', systolic: 150, diastolic: 95 }] },
      { where: 'row 4', name: 'Ben', age: null, conditions: [] },
    ]);
    expect(problems).toEqual([{ where: 'row 4', message: 'age is "x"; expected 0 to 120' }]);
    expect(peopleOfCsv('a,b\n1,2').problems[0]!.message).toMatch(/no column of names/);
  });
});

test('vCards of any version bring a name and a note', () => {
  const { found, problems } = peopleOfVcards(
    'BEGIN:VCARD\nVERSION:3.0\nFN:Cleo Ward\nNOTE:glaucoma\\, early\nEND:VCARD\nBEGIN:VCARD\r\nVERSION:4.0\r\nEND:VCARD',
    '2026-03-02',
  );
  expect(found).toMatchObject([{ name: 'Cleo Ward', conditions: [{ id: 'glaucoma' }] }]);
  expect(problems).toEqual([{ where: 'card 2', message: 'no name (FN)' }]);
});

test.each([
  ['BDAY:19600304', 65],
  ['BDAY:19600302', 66],
  ['BDAY;VALUE=date:1960-03-04', 65],
  ['BDAY:1960', 66],
  ['BDAY:--0304', null],
  ['BDAY;VALUE=text:around 1960', null],
  ['NOTE:no birthday', null],
])('an age from a birthday of a vCard: %s', (line, age) => {
  const { found } = peopleOfVcards(`BEGIN:VCARD\nVERSION:4.0\nFN:Cleo Ward\n${line}\nEND:VCARD`, '2026-03-02');
  expect(found).toMatchObject([{ name: 'Cleo Ward', age }]);
});

describe('iCalendar, read by another reader', () => {
  const eventOf = (text: string) => new ICAL.Event(new ICAL.Component(ICAL.parse(text)).getFirstSubcomponent('vevent')!);

  test('a class', () => {
    const event = eventOf(
      classCalendar({ title: 'Slow, "quiet"', day: '2026-12-03', minutes: 45, description: 'Mountain, 5 breaths\nTree' }),
    );
    expect([event.summary, event.description, event.startDate.toString()]).toEqual([
      'Slow, "quiet"',
      'Mountain, 5 breaths\nTree',
      '2026-12-03',
    ]);
    const timed = eventOf(classCalendar({ title: 'x', day: '2026-12-03', minutes: 45, description: '', time: '09:30' }));
    expect(timed.duration.toSeconds()).toBe(45 * 60);
  });

  test('a practice at home recurs on its days until it is looked at', () => {
    const practice = homePractice(plan.plans[0]!, participants[0]!, { minutes: 10, days: 3, today: '2026-11-30' });
    const event = eventOf(homeCalendar(practice, 'At home', '2026-11-30'));
    const times = event.iterator();
    const days: string[] = [];
    for (let next = times.next(); next; next = times.next()) days.push(next.toString());
    expect(days).toEqual(['2026-11-30', '2026-12-02', '2026-12-04', '2026-12-07', '2026-12-09', '2026-12-11', '2026-12-14']);
  });
});

describe('FHIR', () => {
  const bundle = fhirBundle(participants, answer.participants, 'Slow', '2026-11-28');

  test('fits R4, by another library, and names nobody', () => {
    const { valid, messages } = new Fhir().validate(bundle);
    expect(messages.filter(({ severity }) => severity === 'error')).toEqual([]);
    expect(valid).toBe(true);
    expect(bundle.entry.map(({ resource }) => resource.resourceType)).toEqual(['Patient', 'CarePlan', 'Patient', 'Condition', 'CarePlan']);
  });

  test('who may not practise yet comes with what was measured, the request and the note', () => {
    const { entry } = fhirBundle([barred!], classJson(sequence, barredPlan).participants, 'Slow', '2026-11-28');
    const { valid, messages } = new Fhir().validate({ resourceType: 'Bundle', type: 'collection', entry });
    expect(messages.filter(({ severity }) => severity === 'error')).toEqual([]);
    expect(valid).toBe(true);
    const of = (type: string) => entry.map(({ resource }) => resource as Resource).filter(({ resourceType }) => resourceType === type); // prettier-ignore
    // 85354-9 with 8480-6 and 8462-4: blood pressure panel, systolic, diastolic (LOINC, value from memory).
    expect(of('Observation')).toMatchObject([{ code: { coding: [{ code: '85354-9' }] }, component: [{ valueQuantity: { value: 185 } }, { valueQuantity: { value: 112 } }] }]); // prettier-ignore
    expect(of('ServiceRequest')).toMatchObject([{ intent: 'proposal', reasonReference: [{ reference: 'Condition/c-c1' }] }]);
    const [note] = of('DocumentReference');
    expect(Buffer.from(note!.content![0]!.attachment.data, 'base64').toString('utf8')).toMatch(/What was told\n- High blood pressure/);
    expect(peopleOfFhir({ resourceType: 'Bundle', entry }, '2026-11-28').found).toMatchObject([
      { conditions: [{ id: 'hypertension', systolic: 185, diastolic: 112 }] },
    ]);
  });

  test('codes that a condition came with are passed on, there and back, and an age is worked out', () => {
    const coding = [{ system: 'http://hl7.org/fhir/sid/icd-10', code: 'H40.1' }, { system: 'http://snomed.info/sct', code: '77075001' }]; // prettier-ignore
    const { found } = peopleOfFhir(
      {
        resourceType: 'Bundle',
        entry: [
          { resource: { resourceType: 'Patient', id: 'p', name: [{ text: 'Cleo Ward' }], birthDate: '1950-12-01' } },
          { resource: { resourceType: 'Condition', subject: { reference: 'Patient/p' }, code: { text: 'Glaucoma', coding } } },
        ],
      },
      '2026-11-28',
    );
    expect(found).toMatchObject([
      {
        age: 75,
        note: 'Glaucoma (ICD-10 H40.1, SNOMED 77075001)',
        conditions: [{ id: 'glaucoma', codes: ['ICD-10 H40.1', 'SNOMED 77075001'] }],
      },
    ]);
    const [, back] = fhirBundle(
      [{ ...anybody('p'), conditions: found[0]!.conditions }],
      [answer.participants[0]!],
      'Back',
      '2026-11-28',
    ).entry;
    expect(back!.resource).toMatchObject({ resourceType: 'Condition', code: { coding } });
    const [problem] = checkAnswers({ id: 'glaucoma', codes: ['H40.1'] });
    expect(problem).toMatchObject({ field: 'glaucoma.codes' });
  });

  test('is read again; what is not known here is asked about, never guessed', () => {
    expect(peopleOfFhir(bundle, '2026-11-28').found.map(({ conditions }) => conditions)).toEqual([[], [{ id: 'glaucoma' }]]);
    const other = {
      resourceType: 'Bundle', type: 'collection', entry: [
        { resource: { resourceType: 'Patient', id: 'p', name: [{ given: ['Cleo'], family: 'Ward' }] } },
        { resource: { resourceType: 'Condition', subject: { reference: 'Patient/p' }, code: { coding: [{ code: 'x', display: 'Zorblax' }] } } },
      ],
    }; // prettier-ignore
    expect(peopleOfFhir(other, '2026-11-28')).toMatchObject({
      found: [{ name: 'Cleo Ward', conditions: [] }],
      problems: [{ where: 'Patient/p' }],
    });
    expect(peopleOfFhir({}, '2026-11-28').problems[0]!.message).toMatch(/no FHIR bundle/);
  });
});

describe('people of a file of any kind', () => {
  const bytes = (text: string, encoding: BufferEncoding) => new Uint8Array(Buffer.from(text, encoding));
  test.each([
    ['UTF-8', bytes('Zoë', 'utf8')],
    ['UTF-8 with a mark', bytes('\uFEFFZoë', 'utf8')],
    ['UTF-16', bytes('\uFEFFZoë', 'utf16le')],
    ['a Western code page', bytes('Zoë', 'latin1')],
  ])('%s is read', (_, read) => expect(decodeText(read).replace('\uFEFF', '')).toBe('Zoë'));

  test('the kind is told by what the file holds', () => {
    const names = (text: string) => peopleOfFile(text, '2026-11-28').found.map(({ name }) => name);
    expect(names('name;age\nRuna Velt;71')).toEqual(['Runa Velt']);
    expect(names('BEGIN:VCARD\nVERSION:3.0\nFN:Runa Velt\nEND:VCARD')).toEqual(['Runa Velt']);
    expect(names('{"resourceType":"Bundle","entry":[{"resource":{"resourceType":"Patient","id":"1","name":[{"text":"Runa Velt"}]}}]}')).toEqual(['Runa Velt']); // prettier-ignore
    expect(peopleOfFile('  ', '2026-11-28').problems).toHaveLength(1);
    expect(peopleOfFile('{"resourceType"', '2026-11-28').problems[0]?.message).toMatch(/no valid JSON/);
  });

  test('who comes twice is told, however the name is written', () =>
    expect(namesTwice(['Bea Lindt', 'Runa Velt', 'BÉA  lindt'])).toEqual(['BÉA  lindt']));
});
