export { classCalendar, homeCalendar, type CalendarAsked } from './calendar.js';
export { peopleOfCsv, planCsv, type FileProblem, type FoundPeople, type FoundPerson } from './csv.js';
export { decodeText } from './decode.js';
export { fhirBundle, peopleOfFhir } from './fhir.js';
export { DIARY_SCHEMA, readDiary, readDiaryFile, type FoundDiary } from './home-diary.js';
export { CLASS_SCHEMA, classFile, HOME_SCHEMA, homeFile, SEQUENCE_SCHEMA, sequenceFile } from './json-files.js';
export { LOG_SCHEMA, logFile, readLogFile, readLogs, type LoggedClass, type LoggedPerson } from './log-file.js';
export { namesTwice, peopleOfFile, plainName } from './people-file.js';
export { peopleOfVcards } from './vcard.js';
