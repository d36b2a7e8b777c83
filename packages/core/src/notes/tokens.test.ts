import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describeDose } from '../sequence/dose.js';
import { editText } from './edit-text.js';
import { tokensOf } from './tokens.js';

const spans = (text: string) => tokensOf(text).spans.map(({ from, to, as }) => [as, text.slice(from, to)]);

test.each([
  ['- Tree R/L, 5 breaths // hips level', [['bullet', '- '], ['side', 'R/L'], ['dose', '5 breaths'], ['comment', '// hips level']]],
  ['2x5br boat', [['dose', '2x5br']]],
  ['[ ] plank 1m', [['bullet', '[ ] '], ['dose', '1m']]],
])('%s', (text, parts) => {
  const got = spans(text);
  for (const part of parts) expect(got).toContainEqual(part);
}); // prettier-ignore

test.each([
  ['5 br', { breaths: 5 }],
  ['2x5br', { rounds: 2, breaths: 5 }],
  ['1m', { minutes: 1 }],
  ["4'", { minutes: 4 }],
  ['30″', { seconds: 30 }],
  ['6 repetitions', { repetitions: 6 }],
  ['3x10', { rounds: 3, repetitions: 10 }],
  ['half a minute', { minutes: 0.5 }],
  ['twice', { repetitions: 2 }],
])('dose: bridge %s', (text, dose) => expect(tokensOf(`bridge ${text}`).dose).toEqual(dose));

test.each(['pigeon 3min/side', 'gate 4br/side', 'pigeon 2 min a side', 'clam 12 per side'])('both sides: %s', (text) =>
  expect(tokensOf(text).side).toBe('both'),
);

test.each([
  ['low lunge rt', 'right'],
  ['low lunge, lt', 'left'],
  ['tree bilateral', 'both'],
  ['tree, 2 sides', 'both'],
  ['tree (both)', 'both'],
  ['tree and swap', 'both'],
  ['tree L first', 'both'],
  ['rt knee across. lt knee across', 'both'],
  ['R ankle over L knee', 'right'],
])('a side as it is written: %s', (text, side) => expect(tokensOf(text).side).toBe(side));

test('where in the class a line stands is no part of its name', () => {
  expect(tokensOf('- closing: om x3').rest.trim()).toBe('om');
  expect(tokensOf('rest: 2 min').rest).toMatch(/rest/);
});

test.each([
  'Triangle – skip if dizzy',
  'Triangle, not if giddy 2x',
  'Triangle (leave out with a cold)',
  'Triangle; omit when pregnant',
  'Triangle - avoid for 6 weeks after surgery',
])('for whom a posture is not is a remark beside its name: %s', (text) => {
  const { rest, dose, note } = tokensOf(text);
  expect({ name: rest.trim(), dose, note }).toEqual({ name: 'Triangle', dose: {}, note: null });
});

test.each(['Skip triangle if dizzy', 'No triangle for Bero', 'Knees wide, not for long', 'triangle, no block'])(
  'what names nothing before it is no such remark: %s',
  (text) => expect(tokensOf(text).rest).toContain(text.split(/, /)[0]),
);

test.each(['4-7-8 breath', 'warrior 2', '90/90', 'surya namaskar 12 step', 'legs up at 90', 'all 4s'])(
  'a number that counts nothing is no dose: %s',
  (text) => expect(tokensOf(text).dose).toEqual({}),
);

test('what is left has the places of the text', () => {
  const text = '3) Cobra, 3x (slowly)';
  const { rest } = tokensOf(text);
  expect(rest).toHaveLength(text.length);
  expect(rest.slice(text.indexOf('Cobra'), text.indexOf('Cobra') + 5)).toBe('Cobra');
  expect(rest).not.toMatch(/3/);
});

describe('reading an edited line gives the edited step', () => {
  interface Sheet {
    readonly text: string;
    readonly lines: readonly { readonly line: number; readonly kind: string; readonly dose?: unknown }[];
  }
  const { sheets } = JSON.parse(readFileSync(join(__dirname, 'labelled-notes.fixture.json'), 'utf8')) as { sheets: readonly Sheet[] };
  const dosed = sheets.flatMap(({ text, lines }) =>
    lines.filter(({ kind, dose }) => kind === 'step' && dose !== undefined).map(({ line }) => text.split('\n')[line - 1]!.trimEnd()),
  );

  test.each([
    ['7 breaths', { breaths: 7 }],
    ['11x', { repetitions: 11 }],
    ['45 s', { seconds: 45 }],
    ['9 min', { minutes: 9 }],
  ])('every dose of the labelled notes made %s', (dose, expected) => {
    expect(dosed.length).toBeGreaterThan(300);
    const lost = dosed.filter((line) => {
      const edited = tokensOf(editText(line, { do: 'dose', line: 1, dose }));
      return JSON.stringify(edited.dose) !== JSON.stringify(expected) || edited.side !== tokensOf(line).side;
    });
    expect(lost).toEqual([]);
  });

  test('a side made both keeps the dose', () => {
    const read = dosed.filter((line) => Object.keys(tokensOf(line).dose).length > 0);
    const lost = read.filter((line) => {
      const edited = tokensOf(editText(line, { do: 'both-sides', line: 1 }));
      return edited.side !== 'both' || JSON.stringify(edited.dose) !== JSON.stringify(tokensOf(line).dose);
    });
    expect(lost).toEqual([]);
  });
});

test.each([
  ['bird dog 5 ea, 5 sec', { repetitions: 5, seconds: 5 }],
  ['locust 3, hold 5 sec', { repetitions: 3, seconds: 5 }],
  ['bridge, 8 (2 sets)', { repetitions: 8, rounds: 2 }],
  ['heel raises 10-12 x 2', { repetitions: 11, rounds: 2 }],
  ['dead bug 8 e/side', { repetitions: 8 }],
  ['tree, hold for a count of 10', { seconds: 10 }],
  ['flamingo, count to 10', { seconds: 10 }],
  ['legs up the wall 5-10', { repetitions: 7.5 }],
  ['cat cow [8]', { repetitions: 8 }],
  ['shrugs - six', { repetitions: 6 }],
  ['supine figure four', {}],
  ['heel slides 6/6, exhale', { repetitions: 6 }],
  ['Warrior 2 - 5 breaths', { breaths: 5 }],
  ['W2 – 30 sec', { seconds: 30 }],
  ['Vira 2 x 8 each', { repetitions: 8 }],
  ['Vira 2 - 8-10x', { repetitions: 9 }],
  ['Warrior 1-3, 5 br', { breaths: 5 }],
  ['bridge x5 breaths', { breaths: 5 }],
  ['plank 0:30', { seconds: 30 }],
  ['plank :45', { seconds: 45 }],
  ['bridge half min', { minutes: 0.5 }],
  ['clams 10/side', { repetitions: 10 }],
  ['bridge 10 w/ 3 s hold', { repetitions: 10, seconds: 3 }],
  ['corpse 10 / read the poem', { repetitions: 10 }],
  ['mula bandha, 10 contractions', { repetitions: 10 }],
  ['humming 7 with hands over the ears', { repetitions: 7 }],
  ['Kids 5-7', {}],
  ['warrior 3, hold 5 br', { breaths: 5 }],
  ['in for a count of 4, hold for a count of 4', {}],
])('two counts in one line, and what counts without a unit: %s', (text, dose) => {
  expect(tokensOf(text).dose).toEqual(dose);
  for (const wanted of [{ breaths: 7 }, { seconds: 45 }])
    expect(tokensOf(editText(text, { do: 'dose', line: 1, dose: describeDose(wanted) })).dose).toEqual(wanted);
});

test.each([
  ['Salabhasana 3', { repetitions: 3 }],
  ['Cobra 2', { repetitions: 2 }],
  ['Warrior 3', {}],
  ['Marichyasana 3', {}],
  ['Flow 2', {}],
  ['Week 3', {}],
])('a small number at the end counts, unless it tells which: %s', (text, dose) => expect(tokensOf(text).dose).toEqual(dose));

test('the third time is no three rounds', () => {
  expect(tokensOf('bow x2, 3rd time longer').dose).toEqual({ repetitions: 2 });
  expect(tokensOf('bow 3 rds').dose).toEqual({ rounds: 3 });
});
