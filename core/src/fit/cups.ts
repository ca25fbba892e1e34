import type { Provenance } from '../provenance';
import { LENGTH_UNITS } from '../unit/units';

/** A socket made for a tube of one outside diameter. */
export interface CupRow extends Provenance {
  readonly tubeOutsideM: number;
  readonly boreMinM: number;
  readonly boreMaxM: number;
  readonly depthM: number;
}

const INCH = LENGTH_UNITS.in;

// The five columns of the standard's table.
// eslint-disable-next-line max-params
function inchCup(tubeIn: number, boreMinIn: number, boreMaxIn: number, depthIn: number, confidence: Provenance['confidence']): CupRow {
  return {
    tubeOutsideM: tubeIn * INCH,
    boreMinM: boreMinIn * INCH,
    boreMaxM: boreMaxIn * INCH,
    depthM: depthIn * INCH,
    confidence,
    source: 'ASME B16.22, wrought solder-joint cup',
  };
}

/** Engagement of the EN 1254-1 long cup; its bore is not tabled here, so the inch cups' usual allowance stands in. */
function metricCup(tubeMm: number, depthMm: number): CupRow {
  return {
    tubeOutsideM: tubeMm / 1000,
    boreMinM: (tubeMm + 0.05) / 1000,
    boreMaxM: (tubeMm + 0.15) / 1000,
    depthM: depthMm / 1000,
    confidence: 'medium',
    source: 'EN 1254-1, long capillary cup; bore assumed from the inch cups',
  };
}

export const CUPS: readonly CupRow[] = [
  inchCup(0.25, 0.252, 0.256, 0.31, 'medium'),
  inchCup(0.3125, 0.314, 0.318, 0.31, 'low'),
  inchCup(0.375, 0.3775, 0.381, 0.31, 'high'),
  inchCup(0.5, 0.502, 0.506, 0.38, 'high'),
  inchCup(0.625, 0.627, 0.631, 0.5, 'high'),
  inchCup(0.75, 0.752, 0.756, 0.62, 'high'),
  inchCup(0.875, 0.877, 0.881, 0.75, 'high'),
  inchCup(1.125, 1.128, 1.132, 0.91, 'high'),
  inchCup(1.375, 1.378, 1.382, 0.97, 'high'),
  inchCup(1.625, 1.628, 1.633, 1.09, 'high'),
  inchCup(2.125, 2.128, 2.133, 1.34, 'high'),
  inchCup(2.625, 2.628, 2.633, 1.47, 'high'),
  inchCup(3.125, 3.128, 3.133, 1.66, 'high'),
  inchCup(3.625, 3.628, 3.633, 1.91, 'high'),
  inchCup(4.125, 4.128, 4.133, 2.16, 'high'),
  metricCup(6, 5.8),
  metricCup(8, 6.8),
  metricCup(10, 7.8),
  metricCup(12, 8.6),
  metricCup(15, 10.6),
  metricCup(16, 10.6),
  metricCup(18, 12.6),
  metricCup(22, 15.4),
  metricCup(28, 18.4),
  metricCup(35, 23),
  metricCup(42, 27),
  metricCup(54, 32),
  metricCup(76.1, 33.5),
  metricCup(108, 47.5),
];

/** The usual cup for a tube of this outside diameter: the nearest within 0.1 mm. Source: the row's own, ASME B16.22 or EN 1254-1. */
export function cupForTube(tubeOutsideM: number): CupRow | undefined {
  const miss = (row: CupRow) => Math.abs(row.tubeOutsideM - tubeOutsideM);
  return CUPS.filter((row) => miss(row) <= 0.0001).sort((a, b) => miss(a) - miss(b))[0];
}
