export { classSheet, type FiguresAt } from './class-sheet.js';
export { homeSheet } from './home-sheet.js';
export { lessonFigures, lessonSheet } from './lesson-sheet.js';
export { PAPERS, type Captioned, type Paper, type PrintOptions, type Sheet, type SheetBlock } from './sheet.js';
export { doneInLesson, doneWords, setupWords, toBring } from './words.js';
export { doseWithSide } from '../sequence/dose.js';
export { CM_PER_INCH, conventionsOf, LENGTHS, lengthWords, USUAL_CONVENTIONS, WEEK_BEGINS, type Conventions } from '../conventions.js';
