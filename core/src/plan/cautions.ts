import type { FillerVerdict } from '../filler/rules';
import type { FluxChoice } from '../flux/choose';
import { expansionIsAssumed, type FitVerdict } from '../fit/gap';
import type { HeatPlan } from '../heat/heat';
import { holdsIronOrNickel } from '../metal/metals';
import { PART_LIMITS } from '../protection/limits';
import type { PartProtection } from '../protection/planProtection';
import type { PurgeCaution } from '../purge/planPurge';
import { isFlammable } from '../refrigerant/safetyClasses';
import type { ServiceRequest, TorchRequest } from './request';
import type { ResolvedJoint } from './resolveJoint';

export type Severity = 'stop' | 'warn' | 'note';
/** Where in the job a caution is shown. */
export type Stage = 'decide' | 'make safe' | 'plan' | 'set up' | 'braze' | 'look' | 'hold';

export interface Caution {
  readonly code: CautionCode;
  readonly severity: Severity;
  readonly stage: Stage;
  readonly values?: Readonly<Record<string, number | string>>;
}

export type CautionCode =
  | 'no-filler'
  | 'soft-solder'
  | 'galvanised'
  | 'plated-steel'
  | 'phosphorus-residue'
  | 'cut-off-phosphorus'
  | 'old-filler-unknown'
  | 'makers-filler-list'
  | 'carbon-dioxide'
  | 'flammable-refrigerant'
  | 'aluminium-no-colour'
  | 'zinc-fume'
  | 'flux-inside'
  | 'high-temperature-flux'
  | 'flux-range'
  | 'gap-reject'
  | 'gap-loose'
  | 'gap-tight'
  | 'gap-closes'
  | 'expansion-assumed'
  | 'shallow-cup'
  | 'assumed-figures'
  | 'strength-short'
  | 'strength-unknown'
  | 'max-temp-assumed'
  | 'acetylene-pressure'
  | 'cannot-reach'
  | 'under-torched'
  | 'over-torched'
  | 'two-torches'
  | 'torch-assumed'
  | 'reflow'
  | 'part-too-hot'
  | 'part-water'
  | 'flame-near'
  | 'no-purge'
  | PurgeCaution['code'];

export interface CautionInput {
  readonly joint: ResolvedJoint;
  readonly service: ServiceRequest;
  readonly maxTempAssumed: boolean;
  readonly torch: TorchRequest | null;
  readonly regulatorGaugePa: number | null;
  readonly chosen: FillerVerdict | null;
  readonly first: FillerVerdict | null;
  readonly flux: FluxChoice | null;
  readonly fit: {
    readonly verdict: FitVerdict;
    readonly coldM: number;
    readonly hotM: number;
    readonly leastM: number;
    readonly middleC: number;
  };
  readonly heat: HeatPlan | null;
  readonly pressure: { readonly allowablePa: number | null; readonly designPa: number | null };
  readonly protection: readonly PartProtection[];
  readonly purge: readonly PurgeCaution[] | null;
}

/** Acetylene may decompose by itself above this [Pa gauge]: 15 psi. */
const ACETYLENE_LIMIT_PA = 103_421.36;
/** A flame or its gas reaches this far through the air [m]. */
const FLAME_REACH_M = 1;

type Source = (c: CautionInput) => readonly (Caution | null)[];

const caution = (
  condition: boolean,
  code: CautionCode,
  severity: Severity,
  rest: { stage: Stage; values?: Caution['values'] },
): Caution | null => (condition ? { code, severity, stage: rest.stage, ...(rest.values ? { values: rest.values } : {}) } : null);

const aboutFillers: Source = (c) => {
  const codes = new Set(c.first?.reasons.map((r) => r.code));
  const members = [c.joint.male, c.joint.female];
  return [
    caution(codes.has('soft-solder'), 'soft-solder', 'stop', { stage: 'decide' }),
    caution(codes.has('galvanised'), 'galvanised', 'stop', { stage: 'decide' }),
    caution(codes.has('cut-off-phosphorus'), 'cut-off-phosphorus', 'stop', { stage: 'set up' }),
    caution(codes.has('phosphorus-residue'), 'phosphorus-residue', 'stop', { stage: 'set up' }),
    caution(codes.has('old-filler-unknown'), 'old-filler-unknown', 'warn', { stage: 'set up' }),
    caution(
      c.chosen === null && !['soft-solder', 'galvanised', 'cut-off-phosphorus'].some((code) => codes.has(code as 'galvanised')),
      'no-filler',
      'stop',
      { stage: 'decide' },
    ), // cast: a literal from the list beside it
    caution(
      members.some((m) => m.metal === 'copper-plated-steel'),
      'plated-steel',
      'warn',
      { stage: 'set up' },
    ),
    caution(
      members.some((m) => m.metal === 'copper-iron'),
      'makers-filler-list',
      'warn',
      { stage: 'plan' },
    ),
    caution(
      members.some((m) => m.metal === 'aluminium'),
      'aluminium-no-colour',
      'warn',
      { stage: 'braze' },
    ),
    caution(
      members.some((m) => m.state === 'brazed' && m.oldFiller !== null && !holdsIronOrNickel(m.metal)),
      'reflow',
      'warn',
      { stage: 'braze', values: { lowC: c.heat?.targetLowC ?? 0 } },
    ),
  ];
};

const aboutService: Source = (c) => [
  caution(c.service.refrigerant === 'R-744', 'carbon-dioxide', 'stop', { stage: 'decide' }),
  caution(c.service.refrigerant !== undefined && isFlammable(c.service.refrigerant), 'flammable-refrigerant', 'stop', {
    stage: 'make safe',
    values: { refrigerant: c.service.refrigerant ?? '' },
  }),
];

const aboutTorch: Source = (c) => [
  caution(
    c.torch !== null && c.torch.fuel.endsWith('acetylene') && (c.regulatorGaugePa ?? 0) > ACETYLENE_LIMIT_PA,
    'acetylene-pressure',
    'stop',
    { stage: 'make safe', values: { gaugePa: c.regulatorGaugePa ?? 0, limitPa: ACETYLENE_LIMIT_PA } },
  ),
  ...(c.heat?.flags ?? []).map((flag) => {
    const severity: Severity = flag === 'cannot-reach' ? 'stop' : flag === 'torch-assumed' ? 'note' : 'warn';
    return caution(true, flag, severity, {
      stage: 'braze',
      values: {
        seconds: c.heat?.seconds ?? 0,
        guideSeconds: c.heat?.guideSeconds ?? 0,
        netPowerW: c.heat?.netPowerW ?? 0,
        lossW: c.heat?.steadyLossW ?? 0,
      },
    });
  }),
];

const aboutFit: Source = (c) => {
  const values = { coldMm: c.fit.coldM * 1000, hotMm: c.fit.hotM * 1000 };
  return [
    caution(c.fit.verdict === 'reject', 'gap-reject', 'stop', { stage: 'set up', values }),
    caution(c.fit.verdict === 'loose', 'gap-loose', 'warn', { stage: 'set up', values }),
    caution(c.fit.verdict === 'too-tight', c.fit.hotM < c.fit.coldM ? 'gap-closes' : 'gap-tight', 'warn', { stage: 'set up', values }),
    caution(c.joint.female.cupDepthM < c.fit.leastM, 'shallow-cup', 'warn', {
      stage: 'set up',
      values: { depthM: c.joint.female.cupDepthM, leastM: c.fit.leastM },
    }),
    caution(
      [c.joint.male, c.joint.female].some((m) => expansionIsAssumed(m.metal, c.fit.middleC)),
      'expansion-assumed',
      'note',
      { stage: 'plan' },
    ),
    caution(
      c.joint.assumed.some((a) => a !== 'female-wall'),
      'assumed-figures',
      'note',
      {
        stage: 'plan',
        values: { figures: c.joint.assumed.filter((a) => a !== 'female-wall').join(', ') },
      },
    ),
  ];
};

const aboutStrength: Source = (c) => {
  const { allowablePa, designPa } = c.pressure;
  return [
    caution(allowablePa !== null && designPa !== null && designPa > allowablePa, 'strength-short', 'stop', {
      stage: 'plan',
      values: { allowablePa: allowablePa ?? 0, designPa: designPa ?? 0 },
    }),
    caution(designPa === null || allowablePa === null, 'strength-unknown', 'note', { stage: 'plan' }),
    caution(c.maxTempAssumed && allowablePa !== null, 'max-temp-assumed', 'note', { stage: 'plan' }),
  ];
};

const aboutFlux: Source = (c) => [
  caution(c.flux?.required === true, 'flux-inside', 'note', { stage: 'set up' }),
  caution(c.flux?.raised === true, 'high-temperature-flux', 'warn', { stage: 'plan', values: { class: c.flux?.class ?? '' } }),
  caution(c.flux !== null && !c.flux.covers, 'flux-range', 'warn', { stage: 'plan', values: { class: c.flux?.class ?? '' } }),
  caution(c.chosen?.filler.family === 'silver' || [c.joint.male, c.joint.female].some((m) => m.metal === 'brass'), 'zinc-fume', 'note', {
    stage: 'braze',
  }),
];

const aboutParts: Source = (c) =>
  c.protection.flatMap((p) => {
    const values = { kind: p.part.kind, peakC: p.peakC, limitC: p.part.limitC ?? 0, distanceM: p.part.distanceM, measure: p.measure };
    const row = PART_LIMITS[p.part.kind];
    return [
      caution(p.verdict === 'too-hot', 'part-too-hot', 'stop', { stage: 'set up', values }),
      caution(
        row.throughAir && p.part.distanceM <= FLAME_REACH_M && p.part.protection.kind !== 'removed',
        'flame-near',
        p.part.kind === 'sprinkler' ? 'stop' : 'warn',
        {
          stage: 'make safe',
          values,
        },
      ),
      caution(p.verdict === 'ok' && p.part.protection.wet !== null, 'part-water', 'note', {
        stage: 'braze',
        values: { ...values, untilS: p.peakAtS },
      }),
    ];
  });

const PURGE_SEVERITY: Readonly<Record<PurgeCaution['code'], Severity>> = {
  'core-in': 'warn',
  'joint-pressure-high': 'warn',
  'joint-pressure-above-aim': 'note',
  'trickle-unknown': 'note',
  'cylinder-low': 'warn',
  'cylinder-short': 'stop',
  'oxygen-low': 'stop',
};

const aboutPurge: Source = (c) => [
  caution(c.purge === null, 'no-purge', 'warn', { stage: 'plan' }),
  ...(c.purge ?? []).map((p) =>
    caution(true, p.code, PURGE_SEVERITY[p.code], { stage: 'set up', ...(p.values ? { values: p.values } : {}) }),
  ),
];

const SOURCES: readonly Source[] = [aboutFillers, aboutService, aboutTorch, aboutFit, aboutStrength, aboutParts, aboutFlux, aboutPurge];
const WEIGHT: Readonly<Record<Severity, number>> = { stop: 0, warn: 1, note: 2 };

/** All cautions of a plan, stops first; within a severity in the order of work. */
export function cautionsOf(input: CautionInput): readonly Caution[] {
  const all = SOURCES.flatMap((source) => source(input)).filter((c): c is Caution => c !== null);
  return all.sort((a, b) => WEIGHT[a.severity] - WEIGHT[b.severity]);
}
