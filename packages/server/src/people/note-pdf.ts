import type { NoteSection } from '@lotus-steady/core';
import PDFDocument from 'pdfkit';
import { FACES, faceRuns } from './pdf-faces.js';

const MARGIN = 56;

/** A note as a PDF: A4, one column, in the shipped faces. */
export function notePdf(title: string, day: string, sections: readonly NoteSection[]): Promise<Buffer> {
  return new Promise((resolve, reject) => {
    const page = new PDFDocument({ size: 'A4', margin: MARGIN, info: { Title: title } });
    const parts: Buffer[] = [];
    page.on('data', (part: Buffer) => parts.push(part));
    page.on('end', () => resolve(Buffer.concat(parts)));
    page.on('error', reject);
    for (const { name, file } of FACES) page.registerFont(name, file);
    const write = (line: string, options: PDFKit.Mixins.TextOptions = {}) => {
      const runs = faceRuns(line === '' ? ' ' : line);
      runs.forEach(({ face, text }, k) => page.font(face).text(text, { ...options, continued: k < runs.length - 1 }));
      page.font('text');
    };
    page.font('text').fontSize(17);
    write(title);
    page.fontSize(10).text(day).moveDown();
    for (const { heading, lines } of sections) {
      page.moveDown(0.6).fontSize(13).text(heading).moveDown(0.2);
      page.fontSize(10);
      for (const line of lines) write(line.trimStart(), { indent: line.startsWith(' ') ? 14 : 0, paragraphGap: 2 });
    }
    page
      .moveDown()
      .fontSize(9)
      .text(
        'Written by a yoga teacher’s software from what the person told. It is no diagnosis. Your written word comes before all of it.',
      );
    page.end();
  });
}
