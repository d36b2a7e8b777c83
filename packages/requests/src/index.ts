export { toParticipant } from './answers.js';
export { dayBy, dayIn, offsetsOf, ownTimeZone, shifted, type ZoneOffset } from './day.js';
export type {
  AuditEntry,
  ClassLog,
  HistoryEntry,
  LogPart,
  RegisterLine,
  InstallationState,
  Person,
  PersonSummary,
  SequenceSummary,
  SequenceVersion,
  StoredClass,
  ClassSummary,
  StoredPlan,
  StoredSequence,
  Studio,
  StudioAnswer,
  Teacher,
} from './answers.js';
export {
  ClearanceBody,
  LoosenedBody,
  MOST_IMPORTED,
  OwnLimitBody,
  PeopleBody,
  PersonBody,
  StudioBody,
  TakeBackBody,
} from './person.body.js';
export { FirstTeacherBody, NameBody, PasswordBody, SignInBody } from './sign-in.body.js';
export { IsDay } from './is-day.js';
export { SequenceBody, SequenceChangeBody } from './sequence.body.js';
export { AdaptBody, CuesBody, HomeBody, HomeSheetQuery, LessonSheetQuery, PlanBody } from './plan.body.js';
export { KeyedLogBody, LogBody, LogKeysBody, LogPartBody, LogsBody, MOST_LOGS, StepMarkBody, ToldBody } from './log.body.js';
export { fileLogKey, HOME_LOGS, homeLogKey, isFileLog, isHomeLog } from './file-log.js';
export { ClassBody } from './class.body.js';
export { RoomBody, ShownBody } from './room.body.js';
export { ForgottenCaseBody, TrainingBody, TrainingCaseBody, TrainingCasesBody, type TrainingProgress } from './training.body.js';
export { ForgottenWordBody, StudioWordBody, WordsBody } from './words.body.js';
