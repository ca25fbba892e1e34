import type { PurgeRequest } from '../purge/request';
import type { SafetyClass } from '../refrigerant/safetyClasses';

/** What plate and drawing say of a circuit. */
export interface CircuitFacts {
  readonly refrigerant: string;
  /** Of a refrigerant that the engine does not know. */
  readonly safetyClass?: SafetyClass;
  readonly highSideDesignGaugePa: number;
  readonly lowSideDesignGaugePa: number;
  readonly coldestC: number;
  /** What belongs in it, by the plate. */
  readonly chargeKg?: number;
  readonly oil?: string;
  /** What the nitrogen sweeps. */
  readonly purgeSections: PurgeRequest['sections'];
}
