import type { ResolvedJoint } from '../joint/resolvedJoint';
import type { Rod } from '../vocabulary/torch';
import type { Caution } from '../caution/table';
import { FILLERS, type FillerRow } from '../filler/fillers';
import { rankFillers } from '../filler/rank';
import type { FillerReasonCode, Reason } from '../filler/finding';
import type { FillerVerdict } from '../filler/rules';
import { isLooseFor } from '../filler/serviceRules';
import { coldGapFor, judgeGap, radialGapColdM, radialGapHotM, type FitVerdict } from '../fit/gap';
import { leastOverlapM } from '../fit/overlap';
import { chooseFlux, type FluxChoice } from '../flux/choose';
import { planFlame, type FlamePlan } from '../heat/flame';
import { planHeat, type HeatPlan } from '../heat/heat';
import { judgeTest, strengthOf, type Strength } from '../pressure/strength';
import { bodiesWithin, planProtection, wrapEdges, type PartProtection } from '../protection/planProtection';
import { planPurge, type PurgePlan } from '../purge/planPurge';
import { fail, ok, type Result } from '../result';
import { rodAmount, type RodAmount } from '../rod/amount';
import { FieldReader } from '../unit/fieldReader';
import { cautionsOf } from './cautions';
import { inspectionPoints, type InspectionPoint } from './inspect';
import { readPlan, type ReadPlan, type StockRow } from './readPlan';
import type { PlanRequest } from './request';

export { ENGINE_VERSION } from './version';

export interface JointPlan {
  readonly joint: ResolvedJoint;
  readonly ambientC: number;
  readonly holdS: number;
  readonly fillers: readonly FillerVerdict[];
  /** What gap, flux, rod, heat and protection are worked out for; null when every filler is forbidden. */
  readonly chosen: FillerVerdict | null;
  /** A filler of the table that is better than everything on the van, and why. */
  readonly fetch: { readonly designation: string; readonly why: Reason | null } | null;
  readonly flux: FluxChoice;
  readonly fit: {
    readonly radialGapColdM: number;
    /** These four are null when every filler is forbidden. */
    readonly radialGapHotM: number | null;
    readonly hotC: number | null;
    /** Cold radial gap that becomes the wanted one when hot. */
    readonly coldGap: { readonly leastM: number; readonly mostM: number } | null;
    readonly verdict: FitVerdict | null;
    readonly leastOverlapM: number;
    readonly insertM: number;
  };
  /** Null where nothing can be drawn in. */
  readonly rod: (RodAmount & { readonly rod: Rod }) | null;
  readonly heat: HeatPlan | null;
  /** Where the flame goes; null where nothing is to be heated for. */
  readonly flame: FlamePlan | null;
  readonly protection: readonly PartProtection[];
  readonly purge: PurgePlan | null;
  readonly pressure: Strength;
  readonly cautions: readonly Caution[];
  readonly inspect: readonly InspectionPoint[];
}

const noFlux: FluxChoice = { required: false, class: null, reason: 'all-forbidden', raised: false, covers: true };

/**
 * Everything about one joint: fillers ranked with their reasons, flux, fit, rod, heat, protection, purge, strength, cautions.
 *
 * @param request  as asked, quantities with their units
 * @returns        the plan in SI; errors name the field (full path) and what is allowed, in the unit that was sent. Refused: ammonia with a
 *                 copper-bearing member, no outlet, a bore not above the tube's outside, an unknown refrigerant without its class, what cannot
 *                 be removed, a forbidden filler chosen. Any other bad idea is answered with verdicts.
 */
export function planJoint(request: PlanRequest): Result<JointPlan> {
  const read = new FieldReader();
  const given = readPlan(request, read);
  const purge = request.purge ? planPurge(request.purge, read, 'purge.') : null;
  if (read.errors.length > 0) return fail(...read.errors);
  if (purge && !purge.ok) return purge;
  const fillers = rankFillers([...new Set(given.stock.map((row) => row.filler))], given.joint, given.service);
  const { asked } = given;
  const chosen = asked ? fillers.find((f) => f.filler === asked.filler) : fillers.find((f) => f.verdict !== 'forbidden');
  if (asked && chosen?.verdict === 'forbidden') {
    const field = typeof request.choose === 'object' ? 'choose.designation' : 'choose';
    return fail({ kind: 'refused', field, reason: 'forbidden-filler', value: asked.filler.designation });
  }
  const row = asked ?? given.stock.find((r) => r.filler === chosen?.filler) ?? null;
  return ok(assemble(request, given, { fillers, chosen: chosen ?? null, row, purge: purge?.value ?? null }));
}

interface Found {
  readonly fillers: readonly FillerVerdict[];
  readonly chosen: FillerVerdict | null;
  readonly row: StockRow | null;
  readonly purge: PurgePlan | null;
}

function assemble(request: PlanRequest, given: ReadPlan, found: Found): JointPlan {
  const { joint, ambientC, near, holdS } = given;
  const { chosen, fillers, row, purge } = found;
  const heat = chosen ? heatFor(given, chosen) : null;
  const flux = chosen && heat ? fluxFor(given, chosen, heat) : noFlux;
  const fit = fitOf(joint, chosen, flux.required);
  const canFill = chosen !== null && row !== null && fit.verdict !== 'reject';
  const rod = canFill ? { ...rodAmount(joint, row.filler, row.section, given.rodFactor), rod: row.rod } : null;
  const pressure = strengthOf(joint, given.strength);
  const flame = heat && fit.verdict ? planFlame(joint, heat, { verdict: fit.verdict, ambientC }) : null;
  const situation = heat ? { joint, heat, ambientC, holdS } : null;
  const protection = planProtection(near, situation, given.service.schools.heatProtection);
  const cautions = cautionsOf({
    joint,
    refrigerant: given.service.refrigerant,
    safetyClass: given.safetyClass,
    circuit: request.circuit ?? {},
    site: request.site ?? {},
    wind: request.wind ?? 'calm',
    ambientC,
    inRoom: request.purge?.room !== undefined,
    torch: request.torch ?? null,
    regulatorGaugePa: given.regulatorGaugePa,
    fuelM3: given.fuelM3,
    chosen,
    listTyped: given.service.makersFillers !== null,
    first: fillers[0] ?? null,
    flux: chosen ? flux : null,
    fit: { verdict: fit.verdict, coldM: fit.radialGapColdM, hotM: fit.radialGapHotM, leastM: fit.leastOverlapM, middleC: fit.hotC },
    heat,
    pressure,
    test: testOf(pressure, purge),
    protection,
    purge: purge?.cautions ?? null,
  });
  const loose = chosen !== null && isLooseFor({ filler: chosen.filler, joint, service: given.service });
  const inspect = inspectionPoints({ joint, chosen, flux: chosen ? flux : null, loose, near });
  const fetch = request.stock ? betterThanTheVan(given, fillers) : null;
  return { joint, ambientC, holdS, fillers, chosen, fetch, flux, fit, rod, heat, flame, protection, purge, pressure, cautions, inspect };
}

const heatFor = ({ joint, torch, ambientC, atmospherePa, near }: ReadPlan, chosen: FillerVerdict): HeatPlan =>
  planHeat(joint, chosen.filler, { torch, ambientC, atmospherePa, wraps: wrapEdges(near, joint), bodiesKg: bodiesWithin(near, joint) });

/** Old filler that stays in the joint and may be silver: flux whatever is added. */
const OVER_OLD: readonly FillerReasonCode[] = ['mixed-fillers', 'same-kind', 'old-unknown'];

function fluxFor({ joint }: ReadPlan, chosen: FillerVerdict, heat: HeatPlan): FluxChoice {
  const overOldSilver = chosen.reasons.some(({ code }) => OVER_OLD.includes(code));
  return chooseFlux([joint.male.metal, joint.female.metal], chosen.filler, { plannedC: heat.middleC, overOldSilver });
}

function fitOf(joint: ResolvedJoint, chosen: FillerVerdict | null, withFlux: boolean): JointPlan['fit'] {
  const always = {
    radialGapColdM: radialGapColdM(joint),
    leastOverlapM: leastOverlapM(joint, chosen?.filler ?? null),
    insertM: joint.female.cupDepthM,
  };
  if (!chosen) return { ...always, radialGapHotM: null, hotC: null, coldGap: null, verdict: null };
  const hotM = radialGapHotM(joint, chosen.filler);
  return {
    ...always,
    radialGapHotM: hotM,
    hotC: (chosen.filler.brazingLowC + chosen.filler.brazingHighC) / 2,
    coldGap: coldGapFor(joint, chosen.filler, withFlux),
    verdict: joint.wantsCrimp ? 'reject' : judgeGap(hotM),
  };
}

function testOf(pressure: Strength, purge: PurgePlan | null) {
  if (purge?.testGaugePa == null) return null;
  return { testPa: purge.testGaugePa, verdict: judgeTest(purge.testGaugePa, pressure) };
}

const isGood = (row: FillerVerdict | undefined) => row?.verdict === 'best' || row?.verdict === 'allowed';
/** What recommends a filler, before what is only true of it. */
const SAYS_WHY: readonly FillerReasonCode[] = ['wets-steel', 'nickel-bearing', 'zinc-loss', 'wets-copper-alloy', 'ductile', 'bridges-gap'];

/** For a repair the old filler itself is fetched, or one that flows no hotter: a hotter one melts what is round it. */
function isNoHotterThan({ male, female }: ResolvedJoint): (row: FillerRow) => boolean {
  const old = [male, female].flatMap((member) =>
    member.state === 'brazed' && member.removed === null && member.oldFiller ? [member.oldFiller] : [],
  );
  return (row) => old.every((before) => row.liquidusC <= before.liquidusC);
}

/** Where nothing on the van is better than to be avoided, what of the whole table is. */
function betterThanTheVan({ joint, service }: ReadPlan, van: readonly FillerVerdict[]): JointPlan['fetch'] {
  if (van.some(isGood)) return null;
  const [best] = rankFillers(FILLERS.filter(isNoHotterThan(joint)), joint, service);
  if (!best || !isGood(best)) return null;
  const why = best.reasons.find((reason) => SAYS_WHY.includes(reason.code)) ?? best.reasons[0] ?? null;
  return { designation: best.filler.designation, why };
}
