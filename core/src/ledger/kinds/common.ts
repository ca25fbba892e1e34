import { hash, id, line, list, note, number, object, optional, orNothing, part, quantity, text, whole } from '../fields';

export const WORDS = 2000;
export const why = text(WORDS);
export const name = line(80);
export const noted = { note: optional(why) };
export const kg = (most: number) => number(0, most, 'kg');
export const parts = (least: number) => list(part, least, 1000);
export const reading = object({ pressure: quantity, temperature: quantity });
export const gauge = { resolution: quantity, drift: optional(quantity), perKelvin: optional(quantity), range: optional(quantity) };
export const leak = number(-1e9, 1e9, 'Pa m3/s');
export const seen = number(0, 1e9, 'Pa m3/s');
/** A leak of the test gas as grams of the refrigerant a year: standing, what could have been seen, running. */
export const aYear = {
  gramsPerYear: orNothing(number(-1e15, 1e15, 'g/a')),
  gramsPerYearSeen: optional(orNothing(number(0, 1e15, 'g/a'))),
  gramsPerYearRunning: optional(orNothing(number(0, 1e15, 'g/a'))),
  wantedLeakPaM3S: optional(orNothing(seen)),
};
export const kpag = number(0, 20_000, 'kPag');
/** Of a vacuum. */
export const vacuumPa = number(0, 10_000_000, 'Pa');
export const withNote = { note: note(WORDS) };
/** Where a series of samples stands. */
export const seriesHead = {
  ...{ series: id, blocks: whole(0, 1_000_000, ''), head: orNothing(hash), samples: whole(0, 1_000_000_000, '') },
};
