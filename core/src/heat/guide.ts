import { interpolateHeld, type Point } from '../numeric/interpolate';
import { LENGTH_UNITS } from '../unit/units';

/** Heating time a practised hand takes [s] by outside diameter [in]. Trade habit: an input, not a law. */
const GUIDE_SECONDS: readonly Point[] = [[0.25, 10], [0.3125, 12], [0.375, 12], [0.5, 15], [0.625, 20], [0.75, 25], [0.875, 30], [1.125, 40], [1.375, 50], [1.625, 60], [2.125, 90], [2.625, 120], [3.125, 150], [3.625, 180], [4.125, 240]]; // prettier-ignore

/**
 * How long a practised hand heats a joint of this size.
 *
 * @param outsideM  outside diameter of the tube [m]; held at 10 s under 1/4 in and 240 s over 4-1/8 in
 * @returns         [s]
 * @accuracy        a factor of two between people and torches
 * @source          trade habit, by size: a guide beside the heat that is worked out
 */
export const guideSeconds = (outsideM: number) => interpolateHeld(GUIDE_SECONDS, outsideM / LENGTH_UNITS.in);
