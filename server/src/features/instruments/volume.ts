import { FieldReader, type Quantity } from '@kesto/core';

/** A volume that was told [m3]. */
export const volumeM3Of = (volume: Quantity): number => new FieldReader().volumeM3('volume', volume, { min: 1e-6, max: 100 });
