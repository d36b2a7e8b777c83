export { classCalendar, homeCalendar, type CalendarAsked } from './calendar.js';
export { peopleOfCsv, planCsv, type FileProblem, type FoundPeople, type FoundPerson } from './csv.js';
export { decodeText } from './decode.js';
export { fhirBundle, peopleOfFhir } from './fhir.js';
export { CLASS_SCHEMA, classFile, SEQUENCE_SCHEMA, sequenceFile } from './json-files.js';
export { namesTwice, peopleOfFile, plainName } from './people-file.js';
export { peopleOfVcards } from './vcard.js';
