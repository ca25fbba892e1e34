import type { EntryKind, Hold, HoldReason, HoldVerdict, LimitKind, SoapResult, TestPractice, Told, VentPlace, Worked } from '@kesto/core';

export const HOLD_VERDICT_WORDS: Readonly<Record<HoldVerdict, string>> = {
  tight: 'tight',
  leaking: 'leaking',
  'cannot-tell': 'cannot tell yet',
};

export const HOLD_REASON_WORDS: Readonly<Record<HoldReason, string>> = {
  'no-wanted-leak': 'Nothing says how small a leak has to be seen: say what was lost and in how many days, or the charge.',
  'supply-open': 'The cylinder or the hose stands open and would feed a leak: shut both, then begin anew.',
  'too-few-readings': 'Fewer than two readings from a quarter of an hour after the supply was shut: nothing can be told.',
  'clock-went-back': 'The instrument’s clock went back: what it sent under a time that was past already is left out.',
  'samples-missing': 'Samples are missing for a while: what happened meanwhile nobody saw.',
  'gauge-jumped': 'The gauge jumped: a knock, a hose, gas let in. Look what happened, and hold again from there.',
  'unlike-step': 'The gauge reads something quite different from the step that was noted: another unit, or another place.',
  'calibration-over': 'The gauge was out of calibration.',
  'beyond-range': 'The gauge was read beyond the end of its range.',
};

/** Two figures that count, without a power of ten where one can be spared. */
export const leakText = (paM3S: number): string =>
  `${paM3S >= 0.001 || paM3S === 0 ? Number(paM3S.toPrecision(2)) : paM3S.toExponential(1).replace('e-', ' × 10^-')} Pa m³/s`;

const gramsText = (grams: number): string =>
  grams < 1000 ? `${Number(grams.toPrecision(2))} g` : `${Number((grams / 1000).toPrecision(2))} kg`;

type Seen = Pick<Hold, 'leakPaM3S' | 'smallestSeenPaM3S' | 'gramsPerYearSeen'>;

/** What a hold that calls something tight cannot exclude: never under what it could see. */
export const tightDownTo = ({ leakPaM3S, smallestSeenPaM3S }: Seen): number => Math.max(leakPaM3S, 0) + smallestSeenPaM3S;

type MassText = (grams: number) => string;
const aYear = (grams: number | null, refrigerant: string | null, mass: MassText): string =>
  grams === null || refrigerant === null ? '' : `, about ${mass(grams)} a year of ${refrigerant}`;

function boundText(hold: Seen, refrigerant: string | null, mass: MassText): string {
  const bound = tightDownTo(hold);
  const grams = hold.gramsPerYearSeen === null ? null : (hold.gramsPerYearSeen * bound) / hold.smallestSeenPaM3S;
  return `${leakText(bound)}${aYear(Number.isFinite(grams) ? grams : null, refrigerant, mass)}`;
}

function openText(hold: Hold, refrigerant: string | null, mass: MassText): string {
  const { reasons, leakPaM3S, smallestSeenPaM3S, minutesNeeded } = hold;
  if (reasons.includes('supply-open')) return HOLD_REASON_WORDS['supply-open'];
  if (leakPaM3S < -smallestSeenPaM3S) return 'The gas seems to grow, which proves nothing: look at temperature, valves, gauge.';
  if (reasons.includes('no-wanted-leak'))
    return `${HOLD_REASON_WORDS['no-wanted-leak']} This hold would have seen ${boundText(hold, refrigerant, mass)}.`;
  if (minutesNeeded === null) return 'This gauge and thermometer cannot see the leak that is looked for, however long it is held.';
  return `Hold it ${Math.ceil(minutesNeeded)} min more to tell the leak that is looked for.`;
}

/** The verdict with its figure, in one line: no "tight" stands without what it could see. */
export function holdText(hold: Hold, refrigerant: string | null, mass: MassText = gramsText): string {
  const { verdict, leakPaM3S, gramsPerYear, gramsPerYearRunning } = hold;
  if (verdict === 'tight') return `${HOLD_VERDICT_WORDS.tight} down to ${boundText(hold, refrigerant, mass)}: soap decides below that`;
  if (verdict === 'cannot-tell') return `${HOLD_VERDICT_WORDS['cannot-tell']}. ${openText(hold, refrigerant, mass)}`;
  const running = gramsPerYearRunning === null || refrigerant === null ? '' : ` standing, ${mass(gramsPerYearRunning)} running`;
  return `${HOLD_VERDICT_WORDS.leaking} ${leakText(leakPaM3S)}${aYear(gramsPerYear, refrigerant, mass)}${running}`;
}

/** What holds the pressure down. */
export const LIMIT_KIND_WORDS: Readonly<Record<LimitKind, string>> = {
  'plate-low': 'the low side’s limit on the plate',
  'plate-high': 'the high side’s limit on the plate',
  part: 'what its maker allows',
  relief: 'nine tenths of the relief valve’s setting',
  switch: 'what the switch or sensor bears',
  tube: 'the tube’s own strength',
  hose: 'the hose’s working pressure',
  gauge: 'three quarters of the gauge’s range',
  regulator: 'the regulator',
};

export const SOAP_RESULT_WORDS: Readonly<Record<SoapResult, string>> = {
  nothing: 'nothing',
  leak: 'bubbles',
  'not-reached': 'no hand gets there',
};
export const VENT_PLACE_WORDS: Readonly<Record<VentPlace, string>> = { outdoors: 'led outdoors', 'aired-room': 'into an aired room' };
export const TEST_PRACTICE_WORDS: Readonly<Record<TestPractice, string>> = {
  'data-plate': 'as high as the plate lets',
  'by-refrigerant': 'by the refrigerant',
  'low-and-long': 'low and long',
};

/** What the figure says by itself; the others are said of the instrument, beside every verdict. */
const OF_THE_HOLD: readonly HoldReason[] = ['no-wanted-leak', 'supply-open', 'too-few-readings'];

/** A kept verdict with its figure, in one line. */
export function heldText(
  { verdict, leakPaM3S, smallestSeenPaM3S, gramsPerYear, gramsPerYearSeen = null, reasons }: Worked<'hold-ended'>,
  refrigerant: string | null,
  mass: MassText = gramsText,
): string {
  if (leakPaM3S === null || smallestSeenPaM3S === null)
    return `${HOLD_VERDICT_WORDS['cannot-tell']}. ${HOLD_REASON_WORDS['too-few-readings']}`;
  const seen = { leakPaM3S, smallestSeenPaM3S, gramsPerYearSeen };
  const flags = reasons
    .filter((reason) => !OF_THE_HOLD.includes(reason))
    .map((reason) => ` ${HOLD_REASON_WORDS[reason]}`)
    .join('');
  if (verdict === 'tight')
    return `${HOLD_VERDICT_WORDS.tight} down to ${boundText(seen, refrigerant, mass)}: soap decides below that.${flags}`;
  if (verdict === 'leaking')
    return `${HOLD_VERDICT_WORDS.leaking} ${leakText(leakPaM3S)}${aYear(gramsPerYear, refrigerant, mass)}.${flags}`;
  return `${HOLD_VERDICT_WORDS['cannot-tell']}: it would have seen ${boundText(seen, refrigerant, mass)}.${flags}`;
}

/** What Kesto says of a joint in a section that was held; null for other kinds, and for a note of former days. */
export function heldEntryText(kind: EntryKind, values: Readonly<Record<string, unknown>>): string | null {
  if (kind !== 'held' || typeof values['verdict'] !== 'string') return null;
  const { verdict, pressureKpag, minutes, leakPaM3S, smallestSeenPaM3S } = values as Told<'held'>; // cast: the schema of this kind
  const under = `${Math.round(pressureKpag)} kPag for ${Math.round(minutes)} min`;
  const figure =
    leakPaM3S === null || smallestSeenPaM3S === null
      ? ''
      : verdict === 'leaking'
        ? `, the section loses ${leakText(leakPaM3S)}`
        : `, down to ${leakText(tightDownTo({ leakPaM3S, smallestSeenPaM3S, gramsPerYearSeen: null }))}`;
  return `${HOLD_VERDICT_WORDS[verdict]} under ${under}${figure}`;
}
