import { flawOnRing, onTurn, type Flaw } from '@kesto/core';

/** Degrees to half an hour. */
const HALF_HOUR = 15;

/** Where on a clock face an angle is, to the half hour. */
export function clockText(deg: number): string {
  const halves = Math.round(onTurn(deg) / HALF_HOUR) % 24;
  const hour = Math.floor(halves / 2) || 12;
  return halves % 2 === 0 ? String(hour) : `${hour}½`;
}

/** Where a flaw is on the ring, as a clock face; whether it was seen by eye or by mirror. */
export function flawText({ fromDeg, toDeg }: Flaw): string {
  // Its angle is the same on every tube.
  const { degrees, isBack } = flawOnRing({ fromDeg, toDeg }, 1);
  if (degrees === 360) return 'all round';
  return `${Math.round(degrees)}° from ${clockText(fromDeg)} to ${clockText(toDeg)} o’clock, ${isBack ? 'at the back' : 'in front'}`;
}
