import type { Captive, DryFit, TwoPeopleWhy, EntryKind, RunPhase, RunStep } from '@kesto/core';

export const RUN_STEP_WORDS: Readonly<Record<RunStep, string>> = {
  fit: 'fit',
  wrap: 'wrap',
  open: 'open',
  flood: 'flood',
  braze: 'braze',
  cool: 'cool',
  look: 'look',
};

/** What has to be on the tube first. */
export const CAPTIVE_WORDS: Readonly<Record<Captive, string>> = {
  insulation: 'insulation, pushed well back',
  'wall-sleeve': 'sleeve of the wall',
  'flare-nut': 'nut of the flare',
  panel: 'panel, grommet or clamp of the machine',
};
const captiveList = (kinds: unknown) => (kinds as readonly Captive[]).map((kind) => CAPTIVE_WORDS[kind]).join(', '); // cast: the schema of this kind

export const DRY_FIT_WORDS: Readonly<Record<DryFit, string>> = {
  right: 'slides, no play',
  tight: 'tight: ease it first',
  loose: 'loose: it wobbles',
};

/** What is done now, and the event that ends it, as the person sees it. */
export const RUN_PHASE_WORDS: Readonly<Record<RunPhase, { readonly title: string; readonly ends: string; readonly how: string }>> = {
  thread: {
    title: 'Before you close it',
    ends: 'So it is',
    how: 'Once the joint is made these go on no more. Tick what is on the tube; what there is none of here is left.',
  },
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

/** Why each step is as it is: for whoever learns it. */
export const RUN_PHASE_WHYS: Readonly<Record<RunPhase, string>> = {
  thread: 'A sleeve or nut that was forgotten means cutting a good joint out again.',
  fit: 'Filler is drawn in by a narrow gap and by nothing else. Too wide, it runs out; too tight, it does not get in; a burr or a dent shuts it off.',
  wrap: 'Heat runs along copper faster than the joint takes it up. Water boils at 100 °C and takes it away, as long as it is wet.',
  open: 'Gas that cannot leave builds up pressure under the melted filler and blows a hole through it.',
  flood: 'Air in the tube makes black scale inside at brazing heat. It comes off later and blocks the drier, the valve and the oil.',
  feel: 'A gauge or a meter shows that gas goes in. Only your finger at the far end shows that it passes the joint.',
  flooding: 'Each volume of gas leaves about a third of the air behind: it takes five of them to get down to a thousandth.',
  trickle: 'The air is out. A trickle keeps it out; more would cool the tube and push at the filler.',
  light: 'Heat the tube first, then the cup. Filler follows the heat: it goes where the metal is hottest.',
  burning: 'The rod melts on the metal, not in the flame. If it balls up, the metal is too cold.',
  used: 'Filler that is still pasty cracks when it is moved. The record is for whoever opens this joint in ten years.',
  nitrogen: 'Copper goes on scaling inside until it is under 200 °C.',
  cooling: 'Quenched brass and steel crack beside the joint. Flux that is left eats the tube and hides a leak.',
  look: 'A joint nobody saw from behind is not known to be closed.',
};

const TWO_PEOPLE_WHYS: Readonly<Record<TwoPeopleWhy, string>> = {
  'below-ground': 'the room is sealed or below ground',
  'carbon-dioxide': 'carbon dioxide takes the breath before anybody notices',
  ammonia: 'ammonia',
  'burns-easily': 'the refrigerant burns easily',
  large: 'so large a tube is not heated evenly by one',
};
/** Why nobody makes it alone. */
export const twoPeopleText = (whys: readonly TwoPeopleWhy[]): string =>
  `Nobody makes this alone: ${whys.map((why) => TWO_PEOPLE_WHYS[why]).join('; ')}. Who stands by? The local rule counts first.`;

/** What a reading of oxygen means for the flood. */
export const OXYGEN_SAYS: Readonly<Record<'reached' | 'cannot-show' | 'above', (percent: number, target: number) => string>> = {
  reached: (percent, target) => `${percent} % read: at the ${target} % that is wanted. The flood is over.`,
  'cannot-show': (percent, target) =>
    `${percent} % read, but its least step is too coarse to show ${target} %: the flood goes on for its time besides.`,
  above: (percent, target) => `${percent} % read: not at ${target} % yet. Leave it running.`,
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
    case 'threaded-on':
      return [captiveList(values['on']), captiveList(values['none']) && `none here: ${captiveList(values['none'])}`]
        .filter(Boolean)
        .join('; ');
    case 'oxygen-read':
      return `${String(values['percent'])} % at the way out, in steps of ${String(values['stepPercent'])} %${values['instrument'] ? `, ${String(values['instrument'])}` : ''}`;
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
      return `${String(values['filler'] ?? '')}${values['second'] ? `, ${String(values['second'])} stood by` : ''}`;
    case 'flowed':
      return `after ${String(values['seconds'])} s, ${values['how'] === 'live' ? 'tapped as it flowed' : 'told afterwards'}`;
    case 'flame-off':
    case 'took-over':
      return '';
    default:
      return null;
  }
}
