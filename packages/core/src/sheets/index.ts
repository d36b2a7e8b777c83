export { classSheet, type FiguresAt } from './class-sheet.js';
export type { Captioned, Sheet, SheetBlock } from './sheet.js';
export { doneWords, setupWords, sideWords, toBring } from './words.js';
