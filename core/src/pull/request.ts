import type { CircuitGraph } from '../circuit/graph';
import type { GaugePlace } from '../ledger/words';
import type { Quantity } from '../unit/units';

export interface PullSampleRequest {
  readonly seconds: number;
  readonly micron?: number;
  readonly pressure?: Quantity;
}

export interface BreakRequest {
  readonly reached: Quantity;
  readonly brokenTo: Quantity;
  readonly minutes: number;
}

export interface HoseRequest {
  readonly bore: Quantity;
  readonly length: Quantity;
  readonly core: 'in' | 'out';
  readonly coreBore?: Quantity;
}

/** A rise, breaks or a forecast: one of the three, and with any of them what the pump reaches. */
export interface PullRequest {
  readonly atmosphere?: Quantity;
  readonly altitude?: Quantity;
  readonly samples?: readonly PullSampleRequest[];
  readonly ambient?: Quantity;
  readonly coldest?: Quantity;
  readonly limit?: Quantity;
  readonly schools?: { readonly riseLimit?: '500-in-10' | 'flattens-1000' };
  readonly gaugeAt?: GaugePlace;
  readonly volume?: Quantity;
  readonly refrigerant?: string;
  readonly breaks?: readonly BreakRequest[];
  readonly pump?: { readonly speed: Quantity; readonly ultimate: Quantity };
  readonly hoses?: readonly HoseRequest[];
  readonly circuit?: CircuitGraph;
  readonly ports?: readonly string[];
}
