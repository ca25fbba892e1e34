import { line } from 'd3-shape';

export type PointXY = readonly [x: number, y: number];

const tenth = (pixels: number) => Math.round(pixels * 10) / 10;

/** A curve through points, as the path of its drawing. */
export function linePath(points: readonly PointXY[], x: (value: number) => number, y: (value: number) => number): string {
  const drawn = line<PointXY>(
    ([px]) => tenth(x(px)),
    ([, py]) => tenth(y(py)),
  );
  return drawn([...points]) ?? '';
}
