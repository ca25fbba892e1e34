import { nameOfKey } from './keyBindings';

const pressed = (key: string, held: { ctrlKey?: boolean; metaKey?: boolean } = {}) =>
  nameOfKey({ key, ctrlKey: held.ctrlKey ?? false, metaKey: held.metaKey ?? false });

test.each([
  ['a letter', pressed('b'), 'b'],
  ['the same letter with capitals on', pressed('B'), 'b'],
  ['a bracket', pressed('['), '['],
  ['undo on one keyboard', pressed('z', { ctrlKey: true }), 'ctrl+z'],
  ['undo on the other', pressed('z', { metaKey: true }), 'ctrl+z'],
  ['enter keeps its name', pressed('Enter'), 'Enter'],
])('%s', (_what, name, expected) => expect(name).toBe(expected));
