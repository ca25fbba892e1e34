import type { Command } from './command';
import { keptHere } from './useKeptHere';

const kept = (part: Partial<Command> = {}): Command => ({
  ...{ id: 'c', by: 'ilta', at: '', route: 'putVan', params: {}, body: {}, things: [], changes: [], refused: null, stalled: null },
  ...part,
});

test.each<[string, readonly Command[], string]>([
  ['nothing', [], 'stored'],
  ['one’s own, not tried yet', [kept()], 'sending'],
  ['one’s own, nobody answered', [kept({ stalled: { message: null } })], 'here'],
  ['one’s own, refused', [kept(), kept({ refused: { message: 'no', field: null } })], 'refused'],
  ['another’s: never on its way', [kept({ by: 'oskar' })], 'here'],
  ['another’s that was refused waits for the other', [kept({ by: 'oskar', refused: { message: 'no', field: null } })], 'here'],
])('%s', (_what, commands, status) => {
  expect(keptHere(commands, 'ilta')).toEqual({ count: commands.length, status });
});
