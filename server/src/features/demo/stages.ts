import type { PutStageEntryRequest } from '@kesto/contract';
import { ENGINE_VERSION, type KeptStage, type StageEntryKind, type StageValues, type TorchPoint } from '@kesto/core';
import type { ShopWork } from '../shopWork';
import { appendStageEntry } from '../stages';
import { demoId } from './ids';
import { DEMO_PEOPLE } from './people';

const [ILTA, OSKAR] = DEMO_PEOPLE;
type Person = typeof ILTA | typeof OSKAR;

interface DemoEntry {
  readonly person: Person;
  readonly hoursAgo: number;
  readonly body: Omit<PutStageEntryRequest, 'deviceTime' | 'photos'>;
}

const noted =
  (person: Person, stage: KeptStage) =>
  <Kind extends StageEntryKind>(hoursAgo: number, kind: Kind, values: StageValues[Kind]): DemoEntry => ({
    ...{ person, hoursAgo },
    body: { stage, kind, values: values as Readonly<Record<string, unknown>> }, // cast: every kind carries an object
  });

const find = noted(ILTA, 'find');
const decide = noted(ILTA, 'decide');
const safe = noted(ILTA, 'make-safe');
const gauge = { resolution: { value: 1, unit: 'kPa' } };
const bar = (value: number) => ({ value, unit: 'barg' });
const celsius = (value: number) => ({ value, unit: 'C' });

/** Job 31, the vault cold room: found, decided and made safe, as a job that goes well. */
const COLD_ROOM: readonly DemoEntry[] = [
  find(31, 'complaint', { text: 'vault creeps up to -14 °C, oil under the suction valve' }),
  find(30.9, 'loss', { lostKg: 1.1, days: 160, chargeKg: 11.4 }),
  find(30.6, 'sign', { place: 'suction-valve', sign: 'oily-dirt', note: 'below the stem, dust glued to it' }),
  find(30.4, 'checked-place', {
    place: 'suction-valve',
    method: 'soap',
    result: 'leak',
    gramsPerYear: 2300,
    note: 'stem and the body seam',
  }),
  find(30.2, 'checked-place', { place: 'suction-port', method: 'soap', result: 'nothing' }),
  find(30, 'checked-place', { place: 'king-valve', method: 'sniffer', result: 'nothing' }),
  find(29.7, 'checked-place', { place: 'evaporator', method: 'sniffer', result: 'in-part', note: 'low rows behind the pan' }),
  find(29.5, 'checked-place', { place: 'rig', method: 'section-hold', result: 'nothing', note: 'hoses alone, 10 min' }),
  find(29.4, 'done', {}),
  decide(29.2, 'isolation', {
    work: ['suction-valve'],
    ...{ advised: 'pump-down', method: 'recover-all', runs: true, lowSideLeak: true, airInside: false, jointOpen: false },
    ...{ chargeKg: 10.3, takeOutKg: 10.3, close: [], closeAfter: [], staysFull: [] },
    reason: 'the suction side leaks and nothing can be shut towards the compressor',
    engineVersion: ENGINE_VERSION,
  }),
  decide(29.1, 'also-opened', { what: 'drier', place: 'drier', choice: 'yes', why: 'open system, one-way drier 3/8' }),
  decide(29.05, 'also-opened', { what: 'core', place: 'suction-port', choice: 'yes' }),
  decide(29, 'joining', { place: 'suction-valve', method: 'braze', why: 'the line shakes; valve and coupling on 7/8' }),
  decide(28.8, 'price-held-until', { check: 'both legs of the pressure switch looked at' }),
  decide(28.2, 'price-check', { of: 'both legs of the pressure switch looked at', found: 'sound, clamped, no oil' }),
  decide(28, 'refrigerant-fate', { fate: 'reuse', why: 'clean, weighed, one cylinder' }),
  decide(27.5, 'approval', { by: 'the station', how: 'phone', for: 'valve, coupling, drier; recover and recharge' }),
  decide(27.4, 'done', {}),
  safe(26, 'locked-off', { keyHolder: 'Ilta Varro', dead: true }),
  safe(25.9, 'before-picture', { of: 'pipes', note: 'valve and its clamps' }),
  safe(25, 'recovered', { tareKg: 12.1, beforeKg: 12.1, grossKg: 22.4, minutes: 48, waterKg: 21.6 }),
  safe(24.9, 'zero-and-open', { sides: ['high', 'low'], note: 'king port and suction port, cores out' }),
  safe(24.85, 'hot-work', { point: 'liquid-left', answer: 'done', note: 'receiver warmed, the gauge stayed at zero' }),
  safe(24.8, 'told', { who: 'the vault’s keeper, 2 h' }),
  safe(24.7, 'hot-work', { point: 'extinguisher', answer: 'done', note: 'in date until March' }),
  safe(24.6, 'hot-work', { point: 'watch', answer: 'done', note: 'Oskar Penn, 60 min' }),
  safe(24.5, 'hot-work', { point: 'sprinklers', answer: 'none-here' }),
  safe(24.45, 'hot-work', { point: 'detectors', answer: 'done', note: 'smoke detector of the vault, by the keeper', outOfService: true }),
  safe(24.4, 'hot-work', { point: 'oxygen', answer: 'done', note: 'fan in the doorway', oxygenPercent: 20.8 }),
  safe(24.3, 'covered', { what: 'the switch box, with a blanket' }),
  safe(24.2, 'done', {}),
];

/** Job 32, the herbarium split: one small leak found, and it is too small. */
const SPLIT: readonly DemoEntry[] = [
  find(4, 'complaint', { text: 'does not dry as it did; topped up in September' }),
  find(3.9, 'loss', { lostKg: 0.41, days: 61, chargeKg: 1.9 }),
  find(3.6, 'checked-place', {
    place: 'liquid-port',
    method: 'soap',
    result: 'leak',
    gramsPerYear: 100,
    note: '1 bubble in 4 s. Core changed',
  }),
  find(3.4, 'checked-place', { place: 'gas-valve', method: 'soap', result: 'nothing' }),
  find(3.2, 'checked-place', { place: 'evaporator', method: 'sniffer', result: 'in-part', note: 'low 6 of 18 bends' }),
  find(3, 'sign', { place: 'evaporator>gas-valve', sign: 'oily-dirt', note: 'at the wall sleeve' }),
  find(2.8, 'section-hold', {
    ...{ parts: ['drier', 'expansion', 'evaporator'], volume: { value: 2.4, unit: 'L' }, minutes: 60 },
    ...{ start: { pressure: bar(25), temperature: celsius(18.2) }, end: { pressure: bar(25), temperature: celsius(18.2) } },
    ...{ gauge, temperatureUncertaintyK: 0.3, supplyShut: true },
  } as unknown as StageValues['section-hold']), // cast: what is made of it is the server's own
];

const answered = (hoursAgo: number, points: readonly TorchPoint[]) =>
  points.map((point) => noted(OSKAR, 'make-safe')(hoursAgo, 'hot-work', { point, answer: 'done' }));

/** Job 33, the rooftop unit: three points are open before the torch may be lit. */
const ROOFTOP: readonly DemoEntry[] = [
  noted(OSKAR, 'find')(54, 'skipped', { reason: 'second visit: the expansion valve is known' }),
  noted(OSKAR, 'decide')(53, 'isolation', {
    work: ['expansion'],
    ...{ advised: 'recover-all', method: 'recover-all', runs: false, lowSideLeak: false, airInside: false, jointOpen: false },
    ...{ chargeKg: 5.1, takeOutKg: 5.1, close: [], closeAfter: [], staysFull: [], engineVersion: ENGINE_VERSION },
  }),
  noted(OSKAR, 'decide')(52, 'approval', { by: 'the station', how: 'paper', for: 'expansion valve and drier of circuit 1' }),
  noted(OSKAR, 'decide')(51, 'done', {}),
  noted(OSKAR, 'make-safe')(2.4, 'locked-off', { keyHolder: 'Oskar Penn', dead: true }),
  noted(OSKAR, 'make-safe')(2.3, 'before-picture', { of: 'wiring' }),
  noted(OSKAR, 'make-safe')(1.6, 'recovered', { tareKg: 12.1, beforeKg: 12.1, grossKg: 16.95, minutes: 41, waterKg: 21.6 }),
  noted(OSKAR, 'make-safe')(1.5, 'zero-and-open', { sides: ['high', 'low'], note: 'both ports, cores out' }),
  noted(OSKAR, 'make-safe')(1.4, 'told', { who: 'the drying room below' }),
  ...answered(1.3, ['liquid-left', 'sprinklers', 'detectors', 'oxygen']),
];

const STAGES: readonly (readonly [jobId: string, entries: readonly DemoEntry[]])[] = [
  [demoId(0x41), COLD_ROOM],
  [demoId(0x46), SPLIT],
  [demoId(0x47), ROOFTOP],
];

/** What is found, decided and made safe in the demo's jobs. */
export async function storeDemoStages(shop: ShopWork): Promise<void> {
  const began = Date.now();
  for (const [place, [jobId, entries]] of STAGES.entries()) {
    for (const [i, { person, hoursAgo, body }] of entries.entries()) {
      const now = new Date(began - hoursAgo * 3_600_000);
      const asked = { jobId, entryId: demoId(0x8000 + 0x100 * place + i), person, now, offsetS: null };
      await appendStageEntry(shop, { ...asked, body: { ...body, deviceTime: now.toISOString(), photos: [] } });
    }
  }
}
