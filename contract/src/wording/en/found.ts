import { formatMass, formatYearlyLoss, readingText, type FindMethod, type Loss, type Sign, type UnitPreferences } from '@kesto/core';

/** For whoever pays: without the trade's words. */
const SEEN_WITH: Readonly<Record<FindMethod, string>> = {
  look: 'seen with the eye',
  sniffer: 'found with a gas detector',
  'gas-and-ear': 'heard under nitrogen',
  soap: 'seen as bubbles in soap',
  'section-hold': 'shown by a pressure test',
};

/** Why it leaks, as far as a sign tells. */
const SIGN_TELLS: Readonly<Record<Sign, string>> = {
  oil: 'oil lies there',
  'oily-dirt': 'oily dirt lies there',
  frost: 'it frosts there',
  corrosion: 'the metal is corroded',
  rubbed: 'it is rubbed thin',
  'earlier-repair': 'it was repaired before',
  'soft-solder': 'it was soldered with the wrong metal before',
};

/** One find as whoever pays reads it. */
export interface FoundPlace {
  readonly name: string;
  readonly method: FindMethod;
  readonly signs: readonly Sign[];
  readonly gramsPerYear: number | null;
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** What was found at a place, in a sentence. */
export function foundSentence({ name, method, signs, gramsPerYear }: FoundPlace, units: UnitPreferences): string {
  const told = signs.map((sign) => SIGN_TELLS[sign]);
  const why = told.length > 0 ? `; ${told.join(', ')}` : '';
  const rate = gramsPerYear === null ? '' : ` About ${readingText(formatYearlyLoss(gramsPerYear / 1000, units, 2))} gets out here.`;
  return `${capital(name)}: refrigerant gets out, ${SEEN_WITH[method]}${why}.${rate}`;
}

/** What was lost, in a sentence; null where nobody knows. */
export function lostSentence(loss: Loss | null, units: UnitPreferences): string | null {
  if (!loss) return null;
  const days = loss.days === 1 ? 'a day' : `${Math.round(loss.days)} days`;
  return `It lost ${readingText(formatMass(loss.lostKg, units))} of refrigerant in ${days}: at that pace ${readingText(formatYearlyLoss(loss.gramsPerYear / 1000, units, 2))}.`;
}
