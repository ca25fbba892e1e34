/** A flaw on the ring of a joint, clockwise from the top as whoever looks sees it; the bottom is towards them [degrees]. */
export interface Flaw {
  readonly fromDeg: number;
  readonly toDeg: number;
}

export interface FlawOnRing {
  readonly degrees: number;
  /** Along the outside of the tube, and all round it. */
  readonly lengthM: number;
  readonly roundM: number;
  /** Its middle is on the side away from whoever looks: seen by mirror. */
  readonly isBack: boolean;
}

const TURN = 360;
/** An angle on the dial, 0 to under 360 [degrees]. */
export const onTurn = (deg: number): number => ((deg % TURN) + TURN) % TURN;

/**
 * How large a flaw is that was marked on the ring.
 *
 * @param flaw   where it begins and ends, clockwise [degrees, 0 to 360]; the same twice is all of the ring
 * @param outsideM  outside diameter of the tube [m]
 * @returns      its angle [degrees] and its length along the tube's outside [m]
 * @source       geometry: an arc is its share of the circumference
 */
export function flawOnRing({ fromDeg, toDeg }: Flaw, outsideM: number): FlawOnRing {
  const degrees = onTurn(toDeg - fromDeg) || TURN;
  const roundM = Math.PI * outsideM;
  const middle = onTurn(fromDeg + degrees / 2);
  return { degrees, lengthM: (roundM * degrees) / TURN, roundM, isBack: middle < TURN / 4 || middle > (3 * TURN) / 4 };
}
