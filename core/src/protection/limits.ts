import type { NearKind } from '../plan/request';
import type { Provenance } from '../provenance';

export interface LimitRow extends Provenance {
  readonly limitC: number | null;
  /** Taken off before the heat where that can be done. */
  readonly removable: boolean;
  /** The flame or its gas reaches it through the air, whatever the tube conducts. */
  readonly throughAir: boolean;
}

const TRADE = 'usual limits; the part’s own sheet governs';
const limit = (limitC: number | null, removable = false, throughAir = false): LimitRow => ({
  limitC,
  removable,
  throughAir,
  source: TRADE,
  confidence: 'low',
});

/** Hottest a part's body may get, the lower end of each usual range. */
export const PART_LIMITS: Readonly<Record<NearKind, LimitRow>> = {
  compressor: limit(100),
  condenser: limit(null),
  receiver: limit(null),
  valve: limit(120),
  'check-valve': limit(120),
  drier: limit(120),
  'sight-glass': limit(120),
  solenoid: limit(120, true),
  'expansion-valve': limit(100, true),
  capillary: limit(null),
  distributor: limit(null),
  evaporator: limit(null),
  accumulator: limit(null),
  'reversing-valve': limit(120),
  switch: limit(85, true),
  transducer: limit(85, true),
  port: limit(100, true),
  tube: limit(null),
  fitting: limit(null),
  'soft-solder-joint': limit(120),
  insulation: limit(105, true, true),
  wiring: limit(70, true, true),
  sprinkler: { limitC: 57, removable: false, throughAir: true, source: 'sprinkler heads of ordinary class, 57-77 °C', confidence: 'high' },
  core: limit(100, true),
  'press-joint': limit(120),
  flare: limit(null),
};
