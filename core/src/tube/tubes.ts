import type { Provenance } from '../provenance';
import { LENGTH_UNITS } from '../unit/units';

export type TubeStandard = 'ASTM B280' | 'ASTM B88 type L' | 'ASTM B88 type K' | 'EN 12735-1';

/** One row of a tube standard. The outside diameter is the actual one, never a nominal water size. */
export interface TubeRow extends Provenance {
  readonly standard: TubeStandard;
  /** What the trade calls it: `7/8` (actual outside, inches) or `22` (millimetres). */
  readonly name: string;
  readonly system: 'inch' | 'metric';
  readonly temper: 'annealed' | 'drawn' | 'either';
  readonly outsideM: number;
  readonly wallM: number;
  readonly wallMinusM: number;
  readonly outsidePlusM: number;
}

const INCH = LENGTH_UNITS.in;

// Eight columns of the standard, in the standard's order: a table reads better than eight names a row.
// eslint-disable-next-line max-params
function inchTube(
  standard: TubeStandard,
  name: string,
  temper: TubeRow['temper'],
  outsideIn: number,
  wallIn: number,
  wallMinusIn: number,
  outsidePlusIn: number,
  confidence: Provenance['confidence'],
): TubeRow {
  return {
    standard,
    name,
    system: 'inch',
    temper,
    outsideM: outsideIn * INCH,
    wallM: wallIn * INCH,
    wallMinusM: wallMinusIn * INCH,
    outsidePlusM: outsidePlusIn * INCH,
    confidence,
    source: `${standard}; tolerances back-calculated from the handbook's annealed ratings`,
  };
}

/** EN 12735-1: wall tolerance 10 %, mean outside diameter 0.04-0.06 mm by size. */
function metricTube(outsideMm: number, wallMm: number, outsidePlusMm: number): TubeRow {
  return {
    standard: 'EN 12735-1',
    name: String(outsideMm),
    system: 'metric',
    temper: 'either',
    outsideM: outsideMm / 1000,
    wallM: wallMm / 1000,
    wallMinusM: wallMm / 10_000,
    outsidePlusM: outsidePlusMm / 1000,
    confidence: 'medium',
    source: 'EN 12735-1; wall tolerance 10 %',
  };
}

export const TUBES: readonly TubeRow[] = [
  inchTube('ASTM B280', '1/8', 'annealed', 0.125, 0.03, 0.003, 0.002, 'high'),
  inchTube('ASTM B280', '3/16', 'annealed', 0.187, 0.03, 0.003, 0.002, 'high'),
  inchTube('ASTM B280', '1/4', 'annealed', 0.25, 0.03, 0.003, 0.002, 'high'),
  inchTube('ASTM B280', '5/16', 'annealed', 0.312, 0.032, 0.003, 0.002, 'high'),
  inchTube('ASTM B280', '3/8', 'annealed', 0.375, 0.032, 0.003, 0.002, 'high'),
  inchTube('ASTM B280', '1/2', 'annealed', 0.5, 0.032, 0.003, 0.002, 'high'),
  inchTube('ASTM B280', '5/8', 'annealed', 0.625, 0.035, 0.004, 0.002, 'high'),
  inchTube('ASTM B280', '3/4', 'annealed', 0.75, 0.035, 0.004, 0.0025, 'high'),
  inchTube('ASTM B280', '3/4', 'annealed', 0.75, 0.042, 0.004, 0.0025, 'high'),
  inchTube('ASTM B280', '7/8', 'annealed', 0.875, 0.045, 0.004, 0.003, 'high'),
  inchTube('ASTM B280', '1-1/8', 'annealed', 1.125, 0.05, 0.005, 0.0035, 'high'),
  inchTube('ASTM B280', '1-3/8', 'annealed', 1.375, 0.055, 0.006, 0.004, 'high'),
  inchTube('ASTM B280', '1-5/8', 'annealed', 1.625, 0.06, 0.006, 0.0045, 'high'),
  inchTube('ASTM B280', '3/8', 'drawn', 0.375, 0.03, 0.003, 0.002, 'high'),
  inchTube('ASTM B280', '1/2', 'drawn', 0.5, 0.035, 0.004, 0.002, 'high'),
  inchTube('ASTM B280', '5/8', 'drawn', 0.625, 0.04, 0.004, 0.002, 'high'),
  inchTube('ASTM B280', '3/4', 'drawn', 0.75, 0.042, 0.004, 0.0025, 'high'),
  inchTube('ASTM B280', '7/8', 'drawn', 0.875, 0.045, 0.004, 0.003, 'high'),
  inchTube('ASTM B280', '1-1/8', 'drawn', 1.125, 0.05, 0.005, 0.0035, 'high'),
  inchTube('ASTM B280', '1-3/8', 'drawn', 1.375, 0.055, 0.006, 0.004, 'high'),
  inchTube('ASTM B280', '1-5/8', 'drawn', 1.625, 0.06, 0.006, 0.0045, 'high'),
  inchTube('ASTM B280', '2-1/8', 'drawn', 2.125, 0.07, 0.007, 0.005, 'high'),
  inchTube('ASTM B280', '2-5/8', 'drawn', 2.625, 0.08, 0.008, 0.005, 'high'),
  inchTube('ASTM B280', '3-1/8', 'drawn', 3.125, 0.09, 0.009, 0.005, 'high'),
  inchTube('ASTM B280', '3-5/8', 'drawn', 3.625, 0.1, 0.01, 0.005, 'high'),
  inchTube('ASTM B280', '4-1/8', 'drawn', 4.125, 0.11, 0.011, 0.005, 'high'),
  inchTube('ASTM B88 type L', '3/8', 'drawn', 0.375, 0.03, 0.003, 0.002, 'high'),
  inchTube('ASTM B88 type L', '1/2', 'drawn', 0.5, 0.035, 0.004, 0.0025, 'high'),
  inchTube('ASTM B88 type L', '5/8', 'drawn', 0.625, 0.04, 0.004, 0.0025, 'high'),
  inchTube('ASTM B88 type L', '3/4', 'drawn', 0.75, 0.042, 0.004, 0.0025, 'high'),
  inchTube('ASTM B88 type L', '7/8', 'drawn', 0.875, 0.045, 0.004, 0.003, 'high'),
  inchTube('ASTM B88 type L', '1-1/8', 'drawn', 1.125, 0.05, 0.005, 0.0035, 'high'),
  inchTube('ASTM B88 type L', '1-3/8', 'drawn', 1.375, 0.055, 0.006, 0.004, 'high'),
  inchTube('ASTM B88 type L', '1-5/8', 'drawn', 1.625, 0.06, 0.006, 0.0045, 'high'),
  inchTube('ASTM B88 type L', '2-1/8', 'drawn', 2.125, 0.07, 0.007, 0.005, 'high'),
  inchTube('ASTM B88 type L', '2-5/8', 'drawn', 2.625, 0.08, 0.008, 0.005, 'high'),
  inchTube('ASTM B88 type L', '3-1/8', 'drawn', 3.125, 0.09, 0.009, 0.005, 'high'),
  inchTube('ASTM B88 type L', '3-5/8', 'drawn', 3.625, 0.1, 0.01, 0.005, 'high'),
  inchTube('ASTM B88 type L', '4-1/8', 'drawn', 4.125, 0.11, 0.011, 0.005, 'high'),
  inchTube('ASTM B88 type K', '3/8', 'drawn', 0.375, 0.035, 0.0035, 0.002, 'high'),
  inchTube('ASTM B88 type K', '1/2', 'drawn', 0.5, 0.049, 0.005, 0.0025, 'high'),
  inchTube('ASTM B88 type K', '5/8', 'drawn', 0.625, 0.049, 0.005, 0.0025, 'high'),
  inchTube('ASTM B88 type K', '3/4', 'drawn', 0.75, 0.049, 0.005, 0.0025, 'high'),
  inchTube('ASTM B88 type K', '7/8', 'drawn', 0.875, 0.065, 0.006, 0.003, 'high'),
  inchTube('ASTM B88 type K', '1-1/8', 'drawn', 1.125, 0.065, 0.006, 0.0035, 'high'),
  inchTube('ASTM B88 type K', '1-3/8', 'drawn', 1.375, 0.065, 0.006, 0.004, 'high'),
  inchTube('ASTM B88 type K', '1-5/8', 'drawn', 1.625, 0.072, 0.007, 0.0045, 'high'),
  inchTube('ASTM B88 type K', '2-1/8', 'drawn', 2.125, 0.083, 0.008, 0.005, 'medium'),
  inchTube('ASTM B88 type K', '2-5/8', 'drawn', 2.625, 0.095, 0.01, 0.005, 'medium'),
  inchTube('ASTM B88 type K', '3-1/8', 'drawn', 3.125, 0.109, 0.011, 0.005, 'medium'),
  inchTube('ASTM B88 type K', '3-5/8', 'drawn', 3.625, 0.12, 0.012, 0.005, 'medium'),
  inchTube('ASTM B88 type K', '4-1/8', 'drawn', 4.125, 0.134, 0.013, 0.005, 'medium'),
  metricTube(6, 1, 0.04),
  metricTube(8, 1, 0.04),
  metricTube(10, 1, 0.04),
  metricTube(12, 1, 0.04),
  metricTube(15, 1, 0.04),
  metricTube(16, 1, 0.04),
  metricTube(18, 1, 0.04),
  metricTube(22, 1, 0.05),
  metricTube(22, 1.5, 0.05),
  metricTube(28, 1, 0.05),
  metricTube(28, 1.5, 0.05),
  metricTube(35, 1.5, 0.06),
  metricTube(42, 1.5, 0.06),
  metricTube(54, 2, 0.06),
];
