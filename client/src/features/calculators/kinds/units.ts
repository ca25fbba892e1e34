import {
  ABSOLUTE_PRESSURE_UNITS,
  absolutePascals,
  fahrenheitFromCelsius,
  FieldReader,
  FLOW_UNITS,
  formatMass,
  formatNumber,
  GAUGE_PRESSURE_UNITS,
  gaugeFromAbsolute,
  INCH_PREFERENCES,
  KELVIN_AT_0_C,
  kelvinFromCelsius,
  LENGTH_UNITS,
  SEA_LEVEL,
  tradeFraction,
  type Quantity,
  type Reading,
} from '@kesto/core';
import type { AnswerRow, Calculator, Quantities } from '../calculator';

const FIELDS = ['length', 'pressure', 'temperature', 'mass', 'flow'] as const;
type FieldKey = (typeof FIELDS)[number];

const ANY = { min: -1e9, max: 1e9 } as const;
const AT_LEAST_NOTHING = { min: 0, max: 1e9 } as const;
/** Below this nobody reads a gauge: it is a vacuum. */
const VACUUM_PA = 10_000;

const row = (label: string, value: number, unit: string, decimals: number): AnswerRow => ({
  label,
  reading: { value: formatNumber(value, decimals), unit },
});

const lengthRows = (m: number): readonly AnswerRow[] => {
  const fraction = tradeFraction(m);
  const size: Reading = { value: fraction ?? formatNumber(m / LENGTH_UNITS.in, 4), unit: 'in' };
  return [row('millimetres', m * 1000, 'mm', 2), { label: 'inches', reading: size }, row('feet', m / LENGTH_UNITS.ft, 'ft', 3)];
};

const pressureRows = (absolutePa: number): readonly AnswerRow[] => {
  const gaugePa = gaugeFromAbsolute(absolutePascals(absolutePa), SEA_LEVEL);
  if (absolutePa < VACUUM_PA)
    return [row('absolute', absolutePa, 'Pa', 1), row('vacuum', absolutePa / ABSOLUTE_PRESSURE_UNITS.micron, 'micron', 0)];
  return [
    row('kilopascals', gaugePa / 1000, 'kPa gauge', 1),
    row('bar', gaugePa / GAUGE_PRESSURE_UNITS.barg, 'bar gauge', 3),
    row('pounds a square inch', gaugePa / GAUGE_PRESSURE_UNITS.psig, 'psig', 1),
    row('absolute', absolutePa / 1000, 'kPa', 1),
  ];
};

const temperatureRows = (c: number): readonly AnswerRow[] => [
  row('Celsius', c, '°C', 1),
  row('Fahrenheit', fahrenheitFromCelsius(c), '°F', 1),
  row('Kelvin', kelvinFromCelsius(c), 'K', 1),
];

const massRows = (kg: number): readonly AnswerRow[] => [
  row('kilograms', kg, 'kg', 3),
  row('grams', kg * 1000, 'g', 1),
  { label: 'pounds', reading: formatMass(kg, INCH_PREFERENCES) },
];

const flowRows = (m3PerS: number): readonly AnswerRow[] => [
  row('litres a minute', m3PerS / FLOW_UNITS['L/min'], 'L/min', 2),
  row('cubic feet an hour', m3PerS / FLOW_UNITS.scfh, 'scfh', 2),
  row('cubic metres an hour', m3PerS / FLOW_UNITS['m3/h'], 'm³/h', 3),
];

const CONVERT: Readonly<Record<FieldKey, (read: FieldReader, quantity: Quantity) => readonly AnswerRow[]>> = {
  length: (read, q) => lengthRows(read.lengthM('length', q, ANY)),
  pressure: (read, q) => pressureRows(read.absolutePressure('pressure', q, AT_LEAST_NOTHING)),
  temperature: (read, q) => temperatureRows(read.temperatureC('temperature', q, { min: -KELVIN_AT_0_C, max: 1e6 })),
  mass: (read, q) => massRows(read.massKg('mass', q, ANY)),
  flow: (read, q) => flowRows(read.flowM3PerS('flow', q, ANY)),
};

const firstTyped = (quantities: Quantities) => FIELDS.find((key) => quantities[key] !== undefined);

/** One figure in every unit of its kind. */
export const units: Calculator = {
  name: 'units',
  title: 'One figure, every unit',
  says: 'Type one figure with its unit and leave the others empty. Pressures are gauge unless you say psia, bar abs or micron.',
  fields: [
    { key: 'length', label: 'length', kind: 'length', initial: { metric: '7/8 in', inch: '22 mm' } },
    { key: 'pressure', label: 'pressure', kind: 'pressure', initial: { metric: '', inch: '' } },
    { key: 'temperature', label: 'temperature', kind: 'temperature', initial: { metric: '', inch: '' } },
    { key: 'mass', label: 'mass', kind: 'mass', initial: { metric: '', inch: '' } },
    { key: 'flow', label: 'flow', kind: 'flow', initial: { metric: '', inch: '' } },
  ],
  choices: [],
  answer: ({ quantities }) => {
    const key = firstTyped(quantities);
    if (!key) return { ok: false, errors: [{ kind: 'missing', field: 'length', needed: 'a-figure' }] };
    const quantity = quantities[key] as Quantity; // cast: that key was found there
    const read = new FieldReader();
    const rows = CONVERT[key](read, quantity);
    if (read.errors.length > 0) return { ok: false, errors: read.errors };
    return { ok: true, value: { rows, notes: [{ text: 'Gauge and absolute differ by the air of sea level here: 101.325 kPa.' }] } };
  },
};
