/** Listened and soaped at these before anything higher [Pa gauge]. Source: trade [L]: 50 and 150 psi. */
const FIRST_PA = [345e3, 1035e3] as const;
/** Carbon dioxide's high side, by pressures its fittings are known at [Pa gauge]. */
const CARBON_DIOXIDE_PA = [345e3, 1035e3, 2500e3, 5000e3, 7500e3] as const;
/** Of the full pressure, at most so much in one step. */
const LARGEST_STEP = 1 / 4;
/** Above this a section is split [Pa gauge]; nothing under it is a hold. Source: trade [L]. */
export const LEAST_HOLD_PA = FIRST_PA[0];

/**
 * The pressures at which a fill stops, is listened to and soaped.
 *
 * @param fullPa        the hold's own [Pa gauge]
 * @param isTranscritical  carbon dioxide's high side
 * @returns             [Pa gauge], rising; the last is the full one
 * @source              trade: 345 and 1 035 kPa, then by at most a quarter of the full pressure
 */
export function holdStepsPa(fullPa: number, isTranscritical: boolean): readonly number[] {
  if (isTranscritical) return [...CARBON_DIOXIDE_PA.filter((pa) => pa < fullPa), fullPa];
  const first = FIRST_PA.filter((pa) => pa < fullPa);
  const from = first.at(-1) ?? 0;
  if (first.length < FIRST_PA.length) return [...first, fullPa];
  const count = Math.ceil((fullPa - from) / (LARGEST_STEP * fullPa));
  return [...first, ...Array.from({ length: count }, (_, i) => from + ((fullPa - from) * (i + 1)) / count)];
}

/** Ratio of the specific heats of nitrogen. */
const K = 1.4;
/** Of TNT [J/kg]. */
const TNT_J_PER_KG = 4.27e6;
/** From here on a distance is kept [J]. */
const DANGEROUS_J = 10_000;

/**
 * Energy that a held gas gives when it bursts out.
 *
 * @param pressurePa  absolute
 * @returns           [J]
 * @source            p V / (k - 1) (1 - (p_atm / p)^((k - 1) / k)), k = 1.4: ASME PCC-2's form
 */
export const storedEnergyJ = (volumeM3: number, pressurePa: number, atmospherePa: number): number =>
  ((pressurePa * volumeM3) / (K - 1)) * (1 - (atmospherePa / pressurePa) ** ((K - 1) / K));

/**
 * Distance to keep while a pressure rises [m]; null where face and hands away is enough. The boiler code's own least is 30 m.
 *
 * @source  20 m/kg^(1/3) of twice the energy in TNT (ASME PCC-2's scaled blast): a guide, flying caps apart
 */
export const keepAwayM = (energyJ: number): number | null => (energyJ <= DANGEROUS_J ? null : 20 * Math.cbrt((2 * energyJ) / TNT_J_PER_KG));
