import { solveTridiagonal } from './tridiagonal';

const STEFAN_BOLTZMANN = 5.670374419e-8;
const KELVIN = 273.15;
/** Wet surfaces cannot pass this while their water lasts [°C]. */
export const BOILING_C = 100;
const WATER_HEAT_J_PER_KG_K = 4190;
const WATER_BOIL_J_PER_KG = 2.26e6;

/** Water on the tube between two distances. `lump`: one store for the whole length; `cells`: each piece dries on its own, hot edge first. */
export interface WetLength {
  readonly fromM: number;
  readonly toM: number;
  readonly waterKg: number;
  readonly store: 'lump' | 'cells';
}

export interface TubeModel {
  readonly conductivity: number;
  readonly heatCapacity: number;
  readonly densityKgPerM3: number;
  readonly areaM2: number;
  readonly perimeterM: number;
  readonly airH: number;
  readonly emissivity: number;
  readonly ambientC: number;
  readonly lengthM: number;
  /** Temperature of x = 0 at a time [°C], or null where that end is insulated. */
  readonly endTemperatureC: (seconds: number) => number | null;
  /** Heat stored by the joint itself behind x = 0 [J/K]. */
  readonly endCapacityJPerK: number;
  readonly wet: WetLength | null;
  readonly lumps: readonly { atM: number; capacityJPerK: number }[];
  readonly gridM: number;
  readonly stepS: number;
}

export interface EnergyAccount {
  readonly inJ: number;
  readonly storedJ: number;
  readonly lostJ: number;
  readonly absorbedJ: number;
}

/**
 * Transient conduction along a tube with losses to air and a wet length, stepped by the caller.
 *
 * rho c A dT/dt = d/dx(k A dT/dx) - h P (T - Ta) - eps sigma P (T^4 - Ta^4), finite volumes, backward Euler
 * (no overshoot at the sudden end temperature), radiation linearised each step; the wet length is an active set of
 * cells held at 100 °C whose residual is the heat the water takes.
 */
export class TubeSimulation {
  readonly temperatures: Float64Array;
  seconds = 0;
  dryAtS: number | null = null;
  private readonly n: number;
  private readonly capacity: Float64Array;
  private readonly waterLeftJ: Float64Array;
  private lumpLeftJ: number;
  private readonly covered: Uint8Array;
  private readonly pinned: Uint8Array;
  private readonly lower: Float64Array;
  private readonly diagonal: Float64Array;
  private readonly upper: Float64Array;
  private readonly right: Float64Array;
  private readonly previous: Float64Array;
  private inJ = 0;
  private lostJ = 0;
  private absorbedJ = 0;

  constructor(private readonly model: TubeModel) {
    this.n = Math.max(8, Math.ceil(model.lengthM / model.gridM) + 1);
    const array = () => new Float64Array(this.n);
    [this.capacity, this.waterLeftJ, this.lower, this.diagonal, this.upper, this.right, this.previous] = [
      array(),
      array(),
      array(),
      array(),
      array(),
      array(),
      array(),
    ];
    this.temperatures = array().fill(model.ambientC);
    this.covered = new Uint8Array(this.n);
    this.pinned = new Uint8Array(this.n);
    this.lumpLeftJ = 0;
    this.fillCapacities();
    this.pourWater();
  }

  temperatureAt(distanceM: number): number {
    const place = Math.min(this.n - 1.000001, Math.max(0, distanceM / this.model.gridM));
    const i = Math.floor(place);
    const [a, b] = [this.temperatures[i] ?? this.model.ambientC, this.temperatures[i + 1] ?? this.model.ambientC];
    return a + (b - a) * (place - i);
  }

  get isWet(): boolean {
    return this.model.wet !== null && this.dryAtS === null;
  }

  /** True while the water is holding some of the tube at boiling. */
  get isHolding(): boolean {
    return this.pinned.some((p) => p === 1);
  }

  get energy(): EnergyAccount {
    let storedJ = 0;
    for (let i = 0; i < this.n; i++) storedJ += (this.capacity[i] ?? 0) * ((this.temperatures[i] ?? 0) - this.model.ambientC);
    return { inJ: this.inJ, storedJ, lostJ: this.lostJ, absorbedJ: this.absorbedJ };
  }

  step(): void {
    const { stepS } = this.model;
    this.previous.set(this.temperatures);
    const end = this.model.endTemperatureC(this.seconds + stepS);
    for (let attempt = 0; attempt < 12; attempt++) {
      this.assemble(end);
      solveTridiagonal(this.lower, this.diagonal, this.upper, this.right);
      this.temperatures.set(this.right);
      if (!this.updatePinned()) break;
    }
    this.seconds += stepS;
    this.account(end);
  }

  private fillCapacities(): void {
    const { densityKgPerM3, heatCapacity, areaM2, gridM, lumps, endCapacityJPerK } = this.model;
    const perCell = densityKgPerM3 * heatCapacity * areaM2 * gridM;
    this.capacity.fill(perCell);
    this.capacity[0] = perCell / 2 + endCapacityJPerK;
    this.capacity[this.n - 1] = perCell / 2;
    for (const lump of lumps) {
      const i = Math.min(this.n - 1, Math.round(lump.atM / gridM));
      this.capacity[i] = (this.capacity[i] ?? 0) + lump.capacityJPerK;
    }
  }

  private pourWater(): void {
    const { wet, gridM, ambientC } = this.model;
    if (!wet) return;
    const cells: number[] = [];
    for (let i = 0; i < this.n; i++) if (i * gridM >= wet.fromM - 1e-9 && i * gridM <= wet.toM + 1e-9) cells.push(i);
    const totalJ = wet.waterKg * (WATER_HEAT_J_PER_KG_K * (BOILING_C - ambientC) + WATER_BOIL_J_PER_KG);
    this.lumpLeftJ = totalJ;
    for (const i of cells) {
      this.covered[i] = 1;
      this.waterLeftJ[i] = totalJ / cells.length;
    }
  }

  private conductance(): number {
    return (this.model.conductivity * this.model.areaM2) / this.model.gridM;
  }

  private surface(i: number): number {
    const whole = this.model.perimeterM * this.model.gridM;
    return i === 0 || i === this.n - 1 ? whole / 2 : whole;
  }

  /** Loss coefficient of a cell at its last temperature [W/K]: air plus radiation as a secant, so that a step's loss is coefficient x (T - Ta). */
  private loss(i: number): number {
    const { airH, emissivity, ambientC } = this.model;
    const T = (this.previous[i] ?? ambientC) + KELVIN;
    const Ta = ambientC + KELVIN;
    return this.surface(i) * (airH + emissivity * STEFAN_BOLTZMANN * (T * T + Ta * Ta) * (T + Ta));
  }

  private assemble(end: number | null): void {
    const { stepS, ambientC } = this.model;
    const G = this.conductance();
    for (let i = 0; i < this.n; i++) {
      const inertia = (this.capacity[i] ?? 0) / stepS;
      const loss = this.loss(i);
      const links = i === 0 || i === this.n - 1 ? G : 2 * G;
      const fixed = i === 0 && end !== null ? end : this.pinned[i] === 1 ? BOILING_C : null;
      this.lower[i] = fixed === null && i > 0 ? -G : 0;
      this.upper[i] = fixed === null && i < this.n - 1 ? -G : 0;
      this.diagonal[i] = fixed === null ? inertia + links + loss : 1;
      this.right[i] = fixed ?? inertia * (this.previous[i] ?? 0) + loss * ambientC;
    }
  }

  /** What a cell's neighbours and its own cooling bring it beyond what it stores and loses [W]: for a held cell, what the holder takes. */
  private residualW(i: number): number {
    const { stepS, ambientC } = this.model;
    const T = this.temperatures[i] ?? 0;
    const G = this.conductance();
    const left = i > 0 ? G * ((this.temperatures[i - 1] ?? 0) - T) : 0;
    const right = i < this.n - 1 ? G * ((this.temperatures[i + 1] ?? 0) - T) : 0;
    return left + right - this.loss(i) * (T - ambientC) - ((this.capacity[i] ?? 0) * (T - (this.previous[i] ?? 0))) / stepS;
  }

  private hasWater(i: number): boolean {
    if (this.covered[i] !== 1 || !this.model.wet) return false;
    return this.model.wet.store === 'lump' ? this.lumpLeftJ > 0 : (this.waterLeftJ[i] ?? 0) > 0;
  }

  private updatePinned(): boolean {
    let changed = false;
    for (let i = 0; i < this.n; i++) {
      if (this.covered[i] !== 1) continue;
      const should = this.hasWater(i) && (this.pinned[i] === 1 ? this.residualW(i) > 0 : (this.temperatures[i] ?? 0) > BOILING_C);
      if (should === (this.pinned[i] === 1)) continue;
      this.pinned[i] = should ? 1 : 0;
      changed = true;
    }
    return changed;
  }

  private account(end: number | null): void {
    const { stepS, ambientC } = this.model;
    for (let i = 0; i < this.n; i++) {
      this.lostJ += this.loss(i) * ((this.temperatures[i] ?? 0) - ambientC) * stepS;
      if (this.pinned[i] === 1) this.drink(i, this.residualW(i) * stepS);
    }
    if (end !== null) this.inJ -= this.residualW(0) * stepS;
  }

  private drink(i: number, joules: number): void {
    this.absorbedJ += joules;
    this.lumpLeftJ -= joules;
    this.waterLeftJ[i] = (this.waterLeftJ[i] ?? 0) - joules;
    const dry = this.model.wet?.store === 'lump' ? this.lumpLeftJ <= 0 : (this.waterLeftJ[i] ?? 0) <= 0;
    if (dry && this.dryAtS === null) this.dryAtS = this.seconds;
  }
}
