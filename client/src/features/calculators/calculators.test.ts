import { INCH_PREFERENCES, METRIC_PREFERENCES } from '@kesto/core';
import { initialValues, work, type Calculator } from './calculator';
import { CALCULATORS } from './kinds';

const named = (name: string): Calculator => {
  const found = CALCULATORS.find((c) => c.name === name);
  if (!found) throw new Error(name);
  return found;
};
const answers = (name: string, typed: Record<string, string> = {}, units = METRIC_PREFERENCES) =>
  work(named(name), { ...initialValues(named(name), units), ...typed }, units);
const row = (name: string, label: string, typed: Record<string, string> = {}, units = METRIC_PREFERENCES) => {
  const reading = answers(name, typed, units).answer?.rows.find((r) => r.label === label)?.reading;
  return reading ? `${reading.value} ${reading.unit}`.trim() : null;
};

describe.each(CALCULATORS.map((c) => [c.name, c] as const))('%s', (name, calculator) => {
  test.each([
    ['metric', METRIC_PREFERENCES],
    ['inch', INCH_PREFERENCES],
  ])('answers at once with what stands in it, %s', (_units, units) => {
    const { answer, problems } = answers(name, {}, units);
    expect(problems).toEqual({});
    expect(answer?.rows.length).toBeGreaterThan(0);
    expect(JSON.stringify(answer)).not.toMatch(/NaN|undefined|Infinity/);
  });

  test.each(calculator.fields.map((f) => f.key))('letters in %s are told at that field', (key) => {
    expect(Object.keys(answers(name, { [key]: 'abc' }).problems)).toEqual([key]);
  });
});

test.each([
  ['strength', 'carries', {}, '495 psig', INCH_PREFERENCES],
  ['gap', 'each side, cold', {}, '0.05 mm', METRIC_PREFERENCES],
  ['units', 'millimetres', {}, '22.22 mm', METRIC_PREFERENCES],
  ['units', 'inches', { length: '22.225 mm' }, '7/8 in', METRIC_PREFERENCES],
  ['units', 'pounds a square inch', { length: '', pressure: '28 bar' }, '406.1 psig', METRIC_PREFERENCES],
  // A litre a second, 5 K: 4.19 x 5.
  ['water-heat', 'warms the water by', { flow: '60 L/min' }, '20.95 kW', METRIC_PREFERENCES],
  ['units', 'vacuum', { length: '', pressure: '500 micron' }, '500 micron', INCH_PREFERENCES],
  ['units', 'Fahrenheit', { length: '', temperature: '-18 °C' }, '−0.4 °F', METRIC_PREFERENCES],
  ['units', 'pounds', { length: '', mass: '2.325 kg' }, '5 lb 2 oz (5.126 lb)', METRIC_PREFERENCES],
  ['units', 'cubic feet an hour', { length: '', flow: '2.4 L/min' }, '5.09 scfh', METRIC_PREFERENCES],
  ['purge', 'volume', {}, '5.5 L', METRIC_PREFERENCES],
  ['saturation', 'dew', { temperature: '40 F' }, '118 psig', INCH_PREFERENCES],
  ['saturation', 'bubble', { temperature: '', pressure: '118.8 psig' }, '40 °F', INCH_PREFERENCES],
] as const)('%s: %s', (name, label, typed, expected, units) => expect(row(name, label, typed, units)).toBe(expected));

test('rod for three joints is three times one', () => {
  const mass = (joints: string) => Number(row('rod', 'mass', { joints })?.split(' ')[0]);
  expect(mass('3') / mass('1')).toBeCloseTo(3, 1);
});

test('a small cylinder cannot make the hold, and it says so as a stop', () => {
  const { answer } = answers('cylinder', { waterVolume: '2 L', pressure: '50 bar' });
  expect(answer?.notes[0]).toMatchObject({ stop: true });
  expect(answers('cylinder').answer?.notes[0]?.stop).toBeUndefined();
});

test('with nothing open for the gas the sum is refused at that choice', () => {
  expect(answers('purge', { kind: 'none' }).problems['kind']).toContain('no way out');
});

test('a needed field left empty is named', () => {
  expect(Object.keys(answers('gap', { bore: '' }).problems)).toEqual(['bore']);
});

test('readings point where the engine points', () => {
  const { answer } = answers('readings', { suctionLine: '30 °C', liquidLine: '39 °C' });
  expect(answer?.notes[0]?.text).toContain('short of charge');
});

test('a pressure below nothing is refused at its field; with all fields empty one is asked for', () => {
  expect(Object.keys(answers('units', { length: '', pressure: '-20 bar' }).problems)).toEqual(['pressure']);
  expect(Object.keys(answers('units', { length: '' }).problems)).toEqual(['length']);
});
