import type { TorchPoint } from './words';

/** What stands between here and the flame, by its row. */
interface PointRow {
  /** The torch stays locked while it is open: it protects people. */
  readonly locks: boolean;
  /** The kind of entry that answers it; null: `hot-work`, by the point's name. */
  readonly answeredBy: 'locked-off' | 'before-picture' | 'recovered' | 'zero-and-open' | 'held-back' | 'told' | 'covered' | null;
  /** Whether there may be none of it here: an extinguisher, a watch and air to breathe are always needed. */
  readonly mayBeNone: boolean;
  /** It can be made true, so that nobody overrules it. */
  readonly neverOverruled: boolean;
  /** Something that is put out of service for the flame, by who may: open until it is back. */
  readonly goesOut: boolean;
}

const NOTHING = { locks: false, mayBeNone: false, neverOverruled: false, goesOut: false } as const;
const row = (answeredBy: PointRow['answeredBy'], rest: Partial<Omit<PointRow, 'answeredBy'>> = {}): PointRow => ({
  ...{ answeredBy, ...NOTHING, ...rest },
});

/** Every point of the list before the torch. Source: NFPA 51B, OSHA 1910.252; what is said of each in `torchPoints`. */
export const POINT_ROWS: Readonly<Record<TorchPoint, PointRow>> = {
  'power-off': row('locked-off', { locks: true }),
  'before-pictures': row('before-picture'),
  'refrigerant-out': row('recovered'),
  'zero-and-open': row('zero-and-open', { locks: true, neverOverruled: true }),
  'held-back': row('held-back', { locks: true }),
  swept: row(null, { locks: true }),
  'liquid-left': row(null),
  told: row('told', { mayBeNone: true }),
  extinguisher: row(null, { locks: true }),
  watch: row(null, { locks: true }),
  thawed: row(null, { mayBeNone: true }),
  sprinklers: row(null, { locks: true, mayBeNone: true, goesOut: true }),
  detectors: row(null, { locks: true, mayBeNone: true, goesOut: true }),
  oxygen: row(null, { locks: true, neverOverruled: true }),
  insulation: row(null),
  wood: row(null),
  'plastic-pipe': row(null),
  'painted-surface': row(null),
  wiring: row(null),
  grommet: row(null),
  covered: row('covered', { mayBeNone: true }),
};
