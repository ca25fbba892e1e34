import { type Caution, type CautionCode, type InspectCode, type InspectionPoint, type PurgeCaution } from '@kesto/core';
import { num, str, type Show, type Values } from './show';

type Sentence = (values: Values | undefined, show: Show) => string;

const kind = (v: Values | undefined) => str(v, 'kind').replaceAll('-', ' ');

const MEASURES: Readonly<Record<string, string>> = {
  none: 'Nothing more is needed.',
  putty: 'Put putty round it.',
  paste: 'Cover it with heat paste.',
  'wet-cloth': 'Wrap it in a wet cloth.',
  remove: 'Take it off: no wrap keeps it cool enough here.',
};

const PURGE: Readonly<Record<PurgeCaution['code'], Sentence>> = {
  'core-in': () => 'The outlet’s core is in: take it out, or the gas backs up and blows the filler out.',
  'joint-pressure-high': (v) =>
    `${num(v, 'pressurePa').toFixed(0)} Pa stand at the joint while the gas trickles: over 1000 Pa it blows through the filler. Open the outlet wider.`,
  'joint-pressure-above-aim': (v) =>
    `${num(v, 'pressurePa').toFixed(0)} Pa stand at the joint while the gas trickles; under 250 Pa is better.`,
  'trickle-unknown': () => 'No bore is known, so no trickle is worked out: type one.',
  'cylinder-low': (v) => `${num(v, 'leftPercent').toFixed(0)} % will be left in the nitrogen cylinder. Bring a second one.`,
  'cylinder-short': (v, s) =>
    `The cylinder would end at ${s.pressure(num(v, 'endPa'))} and the hold needs ${s.pressure(num(v, 'wantedPa'))}: it cannot make the hold.`,
  'oxygen-low': (v) =>
    `Oxygen in the room can fall to ${num(v, 'oxygenPercent').toFixed(1)} %: under 19.5 % nobody may be in it. Open it, or lead the gas outside.`,
};

const SENTENCES: Readonly<Record<CautionCode, Sentence>> = {
  ...PURGE,
  'no-filler': () => 'No filler on this list may be used here. Join it another way, or change the part.',
  'soft-solder': () => 'Soft solder was here. Do not braze over it: cut back past all tinned metal, or change the part.',
  galvanised: () => 'Galvanised: strip the zinc to bright steel first. Zinc fume makes you ill.',
  'plated-steel': () => 'Copper-plated steel is steel: the plating is gone in seconds. Silver filler and flux, never phosphorus rod.',
  'phosphorus-residue': () =>
    'Phosphorus filler was on this steel. Change the part or move the joint to copper; else remove it and the layer under it to bright steel, and write why.',
  'cut-off-phosphorus': () => 'This tube end carried phosphorus filler. Cut it off before it goes into steel.',
  'old-filler-unknown': () => 'Brazed before, filler unknown, on steel. Find out which, or treat it as phosphorus.',
  'makers-filler-list': () => 'Copper-iron tube: use the filler its maker lists.',
  'carbon-dioxide': () =>
    'Carbon dioxide stands at 66 bar at 27 °C: ordinary copper ratings do not cover it. Follow the maker’s tube and joint list.',
  'flammable-refrigerant': (v) =>
    `${str(v, 'refrigerant')} burns. Recover, sweep with nitrogen, pull, sweep again, open by cutting cold; a detector runs until the flame is out.`,
  'aluminium-no-colour': () => 'Aluminium shows no colour before it melts. Go by the flux, not by the eye.',
  'zinc-fume': () => 'White smoke is zinc: too hot. Flame away, and air the place.',
  'flux-inside': () =>
    'Flux on the tube only, 2-3 mm back from its end, thin. Inside a line it cannot be washed out. Wash it off before the leak test: it hides leaks.',
  'high-temperature-flux': (v) => `White flux burns out before this filler is done: use ${str(v, 'class')}.`,
  'flux-range': (v) => `${str(v, 'class')} is not active over the whole range this filler needs.`,
  'gap-reject': (v, s) => `Gap ${s.gap(num(v, 'hotMm'))} when hot: over ${s.gap(0.25)} no filler fills it. Resize, swage anew, or sleeve.`,
  'gap-loose': (v, s) =>
    `Loose: ${s.gap(num(v, 'hotMm'))} when hot, ${s.gap(0.13)} is wanted. Squeeze or swage the cup, or use a filler that bridges.`,
  'gap-tight': (v, s) => `Tight: ${s.gap(num(v, 'hotMm'))} when hot. Polish the tube, take a thin filler, heat the outer part first.`,
  'gap-closes': (v, s) =>
    `The gap closes from ${s.gap(num(v, 'coldMm'))} to ${s.gap(num(v, 'hotMm'))} as the inner part grows more. Polish the tube, or heat the outer part first.`,
  'expansion-assumed': () => 'The expansion of one metal is tabled only to a lower temperature; its last value is held.',
  'shallow-cup': (v, s) =>
    `The cup is ${s.length(num(v, 'depthM'))} deep; the joint needs ${s.length(num(v, 'leastM'))} to be as strong as the tube.`,
  'assumed-figures': (v) => `Not given and taken from the tables: ${str(v, 'figures').replaceAll('-', ' ')}. Measure to be sure.`,
  'strength-short': (v, s) =>
    `Annealed by the heat this tube carries ${s.pressure(num(v, 'allowablePa'))}; the side needs ${s.pressure(num(v, 'designPa'))}. Take a thicker wall.`,
  'strength-unknown': () => 'Strength is not judged: the design pressure, or a stress table for this metal, is missing.',
  'max-temp-assumed': () => 'The hottest metal temperature was not given: a usual one for this side is taken.',
  'acetylene-pressure': (v, s) =>
    `Acetylene at ${s.pressure(num(v, 'gaugePa'))}: above ${s.pressure(num(v, 'limitPa'))} it can explode by itself. Turn it down now.`,
  'cannot-reach': (v) =>
    `${num(v, 'netPowerW').toFixed(0)} W reach the joint and ${num(v, 'lossW').toFixed(0)} W run off along the tubes: this torch never gets there.`,
  'under-torched': (v) =>
    `${num(v, 'seconds').toFixed(0)} s against a guide of ${num(v, 'guideSeconds').toFixed(0)} s: oxide grows and the flux is spent. Take a bigger tip.`,
  'over-torched': (v) =>
    `${num(v, 'seconds').toFixed(0)} s against a guide of ${num(v, 'guideSeconds').toFixed(0)} s: easy to overheat. Take a smaller tip.`,
  'two-torches': () => 'Above 2-1/8 in take two torches.',
  'torch-assumed': () => 'Tip assumed: the one of this fuel that comes nearest the guide time.',
  reflow: (v, s) =>
    `Brazed before: it must reach the old filler’s ${s.celsius(num(v, 'lowC'))} to move. Add fresh filler; not more than twice.`,
  'part-too-hot': (v, s) =>
    `The ${kind(v)} at ${s.length(num(v, 'distanceM'))} gets to ${s.celsius(num(v, 'peakC'))}; ${s.celsius(num(v, 'limitC'))} is allowed. ${MEASURES[str(v, 'measure')] ?? ''}`,
  'part-water': (v, s) =>
    `Keep the wrap on the ${kind(v)} wet until ${(num(v, 'untilS') / 60).toFixed(1)} min after lighting: it peaks late, at ${s.celsius(num(v, 'peakC'))}.`,
  'flame-near': (v, s) =>
    str(v, 'kind') === 'sprinkler'
      ? `A sprinkler head at ${s.length(num(v, 'distanceM'))}: hot gas opens it at ${s.celsius(num(v, 'limitC'))}. Shield it, with the owner’s leave and a fire watch.`
      : `${kind(v).replace(/^./, (c) => c.toUpperCase())} at ${s.length(num(v, 'distanceM'))} can burn: pull it back or shield it, extinguisher at hand, fire watch after.`,
  'no-purge': () => 'No nitrogen is planned: black scale will grow inside.',
};

export const cautionText = (caution: Pick<Caution, 'code' | 'values'>, show: Show): string => SENTENCES[caution.code](caution.values, show);

const INSPECT: Readonly<Record<InspectCode, Sentence>> = {
  'flux-washed': () => 'No flux left: wash with hot water, look again, only then test for leaks.',
  'fillet-all-round': () => 'Fillet closed all the way round; a mirror for the back.',
  'no-crack-or-pinhole': () => 'No crack, pinhole or hole open to the surface.',
  'insertion-mark': (v, s) => `Insertion mark within ${num(v, 'withinMm')} mm of the cup: ${s.length(num(v, 'depthM'))} went in.`,
  'interface-on-steel': () => 'No line or flaking where filler meets steel.',
  'not-overheated': () => 'No sag, orange peel, white bloom or melted edge.',
  'loose-gap-fill': () => 'Loose fit: filler level with the cup all round, not sunk.',
  'bore-clear': () => 'Bore clear: blow through, nothing ran inside.',
  'refit-removed': () => 'Cores and parts taken off are back on, cold, with caps and seals.',
};

export const inspectText = (point: InspectionPoint, show: Show): string => INSPECT[point.code](point.values, show);
