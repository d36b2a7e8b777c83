import PDFDocument from 'pdfkit';
import { FACES, faceRuns } from './pdf-faces.js';

type Options = PDFKit.Mixins.TextOptions;

/** A page that is written on in the shipped faces. */
export class Writer {
  readonly page: PDFKit.PDFDocument;
  private readonly parts: Buffer[] = [];

  constructor(title: string, size: string, margin: number) {
    this.page = new PDFDocument({ size, margin, info: { Title: title } });
    this.page.on('data', (part: Buffer) => this.parts.push(part));
    for (const { name, file } of FACES) this.page.registerFont(name, file);
    this.page.font('text');
  }

  /** Writes a line where the last one ended, or at `x` and `y` (points from the top left). */
  write(line: string, options: Options = {}, at: { readonly x: number; readonly y: number } | null = null): void {
    const runs = faceRuns(line === '' ? ' ' : line);
    runs.forEach(({ face, text }, k) => {
      const own = { ...options, continued: k < runs.length - 1 };
      this.page.font(face);
      if (at && k === 0) this.page.text(text, at.x, at.y, own);
      else this.page.text(text, own);
    });
    this.page.font('text');
  }

  /** The whole, once all is written. */
  done(): Promise<Buffer> {
    return new Promise((resolve, reject) => {
      this.page.on('end', () => resolve(Buffer.concat(this.parts)));
      this.page.on('error', reject);
      this.page.end();
    });
  }
}
