import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { library } from '../asanas/all.js';
import type { ReadLine } from './read-line.js';
import { notesReader } from './read-notes.js';

// Sheets of class notes labelled by experts (common practice, no source): for each line all that they accept.
// A fifth of the sheets, `held`, is never fitted to.
interface Label {
  readonly line: number;
  readonly kind: 'step' | 'many' | 'absent' | 'way' | 'repeat' | 'note' | 'heading';
  readonly ids?: readonly string[];
  /** Of what the library lacked then: what it is called now; where nobody has said, anything new. */
  readonly now?: readonly string[];
  readonly parts?: readonly { readonly ids?: readonly string[] }[];
}
interface Labelled {
  readonly held: readonly string[];
  /** The asanas that the library held when the sheets were labelled. */
  readonly then: readonly string[];
  readonly sheets: readonly { readonly name: string; readonly text: string; readonly lines: readonly Label[] }[];
}
const { held, then, sheets } = JSON.parse(readFileSync(join(__dirname, 'labelled-notes.fixture.json'), 'utf8')) as Labelled;
const read = notesReader(library);

type Outcome = 'right' | 'asked' | 'wrong' | 'otherwise';

/** Whether a line was taken as an expert reads it, asked about, or silently taken as another posture. */
function outcome(label: Label, { kind, steps }: ReadLine): Outcome {
  const named = [...new Set(steps.map(({ asana, of }) => of ?? asana))];
  switch (label.kind) {
    case 'step':
      if (kind === 'ask') return 'asked';
      if (steps.length === 0) return 'otherwise';
      return named.length === 1 && label.ids!.includes(named[0]!) ? 'right' : 'wrong';
    case 'many': {
      if (kind === 'ask') return 'asked';
      const heads = steps.filter((step, i) => step.of === null || step.of !== steps[i - 1]?.of).map(({ asana, of }) => of ?? asana);
      const parts = label.parts!.filter(({ ids }) => ids);
      if (heads.length !== parts.length) return heads.every((id) => parts.some(({ ids }) => ids!.includes(id))) ? 'otherwise' : 'wrong';
      return heads.every((id, i) => parts[i]!.ids!.includes(id)) ? 'right' : 'wrong';
    }
    case 'absent':
      if (kind === 'ask') return 'right';
      if (steps.length === 0) return 'otherwise';
      // What the library has learned since the sheets were labelled.
      return named.every((id) => (label.now ? label.now.includes(id) : !then.includes(id))) ? 'right' : 'wrong';
    case 'repeat':
      return kind === 'repeat' ? 'right' : kind === 'ask' ? 'asked' : steps.length > 0 ? 'wrong' : 'otherwise';
    case 'way':
    case 'note':
    case 'heading':
      return steps.length > 0 ? 'wrong' : kind === 'ask' ? 'asked' : 'right';
  }
}

function resultsOf(of: Labelled['sheets']) {
  return of.flatMap(({ name, text, lines }) => {
    const answers = new Map(read(text).lines.map((line) => [line.line, line]));
    return lines.map((label) => {
      const line = answers.get(label.line)!;
      return { name, line, outcome: outcome(label, line) };
    });
  });
}
const results = resultsOf(sheets);
const share = (of: typeof results, wanted: Outcome) => of.filter((one) => one.outcome === wanted).length / of.length;
const unseen = results.filter(({ name }) => held.includes(name));

test('labelled notes: most lines are understood, hardly any is silently taken as something else', () => {
  expect(share(results, 'right')).toBeGreaterThan(0.86);
  expect(share(results, 'wrong')).toBeLessThan(0.01);
});

test('sheets that were never fitted to', () => {
  expect(share(unseen, 'right')).toBeGreaterThan(0.8);
  // Of 267 lines one is 0.4 %.
  expect(share(unseen, 'wrong')).toBeLessThan(0.015);
});

// Further sheets, in as many voices, of which the fit has learnt the words and nothing else.
test('sheets of which only the words were learnt', () => {
  const { sheets: more } = JSON.parse(readFileSync(join(__dirname, 'more-notes.fixture.json'), 'utf8')) as Pick<Labelled, 'sheets'>;
  const found = resultsOf(more);
  expect(found.length).toBeGreaterThan(500);
  expect(share(found, 'right')).toBeGreaterThan(0.78);
  expect(share(found, 'wrong')).toBeLessThan(0.01);
});

// The curve of certainty: of the postures that the reader is so sure of, so many are right. Between the
// steps it rises; a tolerance of three in a hundred is what some thirty lines a step can tell.
test.each([
  [0.8, 0.93, 0.87],
  [0.93, 0.97, 0.9],
  [0.97, 1.01, 0.96],
])('postures sure from %f to %f are right at least %f', (from, to, least) => {
  const taken = results.filter(({ line }) => (line.kind === 'step' || line.kind === 'many') && line.sure >= from && line.sure < to);
  expect(taken.length).toBeGreaterThan(20);
  expect(share(taken, 'right')).toBeGreaterThan(least);
});
