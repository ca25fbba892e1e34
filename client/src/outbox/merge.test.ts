import { merge, onExact, withLine } from './merge';

const VAN = {
  fillers: [
    { designation: 'BAg-36', rod: 'round-1/16', count: 5 },
    { designation: 'BCuP-2', rod: 'round-3/32', count: 12 },
  ],
  torch: { fuel: 'air-acetylene' },
  cylinder: { pressure: { value: 120, unit: 'barg' } },
};
const counted = (designation: string, count: number) => ({
  ...VAN,
  fillers: VAN.fillers.map((row) => (row.designation === designation ? { ...row, count } : row)),
});

test('lines that only one side changed are taken over by themselves', () => {
  const theirs = { ...counted('BCuP-2', 10), torch: { fuel: 'oxy-propane' } };
  expect(merge(VAN, counted('BAg-36', 3), theirs)).toEqual({
    lines: [],
    value: {
      ...theirs,
      fillers: [
        { ...VAN.fillers[0], count: 3 },
        { ...VAN.fillers[1], count: 10 },
      ],
    },
  });
});

test('a line that both changed is nobody’s to decide but the writer’s', () => {
  const { lines, value } = merge(VAN, counted('BAg-36', 3), counted('BAg-36', 4));
  expect(lines).toEqual([{ path: ['fillers', 'BAg-36', 'count'], mine: 3, theirs: 4 }]);
  expect(withLine(value, lines[0]!.path, lines[0]!.theirs)).toEqual(counted('BAg-36', 4));
});

test('a row that one took off and the other counted anew is asked for; one that nobody else touched stays off', () => {
  const without = { ...VAN, fillers: VAN.fillers.slice(1) };
  expect(merge(VAN, without, VAN)).toEqual({ lines: [], value: without });
  const { lines, value } = merge(VAN, without, counted('BAg-36', 4));
  expect(lines).toEqual([{ path: ['fillers', 'BAg-36'], mine: undefined, theirs: { ...VAN.fillers[0], count: 4 } }]);
  expect(withLine(value, lines[0]!.path, lines[0]!.theirs)).toMatchObject({ fillers: [{ designation: 'BCuP-2' }, { count: 4 }] });
  expect(withLine(VAN, ['fillers', 'BAg-36'], undefined)).toEqual(without);
});

test('a figure with its unit is one line', () => {
  const pressure = (value: number, unit: string) => ({ ...VAN, cylinder: { pressure: { value, unit } } });
  expect(merge(VAN, pressure(100, 'barg'), pressure(1500, 'psig')).lines).toEqual([
    { path: ['cylinder', 'pressure'], mine: { value: 100, unit: 'barg' }, theirs: { value: 1500, unit: 'psig' } },
  ]);
});

test('what stood rounded in a form and was not touched goes as exact as it was', () => {
  const exact = { high: { value: 2799.6, unit: 'kPag' }, low: { value: 1900.3, unit: 'kPag' } };
  const inForm = { high: { value: 28, unit: 'barg' }, low: { value: 19, unit: 'barg' } };
  expect(onExact(exact, inForm, { ...inForm, low: { value: 21, unit: 'barg' } })).toEqual({ ...exact, low: { value: 21, unit: 'barg' } });
});
