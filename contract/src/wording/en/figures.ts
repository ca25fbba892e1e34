import {
  formatDuration,
  formatFlow,
  formatGaugePressure,
  formatGrams,
  formatLength,
  formatOnRule,
  formatTemperature,
  gaugePascals,
  readingText,
  type CautionCode,
  type JointPlan,
  type Reading,
  type UnitPreferences,
} from '@kesto/core';
import { partName } from './show';

export type FigureName = 'depth' | 'gap' | 'flux' | 'flood' | 'aim' | 'heat' | 'rod' | 'trickle' | 'nitrogen' | 'strength';
/** One of the ten figures, or the temperature of a part near the joint by its place in the list. */
export type WorkingName = FigureName | `part:${number}`;

export interface CardReading {
  readonly name: WorkingName;
  readonly label: string;
  readonly reading: Reading;
  readonly note: string;
  readonly assumed: boolean;
}

const NONE: Reading = { value: '–', unit: '' };

/** The ten things that matter at the bench: five before the torch, five at it. */
export function cardReadings(plan: JointPlan, units: UnitPreferences): { before: readonly CardReading[]; torch: readonly CardReading[] } {
  return { before: beforeTorch(plan, units), torch: atTorch(plan, units) };
}

/** What each part near the joint gets to; none where nothing is near. */
export function partReadings(plan: JointPlan, units: UnitPreferences): readonly CardReading[] {
  return plan.protection.map((p, i) => ({
    name: `part:${i}` as const,
    label: `${partName(p.part.kind)} at ${readingText(formatOnRule(p.part.distanceM, units))}`,
    reading: p.peakC === null ? NONE : formatTemperature(p.peakC, units),
    note:
      p.peakC === null
        ? p.measures.includes('shield')
          ? 'shield it'
          : 'not on the tube'
        : p.part.limitC === null
          ? 'no limit known'
          : `${readingText(formatTemperature(p.part.limitC, units))} allowed${p.verdict === 'too-hot' ? ': too hot' : ''}`,
    assumed: p.part.limitAssumed,
  }));
}

function beforeTorch(plan: JointPlan, units: UnitPreferences): readonly CardReading[] {
  const { fit, joint, flux, purge } = plan;
  const hot =
    fit.radialGapHotM === null || fit.verdict === null
      ? null
      : `${readingText(formatLength(fit.radialGapHotM, units, 2))} hot: ${fitWord(plan)}`;
  return [
    {
      name: 'depth',
      label: 'depth in the cup',
      reading: formatOnRule(fit.insertM, units),
      note: 'to the bottom, marked',
      assumed: joint.assumed.includes('cup-depth'),
    },
    {
      name: 'gap',
      label: 'gap each side, cold',
      reading: formatLength(fit.radialGapColdM, units, 2),
      note: hot ?? 'no filler, no hot gap',
      assumed: joint.assumed.includes('bore'),
    },
    {
      name: 'flux',
      label: 'flux',
      reading: { value: flux.class ?? 'none', unit: '' },
      note: flux.required ? 'thin, on the tube only' : flux.reason === 'all-forbidden' ? 'no filler' : 'the rod fluxes itself on copper',
      assumed: false,
    },
    {
      name: 'flood',
      label: 'flood',
      reading: purge ? formatDuration(purge.floodSeconds) : NONE,
      note: purge ? `${readingText(formatFlow(purge.floodFlowM3PerS, units))} to ${purge.targetO2Percent} % O2` : 'no purge planned',
      assumed: false,
    },
    {
      name: 'strength',
      label: 'strength',
      reading: plan.pressure.allowablePa === null ? NONE : formatGaugePressure(gaugePascals(plan.pressure.allowablePa), units),
      note:
        plan.pressure.designPa === null
          ? 'design pressure unknown'
          : `once brazed; designed for ${readingText(formatGaugePressure(gaugePascals(plan.pressure.designPa), units))}`,
      assumed: plan.pressure.metalAssumed,
    },
  ];
}

function atTorch(plan: JointPlan, units: UnitPreferences): readonly CardReading[] {
  const { heat, rod, purge, chosen } = plan;
  return [
    {
      name: 'trickle',
      label: 'trickle',
      reading: purge?.trickleM3PerS ? formatFlow(purge.trickleM3PerS, units) : NONE,
      note: 'felt on a wet fingertip',
      assumed: false,
    },
    {
      name: 'aim',
      label: 'aim',
      reading: heat ? formatTemperature(heat.middleC, units) : NONE,
      note: heat
        ? `${formatTemperature(heat.targetLowC, units).value} to ${readingText(formatTemperature(heat.targetHighC, units))}`
        : 'no filler',
      assumed: false,
    },
    {
      name: 'heat',
      label: 'until it flows',
      reading: heat?.seconds ? formatDuration(heat.seconds) : NONE,
      note: heat
        ? `${heat.torches === 2 ? 'two torches of ' : ''}${(heat.powerW / 1000).toFixed(1)} kW${heat.tipAssumed ? ' assumed' : ''}, usual ${Math.round(heat.guideSeconds)} s`
        : '',
      assumed: true,
    },
    {
      name: 'rod',
      label: chosen ? `rod ${chosen.filler.designation}` : 'rod',
      reading: rod ? formatOnRule(rod.lengthM, units) : NONE,
      note: rod
        ? `${readingText(formatGrams(rod.massKg * 1000))}, ${rod.sticks.toFixed(2)} stick`
        : chosen
          ? 'nothing fills this gap'
          : 'no filler',
      assumed: true,
    },
    {
      name: 'nitrogen',
      label: 'nitrogen',
      reading: purge ? { value: (purge.nitrogenM3 * 1000).toFixed(0), unit: 'L' } : NONE,
      note: purge?.cylinderLeftPercent == null ? 'purge and test fill' : `${purge.cylinderLeftPercent.toFixed(0)} % left in the cylinder`,
      assumed: false,
    },
  ];
}

const FIT_WORDS = { good: 'good fit', 'too-tight': 'too tight', loose: 'loose', reject: 'will not fill' } as const;

/** How the joint fits, as the verdict says, with what makes a good one less than easy. */
export function fitWord({ fit, cautions }: Pick<JointPlan, 'fit' | 'cautions'>): string {
  if (fit.verdict === null) return 'no filler';
  return fit.verdict === 'good' && cautions.some((c) => c.code === 'tight-for-flux') ? 'tight for flux' : FIT_WORDS[fit.verdict];
}

/** Stops after which the joint is not brazed like this at all; the others are settled first. */
const NOT_LIKE_THIS: readonly CautionCode[] = ['gap-reject', 'no-gap-hot', 'crimp', 'cannot-reach', 'carbon-dioxide', 'strength-short'];

/** What to do instead, where every filler is forbidden. */
const INSTEAD: Readonly<Partial<Record<CautionCode, string>>> = {
  'weld-instead': 'Weld this, do not braze it',
  'soft-solder': 'Cut back past the solder first',
  galvanised: 'Strip the zinc first',
  'old-cadmium': 'Cut it out, do not heat it',
  'cut-back': 'Cut the tube end off first',
  'phosphorus-residue': 'Change the part, or grind to bright steel',
  'al-cu-eutectic': 'Press, lock ring or transition piece',
};

/** What is done before the torch is lit, where nothing stops the joint: the first of these stands in the headline. */
const DO_FIRST: Readonly<Partial<Record<CautionCode, string>>> = {
  'too-tight': 'Ease the fit first',
  'gap-loose': 'Close the gap first',
  'shallow-cup': 'Find a deeper cup first',
  'rating-needed': 'Read the maker’s rating first',
  'makers-filler-list': 'Read the maker’s list of rods first',
  'wrap-misses': 'Move the wrap first',
  'wrap-on-joint': 'Move the wrap first',
  'no-purge': 'Find the nitrogen a way first',
  'core-in': 'Take the core out first',
  'fuel-too-weak': 'Bring a stronger torch first',
  'cylinder-low': 'Bring more nitrogen first',
};

/** What the plan says first. */
export function planHeadline(plan: Pick<JointPlan, 'chosen' | 'cautions' | 'flux'>): { text: string; good: boolean } {
  const stops = plan.cautions.filter((c) => c.severity === 'stop');
  if (plan.chosen === null) {
    const instead = stops.map((c) => INSTEAD[c.code]).find(Boolean);
    return { text: instead ?? 'Do not braze this: join it another way', good: false };
  }
  if (stops.some((c) => NOT_LIKE_THIS.includes(c.code))) return { text: 'Do not braze it like this', good: false };
  const flux = `${plan.flux.required ? 'with' : 'no'} flux`;
  if (stops.length > 0) return { text: `Settle this first, then braze, ${flux}`, good: false };
  if (plan.chosen.verdict === 'avoid') return { text: `Only if nothing else will do, ${flux}`, good: false };
  const first = plan.cautions.filter((c) => c.severity === 'warn').find(({ code }) => DO_FIRST[code]);
  if (first) return { text: `${DO_FIRST[first.code] ?? ''}, then braze, ${flux}`, good: false };
  return { text: `Good to braze, ${flux}`, good: true };
}

/** The joint as it is drawn, in a line under its section. */
export const drawnPlanText = (plan: JointPlan, units: UnitPreferences): string =>
  `tube ${readingText(formatLength(plan.joint.male.outsideM, units))}, ${readingText(formatOnRule(plan.fit.insertM, units))} in the cup`;
