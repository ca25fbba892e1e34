/** Two clocks that differ by less are one to whoever reads. */
export const CLOCK_TOLERANCE_MS = 5 * 60_000;

const STEPS = [
  ['year', 365.25 * 24 * 3_600_000],
  ['month', 30.44 * 24 * 3_600_000],
  ['day', 24 * 3_600_000],
  ['hour', 3_600_000],
  ['minute', 60_000],
] as const;

/** A stretch of time as people say it, to its largest unit. */
export function roughly(ms: number): string {
  const [unit, size] = STEPS.find(([, ms_]) => Math.abs(ms) >= ms_) ?? STEPS[STEPS.length - 1]!; // the last one is there
  const count = Math.round(Math.abs(ms) / size);
  return `${count} ${unit}${count === 1 ? '' : 's'}`;
}

/** How a device's clock stands to the server's. */
export const clockAheadText = (aheadMs: number): string => `${roughly(aheadMs)} ${aheadMs < 0 ? 'behind' : 'ahead'}`;

/**
 * What is to be said of an entry's two times: a device that noted what the server had not reached yet was ahead. One that is behind
 * may simply have had no signal, so nothing is said of it.
 */
export function entryClockText({ deviceTime, serverTime }: { readonly deviceTime: string; readonly serverTime: string }): string | null {
  const ahead = Date.parse(deviceTime) - Date.parse(serverTime);
  return ahead > CLOCK_TOLERANCE_MS ? `the device’s clock was ${clockAheadText(ahead)} of the server’s` : null;
}
