import { tubePlace, type CircuitGraph, type CircuitLink, type CircuitPart } from '../circuit/graph';
import { LIMIT_PA } from '../circuit/partLimits';
import { annealedRating } from '../pressure/annealedRating';
import type { LimitKind } from '../ledger/words';
import { isCarbonDioxide } from '../refrigerant/safetyClasses';
import { likelyTube, tubeWithOutsideAndWall } from '../tube/findTube';
import type { FieldReader } from '../unit/fieldReader';
import type { HoldReach } from './reach';
import type { HoldPlanRequest } from './request';

/** What holds a section's pressure down [Pa gauge]. */
export interface HoldLimit {
  /** Id of the part, or a tube by its place. */
  readonly part?: string;
  readonly kind: LimitKind;
  readonly gaugePa: number;
}

export interface HoldLimits {
  readonly limits: readonly HoldLimit[];
  /** Parts, and tubes by their place, that nobody gave a limit for. */
  readonly unknown: readonly string[];
  /** What is better off and plugged: it opens, or it would be the first to give. */
  readonly takeOff: readonly string[];
}

/** The plate's two, or what stands for them [Pa gauge]. */
export interface PlateLimits {
  readonly lowPa: number;
  readonly highPa: number;
}

/** Never nearer to a relief valve's setting. Source: codes, trade [M-L]. */
const OF_RELIEF = 0.9;
/** A gauge is read below this share of its range. Source: trade [M-L]. */
const OF_GAUGE = 0.75;
/** Kinds whose limit counts as the plate's low side where nobody typed it. */
const NEED_A_LIMIT: readonly CircuitPart['kind'][] = ['compressor', 'switch', 'transducer', 'relief-valve', 'heat-exchanger'];
const SENSES: readonly CircuitPart['kind'][] = ['switch', 'transducer'];

/** What of one part holds the pressure down. */
function limitsOfPart(part: CircuitPart, field: string, { lowPa }: PlateLimits, read: FieldReader): readonly HoldLimit[] {
  const { id, kind, limits = {} } = part;
  const pressure = limits.pressure && read.plainGaugePressure(`${field}.limits.pressure`, limits.pressure, LIMIT_PA);
  const relief = limits.relief && read.plainGaugePressure(`${field}.limits.relief`, limits.relief, LIMIT_PA);
  const isUnknown = pressure === undefined && relief === undefined && NEED_A_LIMIT.includes(kind);
  return [
    ...(pressure === undefined
      ? []
      : [{ part: id, kind: SENSES.includes(kind) ? ('switch' as const) : ('part' as const), gaugePa: pressure }]),
    ...(relief === undefined ? [] : [{ part: id, kind: 'relief' as const, gaugePa: OF_RELIEF * relief }]),
    ...(isUnknown ? [{ part: id, kind: 'plate-low' as const, gaugePa: lowPa }] : []),
  ];
}

/** A tube of annealed copper, at the temperature of the test. */
function limitOfTube(link: CircuitLink, field: string, ambientC: number, read: FieldReader): HoldLimit | null {
  if (!link.tube) return null;
  const outsideM = read.lengthM(`${field}.tube.od`, link.tube.od, { min: 0.001, max: 0.5 });
  const typed = link.tube.wall && read.lengthM(`${field}.tube.wall`, link.tube.wall, { min: 0.0001, max: 0.02 });
  const likely = likelyTube(outsideM);
  const wallM = typed ?? likely?.wallM;
  if (wallM === undefined) return null;
  const row = tubeWithOutsideAndWall(outsideM, wallM);
  const wallMinusM = row?.wallMinusM ?? wallM / 10;
  const gaugePa = annealedRating({ outsideM, wallM, wallMinusM, outsidePlusM: row?.outsidePlusM ?? 0.000127 }, ambientC);
  return gaugePa === null ? null : { part: tubePlace(link), kind: 'tube', gaugePa };
}

/** A shell that is filled is as weak as the low side: but a rotary one that its maker gave a limit. */
function shellIsLow(circuit: CircuitGraph, reach: HoldReach, kind: string): boolean {
  const shells = circuit.parts.filter(({ id }) => reach.compressors.includes(id));
  return shells.some(({ limits }) => kind !== 'rotary' || limits?.pressure === undefined);
}

function limitsOfRig({ gauge, hose, regulator }: HoldPlanRequest['plan'], read: FieldReader): readonly HoldLimit[] {
  const range = gauge.range && read.pressureDifferencePa('plan.gauge.range', gauge.range, { min: 1000, max: 100e6 });
  return [
    ...(range === undefined ? [] : [{ kind: 'gauge' as const, gaugePa: OF_GAUGE * range }]),
    ...(hose ? [{ kind: 'hose' as const, gaugePa: read.plainGaugePressure('plan.hose', hose, { min: 1000, max: 60e6 }) }] : []),
    ...(regulator
      ? [{ kind: 'regulator' as const, gaugePa: read.plainGaugePressure('plan.regulator', regulator, { min: 1000, max: 60e6 }) }]
      : []),
  ];
}

/**
 * All that holds the pressure of a section down.
 *
 * @param plan      as asked, its circuit read
 * @param reach     what of it is reached: everything that no hand valve parts from the inlet
 * @param plate     the plate's limits, or what stands for them [Pa gauge]
 * @param ambientC  of the copper while it is tested [°C]
 * @returns         limits [Pa gauge], each with its part; parts nobody gave one for; parts better taken off
 * @source          ASME B31.5, EN 378-2 and trade: the lowest of what is reached
 */
export function holdLimits(
  plan: HoldPlanRequest['plan'],
  { reach, plate, ambientC }: { readonly reach: HoldReach; readonly plate: PlateLimits; readonly ambientC: number },
  read: FieldReader,
): HoldLimits {
  const { circuit, refrigerant, compressorKind = 'unknown' } = plan;
  const parts = circuit.parts
    .map((part, i) => ({ part, field: `plan.circuit.parts[${i}]` }))
    .filter(({ part }) => reach.reached.includes(part.id));
  const links = circuit.links
    .map((link, i) => ({ link, field: `plan.circuit.links[${i}]` }))
    .filter(({ link }) => reach.reached.includes(link.from) && reach.reached.includes(link.to));
  const isCopperJudged = !isCarbonDioxide(refrigerant);
  const tubes = links.flatMap(({ link, field }) => (isCopperJudged ? (limitOfTube(link, field, ambientC, read) ?? []) : []));
  const isLow = reach.isLowReached || shellIsLow(circuit, reach, compressorKind);
  const ofParts = parts.flatMap(({ part, field }) => limitsOfPart(part, field, plate, read));
  const withoutLimit = ofParts.flatMap(({ kind, part }) => (kind === 'plate-low' && part !== undefined ? [part] : []));
  const plateLimits: readonly HoldLimit[] = [
    ...(isLow ? [{ kind: 'plate-low' as const, gaugePa: plate.lowPa }] : []),
    { kind: 'plate-high', gaugePa: plate.highPa },
  ];
  const limits = [...plateLimits, ...ofParts, ...tubes, ...limitsOfRig(plan, read)].sort((a, b) => a.gaugePa - b.gaugePa);
  const cappingPa = plateLimits[0]?.gaugePa ?? plate.highPa;
  return {
    limits,
    unknown: [...withoutLimit, ...(isCopperJudged ? [] : links.filter(({ link }) => link.tube).map(({ link }) => tubePlace(link)))],
    takeOff: parts
      .filter(({ part }) => part.kind === 'relief-valve' || SENSES.includes(part.kind))
      .filter(({ part }) =>
        ofParts.some((limit) => limit.part === part.id && (withoutLimit.includes(part.id) || limit.gaugePa < cappingPa)),
      )
      .map(({ part }) => part.id),
  };
}
