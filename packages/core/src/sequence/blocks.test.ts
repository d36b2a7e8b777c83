import { library } from '../asanas/all.js';
import { blockOf, joinBlock, sectionsOf } from './blocks.js';
import { notesReader } from '../notes/read-notes.js';

const TEXT = `# Evening
minutes: 40

## Warm
Cat-cow, 6x // slowly
Mountain

## Main
Tree, each side

## Rest
Savasana 8 min`;
const read = notesReader(library);
const steps = (text: string) => read(text).sequence!.steps.map(({ asana, section }) => `${section}: ${asana}`);

test('a text falls into its sections, its title left aside', () => {
  expect(sectionsOf(TEXT)).toEqual([
    { name: 'Warm', from: 4, to: 7 },
    { name: 'Main', from: 8, to: 10 },
    { name: 'Rest', from: 11, to: 12 },
  ]);
  expect(sectionsOf('Mountain\nTree')).toEqual([]);
  expect(sectionsOf('## Only\nTree')).toEqual([{ name: 'Only', from: 1, to: 2 }]);
});

test('a section kept as a block is a sequence with the same steps and notes', () => {
  const block = blockOf(TEXT, sectionsOf(TEXT)[0]!);
  expect(block).toBe('# Warm\nCat-cow, 6x // slowly\nMountain');
  expect(read(block).sequence).toMatchObject({ title: 'Warm', unknown: [], steps: [{ note: 'slowly' }, {}] });
});

test('blocks are joined: all steps of both, in order, and the length stays that of the whole', () => {
  const joined = joinBlock(TEXT, '# Backs\nminutes: 10\nplace: mat\nCobra, 3x\n## More\nLocust, 3x', sectionsOf(TEXT)[1]!.to);
  expect(read(joined).sequence).toMatchObject({ title: 'Evening', minutes: 40, unknown: [] });
  expect(steps(joined)).toEqual([...steps(TEXT).slice(0, 3), 'Backs: bhujangasana', 'Backs: salabhasana', ...steps(TEXT).slice(3)]);
});

test('what was kept as a block and joined again is what it was', () => {
  const [warm] = sectionsOf(TEXT);
  const lines = TEXT.split('\n');
  const without = [...lines.slice(0, warm!.from - 1), ...lines.slice(warm!.to)].join('\n');
  expect(steps(joinBlock(without, blockOf(TEXT, warm!), warm!.from - 1))).toEqual(steps(TEXT));
});
