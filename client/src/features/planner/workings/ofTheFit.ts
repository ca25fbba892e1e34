import {
  annealedAllowableStressPa,
  formatOnRule,
  growth,
  meanExpansionPerK,
  METALS,
  readingText,
  ROD_BEAD_M,
  ROD_WASTE,
  weakerMember,
  type JointPlan,
  type StrengthBasis,
} from '@kesto/core';
import { showIn } from '@kesto/contract/wording';
import { f, from, nothingPlanned, type Build, type WorkingInput } from './working';

export const gap: Build = (plan, units) => {
  const { joint } = plan;
  const each = showIn(units).gap;
  const { hotC, radialGapHotM } = plan.fit;
  if (hotC === null || radialGapHotM === null) return nothingPlanned;
  const fit = { ...plan.fit, hotC, radialGapHotM };
  const [B, D] = [joint.female.boreM * 1000, joint.male.outsideM * 1000];
  const [b, d] = [growth(joint.female.metal, fit.hotC), growth(joint.male.metal, fit.hotC)];
  const opens = fit.radialGapHotM >= fit.radialGapColdM;
  const unlike = joint.female.metal !== joint.male.metal;
  const alpha = (metal: typeof joint.male.metal) => `${f(meanExpansionPerK(metal, fit.hotC) * 1e6, 1)}e-6 /K`;
  return {
    title: unlike ? `The gap ${opens ? 'opens' : 'closes'} a little when hot` : 'The gap stays as it is when hot',
    sentence: `From ${each(fit.radialGapColdM * 1000)} to ${each(fit.radialGapHotM * 1000)} on each side. A filler is drawn into ${each(0.025)} to ${each(0.13)}; with flux from ${each(0.05)}.`,
    formula: [
      'gap = ½ [ B (1 + b ΔT) − D (1 + a ΔT) ]',
      `½ [ ${f(B, 3)} × ${f(b, 5)} − ${f(D, 3)} × ${f(d, 5)} ]`,
      `= ${f(fit.radialGapHotM * 1000, 3)} mm`,
    ],
    inputs: [
      { symbol: 'B', name: 'bore of the cup', value: `${f(B, 3)} mm`, ...from(plan, 'bore') },
      { symbol: 'D', name: 'outside of the tube', value: `${f(D, 3)} mm`, source: 'tube table' },
      {
        symbol: 'b',
        name: `${joint.female.metal.replaceAll('-', ' ')} grows`,
        value: alpha(joint.female.metal),
        source: METALS[joint.female.metal].source,
        assumed: METALS[joint.female.metal].confidence !== 'high',
      },
      {
        symbol: 'a',
        name: `${joint.male.metal.replaceAll('-', ' ')} grows`,
        value: alpha(joint.male.metal),
        source: METALS[joint.male.metal].source,
      },
      { symbol: 'ΔT', name: `20 to ${f(fit.hotC, 0)} °C`, value: `${f(fit.hotC - 20, 0)} K`, source: 'middle of the filler’s range' },
    ],
    change: `A bore ${each(0.1)} larger opens the gap by ${each(0.05)}. Over ${each(0.15)} it is loose, over ${each(0.25)} nothing fills it.`,
    scale: { min: 0, max: 0.3, good: [0.025, 0.15], at: fit.radialGapHotM * 1000, cold: fit.radialGapColdM * 1000, unit: 'mm' },
  };
};

export const depth: Build = (plan, units) => {
  const { length } = showIn(units);
  const { fit, joint } = plan;
  const weak = weakerMember(joint);
  const thinner = Math.min(joint.male.wallM, joint.female.wallM) * 1000;
  return {
    title: 'Into the cup to its bottom',
    sentence: `The joint is as strong as the tube from ${length(fit.leastOverlapM)} on; the cup gives ${length(fit.insertM)}. Mark the tube and put it fully home all the same.`,
    formula: [
      'least = larger of 3 t and W (D − W) T / (0.8 L D)',
      `3 × ${f(thinner, 2)} = ${f(3 * thinner, 1)} mm`,
      `= ${f(fit.leastOverlapM * 1000, 1)} mm`,
    ],
    inputs: [
      { symbol: 't', name: 'thinner wall', value: `${f(thinner, 2)} mm`, ...from(plan, 'wall') },
      { symbol: 'W', name: 'wall of the weaker part', value: `${f(weak.wallM * 1000, 2)} mm`, source: 'the smaller wall × strength' },
      { symbol: 'T', name: 'its strength, annealed', value: `${f(weak.tensilePa / 1e6, 0)} MPa`, source: 'metal table', assumed: true },
      { symbol: 'L', name: 'shear of the filler', value: '100 MPa', source: 'brazing handbook', assumed: true },
      { symbol: '', name: 'depth of the cup', value: `${f(fit.insertM * 1000, 1)} mm`, ...from(plan, 'cup-depth') },
    ],
    change: 'A cup shallower than the least makes the joint the weak place: move it or take another fitting.',
  };
};

export const rod: Build = (plan, units) => {
  if (!plan.rod || !plan.chosen) return nothingPlanned;
  const { joint } = plan;
  return {
    title: 'Rod for this joint',
    sentence: 'What fills the gap, one small fillet, and what drips or stays as a stub.',
    formula: [
      'V = π/4 (B² − D²) L + π (D + z) z² (1 − π/4)',
      `net ${f(plan.rod.volumeM3 * 1e9, 0)} mm³ × ${ROD_WASTE} + ${ROD_BEAD_M * 1000} mm of rod`,
      `= ${readingText(formatOnRule(plan.rod.lengthM, units))}, ${f(plan.rod.massKg * 1000, 2)} g`,
    ],
    inputs: [
      { symbol: 'B', name: 'bore', value: `${f(joint.female.boreM * 1000, 2)} mm`, ...from(plan, 'bore') },
      { symbol: 'D', name: 'outside', value: `${f(joint.male.outsideM * 1000, 2)} mm`, source: 'tube table' },
      { symbol: 'L', name: 'depth', value: `${f(plan.fit.insertM * 1000, 1)} mm`, ...from(plan, 'cup-depth') },
      {
        symbol: '',
        name: 'density',
        value: `${plan.chosen.filler.densityKgPerM3} kg/m³`,
        source: plan.chosen.filler.source,
        assumed: true,
      },
      { symbol: '', name: 'drips', value: `× ${ROD_WASTE}`, source: 'trade habit', assumed: true },
      { symbol: '', name: 'bead that stays on the stub', value: `${ROD_BEAD_M * 1000} mm`, source: 'trade habit', assumed: true },
    ],
    change: 'A cap adds no strength and hides a void: stop when the ring is closed.',
  };
};

const BASIS: Readonly<Record<StrengthBasis, string>> = {
  asme: 'ASME B31.5',
  en: 'EN 14276',
  maker: 'maker’s published rating',
  none: '',
};

/** The code's formula with its numbers; a maker's rating is taken as it is. */
function byCode({ joint, pressure }: JointPlan): { formula: readonly string[]; inputs: readonly WorkingInput[] } {
  const { basis, metalC, allowablePa, metalAssumed } = pressure;
  const result = `= ${f((allowablePa ?? 0) / 1e6, 2)} MPa gauge`;
  if (basis === 'maker') return { formula: ['as its maker published it', result], inputs: [] };
  const { outsideM, wallM, wallMinusM, outsidePlusM } = joint.male;
  const S = basis === 'en' ? 200 / 3.5 : annealedAllowableStressPa(metalC) / 1e6;
  const [t, D, y] = [(wallM - wallMinusM) * 1000, (outsideM + outsidePlusM) * 1000, basis === 'en' ? '' : '0.8 '];
  return {
    formula: [`P = 2 S t / (D − ${y}t)`, `2 × ${f(S, 1)} × ${f(t, 3)} / (${f(D, 3)} − ${y ? '0.8 × ' : ''}${f(t, 3)})`, result],
    inputs: [
      { symbol: 'S', name: `annealed copper at ${f(metalC, 0)} °C`, value: `${f(S, 1)} MPa`, source: BASIS[basis], assumed: metalAssumed },
      { symbol: 't', name: 'wall less its tolerance', value: `${f(t, 3)} mm`, ...from({ joint }, 'wall') },
      { symbol: 'D', name: 'outside plus its tolerance', value: `${f(D, 3)} mm`, source: 'tube table' },
    ],
  };
}

export const strength: Build = (plan) => {
  const { allowablePa, designPa, basis } = plan.pressure;
  if (allowablePa === null) {
    return {
      ...nothingPlanned,
      title: 'Strength is not judged',
      sentence: 'No stress table here for this metal, and no maker’s rating was typed.',
    };
  }
  const { formula, inputs } = byCode(plan);
  const top = Math.max(allowablePa, designPa ?? 0) / 1e6 + 1;
  return {
    title: 'What the tube is rated once brazed',
    sentence: `By ${BASIS[basis]}. Brazing anneals drawn tube too; the drawn value never comes back.`,
    formula,
    inputs: [
      ...inputs,
      {
        symbol: '',
        name: 'the side is designed for',
        value: designPa === null ? 'unknown' : `${f(designPa / 1e6, 2)} MPa`,
        source: 'data plate',
      },
    ],
    change: 'Hotter metal carries less. A heavier wall of the same size carries more.',
    ...(designPa === null ? {} : { scale: { min: 0, max: top, good: [designPa / 1e6, top] as const, at: allowablePa / 1e6, unit: 'MPa' } }),
  };
};
