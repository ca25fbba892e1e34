import { First1764000000001 } from './0001-first';

/** In order; each runs once, forward only. */
export const MIGRATIONS = [First1764000000001];
