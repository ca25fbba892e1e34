import type { World } from './machine';
import { random } from './random';
import type { VacuumWorld } from './vacuumMachine';

export const SCENARIOS = ['tight', 'leaking', 'sunny', 'noisy'] as const;
export type Scenario = (typeof SCENARIOS)[number];

/** What is known of a piece before it is made up. */
export interface Piece {
  readonly seed: number;
  readonly volumeL: number;
  readonly ambientC: number;
  /** Where it may leak, by the keys of the places. */
  readonly places: readonly string[];
}

/** Of a piece of three litres: leaks that an hour shows, and some that only a night does [Pa m3/s]. */
const LEAK = { least: 0.008, most: 0.06, atL: 3 } as const;

/** A machine made up by its seed: where it leaks and how much nobody is told. */
export function worldOf(scenario: Scenario, { seed, volumeL, ambientC, places }: Piece): World {
  const draw = random(seed);
  const place = places[Math.floor(draw() * places.length)] ?? null;
  const leakPaM3S = LEAK.least * (LEAK.most / LEAK.least) ** draw() * (volumeL / LEAK.atL);
  const leaks = scenario !== 'tight';
  return {
    ...{ seed, volumeL, ambientC, leakAt: leaks ? place : null, leakPaM3S: leaks ? leakPaM3S : 0 },
    swingK: scenario === 'sunny' ? 8 : 1,
    gauge: { stepKpa: 0.1, noiseKpa: scenario === 'noisy' ? 2 : 0.3 },
    clamp: { stepK: 0.1, noiseK: scenario === 'noisy' ? 0.3 : 0.05 },
  };
}

export const VACUUM_SCENARIOS = ['dry', 'wet', 'leaking'] as const;
export type VacuumScenario = (typeof VACUUM_SCENARIOS)[number];

/** What is known of a circuit before its vacuum is made up. */
export interface Pulled {
  readonly seed: number;
  readonly volumeL: number;
  readonly coldestC: number;
  readonly pumpLPerS: number;
  readonly ultimatePa: number;
}

/** A circuit made up by its seed: how wet, what its oil holds, whether it leaks. */
export function vacuumWorldOf(scenario: VacuumScenario, pulled: Pulled): VacuumWorld {
  const draw = random(pulled.seed + 1);
  const isWet = scenario === 'wet';
  return {
    ...pulled,
    waterG: isWet ? 6 + 4 * draw() : 0,
    heldPaL: pulled.volumeL * (isWet ? 120 : 30) * (0.5 + draw()),
    leakPaLPerS: scenario === 'leaking' ? pulled.volumeL * (0.04 + 0.2 * draw()) : 0,
  };
}
