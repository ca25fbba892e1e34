import type { CircuitView, JointView, SiteView, VanStock } from '@kesto/contract';
import { planAnswer } from '@kesto/contract';
import {
  ENGINE_VERSION,
  METRIC_PREFERENCES,
  planJoint,
  headOf,
  sealEntry,
  type SealedContent,
  type JointPlan,
  type PlanRequest,
  type RecordEntry,
} from '@kesto/core';
import { NEW_DRAFT, type Draft } from '@/draft/drafts';
import { planDraft } from '@/draft/toRequest';

const q = (value: number, unit: string) => ({ value, unit });

export const VAN: VanStock = {
  fillers: [
    { designation: 'BCuP-2', rod: 'round-3/32', count: 12 },
    { designation: 'BCuP-5', rod: 'flat-0.050x1/8', count: 9 },
    { designation: 'BAg-36', rod: 'round-1/16', count: 3 },
    { designation: 'BAg-1', rod: 'round-1/16', count: 1 },
  ],
  torch: { fuel: 'air-acetylene' },
  cylinder: { waterVolume: q(10, 'L'), pressure: q(120, 'barg') },
};

export const CIRCUIT: CircuitView = {
  id: 'circuit',
  name: 'main',
  refrigerant: 'R-449A',
  highSideDesignGaugePa: 28e5,
  lowSideDesignGaugePa: 19e5,
  coldestC: -25,
  purgeSections: [{ bore: q(19.94, 'mm'), length: q(12, 'm') }],
};

export const SITE: SiteView = { id: '0193a000-0000-7000-8000-000000000002', name: 'Lumikero Botanical Station', altitudeM: 180 };

export const around = { site: SITE, circuit: CIRCUIT, van: VAN, schools: {}, units: METRIC_PREFERENCES };

export const draftOf = (part: { male?: Partial<Draft['male']>; female?: Partial<Draft['female']>; rest?: Partial<Draft> } = {}): Draft => ({
  ...NEW_DRAFT,
  ...part.rest,
  male: { ...NEW_DRAFT.male, ...part.male },
  female: { ...NEW_DRAFT.female, ...part.female },
});

export const BRASS_STUB = { metal: 'brass', form: 'component-stub', bore: '22.33 mm', cupDepth: '19 mm', wall: '1.6 mm' } as const;

/** The plan the planner shows for a draft, or a failed test. */
export function planOf(draft: Draft): { plan: JointPlan; request: PlanRequest } {
  const { plan, request, problems } = planDraft(draft, around);
  if (!plan || !request) throw new Error(JSON.stringify(problems));
  return { plan, request };
}

/** When every entry of a test's record was tapped. */
export const SIGNED_AT = '2026-11-24T10:00:00.000Z';
const SIGNED = {
  format: 2,
  joint: { id: 'joint', tag: 'CR2-07' },
  person: { id: 'p1', name: 'Ilta Varro' },
  deviceTime: SIGNED_AT,
  serverTime: '2026-11-24T10:00:01.000Z',
  photos: [],
} as const;

const placeAfter = (chain: readonly RecordEntry[]) => ({
  id: `e${chain.length + 1}`,
  sequence: chain.length + 1,
  previous: chain.at(-1)?.hash ?? null,
});

/** A joint as the server shows it, planned from a draft, with the given entries on its chain. */
export function jointView(draft: Draft, entries: readonly Pick<SealedContent, 'kind' | 'values' | 'corrects'>[] = []): JointView {
  const { plan, request } = planOf(draft);
  const chosen = plan.chosen?.filler.designation ?? '';
  const chain: RecordEntry[] = [];
  for (const entry of entries) chain.push(sealEntry({ ...SIGNED, ...entry, ...placeAfter(chain) }));
  const planned = planJoint(request);
  return {
    id: 'joint',
    tag: 'CR2-07',
    title: 'Suction line into the ball valve',
    state: 'planned',
    at: null,
    job: { id: 'job', number: 31, order: [], head: headOf('job', 'job', []) },
    unit: { id: 'u', tag: 'CR2', name: 'vault cold room', kind: 'cold room' },
    site: SITE,
    circuit: CIRCUIT,
    plan: {
      id: 'plan',
      request,
      plan,
      answer: planned.ok ? planAnswer(planned.value) : (undefined as never), // cast: planOf has planned it already
      chosen,
      reason: null,
      engineVersion: ENGINE_VERSION,
      by: 'Ilta Varro',
      at: '2026-11-23T08:00:00.000Z',
    },
    entries: chain,
  } as unknown as JointView; // cast: a test needs the keys it reads, not every key of the job
}
