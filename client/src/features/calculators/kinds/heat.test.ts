import { INCH_PREFERENCES, METRIC_PREFERENCES } from '@kesto/core';
import { initialValues, type Calculator, type Values } from '../calculator';
import { parseField } from '../calculator';
import { airHeat, waterHeat } from './heat';

/** The sum as it stands at first, with some of it typed anew. */
function reckon(calculator: Calculator, typed: Values = {}, units = METRIC_PREFERENCES) {
  const values = { ...initialValues(calculator, units), ...typed };
  const quantities = Object.fromEntries(
    calculator.fields.flatMap((field) => {
      const read = parseField(field, values[field.key] ?? '', units);
      return read.ok && values[field.key] !== '' ? [[field.key, read.value] as const] : [];
    }),
  );
  return calculator.answer({ quantities, values, units });
}

const first = (answer: ReturnType<typeof reckon>) => (answer.ok ? answer.value.rows[0] : undefined);

describe('heat that water carries', () => {
  test('30 L/min warmed by 5 K take 10.5 kW: half a kilogram a second, 4.19 kJ each kelvin', () => {
    const row = first(reckon(waterHeat));
    expect(row?.label).toBe('warms the water by');
    expect(Math.abs(Number(row?.reading.value) - 0.5 * 4.19 * 5)).toBeLessThan(0.1);
    expect(row?.reading.unit).toBe('kW');
  });

  test('the same the other way round cools it', () => {
    const row = first(reckon(waterHeat, { in: '12 °C', out: '7 °C' }));
    expect(row?.label).toBe('cools the water by');
    expect(Math.abs(Number(row?.reading.value) - 10.5)).toBeLessThan(0.1);
  });

  test('in Btu/h beside it: 1 kW is 3412', () => {
    const answer = reckon(waterHeat);
    const [kw, btu] = answer.ok ? answer.value.rows.map(({ reading }) => Number(reading.value.replaceAll(/[^\d.]/g, ''))) : [];
    expect(Math.abs((btu ?? 0) / (kw ?? 1) - 3412)).toBeLessThan(10);
  });

  test('glycol carries less', () => {
    const plain = Number(first(reckon(waterHeat))?.reading.value);
    const third = Number(first(reckon(waterHeat, { glycol: '35' }))?.reading.value);
    expect(third).toBeLessThan(plain);
    expect(third).toBeGreaterThan(0.8 * plain);
  });

  test('in gallons and fahrenheit: 8 gpm warmed by 9 °F take 36 000 Btu/h, as 500 x gpm x °F says', () => {
    const answer = reckon(waterHeat, {}, INCH_PREFERENCES);
    const btu = answer.ok ? Number(answer.value.rows[1]?.reading.value.replaceAll(/[^\d.]/g, '')) : NaN;
    expect(Math.abs(btu / 36_000 - 1)).toBeLessThan(0.02);
  });

  test('it says how far it can be trusted', () => {
    const answer = reckon(waterHeat);
    expect(answer.ok && answer.value.notes[0]?.text).toMatch(/half a kelvin in five is a tenth/);
  });
});

describe('heat that the air carries', () => {
  test('1800 m³/h from 25/18 °C to 12/11 °C give some 11.5 kW: 51 to 32 kJ/kg at 1.18 kg/m³', () => {
    const row = first(reckon(airHeat));
    expect(row?.label).toBe('the air gives');
    // 0.5 m³/s, 0.59 kg/s, 19.4 kJ/kg by the psychrometric chart.
    expect(Math.abs(Number(row?.reading.value) - 11.4)).toBeLessThan(0.6);
  });

  test('at 1500 m the same flow carries less: the air there is thinner by a sixth', () => {
    const low = Number(first(reckon(airHeat))?.reading.value);
    const high = Number(first(reckon(airHeat, { altitude: '1500 m' }))?.reading.value);
    expect(high / low).toBeGreaterThan(0.8);
    expect(high / low).toBeLessThan(0.97);
  });

  test('a wet bulb above the dry one is refused at its field', () => {
    const answer = reckon(airHeat, { wetIn: '30 °C' });
    expect(answer.ok ? null : answer.errors[0]?.field).toMatch(/wet/);
  });

  test('an empty field is asked for by name', () => {
    const answer = reckon(airHeat, { wetOut: '' });
    expect(answer.ok ? null : answer.errors[0]?.field).toBe('wetOut');
  });
});
