import type { Command } from './command';
import { VAN_COMMAND } from '@/testing/commands';
import { keptHere } from './useKeptHere';

const kept = (part: Partial<Command> = {}): Command => ({ ...VAN_COMMAND, ...part });
const REFUSED = { status: 'refused', message: 'no', field: null } as const;

test.each<[string, readonly Command[], string]>([
  ['nothing', [], 'stored'],
  ['one’s own, not tried yet', [kept()], 'sending'],
  ['one’s own, nobody answered', [kept({ state: { status: 'later', message: null } })], 'here'],
  ['one’s own, refused', [kept(), kept({ state: REFUSED })], 'refused'],
  ['one’s own, changed by two', [kept({ state: { status: 'changed', lines: [] } })], 'refused'],
  ['another’s: never on its way', [kept({ by: 'oskar' })], 'here'],
  ['another’s that was refused waits for the other', [kept({ by: 'oskar', state: REFUSED })], 'here'],
])('%s', (_what, commands, status) => {
  expect(keptHere(commands, 'ilta')).toEqual({ count: commands.length, status });
});
