import { valuesNow } from './correct';
import type { JointEntry } from './jointEntry';
import { inTurn, isFlame } from './state';

/** Rod of one filler and lot that was melted [m], and at how many joints. */
export interface FillerOfLot {
  readonly filler: string;
  /** Null: nobody said. */
  readonly lot: string | null;
  readonly lengthM: number;
  readonly joints: number;
}

/**
 * What joints took of each filler, by its lot, as their entries say it after all corrections; what came out of turn does not count.
 *
 * @param records  entries of each joint, in the order of its chain
 * @returns        in the order they were first used; entries that name no filler or no length are left out
 */
export function fillersByLot(records: readonly (readonly JointEntry[])[]): readonly FillerOfLot[] {
  const found = new Map<string, FillerOfLot>();
  for (const entries of records) {
    const here = new Set<string>();
    for (const entry of inTurn(entries)) {
      if (!isFlame(entry.kind)) continue;
      const { filler, lot, rodMm } = valuesNow(entries, entry);
      if (typeof filler !== 'string' || typeof rodMm !== 'number') continue;
      const key = `${filler}\n${String(lot ?? '')}`;
      const before = found.get(key) ?? { filler, lot: typeof lot === 'string' ? lot : null, lengthM: 0, joints: 0 };
      found.set(key, { ...before, lengthM: before.lengthM + rodMm / 1000, joints: before.joints + (here.has(key) ? 0 : 1) });
      here.add(key);
    }
  }
  return [...found.values()];
}
