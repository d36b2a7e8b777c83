import { notePdf } from './note-pdf.js';
import { faceRuns, FACES } from './pdf-faces.js';

/** Invented names in the scripts that people sign with. */
const NAMES = [
  ['Zoë Świątek', ['text', 'text-ext']],
  ['Nguyễn Thị Ánh', ['vietnamese']],
  ['Анна Петрова', ['cyrillic']],
  ['Ελένη Παππά', ['greek']],
  ['मीरा जोशी', ['devanagari']],
  ['נועה לוי', ['hebrew']],
  ['سارة خليل', ['arabic']],
  ['王小明', ['han']],
] as const;

test.each(NAMES)('%s is written in faces that hold all of it', (name, faces) => {
  const runs = faceRuns(name);
  expect(runs.map(({ text }) => text).join('')).not.toContain('·');
  expect(runs.map(({ face }) => face)).toEqual(expect.arrayContaining([...faces.slice(0, 1)]));
  for (const { face } of runs) expect(FACES.some((one) => one.name === face)).toBe(true);
});

test('words that run from right to left keep their order, whatever stands beside them', () => {
  const runs = faceRuns('About סארה לוי: a question');
  expect(runs.map(({ text }) => text)).toEqual(['About ', 'לוי סארה', ': a question']);
});

test('what no face holds is a dot, not a box', () => {
  expect(
    faceRuns('calm 🧘')
      .map(({ text }) => text)
      .join(''),
  ).toBe('calm ·');
});

test('a note in all of them is one PDF that embeds them', async () => {
  const pdf = await notePdf({ title: 'About everybody', day: '1 March 2026', foot: 'No diagnosis.' }, [
    { heading: 'Names', lines: NAMES.map(([name]) => name) },
  ]);
  const text = pdf.toString('latin1');
  expect(text.startsWith('%PDF-')).toBe(true);
  for (const face of ['Arabic', 'Hebrew', 'Devanagari', 'SC']) expect(text).toMatch(new RegExp(`/BaseFont /[A-Z]{6}\\+NotoSans${face}`));
});
