import type { FillerReasonCode, FluxChoice, FluxClass, Reason } from '@kesto/core';
import { num, str, type Show, type Values } from './show';

type Sentence = (values: Values | undefined, show: Show) => string;

const metalName = (v: Values | undefined) => str(v, 'metal').replaceAll('-', ' ');
/** How much room is left, as two temperatures a person can compare. */
const flowsBelow = (v: Values | undefined, s: Show) =>
  `fully liquid at ${s.celsius(num(v, 'liquidusC'))}, below where ${metalName(v)} starts to melt (${s.celsius(num(v, 'liquidusC') + num(v, 'belowK'))})`;

const SENTENCES: Readonly<Record<FillerReasonCode, Sentence>> = {
  cadmium: () => 'contains cadmium: its fume can kill; cannot be chosen',
  'old-cadmium': () => 'the old joint contains cadmium: not to be heated again',
  ammonia: () => 'contains copper: ammonia eats it',
  'ammonia-zinc': () => 'contains zinc: ammonia eats it',
  galvanised: () => 'zinc coating: no wetting, zinc fume; strip it to bright steel first',
  'soft-solder': () => 'old solder makes it brittle: cut back past all tinned metal or change the part',
  phosphide: () => 'phosphorus makes a brittle layer on iron and nickel: the joint cracks',
  'aluminium-bronze': () => 'phosphorus does not hold on aluminium bronze',
  'wets-steel': (v, s) => `holds on steel with flux; fully liquid at ${s.celsius(num(v, 'liquidusC'))}`,
  'needs-more-heat': (v) => `only ${num(v, 'silverPercent')} % silver: needs more heat on steel`,
  'nickel-bearing': () => 'its nickel keeps stainless from corroding at the joint',
  'no-nickel': () => 'no nickel: stainless can corrode at the joint where it is wet',
  'phosphorus-residue': () => 'phosphorus rod was on this steel: only on bright ground steel, with a written reason',
  'cut-back': () => 'the tube end carried phosphorus or an unknown rod: cut it off before it enters steel',
  'mixed-fillers': () => 'phosphorus over old silver filler makes a poor mix; flux is needed',
  'same-kind': () => 'silver over old silver filler: it mixes well, with flux',
  'self-fluxing': () => 'the rod fluxes itself on copper',
  'cooler-with-flux': (v, s) => `needs flux; for a joint that must stay cooler, fully liquid at ${s.celsius(num(v, 'liquidusC'))}`,
  'wets-copper-alloy': () => 'holds on this copper alloy with flux',
  'flux-on-brass': (v, s) => `needs flux; ${flowsBelow(v, s)}`,
  'low-silver-on-brass': (v, s) => `little silver: sluggish on ${metalName(v)}; ${flowsBelow(v, s)}`,
  'zinc-loss': (v, s) => `${flowsBelow(v, s)}: little zinc is lost`,
  'base-melts': (v, s) =>
    `fully liquid at ${s.celsius(num(v, 'liquidusC'))}; ${metalName(v)} starts to melt at ${s.celsius(num(v, 'solidusC'))}`,
  'near-melting': (v, s) =>
    `fully liquid at ${s.celsius(num(v, 'liquidusC'))}, close to where ${metalName(v)} starts to melt (${s.celsius(num(v, 'solidusC'))})`,
  'cannot-reflow': (v, s) => `the old filler moves only at ${s.celsius(num(v, 'lowC'))}, more than this joint bears: cut the old joint off`,
  'below-reflow': (v, s) => `brazed colder than the old filler flows (${s.celsius(num(v, 'lowC'))}): take the old filler out instead`,
  'old-unknown': () => 'over an old filler that nobody knows: find out what it is, or cut it off, and write what you found',
  'read-makers-list': (v) =>
    str(v, 'typed') === 'yes' ? 'not on the list of the tube’s maker' : 'copper-iron: read the list of the tube’s maker first, and type it',
  'al-cu-eutectic': (_v, s) => `aluminium and copper melt together at ${s.celsius(548)}: mechanical joint or transition piece`,
  'al-exception': () => 'zinc-aluminium between copper and aluminium only as a written exception: it corrodes where it is wet',
  'no-practice': () => 'nobody brazes aluminium to this metal with a torch: use a transition piece',
  expert: () => 'flows just below where the part melts, with no colour to warn: expert work, better at the bench',
  'bench-only-skill': () => 'at the bench, with its own flux; flows just below where the part melts',
  'low-temperature-repair': () => 'low-temperature repair rod with its own flux; keep it dry afterwards',
  'aluminium-only': () => 'made for aluminium: no strength here',
  'hot-service': (v, s) => `weak in service above ${s.celsius(num(v, 'limitC'))}`,
  'low-ductility': (v) =>
    num(v, 'silverPercent') >= 15
      ? `${num(v, 'phosphorusPercent')} % phosphorus: brittle under movement or cold`
      : `${num(v, 'silverPercent') === 0 ? 'no' : 'too little'} silver: cracks under movement or cold`,
  'ductile-enough': (v) => `${num(v, 'silverPercent')} % silver: bears some movement and cold`,
  ductile: () => 'stays tough under movement and cold',
  'runs-through': (v, s) => `fills up to ${s.gap(num(v, 'mostMm'))} each side: runs through ${s.gap(num(v, 'gapMm'))}`,
  'bridges-gap': (v, s) => `stays pasty: bridges ${s.gap(num(v, 'gapMm'))} each side`,
  sulphur: () => 'sulphur near by attacks phosphorus filler',
};

export const fillerReasonText = (reason: Reason, show: Show): string => SENTENCES[reason.code](reason.values, show);

const FLUX: Readonly<Record<FluxChoice['reason'], string>> = {
  'self-fluxing': 'No flux: the rod fluxes itself on copper.',
  'old-silver': 'White flux, thin, on the tube only: old silver filler does not flow without it.',
  'silver-needs-flux': 'White flux, thin, on the tube only: silver filler does not wet without it.',
  'copper-alloy': 'White flux, thin, on the tube only: the zinc or tin in the alloy needs it, whatever the filler.',
  steel: 'White flux, thin, on the tube only: steel does not wet without it.',
  stainless: 'Black high-temperature flux: the chromium oxide needs it.',
  'aluminium-bronze': 'Flux for aluminium bronze: the white one does not lift its oxide.',
  aluminium: 'Fluoride flux that does not corrode (FL20), never chloride: it cannot be washed out of a line.',
  'zinc-aluminium': 'Caesium flux of the zinc-aluminium rod.',
  'all-forbidden': 'No filler may be used here, so no flux is named.',
};

/** What stands on the jar beside the class, as people ask for it. */
export const FLUX_LOOKS: Readonly<Record<FluxClass, string>> = {
  'FB3-A': 'white paste',
  'FB3-C': 'black paste',
  'FB3-D': 'white paste, high heat',
  'FB4-A': 'paste for aluminium bronze',
  FL20: 'fluoride powder for aluminium',
  'Cs-Al-F': 'caesium flux for aluminium',
};

export function fluxText(flux: FluxChoice): string {
  return flux.raised
    ? `${FLUX[flux.reason]} The usual class burns out before this filler flows: ${flux.class ?? ''} instead.`
    : FLUX[flux.reason];
}
