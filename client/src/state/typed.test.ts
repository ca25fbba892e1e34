import { dropTyped, flushTyped, keepTyped, takeFormer, typedBefore } from './typed';

const which = { person: 'p1', name: 'unit.new', version: 2 };
const onDevice = () => localStorage.getItem('kesto.form.p1.unit.new');

beforeEach(() => {
  flushTyped();
  localStorage.clear();
  jest.useFakeTimers();
});
afterEach(() => jest.useRealTimers());

test('is on the device once typing pauses, whole and once; the page has it at once', () => {
  const set = jest.spyOn(localStorage, 'setItem');
  for (const tag of ['G', 'GC', 'GC7']) {
    keepTyped(which, { tag });
    jest.advanceTimersByTime(100);
  }
  expect([onDevice(), typedBefore(which)]).toEqual([null, { tag: 'GC7' }]);
  jest.advanceTimersByTime(400);
  expect(JSON.parse(onDevice() ?? '')).toEqual({ version: 2, values: { tag: 'GC7' } });
  expect(set).toHaveBeenCalledTimes(1);
  set.mockRestore();
});

test('is there at once when the page is left', () => {
  keepTyped(which, { tag: 'GC7' });
  flushTyped();
  expect(onDevice()).toContain('GC7');
});

test('let go it does not come back with what was still on its way', () => {
  keepTyped(which, { tag: 'GC7' });
  dropTyped(which);
  jest.advanceTimersByTime(400);
  expect([onDevice(), typedBefore(which)]).toEqual([null, null]);
});

test('another person, another version and what cannot be read are as good as nothing', () => {
  keepTyped(which, { tag: 'GC7' });
  expect(typedBefore({ ...which, person: 'p2' })).toBeNull();
  expect(typedBefore({ ...which, version: 3 })).toBeNull();
  flushTyped();
  localStorage.setItem('kesto.form.p1.unit.new', '{broken');
  expect(typedBefore(which)).toBeNull();
});

test('a device that is full keeps it as long as the page', () => {
  const set = jest.spyOn(localStorage, 'setItem').mockImplementation(() => {
    throw new Error('full');
  });
  keepTyped(which, { tag: 'GC7' });
  expect(() => flushTyped()).not.toThrow();
  set.mockRestore();
});

test('what a former version kept is taken over once', () => {
  localStorage.setItem('kesto.drafts', '{"j":1}');
  expect([takeFormer('kesto.drafts'), takeFormer('kesto.drafts'), localStorage.getItem('kesto.drafts')]).toEqual([{ j: 1 }, null, null]);
});
