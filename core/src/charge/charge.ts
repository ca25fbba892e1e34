import { caution, stopsFirst, type Caution } from '../caution/table';
import { GWP } from '../refrigerant/gwp';
import { refrigerantName, SAFETY_CLASSES } from '../refrigerant/safetyClasses';
import { Saturation } from '../refrigerant/saturation';
import { fail, ok, type Result } from '../result';
import { leastServicePressure } from '../stage/cylinder';
import { FieldReader } from '../unit/fieldReader';
import { annualRatePercent, byLaw, type ByLaw } from './leakRecord';
import type { ChargeRequest, RecoveryRequest } from './request';
import { freeRoomChargeKg } from './roomCharge';
import { glideK, waysIn, type ChargeWay } from './ways';
import { LONG_LINES_M, readCylinders, readLines, waterCapacityKg, type ReadCylinder, type ReadLines } from './weighed';

export interface Charge {
  readonly targetKg: number;
  readonly doneKg: number;
  /** Below 0: too much is in. */
  readonly leftKg: number;
  /** Near enough to what is wanted. */
  readonly isCharged: boolean;
  /** A capillary, under 1 kg, or what burns easily: weighed, never trimmed. */
  readonly isCritical: boolean;
  readonly ways: readonly ChargeWay[] | null;
  readonly rates: { readonly annualised: number; readonly rolling: number } | null;
  readonly flags: readonly 'rolling-incomplete'[];
  readonly law: ByLaw | null;
  /** Into the cylinder that receives [kg]; null where it needs one of its own, or none was asked about. */
  readonly mayTakeKg: number | null;
  readonly cautions: readonly Caution[];
}

/** Trade habits, editable. Source: ENGINE thresholds [L]. */
const CHARGED_SHARE = { usual: 0.01, critical: 0.02 } as const;
const CRITICAL_UNDER_KG = 1;
const VAPOUR_LOST = { share: 0.2, glideK: 1.5, times: 2 } as const;
/** At most so much of a cylinder, at the density of 25 °C; never warmer than this [°C]. Source: 49 CFR 173.304a. */
const RECOVERY = { share: 0.8, atC: 25, warmestC: 52 } as const;
/** Of the pressure class that R-410A needs [Pa gauge]: 400 psi. */
const HIGH_CLASS: readonly string[] = ['R-410A', 'R-32', 'R-454B'];
const BURNS: readonly string[] = ['A2L', 'A2', 'A3', 'B2L'];
const MASS = { min: 0, max: 100_000 } as const;

/** What may still go into a recovery cylinder, and what is said of it. */
function recover(recovery: RecoveryRequest | undefined, read: FieldReader): { mayTakeKg: number | null; cautions: readonly Caution[] } {
  if (!recovery) return { mayTakeKg: null, cautions: [] };
  const waterKg = waterCapacityKg('recovery.waterCapacity', recovery.waterCapacity, read);
  const tareKg = read.massKg('recovery.stampedTare', recovery.stampedTare, MASS);
  const nowKg = read.massKg('recovery.now', recovery.now, MASS);
  if (nowKg < tareKg) read.errors.push({ kind: 'refused', field: 'recovery.now', reason: 'under-its-tare' });
  const name = refrigerantName(recovery.refrigerant) ?? recovery.refrigerant;
  const fluid = Saturation.of(name);
  if (!fluid || fluid.rangeC.max < RECOVERY.warmestC) return { mayTakeKg: null, cautions: [caution('own-cylinder')] };
  const roomKg = RECOVERY.share * waterKg * fluid.liquidKgPerL(RECOVERY.atC) - (nowKg - tareKg);
  const pressed = HIGH_CLASS.includes(name) ? [caution('cylinder-class', { gaugePa: leastServicePressure(name) ?? 0 })] : [];
  return { mayTakeKg: Math.max(roomKg, 0), cautions: [...(roomKg < 0 ? [caution('over-filled')] : []), ...pressed] };
}

interface Weighed {
  readonly targetKg: number;
  readonly leftKg: number;
  readonly fullKg: number;
  readonly maxKg: number | null;
  readonly lines: ReadLines;
  readonly cylinders: readonly ReadCylinder[];
  readonly isCritical: boolean;
  readonly burns: boolean;
  readonly name: string | null;
}

/** Of the maker's oil where lines are long or much is in: never guessed. */
function oilCaution({ lines, targetKg, maxKg }: Weighed): Caution {
  const { lengthM, oilPerMetreKg } = lines;
  const needsMore = lengthM > LONG_LINES_M || (maxKg !== null && targetKg > maxKg);
  if (!needsMore) return caution('oil');
  if (oilPerMetreKg === null) return caution('oil', { lengthM }, 'stop');
  return caution('oil', { kg: (lengthM - LONG_LINES_M) * oilPerMetreKg }, 'warn');
}

function isToBeChargedAnew({ lostKg, additions = [] }: ChargeRequest, { name, fullKg }: Weighed): boolean {
  const fluid = name === null ? null : Saturation.of(name);
  if (!fluid || glideK(fluid) <= VAPOUR_LOST.glideK || lostKg === undefined) return false;
  return lostKg > VAPOUR_LOST.share * fullKg || additions.length >= VAPOUR_LOST.times;
}

function cautionsOf(request: ChargeRequest, weighed: Weighed): readonly Caution[] {
  const { targetKg, leftKg, maxKg, lines, cylinders, isCritical, burns, name } = weighed;
  const inThemKg = cylinders.reduce<number | null>(
    (sum, { leftInItKg }) => (sum === null || leftInItKg === null ? null : sum + leftInItKg),
    0,
  );
  const runsShort = cylinders.length > 0 && inThemKg !== null && leftKg > 0 && inThemKg < leftKg;
  const freeKg = name === null ? null : freeRoomChargeKg(name);
  return [
    ...(maxKg !== null && targetKg > maxKg ? [caution('over-max-charge', { targetKg, maxKg })] : []),
    caution('before-start'),
    oilCaution(weighed),
    ...(lines.isShorterUnsaid ? [caution('check-maker')] : []),
    ...(runsShort ? [caution('not-enough', { leftKg, inThemKg })] : []),
    ...(cylinders.some(({ isGrossAndTare }) => isGrossAndTare) ? [caution('gross-and-tare')] : []),
    ...(isCritical ? [caution('critical-charge')] : []),
    ...(burns && lines.addsKg > 0 && freeKg !== null ? [caution('room-charge', { freeKg, targetKg })] : []),
    ...(isToBeChargedAnew(request, weighed) ? [caution('charge-anew')] : []),
  ];
}

/**
 * A charge by weight: what is wanted, what is in, what is left; the ways in; the leak record; what a recovery cylinder still takes.
 *
 * @param request  the plate's charge and lines, cylinders before and after; refrigerant, greatest charge, losses, place, recovery cylinder
 * @returns        masses [kg]; what was not asked is null. Refused: two line rates, a cylinder that gained weight or stands under its stamp,
 *                 another refrigerant than the unit's
 * @source         ENGINE 11
 */
export function charge(request: ChargeRequest): Result<Charge> {
  const { refrigerant, metering, hosesKg = 0, place, gwp, lostKg, sinceDays, additions, repairedDaysAgo, recovery } = request;
  const read = new FieldReader();
  const name = refrigerant === undefined ? null : (refrigerantName(refrigerant) ?? refrigerant);
  const plateKg = read.massKg('dataPlate', request.dataPlate, { min: 0.001, max: MASS.max });
  const lines = readLines(request.lines, read);
  const cylinders = readCylinders(request, (other) => name === null || (refrigerantName(other) ?? other) === name, read);
  const inHosesKg = read.number('hosesKg', hosesKg, { min: 0, max: 20 }, 'kg');
  const maxKg = request.maxCharge ? read.massKg('maxCharge', request.maxCharge, MASS) : null;
  const targetKg = plateKg + lines.addsKg;
  const fullKg = request.fullCharge ? read.massKg('fullCharge', request.fullCharge, { min: 0.001, max: MASS.max }) : targetKg;
  const toleranceKg = request.tolerance ? read.massKg('tolerance', request.tolerance, MASS) : 0;
  if (lostKg !== undefined) read.number('lostKg', lostKg, MASS, 'kg');
  if (sinceDays !== undefined) read.number('sinceDays', sinceDays, { min: 1, max: 36_500 }, 'd');
  if (gwp !== undefined) read.number('gwp', gwp, { min: 0, max: 30_000 }, '');
  const added = additions?.map(({ mass, daysAgo }, i) => ({ kg: read.massKg(`additions[${i}].mass`, mass, MASS), daysAgo })) ?? null;
  const received = recover(recovery, read);
  if (read.errors.length > 0) return fail(...read.errors);

  const doneKg = cylinders.reduce((sum, { takenKg }) => sum + takenKg, 0) - inHosesKg;
  const leftKg = targetKg - doneKg;
  const safety = name === null ? undefined : SAFETY_CLASSES[name];
  const isCritical = metering === 'capillary' || plateKg < CRITICAL_UNDER_KG || safety === 'A3';
  const near = isCritical ? Math.max(CHARGED_SHARE.critical * targetKg, toleranceKg) : CHARGED_SHARE.usual * targetKg;
  const weighed = { targetKg, leftKg, fullKg, maxKg, lines, cylinders, isCritical, burns: BURNS.includes(safety ?? ''), name };
  const isRated = lostKg !== undefined && sinceDays !== undefined;
  return ok({
    ...{ targetKg, doneKg, leftKg, isCritical, isCharged: Math.abs(leftKg) <= near },
    ways: name === null ? null : waysIn(name, request),
    rates: isRated ? annualRatePercent({ fullKg, lostKg, sinceDays, additions: added, repairedDaysAgo: repairedDaysAgo ?? null }) : null,
    flags: isRated && !added ? ['rolling-incomplete'] : [],
    law:
      place === undefined
        ? null
        : byLaw(
            { place, fullKg, gwp: gwp ?? GWP[name ?? ''] ?? null, refrigerant: name ?? '' },
            { hermetic: request.hermetic ?? false, leakDetection: request.leakDetection ?? false },
          ),
    mayTakeKg: received.mayTakeKg,
    cautions: stopsFirst([...cautionsOf(request, weighed), ...received.cautions]),
  });
}
