export { type TrainingClient, type TrainingLevel } from './clients.js';
export {
  ANSWERS, levelAt, markAnswer, MARKS, nextTask, optionsOf, type TaskProgress, type TrainingAnswer, type TrainingMark,
} from './marking.js'; // prettier-ignore
export { solveTask, TRAINING_TASKS, type TrainingSolution, type TrainingTask } from './tasks.js';
