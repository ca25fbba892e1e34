import type { FillerRow } from '../filler/fillers';
import { holdsIronOrNickel, type MetalName } from '../metal/metals';
import type { Access, Form, HistoryState, Position, Removal } from '../vocabulary/joint';

/** A figure the request left out and the tables supplied: shown as assumed. */
export type Assumption = 'wall' | 'bore' | 'cup-depth' | 'female-wall';

export interface Member {
  readonly metal: MetalName;
  readonly form: Form;
  readonly state: HistoryState;
  readonly oldFiller: FillerRow | null;
  readonly removed: Removal | null;
  /** When the old joint was made; null where nobody knows. */
  readonly year: number | null;
  readonly wallM: number;
}

/** A joint made with cadmium, not cut out. */
export const carriedCadmium = (m: Member) => m.state === 'brazed' && m.oldFiller?.holdsCadmium === true && m.removed !== 'cut-off';

/** Soft solder or zinc-aluminium, not cut out: grinding leaves it in the pores. */
export const carriedSolder = (m: Member) =>
  m.removed !== 'cut-off' && (m.state === 'soft-soldered' || (m.state === 'brazed' && m.oldFiller?.family === 'zinc-aluminium'));

/** Phosphorus filler, or one that nobody knows, not cut off. */
export const mayHaveCarriedPhosphorus = (m: Member) =>
  m.state === 'brazed' && m.removed !== 'cut-off' && (m.oldFiller === null || m.oldFiller.family === 'copper-phosphorus');

/** Brazed before with nobody knows what, on a copper alloy, and not cut off: the worst is taken. */
export const carriesUnknown = (m: Member) =>
  m.state === 'brazed' && m.oldFiller === null && m.removed !== 'cut-off' && !holdsIronOrNickel(m.metal);

export interface ResolvedJoint {
  readonly male: Member & { readonly outsideM: number; readonly wallMinusM: number; readonly outsidePlusM: number };
  readonly female: Member & {
    readonly boreM: number;
    readonly cupDepthM: number;
    /** The tube a branch stands on. */
    readonly run: { readonly outsideM: number; readonly wallM: number } | null;
  };
  /** A capillary wants its stub crimped on it and the stub is plain. */
  readonly wantsCrimp: boolean;
  readonly position: Position | null;
  readonly access: Access;
  readonly assumed: readonly Assumption[];
}
