import type { NoteSection } from '@lotus-steady/core';
import { Writer } from './writer.js';

const MARGIN = 56;

/** What stands on a note beside its sections. */
export interface NoteFrame {
  readonly title: string;
  /** As it is written. */
  readonly day: string;
  readonly foot: string;
}

/** A note as a PDF: A4, one column, in the shipped faces. */
export function notePdf({ title, day, foot }: NoteFrame, sections: readonly NoteSection[]): Promise<Buffer> {
  const writer = new Writer(title, 'A4', MARGIN);
  const { page } = writer;
  page.fontSize(17);
  writer.write(title);
  page.fontSize(10).text(day).moveDown();
  for (const { heading, lines } of sections) {
    page.moveDown(0.6).fontSize(13).text(heading).moveDown(0.2);
    page.fontSize(10);
    for (const line of lines) writer.write(line.trimStart(), { indent: line.startsWith(' ') ? 14 : 0, paragraphGap: 2 });
  }
  page.moveDown().fontSize(9);
  writer.write(foot);
  return writer.done();
}
