import { aluminiumOnly, aluminiumToAluminium, aluminiumToOther } from './aluminiumRules';
import type { FillerRow } from './fillers';
import { VERDICTS, type Case, type Reason, type Rule, type Verdict } from './finding';
import {
  aluminiumBronze,
  ammonia,
  baseMelts,
  brass,
  cadmium,
  belowReflow,
  cannotReflow,
  copperToCopper,
  galvanised,
  nickelOnStainless,
  makersList,
  oldCadmium,
  oldUnknown,
  overOldSilver,
  phosphide,
  phosphorusOnSteel,
  phosphorusTubeIntoSteel,
  silverOnCopperAlloys,
  silverOnSteel,
  softSolder,
} from './metalRules';
import { bridgesGap, ductility, hotService, runsThrough, sulphur } from './serviceRules';

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
  belowReflow,
  oldUnknown,
  makersList,
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

/** The worst of what was found. */
const worst = (reasons: readonly Reason[]): Verdict => VERDICTS[Math.max(...reasons.map((r) => VERDICTS.indexOf(r.verdict)))] ?? 'allowed';

export interface FillerVerdict {
  readonly filler: FillerRow;
  readonly verdict: Verdict;
  readonly reasons: readonly Reason[];
}

/** One filler against one joint: every rule that applies, the worst winning; reasons with the deciding ones first. */
export function judgeFiller(c: Case): FillerVerdict {
  const found = DECIDING.map((rule) => rule(c)).filter((reason): reason is Reason => reason !== null);
  const bridge = bridgesGap(c);
  const reasons = [...(bridge ? [bridge] : []), ...found].sort((a, b) => VERDICTS.indexOf(b.verdict) - VERDICTS.indexOf(a.verdict));
  const seen = new Set<string>();
  return { filler: c.filler, verdict: worst(found), reasons: reasons.filter((r) => !seen.has(r.code) && seen.add(r.code)) };
}
