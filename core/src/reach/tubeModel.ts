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
  /** Bodies on the tube: a capacity behind a wall. */
  readonly lumps: readonly { atM: number; capacityJPerK: number; conductanceWPerK: number }[];
  readonly gridM: number;
  /** Up to here the grid is even; beyond it, where nothing is asked and little bends, it widens. Even throughout without it. */
  readonly fineToM?: number;
  readonly stepS: number;
}

/** A grid near the wanted one that has a point where the wet length begins: there the temperature bends. */
export function gridThrough(wet: WetLength | null, wantedM: number): number {
  if (!wet || wet.fromM < wantedM) return wantedM;
  return wet.fromM / Math.round(wet.fromM / wantedM);
}

/** Each piece of the far tube is this much longer than the one before it. */
const WIDENING = 1.15;

/** Places of the grid's points [m]: even as far as anything is asked, then widening to the end. */
export function gridPlaces({ gridM, lengthM, fineToM = lengthM }: Pick<TubeModel, 'gridM' | 'lengthM' | 'fineToM'>): readonly number[] {
  const places = Array.from({ length: Math.max(8, Math.ceil(Math.min(fineToM, lengthM) / gridM) + 1) }, (_, i) => i * gridM);
  let [at, piece] = [places[places.length - 1] ?? 0, gridM];
  while (at < lengthM - 1e-9) {
    piece *= WIDENING;
    at += piece;
    places.push(at);
  }
  return places;
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
  /** Temperatures of the bodies [°C], and the point of the grid each hangs on. */
  private readonly bodies: Float64Array;
  private readonly bodyAt: readonly number[];
  private readonly places: readonly number[];
  private readonly widths: Float64Array;
  /** Between each point and the next [W/K]. */
  private readonly conductances: Float64Array;
  private pinnedCount = 0;
  private stepS = 0;
  private inJ = 0;
  private lostJ = 0;
  private absorbedJ = 0;

  constructor(private readonly model: TubeModel) {
    this.places = gridPlaces(model);
    this.n = this.places.length;
    this.bodies = new Float64Array(model.lumps.length).fill(model.ambientC);
    this.bodyAt = model.lumps.map((lump) => Math.min(this.n - 1, Math.round(lump.atM / model.gridM))); // bodies stand where the grid is even
    const array = () => new Float64Array(this.n);
    this.widths = array();
    this.conductances = array();
    this.measureGrid();
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
    const { places, temperatures, n } = this;
    const { gridM, ambientC } = this.model;
    let i = Math.min(n - 2, Math.max(0, Math.floor(distanceM / gridM)));
    while (i > 0 && (places[i] ?? 0) > distanceM) i--;
    const [from, to] = [places[i] ?? 0, places[i + 1] ?? 1];
    const [a, b] = [temperatures[i] ?? ambientC, temperatures[i + 1] ?? ambientC];
    return a + (b - a) * Math.min(1, Math.max(0, (distanceM - from) / (to - from)));
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
    this.model.lumps.forEach((lump, j) => (storedJ += lump.capacityJPerK * ((this.bodies[j] ?? 0) - this.model.ambientC)));
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
    this.warmBodies();
  }

  private measureGrid(): void {
    const { places, n } = this;
    const { conductivity, areaM2 } = this.model;
    for (let i = 0; i < n; i++) {
      const [before, here, after] = [places[Math.max(0, i - 1)] ?? 0, places[i] ?? 0, places[Math.min(n - 1, i + 1)] ?? 0];
      this.widths[i] = (after - before) / 2;
      this.conductances[i] = i < n - 1 ? (conductivity * areaM2) / (after - here) : 0;
    }
  }

  private fillCapacities(): void {
    const { densityKgPerM3, heatCapacity, areaM2, endCapacityJPerK } = this.model;
    const perMetre = densityKgPerM3 * heatCapacity * areaM2;
    for (let i = 0; i < this.n; i++) this.capacity[i] = perMetre * (this.widths[i] ?? 0);
    this.capacity[0] = (this.capacity[0] ?? 0) + endCapacityJPerK;
  }

  private pourWater(): void {
    const { wet, gridM, ambientC } = this.model;
    if (!wet) return;
    const cells: number[] = [];
    this.places.forEach((x, i) => x >= wet.fromM - 1e-9 && x <= wet.toM + gridM / 2 && cells.push(i));
    const totalJ = wet.waterKg * (WATER_HEAT_J_PER_KG_K * (BOILING_C - ambientC) + WATER_BOIL_J_PER_KG);
    this.lumpLeftJ = totalJ;
    for (const i of cells) {
      this.covered[i] = 1;
      this.waterLeftJ[i] = totalJ / cells.length;
    }
  }

  /** Loss coefficients at the last temperatures [W/K]: air plus radiation as a secant, so that a step's loss is coefficient x (T - Ta). */
  private fillLosses(): void {
    const { airH, emissivity, ambientC, perimeterM } = this.model;
    const { previous, loss, n, widths } = this;
    const radiation = emissivity * STEFAN_BOLTZMANN;
    const Ta = ambientC + KELVIN;
    for (let i = 0; i < n; i++) {
      const T = (previous[i] ?? ambientC) + KELVIN;
      loss[i] = perimeterM * (widths[i] ?? 0) * (airH + radiation * (T * T + Ta * Ta) * (T + Ta));
    }
  }

  private assemble(end: number | null): void {
    const { ambientC } = this.model;
    const { n, stepS, capacity, previous, loss, lower, upper, diagonal, right, conductances } = this;
    let fromLeft = 0;
    for (let i = 0; i < n; i++) {
      const inertia = (capacity[i] ?? 0) / stepS;
      const cooling = loss[i] ?? 0;
      const toRight = conductances[i] ?? 0;
      lower[i] = -fromLeft;
      upper[i] = -toRight;
      diagonal[i] = inertia + fromLeft + toRight + cooling;
      right[i] = inertia * (previous[i] ?? 0) + cooling * ambientC;
      fromLeft = toRight;
    }
    this.model.lumps.forEach((_lump, j) => {
      const [i, towards] = [this.bodyAt[j] ?? 0, this.bodyCouplingW(j)];
      diagonal[i] = (diagonal[i] ?? 0) + towards;
      right[i] = (right[i] ?? 0) + towards * (this.bodies[j] ?? 0);
    });
    if (end !== null) this.fix(0, end);
    if (this.pinnedCount > 0) for (let i = 0; i < n; i++) if (this.pinned[i] === 1) this.fix(i, BOILING_C);
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
    const left = i > 0 ? (this.conductances[i - 1] ?? 0) * ((this.temperatures[i - 1] ?? 0) - T) : 0;
    const right = i < this.n - 1 ? (this.conductances[i] ?? 0) * ((this.temperatures[i + 1] ?? 0) - T) : 0;
    const stored = ((this.capacity[i] ?? 0) * (T - (this.previous[i] ?? 0))) / this.stepS;
    return left + right - (this.loss[i] ?? 0) * (T - ambientC) - stored - this.intoBodiesW(i);
  }

  temperatureOfBody(j: number): number {
    return this.bodies[j] ?? this.model.ambientC;
  }

  /** What flows into a body per kelvin between the tube now and the body before the step, the body warming meanwhile [W/K]. */
  private bodyCouplingW(j: number): number {
    const lump = this.model.lumps[j];
    if (!lump) return 0;
    const inertia = lump.capacityJPerK / this.stepS;
    return (lump.conductanceWPerK * inertia) / (lump.conductanceWPerK + inertia);
  }

  private intoBodiesW(i: number): number {
    return this.bodyAt.reduce(
      (sum, at, j) => sum + (at === i ? this.bodyCouplingW(j) * ((this.temperatures[i] ?? 0) - (this.bodies[j] ?? 0)) : 0),
      0,
    );
  }

  private warmBodies(): void {
    this.model.lumps.forEach((lump, j) => {
      const before = this.bodies[j] ?? 0;
      const root = this.temperatures[this.bodyAt[j] ?? 0] ?? 0;
      this.bodies[j] = before + (this.bodyCouplingW(j) * (root - before) * this.stepS) / lump.capacityJPerK;
    });
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
