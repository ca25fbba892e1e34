import { dropPin, keepPin, pinOfToday, PIN_TRIES, type KeptPin } from './keptPin';

const PIN = {
  ...{ lead: { id: 'lead', name: 'Maren Ito-Dahl' }, until: '2026-11-25T00:00:00.000Z' },
  ...{ person: 'p1', wrapped: { salt: 's', iv: 'i', key: 'k' }, tries: PIN_TRIES },
} as unknown as KeptPin; // cast: what is read of it
const at = (time: string) => new Date(time);
const AFTERNOON = at('2026-11-24T15:00:00.000Z');

beforeEach(() => dropPin());

test('it is good until midnight, on the phone of whom it was given to', () => {
  keepPin(PIN);
  expect(pinOfToday('p1', AFTERNOON)).toEqual(PIN);
  expect(pinOfToday('p2', AFTERNOON)).toBeNull();
  expect(pinOfToday(undefined, AFTERNOON)).toBeNull();
});

test('after midnight nothing of it stays on the phone, for nobody who sets the clock back', () => {
  keepPin(PIN);
  expect(pinOfToday('p1', at('2026-11-25T00:00:00.000Z'))).toBeNull();
  expect(pinOfToday('p1', AFTERNOON)).toBeNull();
});

test('what something else wrote there is no PIN', () => {
  for (const torn of ['{', 'null', '7', '{"until":"2099-01-01T00:00:00.000Z"}']) {
    globalThis.localStorage.setItem('kesto.dayPin', torn);
    expect(pinOfToday('p1', AFTERNOON)).toBeNull();
  }
});

test('dropped, it is gone', () => {
  keepPin(PIN);
  dropPin();
  expect(pinOfToday('p1', AFTERNOON)).toBeNull();
});
