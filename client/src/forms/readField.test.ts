import { INCH_PREFERENCES, METRIC_PREFERENCES } from '@kesto/core';
import { readFields } from './fields';
import { readField, type FieldKind } from './readField';
import { keypadFor, unitsFor } from './unitsFor';

const METRIC = { ...METRIC_PREFERENCES, pressure: 'bar' } as const;
const read = (kind: FieldKind, text: string, units = METRIC_PREFERENCES) => {
  const found = readField(kind, text, { key: 'field', units });
  return found.ok ? `${found.value.value} ${found.value.unit}` : (found.errors[0]?.kind ?? 'refused');
};

describe('a bare figure is in the person’s own unit', () => {
  test.each([
    ['length', '22', '22 mm'],
    ['distance', '14', '14 m'],
    ['temperature', '-10', '-10 C'],
    ['flow', '2.4', '2.4 L/min'],
    ['mass', '3.2', '3.2 kg'],
    ['minutes', '15', '15 min'],
    ['volume', '6', '6 L'],
    ['vacuum', '67', '67 Pa'],
    ['pump-speed', '13.6', '13.6 m3/h'],
    ['water-flow', '42', '42 L/min'],
    ['drop', '18', '18 kPa'],
    ['number', '2.5', '2.5 '],
  ] as const)('%s %s', (kind, text, is) => expect(read(kind, text)).toBe(is));

  test.each([
    ['length', '7/8', '0.875 in'],
    ['distance', '14', '14 ft'],
    ['temperature', '14', '14 F'],
    ['flow', '5', '5 scfh'],
    ['vacuum', '500', '500 micron'],
    ['pump-speed', '8', '8 cfm'],
    ['water-flow', '11', '11 gpm'],
    ['drop', '2.6', '2.6 psi'],
  ] as const)('%s %s in inches', (kind, text, is) => expect(read(kind, text, INCH_PREFERENCES)).toBe(is));
});

describe('a figure with its unit is what it says', () => {
  test.each([
    ['length', '1 1/8 in', '1.125 in'],
    ['pressure', '360 psig', '360 psig'],
    ['mass', '5lb 2oz', '5.125 lb'],
    ['minutes', '2 h', '120 min'],
    ['volume', '0.2 ft3', '0.2 ft3'],
    ['vacuum', '0.7 mbar', '0.7 mbar'],
    ['water-flow', '0.7 L/s', '0.7 L/s'],
    ['drop', '0.18 bar', '0.18 bar'],
  ] as const)('%s %s', (kind, text, is) => expect(read(kind, text)).toBe(is));

  test.each([
    ['vacuum', '0.2 kPa'],
    ['length', 'a lot'],
    ['drop', '18 psig'],
    ['number', 'some'],
  ] as const)('%s %s cannot be read', (kind, text) => expect(read(kind, text)).toBe('unreadable'));
});

describe('a small form', () => {
  const SPECS = {
    who: { label: 'who', kind: 'name' },
    pressure: { label: 'gauge', kind: 'pressure' },
    note: { label: 'note', kind: 'words', optional: true },
    until: { label: 'until', kind: 'day', optional: true },
  } as const;

  test('is read whole, or each complaint stands at its own field', () => {
    const { read: found, problems } = readFields(SPECS, { who: ' Ilta ', pressure: '20', note: '', until: '2026-12-24' }, METRIC);
    expect(found).toEqual({ who: 'Ilta', pressure: { value: 20, unit: 'barg' }, until: '2026-12-24' });
    expect(problems).toEqual({});
    const bad = readFields(SPECS, { who: '', pressure: 'high', until: '2026-02-30' }, METRIC).problems;
    expect(Object.keys(bad).sort()).toEqual(['pressure', 'until', 'who']);
    expect(bad['who']).toMatch(/needed/);
    expect(bad['pressure']).toMatch(/cannot be read/);
  });
});

describe('beside a figure', () => {
  test('stand the units it may be typed in, the person’s own first', () => {
    expect(unitsFor('pressure', METRIC)[0]).toBe('bar');
    expect(unitsFor('pump-speed', INCH_PREFERENCES)).toEqual(['cfm', 'm3/h']);
    expect(unitsFor('water-flow', INCH_PREFERENCES)[0]).toBe('gpm');
    expect(unitsFor('drop', METRIC)[0]).toBe('kPa');
    expect(unitsFor('length', METRIC)).toEqual([]);
    for (const kind of ['pressure', 'temperature', 'mass', 'volume', 'flow', 'vacuum'] as const)
      expect(new Set(unitsFor(kind, METRIC)).size).toBe(unitsFor(kind, METRIC).length);
  });

  test('a keypad without a minus, or without letters, is no keypad for it', () => {
    expect(keypadFor('temperature', METRIC)).toEqual({ signed: true, letters: false });
    expect(keypadFor('mass', { ...METRIC, mass: 'lb-oz' })).toEqual({ signed: false, letters: true });
    expect(keypadFor('number', METRIC)).toEqual({ signed: false, letters: false });
  });
});
