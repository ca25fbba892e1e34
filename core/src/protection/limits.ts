import type { NearKind } from '../vocabulary/part';
import { findFiller } from '../filler/fillers';

import type { Provenance } from '../provenance';

export interface LimitRow extends Provenance {
  readonly limitC: number | null;
  /** Comes off, out or away before the heat. */
  readonly removable: boolean;
  /** Not on the tube: what reaches it comes through the air, not along the metal. */
  readonly offTube: boolean;
  /** Catches fire: moved away, or shielded and watched, before a flame. */
  readonly burns: boolean;
  /** Mass of its body where nobody gives one, the light end of what is usual [kg]; null where it has no body of its own. */
  readonly usualMassKg: number | null;
}

const TRADE = 'usual limits; the part’s own sheet governs';

interface Rest {
  readonly removable?: boolean;
  readonly offTube?: boolean;
  readonly burns?: boolean;
  readonly massKg?: number;
}

const limit = (limitC: number | null, { removable = false, offTube = false, burns = false, massKg }: Rest = {}): LimitRow => ({
  limitC,
  removable,
  offTube,
  burns,
  usualMassKg: massKg ?? null,
  source: TRADE,
  confidence: 'low',
});

/** Hottest a part's body may get, the lower end of each usual range. */
export const PART_LIMITS: Readonly<Record<NearKind, LimitRow>> = {
  // What lies behind its stub.
  compressor: limit(100, { massKg: 5 }),
  condenser: limit(null),
  receiver: limit(null),
  valve: limit(120, { massKg: 0.2 }),
  'check-valve': limit(120, { massKg: 0.15 }),
  drier: limit(120, { massKg: 0.3 }),
  'sight-glass': limit(120, { massKg: 0.15 }),
  solenoid: limit(120, { massKg: 0.25 }),
  'expansion-valve': limit(100, { massKg: 0.3 }),
  capillary: limit(null),
  distributor: limit(null),
  evaporator: limit(null),
  accumulator: limit(null),
  'reversing-valve': limit(120, { massKg: 0.5 }),
  switch: limit(85, { removable: true }),
  transducer: limit(85, { removable: true }),
  port: limit(100),
  tube: limit(null),
  fitting: limit(null),
  'relief-valve': limit(70, { removable: true }),
  'fusible-plug': limit(70, { removable: true }),
  'vibration-absorber': limit(200),
  muffler: limit(null),
  'oil-separator': limit(120, { massKg: 0.5 }),
  'heat-exchanger': limit(null),
  pump: limit(100, { massKg: 2 }),
  'filter-shell': limit(120, { massKg: 0.5 }),
  'soft-solder-joint': limit(120),
  'brazed-joint': limit(null),
  'press-joint': limit(120),
  flare: limit(null),
  core: limit(100, { removable: true }),
  coil: limit(100, { removable: true }),
  'power-head': limit(100, { removable: true }),
  sensor: limit(85, { removable: true }),
  insulation: limit(105, { removable: true, burns: true }),
  wiring: limit(70, { removable: true, offTube: true, burns: true }),
  'circuit-board': limit(null, { removable: true, offTube: true }),
  wood: limit(null, { removable: true, offTube: true, burns: true }),
  'plastic-pipe': limit(70, { removable: true, burns: true }),
  grommet: limit(100, { removable: true, offTube: true, burns: true }),
  'painted-surface': limit(null, { offTube: true, burns: true }),
  sprinkler: { ...limit(57, { offTube: true }), source: 'sprinkler heads of ordinary class, 57-77 °C', confidence: 'high' },
  detector: { ...limit(57, { offTube: true }), source: 'fixed-temperature heat detectors of ordinary class', confidence: 'medium' },
};

/** Whether a kind of part catches fire: what stands beside a flame is asked for it. */
export const catchesFire = (kind: NearKind): boolean => PART_LIMITS[kind].burns;

/** A finished joint stays this far under the solidus of its filler [K]; it softens from there. */
const JOINT_MARGIN_K = 50;

/** Limit of a finished joint near by, by its filler; null where nobody knows it. Source: the row's solidus; the 50 K under it are judgement. */
export function finishedJointLimitC(filler: string | undefined): number | null {
  const row = filler === undefined ? undefined : findFiller(filler);
  return row ? row.solidusC - JOINT_MARGIN_K : null;
}
