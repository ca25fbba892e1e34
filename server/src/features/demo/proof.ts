import type { PutStageEntryRequest } from '@kesto/contract';
import { HAND_OVER_POINTS, type KeptStage, type StageEntryKind } from '@kesto/core';
import type { ShopWork } from '../shopWork';
import { appendStageEntry } from '../stages';
import { demoId } from './ids';
import { DEMO_PEOPLE } from './people';
import { drawingOf, UNITS } from './station';

const [ILTA, OSKAR, MAREN] = DEMO_PEOPLE;
const JOB = demoId(0x45);
const JOINT = demoId(0x5103);
const BEGAN = Date.parse('2026-10-12T09:40:00.000Z');

const bar = (value: number) => ({ value, unit: 'barg' });
const celsius = (value: number) => ({ value, unit: 'C' });
const micron = (value: number) => ({ value, unit: 'micron' });
const litres = (value: number) => ({ value, unit: 'L' });
const id = (n: number) => demoId(0x9000 + n);

/** Every part of the herbarium split as it is drawn. */
const PARTS = UNITS.filter(({ circuitId }) => circuitId === demoId(0x33)).flatMap((unit) => drawingOf(unit).parts.map((part) => part.id));

interface Noted {
  readonly person: (typeof DEMO_PEOPLE)[number];
  readonly minute: number;
  readonly body: Pick<PutStageEntryRequest, 'stage' | 'kind' | 'values'>;
  readonly as?: string;
}

const noted =
  (person: Noted['person'], stage: KeptStage) =>
  <Kind extends StageEntryKind>(minute: number, kind: Kind, values: object, as?: string): Noted => ({
    ...{ person, minute, ...(as ? { as } : {}) },
    body: { stage, kind, values: values as Readonly<Record<string, unknown>> }, // cast: every kind carries an object
  });
const onPaper = ['decide', 'make-safe'] as const;
const find = noted(ILTA, 'find');
const charge = noted(ILTA, 'charge');
const hand = noted(ILTA, 'hand-over');
const kg = (value: number) => ({ value, unit: 'kg' });
const hold = noted(OSKAR, 'hold');
const pull = noted(ILTA, 'pull');

const HOLD = {
  ...{ parts: PARTS, rig: false, volume: litres(5.4), pressure: bar(19), gas: 'nitrogen', ambient: celsius(17) },
  ...{ gauge: { name: 'G-3', resolution: { value: 1, unit: 'kPa' } }, temperatureUncertaintyK: 0.3, practice: 'data-plate' },
};

/** Filled in steps, shut, read every quarter of an hour, ended. */
function held(as: string, from: number, bars: readonly number[]): readonly Noted[] {
  const of = { hold: as };
  return [
    hold(from, 'hold-began', HOLD, as),
    hold(from + 3, 'hold-step', { ...of, pressure: bar(3.45) }),
    hold(from + 9, 'hold-step', { ...of, pressure: bar(10.35) }),
    hold(from + 16, 'hold-step', { ...of, pressure: bar(19) }),
    hold(from + 17, 'supply-shut', of),
    ...bars.map((value, i) => hold(from + 17 + 15 * i, 'hold-read', { ...of, pressure: bar(value), temperature: celsius(17) })),
    hold(from + 17 + 15 * bars.length, 'hold-ended', of),
  ];
}

const soaped = (as: string, minute: number, at: object, result: string) =>
  hold(minute, 'place-soaped', { hold: as, atKpag: 1900, result, ...at });
const vented = (as: string, minute: number) => hold(minute, 'vented', { hold: as, to: 'outdoors' });

const PULL = {
  ...{ ports: ['liquid-port', 'gas-port'], volume: litres(5.4), pump: { speed: { value: 5, unit: 'cfm' }, ultimate: micron(25) } },
  hoses: [
    { bore: { value: 10, unit: 'mm' }, length: { value: 1, unit: 'm' }, core: 'out' },
    { bore: { value: 10, unit: 'mm' }, length: { value: 1, unit: 'm' }, core: 'out' },
  ],
  ...{ gauge: { name: 'V-2' }, gaugeAt: 'system-far', limit: micron(500), school: '500-in-10', ambient: celsius(17), esterOil: true },
};

/** Pumped down, shut off, read every minute for a quarter of an hour, judged. */
function risen(as: string, from: number, at: (minutes: number) => number): readonly Noted[] {
  const of = { pull: as };
  return [
    pull(from - 1, 'pull-read', { ...of, pressure: micron(at(0) - 4) }),
    pull(from, 'valve-shut', of),
    ...Array.from({ length: 16 }, (_, minute) => pull(from + minute, 'pull-read', { ...of, pressure: micron(Math.round(at(minute))) })),
    pull(from + 16, 'rise', of),
  ];
}

/** The next morning: by weight from two cylinders, started and settled. */
const CHARGED: readonly Noted[] = [
  charge(1450, 'charge-began', { dataPlate: kg(1.9) }),
  charge(1452, 'cylinder-weighed', { name: 'K-5', before: kg(9.2), after: kg(7.9), refrigerant: 'R-32' }),
  charge(1461, 'cylinder-weighed', { name: 'K-6', before: kg(12.6), after: kg(12), refrigerant: 'R-32' }),
  charge(1462, 'charged', {}),
  charge(1465, 'before-start', {
    seen: ['valves-open', 'caps-on', 'switch-set-back', 'bridges-out', 'heater-hours', 'panels-on', 'somebody-at-switch'],
    notHere: ['water-flow', 'rotation'],
  }),
  charge(1500, 'settled-readings', {
    request: { refrigerant: 'R-32', metering: 'valve', suction: { pressure: bar(8.6), line: celsius(12) } },
    ...{ steadyMinutes: 20, doorsShut: true },
  }),
  charge(1502, 'done', {}),
];
/** R-32 burns: its joint was soaped on nitrogen at the hold's pressure. */
const PROVED = { proofs: [{ joint: JOINT, method: 'soap-on-nitrogen' }] };
const HANDED: readonly Noted[] = [
  ...HAND_OVER_POINTS.map((point) => hand(1505, 'handed-point', { point, answer: 'done', ...(point === 'joint-tightness' ? PROVED : {}) })),
  hand(1512, 'next-person-note', { note: 'The flare at the gas valve was remade: put soap on it first.', nextCheck: '2027-04-12' }),
  hand(1515, 'signed-off', { name: 'M. Ito-Dahl', role: 'for the station', heads: [] }),
  hand(1516, 'done', {}),
];

const [FIRST, SECOND, PULLED] = [id(1), id(2), id(3)];
/** Job 24: a hold that leaked at a flare and was mended, a second that is tight; a pull that was wet, broken with nitrogen, and pulled again. */
const PROOF: readonly Noted[] = [
  find(-200, 'complaint', { text: 'dries less each week, ice on the liquid valve' }),
  find(-196, 'checked-place', {
    place: 'liquid-valve',
    method: 'soap',
    result: 'leak',
    gramsPerYear: 21_000,
    note: 'stem packing, frost on the body',
  }),
  find(-194, 'checked-place', { place: 'gas-port', method: 'soap', result: 'nothing' }),
  find(-193.5, 'checked-place', { place: 'evaporator', method: 'sniffer', result: 'nothing' }),
  find(-195.5, 'loss', { lostKg: 1.3, days: 20, chargeKg: 1.9 }),
  find(-192, 'done', {}),
  ...onPaper.map((stage) => noted(MAREN, stage)(-190, 'skipped', { reason: 'agreed and made safe on paper, sheet 14' })),
  ...held(FIRST, 5, [19, 18.98, 18.96, 18.94, 18.91, 18.89]),
  soaped(FIRST, 114, { joint: JOINT, tag: 'HS3-03' }, 'nothing'),
  soaped(FIRST, 116, { place: 'gas-valve' }, 'leak'),
  vented(FIRST, 122),
  ...held(SECOND, 140, [19, 19, 19, 19, 18.99, 19, 19, 19, 19]),
  soaped(SECOND, 292, { hose: 'blue' }, 'nothing'),
  soaped(SECOND, 293, { hose: 'red' }, 'nothing'),
  soaped(SECOND, 295, { joint: JOINT, tag: 'HS3-03' }, 'nothing'),
  soaped(SECOND, 297, { place: 'gas-valve' }, 'nothing'),
  vented(SECOND, 302),
  hold(303, 'done', {}),
  pull(315, 'rig-alone', { reached: micron(60), rise: micron(30) }),
  pull(320, 'pull-began', PULL, PULLED),
  pull(323, 'pull-read', { pull: PULLED, pressure: micron(400_000) }),
  pull(330, 'pull-read', { pull: PULLED, pressure: micron(21_000) }),
  pull(342, 'pull-read', { pull: PULLED, pressure: micron(4_000) }),
  ...risen(PULLED, 360, (minutes) => 450 + 14_000 * (1 - Math.exp(-minutes / 4))),
  pull(380, 'broken-with-nitrogen', { pull: PULLED, reached: micron(14_400), brokenTo: { value: 7, unit: 'kPag' }, minutes: 15 }),
  pull(398, 'oil-changed', { pull: PULLED }),
  pull(412, 'pull-read', { pull: PULLED, pressure: micron(9_000) }),
  pull(440, 'pull-read', { pull: PULLED, pressure: micron(600) }),
  ...risen(PULLED, 485, (minutes) => 190 + 70 * (1 - Math.exp(-minutes / 2))),
  pull(502, 'done', {}),
  ...CHARGED,
  ...HANDED,
];

/** What proved the finished job, and how it ended, as it would have been noted, in its own time. */
export async function storeDemoProof(shop: ShopWork): Promise<void> {
  for (const [i, { person, minute, body, as }] of PROOF.entries()) {
    const now = new Date(BEGAN + minute * 60_000);
    const asked = { jobId: JOB, entryId: as ?? id(0x10 + i), person, now, offsetS: null };
    await appendStageEntry(shop, { ...asked, body: { ...body, deviceTime: now.toISOString(), photos: [] } });
  }
}
