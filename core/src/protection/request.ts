import type { Along } from '../vocabulary/joint';
import type { NearKind, ProtectionKind } from '../vocabulary/part';
import type { Quantity } from '../unit/units';

export type Protection =
  ProtectionKind | { readonly kind: ProtectionKind; readonly from?: Quantity; readonly to?: Quantity; readonly water?: Quantity };

export interface NearRequest {
  readonly kind: NearKind;
  /** From the cup's mouth along the male tube; along the part that takes it from the cup's bottom; along a branch's run from the branch. */
  readonly distance: Quantity;
  readonly along?: Along;
  /** Above the flame, of a sprinkler or detector. */
  readonly height?: Quantity;
  /** Of a finished joint near by. */
  readonly filler?: string;
  readonly limit?: Quantity;
  readonly mass?: Quantity;
  readonly protection?: Protection;
}
