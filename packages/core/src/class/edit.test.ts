import fc from 'fast-check';
import { library } from '../asanas/all.js';
import type { StepEdit } from '../notes/edit-text.js';
import { notesReader } from '../notes/read-notes.js';
import { editStep } from './edit.js';

const read = notesReader(library);
const TEXT = `# Morning
minutes: 30
## Warm
- Mountain, 5 breaths
- Cat-cow, 6x // slowly
- Downward dog, 5 breaths

## Main
- Sun salutation x2
- Warrior II, each side 5 breaths
- Seated twist, each side
- Savasana 8 min`;
const stepsOf = (text: string) => read(text).sequence!.steps;
const asanas = (text: string) => stepsOf(text).map(({ asana }) => asana);

test('a step keeps its meaning among other neighbours: its name is written out', () => {
  const [mountain, cat] = asanas(TEXT);
  const { text, index } = editStep(library, read, TEXT, [], { do: 'move', index: 1, to: 0 });
  expect(asanas(text).slice(0, 2)).toEqual([cat, mountain]);
  expect(index).toBe(0);
  expect(text).toContain('// slowly');
});

test('a long text is not read once for every step', () => {
  let reads = 0;
  const counted = (text: string) => {
    reads++;
    return read(text);
  };
  const long = `${TEXT}\n${'Tree, each side\nTriangle, each side\n'.repeat(20)}`;
  editStep(library, counted, long, [], { do: 'move', index: 20, to: 22 });
  expect(reads).toBeLessThan(5);
});

test('where the edited step stands afterwards is told; of one that is gone, the next', () => {
  const at = (edit: StepEdit) => editStep(library, read, TEXT, [], edit).index;
  expect(at({ do: 'insert', index: 0, text: 'Tree' })).toBe(1);
  expect(at({ do: 'remove', index: 0 })).toBe(0);
  expect(editStep(library, read, 'Mountain', [], { do: 'remove', index: 0 }).index).toBe(-1);
});

const COUNT = stepsOf(TEXT).length;
const EDIT: fc.Arbitrary<StepEdit> = fc.oneof(
  fc.record({ do: fc.constant('move' as const), index: fc.nat(COUNT - 1), to: fc.nat(COUNT - 1) }),
  fc.record({ do: fc.constant('dose' as const), index: fc.nat(COUNT - 1), by: fc.constantFrom(1 as const, -1 as const) }),
  fc.record({ do: fc.constant('remove' as const), index: fc.nat(COUNT - 1) }),
  fc.record({ do: fc.constant('note' as const), index: fc.nat(COUNT - 1), note: fc.constantFrom('', 'eyes open', '3 blocks, left') }),
);

test('whatever is moved, dosed, noted or taken out, every other step is what it was, and choices go with their steps', () => {
  fc.assert(
    fc.property(fc.array(EDIT, { minLength: 1, maxLength: 4 }), (edits) => {
      let text = TEXT;
      let pins = stepsOf(TEXT).map(({ asana }, index) => ({ person: '1', index, figure: asana }));
      for (const edit of edits) {
        const count = stepsOf(text).length;
        if (count === 0) return;
        const before = asanas(text);
        const { text: after, pins: carried } = editStep(library, read, text, pins, { ...edit, index: edit.index % count });
        if (edit.do === 'move') expect([...asanas(after)].sort()).toEqual([...before].sort());
        else if (edit.do === 'remove') expect(before).toEqual(expect.arrayContaining(asanas(after)));
        else expect(asanas(after)).toEqual(before);
        // Each choice was called after its step's asana.
        for (const { index, figure } of carried) expect(asanas(after)[index]).toBe(figure);
        expect(carried).toHaveLength(stepsOf(after).length);
        text = after;
        pins = [...carried];
      }
    }),
    { numRuns: 60, seed: 5 },
  );
});
