/**
 * Nitrogen by the equation of Redlich and Kwong: another one than the analysis goes by, so that the one does not prove itself by the other.
 * Within 0.3 % of the reference to 60 bar.
 */
const R = 8.314462618;
const CRITICAL = { kelvin: 126.192, pascals: 3.3958e6 } as const;
const A = (0.42748 * R ** 2 * CRITICAL.kelvin ** 2.5) / CRITICAL.pascals;
const B = (0.08664 * R * CRITICAL.kelvin) / CRITICAL.pascals;

/** Pressure of so many moles in a volume [Pa absolute]. */
export function pressurePa(moles: number, volumeM3: number, kelvin: number): number {
  const v = volumeM3 / moles;
  return (R * kelvin) / (v - B) - A / (Math.sqrt(kelvin) * v * (v + B));
}

/** Moles that stand at a pressure in a volume, by halving: the pressure rises with them. */
export function molesAt(pascals: number, volumeM3: number, kelvin: number): number {
  let low = 0;
  let high = (3 * pascals * volumeM3) / (R * kelvin) + 1e-9;
  for (let i = 0; i < 80; i++) {
    const middle = (low + high) / 2;
    if (middle === 0 || pressurePa(middle, volumeM3, kelvin) < pascals) low = middle;
    else high = middle;
  }
  return high;
}

/** Moles that leave a second through a leak that lets out so many pascal cubic metres a second at its own pressure. */
export const molesPerS = (leakPaM3S: number, kelvin: number): number => leakPaM3S / (R * kelvin);
