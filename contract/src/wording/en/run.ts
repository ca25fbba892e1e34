import type { DryFit, EntryKind, RunPhase, RunStep } from '@kesto/core';

export const RUN_STEP_WORDS: Readonly<Record<RunStep, string>> = {
  fit: 'fit',
  wrap: 'wrap',
  open: 'open',
  flood: 'flood',
  braze: 'braze',
  cool: 'cool',
  look: 'look',
};

export const DRY_FIT_WORDS: Readonly<Record<DryFit, string>> = {
  right: 'slides, no play',
  tight: 'tight: ease it first',
  loose: 'loose: it wobbles',
};

/** What is done now, and the event that ends it, as the person sees it. */
export const RUN_PHASE_WORDS: Readonly<Record<RunPhase, { readonly title: string; readonly ends: string; readonly how: string }>> = {
  fit: {
    title: 'Fit it dry',
    ends: 'It is fitted',
    how: 'Cut square, deburred with the end down, wiped. Mark the depth, push it home, feel the gap all round.',
  },
  wrap: {
    title: 'Wrap what is near',
    ends: 'It is wrapped',
    how: 'Cores, bulbs and seals are out. Wet, snug round the part, clear of the joint.',
  },
  open: {
    title: 'Open the way out',
    ends: 'The way out is open',
    how: 'Ball fully open, core out. If nothing comes out, the tube fills like a balloon and blows the filler out.',
  },
  flood: {
    title: 'Flood, torch off',
    ends: 'Gas on: flooding',
    how: 'Set the flow meter, not the regulator’s gauge. Then time runs by itself.',
  },
  feel: { title: 'Flood, torch off', ends: 'I feel the gas', how: 'A wet finger or a film of soap at the way out: a cool, steady breath.' },
  flooding: {
    title: 'Flood, torch off',
    ends: 'Trickle set',
    how: 'Leave it running. Flux goes on in the last minutes, none on the first 3 mm.',
  },
  trickle: {
    title: 'Set the trickle',
    ends: 'Trickle set',
    how: 'Down to the trickle: more would cool the joint and blow into the filler.',
  },
  light: {
    title: 'Ready to light',
    ends: 'Lighting',
    how: 'The phone lies 1 m off, not under the joint. Nothing is to be tapped while it burns.',
  },
  burning: { title: 'Braze, torch lit', ends: 'Flame off', how: 'Go by the flux and the rod, not by the clock.' },
  used: {
    title: 'Hold still',
    ends: 'Keep what went in',
    how: 'Nothing moves for half a minute. Then what went in: as planned, or what differed.',
  },
  nitrogen: {
    title: 'Cooling, gas on',
    ends: 'Nitrogen off',
    how: 'Let the trickle run until it is under 200 °C, or move on to the next joint.',
  },
  cooling: { title: 'Cooling', ends: 'It is cool', how: 'Do not touch it before. Then wash the flux off with warm water and a brush.' },
  look: { title: 'Look all round', ends: 'Look at it', how: 'Front and back, with the mirror.' },
};

/** Nitrogen stopped too soon. */
export const PURGE_CUT_SHORT =
  'Nitrogen was off before the joint was under 200 °C: scale may have formed inside. Kept as a flaw of this joint.';
/** Said once, before the first flood. */
export const NO_ALARM_ASLEEP = 'While this phone sleeps it sounds no alarm: it is kept awake here. Times go on either way.';

const lpm = (value: unknown) => (typeof value === 'number' ? `${Number(value.toPrecision(2))} L/min` : '');

/** What an entry of a run says, beside its kind; null for other kinds. */
export function runEntryText(kind: EntryKind, values: Readonly<Record<string, unknown>>): string | null {
  switch (kind) {
    case 'dry-fit':
      return `${DRY_FIT_WORDS[values['gap'] as DryFit]}${typeof values['depthMm'] === 'number' ? `, ${values['depthMm']} mm in the cup` : ''}`; // cast: the schema of this kind
    case 'wrapped':
      return String(values['protection'] ?? '');
    case 'outlet-open':
      return values['felt'] === true ? 'gas felt there' : '';
    case 'flooding-began':
      return lpm(values['lpm']);
    case 'trickle-set':
      return [lpm(values['lpm']), values['reason'] ? `sooner than planned: ${String(values['reason'])}` : ''].filter(Boolean).join(', ');
    case 'lit':
      return String(values['filler'] ?? '');
    case 'flowed':
      return `after ${String(values['seconds'])} s, ${values['how'] === 'live' ? 'tapped as it flowed' : 'told afterwards'}`;
    case 'flame-off':
    case 'took-over':
      return '';
    default:
      return null;
  }
}
