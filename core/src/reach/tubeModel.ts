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

/** A grid near the wanted one that has a point where the wet length begins: there the temperature bends. */
export function gridThrough(wet: WetLength | null, wantedM: number): number {
  if (!wet || wet.fromM < wantedM) return wantedM;
  return wet.fromM / Math.round(wet.fromM / wantedM);
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
  private readonly loss: Float64Array;
  private readonly conductance: number;
  private pinnedCount = 0;
  private stepS = 0;
  private inJ = 0;
  private lostJ = 0;
  private absorbedJ = 0;

  constructor(private readonly model: TubeModel) {
    this.n = Math.max(8, Math.ceil(model.lengthM / model.gridM) + 1);
    const array = () => new Float64Array(this.n);
    this.conductance = (model.conductivity * model.areaM2) / model.gridM;
    this.capacity = array();
    this.waterLeftJ = array();
    this.lower = array();
    this.diagonal = array();
    this.upper = array();
    this.right = array();
    this.previous = array();
    this.loss = array();
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
    return this.pinnedCount > 0;
  }

  get energy(): EnergyAccount {
    let storedJ = 0;
    for (let i = 0; i < this.n; i++) storedJ += (this.capacity[i] ?? 0) * ((this.temperatures[i] ?? 0) - this.model.ambientC);
    return { inJ: this.inJ, storedJ, lostJ: this.lostJ, absorbedJ: this.absorbedJ };
  }

  /** One step; a caller may lengthen it by `stretch` where little changes any more. */
  step(stretch = 1): void {
    const stepS = this.model.stepS * stretch;
    this.stepS = stepS;
    this.previous.set(this.temperatures);
    this.fillLosses();
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
    for (let i = 0; i < this.n; i++) if (i * gridM >= wet.fromM - 1e-9 && i * gridM <= wet.toM + gridM / 2) cells.push(i);
    const totalJ = wet.waterKg * (WATER_HEAT_J_PER_KG_K * (BOILING_C - ambientC) + WATER_BOIL_J_PER_KG);
    this.lumpLeftJ = totalJ;
    for (const i of cells) {
      this.covered[i] = 1;
      this.waterLeftJ[i] = totalJ / cells.length;
    }
  }

  /** Loss coefficients at the last temperatures [W/K]: air plus radiation as a secant, so that a step's loss is coefficient x (T - Ta). */
  private fillLosses(): void {
    const { airH, emissivity, ambientC, perimeterM, gridM } = this.model;
    const { previous, loss, n } = this;
    const surface = perimeterM * gridM;
    const radiation = emissivity * STEFAN_BOLTZMANN;
    const Ta = ambientC + KELVIN;
    for (let i = 0; i < n; i++) {
      const T = (previous[i] ?? ambientC) + KELVIN;
      loss[i] = surface * (airH + radiation * (T * T + Ta * Ta) * (T + Ta));
    }
    loss[0] = (loss[0] ?? 0) / 2;
    loss[n - 1] = (loss[n - 1] ?? 0) / 2;
  }

  private assemble(end: number | null): void {
    const { ambientC } = this.model;
    const { n, stepS, capacity, previous, loss, lower, upper, diagonal, right } = this;
    const G = this.conductance;
    for (let i = 0; i < n; i++) {
      const inertia = (capacity[i] ?? 0) / stepS;
      const cooling = loss[i] ?? 0;
      lower[i] = upper[i] = -G;
      diagonal[i] = inertia + 2 * G + cooling;
      right[i] = inertia * (previous[i] ?? 0) + cooling * ambientC;
    }
    this.closeEnds(end);
    if (this.pinnedCount > 0) for (let i = 0; i < n; i++) if (this.pinned[i] === 1) this.fix(i, BOILING_C);
  }

  private closeEnds(end: number | null): void {
    const { n, diagonal } = this;
    diagonal[0] = (diagonal[0] ?? 0) - this.conductance;
    diagonal[n - 1] = (diagonal[n - 1] ?? 0) - this.conductance;
    this.lower[0] = 0;
    this.upper[n - 1] = 0;
    if (end !== null) this.fix(0, end);
  }

  private fix(i: number, temperatureC: number): void {
    this.lower[i] = this.upper[i] = 0;
    this.diagonal[i] = 1;
    this.right[i] = temperatureC;
  }

  /** What a cell's neighbours and its own cooling bring it beyond what it stores and loses [W]: for a held cell, what the holder takes. */
  private residualW(i: number): number {
    const { ambientC } = this.model;
    const T = this.temperatures[i] ?? 0;
    const G = this.conductance;
    const left = i > 0 ? G * ((this.temperatures[i - 1] ?? 0) - T) : 0;
    const right = i < this.n - 1 ? G * ((this.temperatures[i + 1] ?? 0) - T) : 0;
    return left + right - (this.loss[i] ?? 0) * (T - ambientC) - ((this.capacity[i] ?? 0) * (T - (this.previous[i] ?? 0))) / this.stepS;
  }

  private hasWater(i: number): boolean {
    if (this.covered[i] !== 1 || !this.model.wet) return false;
    return this.model.wet.store === 'lump' ? this.lumpLeftJ > 0 : (this.waterLeftJ[i] ?? 0) > 0;
  }

  private updatePinned(): boolean {
    if (!this.model.wet) return false;
    let changed = false;
    for (let i = 0; i < this.n; i++) {
      if (this.covered[i] !== 1) continue;
      const should = this.hasWater(i) && (this.pinned[i] === 1 ? this.residualW(i) > 0 : (this.temperatures[i] ?? 0) > BOILING_C);
      if (should === (this.pinned[i] === 1)) continue;
      this.pinned[i] = should ? 1 : 0;
      this.pinnedCount += should ? 1 : -1;
      changed = true;
    }
    return changed;
  }

  private account(end: number | null): void {
    const { ambientC } = this.model;
    const { stepS } = this;
    for (let i = 0; i < this.n; i++) {
      this.lostJ += (this.loss[i] ?? 0) * ((this.temperatures[i] ?? 0) - ambientC) * stepS;
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
