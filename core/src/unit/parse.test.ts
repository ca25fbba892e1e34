import fc from 'fast-check';
import { parseDuration, parseFlow, parseGaugePressure, parseLength, parseMass, parseNumber, parseTemperature, parseVolume } from './parse';
import type { Quantity } from './units';
import type { Result } from '../result';

const read = (result: Result<Quantity>) => (result.ok ? `${result.value.value} ${result.value.unit}` : result.errors[0]?.kind);

describe('numbers as people type them', () => {
  test.each([
    ['7/8', 0.875],
    ['1-1/8', 1.125],
    ['1 1/8', 1.125],
    ['2 - 5/8', 2.625],
    ['0.875', 0.875],
    ['22,3', 22.3],
    ['-18', -18],
    ['−40', -40],
    ['+3', 3],
  ])('%s is %d', (text, value) => expect(parseNumber(text)).toBeCloseTo(value, 12));

  test.each(['', 'a', '7/0', '1.2.3', '1,2,3', '7/', '--3', '1e3', '7 8'])('%j is not a number', (text) =>
    expect(parseNumber(text)).toBeNull(),
  );
});

describe('lengths', () => {
  test.each([
    ['7/8', '0.875 in'],
    ['1-1/8 in', '1.125 in'],
    ['0.875 in', '0.875 in'],
    ['22', '22 mm'],
    ['22 mm', '22 mm'],
    ['22,22mm', '22.22 mm'],
    ['3/8"', '0.375 in'],
    ["4'", '4 ft'],
    ['1.5 m', '1.5 m'],
  ])('%s reads as %s for a person who reads millimetres', (text, expected) => expect(read(parseLength(text, 'mm'))).toBe(expected));

  test('a bare decimal is inches for a person who reads inches', () => expect(read(parseLength('0.5', 'in'))).toBe('0.5 in'));

  test('letters are refused with examples to copy', () => {
    const result = parseLength('seven', 'mm', 'joint.male.od');
    expect(result).toMatchObject({ ok: false, errors: [{ kind: 'unreadable', field: 'joint.male.od' }] });
  });
});

describe('masses', () => {
  test.each([
    ['5lb 2oz', 5.125],
    ['5 lb 2 oz', 5.125],
    ['7 lb 8 oz', 7.5],
    ['0lb 8oz', 0.5],
    ['5.125 lb', 5.125],
  ])('%s is %d lb', (text, pounds) => {
    const result = parseMass(text);
    expect(result.ok && result.value).toEqual({ value: pounds, unit: 'lb' });
  });

  test('kilograms stay kilograms', () => expect(read(parseMass('2.32 kg'))).toBe('2.32 kg'));

  test.each(['5.10', '5', '5lb 18oz', 'lb', '5lb -2oz'])('%s is refused: it could be read two ways or makes no sense', (text) =>
    expect(read(parseMass(text))).toBe('unreadable'),
  );

  test('a bare number is kilograms to whoever reads those', () => {
    expect(read(parseMass('2,5', 'mass', 'kg'))).toBe('2.5 kg');
    expect(read(parseMass('11 oz', 'mass', 'kg'))).toBe('11 oz');
  });

  test('pounds and ounces mean sixteenths whatever the numbers', () => {
    fc.assert(
      fc.property(fc.nat(400), fc.nat(15), (pounds, ounces) => {
        const result = parseMass(`${pounds}lb ${ounces}oz`);
        return result.ok && Math.abs(result.value.value - (pounds + ounces / 16)) < 1e-9;
      }),
    );
  });
});

test.each([
  ['15 h 20', '920 min'],
  ['15h20', '920 min'],
  ['1 h 5 min', '65 min'],
  ['1 min 30 s', '90 s'],
  ['2 h', '2 h'],
])('%s is %s', (text, expected) => expect(read(parseDuration(text))).toBe(expected));

test('a bare duration is in the unit of its field', () => expect(read(parseDuration('20', 'time', 'min'))).toBe('20 min'));

test.each([
  ['12 ft 6 in', '150 in'],
  ['6\' 3/8"', '72.375 in'],
])('%s is %s', (text, expected) => expect(read(parseLength(text, 'mm'))).toBe(expected));

describe('pressures, temperatures, flows, times', () => {
  test.each([
    ['400 psig', '400 psig'],
    ['400', '400 psig'],
    ['400 psi', '400 psig'],
    ['28 bar', '28 barg'],
    ['2800 kPa', '28 barg'],
    ['2,8 MPa', '28 barg'],
    ['14.7 psia', '14.7 psia'],
    ['500 micron', '500 micron'],
    ['3 bar abs', '3 bara'],
    ['1,2 bara', '1.2 bara'],
  ])('%s reads as %s', (text, expected) => expect(read(parseGaugePressure(text, 'psig'))).toBe(expected));

  test('temperatures keep their scale and their sign', () => {
    expect(read(parseTemperature('-18 °C', 'F'))).toBe('-18 C');
    expect(read(parseTemperature('0 F', 'C'))).toBe('0 F');
    expect(read(parseTemperature('-18', 'C'))).toBe('-18 C');
  });

  test('flows and clock times', () => {
    expect(read(parseFlow('2.4', 'L/min'))).toBe('2.4 L/min');
    expect(read(parseFlow('5 scfh', 'L/min'))).toBe('5 scfh');
    expect(read(parseDuration('1:58'))).toBe('118 s');
    expect(read(parseDuration('8 min'))).toBe('8 min');
    expect(read(parseDuration('34'))).toBe('34 s');
    expect(read(parseDuration('1:75'))).toBe('unreadable');
  });
});

describe('what cannot be read is refused with examples that can be', () => {
  test.each([
    ['length', (text: string) => parseLength(text, 'mm')],
    ['mass', (text: string) => parseMass(text)],
    ['pressure', (text: string) => parseGaugePressure(text, 'bar')],
    ['temperature', (text: string) => parseTemperature(text, 'C')],
    ['flow', (text: string) => parseFlow(text, 'L/min')],
    ['volume', (text: string) => parseVolume(text, 'L')],
    ['time', (text: string) => parseDuration(text)],
  ] as const)('%s', (field, parse) => {
    const refused = parse('a lot');
    const [error] = refused.ok ? [] : refused.errors;
    expect(error).toMatchObject({ kind: 'unreadable', field, text: 'a lot' });
    const examples = error?.kind === 'unreadable' ? error.examples : [];
    expect(examples.length).toBeGreaterThan(1);
    for (const example of examples) expect(parse(example).ok).toBe(true);
  });
});

test.each([
  ['1:58', 118],
  [' 12:05 ', 725],
])('%s on a clock is %d s', (text, seconds) => expect(parseDuration(text)).toEqual({ ok: true, value: { value: seconds, unit: 's' } }));

test.each(['1:58:00', 'x1:58', '1:5', '1:75'])('%s is no clock time', (text) => expect(parseDuration(text).ok).toBe(false));

test('sixteen ounces are a pound and are refused as ounces; fifteen and no pounds are read', () => {
  expect(parseMass('5lb 16oz').ok).toBe(false);
  expect(parseMass(' 0 lb 15 oz ')).toEqual({ ok: true, value: { value: 0.9375, unit: 'lb' } });
  expect(parseMass('-1lb 8oz')).toEqual({ ok: true, value: { value: -1.5, unit: 'lb' } });
});
