import type { FillerReasonCode, FluxChoice, Reason } from '@kesto/core';
import { num, type Show, type Values } from './show';

type Sentence = (values: Values | undefined, show: Show) => string;

const SENTENCES: Readonly<Record<FillerReasonCode, Sentence>> = {
  cadmium: () => 'holds cadmium: its fume can kill; cannot be chosen',
  ammonia: () => 'ammonia eats copper, and this filler holds copper',
  galvanised: () => 'zinc coating: no wetting and zinc fume; strip it to bright steel first',
  'soft-solder': () => 'old soft solder makes brittle, cracking layers: cut back past all tinned metal or change the part',
  phosphide: () => 'phosphorus makes a brittle layer on iron and nickel; the joint cracks',
  'aluminium-bronze': () => 'phosphorus filler does not hold on aluminium bronze',
  'wets-steel': (v, s) => `holds on steel with flux; flows at ${s.celsius(num(v, 'liquidusC'))}`,
  'needs-more-heat': (v) => `only ${num(v, 'silverPercent')} % silver: needs more heat on steel`,
  'nickel-bearing': () => 'its nickel keeps the stainless interface from corroding',
  'no-nickel': () => 'no nickel: the stainless interface can corrode where it is wet',
  'phosphorus-residue': () => 'phosphorus filler was on this steel: only after cleaning to bright steel, with a recorded reason',
  'cut-off-phosphorus': () => 'this tube end carried phosphorus filler: cut it off before it enters steel',
  'old-filler-unknown': () => 'brazed before with an unknown filler on steel: treat it as phosphorus until shown otherwise',
  'self-fluxing': () => 'makes its own flux on copper',
  'cooler-with-flux': (v, s) => `needs flux; use where the joint must stay cooler, flows at ${s.celsius(num(v, 'liquidusC'))}`,
  'wets-copper-alloy': () => 'holds on this copper alloy with flux',
  'flux-on-brass': (v, s) =>
    `needs flux on brass; liquid at ${s.celsius(num(v, 'liquidusC'))}, ${s.kelvin(num(v, 'belowK'))} left to the brass`,
  'low-silver-on-brass': (v, s) =>
    `little silver: stiff on brass and liquid only at ${s.celsius(num(v, 'liquidusC'))}, ${s.kelvin(num(v, 'belowK'))} left to the brass`,
  'zinc-loss': (v, s) => `flows at ${s.celsius(num(v, 'liquidusC'))}, ${s.kelvin(num(v, 'belowK'))} under the brass: little zinc is lost`,
  'base-melts': (v, s) =>
    `liquid at ${s.celsius(num(v, 'liquidusC'))}, where the base metal begins to melt (${s.celsius(num(v, 'solidusC'))})`,
  'al-cu-eutectic': (_v, s) => `aluminium and copper melt together at ${s.celsius(548)}: mechanical joint or transition piece`,
  'al-exception': () => 'zinc-aluminium on unlike metals only as a recorded exception: it corrodes where it is wet',
  expert: () => 'flows just under the melting of the part, with no colour to warn: expert work, better at the bench',
  'bench-only-skill': () => 'at the bench, with its own flux; flows just under the melting of the part',
  'low-temperature-repair': () => 'low-temperature repair rod, with its own flux; keep it dry afterwards',
  'aluminium-only': () => 'made for aluminium; no strength on this joint',
  'low-ductility': (v) => `${num(v, 'silverPercent') === 0 ? 'no' : 'too little'} silver: cracks under movement or cold`,
  'ductile-enough': (v) => `${num(v, 'silverPercent')} % silver: bears some movement and cold`,
  ductile: () => 'stays tough under movement and cold',
  'runs-through': (v, s) => `thin as water: runs through a gap of ${s.gap(num(v, 'gapMm'))}`,
  'bridges-gap': (v, s) => `stays pasty: bridges the gap of ${s.gap(num(v, 'gapMm'))}`,
  sulphur: () => 'sulphur in the surroundings attacks phosphorus filler',
};

export const fillerReasonText = (reason: Reason, show: Show): string => SENTENCES[reason.code](reason.values, show);

const FLUX: Readonly<Record<FluxChoice['reason'], string>> = {
  'self-fluxing': 'No flux: phosphorus cleans copper by itself.',
  'silver-needs-flux': 'White flux, thin, on the tube only: silver filler does not wet without it.',
  'copper-alloy': 'White flux, thin, on the tube only: the zinc or tin in the alloy needs it, whatever the filler.',
  steel: 'White flux, thin, on the tube only: steel does not wet without it.',
  stainless: 'Black high-temperature flux: the chromium oxide needs it.',
  'aluminium-bronze': 'Flux for aluminium bronze: the white one does not lift its oxide.',
  aluminium: 'Aluminium flux; wash all of it off, it corrodes.',
  'zinc-aluminium': 'Caesium flux of the zinc-aluminium rod.',
  'all-forbidden': 'No filler may be used here, so no flux is named.',
};

export function fluxText(flux: FluxChoice): string {
  return flux.raised
    ? `${FLUX[flux.reason]} The usual class burns out before this filler flows: ${flux.class ?? ''} instead.`
    : FLUX[flux.reason];
}
