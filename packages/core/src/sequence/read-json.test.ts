import { library } from '../asanas/all.js';
import { readSequenceJson } from './read-json.js';

const read = (raw: unknown) => readSequenceJson(library, raw);

test('steps are taken with what is usual where nothing is said', () => {
  const { sequence, problems } = read({
    title: 'Slow',
    minutes: 20,
    steps: [{ asana: 'vrksasana' }, { asana: 'balasana', note: 'quiet' }],
  });
  expect(problems).toEqual([]);
  expect(sequence).toMatchObject({
    title: 'Slow',
    minutes: 20,
    steps: [
      { line: 1, asana: 'vrksasana', variation: null, side: 'both', dose: library.get('vrksasana').dose, note: null },
      { line: 2, asana: 'balasana', side: 'none', note: 'quiet' },
    ],
  });
});

test('what a step says of itself is kept', () => {
  const step = {
    asana: 'vrksasana',
    variation: 'hand-on-wall-or-chair',
    side: 'left',
    dose: { seconds: 20, rounds: 2 },
    section: 'Standing',
  };
  expect(read({ steps: [step] }).sequence!.steps[0]).toMatchObject(step);
});

test.each<[string, unknown, string, RegExp]>([
  ['no object', 7, 'steps', /expected an object with a list/],
  ['no list', { steps: 'tree' }, 'steps', /expected an object with a list/],
  ['an empty list', { steps: [] }, 'steps', /is empty/],
  ['a step that is none', { steps: ['tree'] }, 'steps[0]', /with "asana"/],
  ['an asana that there is not', { steps: [{ asana: 'flying-carpet' }] }, 'steps[0].asana', /no asana "flying-carpet"/],
  ['a salutation, which is many', { steps: [{ asana: 'surya-namaskara-classic' }] }, 'steps[0].asana', /can be a step/],
  ['a variation of another', { steps: [{ asana: 'vrksasana', variation: 'half-pretzel' }] }, 'steps[0].variation', /it has plain/],
  ['a side that is none', { steps: [{ asana: 'vrksasana', side: 'top' }] }, 'steps[0].side', /expected none, left, right, both/],
  ['a dose in words', { steps: [{ asana: 'vrksasana', dose: 'long' }] }, 'steps[0].dose', /such as \{"breaths": 5\}/],
  ['a dose of another kind', { steps: [{ asana: 'vrksasana', dose: { litres: 2 } }] }, 'steps[0].dose', /litres is 2/],
  ['less than nothing', { steps: [{ asana: 'vrksasana', dose: { breaths: -1 } }] }, 'steps[0].dose', /needs more than that/],
  ['two hours', { steps: [{ asana: 'vrksasana', dose: { minutes: 120 } }] }, 'steps[0].dose', /at most 60/],
  ['a whole day', { minutes: 1440, steps: [{ asana: 'vrksasana' }] }, 'minutes', /expected 1 to 240/],
])('%s is told where it is, and nothing is taken', (_name, raw, field, told) => {
  const { sequence, problems } = read(raw);
  expect(sequence).toBeNull();
  expect(problems).toContainEqual({ field, message: expect.stringMatching(told) as string });
});

test('every mistake is told, not the first alone', () => {
  const { problems } = read({ steps: [{ asana: 'x' }, { asana: 'vrksasana', side: 'top', dose: 'long' }, 3] });
  expect(problems.map(({ field }) => field)).toEqual(['steps[0].asana', 'steps[1].side', 'steps[1].dose', 'steps[2]']);
});
