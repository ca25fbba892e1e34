/** When something was said to be, by both clocks. */
export interface Clocked {
  /** The device's word; null: Kesto's own. */
  readonly device: string | null;
  readonly server: string;
  /** How far the server's clock was ahead of the device's at sending [s]; null where nobody said. */
  readonly offsetS: number | null;
}

/** Clocks further apart than this are said [ms]. */
export const CLOCKS_APART_MS = 5 * 60_000;

/**
 * When something happened, as early and late are judged: the device's word, put right by the difference of the two clocks when it was
 * sent, never after the server had it, and never before what the same person's device had said before it.
 *
 * @param clocked  both clocks, as ISO 8601 in UTC
 * @param before   effective time of the entry before it from the same hand; null where there is none
 * @returns        an instant, ISO 8601 in UTC; the server's word as it is where that is no time
 */
export function effectiveTime({ device, server, offsetS }: Clocked, before: string | null): string {
  const serverMs = Date.parse(server);
  const deviceMs = device === null ? NaN : Date.parse(device);
  const said = Number.isNaN(deviceMs) ? serverMs : deviceMs + (offsetS ?? 0) * 1000;
  const least = before === null ? -Infinity : Date.parse(before);
  const at = Math.min(serverMs, Math.max(said, least));
  return Number.isNaN(at) ? server : new Date(at).toISOString();
}
