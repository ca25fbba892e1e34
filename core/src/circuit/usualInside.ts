import type { CircuitKind, NearKind, ProtectionKind } from '../vocabulary';

/** What of a part the heat of a joint at its stub could hurt. */
export interface UsualInside {
  readonly kind: NearKind;
  /** From the bottom of the stub's cup to it. */
  readonly distanceM: number;
  readonly protection: ProtectionKind;
}

const row = (kind: NearKind, distanceM: number, protection: ProtectionKind = 'wet-cloth'): UsualInside => ({ kind, distanceM, protection });

/** On stubs for 3/8 in tube. Judgement, from bodies of small commercial valves. */
const ON_SMALL_STUBS: Readonly<Partial<Record<CircuitKind, UsualInside>>> = {
  valve: row('valve', 0.035, 'putty'),
  'check-valve': row('check-valve', 0.04),
  'expansion-valve': row('expansion-valve', 0.05),
  solenoid: row('solenoid', 0.05),
  'sight-glass': row('sight-glass', 0.04),
  'reversing-valve': row('reversing-valve', 0.06),
  drier: row('drier', 0.04),
};
const SMALL_OD_M = 0.009525;

/**
 * Where the sensitive inside of a part lies behind the joint, usually; it is shown and meant to be looked at.
 *
 * @param kind  of the part
 * @param odM   outside of the tube [m]; null where it is not drawn: 3/8 in
 * @returns     its kind, its distance from the cup's bottom [m], and how it is usually kept cool; null for a part without one
 * @source      judgement: stub and half a body of small commercial valves; both grow about as the tube does, so that a usual wrap, which
 *              keeps 25 mm clear of the heated half diameter, still covers it
 */
export function usualInside(kind: CircuitKind, odM: number | null): UsualInside | null {
  const small = ON_SMALL_STUBS[kind];
  return small ? { ...small, distanceM: small.distanceM + Math.max(0, (odM ?? SMALL_OD_M) - SMALL_OD_M) } : null;
}
