/** Keys by where they work. */
export const KEYS: readonly { readonly where: string; readonly keys: readonly (readonly [keys: string, does: string])[] }[] = [
  {
    where: 'Everywhere',
    keys: [
      ['Ctrl K', 'find any person, sequence, asana, condition, screen'],
      ['?', 'these keys'],
      ['Escape', 'close what is open'],
    ],
  },
  {
    where: 'On a score',
    keys: [
      ['Arrows', 'from step to step, from person to person'],
      ['Enter', 'open a step'],
      ['Tab', 'from an open step to its panel'],
      ['Alt ← →', 'take a step of the sequence earlier or later'],
      ['Ctrl Z, Ctrl Shift Z', 'undo, redo'],
    ],
  },
  {
    where: 'In your notes',
    keys: [
      ['1 to 5', 'choose what an unsure line means'],
      ['0', 'look it up'],
      ['N', 'it is a note'],
    ],
  },
  {
    where: 'While teaching',
    keys: [
      ['Space', 'start, pause'],
      ['← →, a page-turner pedal', 'from the beginning of the step, then the one before; the next'],
      ['O', 'another way for someone'],
      ['N on a name', 'a note on them'],
      ['Escape', 'stop'],
    ],
  },
];
