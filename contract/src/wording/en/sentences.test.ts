import { stagedKinds, type StageEntryKind, type StageFact, type StageValues } from '@kesto/core';
import { entryRemarks } from './entryRemarks';
import { stageFactText } from './stageEntries';

const name = (place: string) => `the ${place}`;
const says = <Kind extends StageEntryKind>(kind: Kind, values: StageValues[Kind]): string =>
  stageFactText({ kind, values } as unknown as StageFact, name); // cast: no more of a fact is read
const q = (value: number, unit: string) => ({ value, unit });
const at = (bar: number) => ({ pressure: q(bar, 'barg'), temperature: q(18, 'C') });
const hold = {
  parts: ['drier', 'valve'],
  volume: q(0.6, 'L'),
  minutes: 30,
  start: at(25),
  end: at(24.6),
  gauge: { resolution: q(1, 'kPa') },
};
const isolation = { work: ['drier'], runs: false, lowSideLeak: false, airInside: false, jointOpen: false };
const worked = { advised: 'pump-down', close: [], closeAfter: [], staysFull: [], engineVersion: '1' } as const;

/** Figures in, the whole sentence out: each by hand, for every kind there is. */
const SENTENCES: { readonly [Kind in StageEntryKind]: readonly (readonly [StageValues[Kind], string])[] } = {
  began: [[{}, '']],
  done: [[{}, '']],
  skipped: [[{ reason: 'known' }, 'known']],
  waiting: [[{ what: 'a yes', forWhom: 'the station' }, 'for the station: a yes']],
  reopened: [[{ why: 'short again' }, 'short again']],
  overruled: [
    [{ gate: 'torch', reason: 'open field' }, 'the torch stays locked – open field'],
    [{ gate: 'torch', points: ['extinguisher', 'watch'], reason: 'open field' }, 'extinguisher, fire watch – open field'],
  ],
  complaint: [[{ text: 'warm' }, 'warm']],
  loss: [[{ lostKg: 0.41, days: 61 }, '0.41 kg in 61 days']],
  readings: [[{ request: { refrigerant: 'R-410A', metering: 'valve' } as never }, 'R-410A']],
  sign: [
    [{ place: 'drier', sign: 'oily-dirt' }, 'the drier: oily dirt'],
    [{ place: 'drier', sign: 'oil', note: 'below' }, 'the drier: oil, below'],
  ],
  'checked-place': [[{ place: 'drier', method: 'soap', result: 'leak', gramsPerYear: 100, note: 'stem' }, 'the drier: soap, leak, stem']],
  'section-hold': [
    [
      { ...hold, temperatureUncertaintyK: 0.3, verdict: 'leaking', leakPaM3S: 0.01, smallestSeenPaM3S: 0.001, gramsPerYear: 200 },
      'the drier, the valve: leaking 0.01 Pa m³/s',
    ],
    [
      { ...hold, temperatureUncertaintyK: 0.3, verdict: 'tight', leakPaM3S: 0.01, smallestSeenPaM3S: 0.057, gramsPerYear: 20 },
      'the drier, the valve: tight down to 0.067 Pa m³/s',
    ],
    [
      { ...hold, temperatureUncertaintyK: 0.3, verdict: 'tight', leakPaM3S: -0.001, smallestSeenPaM3S: 0.0002, gramsPerYear: 0 },
      'the drier, the valve: tight down to 2.0 × 10^-4 Pa m³/s',
    ],
    [
      { ...hold, temperatureUncertaintyK: 0.3, verdict: 'cannot-tell', leakPaM3S: 0, smallestSeenPaM3S: 0.1, gramsPerYear: null },
      'the drier, the valve: cannot tell yet',
    ],
  ],
  'stopped-looking': [[{ reason: 'no way in' }, 'no way in']],
  isolation: [[{ ...isolation, ...worked, method: 'recover-all', reason: 'the valve lets by' }, 'recover all, the valve lets by']],
  joining: [[{ place: 'drier', method: 'braze', why: 'it shakes' }, 'the drier: braze in place, it shakes']],
  'also-opened': [
    [{ what: 'drier', place: 'drier', choice: 'yes' }, 'drier (the drier): yes'],
    [{ what: 'core', place: 'port', choice: 'declined', why: 'new' }, 'valve core (the port): left, new'],
  ],
  'price-held-until': [[{ check: 'both legs' }, 'both legs']],
  'price-check': [
    [{ of: 'both legs', found: 'sound' }, 'both legs: sound'],
    [{ of: 'old-filler', found: 'silver' }, 'what filler the old joints hold: silver'],
  ],
  approval: [[{ by: 'the station', how: 'phone', for: 'all of it', amount: '400' }, 'the station, by phone: all of it, 400']],
  worth: [
    [
      { ageYears: 14, inWarranty: false, repair: 900, replacement: 1000, decided: 'replace', earlierFinds: 2, advice: 'replace' },
      'replace, 14 years old, 900 against 1000',
    ],
  ],
  'refrigerant-fate': [[{ fate: 'reuse', why: 'clean' }, 'reuse it, clean']],
  'locked-off': [
    [{ keyHolder: 'Ilta Varro' }, 'key with Ilta Varro'],
    [{ keyHolder: 'Ilta Varro', dead: true }, 'tried to start: dead, key with Ilta Varro'],
  ],
  'before-picture': [[{ of: 'wiring' }, 'wiring']],
  // 16.95 - 12.1: what is in the cylinder, never what the scale shows with it.
  recovered: [
    [{ tareKg: 12.1, grossKg: 16.95, minutes: 41 }, '4.85 kg in 41 min'],
    [{ tareKg: 12.1, beforeKg: 14, grossKg: 16.95, minutes: 41 }, '2.95 kg in 41 min'],
    [{ tareKg: 12.1, grossKg: 13.1, minutes: 5, holds: 'another' }, '1.00 kg in 5 min, into a cylinder that held something else'],
  ],
  'zero-and-open': [
    [{}, 'both sides at zero, open to air'],
    [{ note: 'core out' }, 'core out'],
    [{ sides: ['high', 'low'], note: 'cores out' }, 'high side, low side at zero, open to air, cores out'],
    [{ sides: ['section'] }, 'the emptied section at zero, open to air'],
  ],
  'held-back': [
    [
      { what: 'liquid valve', capped: true, reads: { value: 9, unit: 'barg' }, steady: true },
      'liquid valve, stem capped, its gauge 9 barg, steady',
    ],
    [
      { what: 'liquid valve', capped: false, reads: { value: 9, unit: 'barg' }, steady: false },
      'liquid valve, not capped, its gauge 9 barg, not steady: it leaks through',
    ],
  ],
  'back-in-service': [[{ point: 'detectors', by: 'the keeper' }, 'detectors of the whole room, by the keeper']],
  'hot-work': [
    [{ point: 'oxygen', answer: 'done', oxygenPercent: 20.8, note: 'fan' }, 'air to breathe: done, 20.8 % oxygen, fan'],
    [{ point: 'sprinklers', answer: 'none-here' }, 'sprinklers: none here'],
    [{ point: 'detectors', answer: 'done', outOfService: true }, 'detectors of the whole room: done, out of service'],
    [{ point: 'oxygen', answer: 'done', co2Percent: 0.2, ammoniaPpm: 5 }, 'air to breathe: done, 0.2 % carbon dioxide, 5 ppm ammonia'],
  ],
  told: [[{ who: 'the keeper' }, 'the keeper']],
  covered: [[{ what: 'the box' }, 'the box']],
  'cooling-arranged': [[{ how: 'a fan' }, 'a fan']],
  'watch-began': [[{ minutes: 60, by: 'Oskar Penn' }, '60 min, by Oskar Penn']],
  'watch-handed': [[{ to: 'Oskar Penn' }, 'to Oskar Penn']],
  'watch-ended': [
    [{}, ''],
    [{ reason: 'storm' }, 'storm'],
  ],
  'watch-looked-into': [[{ found: 'he stood there' }, 'he stood there']],
  'hold-began': [
    [
      {
        ...{ parts: ['drier'], rig: false, volume: q(2, 'L'), pressure: q(26, 'barg'), gas: 'nitrogen', ambient: q(18, 'C') },
        ...{ gauge: { name: 'G-3', resolution: q(1, 'kPa') }, temperatureUncertaintyK: 0.3, practice: 'data-plate' },
        ...{ capKpag: 2800, cappedBy: 'part', cappedByPart: 'valve', fullKpag: 2600, stepsKpag: [345, 2600], energyKj: 9 },
        ...{ distanceM: null, side: 'high', wantedLeakPaM3S: null, minutesNeeded: null },
      },
      'the drier, to 26 barg, capped at 2800 kPag by what its maker allows (the valve), gauge G-3',
    ],
  ],
  'hold-step': [[{ hold: 'h', pressure: q(345, 'kPag') }, 'at 345 kPag']],
  'supply-shut': [[{ hold: 'h' }, 'cylinder shut, regulator backed off, hose shut at the unit']],
  'hold-read': [
    [{ hold: 'h', pressure: q(26, 'barg'), temperature: q(18, 'C'), inSun: q(24, 'C') }, 'gauge 26 barg, pipe 18 °C, in the sun 24 °C'],
  ],
  'place-soaped': [
    [{ hold: 'h', joint: 'j', tag: 'CR2-14', atKpag: 345, result: 'nothing' }, 'CR2-14 at 345 kPag: nothing'],
    [{ hold: 'h', place: 'drier', atKpag: 1035, result: 'leak', note: 'lower end' }, 'the drier at 1035 kPag: bubbles, lower end'],
    [{ hold: 'h', hose: 'red hose', atKpag: 345, result: 'not-reached' }, 'red hose at 345 kPag: no hand gets there'],
  ],
  'series-began': [
    [{ hold: 'h', series: 's', instrument: { kind: 'pressure-temperature', name: 'P-7', columns: [] } }, 'P-7'],
    [
      { hold: 'h', series: 's', instrument: { kind: 'pressure-temperature', name: 'P-7', columns: [] }, factor: 60 },
      'P-7, simulated, its clock 60 times as fast',
    ],
  ],
  'series-stands': [[{ hold: 'h', series: 's', blocks: 6, head: null, samples: 3600 }, '3600 kept, in 6 blocks']],
  'hold-ended': [
    [
      {
        hold: 'h',
        verdict: 'leaking',
        leakPaM3S: 0.01,
        smallestSeenPaM3S: 0.001,
        gramsPerYear: 200,
        reasons: [],
        minutes: 30,
        readings: 4,
      },
      'leaking 0.01 Pa m³/s.',
    ],
    [
      {
        hold: 'h',
        verdict: 'tight',
        leakPaM3S: 0.01,
        smallestSeenPaM3S: 0.057,
        gramsPerYear: 20,
        reasons: ['calibration-over'],
        minutes: 30,
        readings: 4,
      },
      'tight down to 0.067 Pa m³/s: soap decides below that. The gauge was out of calibration.',
    ],
    [
      {
        hold: 'h',
        verdict: 'cannot-tell',
        leakPaM3S: null,
        smallestSeenPaM3S: null,
        gramsPerYear: null,
        reasons: ['too-few-readings'],
        minutes: 0,
        readings: 1,
      },
      'cannot tell yet. Fewer than two readings from a quarter of an hour after the supply was shut: nothing can be told.',
    ],
  ],
  'rig-alone': [
    [{ reached: q(60, 'micron'), rise: q(40, 'micron'), holds: true }, 'to 60 micron, rose by 40 micron: holds'],
    [{ reached: q(160, 'micron'), rise: q(40, 'micron'), holds: false }, 'to 160 micron, rose by 40 micron: does not hold'],
  ],
  'pull-began': [
    [
      {
        ...{ ports: ['high port', 'low port'], volume: q(13.5, 'L'), pump: { speed: q(8, 'cfm'), ultimate: q(25, 'micron') } },
        ...{ hoses: [], gauge: { name: 'V-2' }, gaugeAt: 'system-far', limit: q(500, 'micron'), school: '500-in-10', ambient: q(12, 'C') },
        ...{ forecast: [], unreached: ['coil'], openFirst: [], limitPa: 66, waterPa: 1400 },
      },
      'from the high port and the low port, 13.5 L, pump 8 cfm, gauge V-2 at a port away from the pump, not reached: the coil',
    ],
  ],
  'pull-read': [[{ pull: 'p', pressure: q(41, 'Pa') }, '41 Pa']],
  'valve-shut': [[{ pull: 'p' }, '']],
  'pumped-on': [[{ pull: 'p' }, 'valve opened to the pump again']],
  rise: [
    [
      {
        ...{ pull: 'p', verdict: 'tight-and-dry', reasons: [], model: 'plateau', plateauPa: 41, straightPaPerS: null, limitPa: 66.7 },
        ...{ leakPaM3S: null, gramsPerYear: null, minutes: 10.2, readings: 11, endPa: 40.9 },
      },
      'tight and dry, 307 micron after 10 min',
    ],
  ],
  'broken-with-nitrogen': [
    [{ pull: 'p', reached: q(1500, 'micron'), brokenTo: q(7, 'kPag'), minutes: 10 }, 'at 1500 micron, to 7 kPag, stood 10 min'],
  ],
  'oil-changed': [[{}, '']],
  'charge-began': [
    [{ dataPlate: q(5.1, 'kg'), targetKg: 5.22, isCritical: false }, 'wanted 5.220 kg (plate 5.1 kg)'],
    [{ dataPlate: q(5.1, 'kg'), isUnknown: true, targetKg: 5.1, isCritical: false }, 'charge unknown'],
  ],
  'cylinder-weighed': [
    [{ name: 'K-3', before: q(10.72, 'kg'), after: q(8.51, 'kg'), refrigerant: 'R-449A' }, 'K-3, R-449A, 10.72 kg before, 8.51 kg after'],
  ],
  'before-start': [
    [{ seen: ['caps-on', 'panels-on'], notHere: ['water-flow'] }, 'caps on, panels on, not on this machine: water flow proven'],
  ],
  charged: [[{ targetKg: 5.61, doneKg: 5.1, isCharged: false }, '5.100 kg of 5.610 kg: not all that is wanted']],
  trimmed: [[{ by: q(100, 'g'), why: 'subcooling 1.6 K' }, 'added 100 g: subcooling 1.6 K']],
  'settled-readings': [
    [{ request: { refrigerant: 'R-410A', metering: 'valve' } as never, steadyMinutes: 20, doorsShut: true }, '20 min steady, doors shut'],
  ],
  'heat-check': [
    [
      { side: 'water', drop: q(18, 'kPa'), in: q(12, 'C'), out: q(7, 'C'), glycolPercent: 20, heatW: -14_078, flowM3PerS: 0.0007 },
      'water carries 14.1 kW, 42 L/min by 18 kPa and the maker’s table, 12 °C to 7 °C, 20 % glycol',
    ],
  ],
  'bend-began': [[{ bend: 'burnt-compressor' }, 'burnt compressor']],
  'bend-left': [[{ bend: 'owner-no', why: 'they said yes after all' }, 'the owner says no, they said yes after all']],
  'bend-point': [
    [
      { bend: 'two-circuits', point: 'other-before', answer: 'done', reads: { value: 6.2, unit: 'barg' } },
      'the other circuit’s gauge before: done, 6.2 barg',
    ],
    [{ bend: 'overnight-vacuum', point: 'sign', answer: 'none-here', note: 'locked room' }, 'a sign on it: none here, locked room'],
  ],
  'handed-point': [[{ point: 'caps-on', answer: 'done', note: 'both sniffed' }, 'caps on and sniffed: done, both sniffed']],
  materials: [
    [
      {
        used: [
          { what: 'R-410A', amount: 1.71, unit: 'kg' },
          { what: 'drier', amount: 1, unit: 'pieces' },
        ],
      },
      'R-410A 1.71 kg, drier 1 pcs',
    ],
  ],
  'next-person-note': [
    [{ note: 'clamp rubs', sisters: true, nextCheck: '2027-02-25' }, 'clamp rubs, sister machines too, next check 2027-02-25'],
  ],
  report: [[{ sha256: 'ab'.repeat(32), bytes: 90_000, pages: 4 }, '4 pages, abababababababab']],
  'signed-off': [[{ name: 'M. Lind', role: 'for the station', heads: [] }, 'M. Lind, for the station']],
  vented: [[{ hold: 'h', to: 'outdoors' }, 'led outdoors']],
};

test.each(stagedKinds())('%s says its figures', (kind) => {
  for (const [values, sentence] of SENTENCES[kind]) expect(says(kind, values as never)).toBe(sentence); // cast: of this very kind
});

test('what is to be said of an entry beside what it says', () => {
  const plain = { isOutOfTurn: false, struckOut: null, values: {}, kind: 'brazed', isErased: false } as const;
  expect(entryRemarks(plain)).toEqual([]);
  expect(entryRemarks({ ...plain, values: { torch: 'open', approval: {} } })).toEqual([]);
  expect(entryRemarks({ ...plain, isOutOfTurn: true, values: { torch: 'locked', approval: null } })).toEqual([
    'out of turn: a lead says which counts',
    'lit while the torch was locked',
    'no approval covered this filler on that day',
  ]);
  expect(entryRemarks({ ...plain, isOutOfTurn: true, struckOut: 'the joint beside it', isErased: true })).toEqual([
    'struck out: the joint beside it',
    'words erased',
  ]);
  expect(entryRemarks({ ...plain, kind: 'soaped', values: { torch: 'locked', approval: null } })).toEqual([]);
});
