import type { Calculator } from '../calculator';
import { cylinder } from './cylinder';
import { airHeat, waterHeat } from './heat';
import { gap, rod, strength } from './joint';
import { purge } from './purge';
import { reach } from './reach';
import { readings, saturation } from './refrigerant';
import { units } from './units';

/** In the order of a job. */
export const CALCULATORS: readonly Calculator[] = [
  gap,
  rod,
  strength,
  purge,
  reach,
  cylinder,
  saturation,
  readings,
  waterHeat,
  airHeat,
  units,
];
