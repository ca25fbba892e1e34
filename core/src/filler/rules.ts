import { type Member, type ResolvedJoint, carriedCadmium, carriedSolder, mayHaveCarriedPhosphorus } from '../joint/resolvedJoint';
import type { Position } from '../vocabulary/joint';
import type { Schools } from '../vocabulary/schools';
import type { Side } from '../vocabulary/service';
import { GAP_LIMITS_MM, radialGapHotM } from '../fit/gap';
import { NEAR_MELTING_K, targetRange } from '../heat/target';
import { holdsIronOrNickel, isPlainCopper, METALS, type MetalName } from '../metal/metals';

import { holdsZinc, isWide, type FillerRow } from './fillers';

export const VERDICTS = ['best', 'allowed', 'avoid', 'forbidden'] as const;
export type Verdict = (typeof VERDICTS)[number];

export interface Service {
  readonly refrigerant: string | null;
  readonly side: Side | null;
  readonly minTempC: number | null;
  /** Hottest metal in service; null where nobody said. */
  readonly maxTempC: number | null;
  readonly position: Position | null;
  /** A part with a limit lies within 300 mm: heat decides before silver's price. */
  readonly heatMatters: boolean;
  readonly vibration: boolean;
  readonly sulphur: boolean;
  readonly schools: Schools;
}

/** A rule's finding on one filler. Codes and figures only: the sentence is made at the edge. */
export interface Reason {
  readonly code: FillerReasonCode;
  readonly verdict: Verdict;
  readonly values?: Readonly<Record<string, number | string>>;
}

export type FillerReasonCode =
  | 'cadmium'
  | 'old-cadmium'
  | 'ammonia'
  | 'ammonia-zinc'
  | 'galvanised'
  | 'soft-solder'
  | 'phosphide'
  | 'aluminium-bronze'
  | 'wets-steel'
  | 'needs-more-heat'
  | 'nickel-bearing'
  | 'no-nickel'
  | 'phosphorus-residue'
  | 'cut-back'
  | 'mixed-fillers'
  | 'same-kind'
  | 'self-fluxing'
  | 'cooler-with-flux'
  | 'wets-copper-alloy'
  | 'flux-on-brass'
  | 'low-silver-on-brass'
  | 'zinc-loss'
  | 'base-melts'
  | 'near-melting'
  | 'cannot-reflow'
  | 'al-cu-eutectic'
  | 'al-exception'
  | 'no-practice'
  | 'expert'
  | 'bench-only-skill'
  | 'low-temperature-repair'
  | 'aluminium-only'
  | 'hot-service'
  | 'low-ductility'
  | 'ductile-enough'
  | 'ductile'
  | 'runs-through'
  | 'bridges-gap'
  | 'sulphur';

export interface Case {
  readonly filler: FillerRow;
  readonly joint: ResolvedJoint;
  readonly service: Service;
}

type Rule = (c: Case) => Reason | null;

const isPhosphorus = (c: Case) => c.filler.family === 'copper-phosphorus';
const isSilver = (c: Case) => c.filler.family === 'silver';
const isForAluminium = (c: Case) => c.filler.family === 'aluminium-silicon' || c.filler.family === 'zinc-aluminium';
const members = (c: Case): readonly Member[] => [c.joint.male, c.joint.female];
const either = (c: Case, test: (m: Member) => boolean) => members(c).some(test);
const both = (c: Case, test: (m: Member) => boolean) => members(c).every(test);
const isAluminium = (m: Member) => m.metal === 'aluminium';
const isIronOrNickel = (m: Member) => holdsIronOrNickel(m.metal);
const isBrassOrBronze = (m: Member) => METALS[m.metal].family === 'brass';
const isCopperAlloy = (m: Member) => !isAluminium(m) && !isIronOrNickel(m);
const carriedSilver = (m: Member) =>
  m.state === 'brazed' && m.removed === null && m.oldFiller?.family === 'silver' && !m.oldFiller.holdsCadmium;

const cadmium: Rule = (c) => (c.filler.holdsCadmium ? { code: 'cadmium', verdict: 'forbidden' } : null);

/** Made with cadmium it is not heated again: only a cut wide of the joint takes it away. */
const oldCadmium: Rule = (c) => (either(c, carriedCadmium) ? { code: 'old-cadmium', verdict: 'forbidden' } : null);

const ammonia: Rule = (c) => {
  if (c.service.refrigerant !== 'R-717') return null;
  if (!isForAluminium(c)) return { code: 'ammonia', verdict: 'forbidden' };
  return holdsZinc(c.filler) ? { code: 'ammonia-zinc', verdict: 'forbidden' } : null;
};

const galvanised: Rule = (c) => (either(c, (m) => m.metal === 'galvanised-steel') ? { code: 'galvanised', verdict: 'forbidden' } : null);

/** Solder, zinc-aluminium included, poisons what is brazed over it; zinc-aluminium may be repaired with its own kind on aluminium. */
const softSolder: Rule = (c) => {
  const ownRepair = both(c, isAluminium) && c.filler.family === 'zinc-aluminium';
  const solder = (m: Member) => carriedSolder(m) && !(ownRepair && m.oldFiller?.family === 'zinc-aluminium');
  return either(c, solder) ? { code: 'soft-solder', verdict: 'forbidden' } : null;
};

/** Phosphorus and iron or nickel make a brittle layer at the interface. */
const phosphide: Rule = (c) =>
  isPhosphorus(c) && either(c, (m) => isIronOrNickel(m) || m.metal === 'copper-nickel')
    ? { code: 'phosphide', verdict: 'forbidden' }
    : null;

const aluminiumBronze: Rule = (c) =>
  isPhosphorus(c) && either(c, (m) => m.metal === 'aluminium-bronze') ? { code: 'aluminium-bronze', verdict: 'forbidden' } : null;

const silverOnSteel: Rule = (c): Reason | null => {
  if (!isSilver(c) || !either(c, isIronOrNickel)) return null;
  return c.filler.silverPercent >= 34
    ? { code: 'wets-steel', verdict: 'best', values: { liquidusC: c.filler.liquidusC } }
    : { code: 'needs-more-heat', verdict: 'avoid', values: { silverPercent: c.filler.silverPercent } };
};

const nickelOnStainless: Rule = (c) => {
  if (!isSilver(c) || !either(c, (m) => m.metal === 'stainless-steel')) return null;
  return c.filler.nickelPercent >= 2 ? { code: 'nickel-bearing', verdict: 'best' } : { code: 'no-nickel', verdict: 'allowed' };
};

/** Steel that carried phosphorus, or nobody knows what: forbidden as it is, to be avoided when ground to bright steel. */
const phosphorusOnSteel: Rule = (c) => {
  const old = members(c).find((m) => isIronOrNickel(m) && mayHaveCarriedPhosphorus(m));
  if (!old) return null;
  return { code: 'phosphorus-residue', verdict: old.removed === 'ground-off' ? 'avoid' : 'forbidden' };
};

/** A tube end that carried phosphorus, or nobody knows what, is cut off before it enters steel: no other way lifts this. */
const phosphorusTubeIntoSteel: Rule = (c) =>
  either(c, isIronOrNickel) && either(c, (m) => !isIronOrNickel(m) && mayHaveCarriedPhosphorus(m))
    ? { code: 'cut-back', verdict: 'forbidden' }
    : null;

/** Phosphorus over old silver filler makes neither of the two. */
const overOldSilver: Rule = (c) => {
  if (!either(c, (m) => isCopperAlloy(m) && carriedSilver(m)) || either(c, isIronOrNickel)) return null;
  if (isPhosphorus(c)) return { code: 'mixed-fillers', verdict: 'avoid' };
  return isSilver(c) ? { code: 'same-kind', verdict: 'best' } : null;
};

const copperToCopper: Rule = (c) => {
  if (!both(c, (m) => isPlainCopper(m.metal))) return null;
  if (isPhosphorus(c)) return { code: 'self-fluxing', verdict: 'best' };
  if (!isSilver(c) || either(c, carriedSilver)) return null;
  return { code: 'cooler-with-flux', verdict: 'allowed', values: { liquidusC: c.filler.liquidusC } };
};

const silverOnCopperAlloys: Rule = (c) =>
  isSilver(c) &&
  !either(c, (m) => isAluminium(m) || isIronOrNickel(m)) &&
  either(c, (m) => METALS[m.metal].family === 'copper-no-phosphorus')
    ? { code: 'wets-copper-alloy', verdict: 'best' }
    : null;

const brass: Rule = (c) => {
  if (!either(c, isBrassOrBronze) || either(c, isAluminium)) return null;
  const { metal, solidusC } = lowestMelting(c);
  const values = { liquidusC: c.filler.liquidusC, belowK: solidusC - c.filler.liquidusC, metal };
  if (isSilver(c)) return { code: 'zinc-loss', verdict: 'best', values };
  if (!isPhosphorus(c)) return null;
  return c.filler.silverPercent >= 5
    ? { code: 'flux-on-brass', verdict: 'allowed', values }
    : { code: 'low-silver-on-brass', verdict: 'avoid', values };
};

/** The member that melts first. */
function lowestMelting(c: Case): { metal: MetalName; solidusC: number } {
  const [male, female] = [c.joint.male.metal, c.joint.female.metal].map((metal) => ({ metal, solidusC: METALS[metal].solidusC }));
  if (!male || !female) throw new Error('a joint has two members');
  return female.solidusC < male.solidusC ? female : male;
}

/** Closer than this to the metal's melting no hand is steady enough [K]. */
const MELTS_WITHIN_K = 20;

/** A filler may not ask for more than the metals bear. Aluminium with its own fillers has rules of its own. */
const baseMelts: Rule = (c) => {
  if (either(c, isAluminium) && isForAluminium(c)) return null;
  const { metal, solidusC } = lowestMelting(c);
  const marginK = solidusC - c.filler.liquidusC;
  const values = { metal, solidusC, liquidusC: c.filler.liquidusC };
  if (marginK < MELTS_WITHIN_K) return { code: 'base-melts', verdict: 'forbidden', values };
  return marginK < NEAR_MELTING_K ? { code: 'near-melting', verdict: 'avoid', values } : null;
};

/** An old filler that wants more heat than the new one, the metals and the flux bear. */
const cannotReflow: Rule = (c) => {
  const target = targetRange(c.joint, c.filler);
  return target.reflows ? null : { code: 'cannot-reflow', verdict: 'avoid', values: { lowC: target.oldLiquidusC ?? 0 } };
};

/** Aluminium and copper melt together at 548 °C. */
const AL_CU_EUTECTIC_C = 548;

const aluminiumToOther: Rule = (c) => {
  if (!either(c, isAluminium) || both(c, isAluminium)) return null;
  if (!either(c, (m) => isPlainCopper(m.metal))) return { code: 'no-practice', verdict: 'forbidden' };
  if (c.filler.liquidusC > AL_CU_EUTECTIC_C)
    return { code: 'al-cu-eutectic', verdict: 'forbidden', values: { liquidusC: c.filler.liquidusC } };
  return { code: 'al-exception', verdict: 'avoid' };
};

const aluminiumToAluminium: Rule = (c) => {
  if (!both(c, isAluminium)) return null;
  if (c.filler.family === 'zinc-aluminium') return { code: 'low-temperature-repair', verdict: 'allowed' };
  if (c.filler.family !== 'aluminium-silicon')
    return { code: 'base-melts', verdict: 'forbidden', values: { ...lowestMelting(c), liquidusC: c.filler.liquidusC } };
  return c.joint.access === 'bench' ? { code: 'bench-only-skill', verdict: 'allowed' } : { code: 'expert', verdict: 'avoid' };
};

const aluminiumOnly: Rule = (c) => (isForAluminium(c) && !either(c, isAluminium) ? { code: 'aluminium-only', verdict: 'forbidden' } : null);

/** Cold below which a joint low in silver turns brittle under movement [°C]. */
const COLD_SERVICE_C = -20;

export function needsDuctility(service: Service): boolean {
  return service.vibration || service.side === 'discharge' || (service.minTempC !== null && service.minTempC < COLD_SERVICE_C);
}

const ductility: Rule = (c) => {
  if (!needsDuctility(c.service)) return null;
  if (isSilver(c)) return { code: 'ductile', verdict: 'best' };
  if (!isPhosphorus(c)) return null;
  const { silverPercent, phosphorusPercent } = c.filler;
  const values = { silverPercent, phosphorusPercent };
  if (silverPercent < 5) return { code: 'low-ductility', verdict: 'avoid', values };
  if (silverPercent < 15) return { code: 'ductile-enough', verdict: 'allowed', values };
  // More phosphorus is brittle whatever the silver.
  return phosphorusPercent <= MOST_DUCTILE_PHOSPHORUS
    ? { code: 'ductile', verdict: 'best', values }
    : { code: 'low-ductility', verdict: 'avoid', values };
};

const MOST_DUCTILE_PHOSPHORUS = 5.5;

/** Metal in service above which a filler loses its strength [°C]. */
const HOT_SERVICE_C = { phosphorus: 149, silver: 204 } as const;

const hotService: Rule = (c) => {
  const hottest = c.service.maxTempC ?? -Infinity;
  const limitC = isPhosphorus(c) ? HOT_SERVICE_C.phosphorus : isSilver(c) ? HOT_SERVICE_C.silver : Infinity;
  return hottest > limitC ? { code: 'hot-service', verdict: 'avoid', values: { limitC } } : null;
};

const hotGapMm = (c: Case) => radialGapHotM(c.joint, c.filler) * 1000;

/** The gap is wider than this row fills, and nothing but bridging helps. */
export const isLooseFor = (c: Case) => hotGapMm(c) > c.filler.gapMostMm + GAP_FORGIVEN_MM;
/** Half a micrometre is forgiven, so that a limit typed is a limit kept [mm]. */
const GAP_FORGIVEN_MM = 0.0005;

/** Nothing bridges more than this [mm]. */
const bridges = (c: Case) => isWide(c.filler) && hotGapMm(c) <= GAP_LIMITS_MM.reject + GAP_FORGIVEN_MM;

const runsThrough: Rule = (c) =>
  isLooseFor(c) && !bridges(c)
    ? { code: 'runs-through', verdict: 'avoid', values: { gapMm: hotGapMm(c), mostMm: c.filler.gapMostMm } }
    : null;

/** Whether a row's own range holds the gap as it is when hot. */
export const holdsGap = (c: Case) => !isLooseFor(c) && hotGapMm(c) >= c.filler.gapLeastMm - GAP_FORGIVEN_MM;

const sulphur: Rule = (c) => (c.service.sulphur && isPhosphorus(c) ? { code: 'sulphur', verdict: 'avoid' } : null);

/** A good property that changes the order but not the verdict: `best` can never worsen another rule's finding. */
const bridgesGap: Rule = (c) =>
  isLooseFor(c) && bridges(c) ? { code: 'bridges-gap', verdict: 'best', values: { gapMm: hotGapMm(c) } } : null;

/** Rules that decide; the worst of those that apply wins. */
const DECIDING: readonly Rule[] = [
  cadmium,
  oldCadmium,
  ammonia,
  galvanised,
  softSolder,
  phosphide,
  aluminiumBronze,
  phosphorusTubeIntoSteel,
  phosphorusOnSteel,
  overOldSilver,
  aluminiumToOther,
  aluminiumToAluminium,
  aluminiumOnly,
  baseMelts,
  cannotReflow,
  silverOnSteel,
  nickelOnStainless,
  copperToCopper,
  silverOnCopperAlloys,
  brass,
  hotService,
  ductility,
  runsThrough,
  sulphur,
];

const worst = (reasons: readonly Reason[]): Verdict =>
  reasons.reduce<Verdict>((verdict, r) => (VERDICTS.indexOf(r.verdict) > VERDICTS.indexOf(verdict) ? r.verdict : verdict), 'best');

export interface FillerVerdict {
  readonly filler: FillerRow;
  readonly verdict: Verdict;
  readonly reasons: readonly Reason[];
}

/** One filler against one joint: every rule that applies, the worst winning; reasons with the deciding ones first. */
export function judgeFiller(c: Case): FillerVerdict {
  const found = DECIDING.map((rule) => rule(c)).filter((reason): reason is Reason => reason !== null);
  const verdict = found.length === 0 ? 'allowed' : worst(found);
  const bridge = bridgesGap(c);
  const reasons = [...(bridge ? [bridge] : []), ...found].sort((a, b) => VERDICTS.indexOf(b.verdict) - VERDICTS.indexOf(a.verdict));
  const seen = new Set<string>();
  return { filler: c.filler, verdict, reasons: reasons.filter((r) => !seen.has(r.code) && seen.add(r.code)) };
}
