import type { Schools } from '../vocabulary/schools';

export const LOOK_RESULTS = ['pass', 'rework', 'cut-out'] as const;
export type LookResult = (typeof LOOK_RESULTS)[number];

/**
 * What the eye can find on a brazed joint, and the least that must follow from it.
 *
 * @source judgement after the visual acceptance criteria of brazing codes (no crack, no melted edge, ring closed all round): what
 *         filler can still be drawn into is reworked once, what has lost base metal or insertion is cut out
 */
export const LOOK_FINDINGS = {
  'ring-not-closed': 'rework',
  sunk: 'rework',
  pinhole: 'rework',
  balled: 'rework',
  'flux-left': 'rework',
  'not-fully-home': 'cut-out',
  crack: 'cut-out',
  'base-metal-melted': 'cut-out',
  /** Burst or bubbled by pressure inside. */
  blown: 'cut-out',
  /** Flux of FB3 or FB4 that cannot be got off. */
  'flux-stuck': 'cut-out',
  /** Phosphorus filler on iron or nickel: brittle, however it looks. */
  'phosphorus-on-iron': 'cut-out',
} as const satisfies Readonly<Record<string, LookResult>>;
export type LookFinding = keyof typeof LOOK_FINDINGS;
export const LOOK_FINDING_IDS = Object.keys(LOOK_FINDINGS) as readonly LookFinding[]; // cast: the table's own keys

const severity = (result: LookResult) => LOOK_RESULTS.indexOf(result);

/** The finding that a result is too mild for; null where the result may stand. */
export const tooMildFor = (result: LookResult, findings: readonly LookFinding[]): LookFinding | null =>
  findings.find((finding) => severity(LOOK_FINDINGS[finding]) > severity(result)) ?? null;

/** What bars a look, whatever was found. */
export const LOOK_BARS = ['back-not-seen', 'another-looks', 'rework-once'] as const;
export type LookBar = (typeof LOOK_BARS)[number];

/** What a look is judged by, beside what it says. */
export interface LookedBy {
  /** Whether whoever looks ever heated or made it. */
  readonly isMaker: boolean;
  readonly isLead: boolean;
  /** How many times it was sent to be reworked before, and was. */
  readonly reworked: number;
  /** What the circuit holds. */
  readonly refrigerant: string;
  readonly safetyClass: string | null;
  /** What the shop or the job asks. */
  readonly secondLook?: Schools['secondLook'] | undefined;
}

/** Of these nobody passes their own joint: high pressure, or a gas that burns or harms. */
const ALWAYS_ANOTHER: readonly string[] = ['R-744', 'R-717'];
export const anotherLooks = ({
  refrigerant,
  safetyClass,
  secondLook,
}: Pick<LookedBy, 'refrigerant' | 'safetyClass' | 'secondLook'>): boolean =>
  secondLook === 'always' || ALWAYS_ANOTHER.includes(refrigerant) || safetyClass === 'A3' || safetyClass === 'B3';

/**
 * What bars a look from saying what it says: a joint of which the back was not seen passes nobody; of carbon dioxide, ammonia and what burns
 * easily, and where the shop asks, another than the maker passes it; it is reworked once, then cut out unless a lead says otherwise.
 *
 * @param look  its result, and whether the back was seen (nothing: nobody said)
 * @returns     null where nothing bars it
 */
export function lookBar(look: { readonly result: LookResult; readonly backSeen?: boolean | undefined }, by: LookedBy): LookBar | null {
  if (look.result === 'pass' && look.backSeen === false) return 'back-not-seen';
  if (look.result === 'pass' && by.isMaker && anotherLooks(by)) return 'another-looks';
  return look.result === 'rework' && by.reworked > 0 && !by.isLead ? 'rework-once' : null;
}
