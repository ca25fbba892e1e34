import type { NearKind } from '../vocabulary/part';
import type { Schools } from '../vocabulary/schools';
import type { Provenance } from '../provenance';
import { PART_LIMITS } from './limits';
import type { NearPart } from './nearPart';

export const MEASURES = [
  'none',
  'take-out',
  'take-off',
  'wet-cloth',
  'putty',
  'paste',
  'pull-back',
  'tie-away',
  'one-heat',
  'shield',
  'distance',
] as const;
export type Measure = (typeof MEASURES)[number];
export type Wrap = 'wet-cloth' | 'putty' | 'paste';

interface MeasureRow extends Provenance {
  /** What is done about a part of this kind, whatever the sum says, where `when` holds. */
  readonly does: readonly (Measure | 'wrap')[];
  readonly when: (part: NearPart) => boolean;
}

/** A valve this near is wrapped, whatever the sum says [m]. */
const WRAPPED_WITHIN_M = 0.15;
const SHIELDED_WITHIN_M = 0.6;
/** Two joints this near are made in one heat, or stepped [m]. */
const ONE_HEAT_WITHIN_M = 0.04;
/** A flame's hot gas opens a head within this sideways and above [m]. */
export const HEAD_REACH_M = { sideways: 2, above: 4 } as const;

const always = () => true;
const within = (metres: number) => (part: NearPart) => part.distanceM <= metres;
const row = (does: MeasureRow['does'], when: MeasureRow['when'], source: string): MeasureRow => ({
  does,
  when,
  source,
  confidence: 'medium',
});

const VALVE_SHEET = 'valve and drier makers’ sheets: wet wrap on the body, stem mid-way or ball open, flame away from it';
const HOT_WORK = 'hot-work practice: combustibles within 11 m named, within reach shielded; NFPA 51B, OSHA 1910.252';
const wrapped = row(['wrap'], within(WRAPPED_WITHIN_M), VALVE_SHEET);
const offOrWrapped = row(['take-off', 'wrap'], always, 'makers’ sheets: off before heat where it comes off, else wrapped');
const guard = row(['take-out'], always, 'relief device makers: never within reach of a flame, taken off cold or the joint moved');
const shielded = row(['shield'], within(SHIELDED_WITHIN_M), HOT_WORK);
const tied = row(['tie-away'], within(SHIELDED_WITHIN_M), 'electrical practice: wiring beside the tube is tied away from the flame');
const board = row(['shield', 'wet-cloth'], within(SHIELDED_WITHIN_M), HOT_WORK);
const head = row(['shield'], (part) => part.distanceM <= HEAD_REACH_M.sideways && part.heightM <= HEAD_REACH_M.above, HOT_WORK);

/** What is done about a part depends on what it is. Kinds without a row: a wet cloth where the peak is over the limit, else nothing. */
const MEASURE_ROWS: Readonly<Partial<Record<NearKind, MeasureRow>>> = {
  core: row(['take-out'], always, 'access fitting makers’ sheets: core out before heat, refitted cold'),
  coil: offOrWrapped,
  'power-head': offOrWrapped,
  sensor: offOrWrapped,
  switch: offOrWrapped,
  transducer: offOrWrapped,
  insulation: row(['pull-back', 'wet-cloth'], within(SHIELDED_WITHIN_M), 'insulation makers: back 300 mm, the bare tube wrapped'),
  valve: wrapped,
  'expansion-valve': wrapped,
  'reversing-valve': wrapped,
  solenoid: wrapped,
  drier: wrapped,
  'sight-glass': wrapped,
  'relief-valve': guard,
  'fusible-plug': guard,
  'vibration-absorber': wrapped,
  'filter-shell': wrapped,
  compressor: row(
    ['wet-cloth'],
    within(SHIELDED_WITHIN_M),
    'compressor makers’ sheets: wet cloth on the root of the stub, flame away from the shell',
  ),
  sprinkler: head,
  detector: head,
  wood: shielded,
  'plastic-pipe': shielded,
  grommet: row(['tie-away', 'shield'], within(SHIELDED_WITHIN_M), HOT_WORK),
  'painted-surface': shielded,
  'circuit-board': board,
  wiring: tied,
  'brazed-joint': row(
    ['one-heat'],
    within(ONE_HEAT_WITHIN_M),
    'brazing practice: neighbours in one heat, or the first with the higher filler',
  ),
};

/** What is tried in turn; the shop's school first. */
const TRIED: Readonly<Record<NonNullable<Schools['heatProtection']>, readonly Wrap[]>> = {
  putty: ['putty', 'wet-cloth'],
  'wet-cloth': ['wet-cloth', 'putty'],
  paste: ['paste', 'putty', 'wet-cloth'],
  dismantle: ['putty', 'wet-cloth'],
};

/**
 * What is done about a part: by its kind's row, else by its peak.
 *
 * @param fits  whether a wrap of a kind keeps the part under its limit
 * @param hot   the bare part gets over its limit
 * @returns     words in the order they are done, never empty; `distance` where no wrap is enough
 */
export function measuresFor(
  part: NearPart,
  school: NonNullable<Schools['heatProtection']>,
  { fits, hot }: { fits: (wrap: Wrap) => boolean; hot: boolean },
): readonly Measure[] {
  const found = MEASURE_ROWS[part.kind];
  const applies = found?.when(part) ?? false;
  if (!applies && !hot) return ['none'];
  const does = applies && found ? found.does : (['wet-cloth'] as const);
  const words = does.map((word) => (word === 'wrap' ? (TRIED[school].find(fits) ?? TRIED[school][0] ?? 'putty') : word));
  const comesOff = words.some((word) => word === 'take-out' || word === 'take-off') && PART_LIMITS[part.kind].removable;
  const isElsewhere = words.includes('one-heat') || words.includes('tie-away');
  const enough = comesOff || isElsewhere || !hot || words.some((word) => isWrap(word) && fits(word));
  // A compressor stays where it is: its sheet asks for the cloth and no more.
  return enough || part.kind === 'compressor' ? words : [...words, 'distance'];
}

const isWrap = (word: Measure): word is Wrap => word === 'wet-cloth' || word === 'putty' || word === 'paste';
