import type { Provenance } from '../provenance';

export type Glow = 'faint red' | 'dull red' | 'dark cherry' | 'medium cherry' | 'bright cherry' | 'salmon';

interface GlowRow extends Provenance {
  readonly glow: Glow;
  readonly fromC: number;
}

const row = (fromC: number, glow: Glow): GlowRow => ({
  fromC,
  glow,
  source: 'colour of hot metal in shade, usual table',
  confidence: 'medium',
});

const GLOWS: readonly GlowRow[] = [
  row(500, 'faint red'),
  row(580, 'dull red'),
  row(650, 'dark cherry'),
  row(700, 'medium cherry'),
  row(760, 'bright cherry'),
  row(850, 'salmon'),
];

/**
 * Colour that hot metal shows in shade.
 *
 * @param celsius  temperature of the surface [°C]
 * @returns        the colour's usual name; null under 500 °C, where nothing glows
 * @source         temper and heat colours of steel as handbooks give them
 * @accuracy       +-50 °C by eye; in sun it appears 50 to 100 °C late
 */
export const glowAt = (celsius: number): Glow | null => GLOWS.findLast((r) => celsius >= r.fromC)?.glow ?? null;
