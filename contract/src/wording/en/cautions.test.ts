import type { Caution, CautionCode, InspectionPoint } from '@kesto/core';
import { cautionText, inspectText, measureText } from './cautions';
import { METRIC_SHOW } from './show';

type Values = NonNullable<Caution['values']>;
const says = (code: CautionCode, values: Values = {}) => cautionText({ code, values }, METRIC_SHOW);

/** Figure in, whole sentence out; each by hand. Cautions without a figure are kept with the golden joints. */
test.each<[CautionCode, Values, string]>([
  ['core-in', {}, 'Schrader core still in the outlet port: take it out, or gas backs up and blows the filler out.'],
  ['throttled', { boreM: 0.0011 }, 'A capillary (1.10 mm bore) is in the path and throttles the gas: purge each side of it on its own.'],
  ['joint-pressure-high', { pressurePa: 900 }, '9.0 mbar behind the joint: it blows through the filler. Open the outlet wider.'],
  ['joint-pressure-above-aim', { pressurePa: 400 }, '4.0 mbar behind the joint; under 2.5 mbar is better.'],
  ['trickle-unknown', {}, 'No bore known, so no trickle: type one.'],
  ['cylinder-low', { leftPercent: 8.6 }, '9 % will be left in the nitrogen cylinder: bring a second one.'],
  [
    'oxygen-low',
    { oxygenPercent: 18.04 },
    'Oxygen in the room can fall to 18.0 %. Under 19.5 % nobody may be in it: air it, or vent outside.',
  ],
  ['acid-gas', { chlorine: 'yes' }, 'Flame turns refrigerant into acid gas, phosgene too: air the place, get out if it stings.'],
  ['acid-gas', {}, 'Flame turns refrigerant into acid gas: air the place, get out if it stings.'],
  ['hot-work', { minutes: 60 }, 'Hot-work permit, extinguisher at hand, fire watch 60 min after (30 where the local rule says so).'],
  ['mechanical-first', { refrigerant: 'R-290' }, 'R-290 burns easily: use a mechanical joint if you can.'],
  ['poisonous', { refrigerant: 'R-717' }, 'R-717 is poisonous: breathing protection at hand, nobody alone.'],
  ['process-tube', {}, 'Never a flame on the process tube of a charged system.'],
  ['oil-burns', {}, 'Oil in the tube burns: wipe it out, keep the extinguisher at hand.'],
  [
    'sprinkler-near',
    { kind: 'sprinkler', distanceM: 0.4 },
    'Sprinkler head 400 mm away: hot gas sets it off. Shield it, or have it put out of service by who may.',
  ],
  ['combustible-near', { kind: 'wood', distanceM: 0.25 }, 'Wood 250 mm away can burn: cover or move it, fire watch after.'],
  [
    'acetylene-draw',
    { m3PerH: 0.314, mostM3PerH: 0.2 },
    'This tip draws 0.31 m3/h; the cylinder gives 0.20 m3/h without losing acetone. Use a bigger cylinder.',
  ],
  [
    'no-gap-hot',
    { coldMm: 0.05 },
    'No gap left when hot (0.05 mm each side cold): nothing can be drawn in. Sand the tube, or use a larger cup.',
  ],
  [
    'too-tight',
    { hotMm: 0.01 },
    'Tight: 0.01 mm each side when hot. Sand the tube until it slides in; use a free-flowing rod; outer part hot first.',
  ],
  ['tight-for-flux', { hotMm: 0.03 }, '0.03 mm each side is tight for flux: thin flux, a free-flowing rod, outer part hot first.'],
  [
    'gap-loose',
    { hotMm: 0.17 },
    'Loose: 0.17 mm each side when hot, at most 0.13 mm is wanted. Re-swage the end, or use a rod that bridges.',
  ],
  [
    'gap-reject',
    { hotMm: 0.31 },
    'Gap 0.31 mm each side when hot: nothing fills over 0.25 mm. Re-size or re-swage the end, or fit a coupling.',
  ],
  ['shallow-cup', { depthM: 0.0045, leastM: 0.0072 }, 'Cup 4.50 mm deep; 7.20 mm makes the joint as strong as the tube.'],
  ['shallow-swage', { depthM: 0.006, leastM: 0.009 }, 'Swaged only 6 mm deep: swage it 9 mm or more.'],
  ['check-depth', { depthM: 0.09 }, 'A cup 90 mm deep is unusual: measure it again.'],
  ['assumed-figures', { figures: 'wall-and-cup' }, 'Taken from tables, not measured: wall and cup.'],
  [
    'liquid-lock',
    { parts: 'a, b' },
    'Liquid shut in between two valves (a, b): it bursts what holds it when it warms. Open one of them, or let it out.',
  ],
  ['no-port', { part: 'drier' }, 'No port on what is to be emptied: add one near drier.'],
  ['cannot-reach', { wrap: 'yes' }, 'The wrap is too near and takes the heat: move the wrap.'],
  ['cannot-reach', { netPowerW: 410.4, lossW: 520 }, '410 W reach the joint, 520 W run off along the tubes: this torch never gets there.'],
  ['fuel-too-weak', { fuel: 'propane' }, 'No usual tip for propane heats this in time: use a stronger fuel.'],
  ['under-torched', { seconds: 181, guideSeconds: 90 }, '181 s, 90 s is usual: scale grows and the flux is spent. Use a bigger tip.'],
  ['over-torched', { seconds: 9, guideSeconds: 30 }, '9 s, 30 s is usual: easy to overheat. Use a smaller tip.'],
  ['torch-assumed', { powerW: 1650 }, 'Tip not given: 1.6 kW taken.'],
  ['flux-inside', { washes: 'no', backM: 0.003 }, 'Flux on the tube only, thin, 3 mm back from its end.'],
  [
    'flux-inside',
    { backM: 0.01 },
    'Flux on the tube only, thin, 10 mm back from its end. Wash it off before the leak test: it hides leaks.',
  ],
  ['high-temperature-flux', { class: 'FB3-D' }, 'White flux burns out before this rod is done: use FB3-D.'],
  ['flux-range', { class: 'FB3-A' }, 'FB3-A does not stay active over all this rod needs.'],
  [
    'part-too-hot',
    { kind: 'sight-glass', distanceM: 0.06, peakC: 152, limitC: 90, measures: 'putty distance' },
    'Sight glass at 60 mm gets to 152 °C; 90 °C is allowed. Pack heat putty round it. Even so it gets too hot: move the joint away from it, or change the part.',
  ],
  ['part-water', { kind: 'drier', untilS: 75 }, 'Keep the wrap on the drier wet for 75 s from lighting up.'],
  ['wrap-on-joint', { kind: 'valve' }, 'The wrap for the valve lies on the joint: move it clear of the cup.'],
  ['wrap-misses', { kind: 'valve' }, 'The wrap does not cover the valve.'],
  ['dams', { savesL: 412.4 }, 'A wide tube: dams each side of the joint save about 412 L of nitrogen and the time to fill it.'],
  [
    'dry-ice',
    {},
    'Let it down as vapour above 420 kPag, wait, let it warm, and prove the vent open: a plug of dry ice reads zero while the section is full.',
  ],
  [
    'stop-above-zero',
    { mostPa: 14_000, compressor: 'piston' },
    'Stop the compressor between 0 kPag and 14 kPag, wait, and pump again if oil gives refrigerant back. Open nothing below zero.',
  ],
  [
    'stop-above-zero',
    { mostPa: 14_000, compressor: 'scroll' },
    'Stop the compressor between 0 kPag and 14 kPag, wait, and pump again if oil gives refrigerant back. Open nothing below zero. A scroll is never drawn below zero: its tips and windings burn.',
  ],
  [
    'flammable-air',
    { refrigerant: 'R-32' },
    'R-32 burns: air drawn in through a leak and compressed with it can burn inside. Look for low-side leaks first.',
  ],
  [
    'water-freezes',
    { parts: 'chiller' },
    'Water stands in chiller: keep it moving or drain it, take vapour off slowly and stay above 0 °C saturation until the liquid is out, else it freezes and bursts.',
  ],
  [
    'hot-discharge',
    { limitC: 107 },
    'Discharge above 107 °C: oil breaks down. Stop and find why; the high-pressure switch is never bridged, never reset more than once without a cause.',
  ],
  ['part-stands', { kind: 'solenoid' }, 'Solenoid valve: held open by a magnet or its coil, or its plunger out.'],
  ['part-stands', { kind: 'check-valve' }, 'Check valve: its seat may be plastic. Wrap the body, flame away from it.'],
  ['reflow', { lowC: 780 }, 'Brazed before: the old filler moves only at 780 °C. Add fresh rod; not more than twice.'],
  ['al-cu-eutectic', {}, 'Aluminium and copper melt together at 548 °C. Press, lock ring or transition piece first.'],
])('%s %j', (code, values, sentence) => expect(says(code, values)).toBe(sentence));

test('pressures stand in the unit that is read', () => {
  expect(says('cylinder-short', { endPa: 2.1e6, wantedPa: 3e6 })).toMatch(/ends at 2100 kPag, the test needs 3000 kPag/);
});

test('each measure is a short order, one after another', () => {
  expect(measureText(['take-out', 'take-off', 'wet-cloth', 'paste', 'pull-back', 'shield', 'none'], METRIC_SHOW)).toBe(
    'Take it out, refit it cold. Take it off if its maker allows, else wrap it. Wrap it in wet cloth. Cover it with heat paste. Pull it back 300 mm. ' +
      'Put a heat shield between. Nothing more is needed.',
  );
});

test('what is looked at says its depth', () => {
  const point: InspectionPoint = { code: 'insertion-mark', values: { withinMm: 2, depthM: 0.019 } };
  expect(inspectText(point, METRIC_SHOW)).toBe('Insertion mark within 2 mm of the cup: 19 mm went in.');
});
