import type { BrazedValues, LookValues, PutEntryRequest } from '@kesto/contract';
import { ENGINE_VERSION, type PlanRequest, type Quantity } from '@kesto/core';
import type { ShopWork } from '../../platform/db/shop';
import { appendEntry } from '../joints/entries.service';
import { storePlan } from '../joints/plans.service';
import { addPhoto } from '../photos/photos.repository.typeorm';
import { cleanPhoto } from '../photos/photos.service';
import { createHash } from 'node:crypto';
import { demoId } from './ids';
import { DEMO_PEOPLE } from './people';
import { demoPhoto } from './pictures';
import { UNITS, VAN } from './station';

const q = (value: number, unit: string): Quantity => ({ value, unit });
const [ILTA, OSKAR, MAREN] = DEMO_PEOPLE;

function circuitOf(tag: string) {
  const unit = UNITS.find((u) => tag.startsWith(u.tag));
  if (!unit) throw new Error(`no unit for ${tag}`);
  return unit.circuit;
}

/** What every demo plan shares: the van's rods and torch, and the circuit's purge path. */
function planned(
  tag: string,
  joint: PlanRequest['joint'],
  side: NonNullable<PlanRequest['service']>['side'],
  near: NonNullable<PlanRequest['near']> = [],
): PlanRequest {
  const circuit = circuitOf(tag);
  const high = side === 'liquid' || side === 'discharge' || side === 'high';
  return {
    altitude: q(180, 'm'),
    joint,
    service: {
      refrigerant: circuit.refrigerant,
      ...(side ? { side } : {}),
      designPressure: q((high ? circuit.highSideDesignGaugePa : circuit.lowSideDesignGaugePa) / 100_000, 'barg'),
      minTemp: q(high ? 5 : circuit.coldestC, 'C'),
      maxTemp: q(high ? 66 : 50, 'C'),
      vibration: side === 'discharge',
    },
    stock: VAN.fillers.map(({ designation, rod }) => ({ designation, ...(rod ? { rod } : {}) })),
    torch: VAN.torch,
    near,
    purge: {
      sections: circuit.purgeSections,
      flood: q(15, 'L/min'),
      minutes: 10,
      outlet: { kind: 'port-core-out' },
      cylinder: VAN.cylinder,
    },
  };
}

const copperTube = (od: number, wall: number) => ({ metal: 'copper', form: 'tube', od: q(od, 'in'), wall: q(wall, 'in') }) as const;

interface DemoPlan {
  readonly tag: string;
  readonly jointId: string;
  readonly by: string;
  readonly at: string;
  readonly chosen: string;
  readonly request: PlanRequest;
}

export const PLANS: readonly DemoPlan[] = [
  {
    tag: 'CR2-09',
    jointId: demoId(0x5109),
    by: ILTA.id,
    at: '2026-11-23T08:10:00.000Z',
    chosen: 'BAg-36',
    request: planned(
      'CR2-09',
      {
        male: copperTube(0.375, 0.032),
        female: { metal: 'copper-plated-steel', form: 'component-stub', bore: q(9.62, 'mm'), cupDepth: q(9, 'mm'), wall: q(1, 'mm') },
      },
      'liquid',
    ),
  },
  {
    tag: 'CR2-10',
    jointId: demoId(0x5110),
    by: ILTA.id,
    at: '2026-11-23T08:14:00.000Z',
    chosen: 'BAg-36',
    request: planned(
      'CR2-10',
      {
        male: copperTube(0.375, 0.032),
        female: { metal: 'copper-plated-steel', form: 'component-stub', bore: q(9.62, 'mm'), cupDepth: q(9, 'mm'), wall: q(1, 'mm') },
      },
      'liquid',
    ),
  },
  {
    tag: 'DR1-21',
    jointId: demoId(0x5121),
    by: ILTA.id,
    at: '2026-11-19T07:40:00.000Z',
    chosen: 'BCuP-5',
    request: planned('DR1-21', { male: copperTube(1.125, 0.05), female: { metal: 'copper', form: 'fitting-cup' } }, 'discharge'),
  },
  {
    tag: 'GH2-05',
    jointId: demoId(0x5105),
    by: ILTA.id,
    at: '2026-11-20T08:00:00.000Z',
    chosen: 'BCuP-5',
    request: planned('GH2-05', { male: copperTube(0.625, 0.035), female: { metal: 'copper', form: 'fitting-cup' } }, 'high'),
  },
  {
    tag: 'GH2-06',
    jointId: demoId(0x5106),
    by: OSKAR.id,
    at: '2026-11-20T08:05:00.000Z',
    chosen: 'BCuP-5',
    request: planned('GH2-06', { male: copperTube(0.625, 0.035), female: { metal: 'copper', form: 'fitting-cup' } }, 'high'),
  },
  {
    tag: 'HS3-03',
    jointId: demoId(0x5103),
    by: ILTA.id,
    at: '2026-10-12T06:50:00.000Z',
    chosen: 'BAg-36',
    request: planned(
      'HS3-03',
      {
        male: copperTube(0.5, 0.032),
        female: { metal: 'brass', form: 'component-stub', bore: q(12.8, 'mm'), cupDepth: q(9.7, 'mm'), wall: q(1.4, 'mm') },
        position: 'upright',
        access: 'open',
      },
      'liquid',
      [{ kind: 'valve', distance: q(46, 'mm'), along: 'female', protection: 'putty' }],
    ),
  },
];

const brazed = (values: Partial<BrazedValues>): BrazedValues => ({
  filler: 'BAg-36',
  rodMm: 30,
  seconds: 24,
  purgeLpm: 2.5,
  floodSeconds: 60,
  depthMm: 9.5,
  protection: '',
  note: '',
  ...values,
});

interface DemoEntry {
  readonly jointId: string;
  readonly by: (typeof DEMO_PEOPLE)[number];
  readonly device: string;
  readonly server: string;
  readonly kind: PutEntryRequest['kind'];
  readonly values: BrazedValues | LookValues | { note: string } | { why: string } | { rodMm: number };
  readonly photos?: readonly ('front' | 'mirror' | 'open')[];
  readonly correctsPlace?: number;
  readonly why?: string;
}

const HS3 = demoId(0x5103);
const DR1 = demoId(0x5121);

export const ENTRIES: readonly DemoEntry[] = [
  {
    jointId: HS3,
    by: ILTA,
    device: '2026-10-12T07:02:10.000Z',
    server: '2026-10-12T09:31:00.000Z',
    kind: 'prepared',
    values: { note: 'Cut, deburred downwards, polished. Stem and core out.' },
  },
  {
    jointId: HS3,
    by: ILTA,
    device: '2026-10-12T07:14:40.000Z',
    server: '2026-10-12T09:31:01.000Z',
    kind: 'purged',
    values: { note: 'Flooded 1:10, felt at the far port, then 2.5 L/min.' },
  },
  {
    jointId: HS3,
    by: ILTA,
    device: '2026-10-12T07:20:05.000Z',
    server: '2026-10-12T09:31:02.000Z',
    kind: 'brazed',
    values: brazed({
      rodMm: 22,
      seconds: 21,
      floodSeconds: 70,
      protection: 'putty 60 g on the valve body',
      note: 'Flowed all round at once.',
    }),
    photos: ['front'],
  },
  {
    jointId: HS3,
    by: ILTA,
    device: '2026-10-12T07:29:00.000Z',
    server: '2026-10-12T09:31:03.000Z',
    kind: 'cooled',
    values: { note: 'Still air, 9 min, flux washed off warm.' },
  },
  {
    jointId: HS3,
    by: ILTA,
    device: '2026-10-12T07:36:30.000Z',
    server: '2026-10-12T09:31:04.000Z',
    kind: 'looked at',
    values: { result: 'pass', findings: [], note: 'Closed all round, mirror for the back.' },
    photos: ['mirror'],
  },
  {
    jointId: HS3,
    by: ILTA,
    device: '2026-10-12T08:05:00.000Z',
    server: '2026-10-12T09:31:05.000Z',
    kind: 'corrected',
    values: { rodMm: 31 },
    correctsPlace: 4,
    why: 'Stub measured after the job: 31 mm used, not 22.',
  },
  {
    jointId: HS3,
    by: OSKAR,
    device: '2026-10-12T10:12:00.000Z',
    server: '2026-10-12T10:12:02.000Z',
    kind: 'soaped',
    values: { note: 'At 1.03 and 2.50 MPa, nothing.' },
  },
  {
    jointId: HS3,
    by: MAREN,
    device: '2026-10-13T08:02:00.000Z',
    server: '2026-10-13T08:02:01.000Z',
    kind: 'accepted',
    values: { note: 'Seen on site with the mirror.' },
  },
  {
    jointId: DR1,
    by: ILTA,
    device: '2026-11-19T09:20:00.000Z',
    server: '2026-11-19T09:20:02.000Z',
    kind: 'brazed',
    values: brazed({
      filler: 'BCuP-5',
      rodMm: 95,
      seconds: 52,
      depthMm: 23,
      purgeLpm: 4,
      floodSeconds: 140,
      note: 'Tight against the wall.',
    }),
    photos: ['open'],
  },
  {
    jointId: DR1,
    by: ILTA,
    device: '2026-11-19T09:41:00.000Z',
    server: '2026-11-19T09:41:01.000Z',
    kind: 'looked at',
    values: { result: 'pass', findings: [], note: 'Front seen, back by hand.' },
  },
  {
    jointId: DR1,
    by: MAREN,
    device: '2026-11-19T14:15:00.000Z',
    server: '2026-11-19T14:15:01.000Z',
    kind: 'sent back',
    values: { why: 'Fillet open at the back, 40° of it. Rework once or cut out.' },
  },
  ...(['GH2-05', 'GH2-06'] as const).flatMap((tag, i): DemoEntry[] => {
    const jointId = demoId(tag === 'GH2-05' ? 0x5105 : 0x5106);
    const by = tag === 'GH2-05' ? ILTA : OSKAR;
    return [
      {
        jointId,
        by,
        device: `2026-11-20T10:0${i}:00.000Z`,
        server: `2026-11-20T10:0${i}:01.000Z`,
        kind: 'brazed',
        values: brazed({ filler: 'BCuP-5', rodMm: 30, seconds: 26, depthMm: 12.7, purgeLpm: 1.9, floodSeconds: 85 }),
      },
      {
        jointId,
        by,
        device: `2026-11-20T10:1${i}:00.000Z`,
        server: `2026-11-20T10:1${i}:01.000Z`,
        kind: 'looked at',
        values: { result: 'pass', findings: [], note: '' },
      },
    ];
  }),
];

export async function storeDemoPlans(shop: ShopWork): Promise<void> {
  for (const [i, plan] of PLANS.entries()) {
    await storePlan(shop, {
      jointId: plan.jointId,
      planId: demoId(0x6000 + i),
      personId: plan.by,
      body: { request: plan.request, chosen: plan.chosen, engineVersion: ENGINE_VERSION },
      now: new Date(plan.at),
    });
  }
}

export async function storeDemoEntries(shop: ShopWork): Promise<void> {
  const ids = new Map<string, string[]>();
  for (const [i, entry] of ENTRIES.entries()) {
    const chain = ids.get(entry.jointId) ?? [demoId(0x8000 + i)];
    const photos: string[] = [];
    for (const kind of entry.photos ?? []) photos.push(await storePhoto(shop, kind));
    const corrected = entry.correctsPlace === undefined ? undefined : chain[entry.correctsPlace - 1];
    const stored = await appendEntry(shop, {
      jointId: entry.jointId,
      entryId: demoId(0x7000 + i),
      person: { id: entry.by.id, name: entry.by.name, role: entry.by.role },
      body: {
        kind: entry.kind,
        deviceTime: entry.device,
        values: { ...entry.values },
        photos,
        ...(corrected ? { corrects: { entry: corrected, why: entry.why ?? '' } } : {}),
      },
      now: new Date(entry.server),
      freezeId: chain[0] ?? demoId(0x8000 + i),
    });
    ids.set(entry.jointId, [...chain, stored.content.id]);
  }
}

async function storePhoto(shop: ShopWork, kind: 'front' | 'mirror' | 'open'): Promise<string> {
  const source = await demoPhoto(kind);
  const photo = await cleanPhoto(source, createHash('sha256').update(source).digest('hex'));
  await addPhoto(shop, photo);
  return photo.sha256;
}
