import { library } from '../asanas/all.js';
import { notesReader, understood } from '../notes/read-notes.js';
import { anybody } from '../participants/participant.js';
import { BodySolver } from '../solving/body-solver.js';
import { adapt } from './adapt.js';

const solver = new BodySolver(library);
const sequence = understood(notesReader(library)('Mountain 5 breaths\nTree, each side, 5 breaths\nSavasana 5 min'));
const tree = { asana: 'vrksasana', on: '2026-11-01', until: '2026-11-30', reason: 'It hurt on 2026-11-01.' };
const stepOn = (today: string) => adapt(solver, sequence, { ...anybody('a'), leftOut: [tree] }, { today }).steps[1]!;

test('what is left out is replaced while it holds, with its reason, and kept afterwards', () => {
  const { verdict, chosen, reasons } = stepOn('2026-11-30');
  expect(verdict).toBe('substitute');
  expect(chosen!.asana.id).not.toBe('vrksasana');
  expect(reasons).toMatchObject([
    { limit: 'own/left-out', text: 'Left out since 1 November 2026, until 30 November 2026: It hurt on 2026-11-01.' },
  ]);
  expect(stepOn('2026-12-01').verdict).toBe('keep');
});

test('it is never the substitute of another step', () => {
  const all = { ...anybody('a'), leftOut: [tree] };
  const other = understood(notesReader(library)('Warrior III, each side, 5 breaths'));
  const { chosen } = adapt(solver, other, { ...all, leftOut: [{ ...tree, asana: 'virabhadrasana-3' }, tree] }, { today: '2026-11-05' })
    .steps[0]!;
  expect(chosen && chosen.asana.id).not.toBe('vrksasana');
});
