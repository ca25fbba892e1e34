import type { BrazedValues, LookValues, PutEntryRequest } from '@kesto/contract';
import { demoId } from './ids';
import { DEMO_PEOPLE } from './people';

const [ILTA, OSKAR, MAREN] = DEMO_PEOPLE;

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
    kind: 'looked-at',
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
    kind: 'looked-at',
    values: { result: 'pass', findings: [], note: 'Front seen, back by hand.' },
  },
  {
    jointId: DR1,
    by: MAREN,
    device: '2026-11-19T14:15:00.000Z',
    server: '2026-11-19T14:15:01.000Z',
    kind: 'sent-back',
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
        kind: 'looked-at',
        values: { result: 'pass', findings: [], note: '' },
      },
    ];
  }),
];
