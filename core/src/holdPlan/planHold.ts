import { caution, stopsFirst, type Caution } from '../caution/table';
import { readCircuit } from '../circuit/readCircuit';
import { minutesToSee } from './minutesToSee';
import { leftOut } from '../isolate/leftOut';
import { volumeOfPartsM3 } from '../isolate/sections';
import { TEST_GASES } from '../ledger/words';
import { cylinderContentM3, cylinderPressurePa } from '../nitrogen/nitrogen';
import { amountPaPerK, NITROGEN_RANGE, pressureOfAmountPa } from '../nitrogen/realGas';
import { isCarbonDioxide, refrigerantName } from '../refrigerant/safetyClasses';
import { Saturation } from '../refrigerant/saturation';
import { fail, ok, type Result } from '../result';
import { FieldReader } from '../unit/fieldReader';
import { KELVIN_AT_0_C } from '../unit/units';
import { holdLimits, type HoldLimit, type PlateLimits } from './limits';
import { holdReach, type HoldReach } from './reach';
import type { HoldPlanRequest } from './request';
import { holdStepsPa, keepAwayM, LEAST_HOLD_PA, storedEnergyJ } from './steps';
import { strengthPlan, type StrengthPlan } from './strength';

export interface HoldPlan {
  readonly testGaugePa: number;
  readonly cappedBy: HoldLimit;
  readonly limits: readonly HoldLimit[];
  readonly unknown: readonly string[];
  readonly takeOff: readonly string[];
  readonly reach: HoldReach;
  /** A strength test before it, where there may be one. */
  readonly strength: StrengthPlan;
  readonly stepsGaugePa: readonly number[];
  readonly fillGaugePa: number;
  /** Of the relief valve on the rig. */
  readonly reliefGaugePa: number;
  /** As counted [m3]; null where nothing of it is known or typed. */
  readonly volumeM3: number | null;
  /** What it may be with what nobody gave a volume for, by what is usual [m3]. */
  readonly likelyM3: number | null;
  readonly storedEnergyJ: number | null;
  readonly distanceM: number | null;
  /** Let in, at 20 °C and the air's pressure [m3]. */
  readonly nitrogenM3: number | null;
  /** Until it sees the leak that is looked for, at least a quarter of an hour; null where nothing says which, or no time will do. */
  readonly minutesNeeded: number | null;
  readonly cautions: readonly Caution[];
}

/** What stands for the plate [°C]: high side of an air-cooled machine, where summers are hot, low side out and in. Source: EN 378-2, ASHRAE 15 [M]. */
const DESIGN_C = { high: 55, highHot: 63, lowOut: 43, lowIn: 32 } as const;
/** A plate that was never read is taken as lower, to this [Pa]. */
const ROUND_DOWN_PA = 50_000;
/** Long and low: never above this [Pa gauge]. Source: trade. */
const LOW_AND_LONG_PA = 1e6;
/** Warmer than now, at most [K]. Source: trade [L]. */
const WARMS_K = { shade: 10, sun: 20 } as const;
/** Above the test's own pressure, of the relief valve on the rig. Source: codes, trade [M-L]. */
const RIG_RELIEF = 1.1;
const MOST_PA = NITROGEN_RANGE.mostPa;
const PLATE_PA = { min: 1000, max: MOST_PA - 110_000 } as const;

/** By the refrigerant alone; null for one that is not listed, or beyond its critical point. */
function byRefrigerant({ refrigerant, lowSideOutdoors, hotSummers }: HoldPlanRequest['plan'], atmospherePa: number): PlateLimits | null {
  const fluid = Saturation.of(refrigerantName(refrigerant) ?? refrigerant);
  const highC = hotSummers ? DESIGN_C.highHot : DESIGN_C.high;
  if (!fluid || fluid.rangeC.max < highC) return null;
  const down = (celsius: number) => Math.floor((fluid.bubblePa(celsius) - atmospherePa) / ROUND_DOWN_PA) * ROUND_DOWN_PA;
  return { lowPa: down(lowSideOutdoors ? DESIGN_C.lowOut : DESIGN_C.lowIn), highPa: down(highC) };
}

function plateOf(plan: HoldPlanRequest['plan'], read: FieldReader): PlateLimits | null {
  if (!plan.plate) {
    const stands = byRefrigerant(plan, read.atmosphere);
    if (!stands) read.errors.push({ kind: 'missing', field: 'plan.plate', needed: 'plate-limits' });
    return stands;
  }
  const lowPa = read.plainGaugePressure('plan.plate.lowSide', plan.plate.lowSide, PLATE_PA);
  const highPa = read.plainGaugePressure('plan.plate.highSide', plan.plate.highSide, PLATE_PA);
  if (lowPa > highPa) read.errors.push({ kind: 'refused', field: 'plan.plate.lowSide', reason: 'low-above-high' });
  return { lowPa, highPa };
}

/** What the shop's practice asks for, before the cap [Pa gauge]. */
function practicePa({ plan }: HoldPlanRequest, isLow: boolean, capPa: number, atmospherePa: number): number {
  const { practice = 'data-plate' } = plan;
  if (practice === 'data-plate') return capPa;
  const stands = byRefrigerant(plan, atmospherePa);
  const byFluid = stands ? (isLow ? stands.lowPa : stands.highPa) : capPa;
  return practice === 'low-and-long' ? Math.min(LOW_AND_LONG_PA, byFluid) : byFluid;
}

/** The pressure now that comes to the cap at the warmest hour [Pa gauge]. */
function fillPa(capPa: number, nowC: number, hottestC: number, atmospherePa: number): number {
  return pressureOfAmountPa(amountPaPerK(capPa + atmospherePa, hottestC), nowC) - atmospherePa;
}

/** What goes in, as gas at 20 °C and the air's pressure [m3]. */
const lettingIn = (volumeM3: number, pressurePa: number, celsius: number, atmospherePa: number): number =>
  (volumeM3 * (amountPaPerK(pressurePa, celsius) - amountPaPerK(atmospherePa, celsius)) * (20 + KELVIN_AT_0_C)) / atmospherePa;

function checkGas(gas: string | undefined, read: FieldReader): void {
  if (gas !== undefined && !(TEST_GASES as readonly string[]).includes(gas))
    read.errors.push({ kind: 'test-gas', field: 'gas', word: gas, allowed: TEST_GASES });
}

function checkIds({ circuit, section, at }: HoldPlanRequest['plan'], read: FieldReader): void {
  const isPart = (id: string) => circuit.parts.some((part) => part.id === id);
  section.forEach((id, i) => {
    if (!isPart(id)) read.errors.push({ kind: 'refused', field: `plan.section[${i}]`, reason: 'no-such-part', value: id });
  });
  if (!isPart(at)) read.errors.push({ kind: 'refused', field: 'plan.at', reason: 'no-such-part', value: at });
  if (section.length === 0) read.errors.push({ kind: 'missing', field: 'plan.section', needed: 'work-part' });
}

/** What the cylinder stands at after the fill; null where none was given. */
function cylinderAfterPa({ plan }: HoldPlanRequest, nitrogenM3: number | null, read: FieldReader): number | null {
  if (!plan.cylinder || nitrogenM3 === null) return null;
  const waterM3 = read.volumeM3('plan.cylinder.waterVolume', plan.cylinder.waterVolume, { min: 0.0001, max: 0.1 });
  const pressurePa = read.absolutePressure('plan.cylinder.pressure', plan.cylinder.pressure, { min: 0, max: 32e6 });
  const left = cylinderContentM3(waterM3, pressurePa, read.atmosphere) - nitrogenM3;
  return Math.max(0, cylinderPressurePa(waterM3, Math.max(0, left), read.atmosphere) - read.atmosphere);
}

interface Planned {
  readonly capPa: number;
  readonly fullPa: number;
  readonly unknown: readonly string[];
  readonly plan: HoldPlanRequest['plan'];
  readonly distanceM: number | null;
  readonly endPa: number | null;
  readonly isLow: boolean;
  readonly reach: HoldReach;
}

function cautionsOf({ capPa, fullPa, unknown, plan, distanceM, endPa, reach, isLow }: Planned): readonly Caution[] {
  const water = plan.circuit.parts.filter(({ id, water: has }) => has && reach.reached.includes(id)).map(({ id }) => id);
  return stopsFirst([
    ...(capPa <= LEAST_HOLD_PA ? [caution('hold-too-low', { capPa, leastPa: LEAST_HOLD_PA })] : []),
    ...(endPa !== null && endPa < fullPa ? [caution('cylinder-short', { endPa, wantedPa: fullPa })] : []),
    ...(distanceM === null ? [] : [caution('keep-away', { distanceM })]),
    ...(unknown.length > 0 ? [caution('limit-unknown', { parts: unknown.join(', ') })] : []),
    ...(reach.equalise.length > 0 ? [caution('equalise-first', { parts: reach.equalise.flat().join(', ') })] : []),
    ...(isLow ? [] : [caution('high-side-alone')]),
    ...(plan.plate ? [] : [caution('plate-unread')]),
    ...(water.length > 0 ? [caution('water-side-open', { parts: water.join(', ') })] : []),
  ]);
}

/**
 * A hold as it is to be made: how far the gas gets, the lowest limit there, the pressure and its steps, what it stores.
 *
 * @param request  circuit, section, inlet, refrigerant, plate's limits (gauge), gauge, ambient and warmest [°C], the shop's practice
 * @returns        pressures [Pa gauge], energy [J], distance to keep [m], gas to let in [m3 at 20 °C], minutes until it sees the leak looked for;
 *                 refused: an unknown part, a bare pressure, another gas, no plate for a refrigerant that is not listed
 * @accuracy       what nobody gave a volume for counts nothing in `volumeM3`, and what is usual in energy, distance and gas
 * @source         ASME B31.5, EN 378-2, trade: never above the lowest limit of all that no hand valve parts from the inlet
 */
export function planHold(request: HoldPlanRequest): Result<HoldPlan> {
  const read = new FieldReader();
  read.readAtmosphere(request);
  checkGas(request.gas, read);
  const { plan } = request;
  const circuit = readCircuit(plan.circuit, 'plan.circuit.');
  if (!circuit.ok) return circuit;
  checkIds(plan, read);
  const plate = plateOf(plan, read);
  const nowC = read.temperatureC('plan.ambient', plan.ambient, NITROGEN_RANGE.celsius);
  const warmsK = plan.inSun ? WARMS_K.sun : WARMS_K.shade;
  const hottestC = plan.hottest
    ? read.temperatureC('plan.hottest', plan.hottest, { min: -18, max: 60 })
    : Math.min(nowC + warmsK, NITROGEN_RANGE.celsius.max);
  if (read.errors.length > 0 || !plate) return fail(...read.errors);
  if (hottestC < nowC) return fail({ kind: 'refused', field: 'plan.hottest', reason: 'hottest-under-ambient' });
  const reach = holdReach(plan.circuit, plan.section, plan.at);
  const { limits, unknown, takeOff } = holdLimits(plan, { reach, plate, ambientC: nowC }, read);
  const [cappedBy] = limits;
  const typedM3 = plan.volume ? read.volumeM3('plan.volume', plan.volume, { min: 1e-6, max: 100 }) : null;
  const countedM3 = typedM3 ?? volumeOfPartsM3(plan.circuit, reach.reached, read);
  if (read.errors.length > 0 || !cappedBy) return fail(...read.errors);
  const strength = strengthPlan(plan, { reach, plate, limits }, read);
  const isLow = limits.some(({ kind }) => kind === 'plate-low');
  const testGaugePa = Math.min(practicePa(request, isLow, cappedBy.gaugePa, read.atmosphere), cappedBy.gaugePa);
  const fillGaugePa = Math.min(testGaugePa, fillPa(cappedBy.gaugePa, nowC, hottestC, read.atmosphere));
  const likelyM3 = typedM3 ?? countedM3 + leftOut(plan.circuit, reach.reached).usualM3;
  const isKnown = likelyM3 > 0;
  const energyJ = isKnown ? storedEnergyJ(likelyM3, fillGaugePa + read.atmosphere, read.atmosphere) : null;
  const distanceM = energyJ === null ? null : keepAwayM(energyJ);
  const nitrogenM3 = isKnown ? lettingIn(likelyM3, fillGaugePa + read.atmosphere, nowC, read.atmosphere) : null;
  const endPa = cylinderAfterPa(request, nitrogenM3, read);
  const minutesNeeded = isKnown ? minutesToSee(plan, { volumeM3: likelyM3, gaugePa: fillGaugePa, celsius: nowC }, read) : null;
  if (read.errors.length > 0) return fail(...read.errors);
  return ok({
    ...{ testGaugePa, cappedBy, limits, unknown, takeOff, reach, strength, fillGaugePa },
    stepsGaugePa: holdStepsPa(fillGaugePa, isCarbonDioxide(plan.refrigerant) && !isLow),
    reliefGaugePa: Math.min(cappedBy.gaugePa, RIG_RELIEF * testGaugePa),
    ...{ volumeM3: countedM3 > 0 ? countedM3 : null, likelyM3: isKnown ? likelyM3 : null },
    ...{ storedEnergyJ: energyJ, distanceM, nitrogenM3, minutesNeeded },
    cautions: cautionsOf({ capPa: cappedBy.gaugePa, fullPa: fillGaugePa, unknown, plan, distanceM, endPa, reach, isLow }),
  });
}
