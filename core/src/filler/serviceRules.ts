import { GAP_LIMITS_MM, radialGapHotM } from '../fit/gap';
import { isCarbonDioxide } from '../refrigerant/safetyClasses';
import { isWide } from './fillers';
import { isPhosphorus, isSilver, type Case, type Rule, type Service } from './finding';

/** Cold below which a joint low in silver turns brittle under movement [°C]. */
const COLD_SERVICE_C = -20;

export function needsDuctility(service: Service): boolean {
  return service.vibration || service.side === 'discharge' || (service.minTempC ?? 0) < COLD_SERVICE_C;
}

/** Where carbon dioxide's pressure is: a joint low in silver cracks there. */
const onCarbonDioxide = ({ refrigerant, side }: Service) =>
  isCarbonDioxide(refrigerant ?? null) && (side === 'high' || side === 'discharge');

export const ductility: Rule = (c) => {
  const moves = needsDuctility(c.service);
  if (isSilver(c)) return moves ? { code: 'ductile', verdict: 'best' } : null;
  if (!isPhosphorus(c) || !(moves || onCarbonDioxide(c.service))) return null;
  const { silverPercent, phosphorusPercent } = c.filler;
  const values = { silverPercent, phosphorusPercent };
  if (silverPercent < 5) return { code: 'low-ductility', verdict: 'avoid', values };
  if (!moves) return null;
  if (silverPercent < 15) return { code: 'ductile-enough', verdict: 'allowed', values };
  // More phosphorus is brittle whatever the silver.
  return phosphorusPercent <= MOST_DUCTILE_PHOSPHORUS
    ? { code: 'ductile', verdict: 'best', values }
    : { code: 'low-ductility', verdict: 'avoid', values };
};

const MOST_DUCTILE_PHOSPHORUS = 5.5;

/** Metal in service above which a filler loses its strength [°C]. */
const HOT_SERVICE_C = { phosphorus: 149, silver: 204 } as const;

export const hotService: Rule = (c) => {
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

export const runsThrough: Rule = (c) =>
  isLooseFor(c) && !bridges(c)
    ? { code: 'runs-through', verdict: 'avoid', values: { gapMm: hotGapMm(c), mostMm: c.filler.gapMostMm } }
    : null;

/** Whether a row's own range holds the gap as it is when hot. */
export const holdsGap = (c: Case) => !isLooseFor(c) && hotGapMm(c) >= c.filler.gapLeastMm - GAP_FORGIVEN_MM;

export const sulphur: Rule = (c) => (c.service.sulphur && isPhosphorus(c) ? { code: 'sulphur', verdict: 'avoid' } : null);

/** A good property that changes the order but not the verdict: `best` can never worsen another rule's finding. */
export const bridgesGap: Rule = (c) =>
  isLooseFor(c) && bridges(c) ? { code: 'bridges-gap', verdict: 'best', values: { gapMm: hotGapMm(c) } } : null;
