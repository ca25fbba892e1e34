import type { Command, Line } from '@/outbox';
import { VAN_COMMAND } from '@/testing/commands';
import { copyOf, placeOf, saidOn, stateText, whatOf } from './keptText';

const command = (rest: Partial<Command>): Command => ({ ...VAN_COMMAND, ...rest });
const line = (...path: string[]) => ({ path }) as unknown as Line; // cast: the place is read alone

describe('what is kept is called by what somebody did', () => {
  test.each([
    [{ route: 'putJob', body: { title: 'suction valve leaks' } }, /suction valve leaks$/],
    [{ route: 'putUnit', body: { tag: 'CR2', name: 'vault cold room' } }, /CR2$/],
    [{ route: 'putEntry', body: { kind: 'flame-on', values: {} } }, /^entry: /],
    [{ route: 'putStageEntry', body: { kind: 'hold-step', values: {} } }, /^of the job: /],
  ] as const)('%#', (rest, says) => {
    expect(whatOf(command(rest))).toMatch(says);
  });

  test('what a later version kept is not guessed at', () => {
    expect(whatOf(command({ state: { status: 'set-aside' } }))).toBe('something this version of Kesto does not know');
  });
});

describe('how it stands says what is to be done', () => {
  test.each([
    [{ status: 'waiting' }, 'on its way'],
    [{ status: 'later', message: null }, 'the server does not answer; it is tried again by itself'],
    [{ status: 'later', message: 'too many at once' }, 'too many at once'],
    [{ status: 'refused', message: 'tag: CR2-07 is taken', field: 'tag' }, 'tag: CR2-07 is taken'],
    [{ status: 'changed', lines: [] }, 'somebody changed the same since: say line by line what stands'],
    [{ status: 'set-aside' }, 'kept as it is and not sent: open Kesto anew, or copy it for a lead'],
  ] as const)('%#', (state, says) => {
    expect(stateText(command({ state }), 'own')).toBe(says);
  });

  test('somebody else’s waits for them; one who left has a lead', () => {
    const refused = command({ state: { status: 'refused', message: 'no', field: null } });
    expect(stateText(refused, 'other')).toBe('waits until Ilta Varro signs in here');
    expect(stateText(refused, 'left')).toMatch(/^Ilta Varro has left the shop: a lead takes it/);
    expect(stateText(command({ byName: '' }), 'other')).toBe('waits until whoever kept it signs in here');
  });
});

describe('two versions of one line, told apart', () => {
  test('its place in plain words', () => {
    expect(placeOf(line('fillers', 'BAg-36', 'count'))).toBe('fillers, BAg-36, count');
    expect(placeOf(line('cylinder', 'waterVolume'))).toBe('cylinder, water volume');
  });

  test.each([
    [undefined, 'not there'],
    [null, 'null'],
    [12, '12'],
    [{ value: 10, unit: 'L' }, '10 L'],
    [[], 'none'],
    [['BAg-36', 'BCuP-5'], 'BAg-36, BCuP-5'],
    [{ id: 'x', designation: 'BAg-36', count: 3 }, 'designation BAg-36, count 3'],
  ] as const)('%j', (value, says) => {
    expect(saidOn(value)).toBe(says);
  });
});

test('a copy holds all of it, to be given to somebody: what, when, by whom', () => {
  const copy = JSON.parse(copyOf(command({ body: { fillers: [{ designation: 'BAg-36', count: 3 }] } }))) as object;
  expect(copy).toEqual({
    ...{ kept: 'putVan', by: 'Ilta Varro', at: '2026-11-26T09:00:00.000Z', for: {} },
    says: { fillers: [{ designation: 'BAg-36', count: 3 }] },
  });
});
