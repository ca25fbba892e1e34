import {
  formatDuration,
  formatOnRule,
  formatTemperature,
  heatingS,
  PART_LIMITS,
  readingText,
  type JointPlan,
  type PartProtection,
  type UnitPreferences,
} from '@kesto/core';
import { measureText, partName, showIn } from '@kesto/contract/wording';
import { f, nothingPlanned, type Working } from './working';

const WHERE = {
  male: 'along the tube, from the cup’s mouth',
  female: 'past the cup, from its bottom',
  run: 'along the run, from the branch',
} as const;

/** How hot one part near the joint gets, bare and as it is protected. */
export function part(index: number, plan: JointPlan, units: UnitPreferences): Working {
  const p = plan.protection[index];
  if (!p || !plan.heat) return nothingPlanned;
  const { peakC, unprotectedPeakC: bareC } = p;
  if (peakC === null || bareC === null) {
    return {
      ...nothingPlanned,
      title: partName(p.part.kind),
      sentence: `It is not on the tube. ${measureText(p.measures, showIn(units))}`,
    };
  }
  const show = (c: number) => readingText(formatTemperature(c, units));
  const kind = partName(p.part.kind);
  const { wet } = p.part.protection;
  const limit = p.part.limitC;
  return {
    title: `The ${kind} gets to ${show(peakC)}`,
    sentence: `Bare it would get to ${show(bareC)}. It peaks ${readingText(formatDuration(p.peakAtS))} after lighting; the flame is off at ${readingText(formatDuration(heatingS({ ...plan, heat: plan.heat })))}.`,
    formula: [
      'ρ c A dT/dt = d/dx (k A dT/dx) − h P (T − Ta) − ε σ P (T⁴ − Ta⁴)',
      'from the edge of the heated zone outwards, in 4 mm and 0.5 s',
      `= ${show(peakC)}`,
    ],
    inputs: inputsOf(p, plan, units),
    change: wet
      ? 'Held at 100 °C only while its water lasts: keep it wet until the part has peaked, not until the flame is off.'
      : 'Water pins the tube at 100 °C while it lasts; a part that comes off is the surest.',
    ...(limit === null ? {} : { scale: scaleOf({ peakC, bareC }, limit) }),
  };
}

function inputsOf({ part: near }: PartProtection, plan: JointPlan, units: UnitPreferences): Working['inputs'] {
  const show = (c: number) => readingText(formatTemperature(c, units));
  const length = (m: number) => readingText(formatOnRule(m, units));
  const { wet, kind } = near.protection;
  return [
    {
      symbol: 'x',
      name: WHERE[near.along],
      value: length(near.distanceM),
      source: 'on the drawing',
    },
    {
      symbol: 'T₀',
      name: `the joint, held ${f(plan.holdS, 0)} s`,
      value: show(plan.heat?.middleC ?? NaN),
      source: 'middle of the filler’s range',
    },
    { symbol: 'h', name: 'still air, bright tube', value: '7 W/m² K', source: 'the safe side', assumed: true },
    { symbol: 'ε', name: 'emissivity', value: '0.1', source: 'bright tube, the safe side', assumed: true },
    ...(near.massKg === null
      ? []
      : [
          {
            symbol: 'm',
            name: 'its body, behind its own wall',
            value: `${f(near.massKg, 2)} kg`,
            source: near.massAssumed ? 'usual for its kind' : 'typed',
            assumed: near.massAssumed,
          },
        ]),
    ...(wet
      ? [
          {
            symbol: '',
            name: `${kind.replace('-', ' ')} from ${length(wet.fromM)} to ${length(wet.toM)}`,
            value: `${f(wet.waterKg * 1000, 0)} g of water`,
            source: 'of which 60 % is counted',
            assumed: true,
          },
        ]
      : []),
    {
      symbol: '',
      name: 'allowed',
      value: near.limitC === null ? 'unknown' : show(near.limitC),
      source: near.limitAssumed ? PART_LIMITS[near.kind].source : 'typed',
      assumed: near.limitAssumed,
    },
  ];
}

const scaleOf = ({ peakC, bareC }: { peakC: number; bareC: number }, limitC: number) => ({
  min: 0,
  max: Math.max(bareC, limitC) * 1.1,
  good: [0, limitC] as const,
  at: peakC,
  cold: bareC,
  unit: '°C',
});
