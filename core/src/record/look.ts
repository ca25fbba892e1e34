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
} as const satisfies Readonly<Record<string, LookResult>>;
export type LookFinding = keyof typeof LOOK_FINDINGS;
export const LOOK_FINDING_IDS = Object.keys(LOOK_FINDINGS) as readonly LookFinding[]; // cast: the table's own keys

const severity = (result: LookResult) => LOOK_RESULTS.indexOf(result);

/** The finding that a result is too mild for; null where the result may stand. */
export const tooMildFor = (result: LookResult, findings: readonly LookFinding[]): LookFinding | null =>
  findings.find((finding) => severity(LOOK_FINDINGS[finding]) > severity(result)) ?? null;
