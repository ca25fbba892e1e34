/** Lower flammable limit [kg/m3]. Source: ISO 817, quoted from memory. */
const LFL_KG_M3: Readonly<Record<string, number>> = { 'R-32': 0.307, 'R-454B': 0.297, 'R-290': 0.038 };
/** Where the indoor unit hangs [m]. Source: IEC 60335-2-40. */
const HEIGHT_M = { floor: 0.6, window: 1, wall: 1.8, ceiling: 2.2 } as const;
export type HungAt = keyof typeof HEIGHT_M;
const FREE_M3 = { mild: 6, high: 4 } as const;

/**
 * The greatest charge that may hang in a room.
 *
 * @param refrigerant  its usual name
 * @param areaM2       of the room, above 0
 * @param at           where the indoor unit hangs
 * @returns            free of any room, and the most in this one [kg]; null for one that does not burn or is not known here
 * @source             IEC 60335-2-40, quoted from memory: 2.5 LFL^1.25 h0 sqrt(A); the maker's sheet and the local code rule
 */
export function roomCharge(refrigerant: string, areaM2: number, at: HungAt): { readonly freeKg: number; readonly mostKg: number } | null {
  const lfl = LFL_KG_M3[refrigerant];
  if (lfl === undefined) return null;
  const free = refrigerant === 'R-290' ? FREE_M3.high : FREE_M3.mild;
  return { freeKg: free * lfl, mostKg: 2.5 * lfl ** 1.25 * HEIGHT_M[at] * Math.sqrt(areaM2) };
}

/** Free of any room [kg]. */
export const freeRoomChargeKg = (refrigerant: string): number | null => roomCharge(refrigerant, 1, 'wall')?.freeKg ?? null;
