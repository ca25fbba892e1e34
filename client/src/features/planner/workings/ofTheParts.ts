import {
  formatDuration,
  formatLength,
  formatTemperature,
  PART_LIMITS,
  readingText,
  type JointPlan,
  type PartProtection,
  type UnitPreferences,
} from '@kesto/core';
import { f, nothingPlanned, type Working } from './working';

/** How hot one part near the joint gets, bare and as it is protected. */
export function part(index: number, plan: JointPlan, units: UnitPreferences): Working {
  const p = plan.protection[index];
  if (!p || !plan.heat) return nothingPlanned;
  const show = (c: number) => readingText(formatTemperature(c, units));
  const kind = p.part.kind.replaceAll('-', ' ');
  const { wet, kind: protection } = p.part.protection;
  const limit = p.part.limitC;
  const [near, far] = wet ? [wet.fromM, wet.toM].map((m) => readingText(formatLength(m, units, 0))) : ['', ''];
  return {
    title: `The ${kind} gets to ${show(p.peakC)}`,
    sentence: `Bare it would get to ${show(p.unprotectedPeakC)}. It peaks ${readingText(formatDuration(p.peakAtS))} after lighting, when the flame is long off.`,
    formula: [
      'ρ c A dT/dt = d/dx (k A dT/dx) − h P (T − Ta) − ε σ P (T⁴ − Ta⁴)',
      'from the edge of the heated zone outwards, in 4 mm and 0.5 s',
      `= ${show(p.peakC)}`,
    ],
    inputs: [
      {
        symbol: 'x',
        name: 'distance from the cup',
        value: readingText(formatLength(p.part.distanceM, units, 0)),
        source: p.part.along === 'female' ? 'past the cup' : 'along the tube',
      },
      { symbol: 'T₀', name: 'the joint, held 10 s', value: show(plan.heat.middleC), source: 'middle of the filler’s range' },
      { symbol: 'h', name: 'still air, bright tube', value: '7 W/m² K', source: 'the safe side', assumed: true },
      { symbol: 'ε', name: 'emissivity', value: '0.1', source: 'bright tube, the safe side', assumed: true },
      ...(wet
        ? [
            {
              symbol: '',
              name: `${protection.replace('-', ' ')} from ${near} to ${far}`,
              value: `${f(wet.waterKg * 1000, 0)} g of water`,
              source: 'of which 60 % is counted',
              assumed: true,
            },
          ]
        : []),
      {
        symbol: '',
        name: 'allowed',
        value: limit === null ? 'unknown' : show(limit),
        source: p.part.limitAssumed ? PART_LIMITS[p.part.kind].source : 'typed',
        assumed: p.part.limitAssumed,
      },
    ],
    change: wet
      ? 'Held at 100 °C only while its water lasts: keep it wet until the part has peaked, not until the flame is off.'
      : 'Water pins the tube at 100 °C while it lasts; a part that comes off is the surest.',
    ...(limit === null ? {} : { scale: scaleOf(p, limit) }),
  };
}

const scaleOf = (p: PartProtection, limitC: number) => ({
  min: 0,
  max: Math.max(p.unprotectedPeakC, limitC) * 1.1,
  good: [0, limitC] as const,
  at: p.peakC,
  cold: p.unprotectedPeakC,
  unit: '°C',
});
