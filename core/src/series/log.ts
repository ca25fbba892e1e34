import { parseNumber } from '../unit/parse';

/** What a column of a logger's file is taken for, and in which unit. */
export const LOG_UNITS = { pressure: ['kPag', 'barg', 'psig'], temperature: ['C', 'F'] } as const;
export type LogPressureUnit = (typeof LOG_UNITS.pressure)[number];
export type LogTemperatureUnit = (typeof LOG_UNITS.temperature)[number];

export interface LogColumns {
  /** Places of the columns, from 0; null where none was told. */
  readonly time: number | null;
  readonly pressure: number | null;
  readonly temperature: number | null;
  readonly pressureUnit: LogPressureUnit;
  readonly temperatureUnit: LogTemperatureUnit;
}

const SOUNDS = {
  time: /time|date|zeit|hour|stamp|^t$|^s$|sec/i,
  pressure: /press|druck|gauge|bar|psi|kpa|^p\d*$/i,
  temperature: /temp|pipe|clamp|°|^t\d+$|deg/i,
} as const;

const unitOf = (header: string): { pressure: LogPressureUnit; temperature: LogTemperatureUnit } => ({
  pressure: /psi/i.test(header) ? 'psig' : /bar/i.test(header) ? 'barg' : 'kPag',
  temperature: /°?f\b|fahrenheit/i.test(header) ? 'F' : 'C',
});

/**
 * Which columns of a log are which, by their headings: to be looked at before it is read.
 *
 * @param header  the first line, in any order
 */
export function sniffLog(header: readonly string[]): LogColumns {
  const taken = new Set<number>();
  const find = (of: keyof typeof SOUNDS): number | null => {
    const at = header.findIndex((name, i) => !taken.has(i) && SOUNDS[of].test(name.trim()));
    if (at >= 0) taken.add(at);
    return at >= 0 ? at : null;
  };
  const [pressure, temperature, time] = [find('pressure'), find('temperature'), find('time')];
  const heading = (at: number | null) => (at === null ? '' : (header[at] ?? ''));
  return {
    ...{ time, pressure, temperature },
    pressureUnit: unitOf(heading(pressure)).pressure,
    temperatureUnit: unitOf(heading(temperature)).temperature,
  };
}

/** Whole steps of each column, as an instrument would have sent them. */
export interface ReadLog {
  readonly samples: readonly (readonly [n: number, ms: number, gauge: number, pipe: number])[];
  /** Least step of each: of the pressure [kPa], of the temperature [°C or K]. */
  readonly stepKpa: number;
  readonly stepK: number;
  /** Lines that say no time, pressure or temperature: named, not hidden. */
  readonly skipped: number;
}

const KPA: Readonly<Record<LogPressureUnit, number>> = { kPag: 1, barg: 100, psig: 6.894757293168 };
/** Below this a figure of time is seconds since the log began; above, seconds since 1970; above the second, milliseconds. */
const SINCE_1970 = { s: 1e8, ms: 1e11 } as const;
const MOST_DECIMALS = 4;

const decimalsIn = (text: string): number => Math.min(/[.,](\d+)/.exec(text)?.[1]?.length ?? 0, MOST_DECIMALS);

/** A moment as loggers write it: ISO, with a blank for the T, or a count of seconds. */
function msOf(text: string, beganMs: number): number | null {
  const figure = /^[\d.,]+$/.test(text) ? parseNumber(text) : null;
  if (figure !== null) return figure >= SINCE_1970.ms ? figure : figure >= SINCE_1970.s ? 1000 * figure : beganMs + 1000 * figure;
  const ms = Date.parse(text.replace(/^(\d{4}-\d\d-\d\d) (\d)/, '$1T$2'));
  return Number.isNaN(ms) ? null : ms;
}

/**
 * A logger's file as samples: in whole steps of as many decimals as it shows, in the order of time, each moment once.
 *
 * @param rows     without the heading
 * @param columns  which is which, and in which unit (gauge)
 * @param beganMs  of a log that counts seconds: when it began [ms since 1970]
 */
export function readLog(rows: readonly (readonly string[])[], columns: LogColumns, beganMs: number): ReadLog {
  const { time, pressure, temperature, pressureUnit, temperatureUnit } = columns;
  const cell = (row: readonly string[], at: number | null) => (at === null ? '' : (row[at] ?? '').trim());
  const decimals = (at: number | null) => Math.max(0, ...rows.slice(0, 500).map((row) => decimalsIn(cell(row, at))));
  const [pressureStep, temperatureStep] = [10 ** -decimals(pressure), 10 ** -decimals(temperature)];
  const fahrenheit = temperatureUnit === 'F';
  const stepK = fahrenheit ? (temperatureStep * 5) / 9 : temperatureStep;
  const found = new Map<number, readonly [number, number]>();
  let skipped = 0;
  for (const row of rows) {
    const ms = msOf(cell(row, time), beganMs);
    const [p, t] = [parseNumber(cell(row, pressure)), parseNumber(cell(row, temperature))];
    if (ms === null || p === null || t === null) {
      if (row.some((text) => text.trim() !== '')) skipped += 1;
      continue;
    }
    const celsius = fahrenheit ? ((t - 32) * 5) / 9 : t;
    if (!found.has(Math.round(ms))) found.set(Math.round(ms), [Math.round(p / pressureStep), Math.round(celsius / stepK)]);
  }
  const sorted = [...found].sort(([a], [b]) => a - b);
  return {
    samples: sorted.map(([ms, [p, t]], i) => [i + 1, ms, p, t] as const),
    ...{ stepKpa: pressureStep * KPA[pressureUnit], stepK, skipped },
  };
}
