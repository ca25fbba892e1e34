import type { CircuitLayout, LaidPart, Point } from '@kesto/core';

export type Flow = LaidPart['flow'];

/** A layout turned for the screen it stands on. */
export interface Placed {
  readonly width: number;
  readonly height: number;
  readonly at: (p: Point) => Point;
  readonly flow: (flow: Flow) => Flow;
  /** The band of the wall, as a rectangle. */
  readonly wall: { readonly x: number; readonly y: number; readonly width: number; readonly height: number } | null;
  readonly upright: boolean;
}

const TURNED: Readonly<Record<Flow, Flow>> = { right: 'up', left: 'down', up: 'right', down: 'left' };

/** Wide it lies: outdoors left, liquid below. Upright (phones) it stands: outdoors below, liquid left. */
export function placed({ width, height, wall }: CircuitLayout, upright: boolean): Placed {
  if (!upright) {
    const band = wall && { x: wall.from, y: 0, width: wall.to - wall.from, height };
    return { width, height, at: (p) => p, flow: (flow) => flow, wall: band, upright };
  }
  const at = ({ x, y }: Point): Point => ({ x: height - y, y: width - x });
  const band = wall && { x: 0, y: width - wall.to, width: height, height: wall.to - wall.from };
  return { width: height, height: width, at, flow: (flow) => TURNED[flow], wall: band, upright };
}
