import { LIBRARY_VERSION } from '@lotus-steady/core';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { run, runToEnd } from './run.js';

const folder = mkdtempSync(join(tmpdir(), 'lotus-cli-'));
afterAll(() => rmSync(folder, { recursive: true }));
function file(name: string, text: string): string {
  const path = join(folder, name);
  writeFileSync(path, text);
  return path;
}
const morning = file('morning.md', '# Morning\nMountain, 5 breaths\nFlying carpet\nForward fold 5 breaths\nSavasana 10 min\n');

test('adapt --json prints the objects that programs rely on', () => {
  const { code, out, err } = run([
    'adapt',
    morning,
    '--for',
    'pregnancy week=32 fetuses=1 complications=none experience=experienced',
    '--json',
  ]);
  expect([code, err]).toEqual([0, '']);
  const answer = JSON.parse(out);
  expect(answer).toMatchObject({ contract: 1, title: 'Morning', unknown: [{ line: 3, text: 'Flying carpet' }] });
  expect(answer.participants[0]).toMatchObject({ id: 'p1', screening: { decision: 'practise', reasons: [] } });
  const [mountain, fold] = answer.participants[0].steps;
  expect(mountain).toMatchObject({
    line: 2,
    given: 'tadasana',
    givenVariation: null,
    side: 'none',
    verdict: 'keep',
    seconds: 28,
    dose: '5 breaths',
    reasons: [],
  });
  expect(fold.verdict).toBe('modify');
  for (const key of ['condition', 'limit', 'measure', 'value', 'unit', 'bound', 'grade', 'where', 'text', 'source'])
    expect(fold.reasons[0]).toHaveProperty(key);
  expect(fold.setup[0]).toMatchObject({ prop: 'chair', unit: 'cm' });
  expect(answer.columns).toMatchObject([{ line: 2, distinct: 1 }, { line: 4, distinct: 1 }, { line: 5, distinct: 1 }]); // prettier-ignore
});

test('--for twice is one participant with two conditions', () => {
  const { out } = run(['adapt', morning, '--for', 'menstruation flow=light', '--for', 'glaucoma severity=early', '--json']);
  expect(JSON.parse(out).participants).toHaveLength(1);
});

test('--class takes many; a column with different figures counts them', () => {
  const people = file(
    'class.json',
    JSON.stringify({
      participants: [{ id: 'a', conditions: [{ id: 'pregnancy', week: 32, fetuses: 1, complications: ['none'] }] }, { id: 'b' }],
    }),
  );
  const answer = JSON.parse(run(['adapt', morning, '--class', people, '--json']).out);
  expect(answer.participants.map(({ id }: { id: string }) => id)).toEqual(['a', 'b']);
  expect(answer.columns[1]).toMatchObject({ line: 4, distinct: 2 });
  expect(answer.choice).toMatchObject({ within: 0, bestInEachStep: true });

  const alike = JSON.parse(run(['adapt', morning, '--class', people, '--figures', '1', '--json']).out);
  expect(alike.columns.every(({ distinct }: { distinct: number }) => distinct === 1)).toBe(true);
  // Whoever could have kept the step is told why it changes.
  expect(alike.participants[1].steps[1]).toMatchObject({ reasons: [], together: expect.stringMatching(/at most 1 different figures/) });
});

test('--school, --with, --body and --minutes are heard', () => {
  const strict = JSON.parse(
    run([
      'adapt',
      morning,
      '--for',
      'menstruation flow=light',
      '--school',
      'menstruation-inversions=none',
      '--with',
      'block:2',
      '--body',
      'stature=150 sex=f',
      '--minutes',
      '9',
      '--json',
    ]).out,
  );
  expect(strict.minutes.given).toBe(9);
  expect(strict.minutes.after).toBeLessThanOrEqual(9);
});

test('a step that is changed for what stands beside it says so', () => {
  const lying = file('lying.md', '# Lying\nPlank, 30 s\nPelvic tilt, 8x\nCobra, 5 breaths\n');
  const young = 'postpartum weeks=5 birth=caesarean gapFingers=2 checkDone=no pelvicFloor=leak lochia=light breastfeeding=yes';
  expect(run(['adapt', lying, '--for', young]).out).toMatch(
    /pelvic-tilt: modify.*\n +Taken with what follows in mind: closer here would be/,
  );
});

test('measure, by id or by any name', () => {
  const byId = JSON.parse(run(['measure', 'phalakasana', '--json']).out);
  expect(byId).toMatchObject({ contract: 1, asana: 'phalakasana', variation: 'plain', reached: true, warnings: [] });
  expect(byId.measures.handLoad).toEqual({ value: expect.any(Number), unit: 'body weight' });
  expect(byId.contacts[0]).toEqual({ part: 'leftPalm', on: 'floor', share: expect.any(Number) });
  expect(JSON.parse(run(['measure', 'plank', '--json']).out).asana).toBe('phalakasana');
});

test('asanas, conditions and limits', () => {
  expect(JSON.parse(run(['asanas', '--json']).out).asanas).toHaveLength(395);
  const { conditions } = JSON.parse(run(['conditions', '--json']).out);
  expect(conditions.map(({ id }: { id: string }) => id)).toEqual(
    expect.arrayContaining(['pregnancy', 'hypertension', 'glaucoma', 'lumbar-disc', 'seniors', 'chair-ambulatory', 'menstruation']),
  );
  expect(conditions[0].parameters.week).toMatchObject({ kind: 'number', unit: 'week', from: 0 });
  const { limits, knowledge } = JSON.parse(run(['limits', 'pregnancy', 'week=10', '--json']).out);
  expect(knowledge).toBe(LIBRARY_VERSION);
  expect(limits.map(({ limit }: { limit: string }) => limit)).toContain('pregnancy/prg-01');
  expect(limits.map(({ limit }: { limit: string }) => limit)).not.toContain('pregnancy/prg-02');
  expect(JSON.parse(run(['limits', '--all', '--json']).out).limits.length).toBeGreaterThan(150);
});

test('setup: the shoulder stand’s blankets, and any asana’s props for this body', () => {
  const stand = JSON.parse(run(['setup', 'shoulder-stand', '--body', 'neck-flexion=55 stature=170', '--json']).out);
  expect(stand).toMatchObject({ contract: 1, shoulderHeight: { value: 10.9, unit: 'cm' }, blankets: { count: 4, each: 2.5, unit: 'cm' }, edge: { from: 3.5, to: 5.5, unit: 'cm' } }); // prettier-ignore
  expect(stand.tests.length).toBeGreaterThan(0);
  const heights = [150, 190].map(
    (stature) =>
      JSON.parse(run(['setup', 'uttanasana', '--variation', 'hands-on-blocks', '--body', `stature=${stature}`, '--json']).out).setup[0]
        .height,
  );
  expect(heights[1]).toBeGreaterThan(heights[0]);
});

describe('bad input: exit 2, one line on standard error, nothing on standard output', () => {
  test.each([
    [['adapt'], /name one sequence file/],
    [['adapt', join(folder, 'none.md')], /none\.md: can't be read \(ENOENT\)/],
    [['adapt', file('empty.md', '')], /empty\.md: the text is empty/],
    [['adapt', file('zero.md', 'tree 0 breaths')], /zero\.md: line 1: 0 breaths/],
    [['adapt', file('bad.json', '{')], /bad\.json: no valid JSON/],
    [['adapt', morning, '--for', 'pregnancy week=55'], /week is 55; expected a number from 0 to 42.8/],
    [['adapt', morning, '--for', 'hypertension systolic=80 diastolic=90'], /systolic 80 must be at least 15 mmHg above diastolic 90/],
    [['adapt', morning, '--for', 'seniors', '--for', 'seniors'], /seniors is given twice/],
    [['adapt', morning, '--for', 'gout'], /no condition "gout"/],
    [['adapt', morning, '--body', 'stature=17'], /stature is 17; expected 80 to 230 cm/],
    [['adapt', morning, '--body', 'wings=2'], /no measurement "wings"/],
    [['adapt', morning, '--with', 'boat'], /no prop "boat"/],
    [['adapt', morning, '--school', 'x=y'], /no school "x"/],
    [['adapt', morning, '--minutes', '0'], /--minutes is "0"/],
    [['adapt', morning, '--figures', '0'], /--figures is "0"; expected a whole number from 1 to 24/],
    [['adapt', morning, '--figures', 'few'], /--figures is "few"/],
    [
      ['adapt', morning, '--class', file('c.json', '{"participants":[{"id":"a","conditions":[{"id":"pregnancy","week":55}]}]}')],
      /participants\[0\]\.pregnancy\.week: week is 55/,
    ],
    [['measure', 'flying carpet'], /no asana "flying carpet"; near: /],
    [['measure', 'tadasana', '--variation', 'upside'], /no variation "upside"; it has plain/],
    [['limits', 'pregnancy', 'week=99'], /week is 99/],
    [['setup', 'shoulder-stand', '--blanket', '0'], /--blanket is "0"/],
    [['dance'], /no command "dance"/],
    [['adapt', morning, '--colour'], /--colour/],
  ])('%j', (args, message) => {
    const { code, out, err } = run(args);
    expect([code, out]).toEqual([2, '']);
    expect(err).toMatch(message);
    expect(err.split('\n')).toHaveLength(1);
  });
});

describe('cues', () => {
  test('as JSON, WebVTT and text say the same lines', () => {
    const { cues, contract, minutes } = JSON.parse(run(['cues', morning, '--as', 'json']).out);
    expect(contract).toBe(1);
    expect(minutes).toBeGreaterThan(9);
    expect(cues[0]).toMatchObject({ line: 2, at: 0, say: 'Mountain.', side: null, for: ['p1'] });
    const vtt = run(['cues', morning, '--as', 'vtt']).out;
    expect(vtt.match(/-->/g)).toHaveLength(cues.length);
    expect(run(['cues', morning]).out).toMatch(/^00:00 {2}Mountain\./);
  });

  test.each([
    [['--length', 'long'], /--length is "long"; expected whole, short, words/],
    [['--as', 'mp3'], /--as is "mp3"; expected text, vtt, json/],
  ])('%j is told', (words, told) => {
    expect(run(['cues', morning, ...words])).toMatchObject({ code: 2, out: '', err: expect.stringMatching(told) as string });
  });
});

describe('home', () => {
  test('prints the object that programs rely on', () => {
    const answer = JSON.parse(run(['home', morning, '--minutes', '10', '--days', '3', '--json']).out);
    expect(answer).toMatchObject({
      contract: 1,
      times: 1,
      days: ['monday', 'wednesday', 'friday'],
      stopSigns: expect.any(Array) as string[],
    });
    expect(answer.minutes).toBeLessThanOrEqual(10);
    for (const key of ['asana', 'variation', 'side', 'dose', 'seconds', 'setup', 'feel', 'stop'])
      expect(answer.steps[0]).toHaveProperty(key);
  });

  test.each([
    [[], /how long/],
    [['--minutes', '90'], /expected 3 to 40/],
    [['--minutes', '10', '--days', '8'], /expected 1 to 7/],
  ])('%j is told', (words, told) =>
    expect(run(['home', morning, ...words])).toMatchObject({ code: 2, out: '', err: expect.stringMatching(told) as string }),
  );
});

describe('export and import', () => {
  test('every format is written to a file, and what was written is read again', () => {
    for (const as of ['json', 'csv', 'ics', 'vtt', 'html', 'svg', 'fhir']) {
      const out = join(folder, `out.${as}`);
      expect(run(['export', morning, '--as', as, '--out', out])).toEqual({ code: 0, out: `${out}: written`, err: '' });
    }
    expect(JSON.parse(run(['import', join(folder, 'out.json'), '--json']).out)).toMatchObject({
      contract: 1,
      kind: 'sequence',
      problems: [],
      duplicates: [],
    });
    expect(JSON.parse(run(['import', join(folder, 'out.fhir'), '--as', 'fhir', '--json']).out)).toMatchObject({
      kind: 'people',
      found: [{ name: 'p1' }],
    });
  });

  test('the same name twice is told, however it is written', () => {
    const people = file('people.csv', 'name\nAnn Bell\nann  béll\n');
    expect(JSON.parse(run(['import', people, '--json']).out)).toMatchObject({ duplicates: ['ann  béll'] });
  });

  test('people without a sequence are a class file, and in no other format', () => {
    const people = file('people-only.json', '{"participants":[{"id":"a","conditions":[]}]}');
    expect(JSON.parse(run(['export', people, '--as', 'json']).out)).toMatchObject({ participants: [{ id: 'a' }] });
    expect(run(['export', people, '--as', 'fhir'])).toMatchObject({ code: 2, out: '', err: expect.stringMatching(/people and no steps/) });
    expect(run(['export', morning, '--class', people, '--as', 'fhir'])).toMatchObject({ code: 0, err: '' });
  });

  test('a format that there is not is told', () => {
    expect(run(['export', morning, '--as', 'mp3']).err).toMatch(/expected json, csv/);
    expect(run(['import', morning, '--as', 'mp3']).err).toMatch(/expected json, csv/);
  });
});

describe('lesson', () => {
  test('prints the object that programs rely on', () => {
    const { contract, parts } = JSON.parse(run(['lesson', '--age', '5', '--minutes', '20', '--json']).out);
    expect(contract).toBe(1);
    for (const part of parts)
      expect(part).toMatchObject({
        kind: expect.any(String) as string,
        say: expect.any(Array) as string[],
        steps: expect.any(Array) as object[],
      });
  });

  test('tells the teacher alone what a child with limits does otherwise', () => {
    const asked = ['lesson', '--age', '8', '--minutes', '30'];
    const child = 'children age=8 hypermobile=no downSyndrome=no growthSpurt=no guardianConsent=yes touchConsent=no';
    const both = [...asked, '--for', child, '--for', 'wrist kind=sprain weeksSince=5 extensionFree=40 painNow=4'];
    expect(run(asked).out).not.toContain('For your eyes');
    expect(run([...asked, '--for', child]).out).toContain('joins in with everything');
    expect(run(both).out).toMatch(/For your eyes\n {2}p1:\n(?: {4}.+: .+\n?)+$/);
    expect(run([...asked, '--for', child.replace('Consent=yes', 'Consent=no')]).out).toMatch(/p1: refer\n {4}No class without/);
    expect(JSON.parse(run([...both, '--json']).out).single[0]).toMatchObject({ id: 'p1', ways: expect.any(Array) as object[] });
    expect(run([...both, '--as', 'pdf', '--out', join(folder, 'x.pdf')]).err).toMatch(/not printed/);
  });

  test.each([
    [['--age', '5'], /how old, and how long/],
    [['--age', '5', '--minutes', '30'], /at most 20/],
    [['--age', '7', '--minutes', '20', '--space', 'moon'], /expected mats, hall, desks/],
  ])('%j is told', (words, told) =>
    expect(run(['lesson', ...words])).toMatchObject({ code: 2, out: '', err: expect.stringMatching(told) as string }),
  );
});

test('a PDF is written into a file, and only into one', async () => {
  const file = join(folder, 'class.pdf');
  const { code, out } = await runToEnd(['export', morning, '--for', 'menstruation flow=light', '--as', 'pdf', '--out', file]);
  expect([code, out]).toEqual([0, `${file}: written`]);
  expect(readFileSync(file).subarray(0, 5).toString()).toBe('%PDF-');
  expect((await runToEnd(['export', morning, '--as', 'pdf'])).err).toMatch(/name its file with --out/);
  expect((await runToEnd(['export', morning, '--as', 'pdf', '--out', join(folder, 'no', 'such.pdf')])).err).toMatch(/can't be written/);
});

test('a practice for home and a lesson are printed too, on the paper that is asked for', async () => {
  const file = join(folder, 'home.pdf');
  const paperOf = () => /\/MediaBox \[0 0 ([\d.]+)/.exec(readFileSync(file).toString('latin1'))?.[1];
  expect((await runToEnd(['home', morning, '--minutes', '10', '--as', 'pdf', '--out', file])).code).toBe(0);
  expect(paperOf()).toBe('595.28');
  expect(
    (await runToEnd(['lesson', '--age', '7', '--minutes', '20', '--as', 'pdf', '--paper', 'letter', '--large', '--out', file])).code,
  ).toBe(0);
  expect(paperOf()).toBe('612');
  expect((await runToEnd(['lesson', '--age', '7', '--minutes', '20', '--as', 'pdf', '--paper', 'a0', '--out', file])).err).toMatch(
    /--paper is "a0"/,
  );
  expect((await runToEnd(['home', morning, '--minutes', '10', '--as', 'html'])).out).toMatch(/^<!doctype html>/);
});
