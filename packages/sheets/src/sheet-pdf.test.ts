import type { Figure } from '@lotus-steady/core';
import type { PrintOptions, Sheet, SheetBlock } from '@lotus-steady/core/sheets';
import { sheetPdf } from './sheet-pdf.js';

const FIGURE: Figure = {
  box: { left: 0, right: 60, top: -170 },
  shapes: [{ tone: 'near', d: 'M0 0L60 0L30 -170Z' }],
} as unknown as Figure;
const step = (title: string): SheetBlock => ({
  is: 'step',
  title,
  lines: ['a note'],
  figures: [FIGURE, FIGURE],
  others: [{ figures: [FIGURE], caption: 'Анна: a shorter stance' }],
});
const sheet = (blocks: SheetBlock[]): Sheet => ({ title: 'Tuesday', blocks, foot: 'The end.' });
const textOf = async (of: Sheet, options?: PrintOptions) => (await sheetPdf(of, options)).toString('latin1');
const pages = (pdf: string) => pdf.match(/\/Type \/Page\b(?!s)/g)?.length ?? 0;

test('one step fits on one page, of A4 or Letter', async () => {
  const pdf = await textOf(sheet([step('1. Tree')]));
  expect(pdf.startsWith('%PDF-')).toBe(true);
  expect(pages(pdf)).toBe(1);
  // A4 and Letter in points, ISO 216 and ANSI/ASME Y14.1.
  expect(pdf).toMatch(/\/MediaBox \[0 0 595\.28 841\.89\]/);
  expect(await textOf(sheet([]), { paper: 'LETTER' })).toMatch(/\/MediaBox \[0 0 612 792\]/);
});

test('many steps go on over pages, and names in other scripts embed their faces', async () => {
  const pdf = await textOf(sheet(Array.from({ length: 24 }, (_, i) => step(`${i + 1}. Tree`))));
  expect(pages(pdf)).toBeGreaterThan(2);
  expect(pages(pdf)).toBeLessThan(8);
  expect(pdf).toMatch(/\/BaseFont \/[A-Z]{6}\+NotoSans/);
});

test('a table and headings are written too', async () => {
  const table: SheetBlock = {
    is: 'table',
    head: ['Who', 'Props'],
    rows: Array.from({ length: 60 }, (_, i) => [`Person ${i}`, '2 blocks']),
  };
  expect(pages(await textOf(sheet([{ is: 'heading', text: 'The room' }, { is: 'text', text: 'Bring: 2 blocks.' }, table])))).toBe(2);
});

test('large print takes more room', async () => {
  const steps = sheet(Array.from({ length: 12 }, (_, i) => step(`${i + 1}. Tree`)));
  expect(pages(await textOf(steps, { large: true }))).toBeGreaterThan(pages(await textOf(steps)));
});
