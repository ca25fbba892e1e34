import { carriesUnknown, type Member, type ResolvedJoint } from '../joint/resolvedJoint';
import { caution, stopsFirst, type Caution, type CautionCode } from '../caution/table';
import type { FillerReasonCode } from '../filler/finding';
import type { FillerVerdict } from '../filler/rules';
import { expansionIsAssumed, isTightForFlux, type FitVerdict } from '../fit/gap';
import type { FluxChoice } from '../flux/choose';
import type { HeatPlan } from '../heat/heat';
import { METALS } from '../metal/metals';
import { cupWallDecides, type Strength, type TestVerdict } from '../pressure/strength';
import { heatedEdgeM, ON_JOINT_M } from '../protection/nearPart';
import type { PartProtection } from '../protection/planProtection';
import { isCarbonDioxide, type SafetyClass } from '../refrigerant/safetyClasses';
import { aboutGasesAndFume, aboutRefrigerant, beforeEveryFlame } from './beforeTheTorch';
import type { CircuitRequest, SiteRequest, TorchRequest, Wind } from './request';
import { catchesFire } from '../protection/limits';
import type { NearKind } from '../vocabulary/part';

export interface CautionInput {
  readonly joint: ResolvedJoint;
  readonly refrigerant: string | null;
  readonly safetyClass: SafetyClass | null;
  readonly circuit: CircuitRequest;
  readonly site: SiteRequest;
  readonly wind: Wind;
  readonly ambientC: number;
  /** It is made in a room whose volume was said. */
  readonly inRoom: boolean;
  readonly torch: TorchRequest | null;
  readonly regulatorGaugePa: number | null;
  /** What the fuel cylinder holds [m3 at room conditions]; null where nobody said. */
  readonly fuelM3: number | null;
  /** The list of the tube's maker is at hand. */
  readonly listTyped: boolean;
  readonly chosen: FillerVerdict | null;
  readonly first: FillerVerdict | null;
  readonly flux: FluxChoice | null;
  readonly fit: {
    readonly verdict: FitVerdict | null;
    readonly coldM: number;
    readonly hotM: number | null;
    readonly leastM: number;
    readonly middleC: number | null;
  };
  readonly heat: HeatPlan | null;
  readonly pressure: Strength;
  readonly test: { readonly verdict: TestVerdict; readonly testPa: number } | null;
  readonly protection: readonly PartProtection[];
  readonly purge: readonly Caution[] | null;
}

/** Acetylene may decompose by itself above this [Pa gauge]: 15 psi. */
const ACETYLENE_LIMIT_PA = 103_421.36;
/** Share of a cylinder's acetylene that may be drawn in an hour, in short spells. Source: gas makers' present advice. */
const DRAW_SHARE = 1 / 10;
/** Lower heating value of acetylene at 15 °C [J/m3]. */
const ACETYLENE_J_PER_M3 = 53.5e6;
/** A hot-work check names what can burn within this [m]. */
const COMBUSTIBLES_WITHIN_M = 11;

type Source = (c: CautionInput) => readonly (Caution | false)[];

const metalsOf = ({ joint }: CautionInput) => [joint.male.metal, joint.female.metal];
const membersOf = ({ joint }: CautionInput): readonly Member[] => [joint.male, joint.female];

/** Reasons that forbid every filler and have a caution of their own name. */
const OWN_STOP: readonly (FillerReasonCode & CautionCode)[] = ['soft-solder', 'galvanised', 'old-cadmium', 'cut-back', 'al-cu-eutectic'];

/** Until 2012 fillers with cadmium were sold. Source: Regulation (EU) 494/2011, applied from 2012. */
const CADMIUM_SOLD_BEFORE = 2012;
const mayHoldCadmium = (m: Member) => carriesUnknown(m) && m.year !== null && m.year < CADMIUM_SOLD_BEFORE;

const aboutFillers: Source = (c) => {
  const codes = new Set(c.first?.reasons.map((r) => r.code));
  const own = OWN_STOP.filter((code) => codes.has(code));
  const residue = codes.has('phosphorus-residue');
  const unlike = metalsOf(c).includes('aluminium') && metalsOf(c).some((metal) => METALS[metal].family === 'copper');
  const none = c.chosen === null;
  return [
    ...own.map((code) => caution(code)),
    unlike && !own.includes('al-cu-eutectic') && caution('al-cu-eutectic'),
    residue && caution('phosphorus-residue', undefined, none ? 'stop' : 'warn'),
    none && c.refrigerant === 'R-717' && caution('weld-instead'),
    none && own.length === 0 && !residue && c.refrigerant !== 'R-717' && caution('no-filler'),
    metalsOf(c).includes('copper-plated-steel') && caution('plated-steel'),
    metalsOf(c).includes('copper-iron') && !c.listTyped && caution('makers-filler-list'),
    membersOf(c).some(carriesUnknown) && caution('old-unknown', undefined, membersOf(c).some(mayHoldCadmium) ? 'stop' : 'warn'),
    metalsOf(c).includes('aluminium') && caution('aluminium-no-colour'),
    c.heat?.oldLiquidusC != null && caution('reflow', { lowC: c.heat.oldLiquidusC }),
  ];
};

/** Of a tip that is there, not of one that Kesto took. */
const drawnM3PerH = (heat: HeatPlan | null) => (heat && !heat.tipAssumed ? (heat.powerW * 3600) / ACETYLENE_J_PER_M3 : 0);

const aboutTorch: Source = ({ torch, regulatorGaugePa, fuelM3, heat, joint }) => {
  const values = {
    seconds: heat?.seconds ?? 0,
    guideSeconds: heat?.guideSeconds ?? 0,
    netPowerW: heat?.netPowerW ?? 0,
    lossW: heat?.steadyLossW ?? 0,
    fuel: torch?.fuel ?? 'air-acetylene',
    wrap: heat?.wrapIsTooNear ? 'yes' : 'no',
  };
  const isAcetylene = torch !== null && torch.fuel.endsWith('acetylene');
  return [
    isAcetylene &&
      (regulatorGaugePa ?? 0) > ACETYLENE_LIMIT_PA &&
      caution('acetylene-pressure', { gaugePa: regulatorGaugePa ?? 0, limitPa: ACETYLENE_LIMIT_PA }),
    isAcetylene &&
      fuelM3 !== null &&
      drawnM3PerH(heat) > fuelM3 * DRAW_SHARE &&
      caution('acetylene-draw', { m3PerH: drawnM3PerH(heat), mostM3PerH: fuelM3 * DRAW_SHARE }),
    ...(heat?.flags ?? []).map((flag) => caution(flag, values)),
    heat?.tipAssumed === true && caution('torch-assumed', { powerW: heat.powerW }),
    heat !== null && joint.access === 'tight' && caution('small-flame'),
    heat !== null && joint.position === 'overhead' && caution('overhead'),
    heat !== null && joint.position === 'up' && caution('cup-down'),
    heat !== null && joint.position === 'down' && caution('cup-up'),
  ];
};

/** Under this frost and dew lie on the metal and cylinders give half [°C]. Trade habit. */
const COLD_C = 5;

const aboutWeather: Source = ({ heat, ambientC, wind }) => [
  heat !== null && ambientC < COLD_C && caution('frost'),
  heat !== null && wind !== 'calm' && caution('wind', undefined, wind === 'windy' ? 'warn' : 'note'),
];

const aboutFit: Source = (c) => {
  const { verdict, coldM, hotM } = c.fit;
  const { female, male, wantsCrimp } = c.joint;
  const values = { coldMm: coldM * 1000, hotMm: (hotM ?? 0) * 1000 };
  const assumed = c.joint.assumed.filter((a) => a !== 'female-wall');
  return [
    wantsCrimp && caution('crimp'),
    male.form === 'capillary' && caution('capillary-end'),
    !wantsCrimp && verdict === 'reject' && caution((hotM ?? 0) <= 0 ? 'no-gap-hot' : 'gap-reject', values),
    verdict === 'loose' && caution('gap-loose', values),
    verdict === 'too-tight' && caution('too-tight', values),
    verdict === 'good' && c.flux?.required === true && isTightForFlux(hotM ?? 0) && caution('tight-for-flux', values),
    female.cupDepthM < c.fit.leastM && caution('shallow-cup', { depthM: female.cupDepthM, leastM: c.fit.leastM }),
    female.form === 'swaged-socket' &&
      female.cupDepthM < Math.min(male.outsideM, 0.01) &&
      caution('shallow-swage', { depthM: female.cupDepthM, leastM: Math.min(male.outsideM, 0.01) }),
    // A capillary goes in far deeper than it is thick.
    male.form !== 'capillary' && female.cupDepthM > 3 * male.outsideM && caution('check-depth', { depthM: female.cupDepthM }),
    c.fit.middleC !== null && metalsOf(c).some((metal) => expansionIsAssumed(metal, c.fit.middleC ?? 0)) && caution('expansion-assumed'),
    assumed.length > 0 && caution('assumed-figures', { figures: assumed.join(', ') }),
  ];
};

const aboutStrength: Source = ({ pressure, joint, refrigerant, test }) => {
  const { allowablePa, designPa, basis } = pressure;
  const { needsRating } = pressure;
  const values = { allowablePa: allowablePa ?? 0, designPa: designPa ?? 0, basis, member: pressure.weaker ?? '' };
  const typeIt = cupWallDecides(joint, { refrigerant }) ? 'yes' : 'no';
  return [
    isCarbonDioxide(refrigerant) && allowablePa === null && caution('carbon-dioxide'),
    pressure.assumedCupPa !== null && caution('wall-assumed', { cupPa: pressure.assumedCupPa, typeIt }),
    ...pressure.notJudged.map((metal) => caution('member-not-judged', { metal })),
    pressure.ok === false && caution('strength-short', values),
    needsRating && caution('rating-needed'),
    !needsRating &&
      !isCarbonDioxide(refrigerant) &&
      pressure.ok === null &&
      (designPa === null || allowablePa === null) &&
      caution('strength-unknown'),
    pressure.metalAssumed && (basis === 'asme' || basis === 'en') && caution('max-temp-assumed'),
    test?.verdict === 'too-high' && caution('test-too-high', { ...values, testPa: test.testPa }),
    test?.verdict === 'above-rating' && caution('test-above-rating', { ...values, testPa: test.testPa }),
  ];
};

/** Residues that are washed off; fluoride fluxes of aluminium are brushed off outside and never washed inside a line. */
const WASHED: readonly string[] = ['FB3-A', 'FB3-C', 'FB4-A'];
/** Flux ends so far from the end of the tube [m]: none runs inside. */
const FLUX_BACK_M = { tube: 0.003, capillary: 0.01 } as const;

const aboutFlux: Source = (c) => [
  c.flux?.required === true &&
    caution('flux-inside', {
      washes: WASHED.includes(c.flux.class ?? '') ? 'yes' : 'no',
      backM: c.joint.male.form === 'capillary' ? FLUX_BACK_M.capillary : FLUX_BACK_M.tube,
    }),
  c.flux?.raised === true && caution('high-temperature-flux', { class: c.flux.class ?? '' }),
  c.flux !== null && !c.flux.covers && caution('flux-range', { class: c.flux.class ?? '' }),
  (c.chosen?.filler.family === 'silver' || metalsOf(c).includes('brass')) && c.chosen !== null && caution('zinc-fume'),
];

/** How these stand while they are heated decides what burns inside. */
const STANDS: readonly NearKind[] = ['valve', 'expansion-valve', 'reversing-valve', 'solenoid', 'check-valve'];

const aboutParts: Source = (c) =>
  c.protection.flatMap((p) => {
    const { part } = p;
    const values = {
      kind: part.kind,
      peakC: p.peakC ?? 0,
      limitC: part.limitC ?? 0,
      distanceM: part.distanceM,
      heightM: part.heightM,
      measures: p.measures.join(' '),
    };
    const { wet, placed, kind } = part.protection;
    const isHead = part.kind === 'sprinkler' || part.kind === 'detector';
    return [
      p.verdict === 'too-hot' && caution('part-too-hot', values),
      isHead && p.measures.includes('shield') && caution('sprinkler-near', values),
      catchesFire(part.kind) && part.distanceM <= COMBUSTIBLES_WITHIN_M && kind !== 'removed' && caution('combustible-near', values),
      placed && wet !== null && wet.fromM - heatedEdgeM(c.joint, part.along) < ON_JOINT_M && caution('wrap-on-joint', values),
      wet !== null && (part.distanceM < wet.fromM || part.distanceM > wet.toM) && caution('wrap-misses', values),
      p.verdict === 'ok' && wet !== null && caution('part-water', { ...values, untilS: p.wetUntilS }),
      STANDS.includes(part.kind) && part.protection.kind !== 'removed' && caution('part-stands', values),
    ];
  });

const aboutPurge: Source = (c) => [c.purge === null && caution('no-purge'), ...(c.purge ?? [])];

const SOURCES: readonly Source[] = [
  aboutFillers,
  aboutRefrigerant,
  aboutGasesAndFume,
  aboutTorch,
  aboutWeather,
  aboutFit,
  aboutStrength,
  aboutParts,
  aboutFlux,
  aboutPurge,
  beforeEveryFlame,
];

/** All cautions of a plan, stops first; within a severity what this joint asks for before what every joint does. */
export const cautionsOf = (input: CautionInput): readonly Caution[] =>
  stopsFirst(SOURCES.flatMap((source) => source(input)).filter((found): found is Caution => found !== false));
