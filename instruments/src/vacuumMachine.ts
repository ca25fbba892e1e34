import { bell, random } from './random';
import type { Model, Noted } from './model';

/** A circuit under vacuum that is only worked out: its pump, what is wet in it, what its oil gives off, where it leaks. */
export interface VacuumWorld {
  readonly seed: number;
  readonly volumeL: number;
  readonly coldestC: number;
  /** Pump and hoses together, and what the pump reaches by itself. */
  readonly pumpLPerS: number;
  readonly ultimatePa: number;
  /** Liquid water somewhere in it. */
  readonly waterG: number;
  /** Gas held in oil and walls [Pa L], let go over hours. */
  readonly heldPaL: number;
  readonly leakPaLPerS: number;
}

const AIR_PA = 101_325;
/** What a thermal gauge reads at most, and its step [Pa]. */
const SCALE_PA = 3300;
const STEP_PA = 0.1;
const NOISE_SHARE = 0.006;
/** Water boils off as fast as warmth comes to it [Pa L/s for a pascal under its own pressure, for each root of a gram]. */
const BOILS = 0.12;
/** What is held lets go of so much of itself a second. */
const LETS_GO_PER_S = 1 / 5400;
/** A break with dry nitrogen carries so much of the water away, and half of what oil holds. */
const CARRIED = { water: 0.75, held: 0.5 } as const;
/** Gas that a gram of water makes at room warmth [Pa L]. */
const PA_L_PER_G = 135_000;

/** Vapour over water or ice [Pa]: through tabled points, straight in their logarithms. */
const VAPOUR = [103, 260, 611, 1228, 2339, 4247] as const;
const vapourPa = (celsius: number): number => {
  const at = Math.min(Math.max((celsius + 20) / 10, 0), VAPOUR.length - 1.001);
  const [low, high] = [VAPOUR[Math.floor(at)] ?? 611, VAPOUR[Math.ceil(at)] ?? 611];
  return low * (high / low) ** (at - Math.floor(at));
};

/** The circuit as it lives under its pump, with a vacuum gauge on it. */
export function vacuumMachine(world: VacuumWorld): Model {
  const draw = random(world.seed);
  const own = vapourPa(world.coldestC);
  let gasPa = AIR_PA;
  let vapour = 0;
  let waterG = world.waterG;
  let held = world.heldPaL;
  let isPumping = true;

  const second = (by: number) => {
    const total = gasPa + vapour;
    const speed = isPumping ? (world.pumpLPerS * Math.max(0, total - world.ultimatePa)) / total : 0;
    const share = Math.exp((-speed * by) / world.volumeL);
    const letGo = held * (1 - Math.exp(-LETS_GO_PER_S * by));
    held -= letGo;
    gasPa = gasPa * share + (world.leakPaLPerS * by + letGo) / world.volumeL;
    const boiled = Math.min(BOILS * Math.sqrt(waterG) * Math.max(0, own - vapour) * by, waterG * PA_L_PER_G);
    waterG = Math.max(0, waterG - boiled / PA_L_PER_G);
    vapour = Math.min(vapour * share + boiled / world.volumeL, Math.max(own, vapour * share));
  };
  return {
    kind: 'vacuum',
    columns: [{ quantity: 'vacuum', step: STEP_PA }],
    range: { value: 25_000, unit: 'micron' },
    pass: (seconds) => {
      for (let left = seconds; left > 0; left -= 1) second(Math.min(1, left));
    },
    read: () => {
      const pa = (gasPa + vapour) * (1 + NOISE_SHARE * bell(draw));
      return pa > SCALE_PA ? null : [Math.max(1, Math.round(pa / STEP_PA))];
    },
    act: ({ kind }: Noted) => {
      if (kind === 'valve-shut') isPumping = false;
      if (kind === 'pumped-on') isPumping = true;
      if (kind === 'broken-with-nitrogen') {
        [gasPa, vapour, isPumping] = [AIR_PA, 0, true];
        waterG *= 1 - CARRIED.water;
        held *= 1 - CARRIED.held;
      }
      return true;
    },
    bubblesAt: () => false,
  };
}
