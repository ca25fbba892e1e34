/** What an instrument showed at the way out. */
export interface OxygenRead {
  readonly percent: number;
  /** The least step it shows. */
  readonly stepPercent: number;
}

/**
 * Whether a reading at the way out ends the flood sooner than its time.
 *
 * @param read    oxygen at the way out [%] and the instrument's least step [%]
 * @param target  oxygen that the flood goes down to [%]
 * @returns       `reached`: at or under the target, by a step that shows it. `cannot-show`: it reads so, but its step is as large as the target:
 *                the flood's time counts besides. `above`: it is not there yet
 * @source        a reading is good to its own step: an air monitor's 0.1 % cannot tell 0.1 %
 */
export function oxygenSays({ percent, stepPercent }: OxygenRead, target: number): 'reached' | 'cannot-show' | 'above' {
  if (percent > target + 1e-9) return 'above';
  return stepPercent < target ? 'reached' : 'cannot-show';
}
