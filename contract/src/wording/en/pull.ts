import type { EntryKind, GaugePlace, PullReason, PullVerdict, Told } from '@kesto/core';
import type { Rise } from '@kesto/core/pull';

export const PULL_VERDICT_WORDS: Readonly<Record<PullVerdict, string>> = {
  'tight-and-dry': 'tight and dry',
  leak: 'leak',
  wet: 'wet',
  'cannot-tell': 'cannot tell yet',
};

export const PULL_REASON_WORDS: Readonly<Record<PullReason, string>> = {
  'too-short': 'Under 10 min, or fewer than 8 readings: watch on.',
  'still-rising': 'It still rises, slowly: watch to 30 min.',
  'speeds-up': 'It rises faster and faster, which no leak does: something warms. Warm it through, watch on.',
  'too-cold':
    'So cold, ice hides under this limit: warm the circuit above 5 °C, never with a flame, or break with nitrogen and pull again.',
  'above-water': 'It goes above water’s own pressure: refrigerant out of oil, or let by from a full side. Recover again, pull on.',
  'gauge-place': 'The gauge sits on the rig or the pump and does not see the circuit.',
  'does-not-move': 'No reading differs from the first: see the gauge move.',
  'fell-unseen': 'It fell while nothing was read: the pump may have run meanwhile. Watch it anew.',
  rig: 'Pump and hoses alone do not hold: oil, hose or seal.',
};

export const GAUGE_PLACE_WORDS: Readonly<Record<GaugePlace, string>> = {
  'system-far': 'a port away from the pump',
  'system-near': 'a port beside the pump’s',
  rig: 'on the hoses',
  pump: 'on the pump',
};

const ON = 'Pull on, warm it, or break with nitrogen.';
/** What a verdict says, and what it does not. */
const SAID: Readonly<Record<Exclude<PullVerdict, 'cannot-tell'>, string>> = {
  'tight-and-dry': 'stays low: dry. How tight, the pressure hold says.',
  leak: 'rises straight on. After a passed hold look at hose, core and gauge first.',
  wet: 'goes to water’s own pressure: water, or refrigerant out of oil.',
};

/** The verdict of a rise with what it rests on, in a line. */
export function riseText({ verdict, reasons }: Pick<Rise, 'verdict' | 'reasons'>): string {
  if (verdict !== 'cannot-tell') return `${PULL_VERDICT_WORDS[verdict]}: ${SAID[verdict]}`;
  const why = reasons.map((reason) => PULL_REASON_WORDS[reason]).join(' ');
  return `${PULL_VERDICT_WORDS['cannot-tell']}. ${why === '' ? ON : why}`;
}

/** What Kesto says of a joint that the pump reached; null for other kinds. */
export function pulledEntryText(kind: EntryKind, values: Readonly<Record<string, unknown>>): string | null {
  if (kind !== 'pulled') return null;
  const { verdict, minutes, endPa, breaks } = values as Told<'pulled'>; // cast: the schema of this kind
  const stood = endPa === null ? '' : `, ${Number(endPa.toPrecision(3))} Pa after ${Math.round(minutes)} min shut off`;
  const broken = breaks === 0 ? '' : breaks === 1 ? ', broken once with nitrogen before' : `, broken ${breaks} times with nitrogen before`;
  return `${PULL_VERDICT_WORDS[verdict]}${stood}${broken}`;
}
