import {
  absolutePascals,
  formatGaugePressure,
  formatTemperature,
  gaugeFromAbsolute,
  gaugePascals,
  readingText,
  SEA_LEVEL,
  type UnitPreferences,
} from '@kesto/core';
import { saturation } from '@kesto/core/refrigerant';
import type { LinePicture } from '@/chart/LineChart';
import type { PointXY } from '@/chart/linePath';
import { numberOf } from '../picture';

const STEP_C = 4;
const EITHER_WAY_C = 32;
/** Bubble and dew closer than this are drawn as one line [K]. */
const ONE_LINE_K = 0.5;

interface Asked {
  readonly refrigerant: string;
  /** Temperatures to mark [°C], each with its word. */
  readonly marks: readonly { readonly celsius: number; readonly word: string; readonly on: 'bubble' | 'dew' }[];
  readonly units: UnitPreferences;
}

/** Pressure over temperature of one refrigerant, about the temperatures that are asked for; gauge at sea level. */
export function saturationCurve({ refrigerant, marks, units }: Asked): LinePicture {
  const at = (celsius: number) => {
    const found = saturation({ refrigerant, temperature: { value: celsius, unit: 'C' } });
    return found.ok && 'bubblePa' in found.value ? found.value : null;
  };
  const place = (celsius: number, pa: number): PointXY => [
    numberOf(formatTemperature(celsius, units)),
    numberOf(formatGaugePressure(gaugeFromAbsolute(absolutePascals(pa), SEA_LEVEL), units)),
  ];
  const asked = marks.map((mark) => mark.celsius);
  const [from, to] = [Math.min(...asked) - EITHER_WAY_C, Math.max(...asked) + EITHER_WAY_C];
  const temperatures = Array.from({ length: Math.ceil((to - from) / STEP_C) + 1 }, (_, i) => from + i * STEP_C);
  const rows = temperatures.flatMap((celsius) => {
    const row = at(celsius);
    return row ? [{ celsius, ...row }] : [];
  });
  const glides = rows.some((row) => row.glideK > ONE_LINE_K);
  const line = (name: string, key: 'bubblePa' | 'dewPa') => ({ name, points: rows.map((row) => place(row.celsius, row[key])) });
  return {
    kind: 'line',
    title: `${refrigerant}, pressure over temperature`,
    x: { unit: formatTemperature(0, units).unit },
    y: { unit: formatGaugePressure(gaugePascals(0), units).unit },
    lines: glides ? [line('bubble', 'bubblePa'), line('dew', 'dewPa')] : [line('saturation', 'dewPa')],
    marks: marks.flatMap(({ celsius, word, on }) => {
      const row = at(celsius);
      if (!row) return [];
      const point = place(celsius, on === 'bubble' ? row.bubblePa : row.dewPa);
      return [{ at: point, text: `${word} ${readingText(formatTemperature(celsius, units))}` }];
    }),
  };
}
