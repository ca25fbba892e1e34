import { molesAt, molesPerS, pressurePa } from './gas';
import { bell, random } from './random';

/** A closed piece of a machine that is only worked out: how much it holds, where and how it leaks, what warms it. */
export interface World {
  readonly seed: number;
  readonly volumeL: number;
  readonly ambientC: number;
  /** Where it leaks, by the key of the place; null: nowhere. */
  readonly leakAt: string | null;
  /** At 25 bar, of nitrogen. */
  readonly leakPaM3S: number;
  /** So far the day warms the pipe in six hours [K]. */
  readonly swingK: number;
  /** Of the gauge and of the clamp: least step, scatter. */
  readonly gauge: { readonly stepKpa: number; readonly noiseKpa: number };
  readonly clamp: { readonly stepK: number; readonly noiseK: number };
}

const ATMOSPHERE = 101_325;
const ZERO_C = 273.15;
/** The gas follows the pipe by a third of the rest in this time [s], and warms while it is filled [K a bar]. */
const FOLLOWS_S = 240;
const FILL_K_PER_BAR = 0.18;
const LEAK_AT_PA = 25e5;
const DAY_S = 6 * 3600;

export interface Shown {
  readonly gaugeKpa: number;
  readonly pipeC: number;
}

/** The machine as it lives: time is moved on, pressure is let in or out, and its instruments are read. */
export class Machine {
  private readonly draw: () => number;
  private seconds = 0;
  private moles: number;
  private gasK: number;

  constructor(private readonly world: World) {
    this.draw = random(world.seed);
    this.gasK = world.ambientC + ZERO_C;
    this.moles = molesAt(ATMOSPHERE, this.volumeM3, this.gasK);
  }

  private get volumeM3(): number {
    return this.world.volumeL / 1000;
  }

  /** The pipe: a slow swing of the day, and clouds. */
  private pipeK(): number {
    const { ambientC, swingK } = this.world;
    const day = swingK * Math.sin((2 * Math.PI * this.seconds) / (4 * DAY_S));
    return ambientC + ZERO_C + day + 0.05 * Math.sin(this.seconds / 700) + 0.03 * Math.sin(this.seconds / 130);
  }

  private absolutePa(): number {
    return pressurePa(this.moles, this.volumeM3, this.gasK);
  }

  /** Gas is let in or out until it stands at a gauge pressure: it warms as it is pressed together, and cools as it is let down. */
  standAt(gaugeKpa: number): void {
    const before = this.absolutePa();
    const target = gaugeKpa * 1000 + ATMOSPHERE;
    this.gasK += ((target - before) / 1e5) * FILL_K_PER_BAR;
    this.moles = molesAt(target, this.volumeM3, this.gasK);
  }

  /** Time goes by [s]. */
  pass(seconds: number): void {
    const step = 1;
    for (let left = seconds; left > 0; left -= step) {
      const by = Math.min(step, left);
      this.seconds += by;
      this.gasK += (this.pipeK() - this.gasK) * (1 - Math.exp(-by / FOLLOWS_S));
      if (this.world.leakAt === null) continue;
      const pushed = Math.max(0, this.absolutePa() ** 2 - ATMOSPHERE ** 2);
      const leak = (this.world.leakPaM3S * pushed) / ((LEAK_AT_PA + ATMOSPHERE) ** 2 - ATMOSPHERE ** 2);
      this.moles = Math.max(0, this.moles - molesPerS(leak, this.gasK) * by);
    }
  }

  /** As its instruments show it: in whole steps, with their scatter. */
  read(): Shown {
    const { gauge, clamp } = this.world;
    const kpa = (this.absolutePa() - ATMOSPHERE) / 1000 + gauge.noiseKpa * bell(this.draw);
    const celsius = this.pipeK() - ZERO_C + clamp.noiseK * bell(this.draw);
    return { gaugeKpa: Math.round(kpa / gauge.stepKpa) * gauge.stepKpa, pipeC: Math.round(celsius / clamp.stepK) * clamp.stepK };
  }

  /** Whether soap bubbles there: where it leaks, and only under pressure. */
  bubblesAt(place: string): boolean {
    return this.world.leakAt === place && this.absolutePa() > 2 * ATMOSPHERE;
  }
}
