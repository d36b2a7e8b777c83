export { notePdf } from './note-pdf.js';
export { sheetPdf, PAPERS, type Paper } from './sheet-pdf.js';
