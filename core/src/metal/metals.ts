import type { Point } from '../numeric/interpolate';
import type { Provenance } from '../provenance';

export const METAL_NAMES = [
  'copper',
  'copper-iron',
  'brass',
  'bronze',
  'aluminium-bronze',
  'copper-nickel',
  'carbon-steel',
  'copper-plated-steel',
  'galvanised-steel',
  'stainless-steel',
  'nickel-alloy',
  'aluminium',
] as const;
export type MetalName = (typeof METAL_NAMES)[number];

/** How a metal behaves in front of a filler. */
export type MetalFamily = 'copper' | 'brass' | 'iron-or-nickel' | 'copper-no-phosphorus' | 'aluminium';

export interface MetalRow extends Provenance {
  readonly name: MetalName;
  readonly family: MetalFamily;
  readonly densityKgPerM3: number;
  readonly solidusC: number;
  /** Tensile strength as annealed by the brazing heat [Pa]. */
  readonly tensileAnnealedPa: number;
  /** Mean linear expansion from 20 °C to x [1e-6/K]. */
  readonly meanExpansion: readonly Point[];
  /** Specific heat [J/kg K] over °C. */
  readonly specificHeat: readonly Point[];
  /** Thermal conductivity [W/m K] over °C. */
  readonly conductivity: readonly Point[];
}

const COPPER_HEAT: readonly Point[] = [[20, 385], [100, 391], [200, 400], [300, 408], [400, 416], [500, 425], [600, 434], [700, 445], [800, 458]]; // prettier-ignore
const COPPER_CONDUCTIVITY: readonly Point[] = [[20, 339], [100, 341], [200, 344], [300, 346], [400, 347], [500, 347], [600, 346], [700, 344], [800, 340]]; // prettier-ignore
const COPPER_EXPANSION: readonly Point[] = [[20, 16.6], [100, 16.8], [200, 17.3], [300, 17.7], [400, 18.1], [500, 18.5], [600, 18.9], [700, 19.4], [800, 19.9]]; // prettier-ignore
const STEEL_HEAT: readonly Point[] = [[20, 440], [100, 488], [200, 530], [300, 565], [400, 606], [500, 666], [600, 760], [700, 1008], [735, 5000], [770, 1000], [800, 803]]; // prettier-ignore
const STEEL_CONDUCTIVITY: readonly Point[] = [[20, 53], [100, 51], [200, 47], [300, 44], [400, 41], [500, 37], [600, 34], [700, 31], [800, 27]]; // prettier-ignore
const STEEL_EXPANSION: readonly Point[] = [[100, 12.5], [200, 12.9], [300, 13.3], [400, 13.7], [500, 14.1], [600, 14.5], [700, 14.9], [800, 14.1]]; // prettier-ignore
const STAINLESS_HEAT: readonly Point[] = [[20, 455], [100, 475], [200, 495], [300, 511], [400, 524], [500, 534], [600, 542], [700, 549], [800, 556]]; // prettier-ignore
const STAINLESS_CONDUCTIVITY: readonly Point[] = [[20, 14.9], [100, 15.9], [200, 17.1], [300, 18.4], [400, 19.7], [500, 20.9], [600, 22.2], [700, 23.5], [800, 24.8]]; // prettier-ignore
const STAINLESS_EXPANSION: readonly Point[] = [[20, 16.1], [100, 16.5], [200, 16.9], [300, 17.3], [400, 17.7], [500, 18.1], [600, 18.4], [700, 18.7], [800, 19.0]]; // prettier-ignore
const ALUMINIUM_HEAT: readonly Point[] = [
  [20, 911],
  [100, 944],
  [200, 985],
  [300, 1026],
  [400, 1067],
  [500, 1108],
];
const ALUMINIUM_CONDUCTIVITY: readonly Point[] = [
  [20, 191],
  [100, 197],
  [200, 204],
  [300, 211],
  [400, 218],
  [500, 225],
];
const ALUMINIUM_EXPANSION: readonly Point[] = [
  [100, 23.7],
  [200, 24.7],
  [300, 25.7],
  [400, 26.7],
  [500, 27.7],
];

const HANDBOOK = 'metal handbooks; strength as annealed is typical, not a maker’s figure';
const EUROCODE = 'EN 1993-1-2; strength as annealed is typical';

const steel = {
  family: 'iron-or-nickel',
  densityKgPerM3: 7850,
  solidusC: 1480,
  tensileAnnealedPa: 330e6,
  meanExpansion: STEEL_EXPANSION,
  specificHeat: STEEL_HEAT,
  conductivity: STEEL_CONDUCTIVITY,
  source: EUROCODE,
  confidence: 'medium',
} as const;

const copper = {
  family: 'copper',
  densityKgPerM3: 8940,
  solidusC: 1083,
  tensileAnnealedPa: 207e6,
  meanExpansion: COPPER_EXPANSION,
  specificHeat: COPPER_HEAT,
  conductivity: COPPER_CONDUCTIVITY,
  source: 'C12200 (Cu-DHP), copper tube handbook',
  confidence: 'high',
} as const;

export const METALS: Readonly<Record<MetalName, MetalRow>> = {
  copper: { name: 'copper', ...copper },
  'copper-iron': {
    ...copper,
    name: 'copper-iron',
    tensileAnnealedPa: 260e6,
    source: 'about 2 % iron; taken as copper but for strength: the maker’s sheet governs',
    confidence: 'low',
  },
  brass: {
    name: 'brass',
    family: 'brass',
    densityKgPerM3: 8500,
    solidusC: 885,
    tensileAnnealedPa: 310e6,
    meanExpansion: [[300, 20.5], [700, 22]], // prettier-ignore
    specificHeat: [[20, 378], [800, 430]], // prettier-ignore
    conductivity: [[20, 115]],
    source: 'free-cutting brass C36000; mean expansion to 700 °C within 1e-6/K',
    confidence: 'medium',
  },
  bronze: {
    name: 'bronze',
    family: 'brass',
    densityKgPerM3: 8800,
    solidusC: 854,
    tensileAnnealedPa: 240e6,
    meanExpansion: [[300, 18]],
    specificHeat: [[20, 377], [800, 430]], // prettier-ignore
    conductivity: [[20, 72]],
    source: 'gunmetal C83600',
    confidence: 'medium',
  },
  'aluminium-bronze': {
    name: 'aluminium-bronze',
    family: 'copper-no-phosphorus',
    densityKgPerM3: 7600,
    solidusC: 1030,
    tensileAnnealedPa: 415e6,
    meanExpansion: [[300, 17]],
    specificHeat: [[20, 420], [800, 480]], // prettier-ignore
    conductivity: [[20, 60]],
    source: HANDBOOK,
    confidence: 'low',
  },
  'copper-nickel': {
    name: 'copper-nickel',
    family: 'copper-no-phosphorus',
    densityKgPerM3: 8940,
    solidusC: 1100,
    tensileAnnealedPa: 275e6,
    meanExpansion: [[300, 17.1]],
    specificHeat: [[20, 380], [800, 450]], // prettier-ignore
    conductivity: [[20, 45]],
    source: HANDBOOK,
    confidence: 'low',
  },
  'carbon-steel': { name: 'carbon-steel', ...steel },
  'copper-plated-steel': { name: 'copper-plated-steel', ...steel },
  'galvanised-steel': { name: 'galvanised-steel', ...steel },
  'stainless-steel': {
    name: 'stainless-steel',
    family: 'iron-or-nickel',
    densityKgPerM3: 7950,
    solidusC: 1400,
    tensileAnnealedPa: 515e6,
    meanExpansion: STAINLESS_EXPANSION,
    specificHeat: STAINLESS_HEAT,
    conductivity: STAINLESS_CONDUCTIVITY,
    source: `304/316; ${EUROCODE}`,
    confidence: 'medium',
  },
  'nickel-alloy': {
    name: 'nickel-alloy',
    family: 'iron-or-nickel',
    densityKgPerM3: 8800,
    solidusC: 1300,
    tensileAnnealedPa: 480e6,
    meanExpansion: [[300, 14.8], [700, 16]], // prettier-ignore
    specificHeat: [[20, 430], [800, 550]], // prettier-ignore
    conductivity: [[20, 22], [800, 40]], // prettier-ignore
    source: HANDBOOK,
    confidence: 'low',
  },
  aluminium: {
    name: 'aluminium',
    family: 'aluminium',
    densityKgPerM3: 2700,
    solidusC: 643,
    tensileAnnealedPa: 110e6,
    meanExpansion: ALUMINIUM_EXPANSION,
    specificHeat: ALUMINIUM_HEAT,
    conductivity: ALUMINIUM_CONDUCTIVITY,
    source: '3003; EN 1999-1-2; strength as annealed is typical',
    confidence: 'medium',
  },
};

const COPPER_BEARING: readonly MetalName[] = [
  'copper',
  'copper-iron',
  'brass',
  'bronze',
  'aluminium-bronze',
  'copper-nickel',
  'copper-plated-steel',
];

/** Ammonia attacks copper and its alloys; a copper plating counts. Source: ammonia on copper and its alloys, stress corrosion cracking (ASHRAE Refrigeration, ammonia piping). */
export const holdsCopper = (metal: MetalName) => COPPER_BEARING.includes(metal);
/** Phosphorus makes a brittle seam on iron and nickel; a plating does not hide the steel under it. */
export const holdsIronOrNickel = (metal: MetalName) => METALS[metal].family === 'iron-or-nickel';
/** Metals on which a phosphorus filler needs no flux. Source: AWS Brazing Handbook, copper-phosphorus fillers are self-fluxing on copper. */
export const isPlainCopper = (metal: MetalName) => METALS[metal].family === 'copper';
