/** @jest-environment jsdom */
import { library, notesReader } from '@lotus-steady/core';
import { render, screen, waitFor } from '@testing-library/react';
import { Matches } from './Matches.js';

// Its lines without figures: steps are told by the worker, which draws them.
const takenFor = async (text: string) => {
  const { sequence, lines } = notesReader(library)(text);
  const notes = lines.map((line) => ({ ...line, candidates: [] }));
  const read = { sequence: { ...sequence!, steps: [] }, lines: [], notes, figures: {}, problems: [] as const };
  const nothing = () => undefined;
  render(<Matches read={read} failure={null} onGoTo={nothing} onSettle={nothing} onEdit={nothing} />);
  const rows = () => screen.getAllByRole('listitem').map(({ textContent }) => textContent);
  await waitFor(() => expect(rows()).toHaveLength(notes.filter(({ text: own }) => own !== '').length));
  return rows();
};

test.each(['Thursday evening, backs', '# Thursday evening, backs', 'title: Thursday evening, backs'])(
  'the line that the sequence is called after says so: %s',
  async (first) => {
    const rows = await takenFor(`${first}\nplace: hall\n## Standing\nremember the spare belts`);
    expect(rows[0]).toContain('The title');
    expect(rows[1]).toContain('Holds for the whole class');
    expect(rows[2]).toContain('A section');
    expect(rows[3]).toContain('A note');
  },
);
