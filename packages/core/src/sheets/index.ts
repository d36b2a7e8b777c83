export { classSheet, type FiguresAt } from './class-sheet.js';
export { homeFigures, homeSheet } from './home-sheet.js';
export { lessonFigures, lessonSheet } from './lesson-sheet.js';
export type { Captioned, Sheet, SheetBlock } from './sheet.js';
export { doneWords, setupWords, sideWords, toBring } from './words.js';
