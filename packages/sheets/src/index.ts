export { notePdf } from './note-pdf.js';
export { sheetPdf, PAPERS, type Paper, type PrintOptions } from './sheet-pdf.js';
