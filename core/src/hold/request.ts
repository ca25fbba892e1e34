import type { Quantity } from '../unit/units';

export interface GaugeRequest {
  /** The least step it shows, a difference of pressures. */
  readonly resolution: Quantity;
  /** How far it wanders in a day, a difference of pressures. */
  readonly drift?: Quantity;
}

export interface HoldSampleRequest {
  readonly seconds: number;
  readonly pressure: Quantity;
  readonly temperature: Quantity;
}

export interface HoldRequest {
  readonly atmosphere?: Quantity;
  readonly altitude?: Quantity;
  readonly volume: Quantity;
  readonly samples: readonly HoldSampleRequest[];
  readonly gauge: GaugeRequest;
  /** How far the thermometer may be off the gas between start and end [K]. */
  readonly temperatureUncertaintyK: number;
  readonly wantedLeakPaM3S?: number;
  /** What is in the circuit in service: turns the leak into grams a year. */
  readonly refrigerant?: string;
  /** Share of the volume that the thermometer does not follow, 0..1; 0.1 where nobody says. */
  readonly unfollowedShare?: number;
}
