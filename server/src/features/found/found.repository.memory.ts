import type { FoundAsked, FoundJoint } from '@kesto/contract';
import { byId, type MemoryRows } from '../../platform/memory/rows';
import { NEVER_MADE, placeIn, type FoundRepository, type FoundRow } from './found.repository';

const fits = (joint: FoundJoint, makerId: string | null, { after: _after, ...asked }: FoundAsked): boolean => {
  const day = joint.madeAt?.slice(0, 10) ?? NEVER_MADE.slice(0, 10);
  const tests: Readonly<Record<keyof typeof asked, (value: string) => boolean>> = {
    tag: (value) => joint.tag.startsWith(value.toUpperCase()),
    unit: (value) => joint.unit.tag === value.toUpperCase(),
    person: (value) => makerId === value,
    filler: (value) => joint.filler === value,
    lot: (value) => joint.lot?.startsWith(value) ?? false,
    from: (value) => day >= value,
    to: (value) => day <= value,
    state: (value) => joint.state === value,
  };
  return Object.entries(asked).every(([key, value]) => tests[key as keyof typeof tests](value)); // cast: its own keys
};

const isBehind = ({ madeAt, id }: FoundJoint, { after }: FoundAsked): boolean => {
  if (after === undefined) return true;
  const place = placeIn(after);
  const at = madeAt ?? NEVER_MADE;
  return at < place.madeAt || (at === place.madeAt && id < place.id);
};

const newestFirst = (a: FoundJoint, b: FoundJoint) =>
  (b.madeAt ?? NEVER_MADE).localeCompare(a.madeAt ?? NEVER_MADE) || b.id.localeCompare(a.id);

export function memoryFound(rows: MemoryRows): FoundRepository {
  function shown({ jointId, maker, filler, lot, madeAt, state }: FoundRow): readonly FoundJoint[] {
    const joint = byId(rows.joints, jointId);
    const circuit = joint && byId(rows.circuits, joint.circuitId);
    const unit = circuit && byId(rows.units, circuit.unitId);
    const site = unit && byId(rows.sites, unit.siteId);
    if (!joint || !unit || !site) return [];
    const { id, tag, title } = joint;
    const name = maker === null ? null : (byId(rows.people, maker)?.name ?? null);
    return [
      { id, tag, title, unit: { id: unit.id, tag: unit.tag, name: unit.name }, site: site.name, maker: name, filler, lot, madeAt, state },
    ];
  }
  const all = (asked: FoundAsked) =>
    rows.jointFound
      .flatMap((row) => shown(row).filter((joint) => fits(joint, row.maker, asked) && isBehind(joint, asked)))
      .toSorted(newestFirst);
  return {
    async takeStale(most) {
      const taken = rows.jointStale.slice(0, most);
      rows.jointStale = rows.jointStale.slice(most);
      return taken;
    },
    isBehind: async () => rows.jointStale.length > 0,
    async save(found) {
      const ids = found.map(({ jointId }) => jointId);
      rows.jointFound = [...rows.jointFound.filter(({ jointId }) => !ids.includes(jointId)), ...found];
    },
    async page(asked, most, counted) {
      const found = all(asked);
      return { joints: found.slice(0, most), count: counted === undefined ? null : Math.min(found.length, counted) };
    },
  };
}
