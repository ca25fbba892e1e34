import {
  formatDuration,
  formatFlow,
  formatGaugePressure,
  formatGrams,
  formatLength,
  formatTemperature,
  gaugePascals,
  readingText,
  type JointPlan,
  type Reading,
  type UnitPreferences,
} from '@kesto/core';

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
    label: `${p.part.kind.replaceAll('-', ' ')} at ${readingText(formatLength(p.part.distanceM, units, 0))}`,
    reading: formatTemperature(p.peakC, units),
    note:
      p.part.limitC === null
        ? 'no limit known'
        : `${readingText(formatTemperature(p.part.limitC, units))} allowed${p.verdict === 'too-hot' ? ': too hot' : ''}`,
    assumed: p.part.limitAssumed,
  }));
}

function beforeTorch(plan: JointPlan, units: UnitPreferences): readonly CardReading[] {
  const { fit, joint, flux, purge } = plan;
  const hot = readingText(formatLength(fit.radialGapHotM, units, 2));
  return [
    {
      name: 'depth',
      label: 'depth in the cup',
      reading: formatLength(fit.insertM, units),
      note: 'to the bottom, marked',
      assumed: joint.assumed.includes('cup-depth'),
    },
    {
      name: 'gap',
      label: 'gap, cold',
      reading: formatLength(fit.radialGapColdM, units, 2),
      note: `${hot} hot: ${fitWord(fit.verdict)}`,
      assumed: joint.assumed.includes('bore'),
    },
    {
      name: 'flux',
      label: 'flux',
      reading: { value: flux.class ?? 'none', unit: '' },
      note: flux.required ? 'thin, on the tube only' : 'copper cleans itself',
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
          : `annealed; needs ${readingText(formatGaugePressure(gaugePascals(plan.pressure.designPa), units))}`,
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
      note: heat ? `${(heat.powerW / 1000).toFixed(1)} kW torch, guide ${Math.round(heat.guideSeconds)} s` : '',
      assumed: true,
    },
    {
      name: 'rod',
      label: chosen ? `rod ${chosen.filler.designation}` : 'rod',
      reading: rod ? formatLength(rod.lengthM, units, 0) : NONE,
      note: rod ? `${readingText(formatGrams(rod.massKg * 1000))}, ${rod.sticks.toFixed(2)} stick` : 'no filler',
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

const FIT_WORDS = { good: 'drawn in well', 'too-tight': 'too tight', loose: 'loose', reject: 'too wide' } as const;
export const fitWord = (verdict: JointPlan['fit']['verdict']) => FIT_WORDS[verdict];

/** What the plan says first. */
export function planHeadline(plan: JointPlan): { text: string; good: boolean } {
  const stopped = plan.chosen === null || plan.cautions.some((c) => ['gap-reject', 'cannot-reach', 'carbon-dioxide'].includes(c.code));
  if (stopped) return { text: 'Do not braze it like this', good: false };
  return {
    text: `${plan.cautions.some((c) => c.severity === 'stop') ? 'Settle this first, then braze' : 'Braze it here'}, ${plan.flux.required ? 'with' : 'no'} flux`,
    good: !plan.cautions.some((c) => c.severity === 'stop'),
  };
}
