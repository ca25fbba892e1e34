import { GAP_LIMITS_MM, radialGapHotM } from '../fit/gap';
import { holdsIronOrNickel, isPlainCopper, METALS } from '../metal/metals';
import type { Schools, Side } from '../plan/request';
import type { Member, ResolvedJoint } from '../plan/resolveJoint';
import { isFluid, isWide, type FillerRow } from './fillers';

export const VERDICTS = ['best', 'allowed', 'avoid', 'forbidden'] as const;
export type Verdict = (typeof VERDICTS)[number];

export interface Service {
  readonly refrigerant: string | null;
  readonly side: Side | null;
  readonly minTempC: number | null;
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
  | 'ammonia'
  | 'galvanised'
  | 'soft-solder'
  | 'phosphide'
  | 'aluminium-bronze'
  | 'wets-steel'
  | 'needs-more-heat'
  | 'nickel-bearing'
  | 'no-nickel'
  | 'phosphorus-residue'
  | 'cut-off-phosphorus'
  | 'old-filler-unknown'
  | 'self-fluxing'
  | 'cooler-with-flux'
  | 'wets-copper-alloy'
  | 'flux-on-brass'
  | 'low-silver-on-brass'
  | 'zinc-loss'
  | 'base-melts'
  | 'al-cu-eutectic'
  | 'al-exception'
  | 'expert'
  | 'bench-only-skill'
  | 'low-temperature-repair'
  | 'aluminium-only'
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
const carriedPhosphorus = (m: Member) => m.state === 'brazed' && m.oldFiller?.family === 'copper-phosphorus';

const cadmium: Rule = (c) => (c.filler.holdsCadmium ? { code: 'cadmium', verdict: 'forbidden' } : null);

const ammonia: Rule = (c) => (c.service.refrigerant === 'R-717' && !isForAluminium(c) ? { code: 'ammonia', verdict: 'forbidden' } : null);

const galvanised: Rule = (c) => (either(c, (m) => m.metal === 'galvanised-steel') ? { code: 'galvanised', verdict: 'forbidden' } : null);

const softSolder: Rule = (c) => (either(c, (m) => m.state === 'soft-soldered') ? { code: 'soft-solder', verdict: 'forbidden' } : null);

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

/** A steel socket that was brazed with phosphorus before: only after cleaning to bright steel, and recorded. */
const phosphorusOnSteel: Rule = (c) => {
  const old = members(c).find((m) => isIronOrNickel(m) && m.state === 'brazed');
  if (!old) return null;
  if (carriedPhosphorus(old)) return { code: 'phosphorus-residue', verdict: 'avoid' };
  return old.oldFiller ? null : { code: 'old-filler-unknown', verdict: 'avoid' };
};

const phosphorusTubeIntoSteel: Rule = (c) =>
  either(c, isIronOrNickel) && either(c, (m) => !isIronOrNickel(m) && carriedPhosphorus(m))
    ? { code: 'cut-off-phosphorus', verdict: 'forbidden' }
    : null;

const copperToCopper: Rule = (c) => {
  if (!both(c, (m) => isPlainCopper(m.metal))) return null;
  if (isPhosphorus(c)) return { code: 'self-fluxing', verdict: 'best' };
  return isSilver(c) ? { code: 'cooler-with-flux', verdict: 'allowed', values: { liquidusC: c.filler.liquidusC } } : null;
};

const silverOnCopperAlloys: Rule = (c) =>
  isSilver(c) &&
  !either(c, (m) => isAluminium(m) || isIronOrNickel(m)) &&
  either(c, (m) => METALS[m.metal].family === 'copper-no-phosphorus')
    ? { code: 'wets-copper-alloy', verdict: 'best' }
    : null;

const brass: Rule = (c) => {
  if (!either(c, isBrassOrBronze) || either(c, isAluminium)) return null;
  const values = { liquidusC: c.filler.liquidusC, belowK: lowestSolidusC(c) - c.filler.liquidusC };
  if (isSilver(c)) return { code: 'zinc-loss', verdict: 'best', values };
  if (!isPhosphorus(c)) return null;
  return c.filler.silverPercent >= 5
    ? { code: 'flux-on-brass', verdict: 'allowed', values }
    : { code: 'low-silver-on-brass', verdict: 'avoid', values };
};

const lowestSolidusC = (c: Case) => Math.min(...members(c).map((m) => METALS[m.metal].solidusC));

/** Room a hand with a torch needs under the base metal's melting [K]. */
const BASE_MARGIN_K = 25;

const baseMelts: Rule = (c) => {
  if (either(c, isAluminium) && isForAluminium(c)) return null;
  if (c.filler.liquidusC <= lowestSolidusC(c) - BASE_MARGIN_K) return null;
  return { code: 'base-melts', verdict: 'forbidden', values: { solidusC: lowestSolidusC(c), liquidusC: c.filler.liquidusC } };
};

/** Aluminium and copper melt together at 548 °C. */
const AL_CU_EUTECTIC_C = 548;

const aluminiumToOther: Rule = (c) => {
  if (!either(c, isAluminium) || both(c, isAluminium)) return null;
  if (c.filler.family === 'zinc-aluminium') return { code: 'al-exception', verdict: 'avoid' };
  return c.filler.liquidusC > AL_CU_EUTECTIC_C
    ? { code: 'al-cu-eutectic', verdict: 'forbidden', values: { liquidusC: c.filler.liquidusC } }
    : null;
};

const aluminiumToAluminium: Rule = (c) => {
  if (!both(c, isAluminium)) return null;
  if (c.filler.family === 'zinc-aluminium') return { code: 'low-temperature-repair', verdict: 'allowed' };
  if (c.filler.family !== 'aluminium-silicon')
    return { code: 'base-melts', verdict: 'forbidden', values: { solidusC: lowestSolidusC(c), liquidusC: c.filler.liquidusC } };
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
  const values = { silverPercent: c.filler.silverPercent };
  if (c.filler.silverPercent < 5) return { code: 'low-ductility', verdict: 'avoid', values };
  return c.filler.silverPercent < 15
    ? { code: 'ductile-enough', verdict: 'allowed', values }
    : { code: 'ductile', verdict: 'best', values };
};

const hotGapMm = (c: Case) => radialGapHotM(c.joint, c.filler) * 1000;

export const isLooseFor = (c: Case) => hotGapMm(c) > GAP_LIMITS_MM.fluidMost;

const runsThrough: Rule = (c) =>
  isLooseFor(c) && isFluid(c.filler) ? { code: 'runs-through', verdict: 'avoid', values: { gapMm: hotGapMm(c) } } : null;

const sulphur: Rule = (c) => (c.service.sulphur && isPhosphorus(c) ? { code: 'sulphur', verdict: 'avoid' } : null);

/** A good property that changes the order but not the verdict: `best` can never worsen another rule's finding. */
const bridgesGap: Rule = (c) =>
  isLooseFor(c) && isWide(c.filler) ? { code: 'bridges-gap', verdict: 'best', values: { gapMm: hotGapMm(c) } } : null;

/** Rules that decide; the worst of those that apply wins. */
const DECIDING: readonly Rule[] = [
  cadmium,
  ammonia,
  galvanised,
  softSolder,
  phosphide,
  aluminiumBronze,
  phosphorusTubeIntoSteel,
  phosphorusOnSteel,
  aluminiumToOther,
  aluminiumToAluminium,
  aluminiumOnly,
  baseMelts,
  silverOnSteel,
  nickelOnStainless,
  copperToCopper,
  silverOnCopperAlloys,
  brass,
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
