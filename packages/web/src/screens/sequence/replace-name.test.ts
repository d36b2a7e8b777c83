import { replaceName } from './replace-name.js';

test.each([
  ['Reclyning hand, each side, 5 breaths', 'Tree, each side, 5 breaths'],
  ['- flying carpet 3x', '- Tree 3x'],
  ['3) flying carpet - 30 s', '3) Tree - 30 s'],
  ['flying carpet (left)', 'Tree (left)'],
  ['flying carpet', 'Tree'],
  ['flying carpet x6', 'Tree x6'],
])('%s', (line, wanted) => expect(replaceName(`# T\n${line}\nCobra`, 2, 'Tree')).toBe(`# T\n${wanted}\nCobra`));

test('other lines stay as they are', () => expect(replaceName('a\nb\nc', 2, 'Tree')).toBe('a\nTree\nc'));
