import { flowByDropM3PerS } from './flowByDrop';

const kPa = (value: number) => ({ value, unit: 'kPa' });
const lpm = (value: number) => ({ value, unit: 'L/min' });
/** As a maker prints it: four times the drop at twice the flow. */
const TABLE = [
  { drop: kPa(10), flow: lpm(20) },
  { drop: kPa(40), flow: lpm(40) },
  { drop: kPa(90), flow: lpm(60) },
];
const litres = (drop: number, table = TABLE) => {
  const found = flowByDropM3PerS(table, kPa(drop));
  return found.ok ? found.value * 60_000 : found.errors;
};

test.each([
  [10, 20],
  [40, 40],
  [90, 60],
  [22.5, 30],
  [62.5, 50],
])('%d kPa is %d L/min, between the rows by the square root', (drop, flow) => expect(litres(drop)).toBeCloseTo(flow, 9));

test('the rows may come in any order', () => expect(litres(22.5, [...TABLE].reverse())).toBeCloseTo(30, 9));

test('nothing is guessed beyond the table', () => {
  expect(litres(9)).toMatchObject([{ field: 'drop' }]);
  expect(litres(91)).toMatchObject([{ field: 'drop' }]);
});

test('a table that does not rise, or has one row, is refused by name', () => {
  expect(litres(20, [TABLE[0]!, { drop: kPa(40), flow: lpm(15) }])).toMatchObject([{ field: 'table', reason: 'table-not-rising' }]);
  expect(litres(10, TABLE.slice(0, 1))).toMatchObject([{ field: 'table', reason: 'table-not-rising' }]);
});
