import type { Caution, CautionCode, InspectCode, InspectionPoint, Measure, StrengthBasis } from '@kesto/core';
import { num, partName, str, type Show, type Values } from './show';

type Sentence = (values: Values | undefined, show: Show) => string;

const kind = (v: Values | undefined) => partName(str(v, 'kind'));

/** What is done about a part, each as its own short order. */
const MEASURES: Readonly<Record<Measure, (show: Show) => string>> = {
  none: () => 'Nothing more is needed.',
  'take-out': () => 'Take it out, refit it cold.',
  'take-off': () => 'Take it off if its maker allows, else wrap it.',
  'wet-cloth': () => 'Wrap it in wet cloth.',
  putty: () => 'Pack heat putty round it.',
  paste: () => 'Cover it with heat paste.',
  'tie-away': () => 'Tie it away from the flame.',
  'one-heat': () => 'Make both joints in one heat, or the first with the higher filler.',
  'pull-back': (s) => `Pull it back ${s.length(0.3)}.`,
  shield: () => 'Put a heat shield between.',
  distance: () => 'Even so it gets too hot: move the joint away from it, or change the part.',
};

export const measureText = (measures: readonly Measure[], show: Show): string =>
  measures.map((measure) => MEASURES[measure](show)).join(' ');

/** How a part stands while it is heated. */
const STANDS: Readonly<Record<string, string>> = {
  valve: 'Shut-off valve: stem mid-way, a ball fully open, cap off, flame away from the body.',
  'expansion-valve': 'Expansion valve: what comes out of a take-apart one is out; flame away from the body.',
  'reversing-valve': 'Reversing valve: its slide is plastic. Wrap the body, flame away from it, one stub at a time.',
  solenoid: 'Solenoid valve: held open by a magnet or its coil, or its plunger out.',
  'check-valve': 'Check valve: its seat may be plastic. Wrap the body, flame away from it.',
};

const WEAKER: Readonly<Record<string, string>> = { male: 'the tube', female: 'the cup' };
const CODES: Readonly<Record<StrengthBasis, string>> = { asme: 'by ASME B31.5', en: 'by EN 14276', maker: 'by its maker', none: '' };
const basis = (v: Values | undefined) => CODES[str(v, 'basis') as StrengthBasis] ?? ''; // cast: written by core alone

const seconds = (v: Values | undefined) => `${num(v, 'seconds').toFixed(0)} s, ${num(v, 'guideSeconds').toFixed(0)} s is usual`;

const PURGE = {
  'core-in': () => 'Schrader core still in the outlet port: take it out, or gas backs up and blows the filler out.',
  throttled: (v, s) =>
    `A capillary (${s.gap(num(v, 'boreM') * 1000)} bore) is in the path and throttles the gas: purge each side of it on its own.`,
  dams: (v) => `A wide tube: dams each side of the joint save about ${num(v, 'savesL').toFixed(0)} L of nitrogen and the time to fill it.`,
  'joint-pressure-high': (v, s) =>
    `${s.smallPressure(num(v, 'pressurePa'))} behind the joint: it blows through the filler. Open the outlet wider.`,
  'joint-pressure-above-aim': (v, s) =>
    `${s.smallPressure(num(v, 'pressurePa'))} behind the joint; under ${s.smallPressure(250)} is better.`,
  'trickle-unknown': () => 'No bore known, so no trickle: type one.',
  'cylinder-low': (v) => `${num(v, 'leftPercent').toFixed(0)} % will be left in the nitrogen cylinder: bring a second one.`,
  'cylinder-short': (v, s) =>
    `Not enough gas for the pressure test: the cylinder ends at ${s.pressure(num(v, 'endPa'))}, the test needs ${s.pressure(num(v, 'wantedPa'))}.`,
  'oxygen-low': (v) =>
    `Oxygen in the room can fall to ${num(v, 'oxygenPercent').toFixed(1)} %. Under 19.5 % nobody may be in it: air it, or vent outside.`,
} satisfies Partial<Record<CautionCode, Sentence>>;

const BEFORE_THE_TORCH = {
  'zero-and-open': () => 'No flame before both sides are at zero gauge and open to air.',
  'acid-gas': (v) =>
    `Flame turns refrigerant into acid gas${str(v, 'chlorine') === 'yes' ? ', phosgene too' : ''}: air the place, get out if it stings.`,
  'oil-burns': () => 'Oil in the tube burns: wipe it out, keep the extinguisher at hand.',
  'hot-work': (v) => `Hot-work permit, extinguisher at hand, fire watch ${num(v, 'minutes')} min after (30 where the local rule says so).`,
  flammable: (v) =>
    `${str(v, 'refrigerant')} burns: recover, pull a vacuum, sweep with nitrogen, pull a vacuum, sweep again, open with a tube cutter, keep a detector for this refrigerant running.`,
  'mechanical-first': (v) => `${str(v, 'refrigerant')} burns easily: use a mechanical joint if you can.`,
  'process-tube': () => 'Never a flame on the process tube of a charged system.',
  asphyxiant: () => 'Carbon dioxide suffocates and poisons without a smell or a sting: measure CO2, not oxygen. 0.5 % at most; 4 % kills.',
  'dry-ice': (_v, s) =>
    `Let it down as vapour above ${s.pressure(4.2e5)}, wait, let it warm, and prove the vent open: a plug of dry ice reads zero while the section is full.`,
  'oxygen-oil': () =>
    'Oxygen: no oil or grease on its fittings; oxygen or compressed air never purges, tests or blows out. Flashback arrestors on, cylinders upright and outside a small room.',
  'heavy-gas': () => 'This fuel gas is heavier than air and gathers below ground: cylinder outside, hose checked, air moving low down.',
  'flux-fume': () => 'Fluoride fume from the flux: extraction or a mask in here, and wash your hands.',
  poisonous: (v) => `${str(v, 'refrigerant')} is poisonous: breathing protection at hand, nobody alone.`,
  'sprinkler-near': (v, s) =>
    `${kind(v).replace(/^./, (c) => c.toUpperCase())} ${s.length(num(v, 'distanceM'))} away: hot gas sets it off. Shield it, or have it put out of service by who may.`,
  'combustible-near': (v, s) =>
    `${kind(v).replace(/^./, (c) => c.toUpperCase())} ${s.length(num(v, 'distanceM'))} away can burn: cover or move it, fire watch after.`,
  'acetylene-pressure': (v, s) =>
    `Acetylene at ${s.pressure(num(v, 'gaugePa'))}: above ${s.pressure(num(v, 'limitPa'))} it can explode by itself. Turn it down now.`,
  'acetylene-draw': (v) =>
    `This tip draws ${num(v, 'm3PerH').toFixed(2)} m3/h; the cylinder gives ${num(v, 'mostM3PerH').toFixed(2)} m3/h without losing acetone. Use a bigger cylinder.`,
} satisfies Partial<Record<CautionCode, Sentence>>;

const FIT = {
  'gap-reject': (v, s) =>
    `Gap ${s.gap(num(v, 'hotMm'))} each side when hot: nothing fills over ${s.gap(0.25)}. Re-size or re-swage the end, or fit a coupling.`,
  'no-gap-hot': (v, s) =>
    `No gap left when hot (${s.gap(num(v, 'coldMm'))} each side cold): nothing can be drawn in. Sand the tube, or use a larger cup.`,
  crimp: (_v, s) => `Crimp the stub on the capillary first: ${s.gap(0.05)} to ${s.gap(0.13)} each side. No filler bridges an open stub.`,
  'capillary-end': (_v, s) =>
    `Score and snap the capillary, never a cutter. Into a drier: to the screen, then back ${s.length(0.008)}. Flux ${s.length(0.01)} back from its end.`,
  'gap-loose': (v, s) =>
    `Loose: ${s.gap(num(v, 'hotMm'))} each side when hot, at most ${s.gap(0.13)} is wanted. Re-swage the end, or use a rod that bridges.`,
  'too-tight': (v, s) =>
    `Tight: ${s.gap(num(v, 'hotMm'))} each side when hot. Sand the tube until it slides in; use a free-flowing rod; outer part hot first.`,
  'tight-for-flux': (v, s) => `${s.gap(num(v, 'hotMm'))} each side is tight for flux: thin flux, a free-flowing rod, outer part hot first.`,
  'shallow-cup': (v, s) =>
    `Cup ${s.gap(num(v, 'depthM') * 1000)} deep; ${s.gap(num(v, 'leastM') * 1000)} makes the joint as strong as the tube.`,
  'shallow-swage': (v, s) => `Swaged only ${s.length(num(v, 'depthM'))} deep: swage it ${s.length(num(v, 'leastM'))} or more.`,
  'check-depth': (v, s) => `A cup ${s.length(num(v, 'depthM'))} deep is unusual: measure it again.`,
  'expansion-assumed': () => 'Expansion of one metal is not tabled this hot: its last value is held.',
  'assumed-figures': (v) => `Taken from tables, not measured: ${str(v, 'figures').replaceAll('-', ' ')}.`,
} satisfies Partial<Record<CautionCode, Sentence>>;

const SENTENCES: Readonly<Record<CautionCode, Sentence>> = {
  ...PURGE,
  ...BEFORE_THE_TORCH,
  ...FIT,
  'compressor-holds': () =>
    'Nothing can be shut between work and compressor: only its valves hold the charge back. No torch on that side; recover before brazing.',
  'liquid-lock': (v) =>
    `Liquid shut in between two valves (${str(v, 'parts')}): it bursts what holds it when it warms. Open one of them, or let it out.`,
  'no-port': (v) => `No port on what is to be emptied: add one near ${str(v, 'part')}.`,
  'stop-above-zero': (v, s) =>
    `Stop the compressor between ${s.pressure(0)} and ${s.pressure(num(v, 'mostPa'))}, wait, and pump again if oil gives refrigerant back. Open nothing below zero.${str(v, 'compressor') === 'scroll' ? ' A scroll is never drawn below zero: its tips and windings burn.' : ''}`,
  'flammable-air': (v) =>
    `${str(v, 'refrigerant')} burns: air drawn in through a leak and compressed with it can burn inside. Look for low-side leaks first.`,
  'water-freezes': (v) =>
    `Water stands in ${str(v, 'parts')}: keep it moving or drain it, take vapour off slowly and stay above 0 °C saturation until the liquid is out, else it freezes and bursts.`,
  'no-filler': () => 'No rod on this list may be used here: join it another way, or change the part.',
  'weld-instead': () => 'Ammonia line: no brazing filler may be used. Weld it.',
  'soft-solder': () => 'Solder was here. Do not braze over it: cut back past all tinned metal, or change the part.',
  galvanised: () => 'Galvanised: strip the zinc to bright steel first. Zinc fume makes you ill.',
  'old-cadmium': () => 'Made with cadmium: do not heat it. Cut it out wide of the joint, with breathing protection.',
  'cut-back': () => 'This tube end carried phosphorus rod, or nobody knows what: cut it off before it goes into steel.',
  'phosphorus-residue': () =>
    'Phosphorus rod was on this steel. Change the part or move the joint to copper; else grind to bright steel and write why.',
  'al-cu-eutectic': (_v, s) => `Aluminium and copper melt together at ${s.celsius(548)}. Press, lock ring or transition piece first.`,
  'carbon-dioxide': (_v, s) => `Carbon dioxide stands at ${s.pressure(66e5)} at ${s.celsius(27)}: only the maker’s rating counts. Type it.`,
  'plated-steel': () => 'Copper-plated steel is steel: the plating is gone in seconds. Silver rod and flux, never phosphorus.',
  'old-unknown': () =>
    'Old filler unknown: it may hold cadmium, and heating it is what fumes. Find out, or cut it off beyond the old filler. No dry grinding; extraction or breathing protection where it is heated all the same.',
  'makers-filler-list': () => 'Copper-iron tube: use the rod its maker lists.',
  'rating-needed': () => 'Copper-iron tube is judged by its maker’s rating alone: type it.',
  'strength-short': (v, s) =>
    `Once brazed, ${WEAKER[str(v, 'member')] ?? 'this joint'} is rated ${s.pressure(num(v, 'allowablePa'))} ${basis(v)}; this side is designed for ${s.pressure(num(v, 'designPa'))}: use heavier wall.`,
  'wall-assumed': (v, s) =>
    str(v, 'typeIt') === 'yes'
      ? `The cup’s wall is not known and decides here: type it. With the tube’s own it would bear ${s.pressure(num(v, 'cupPa'))}.`
      : `The cup’s wall is not known: with the tube’s own it bears ${s.pressure(num(v, 'cupPa'))} once brazed. An ordinary cup may be thinner.`,
  'member-not-judged': (v) =>
    `No table here has the strength of ${str(v, 'metal').replaceAll('-', ' ')}: the other member counts; its maker’s figure is asked for.`,
  'strength-unknown': () => 'Strength not judged: no design pressure, or no rating for this metal.',
  'max-temp-assumed': () => 'Hottest metal in service not given: the usual one for this side is taken.',
  'test-above-rating': (v, s) => `Test at ${s.pressure(num(v, 'testPa'))} is above what side or tube is rated for: ask for the plate.`,
  'test-too-high': (v, s) => `Test at ${s.pressure(num(v, 'testPa'))} is too high for this side and tube: go lower.`,
  'hold-too-low': (v, s) =>
    `Something here may see no more than ${s.pressure(num(v, 'capPa'))}: split the section, or take that part off. Under ${s.pressure(num(v, 'leastPa'))} nothing is held.`,
  'keep-away': (v, s) =>
    `Stand ${s.distance(num(v, 'distanceM'))} off while it rises and for 10 min at the last step; nobody in line with caps, ends or glasses. The boiler code's own least is ${s.distance(30)}.`,
  'limit-unknown': (v) => `Nobody typed what these may see, so the low side's limit counts for them: ${str(v, 'parts')}.`,
  'equalise-first': (v) =>
    `Equal pressure on both sides first (${str(v, 'parts')}): the gas would push a compressor or a valve the wrong way.`,
  'high-side-alone': () => 'Above the low side’s limit: right only while every valve towards the low side stays shut. Watch its gauge.',
  'plate-unread': () => 'No plate read: limits are the refrigerant’s usual design pressures, rounded down. The plate rules.',
  'water-side-open': (v) => `Water side of ${str(v, 'parts')}: shut off, drained and open, and looked at. A leak inside shows there.`,
  'sure-thermometer': () =>
    'One thermometer on one pipe is hardly surer than 0.3 K, a clamp 0.7 K: with a figure this small a warm day looks like a leak, or hides one.',
  'compressor-in-vacuum': () =>
    'The compressor stays locked off until it stands above 0 gauge: in a vacuum its windings arc, it is not cooled, it gets no oil.',
  'no-insulation-test': () =>
    'No insulation tester on its terminals in a vacuum: it flashes over at tens of volts. Measure before, or after charging.',
  'winding-heat': () =>
    'No crankcase heating through the windings, nothing that sends current through the motor. A belt or immersion heater may be on, and helps.',
  'gauge-off': () => 'Vacuum gauge off or shut before any pressure; opened again, see it move.',
  'pump-suck-back': () =>
    'A pump left alone needs a non-return valve: a power cut draws its oil and air in. After a gap in the readings with a jump, begin the rise anew.',
  'flammable-exhaust': () => 'It burns: a pump made for it, its outlet led outdoors, switched on and off away from the outlet.',
  'nitrogen-break': () => 'Before nitrogen: the pump is shut off first, the regulator stands at 0 to 14 kPag.',
  'gauge-place': () => 'A gauge on the rig or the pump sees the pump, not the circuit: put it on a port away from the pump, its core out.',
  'does-not-move': () => 'The gauge shows the same to the last digit: open its valve, tap it, look whether it moves.',
  'over-max-charge': (v, s) =>
    `${s.mass(num(v, 'targetKg'))} is more than the greatest charge on its plate, ${s.mass(num(v, 'maxKg'))}: do not charge it.`,
  'before-start': () =>
    'Before the first start: valves open, discharge first; caps on; high-pressure switch set back, bridges out; crankcase heater on for its hours; water flow proven; rotation on three phases; panels on; someone at the switch.',
  oil: (v, s) =>
    v && 'lengthM' in v
      ? `${s.length(num(v, 'lengthM'))} of line needs the maker’s oil: ask how much, never guess it.`
      : v && 'kg' in v
        ? `Add ${s.mass(num(v, 'kg'))} of the maker’s oil for the long line.`
        : 'Oil of one kind only; a new compressor’s own is weighed against what came out.',
  'check-maker': () => 'Lines shorter than the plate covers: less was reckoned. Some makers take nothing off: look at theirs.',
  'not-enough': (v, s) => `${s.mass(num(v, 'inThemKg'))} is in the cylinders, ${s.mass(num(v, 'leftKg'))} still to go in: fetch more.`,
  'gross-and-tare': () => 'Gross and tare were taken as the scale before and after.',
  'critical-charge': () =>
    'A charge this small is weighed in and never trimmed: scale to 1 g under 500 g, hose content counted back, no gauges on afterwards.',
  'room-charge': (v, s) =>
    `Longer lines add charge that burns: up to ${s.mass(num(v, 'freeKg'))} is free of the room’s size, above it the maker’s sheet and the local code say how large the room must be.`,
  'charge-anew': () => 'Much of it leaked as gas, so what is left is another mixture: recover it, charge anew by weight as liquid.',
  'over-filled': () => 'The cylinder that receives holds more than 80 %: it can burst when it warms. Into another one, now.',
  'own-cylinder': () => 'This refrigerant needs a high-pressure cylinder of its own, filled by its stamped ratio.',
  'cylinder-class': (v, s) => `Its cylinder has to be stamped for ${s.pressure(num(v, 'gaugePa'))} at least.`,
  'gross-leaks-only': () => 'This hold finds gross leaks; the soap proves the joints.',
  floodback: () => 'Liquid goes back to the compressor: stop adding, look at load, air, bulb and fan before it runs on.',
  'hot-discharge': (v, s) =>
    `Discharge above ${s.celsius(num(v, 'limitC'))}: oil breaks down. Stop and find why; the high-pressure switch is never bridged, never reset more than once without a cause.`,
  'front-passing': () => 'A weather front that passes moves this gauge by 2 kPa: read a barometer at start and end.',
  'cannot-reach': (v) =>
    str(v, 'wrap') === 'yes'
      ? 'The wrap is too near and takes the heat: move the wrap.'
      : `${num(v, 'netPowerW').toFixed(0)} W reach the joint, ${num(v, 'lossW').toFixed(0)} W run off along the tubes: this torch never gets there.`,
  'fuel-too-weak': (v) => `No usual tip for ${str(v, 'fuel')} heats this in time: use a stronger fuel.`,
  'under-torched': (v) => `${seconds(v)}: scale grows and the flux is spent. Use a bigger tip.`,
  'over-torched': (v) => `${seconds(v)}: easy to overheat. Use a smaller tip.`,
  'two-torches': () =>
    'Over 2-1/8 in: one multi-flame tip (preheat all round, fill in overlapping sectors from the bottom), or two torches opposite each other.',
  'torch-assumed': (v) => `Tip not given: ${(num(v, 'powerW') / 1000).toFixed(1)} kW taken.`,
  'small-flame': () => 'Tight place: smaller tip, shield behind the joint, mirror for the back.',
  overhead: () => 'Overhead: feed from below on the far side first, small rod, keep it moving.',
  'cup-down': () => 'The cup opens downwards: heat above its mouth, feed little at the mouth, keep the gap tight.',
  'cup-up': () => 'The cup opens upwards: flux and rod run in by themselves. Do not flood it.',
  frost: () => 'Cold: drive off frost and dew before fluxing. Cylinders of LPG and acetylene give half; a wet wrap freezes.',
  wind: () => 'Wind: put up a screen, and cap the open end: it loses its nitrogen.',
  reflow: (v, s) => `Brazed before: the old filler moves only at ${s.celsius(num(v, 'lowC'))}. Add fresh rod; not more than twice.`,
  'aluminium-no-colour': () => 'Aluminium shows no colour before it melts: watch the flux.',
  'zinc-fume': () => 'White smoke is zinc: too hot. Flame away, air the place.',
  'flux-inside': (v, s) =>
    `Flux on the tube only, thin, ${s.length(num(v, 'backM'))} back from its end.${str(v, 'washes') === 'no' ? '' : ' Wash it off before the leak test: it hides leaks.'}`,
  'high-temperature-flux': (v) => `White flux burns out before this rod is done: use ${str(v, 'class')}.`,
  'flux-range': (v) => `${str(v, 'class')} does not stay active over all this rod needs.`,
  'part-too-hot': (v, s) =>
    `${kind(v).replace(/^./, (c) => c.toUpperCase())} at ${s.length(num(v, 'distanceM'))} gets to ${s.celsius(num(v, 'peakC'))}; ${s.celsius(num(v, 'limitC'))} is allowed. ${measureText(str(v, 'measures').split(' ') as Measure[], s)}`, // cast: joined by core alone
  'part-stands': (v) => STANDS[str(v, 'kind')] ?? '',
  'part-water': (v, s) => `Keep the wrap on the ${kind(v)} wet for ${s.duration(num(v, 'untilS'))} from lighting up.`,
  'wrap-on-joint': (v) => `The wrap for the ${kind(v)} lies on the joint: move it clear of the cup.`,
  'wrap-misses': (v) => `The wrap does not cover the ${kind(v)}.`,
  'no-purge': () => 'No nitrogen planned: black scale will grow inside.',
};

export const cautionText = (caution: Pick<Caution, 'code' | 'values'>, show: Show): string => SENTENCES[caution.code](caution.values, show);

const INSPECT: Readonly<Record<InspectCode, Sentence>> = {
  'flux-washed': () => 'No flux left: wash with hot water, look again, only then test for leaks.',
  'fillet-all-round': () => 'Fillet closed all the way round; mirror for the back.',
  'no-crack-or-pinhole': () => 'No crack, pinhole or hole open to the surface.',
  'insertion-mark': (v, s) =>
    `Insertion mark within ${s.length(num(v, 'withinMm') / 1000)} of the cup: ${s.length(num(v, 'depthM'))} went in.`,
  'interface-on-steel': () => 'No line or flaking where filler meets steel.',
  'not-overheated': () => 'No sag, orange peel, white bloom or melted edge.',
  'loose-gap-fill': () => 'Loose fit: filler level with the cup all round, not sunk.',
  'bore-clear': () => 'Bore clear: blow through, nothing ran inside.',
  'refit-removed': () => 'Cores and parts taken off are back on, cold, with caps and seals.',
};

export const inspectText = (point: InspectionPoint, show: Show): string => INSPECT[point.code](point.values, show);
