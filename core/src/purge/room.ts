import type { ReadPurge } from './readPurge';

export const AIR_O2_PERCENT = 20.9;

/** What a flow of nitrogen brings a ventilated room to in the end [%]. */
const steady = (airM3PerS: number, nitrogenM3PerS: number) => (AIR_O2_PERCENT * airM3PerS) / (airM3PerS + nitrogenM3PerS);

/** A ventilated room while the test gas is let out: towards its steady value, by the room's own time. */
function whileVenting(purge: ReadPurge, airM3PerS: number, roomM3: number, testGasM3: number): number {
  const nitrogenM3PerS = testGasM3 / purge.ventS;
  const end = steady(airM3PerS, nitrogenM3PerS);
  return end + (AIR_O2_PERCENT - end) * Math.exp((-(airM3PerS + nitrogenM3PerS) * purge.ventS) / roomM3);
}

/**
 * Lowest oxygen the room can come to [%]; null where neither room nor ventilation is known.
 *
 * @param nitrogenM3  all that is released: purge, test gas, breaks
 * @param testGasM3   of it, what the pressure test lets out, V p_gauge / p_atm
 * @returns closed: 20.9 (1 - N / V_r), not below 0. Ventilated: the worse of the purge's steady 20.9 Qa / (Qa + Qn) and the test gas let out
 * @source  well-mixed room: O = O_s + (20.9 - O_s) exp(-(Qa + Qn) t / V_r)
 */
export function roomOxygenPercent(purge: ReadPurge, nitrogenM3: number, testGasM3: number): number | null {
  const { roomM3, ventilationM3PerS: air } = purge;
  if (air === null || air === 0) return roomM3 === null ? null : Math.max(0, AIR_O2_PERCENT * (1 - nitrogenM3 / roomM3));
  const purging = steady(air, purge.floodM3PerS);
  return roomM3 === null || testGasM3 === 0 ? purging : Math.min(purging, whileVenting(purge, air, roomM3, testGasM3));
}
