import type { CircuitPart } from '../circuit/graph';
import { LIMIT_PA } from '../circuit/partLimits';
import type { FieldReader } from '../unit/fieldReader';
import type { HoldLimit, PlateLimits } from './limits';
import type { HoldReach } from './reach';
import type { HoldPlanRequest } from './request';

/** Whether a section may be tested for strength before it is held, and how high. */
export type StrengthPlan =
  | { readonly may: true; readonly gaugePa: number; readonly cappedBy: HoldLimit }
  /** `parts`: made elsewhere, and nobody typed their maker's own test pressure; none: the rig, or a tube, bears no more than the hold. */
  | { readonly may: false; readonly parts: readonly string[] };

/** Of the design pressure, with gas. Source: EN 378-2, ASME B31.5 [M-H]. */
const OF_DESIGN = 1.1;
/** Made on site, or nothing but a wall: what the codes call piping. */
const PIPING: readonly CircuitPart['kind'][] = ['tube', 'fitting', 'valve', 'port'];
/** What limits the rig and the tube, whatever is tested. */
const HARD: readonly HoldLimit['kind'][] = ['tube', 'hose', 'gauge', 'regulator'];

/**
 * A strength test before a hold: of piping made on site, and of parts whose maker gave a test pressure of their own.
 *
 * @param plan    as asked, its circuit read
 * @param of      what is reached, the plate's limits, and all that holds the hold's pressure down [Pa gauge]
 * @returns       [Pa gauge], and what caps it; or the parts that bar it
 * @source        EN 378-2, ASME B31.5: 1.1 x design with gas, at least 10 min from a distance, let down before anybody soaps
 */
export function strengthPlan(
  { circuit }: HoldPlanRequest['plan'],
  { reach, plate, limits }: { readonly reach: HoldReach; readonly plate: PlateLimits; readonly limits: readonly HoldLimit[] },
  read: FieldReader,
): StrengthPlan {
  const reached = circuit.parts
    .map((part, i) => ({ part, field: `plan.circuit.parts[${i}].limits.test` }))
    .filter(({ part }) => reach.reached.includes(part.id));
  const barred = reached.filter(({ part }) => !PIPING.includes(part.kind) && part.limits?.test === undefined).map(({ part }) => part.id);
  if (barred.length > 0) return { may: false, parts: barred };
  const isLow = limits.some(({ kind }) => kind === 'plate-low');
  const tested = reached.flatMap(({ part: { id, limits: { test } = {} }, field }) =>
    test === undefined ? [] : [{ part: id, kind: 'part' as const, gaugePa: read.plainGaugePressure(field, test, LIMIT_PA) }],
  );
  const design: HoldLimit = { kind: isLow ? 'plate-low' : 'plate-high', gaugePa: OF_DESIGN * (isLow ? plate.lowPa : plate.highPa) };
  const [lowest = design] = [design, ...tested, ...limits.filter(({ kind }) => HARD.includes(kind))].sort((a, b) => a.gaugePa - b.gaugePa);
  const holdPa = limits[0]?.gaugePa ?? 0;
  return lowest.gaugePa > holdPa ? { may: true, gaugePa: lowest.gaugePa, cappedBy: lowest } : { may: false, parts: [] };
}

/** So long it stands at its strength test, from a distance, before it is let down to its hold [s]. Source: EN 378-2, ASME B31.5 [M]. */
export const STRENGTH_STANDS_S = 600;
