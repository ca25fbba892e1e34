import { pointerText } from '@kesto/contract/wording';
import {
  celsiusFromFahrenheit,
  celsiusFromKelvin,
  formatGaugePressure,
  formatTemperature,
  formatTemperatureDifference,
  absolutePascals,
  gaugeFromAbsolute,
  SEA_LEVEL,
  type Quantity,
  type Reading,
} from '@kesto/core';
import { METERING, readings as readingsOf, saturation as saturationOf, SATURATION_NAMES, type Metering } from '@kesto/core/refrigerant';
import { saturationCurve } from './saturationCurve';
import { needed, type Calculator, type CalculatorChoice } from '../calculator';

const refrigerant: CalculatorChoice = {
  key: 'refrigerant',
  label: 'refrigerant',
  initial: 'R-410A',
  options: SATURATION_NAMES.map((value) => ({ value, label: value })),
};
const NONE: Reading = { value: '–', unit: '' };

/** Pressure from temperature, or the other way round. */
export const saturation: Calculator = {
  name: 'saturation',
  title: 'Saturation',
  says: 'Type a temperature or a pressure and leave the other empty. Subcooling counts from bubble, superheat from dew.',
  fields: [
    { key: 'temperature', label: 'temperature', kind: 'temperature', initial: { metric: '5 °C', inch: '40 °F' } },
    { key: 'pressure', label: 'or pressure', kind: 'pressure', initial: { metric: '', inch: '' } },
  ],
  choices: [refrigerant],
  answer: ({ quantities, values, units }) => {
    const { temperature, pressure } = quantities;
    const result = saturationOf({
      refrigerant: values['refrigerant'] ?? '',
      ...(temperature ? { temperature } : {}),
      ...(pressure ? { pressure } : {}),
    });
    if (!result.ok) return result;
    const a = result.value;
    const gauge = (pa: number) => formatGaugePressure(gaugeFromAbsolute(absolutePascals(pa), SEA_LEVEL), units);
    const dewC = 'dewC' in a ? a.dewC : temperature ? celsiusOf(temperature) : null;
    const both =
      'bubblePa' in a
        ? [
            { label: 'bubble', reading: gauge(a.bubblePa) },
            { label: 'dew', reading: gauge(a.dewPa) },
          ]
        : [
            { label: 'bubble', reading: formatTemperature(a.bubbleC, units) },
            { label: 'dew', reading: formatTemperature(a.dewC, units) },
          ];
    return {
      ok: true,
      value: {
        ...(dewC === null
          ? {}
          : {
              picture: saturationCurve({
                refrigerant: values['refrigerant'] ?? '',
                units,
                marks: [{ celsius: dewC, word: 'dew', on: 'dew' }],
              }),
            }),
        rows: [
          ...both,
          {
            label: 'glide',
            reading: {
              value: (units.temperature === 'C' ? a.glideK : a.glideK * 1.8).toFixed(1),
              unit: units.temperature === 'C' ? 'K' : '°F',
            },
          },
          { label: 'liquid', reading: { value: a.liquidKgPerL.toFixed(3), unit: 'kg/L' } },
          { label: 'vapour', reading: { value: a.vapourKgPerM3.toFixed(1), unit: 'kg/m³' } },
        ],
        notes: [{ text: 'Gauge at sea level.' }],
      },
    };
  },
};

const celsiusOf = ({ value, unit }: Quantity) =>
  unit === 'F' ? celsiusFromFahrenheit(value) : unit === 'K' ? celsiusFromKelvin(value) : value;

const sidesOf = (r: { evaporatingC: number | null; condensingC: number | null }) => [
  ...(r.evaporatingC === null ? [] : [{ celsius: r.evaporatingC, word: 'evaporating', on: 'dew' as const }]),
  ...(r.condensingC === null ? [] : [{ celsius: r.condensingC, word: 'condensing', on: 'bubble' as const }]),
];

const side = (pressure: Quantity | undefined, line: Quantity | undefined) => (pressure && line ? { pressure, line } : undefined);

/** Superheat, subcooling, and what they point to. */
export const readings: Calculator = {
  name: 'readings',
  title: 'Readings',
  says: 'Gauge and thermometer together: what they point to. Advice, never a verdict.',
  fields: [
    { key: 'suctionPressure', label: 'suction pressure', kind: 'pressure', initial: { metric: '8 bar', inch: '118 psig' } },
    { key: 'suctionLine', label: 'suction line', kind: 'temperature', initial: { metric: '12 °C', inch: '52 °F' } },
    { key: 'liquidPressure', label: 'liquid pressure', kind: 'pressure', initial: { metric: '24 bar', inch: '340 psig' } },
    { key: 'liquidLine', label: 'liquid line', kind: 'temperature', initial: { metric: '34 °C', inch: '95 °F' } },
    { key: 'room', label: 'room', kind: 'temperature', initial: { metric: '24 °C', inch: '75 °F' } },
    { key: 'indoorWetBulb', label: 'indoor wet bulb', kind: 'temperature', initial: { metric: '', inch: '' } },
    { key: 'outdoor', label: 'outdoors', kind: 'temperature', initial: { metric: '30 °C', inch: '86 °F' } },
  ],
  choices: [
    refrigerant,
    {
      key: 'metering',
      label: 'metering',
      initial: 'valve',
      options: METERING.map((value) => ({ value, label: value === 'fixed' ? 'fixed orifice' : value })),
    },
  ],
  answer: ({ quantities, values, units }) => {
    const given = needed(quantities, ['suctionPressure', 'suctionLine']);
    if (!given.ok) return given;
    const suction = side(quantities['suctionPressure'], quantities['suctionLine']);
    const liquid = side(quantities['liquidPressure'], quantities['liquidLine']);
    const { room, indoorWetBulb, outdoor } = quantities;
    const result = readingsOf({
      refrigerant: values['refrigerant'] ?? '',
      metering: values['metering'] as Metering, // cast: one of the options above
      ...(suction ? { suction } : {}),
      ...(liquid ? { liquid } : {}),
      ...(room ? { room } : {}),
      ...(indoorWetBulb ? { indoorWetBulb } : {}),
      ...(outdoor ? { outdoor } : {}),
    });
    if (!result.ok) return result;
    const r = result.value;
    const difference = (k: number | null) => (k === null ? NONE : formatTemperatureDifference(k, units));
    const temperature = (c: number | null) => (c === null ? NONE : formatTemperature(c, units));
    return {
      ok: true,
      value: {
        picture: saturationCurve({ refrigerant: values['refrigerant'] ?? '', units, marks: sidesOf(r) }),
        rows: [
          {
            label: 'superheat',
            reading: difference(r.superheatK),
            ...(r.targetSuperheatK === null ? {} : { note: `target ${difference(r.targetSuperheatK).value}` }),
          },
          { label: 'subcooling', reading: difference(r.subcoolingK) },
          { label: 'evaporating', reading: temperature(r.evaporatingC), note: 'dew' },
          { label: 'condensing', reading: temperature(r.condensingC), note: 'bubble' },
        ],
        notes:
          r.pointers.length === 0
            ? [{ text: 'All inside its window.' }]
            : r.pointers.map((code) => ({ text: pointerText(code, values['metering'] as Metering) })),
      },
    };
  },
};
