import { gridPlaces } from './grid';
import type { EnergyAccount, TubeModel } from './tubeModel';

const STEFAN_BOLTZMANN = 5.670374419e-8;
const KELVIN = 273.15;
/** Wet surfaces cannot pass this while their water lasts [°C]. */
const BOILING_C = 100;
const WATER_HEAT_J_PER_KG_K = 4190;
const WATER_BOIL_J_PER_KG = 2.26e6;
/** Of one number a cell, in `TubeSimulation`. */
const ARRAYS = 10;

/** Where a body meets the tube: between a point of the grid and the next, so much of it at the next. */
interface Root {
  readonly left: number;
  readonly rightShare: number;
}

function rootBetween(place: number, points: number): Root {
  const left = Math.min(points - 2, Math.floor(place + 1e-9));
  return { left, rightShare: Math.min(1, Math.max(0, place - left)) };
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
  private readonly pinned: Uint8Array;
  /** Of the elimination: how much of a cell's right neighbour it takes up. */
  private readonly gains: Float64Array;
  private readonly previous: Float64Array;
  private readonly loss: Float64Array;
  /** Temperatures of the bodies [°C], and the points of the grid each hangs between. */
  private readonly bodies: Float64Array;
  private readonly roots: readonly Root[];
  /** By cell: what flows into its bodies per kelvin between the tube now and the body before the step [W/K], and that times the bodies [W]. */
  private readonly coupling: Float64Array;
  private readonly fromBodies: Float64Array;
  private readonly places: readonly number[];
  private readonly widths: Float64Array;
  /** Between each point and the next [W/K]. */
  private readonly conductances: Float64Array;
  private pinnedCount = 0;
  /** The covered cells: from the first up to, not including, the last. */
  private coveredFrom = 0;
  private coveredTo = 0;
  private stepS = 0;
  private inJ = 0;
  private lostJ = 0;
  private absorbedJ = 0;

  constructor(private readonly model: TubeModel) {
    this.places = gridPlaces(model);
    this.n = this.places.length;
    this.bodies = new Float64Array(model.lumps.length).fill(model.ambientC);
    this.roots = model.lumps.map((lump) => rootBetween(lump.atM / model.gridM, this.n)); // bodies stand where the grid is even
    // One piece of memory for all: a plan makes and drops several of these.
    const memory = new Float64Array(ARRAYS * this.n);
    let taken = 0;
    const array = () => memory.subarray(taken * this.n, ++taken * this.n);
    this.widths = array();
    this.conductances = array();
    this.measureGrid();
    this.capacity = array();
    this.waterLeftJ = array();
    this.gains = array();
    this.coupling = array();
    this.fromBodies = array();
    this.previous = array();
    this.loss = array();
    this.temperatures = array().fill(model.ambientC);
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
    this.takeLosses();
    this.coupleBodies();
    const end = this.model.endTemperatureC(this.seconds + stepS);
    for (let attempt = 0; attempt < 12; attempt++) {
      this.solve(end);
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
    this.coveredFrom = cells[0] ?? 0;
    this.coveredTo = (cells[cells.length - 1] ?? -1) + 1;
    for (const i of cells) {
      this.waterLeftJ[i] = totalJ / cells.length;
    }
  }

  /** Loss coefficients at the last temperatures [W/K]: air plus radiation as a secant, so that a step's loss is coefficient x (T - Ta). */
  private takeLosses(): void {
    const { airH, emissivity, ambientC, perimeterM } = this.model;
    const { temperatures, previous, loss, n, widths } = this;
    const radiation = emissivity * STEFAN_BOLTZMANN;
    const Ta = ambientC + KELVIN;
    for (let i = 0; i < n; i++) {
      const before = temperatures[i] as number; // cast: i lies inside, here and below
      const T = before + KELVIN;
      previous[i] = before;
      loss[i] = perimeterM * (widths[i] as number) * (airH + radiation * (T * T + Ta * Ta) * (T + Ta));
    }
  }

  /**
   * The step's tridiagonal system, solved as it is made: forwards each cell is written by its right neighbour
   * (T = d + g T_right), backwards that is put in. Casts: every index lies inside its array.
   */
  private solve(end: number | null): void {
    const { n, capacity, conductances, previous, loss, gains, pinned, coupling, fromBodies, temperatures: T } = this;
    const { ambientC } = this.model;
    const perStep = 1 / this.stepS;
    let fromLeft = 0;
    let gainLeft = 0;
    let leftC = 0;
    const held = this.pinnedCount > 0;
    for (let i = 0; i < n; i++) {
      const toRight = conductances[i] as number;
      if (i === 0 && end !== null) {
        leftC = end;
      } else if (held && pinned[i] === 1) {
        gainLeft = 0;
        leftC = BOILING_C;
      } else {
        const inertia = (capacity[i] as number) * perStep;
        const cooling = loss[i] as number;
        const pivot = 1 / (inertia + cooling + (coupling[i] as number) + toRight + fromLeft * (1 - gainLeft));
        leftC = (inertia * (previous[i] as number) + cooling * ambientC + (fromBodies[i] as number) + fromLeft * leftC) * pivot;
        gainLeft = toRight * pivot;
      }
      gains[i] = gainLeft;
      T[i] = leftC;
      fromLeft = toRight;
    }
    for (let i = n - 2; i >= 0; i--) T[i] = (T[i] as number) + (gains[i] as number) * (T[i + 1] as number);
  }

  /** What a cell's neighbours and its own cooling bring it beyond what it stores and loses [W]: for a held cell, what the holder takes. */
  private residualW(i: number): number {
    const { temperatures, conductances, n } = this;
    const T = temperatures[i] as number; // cast: every index lies inside its array, here and below
    const left = i > 0 ? (conductances[i - 1] as number) * ((temperatures[i - 1] as number) - T) : 0;
    const right = i < n - 1 ? (conductances[i] as number) * ((temperatures[i + 1] as number) - T) : 0;
    const stored = ((this.capacity[i] as number) * (T - (this.previous[i] as number))) / this.stepS;
    const intoBodies = (this.coupling[i] as number) * T - (this.fromBodies[i] as number);
    return left + right - (this.loss[i] as number) * (T - this.model.ambientC) - stored - intoBodies;
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

  private coupleBodies(): void {
    const { roots, coupling, fromBodies } = this;
    for (const { left } of roots) coupling[left] = coupling[left + 1] = fromBodies[left] = fromBodies[left + 1] = 0;
    for (let j = 0; j < roots.length; j++) {
      const { left, rightShare } = roots[j] as Root; // cast: one root a body
      const towards = this.bodyCouplingW(j);
      this.hang(left, towards * (1 - rightShare), this.bodies[j] ?? 0);
      this.hang(left + 1, towards * rightShare, this.bodies[j] ?? 0);
    }
  }

  private hang(i: number, towardsW: number, bodyC: number): void {
    this.coupling[i] = (this.coupling[i] ?? 0) + towardsW;
    this.fromBodies[i] = (this.fromBodies[i] ?? 0) + towardsW * bodyC;
  }

  private rootC({ left, rightShare }: Root): number {
    return (this.temperatures[left] ?? 0) * (1 - rightShare) + (this.temperatures[left + 1] ?? 0) * rightShare;
  }

  private warmBodies(): void {
    this.model.lumps.forEach((lump, j) => {
      const before = this.bodies[j] ?? 0;
      const root = this.rootC(this.roots[j] as Root); // cast: one root a body
      this.bodies[j] = before + (this.bodyCouplingW(j) * (root - before) * this.stepS) / lump.capacityJPerK;
    });
  }

  private hasWater(i: number): boolean {
    if (!this.model.wet) return false;
    return this.model.wet.store === 'lump' ? this.lumpLeftJ > 0 : (this.waterLeftJ[i] ?? 0) > 0;
  }

  private updatePinned(): boolean {
    if (!this.model.wet) return false;
    let changed = false;
    for (let i = this.coveredFrom; i < this.coveredTo; i++) {
      const should = this.hasWater(i) && (this.pinned[i] === 1 ? this.residualW(i) > 0 : (this.temperatures[i] ?? 0) > BOILING_C);
      if (should === (this.pinned[i] === 1)) continue;
      this.pinned[i] = should ? 1 : 0;
      this.pinnedCount += should ? 1 : -1;
      changed = true;
    }
    return changed;
  }

  private account(end: number | null): void {
    const { loss, temperatures, n, stepS } = this;
    const { ambientC } = this.model;
    let lostW = 0;
    if (this.model.unaudited !== true) {
      for (let i = 0; i < n; i++) lostW += (loss[i] as number) * ((temperatures[i] as number) - ambientC); // cast: i lies inside
    }
    this.lostJ += lostW * stepS;
    if (this.pinnedCount > 0) {
      for (let i = this.coveredFrom; i < this.coveredTo; i++) if (this.pinned[i] === 1) this.evaporate(i, this.residualW(i) * stepS);
    }
    if (end !== null) this.inJ -= this.residualW(0) * stepS;
  }

  private evaporate(i: number, joules: number): void {
    this.absorbedJ += joules;
    this.lumpLeftJ -= joules;
    this.waterLeftJ[i] = (this.waterLeftJ[i] ?? 0) - joules;
    const dry = this.model.wet?.store === 'lump' ? this.lumpLeftJ <= 0 : (this.waterLeftJ[i] ?? 0) <= 0;
    if (dry && this.dryAtS === null) this.dryAtS = this.seconds;
  }
}
