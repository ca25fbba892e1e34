import {
  annealedAllowableStressPa,
  FLUXES,
  formatLength,
  formatTemperature,
  growth,
  meanExpansionPerK,
  METALS,
  readingText,
  ROD_WASTE,
  weakerMember,
  type JointPlan,
  type UnitPreferences,
} from '@kesto/core';
import { fluxText } from '@kesto/contract/wording';
import type { WorkingName } from './cardReadings';

export interface WorkingInput {
  readonly symbol: string;
  readonly name: string;
  readonly value: string;
  readonly source: string;
  readonly assumed?: boolean;
}

/** What stands behind one number: the sentence, the formula with the figures put in, and where each of them comes from. */
export interface Working {
  readonly title: string;
  readonly sentence: string;
  readonly formula: readonly string[];
  readonly inputs: readonly WorkingInput[];
  readonly change: string;
  /** Where the number lies inside what is allowed, in the formula's own unit. */
  readonly scale?: {
    readonly min: number;
    readonly max: number;
    readonly good: readonly [number, number];
    readonly at: number;
    readonly cold?: number;
    readonly unit: string;
  };
}

const f = (value: number, decimals: number) => value.toFixed(decimals);
const from = (plan: JointPlan, what: JointPlan['joint']['assumed'][number]) =>
  plan.joint.assumed.includes(what) ? { source: 'table', assumed: true } : { source: 'typed' };

type Build = (plan: JointPlan, units: UnitPreferences) => Working;

const gap: Build = (plan) => {
  const { fit, joint } = plan;
  const [B, D] = [joint.female.boreM * 1000, joint.male.outsideM * 1000];
  const [b, d] = [growth(joint.female.metal, fit.hotC), growth(joint.male.metal, fit.hotC)];
  const opens = fit.radialGapHotM >= fit.radialGapColdM;
  const unlike = joint.female.metal !== joint.male.metal;
  const alpha = (metal: typeof joint.male.metal) => `${f(meanExpansionPerK(metal, fit.hotC) * 1e6, 1)}e-6 /K`;
  return {
    title: unlike ? `The gap ${opens ? 'opens' : 'closes'} a little when hot` : 'The gap stays as it is when hot',
    sentence: `From ${f(fit.radialGapColdM * 1000, 3)} to ${f(fit.radialGapHotM * 1000, 3)} mm on each side. A filler is drawn into 0.025 to 0.13 mm; with flux from 0.05.`,
    formula: [
      'gap = ½ [ B (1 + b ΔT) − D (1 + a ΔT) ]',
      `½ [ ${f(B, 2)} × ${f(b, 5)} − ${f(D, 2)} × ${f(d, 5)} ]`,
      `= ${f(fit.radialGapHotM * 1000, 3)} mm`,
    ],
    inputs: [
      { symbol: 'B', name: 'bore of the cup', value: `${f(B, 2)} mm`, ...from(plan, 'bore') },
      { symbol: 'D', name: 'outside of the tube', value: `${f(D, 2)} mm`, source: 'tube table' },
      {
        symbol: 'b',
        name: `${joint.female.metal} grows`,
        value: alpha(joint.female.metal),
        source: METALS[joint.female.metal].source,
        assumed: METALS[joint.female.metal].confidence !== 'high',
      },
      { symbol: 'a', name: `${joint.male.metal} grows`, value: alpha(joint.male.metal), source: METALS[joint.male.metal].source },
      { symbol: 'ΔT', name: `20 to ${f(fit.hotC, 0)} °C`, value: `${f(fit.hotC - 20, 0)} K`, source: 'middle of the filler’s range' },
    ],
    change: `A bore 0.1 mm larger opens the gap by 0.05 mm. Over 0.15 mm it is loose, over 0.25 mm nothing fills it.`,
    scale: { min: 0, max: 0.3, good: [0.025, 0.15], at: fit.radialGapHotM * 1000, cold: fit.radialGapColdM * 1000, unit: 'mm' },
  };
};

const depth: Build = (plan) => {
  const { fit, joint } = plan;
  const weak = weakerMember(joint);
  const thinner = Math.min(joint.male.wallM, joint.female.wallM) * 1000;
  return {
    title: 'Into the cup to its bottom',
    sentence: `The joint is as strong as the tube from ${f(fit.leastOverlapM * 1000, 1)} mm on; the cup gives ${f(fit.insertM * 1000, 1)} mm. Mark the tube and put it fully home all the same.`,
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

const flux: Build = (plan, units) => {
  const row = plan.flux.class ? FLUXES[plan.flux.class] : null;
  const show = (c: number) => readingText(formatTemperature(c, units));
  return {
    title: plan.flux.required ? `Flux ${plan.flux.class ?? ''}` : 'No flux',
    sentence: fluxText(plan.flux),
    formula:
      row && plan.chosen && plan.heat
        ? [
            `active ${row.activeFromC} to ${row.activeToC} °C`,
            `filler liquid at ${plan.chosen.filler.liquidusC} °C, aim ${f(plan.heat.middleC, 0)} °C`,
          ]
        : [],
    inputs: [
      { symbol: '', name: 'metals', value: `${plan.joint.male.metal}, ${plan.joint.female.metal}`, source: 'as planned' },
      ...(plan.chosen
        ? [{ symbol: '', name: 'filler', value: plan.chosen.filler.designation, source: plan.chosen.filler.composition }]
        : []),
      ...(row
        ? [
            {
              symbol: '',
              name: 'active',
              value: `${show(row.activeFromC)} to ${show(row.activeToC)}`,
              source: `${row.source}${row.iso ? `, ${row.iso}` : ''}`,
            },
          ]
        : []),
    ],
    change: 'Flux on the tube only, 2-3 mm back from its end. Wash it off while warm: what stays corrodes, and hides leaks from the test.',
  };
};

const flood: Build = (plan) => {
  const p = plan.purge;
  if (!p) return nothingPlanned;
  const [V, Q] = [p.volumeM3 * 1000, p.floodFlowM3PerS * 60_000];
  return {
    title: 'Flood until the air is out',
    sentence: `${f(p.volumeChanges, 1)} volumes bring 20.9 % oxygen down to ${p.targetO2Percent} % if the gas mixes at once: the slow case.`,
    formula: ['t = V / Q × ln(20.9 / target)', `${f(V, 2)} L / ${f(Q, 1)} L/min × ${f(p.volumeChanges, 2)}`, `= ${f(p.floodSeconds, 0)} s`],
    inputs: [
      { symbol: 'V', name: 'volume swept', value: `${f(V, 2)} L`, source: 'bores and parts of the path' },
      { symbol: 'Q', name: 'flood flow', value: `${f(Q, 1)} L/min`, source: 'planned' },
      { symbol: '', name: 'target', value: `${p.targetO2Percent} % O2`, source: 'straw to light brown inside', assumed: true },
    ],
    change: 'A dead leg is not swept: open it, or press and vent it. Feel the gas at the far end before you light.',
  };
};

const trickle: Build = (plan) => {
  const p = plan.purge;
  if (!p?.trickleM3PerS || p.widestBoreM === null) return nothingPlanned;
  return {
    title: 'A breath while the torch is lit',
    sentence: 'Enough to keep air from coming back at an open end, too little to blow through the filler.',
    formula: [
      'Q = 0.1 m/s × bore area, inside the trade’s band',
      `= ${f(p.trickleM3PerS * 60_000, 2)} L/min`,
      `${f(p.jointPressurePa ?? 0, 0)} Pa at the joint; aim under 250`,
    ],
    inputs: [
      { symbol: '', name: 'widest bore', value: `${f(p.widestBoreM * 1000, 1)} mm`, source: 'the path' },
      { symbol: '', name: 'outlet', value: p.outlet, source: 'planned' },
      { symbol: '', name: 'band', value: 'by bore', source: 'trade habit', assumed: true },
    ],
    change: 'A core left in the outlet backs the gas up: take it out.',
    scale: { min: 0, max: 1200, good: [0, 250], at: p.jointPressurePa ?? 0, unit: 'Pa' },
  };
};

const nitrogen: Build = (plan) => {
  const p = plan.purge;
  if (!p) return nothingPlanned;
  return {
    title: 'Nitrogen for this joint',
    sentence: 'Flood, then trickle for as long as the torch is near.',
    formula: [
      'N = V ln(20.9 / target) + trickle × time',
      `${f(p.volumeM3 * 1000 * p.volumeChanges, 1)} L + ${f((p.trickleM3PerS ?? 0) * 60_000, 2)} L/min × ${f(p.minutes, 0)} min`,
      `= ${f(p.nitrogenM3 * 1000, 0)} L`,
    ],
    inputs: [
      { symbol: '', name: 'time at the torch', value: `${f(p.minutes, 0)} min`, source: 'planned' },
      {
        symbol: '',
        name: 'left in the cylinder',
        value: p.cylinderLeftPercent === null ? 'unknown' : `${f(p.cylinderLeftPercent, 0)} %`,
        source: 'van, at 20 °C, real gas',
      },
    ],
    change: 'A pressure test takes far more: volume × absolute pressure.',
  };
};

const aim: Build = (plan, units) => {
  const h = plan.heat;
  const filler = plan.chosen?.filler;
  if (!h || !filler) return nothingPlanned;
  const show = (c: number) => readingText(formatTemperature(c, units));
  return {
    title: `Aim for ${show(h.middleC)}`,
    sentence: `${filler.designation} begins to melt at ${show(filler.solidusC)} and is liquid at ${show(filler.liquidusC)}. Heat the joint, not the rod.`,
    formula: [`brazing range ${h.targetLowC} to ${h.targetHighC} °C`, `middle ${f(h.middleC, 0)} °C`],
    inputs: [
      { symbol: '', name: 'filler', value: filler.designation, source: filler.composition },
      {
        symbol: '',
        name: 'range',
        value: `${show(h.targetLowC)} to ${show(h.targetHighC)}`,
        source: filler.source,
        assumed: filler.confidence !== 'high',
      },
      {
        symbol: '',
        name: `${plan.joint.female.metal} melts from`,
        value: show(METALS[plan.joint.female.metal].solidusC),
        source: 'metal table',
      },
    ],
    change: 'In sun the red shows 50 to 100 °C late: go by clear flux and by the rod melting on the tube.',
  };
};

const heat: Build = (plan) => {
  const h = plan.heat;
  if (!h) return nothingPlanned;
  return {
    title: h.seconds === null ? 'This torch does not get there' : 'Until the filler flows',
    sentence:
      'Heat stored in both parts and heat running off along the tubes, against what the torch leaves in the metal. Give or take half.',
    formula: [
      'P t = stored + run-off × √t',
      `net ${f(h.netPowerW, 0)} W of ${f(h.powerW, 0)} W`,
      h.seconds === null ? `run-off alone takes ${f(h.steadyLossW, 0)} W` : `= ${f(h.seconds, 0)} s, ${f((h.energyJ ?? 0) / 1000, 0)} kJ`,
    ],
    inputs: [
      {
        symbol: 'P',
        name: 'into the metal',
        value: `${f(h.efficiency * 100, 0)} % of ${f(h.powerW / 1000, 1)} kW`,
        source: 'flame well aimed',
        assumed: true,
      },
      { symbol: '', name: 'rise', value: `20 to ${f(h.middleC, 0)} °C`, source: 'middle of the range' },
      { symbol: '', name: 'guide for this size', value: `${f(h.guideSeconds, 0)} s`, source: 'practised hands', assumed: true },
    ],
    change: 'Over twice the guide: oxide grows, flux is spent, take a bigger tip. Under 0.4 of it: easy to overheat.',
    scale: {
      min: 0,
      max: h.guideSeconds * 3,
      good: [h.guideSeconds * 0.4, h.guideSeconds * 2],
      at: h.seconds ?? h.guideSeconds * 3,
      unit: 's',
    },
  };
};

const rod: Build = (plan, units) => {
  if (!plan.rod || !plan.chosen) return nothingPlanned;
  const { joint } = plan;
  return {
    title: 'Rod for this joint',
    sentence: 'What fills the gap, one small fillet, and what drips or stays as a stub.',
    formula: [
      'V = π/4 (B² − D²) L + π (D + z) z² (1 − π/4)',
      `net ${f(plan.rod.volumeM3 * 1e9, 0)} mm³ × ${ROD_WASTE}`,
      `= ${readingText(formatLength(plan.rod.lengthM, units, 0))}, ${f(plan.rod.massKg * 1000, 2)} g`,
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
      { symbol: '', name: 'drips and stubs', value: `× ${ROD_WASTE}`, source: 'trade habit', assumed: true },
    ],
    change: 'A cap adds no strength and hides a void: stop when the ring is closed.',
  };
};

const strength: Build = (plan) => {
  const { allowablePa, designPa, metalC } = plan.pressure;
  if (allowablePa === null)
    return { ...nothingPlanned, title: 'Strength is not judged', sentence: 'There is a stress table here for copper tube only.' };
  const { outsideM, wallM, wallMinusM, outsidePlusM } = plan.joint.male;
  const S = annealedAllowableStressPa(metalC) / 1e6;
  const [t, D] = [(wallM - wallMinusM) * 1000, (outsideM + outsidePlusM) * 1000];
  return {
    title: 'What the tube carries after the heat',
    sentence: 'Brazing anneals drawn tube too; the drawn value never comes back. Least wall, largest outside.',
    formula: [
      'P = 2 S t / (D − 0.8 t)',
      `2 × ${f(S, 1)} × ${f(t, 3)} / (${f(D, 3)} − 0.8 × ${f(t, 3)})`,
      `= ${f(allowablePa / 1e6, 2)} MPa gauge`,
    ],
    inputs: [
      {
        symbol: 'S',
        name: `annealed copper at ${f(metalC, 0)} °C`,
        value: `${f(S, 1)} MPa`,
        source: 'ASME B31.5',
        assumed: plan.pressure.metalAssumed,
      },
      { symbol: 't', name: 'wall less its tolerance', value: `${f(t, 3)} mm`, ...from(plan, 'wall') },
      { symbol: 'D', name: 'outside plus its tolerance', value: `${f(D, 3)} mm`, source: 'tube table' },
      { symbol: '', name: 'the side needs', value: designPa === null ? 'unknown' : `${f(designPa / 1e6, 2)} MPa`, source: 'data plate' },
    ],
    change: 'Hotter metal carries less. A thicker wall of the same size carries more.',
    ...(designPa === null
      ? {}
      : {
          scale: {
            min: 0,
            max: Math.max(allowablePa, designPa) / 1e6 + 1,
            good: [designPa / 1e6, Math.max(allowablePa, designPa) / 1e6 + 1] as const,
            at: allowablePa / 1e6,
            unit: 'MPa',
          },
        }),
  };
};

const nothingPlanned: Working = {
  title: 'Nothing to work out',
  sentence: 'There is no figure here yet.',
  formula: [],
  inputs: [],
  change: '',
};

const BUILD: Readonly<Record<WorkingName, Build>> = { depth, gap, flux, flood, trickle, nitrogen, aim, heat, rod, strength };

export const workingOf = (name: WorkingName, plan: JointPlan, units: UnitPreferences): Working => BUILD[name](plan, units);
