import 'reflect-metadata';
import { readLogFile, logFile } from '@lotus-steady/core/formats';
import { foundLogs, loggedOf } from './LogFiles.js';

const part = { present: true, before: { pain: 4 }, after: { pain: 2 }, felt: 'better', note: '', marks: [], decided: ['x'] } as const;
const log = {
  key: '1.2,3.2026-11-25', title: 'Backs', day: '2026-11-25', startedAt: null, endedAt: null, note: '', incident: '', version: 3,
  people: [{ ...part, personId: 2 }, { ...part, personId: 3 }],
} as const; // prettier-ignore
const names = new Map([[2, 'Hanno Vey'], [3, 'Ansa Kettil']]); // prettier-ignore

test('a log goes into a file by name, and comes back to the people of these names', () => {
  const { found, problems } = readLogFile(JSON.stringify(logFile([loggedOf(log, (id) => names.get(id)!)])), '2026-12-31');
  expect(problems).toEqual([]);
  const elsewhere = [{ id: 12, name: 'ANSA  Kettil' }, { id: 11, name: 'Hanno Vey' }]; // prettier-ignore
  expect(foundLogs(found, elsewhere, [])).toMatchObject([
    { key: 'file.11,12.2026-11-25', people: [{ personId: 11, at: 0 }, { personId: 12, at: 1 }], unknown: [], isHere: false }, // prettier-ignore
  ]);
  expect(JSON.stringify(found)).not.toContain('decided');
});

test('whose name nobody has, or two have, is left out; a class comes once', () => {
  const logged = loggedOf(log, (id) => names.get(id)!);
  const twins = [{ id: 1, name: 'Hanno Vey' }, { id: 2, name: 'Hanno Vey' }, { id: 3, name: 'Ansa Kettil' }]; // prettier-ignore
  const [first, again] = foundLogs([logged, logged], twins, []);
  expect(first).toMatchObject({ unknown: ['Hanno Vey'], key: 'file.3.2026-11-25', isHere: false });
  expect(again!.isHere).toBe(true);
  expect(foundLogs([logged], twins, ['file.3.2026-11-25'])[0]!.isHere).toBe(true);
});
