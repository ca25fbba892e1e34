import type { JobNote } from '@kesto/contract';
import type { ShopWork } from '../shopWork';
import { storeJobEntry } from '../jobNotes';
import { demoId } from './ids';
import { DEMO_PEOPLE } from './people';

const [ILTA, , MAREN] = DEMO_PEOPLE;

interface DemoNote {
  readonly entryId: string;
  readonly jobId: string;
  readonly person: { readonly id: string; readonly name: string };
  readonly hoursAgo: number;
  readonly body: JobNote;
}

const NOTES: readonly DemoNote[] = [
  {
    entryId: demoId(0x7001),
    jobId: demoId(0x41),
    person: ILTA,
    hoursAgo: 20,
    body: {
      kind: 'sum',
      values: {
        calculator: 'purge',
        given: [
          { label: 'bore of the tube', text: '19.94 mm' },
          { label: 'length', text: '12 m' },
          { label: 'parts on the way', text: '1.8 L' },
        ],
        answers: [
          { label: 'flood', text: '1:59 min' },
          { label: 'trickle', text: '2.4 L/min' },
        ],
        note: 'suction side, core out at the vault',
      },
    },
  },
  {
    entryId: demoId(0x7002),
    jobId: demoId(0x43),
    person: MAREN,
    hoursAgo: 44,
    body: { kind: 'schools', values: { schools: { houseRod: 'silver-15' }, reason: 'the gas line shakes where it leaves the wall' } },
  },
];

/** What is noted of whole jobs: a sum from the bench, and one job made otherwise than the shop does it. */
export async function storeDemoNotes(shop: ShopWork): Promise<void> {
  for (const { hoursAgo, ...note } of NOTES) {
    await storeJobEntry(shop, { ...note, offsetS: null, now: new Date(Date.now() - hoursAgo * 3_600_000) });
  }
}
