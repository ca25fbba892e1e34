import type { CircuitGraph } from '../circuit/graph';
import { FieldReader } from '../unit/fieldReader';
import type { CircuitKind } from '../vocabulary';
import { boreAreaM2 } from './sections';

/** What such a part usually holds [L], to be put right by its maker's sheet. Judgement, from coils and shells of 3 to 15 kW. */
const USUAL_L: Readonly<Partial<Record<CircuitKind, number>>> = {
  ...{ evaporator: 1.5, condenser: 2, receiver: 3, accumulator: 2, compressor: 3, 'heat-exchanger': 1.5 },
  ...{ drier: 0.3, 'oil-separator': 2, muffler: 0.5, 'filter-shell': 2, 'reversing-valve': 0.1 },
};
/** A tube that is drawn without its length [m]. Judgement. */
const USUAL_TUBE_M = 1;

/** What the volume of a section does not count, and what it would hold with what is usual. */
export interface LeftOut {
  /** Parts that hold gas and have no volume. */
  readonly parts: readonly string[];
  /** Tubes without a length. */
  readonly tubes: number;
  /** Tubes that are counted at a length which nobody measured. */
  readonly assumedTubes: number;
  /** What those usually hold together [m3]. */
  readonly usualM3: number;
}

/**
 * What the volume of a section leaves out: a hold of it sees less than its known volume says.
 *
 * @param circuit  as drawn
 * @param parts    ids of the section's parts
 * @returns        parts without a volume, tubes without a length, tubes of an assumed one, and what they usually hold [m3]
 * @source         volumes of usual coils and shells, judgement: shown as assumed
 */
export function leftOut(circuit: CircuitGraph, parts: readonly string[]): LeftOut {
  const unknown = circuit.parts.filter(({ id, kind, volume }) => parts.includes(id) && !volume && USUAL_L[kind] !== undefined);
  const within = circuit.links.filter(({ from, to }) => parts.includes(from) && parts.includes(to));
  const tubes = within.filter(({ tube }) => tube && !tube.length);
  const inParts = unknown.reduce((sum, { kind }) => sum + (USUAL_L[kind] ?? 0) / 1000, 0);
  const read = new FieldReader();
  const inTubes = tubes.reduce((sum, { tube }) => sum + (tube ? boreAreaM2(tube, 'tube', read) * USUAL_TUBE_M : 0), 0);
  return {
    parts: unknown.map(({ id }) => id),
    tubes: tubes.length,
    assumedTubes: within.filter(({ tube }) => tube?.lengthAssumed).length,
    usualM3: inParts + inTubes,
  };
}
