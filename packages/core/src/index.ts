export type { Sweep } from './solving/movement.js';
export { asides, asidesFor, saidCues } from './asanas/cues.js';
export { opposite, SIDES, type Side } from './angles.js';
export { adapt, givenSeconds, limitsFor, otherWays, type AdaptOptions } from './planning/adapt.js';
export { judgeLibrary, type AsanaVerdict } from './planning/judge-library.js';
export { factsFrom } from './solving/facts.js';
export { describeBound } from './conditions/bound.js';
export { judge } from './judging/judge.js';
export type { Finding, Where } from './plan/finding.js';
export {
  adaptationInCodes,
  adaptationInWords,
  adaptationJson,
  asanaJson,
  asanasJson,
  columnsOf,
  firstSideOf,
  measureJson,
  personInCodes,
  personInWords,
  personJson,
  takenFromBefore,
  type AdaptationInCodes,
  type AdaptationJson,
  type PersonInCodes,
  type PersonJson,
  type StepJson,
} from './planning/json.js';
export { anybody, bodyOf, BREATH_RANGE, checkParticipant, type Participant } from './participants/participant.js';
export type { Chosen, Inserted, PersonPlan, PlannedStep, SessionFinding, Verdict } from './plan/plan.js';
export type { Preference } from './participants/preference.js';
export { COMMON_PROPS, PROPS, readProps, type Prop, type PropsAtHand } from './participants/props-at-hand.js';
export { propsOf, setupOf, type SetupItem } from './candidates/props-needed.js';
export { snapshotName, type PostureSnapshot } from './solving/posture-snapshot.js';
export { BodySolverCache } from './solving/body-solver-cache.js';
export { BodySolver } from './solving/body-solver.js';
export type { SolvedPosture, SolvedVariation } from './solving/solved-posture.js';
export { library } from './asanas/all.js';
export type { Base, DoseSpec } from './asanas/asana.js';
export { formName, type Asana, type Library, type Variation } from './asanas/library.js';
export { PURPOSES, type Purpose } from './asanas/purposes.js';
export { BODY_RANGES, checkBody, sizeBody, type BodyAnswers, type Sex } from './body/anthropometry.js';
export { MEASURES, measurePosture, roundMeasure, type Facing, type Measure } from './body/measure.js';
export { NORMAL_RANGE, type NormalMeasure } from './body/norms.js';
export { solve } from './body/solve.js';
export { counted } from './counted.js';
export { activeLimits, checkSchools, limitsOf, schoolMatters, type ActiveLimit, type SchoolChoices } from './conditions/active-limits.js';
export { CONDITIONS, findCondition, getCondition } from './conditions/all.js';
export { checkAnswers, checkConditions, FLAGS, flagsSpec, parameterSpec, readAnswer, readCondition } from './conditions/check-answers.js';
export type { ConditionAnswer } from './conditions/condition.js';
export { isAsked, type Condition, type Grade, type ParameterSpec, type RedFlag, type SchoolSpec } from './conditions/condition.js';
export { answersInWords } from './conditions/answers-in-words.js';
export { answersFromWords } from './conditions/from-words.js';
export { readLetter, type LetterFinding, type LetterReading } from './conditions/letter.js';
export { findConditions, mentionedConditions } from './conditions/search.js';
export { conditionJson, conditionsJson, limitJson, type LimitJson } from './conditions/json.js';
export { conflictsOf, conflictTold, favouredPurposes, mergeLimits, type Conflict, type MergedLimit } from './conditions/together.js';
export { codesOf } from './conditions/codes.js';
export { hasLittleEnergy, withEnergy } from './participants/energy.js';
export { decidingQuestions, type Question } from './conditions/deciding.js';
export { answersOn, newsOf, questionsOn, stageWords, weeksOn } from './conditions/over-time.js';
export { boundWay, checkOwn, findLimit, mayLoosen, mayReplace, OWN, type Loosened, type OwnLimit } from './conditions/own-limits.js';
export { allowed, amount } from './conditions/say.js';
export { describeSource, SOURCES } from './conditions/sources.js';
export { substitutesOf } from './conditions/substitutes.js';
export { describePart } from './body/contact.js';
export { drawFigure } from './figure/draw.js';
export type { Figure, Shape, Tone } from './figure/shape.js';
export { FIGURE_INK, figureSvg } from './figure/sheet.js';
export { jointPoints, type Joint } from './figure/joints.js';
export { allowedRanges, type AllowedRange } from './conditions/ranges.js';
export { bestView, bestViews } from './figure/best-view.js';
export { figureSize } from './figure/figure-size.js';
export { bestFigures, stepFigures } from './figure/step-figure.js';
export type { View } from './figure/view.js';
export { adaptClass, adaptingClass, inRoom, USUAL_FIGURES, type ClassOptions, type ClassPlan, type Member } from './class/adapt-class.js';
export type { Pin } from './class/choose-column.js';
export { PlanningCache } from './judging/planning-cache.js';
export { solveColumn, type Option } from './class/column.js';
export { betterOrder, type BetterOrder } from './class/better-order.js';
export { differencesOf, type Compared, type Difference } from './class/differences.js';
export { editStep, type Edited } from './class/edit.js';
export { classJson, type ClassJson } from './class/json.js';
export { buildSequence, CHARACTERS, missingChairs, type BuildAsked, type Character } from './build/build-sequence.js';
export { reviewOf, DIRECTIONS, type Review, type ReviewFinding, type Direction } from './review/review.js';
export { blockOf, joinBlock, sectionsOf, type Section } from './sequence/blocks.js';
export { editText, type StepEdit, type TextEdit } from './notes/edit-text.js';
export { getKnown, getOrCreate, memoize } from './get-or-create.js';
export { KnowledgeError } from './knowledge-error.js';
export type { Problem } from './problem.js';
export { clinicianNote, whatToSay, type NoteSection } from './screening/clinician-note.js';
export { assess, type Answered, type Assessment } from './screening/assess.js';
export {
  checkClearance,
  clearedConditions,
  screen,
  type Clearance,
  type Decision,
  type Screening,
  type ScreeningReason,
} from './screening/screen.js';
export { breathSecondsOf, describeDose, doseTold, timeOf, USUAL_BREATH_SECONDS } from './sequence/dose.js';
export { notesJson, type NotesJson, type NotesLineJson } from './notes/json.js';
export type { Audience } from './notes/audience.js';
export { MOST_LINES } from './notes/layout.js';
export type { Candidate, LineKind, ReadLine, ReadNotes, ReadResult, ReadStep } from './notes/read-line.js';
export { notesReader, understood, type NotesReader } from './notes/read-notes.js';
export { wordKey, wordProblem, wordText, type StudioWord, type WordMeaning } from './notes/studio-words.js';
export type { Span, SpanKind } from './notes/tokens.js';
export { nameSearch, type NameSearch } from './notes/search.js';
export { HEADER_KEYS } from './sequence/header.js';
export { readSequenceJson } from './sequence/read-json.js';
export { leftOutOn, type LeftOut } from './participants/left-out.js';
export { readParticipants } from './participants/read-participants.js';
export type { ReaderNote, Sequence, Step, StepSide, UnknownLine } from './sequence/sequence.js';
export type { WayId } from './sequence/ways.js';
export { EN } from './messages/en.js';
export { icuFormat, type IcuFormat } from './messages/icu.js';
export { message, sayInEnglish, speaker, type Catalogue, type Message, type MessageId, type Say } from './messages/message.js';
export { seatSetup } from './setup/seat.js';
export { shoulderStandSetup } from './setup/shoulder-stand.js';
export type { Trial } from './body/pulls.js';
export {
  FELT,
  isChange,
  painOf,
  type GroupPain,
  MARK_KINDS,
  PLACES,
  placeTold,
  SCALES,
  SIDES_COMPARED,
  scaleTold,
  type SideCompared,
  type Felt,
  type MarkKind,
  type PastClass,
  type Place,
  type Scale,
  type StepMark,
  type Told,
} from './history/past-class.js';
export { followed, readingsIn, readingsSection, type Followed, type Reading, type ReadingLine } from './history/kept-readings.js';
export { outcomes } from './history/outcomes.js';
export { proposalsOf, type Proposal } from './history/proposals.js';
export { strainsOf, type Strain } from './history/strain.js';
export { CONTRACT, LIBRARY_VERSION } from './version.js';
export { isDay } from './day.js';
