export { classCalendar, homeCalendar, type CalendarAsked } from './calendar.js';
export { peopleOfCsv, planCsv, type FileProblem, type FoundPerson } from './csv.js';
export { fhirBundle, peopleOfFhir } from './fhir.js';
export { CLASS_SCHEMA, classFile, SEQUENCE_SCHEMA, sequenceFile } from './json-files.js';
export { peopleOfVcards } from './vcard.js';
