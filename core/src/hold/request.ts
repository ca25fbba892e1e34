import type { HELD_SIDES, TEST_GASES } from '../ledger/words';
import type { Quantity } from '../unit/units';

export interface GaugeRequest {
  /** The least step it shows, a difference of pressures. */
  readonly resolution: Quantity;
  /** How far it wanders in a day, a difference of pressures. */
  readonly drift?: Quantity;
  /** How far it wanders for a kelvin of its own warmth, a difference of pressures; 0.02 % of `range` where that is given. */
  readonly perKelvin?: Quantity;
  /** From 0 gauge to the end of its dial, a difference of pressures. */
  readonly range?: Quantity;
}

export interface HoldSampleRequest {
  readonly seconds: number;
  readonly pressure: Quantity;
  readonly temperature: Quantity;
  /** Of what stands in the sun; `temperature` is then of what stands in the shade. How much of the gas is warmed nobody knows. */
  readonly sun?: Quantity;
  /** Of the air then, where a barometer was read. */
  readonly atmosphere?: Quantity;
}

export { HELD_SIDES, TEST_GASES } from '../ledger/words';
export type TestGas = (typeof TEST_GASES)[number];
export type HeldSide = (typeof HELD_SIDES)[number];

export interface HoldRequest {
  readonly atmosphere?: Quantity;
  readonly altitude?: Quantity;
  readonly volume: Quantity;
  readonly samples: readonly HoldSampleRequest[];
  readonly gauge: GaugeRequest;
  /** How far the thermometer may be off the change of the gas between start and end [K]. */
  readonly temperatureUncertaintyK: number;
  readonly wantedLeakPaM3S?: number;
  /** What is in the circuit in service: turns the leak into grams a year. */
  readonly refrigerant?: string;
  /** The whole charge: a tenth of it a year is wanted to be seen where nothing else is said. */
  readonly charge?: Quantity;
  readonly gas?: string;
  /** What is held stands on this side in service; the high one where nobody says. */
  readonly side?: HeldSide;
  /** Saturation of that side with the machine running [°C]; 45 of high and liquid, 20 of low where nobody says. */
  readonly runningC?: number;
  /** The cylinder is shut and the hose shut at the unit. Taken as so where nobody says. */
  readonly supplyShut?: boolean;
  /** It is watched on: a leak is told sooner only where it is plain, since looking often raises false alarms. */
  readonly isBeforeItsEnd?: boolean;
  /** Share of the volume that the thermometer does not follow, 0..1; 0.1 where nobody says. */
  readonly unfollowedShare?: number;
}
