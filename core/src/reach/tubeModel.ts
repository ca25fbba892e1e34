/** Water on the tube between two distances. `lump`: one store for the whole length; `cells`: each piece dries on its own, hot edge first. */
export interface WetLength {
  readonly fromM: number;
  readonly toM: number;
  readonly waterKg: number;
  readonly store: 'lump' | 'cells';
}

/** A tube with what hangs on it, wets it and heats its end, in SI; it is stepped by `TubeSimulation`. */
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
  /** Nobody asks for the account of energy: what is lost to the air is not summed up. */
  readonly unaudited?: boolean;
}

/** Where the heat went [J]. */
export interface EnergyAccount {
  readonly inJ: number;
  readonly storedJ: number;
  readonly lostJ: number;
  readonly absorbedJ: number;
}
