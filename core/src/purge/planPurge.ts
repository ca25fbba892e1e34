import { caution, stopsFirst, type Caution } from '../caution/table';
import { cylinderContentM3, cylinderPressurePa, NITROGEN } from '../nitrogen/nitrogen';
import { fail, ok, type Result } from '../result';
import { FieldReader } from '../unit/fieldReader';
import { boresOf, readPurge, type ReadPurge } from './readPurge';
import type { OutletKind, PurgeRequest } from './request';
import { AIR_O2_PERCENT, roomOxygenPercent } from './room';
import { trickleFlowM3PerS } from './trickle';

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
  readonly testGaugePa: number | null;
  readonly cautions: readonly Caution[];
}

const DISCHARGE_COEFFICIENT = 0.62;
const OXYGEN_ALARM_PERCENT = 19.5;
const CYLINDER_LOW_PERCENT = 15;
/** A regulator needs this above the test pressure to finish a hold [Pa]. */
const CYLINDER_HEADROOM_PA = 300_000;
const JOINT_PRESSURE = { aimPa: 250, warnPa: 1000 } as const;

/** A bore under this is a capillary: it throttles whatever stands before it [m]. */
const CAPILLARY_M = 0.003;

/** Hole a port leaves for the gas [m]: its bore with the core out; the slots of a core that is in, as one hole. Trade figures. */
const PORT_HOLE_M: Readonly<Record<OutletKind, number | null>> = {
  'open-tube': null,
  'port-core-out': 0.0045,
  'port-core-in': 0.0015,
  none: null,
};

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

/** A bore under this lets only so much through as its own pressure allows [m]. */
const NARROW_M = 0.0025;

/** What the narrow bores of a path carry at the pressure that is aimed at; null where none is narrow. Source: Hagen-Poiseuille. */
function throughCapillaryM3PerS(sections: ReadPurge['sections']): number | null {
  const narrow = sections.filter((s) => s.boreM !== null && s.boreM < NARROW_M && s.lengthM > 0);
  if (narrow.length === 0) return null;
  const resistance = narrow.reduce(
    (sum, { boreM, lengthM }) => sum + (128 * NITROGEN.viscosityPaS * lengthM) / (Math.PI * (boreM ?? 1) ** 4),
    0,
  );
  return JOINT_PRESSURE.aimPa / resistance;
}

/** From this bore on dams are worth their trouble [m]: 2-1/8 in tube; each half a metre from the joint. Trade habit. */
const DAMS = { fromM: 0.05, apartM: 1 } as const;

/** Nitrogen that dams would save [m3]: all that would be flooded, less the piece between them. */
function damsSaveM3({ sections, target }: ReadPurge): number {
  const wide = boresOf(sections).filter((bore) => bore >= DAMS.fromM);
  if (wide.length === 0) return 0;
  const volume = sections.reduce((sum, s) => sum + s.volumeM3, 0);
  const between = (Math.PI / 4) * Math.max(...wide) ** 2 * DAMS.apartM;
  return Math.max(0, volume - between) * Math.log(AIR_O2_PERCENT / target);
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
  const bores = boresOf(purge.sections);
  const widestBoreM = bores.length > 0 ? Math.max(...bores) : null;
  const volumeChanges = Math.log(AIR_O2_PERCENT / purge.target);
  const trickleM3PerS = widestBoreM === null ? null : (throughCapillaryM3PerS(purge.sections) ?? trickleFlowM3PerS(widestBoreM));
  const testFill = purge.testGaugePa === null ? 0 : (volumeM3 * (purge.testGaugePa + purge.atmospherePa)) / purge.atmospherePa;
  const testGasM3 = purge.testGaugePa === null ? 0 : (volumeM3 * purge.testGaugePa) / purge.atmospherePa;
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
    roomO2Percent: roomOxygenPercent(purge, nitrogenM3, testGasM3),
    targetO2Percent: purge.target,
    minutes: purge.minutes,
    testGaugePa: purge.testGaugePa,
  };
  const after = cylinderAfter(purge, nitrogenM3);
  return ok({ ...plan, cylinderLeftPercent: after?.leftPercent ?? null, cautions: cautionsOf(plan, purge, after) });
}

function cautionsOf(
  plan: Pick<PurgePlan, 'outlet' | 'jointPressurePa' | 'trickleM3PerS' | 'roomO2Percent'>,
  purge: ReadPurge,
  after: { leftPercent: number; endGaugePa: number } | null,
): readonly Caution[] {
  const pressurePa = plan.jointPressurePa ?? 0;
  const narrowestM = Math.min(...boresOf(purge.sections));
  const wantedPa = (purge.testGaugePa ?? 0) + CYLINDER_HEADROOM_PA;
  const isThrottled = narrowestM < NARROW_M;
  const savesM3 = damsSaveM3(purge);
  const found: readonly (Caution | false)[] = [
    plan.outlet === 'restricted' && caution('core-in'),
    narrowestM < CAPILLARY_M && caution('throttled', { boreM: narrowestM }),
    plan.trickleM3PerS === null && caution('trickle-unknown'),
    savesM3 > 0 && caution('dams', { savesL: savesM3 * 1000 }),
    !isThrottled && pressurePa > JOINT_PRESSURE.warnPa && caution('joint-pressure-high', { pressurePa }),
    !isThrottled &&
      pressurePa > JOINT_PRESSURE.aimPa &&
      pressurePa <= JOINT_PRESSURE.warnPa &&
      caution('joint-pressure-above-aim', { pressurePa }),
    after !== null &&
      purge.testGaugePa !== null &&
      after.endGaugePa < wantedPa &&
      caution('cylinder-short', { endPa: Math.max(0, after.endGaugePa), wantedPa }),
    after !== null && after.leftPercent < CYLINDER_LOW_PERCENT && caution('cylinder-low', { leftPercent: after.leftPercent }),
    plan.roomO2Percent !== null &&
      plan.roomO2Percent < OXYGEN_ALARM_PERCENT &&
      caution('oxygen-low', { oxygenPercent: plan.roomO2Percent }),
  ];
  return stopsFirst(found.filter((c): c is Caution => c !== false));
}
