import { onTurn } from '@kesto/core';

/** The dial's own measure; it is scaled to the paper. */
export const DIAL = {
  width: 330,
  height: 312,
  x: 165,
  y: 150,
  cup: 98,
  gap: 84,
  tube: 72,
  bore: 58,
  numbers: 125,
  arcs: 147,
  handles: 106,
} as const;

export type At = readonly [x: number, y: number];

const RAD = Math.PI / 180;

/** A place on the dial, clockwise from the top. */
export const onDial = (deg: number, radius: number): At => [DIAL.x + radius * Math.sin(deg * RAD), DIAL.y - radius * Math.cos(deg * RAD)];

const TURN = 360;
const STEP = 5;

/** The angle under a finger, in steps of five degrees. */
export const degAt = ([x, y]: At): number => onTurn(Math.round(Math.atan2(x - DIAL.x, DIAL.y - y) / RAD / STEP) * STEP);

/** A piece of a ring between two radii, clockwise. */
export function piece(from: number, to: number, [inner, outer]: readonly [number, number]): string {
  const span = onTurn(to - from) || TURN - 0.01;
  const large = span > TURN / 2 ? 1 : 0;
  const end = from + span;
  const p = (deg: number, radius: number) =>
    onDial(deg, radius)
      .map((value) => value.toFixed(1))
      .join(' ');
  return `M${p(from, outer)} A${outer} ${outer} 0 ${large} 1 ${p(end, outer)} L${p(end, inner)} A${inner} ${inner} 0 ${large} 0 ${p(from, inner)} Z`;
}

/** All of a ring between two radii, to be filled by the even-odd rule. */
export function ring([inner, outer]: readonly [number, number]): string {
  const round = (radius: number) =>
    `M${DIAL.x} ${DIAL.y - radius} a${radius} ${radius} 0 1 1 0 ${2 * radius} a${radius} ${radius} 0 1 1 0 ${-2 * radius} Z`;
  return `${round(outer)} ${round(inner)}`;
}

/** An arc alone, clockwise. */
export function arc(from: number, to: number, radius: number): string {
  const span = onTurn(to - from) || TURN - 0.01;
  const p = (deg: number) =>
    onDial(deg, radius)
      .map((value) => value.toFixed(1))
      .join(' ');
  return `M${p(from)} A${radius} ${radius} 0 ${span > TURN / 2 ? 1 : 0} 1 ${p(from + span)}`;
}
