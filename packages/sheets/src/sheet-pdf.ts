import { FIGURE_INK, type Figure } from '@lotus-steady/core';
import type { PrintOptions, Sheet, SheetBlock } from '@lotus-steady/core/sheets';
import { Writer } from './writer.js';

/** Points. */
const MARGIN = 42;
const GAP = 8;
const FIGURE = { width: 84, height: 50 };
const SMALL = { width: 58, height: 36 };
const TEXT_SIZE = 10.5;
const SMALL_SIZE = 9;
const HEADING_SIZE = 13;
const TITLE_SIZE = 18;
/** Large print: no letter below 16 points (RNIB's clear print guidelines, from memory). */
const LARGE = 16 / SMALL_SIZE;
/** Room below the ground line and above the crown, in cm of the figure. */
const ROOM_CM = 4;

type Step = Extract<SheetBlock, { is: 'step' }>;
type Table = Extract<SheetBlock, { is: 'table' }>;
interface Size {
  readonly width: number;
  readonly height: number;
}
interface Place {
  readonly x: number;
  readonly y: number;
}

class SheetWriter extends Writer {
  private readonly width: number;
  private readonly text: number;
  private readonly small: number;
  private readonly figure: Size;
  private readonly smallFigure: Size;
  private readonly by: number;

  constructor({ title }: Sheet, { paper = 'A4', large = false }: PrintOptions) {
    super(title, paper, MARGIN);
    this.by = large ? LARGE : 1;
    this.width = this.page.page.width - 2 * MARGIN;
    this.text = TEXT_SIZE * this.by;
    this.small = SMALL_SIZE * this.by;
    [this.figure, this.smallFigure] = [FIGURE, SMALL].map(({ width, height }) => ({
      width: width * this.by,
      height: height * this.by,
    })) as [Size, Size];
  }

  heading(text: string): void {
    this.makeRoom(60 * this.by);
    this.page.moveDown(0.5).fontSize(HEADING_SIZE * this.by);
    this.write(text);
  }

  title(text: string): void {
    this.page.fontSize(TITLE_SIZE * this.by);
    this.write(text);
    this.page.moveDown(0.3);
  }

  foot(text: string): void {
    this.page.moveDown().fontSize(this.small);
    this.write(text);
  }

  private heightOf(text: string, width: number, size: number): number {
    return this.page.fontSize(size).heightOfString(text === '' ? ' ' : text, { width });
  }

  /** Begins a page where what comes would not fit on this one. */
  private makeRoom(height: number): void {
    const bottom = this.page.page.height - MARGIN;
    if (this.page.y + height > bottom && this.page.y > MARGIN) this.page.addPage();
  }

  /** Figures side by side in a box, on one ground line at its foot. */
  private draw(figures: readonly Figure[], { x, y }: Place, box: Size): void {
    if (figures.length === 0) return;
    const widths = figures.map(({ box: own }) => own.right - own.left);
    const whole = widths.reduce((sum, one) => sum + one, 0) + ROOM_CM * (figures.length + 1);
    const tall = Math.max(...figures.map(({ box: own }) => -own.top)) + 2 * ROOM_CM;
    const scale = Math.min(box.width / whole, box.height / tall);
    let left = ROOM_CM;
    for (const [i, { shapes, box: own }] of figures.entries()) {
      this.page
        .save()
        .translate(x + (left - own.left) * scale, y + box.height - ROOM_CM * scale)
        .scale(scale);
      for (const { d, tone, width } of shapes) {
        const ink = FIGURE_INK[tone];
        this.page.path(d);
        if (width === undefined) this.page.fill(ink, 'even-odd');
        else {
          this.page.lineWidth(width).lineCap('round').lineJoin('round');
          if (tone === 'outline') this.page.fillAndStroke(ink, ink, 'even-odd');
          else this.page.stroke(ink);
        }
      }
      this.page.restore();
      left += widths[i]! + ROOM_CM;
    }
  }

  private rule(): void {
    this.page
      .moveTo(MARGIN, this.page.y)
      .lineTo(MARGIN + this.width, this.page.y)
      .lineWidth(0.5)
      .stroke('#999999');
    this.page.y += GAP / 2;
  }

  step({ title, lines, figures, others }: Step): void {
    const indent = this.figure.width + GAP;
    const textWidth = this.width - indent;
    const noteHeight = lines.reduce((sum, line) => sum + this.heightOf(line, textWidth, this.small), 0);
    const own = Math.max(figures.length > 0 ? this.figure.height : 0, this.heightOf(title, textWidth, this.text) + noteHeight);
    const captionWidth = textWidth - this.smallFigure.width - GAP;
    const each = others.map(({ figures: drawn, caption }) =>
      Math.max(drawn.length > 0 ? this.smallFigure.height : 0, this.heightOf(caption, captionWidth, this.small)),
    );
    this.makeRoom(own + (each[0] ?? 0) + 3 * GAP);
    this.rule();
    const top = this.page.y;
    this.draw(figures, { x: MARGIN, y: top }, this.figure);
    this.page.fontSize(this.text);
    this.write(title, { width: textWidth }, { x: MARGIN + indent, y: top });
    this.page.fontSize(this.small);
    for (const line of lines) this.write(line, { width: textWidth });
    this.page.y = Math.max(top + own, this.page.y);
    others.forEach(({ figures: drawn, caption }, i) => {
      this.makeRoom(each[i]! + GAP);
      const y = this.page.y + GAP / 2;
      this.draw(drawn, { x: MARGIN + indent, y }, this.smallFigure);
      this.page.fontSize(this.small);
      this.write(caption, { width: captionWidth }, { x: MARGIN + indent + this.smallFigure.width + GAP, y });
      this.page.y = Math.max(this.page.y, y + each[i]!);
    });
    this.page.x = MARGIN;
    this.page.y += GAP;
  }

  table({ head, rows }: Table): void {
    const width = this.width / head.length;
    for (const [i, row] of [head, ...rows].entries()) {
      const height = Math.max(...row.map((cell) => this.heightOf(cell, width - GAP, this.text)));
      this.makeRoom(height + GAP);
      this.rule();
      const { y } = this.page;
      this.page.fontSize(i === 0 ? this.small : this.text);
      row.forEach((cell, column) => this.write(cell, { width: width - GAP }, { x: MARGIN + column * width, y }));
      this.page.y = y + height;
      this.page.x = MARGIN;
    }
  }

  block(block: SheetBlock): void {
    switch (block.is) {
      case 'heading':
        this.heading(block.text);
        break;
      case 'text':
        this.page.fontSize(this.text);
        this.write(block.text, { width: this.width, paragraphGap: 2 });
        break;
      case 'step':
        this.step(block);
        break;
      case 'table':
        this.table(block);
        break;
      default: {
        const never: never = block;
        throw new RangeError(`no block "${String(never)}"`);
      }
    }
  }
}

/** A sheet as a PDF in the shipped faces, its figures as paths. */
export function sheetPdf(sheet: Sheet, options: PrintOptions = {}): Promise<Buffer> {
  const writer = new SheetWriter(sheet, options);
  writer.title(sheet.title);
  for (const block of sheet.blocks) writer.block(block);
  writer.foot(sheet.foot);
  return writer.done();
}
