import { partOfPassage, tubePlace, type CircuitGraph, type CircuitLink } from '../circuit/graph';
import type { CircuitKind } from '../vocabulary';
import { factsOf, RIG, type Place, type Sign, type StageFact } from './entry';

export type PlaceWhy =
  | { readonly code: 'sign'; readonly sign: Sign }
  | { readonly code: 'leaked-before'; readonly on: string; readonly unit?: string }
  | { readonly code: 'earlier-joint'; readonly tag: string }
  | { readonly code: 'near-repair' }
  | { readonly code: 'kind'; readonly kind: CircuitKind }
  | { readonly code: 'shakes' }
  | { readonly code: 'in-the-wall' }
  | { readonly code: 'plain-tube' }
  | { readonly code: 'own-hoses' };

/** A place worth looking at, and why there. */
export interface RankedPlace {
  readonly place: Place;
  readonly why: readonly PlaceWhy[];
}

/** What is known from before this job. */
export interface PlaceHistory {
  /** Leaks found on this unit, or on a sister of one model: the place, the day, the sister's tag. */
  readonly leaks: readonly { readonly place: Place; readonly on: string; readonly unit?: string }[];
  /** Joints made earlier, by the part they are at. */
  readonly joints: readonly { readonly place: Place; readonly tag: string }[];
}

export { tubePlace };

/** Where circuits leak, most often first. Source: practice of leak hunts; caps and cores first, plain tube last. */
const BY_KIND: readonly CircuitKind[] = [
  ...(['port', 'valve', 'solenoid', 'expansion-valve', 'switch', 'transducer', 'capillary'] as const),
  ...(['drier', 'sight-glass', 'fitting', 'distributor', 'check-valve', 'reversing-valve'] as const),
  ...(['relief-valve', 'fusible-plug', 'vibration-absorber', 'filter-shell', 'pump', 'oil-separator', 'muffler'] as const),
  ...(['heat-exchanger', 'evaporator', 'condenser', 'accumulator', 'receiver', 'compressor', 'tube'] as const),
];
const KIND_SCORE = 10;
/** Heat and a wrench were there before: three kinds further up. Judgement. */
const NEAR_REPAIR_SCORE = 30;

interface Scored {
  readonly place: Place;
  readonly score: number;
  readonly why: readonly PlaceWhy[];
}

/** Places beside one that was repaired before, by a joint that is kept or by a sign that somebody saw: its tubes, and what they lead to. */
function besideRepairs(graph: CircuitGraph, facts: readonly StageFact[], { joints }: PlaceHistory): ReadonlySet<Place> {
  const seen = factsOf(facts, 'sign').flatMap(({ values }) => (values.sign === 'earlier-repair' ? [values.place] : []));
  const repaired = new Set([...joints.map(({ place }) => place), ...seen]);
  const beside = graph.links.flatMap((link) => {
    const all = [link.from, link.to].map(partOfPassage).concat(tubePlace(link));
    return all.some((place) => repaired.has(place)) ? all : [];
  });
  return new Set(beside.filter((place) => !repaired.has(place)));
}

/** What a place is judged by, beside its own kind. */
interface Known {
  readonly facts: readonly StageFact[];
  readonly history: PlaceHistory;
  readonly beside: ReadonlySet<Place>;
}

function scoreOf(place: Place, base: { score: number; why: readonly PlaceWhy[] }, { facts, history, beside }: Known): Scored {
  const signs = factsOf(facts, 'sign').filter((fact) => fact.values.place === place);
  const leaks = history.leaks.filter((leak) => leak.place === place);
  const joints = history.joints.filter((joint) => joint.place === place);
  return {
    place,
    score:
      base.score + 1000 * signs.length + 300 * leaks.length + (joints.length > 0 ? 60 : 0) + (beside.has(place) ? NEAR_REPAIR_SCORE : 0),
    why: [
      ...signs.map((fact) => ({ code: 'sign', sign: fact.values.sign }) as const),
      ...leaks.map((leak) => ({ code: 'leaked-before', on: leak.on, ...(leak.unit === undefined ? {} : { unit: leak.unit }) }) as const),
      ...joints.map((joint) => ({ code: 'earlier-joint', tag: joint.tag }) as const),
      ...(beside.has(place) ? ([{ code: 'near-repair' }] as const) : []),
      ...base.why,
    ],
  };
}

const kindScore = (kind: CircuitKind) => KIND_SCORE * (BY_KIND.length - BY_KIND.indexOf(kind));

function tubeBase(graph: CircuitGraph, link: CircuitLink): { score: number; why: readonly PlaceWhy[] } {
  if (link.throughWall) return { score: 4, why: [{ code: 'in-the-wall' }] };
  const shakes = [link.from, link.to].some((id) => graph.parts.find((part) => part.id === partOfPassage(id))?.kind === 'compressor');
  return shakes ? { score: kindScore('fitting') + 5, why: [{ code: 'shakes' }] } : { score: 2, why: [{ code: 'plain-tube' }] };
}

/**
 * Places in the order worth looking at: signs first, then where this unit leaked before, then by kind; the rig's own hoses last but not left out.
 *
 * @param facts  of this job: what was checked and is not a sign since is left out
 */
export function placesToLook(graph: CircuitGraph, facts: readonly StageFact[], history: PlaceHistory): readonly RankedPlace[] {
  const checked = new Set(
    factsOf(facts, 'checked-place')
      .filter((fact) => fact.values.result !== 'not-reached')
      .map((fact) => fact.values.place),
  );
  const known = { facts, history, beside: besideRepairs(graph, facts, history) };
  const parts = graph.parts.map((part) =>
    scoreOf(part.id, { score: kindScore(part.kind), why: [{ code: 'kind', kind: part.kind }] }, known),
  );
  const tubes = graph.links.map((link) => scoreOf(tubePlace(link), tubeBase(graph, link), known));
  const rig: Scored = { place: RIG, score: 3, why: [{ code: 'own-hoses' }] };
  return [...parts, ...tubes, rig]
    .filter(({ place }) => !checked.has(place))
    .sort((a, b) => b.score - a.score)
    .map(({ place, why }) => ({ place, why }));
}
