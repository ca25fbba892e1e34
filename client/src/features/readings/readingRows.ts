import type { GuessedLine, UnitPreferences } from '@kesto/core';
import type { Readings, ReadingWindows, Window } from '@kesto/core/refrigerant';
import { formatTemperature, formatTemperatureDifference, readingText, type Reading } from '@kesto/core/unit';

/** A reading, what is usual for it, and what it was before. */
export interface ReadingRow {
  readonly label: string;
  readonly now: string;
  readonly usual: string;
  readonly before: string;
  /** Outside of what is usual. */
  readonly isOff: boolean;
  /** Its line's warmth was felt, not read. */
  readonly isRough: boolean;
}

interface Asked {
  readonly found: Readings;
  readonly usual: ReadingWindows | null;
  readonly before: Readings | null;
  readonly guessed: readonly GuessedLine[];
  readonly units: UnitPreferences;
}

const NOTHING = '–';

type Format = (value: number) => Reading;

const say = (value: number | null | undefined, as: Format) => (value === null || value === undefined ? NOTHING : readingText(as(value)));
const span = (window: Window | null | undefined, as: Format) =>
  window ? `${as(window.min).value} to ${readingText(as(window.max))}` : NOTHING;

/** What can be read off gauges and thermometers, row by row; what nobody read is left out. */
export function readingRows({ found, usual, before, guessed, units }: Asked): readonly ReadingRow[] {
  const degrees: Format = (celsius) => formatTemperature(celsius, units);
  const kelvin: Format = (difference) => formatTemperatureDifference(difference, units);
  const row = (label: string, key: Exclude<keyof ReadingWindows, 'evaporatingTargetC'>, as: Format, line?: GuessedLine): ReadingRow => {
    const value = found[key];
    const window = usual?.[key] ?? null;
    return {
      ...{ label, now: say(value, as), usual: span(window, as), before: say(before?.[key], as) },
      isOff: value !== null && window !== null && (value < window.min || value > window.max),
      isRough: line !== undefined && guessed.includes(line),
    };
  };
  const target = usual?.evaporatingTargetC;
  const evaporating = row('evaporating', 'evaporatingC', degrees);
  return [
    target === null || target === undefined ? evaporating : { ...evaporating, usual: `${readingText(degrees(target))}, as you know it` },
    row('superheat', 'superheatK', kelvin, 'suction'),
    row('condensing', 'condensingC', degrees),
    row('subcooling', 'subcoolingK', kelvin, 'liquid'),
  ].filter(({ now, before: was }) => now !== NOTHING || was !== NOTHING);
}
