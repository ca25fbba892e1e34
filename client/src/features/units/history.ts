import type { JointSummary, UnitHistory, UnitJoint, UnitLeak } from '@kesto/contract';
import type { Check } from '@/data/stages/checks';

/** What happened at one place of a circuit, the newest first. */
export interface PlaceHistory {
  /** Null for joints that nobody put on the drawing. */
  readonly place: string | null;
  readonly leaks: readonly UnitLeak[];
  readonly joints: readonly UnitJoint[];
}

const lastDay = ({ leaks, joints }: PlaceHistory): string =>
  [...leaks.map((leak) => leak.on), ...joints.map((joint) => joint.madeOn ?? '')].sort().at(-1) ?? '';

/** A circuit's leaks and joints by the place they are at: where something happened last comes first, what is on no drawing last. */
export function historyByPlace({ leaks, joints }: Pick<UnitHistory, 'leaks' | 'joints'>, circuitId: string): readonly PlaceHistory[] {
  const [found, made] = [leaks.filter((leak) => leak.circuitId === circuitId), joints.filter((joint) => joint.circuitId === circuitId)];
  const places = [...new Set<string | null>([...found.map((leak) => leak.place), ...made.map((joint) => joint.at?.part ?? null)])];
  return places
    .map((place) => ({
      place,
      leaks: found.filter((leak) => leak.place === place),
      joints: made.filter((joint) => (joint.at?.part ?? null) === place),
    }))
    .sort((a, b) => Number(a.place === null) - Number(b.place === null) || lastDay(b).localeCompare(lastDay(a)));
}

/** Ids of a circuit's parts as they stand on a drawing of the whole unit. */
type IdOf = (circuitId: string, id: string) => string;

/** What stands on a unit's drawing: the joints, and each place that leaked, numbered from the newest. */
export function onUnit(
  history: UnitHistory | undefined,
  circuits: readonly string[],
  idOf: IdOf,
): { readonly joints: readonly JointSummary[]; readonly leaks: readonly Omit<Check, 'last'>[] } {
  const isDrawn = ({ circuitId }: { readonly circuitId: string }) => circuits.includes(circuitId);
  const joints = (history?.joints ?? []).filter(isDrawn).map(({ circuitId, at, ...joint }): JointSummary => {
    const own = (id: string) => idOf(circuitId, id);
    return { ...joint, at: at && { part: own(at.part), from: own(at.from), to: own(at.to) } };
  });
  const placeOf = ({ circuitId, place }: UnitLeak) =>
    place
      .split('>')
      .map((id) => idOf(circuitId, id))
      .join('>');
  const places = [...new Set((history?.leaks ?? []).filter(isDrawn).map(placeOf))];
  return { joints, leaks: places.map((place, i) => ({ place, number: i + 1, result: 'leak', signs: [] })) };
}
