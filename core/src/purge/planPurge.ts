import { cylinderContentM3, cylinderPressurePa, NITROGEN } from '../nitrogen/nitrogen';
import { fail, ok, type Result } from '../result';
import { FieldReader } from '../unit/fieldReader';
import type { Quantity } from '../unit/units';
import { OUTLET_KINDS, type OutletKind, type PurgeRequest, type SectionRequest } from './request';
import { trickleFlowM3PerS } from './trickle';

export type PurgeCautionCode =
  'core-in' | 'joint-pressure-high' | 'joint-pressure-above-aim' | 'trickle-unknown' | 'cylinder-low' | 'cylinder-short' | 'oxygen-low';

export interface PurgeCaution {
  readonly code: PurgeCautionCode;
  readonly values?: Readonly<Record<string, number | string>>;
}

export interface PurgePlan {
  readonly volumeM3: number;
  readonly volumeChanges: number;
  readonly floodFlowM3PerS: number;
  readonly floodSeconds: number;
  readonly trickleM3PerS: number | null;
  readonly widestBoreM: number | null;
  readonly jointPressurePa: number | null;
  readonly nitrogenM3: number;
  readonly outlet: 'open' | 'restricted';
  readonly cylinderLeftPercent: number | null;
  readonly roomO2Percent: number | null;
  readonly targetO2Percent: number;
  readonly minutes: number;
  readonly cautions: readonly PurgeCaution[];
}

const AIR_O2_PERCENT = 20.9;
const DEFAULT_TARGET_PERCENT = 0.1;
const DEFAULT_FLOOD_M3_PER_S = 15 / 60_000;
const DISCHARGE_COEFFICIENT = 0.62;
const OXYGEN_ALARM_PERCENT = 19.5;
const CYLINDER_LOW_PERCENT = 15;
/** A regulator needs this above the test pressure to finish a hold [Pa]. */
const CYLINDER_HEADROOM_PA = 300_000;
const JOINT_PRESSURE = { aimPa: 250, warnPa: 1000 } as const;

/** Hole a port leaves for the gas [m]: its bore with the core out; the slots of a core that is in, as one hole. Trade figures. */
const PORT_HOLE_M: Readonly<Record<OutletKind, number | null>> = {
  'open-tube': null,
  'port-core-out': 0.0045,
  'port-core-in': 0.0015,
  none: null,
};

interface Section {
  readonly volumeM3: number;
  readonly boreM: number | null;
  readonly lengthM: number;
}

function readSection(field: string, section: SectionRequest, read: FieldReader): Section {
  if ('volume' in section)
    return { volumeM3: read.volumeM3(`${field}.volume`, section.volume, { min: 0, max: 10 }), boreM: null, lengthM: 0 };
  const boreM = read.lengthM(`${field}.bore`, section.bore, { min: 0.0003, max: 0.15 });
  const lengthM = read.lengthM(`${field}.length`, section.length, { min: 0, max: 2000 });
  return { volumeM3: (Math.PI / 4) * boreM ** 2 * lengthM, boreM, lengthM };
}

interface ReadPurge {
  readonly sections: readonly Section[];
  readonly floodM3PerS: number;
  readonly target: number;
  readonly minutes: number;
  readonly outlet: OutletKind;
  readonly cylinder: { waterM3: number; pressurePa: number } | null;
  readonly roomM3: number | null;
  readonly ventilationM3PerS: number | null;
  readonly testGaugePa: number | null;
  readonly breaks: number;
  readonly atmospherePa: number;
}

function optional<T>(quantity: Quantity | undefined, readIt: (quantity: Quantity) => T): T | null {
  return quantity === undefined ? null : readIt(quantity);
}

function readPurge(request: PurgeRequest, prefix: string, read: FieldReader): ReadPurge {
  const at = (key: string) => `${prefix}${key}`;
  if (request.outlet.kind === 'none') read.errors.push({ kind: 'refused', field: at('outlet.kind'), reason: 'no-outlet' });
  if (!OUTLET_KINDS.includes(request.outlet.kind)) {
    read.errors.push({ kind: 'unknown-word', field: at('outlet.kind'), word: request.outlet.kind, allowed: OUTLET_KINDS });
  }
  if (request.sections.length === 0) read.errors.push({ kind: 'missing', field: at('sections'), needed: 'purge-section' });
  const cylinder = request.cylinder;
  return {
    sections: request.sections.map((section, i) => readSection(at(`sections[${i}]`), section, read)),
    floodM3PerS: optional(request.flood, (q) => read.flowM3PerS(at('flood'), q, { min: 1e-6, max: 0.05 })) ?? DEFAULT_FLOOD_M3_PER_S,
    target: read.number(at('targetO2Percent'), request.targetO2Percent ?? DEFAULT_TARGET_PERCENT, { min: 0.0005, max: 20 }, '%'),
    minutes: read.number(at('minutes'), request.minutes ?? 0, { min: 0, max: 1440 }, 'min'),
    outlet: request.outlet.kind,
    cylinder: cylinder
      ? {
          waterM3: read.volumeM3(at('cylinder.waterVolume'), cylinder.waterVolume, { min: 0.0001, max: 1 }),
          pressurePa: read.absolutePressure(at('cylinder.pressure'), cylinder.pressure, { min: 0, max: 32e6 }),
        }
      : null,
    roomM3: optional(request.room?.volume, (q) => read.volumeM3(at('room.volume'), q, { min: 0.1, max: 1e6 })),
    ventilationM3PerS: optional(request.ventilation, (q) => read.flowM3PerS(at('ventilation'), q, { min: 0, max: 1000 })),
    testGaugePa: optional(request.testPressure, (q) => read.gaugePressure(at('testPressure'), q, { min: 0, max: 20e6 })),
    breaks: read.number(at('breaks'), request.breaks ?? 0, { min: 0, max: 20 }, 'breaks'),
    atmospherePa: read.atmosphere,
  };
}

/** Pressure above the atmosphere at the inlet end while the trickle runs: laminar flow in the bores, then the outlet's hole [Pa]. */
function jointPressurePa(purge: ReadPurge, flowM3PerS: number): number {
  const bores = purge.sections.reduce(
    (sum, s) => sum + (s.boreM ? (128 * NITROGEN.viscosityPaS * s.lengthM * flowM3PerS) / (Math.PI * s.boreM ** 4) : 0),
    0,
  );
  const hole = PORT_HOLE_M[purge.outlet];
  if (hole === null) return bores;
  return bores + (NITROGEN.densityKgPerM3 / 2) * (flowM3PerS / (DISCHARGE_COEFFICIENT * (Math.PI / 4) * hole ** 2)) ** 2;
}

/** Lowest oxygen a room can come to: displaced linearly when closed, by the ratio of flows when its ventilation is known. */
function roomOxygenPercent(purge: ReadPurge, nitrogenM3: number): number | null {
  if (purge.ventilationM3PerS !== null) {
    const air = purge.ventilationM3PerS;
    return (AIR_O2_PERCENT * air) / (air + purge.floodM3PerS);
  }
  return purge.roomM3 === null ? null : Math.max(0, AIR_O2_PERCENT * (1 - nitrogenM3 / purge.roomM3));
}

function cylinderAfter(purge: ReadPurge, nitrogenM3: number): { leftPercent: number; endGaugePa: number } | null {
  if (!purge.cylinder) return null;
  const { waterM3, pressurePa } = purge.cylinder;
  const content = cylinderContentM3(waterM3, pressurePa, purge.atmospherePa);
  const left = Math.max(0, content - nitrogenM3);
  const endGaugePa = cylinderPressurePa(waterM3, left, purge.atmospherePa) - purge.atmospherePa;
  return { leftPercent: content > 0 ? (100 * left) / content : 0, endGaugePa };
}

/**
 * A purge along a path given as a list of sections.
 *
 * Flood: well mixed, V/Q ln(20.9 / target). Trickle: see `trickleFlowM3PerS`. Nitrogen: flood + trickle + test fill V p_abs / p_atm + one volume a break.
 *
 * @returns `refused` without an open outlet; every other weakness is a caution
 * @source  well-mixed dilution; Hagen-Poiseuille; orifice 0.62; room oxygen 20.9 (1 - N / V)
 */
export function planPurge(request: PurgeRequest, read: FieldReader = new FieldReader(), prefix = ''): Result<PurgePlan> {
  const purge = readPurge(request, prefix, read);
  if (read.errors.length > 0) return fail(...read.errors);
  const volumeM3 = purge.sections.reduce((sum, s) => sum + s.volumeM3, 0);
  const bores = purge.sections.flatMap((s) => s.boreM ?? []);
  const widestBoreM = bores.length > 0 ? Math.max(...bores) : null;
  const volumeChanges = Math.log(AIR_O2_PERCENT / purge.target);
  const trickleM3PerS = widestBoreM === null ? null : trickleFlowM3PerS(widestBoreM);
  const testFill = purge.testGaugePa === null ? 0 : (volumeM3 * (purge.testGaugePa + purge.atmospherePa)) / purge.atmospherePa;
  const nitrogenM3 = volumeM3 * volumeChanges + (trickleM3PerS ?? 0) * purge.minutes * 60 + testFill + purge.breaks * volumeM3;
  const plan = {
    volumeM3,
    volumeChanges,
    floodFlowM3PerS: purge.floodM3PerS,
    floodSeconds: (volumeM3 / purge.floodM3PerS) * volumeChanges,
    trickleM3PerS,
    widestBoreM,
    jointPressurePa: trickleM3PerS === null ? null : jointPressurePa(purge, trickleM3PerS),
    nitrogenM3,
    outlet: purge.outlet === 'port-core-in' ? ('restricted' as const) : ('open' as const),
    roomO2Percent: roomOxygenPercent(purge, nitrogenM3),
    targetO2Percent: purge.target,
    minutes: purge.minutes,
  };
  const after = cylinderAfter(purge, nitrogenM3);
  return ok({ ...plan, cylinderLeftPercent: after?.leftPercent ?? null, cautions: cautionsOf(plan, purge, after) });
}

function cautionsOf(
  plan: Pick<PurgePlan, 'outlet' | 'jointPressurePa' | 'trickleM3PerS' | 'roomO2Percent'>,
  purge: ReadPurge,
  after: { leftPercent: number; endGaugePa: number } | null,
): readonly PurgeCaution[] {
  const cautions: PurgeCaution[] = [];
  if (plan.outlet === 'restricted') cautions.push({ code: 'core-in' });
  if (plan.trickleM3PerS === null) cautions.push({ code: 'trickle-unknown' });
  const pressure = plan.jointPressurePa ?? 0;
  if (pressure > JOINT_PRESSURE.warnPa) cautions.push({ code: 'joint-pressure-high', values: { pressurePa: pressure } });
  else if (pressure > JOINT_PRESSURE.aimPa) cautions.push({ code: 'joint-pressure-above-aim', values: { pressurePa: pressure } });
  const wantedGaugePa = (purge.testGaugePa ?? 0) + CYLINDER_HEADROOM_PA;
  if (after && purge.testGaugePa !== null && after.endGaugePa < wantedGaugePa) {
    cautions.push({ code: 'cylinder-short', values: { endPa: Math.max(0, after.endGaugePa), wantedPa: wantedGaugePa } });
  }
  if (after && after.leftPercent < CYLINDER_LOW_PERCENT)
    cautions.push({ code: 'cylinder-low', values: { leftPercent: after.leftPercent } });
  if (plan.roomO2Percent !== null && plan.roomO2Percent < OXYGEN_ALARM_PERCENT) {
    cautions.push({ code: 'oxygen-low', values: { oxygenPercent: plan.roomO2Percent } });
  }
  return cautions;
}
