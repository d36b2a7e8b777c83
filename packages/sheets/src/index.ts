export { notePdf } from './note-pdf.js';
export { sheetPdf } from './sheet-pdf.js';
