export { LEVELS, type TrainingClient, type TrainingLevel } from './clients.js';
export {
  aboutAnswers, casesFile, changedAnswers, checkCase, readCasesFile, readResultsFile, resultsFile, type TrainingCaseText, type TrainingResult, type TrainingResults,
} from './cases.js'; // prettier-ignore
export {
  ANSWERS, levelAt, markAnswer, MARKS, nextTask, optionsOf, type TaskProgress, type TrainingAnswer, type TrainingMark,
} from './marking.js'; // prettier-ignore
export { isSingleStep, solveTask, tasksOf, tasksWith, TRAINING_TASKS, type TrainingSolution, type TrainingTask } from './tasks.js';
