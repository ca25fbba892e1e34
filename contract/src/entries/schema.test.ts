import { check } from '../schema/check';
import { sendEntriesRequest } from './schema';
import { MOST_ENTRIES_AT_ONCE, type SentEntry } from './types';

const ENTRY: SentEntry = { route: 'putEntry', params: { joint: 'j', entry: 'e' }, body: { kind: 'whatever its own route says' } };
const fieldOf = (entries: readonly unknown[]) => {
  const checked = check(sendEntriesRequest, { entries });
  return checked.ok ? null : checked.problem.field;
};

test('up to fifty entries are taken as they are: what each says is its own route’s to judge', () => {
  expect(fieldOf([ENTRY])).toBeNull();
  expect(fieldOf(Array.from({ length: MOST_ENTRIES_AT_ONCE }, () => ENTRY))).toBeNull();
});

test.each<[string, readonly unknown[], string]>([
  ['none', [], 'entries'],
  ['too many', Array.from({ length: MOST_ENTRIES_AT_ONCE + 1 }, () => ENTRY), 'entries'],
  ['a route that takes no entry', [ENTRY, { ...ENTRY, route: 'putPlan' }], 'entries[1].route'],
  ['a parameter no entry has', [{ ...ENTRY, params: { ...ENTRY.params, shop: 's' } }], 'entries[0].params.shop'],
  ['no body', [{ route: ENTRY.route, params: ENTRY.params }], 'entries[0].body'],
])('%s is refused by the name of what is wrong', (_what, entries, field) => {
  expect(fieldOf(entries)).toBe(field);
});
