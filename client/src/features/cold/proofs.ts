import type { ColdMethod, Quantity } from '@kesto/core';
import type { Specs } from '@/forms/fields';
import { lengthM } from '@/forms/si';

/** What is seen on a finished joint and ticked. */
export type Proof = 'mark' | 'witness' | 'oiled';

export const PROOFS: Readonly<Record<ColdMethod, readonly { readonly proof: Proof; readonly label: string }[]>> = {
  press: [
    { proof: 'mark', label: 'The mark is still within 1 mm of the edge' },
    { proof: 'witness', label: 'The ring shows its witness, or the gauge goes on' },
  ],
  flare: [{ proof: 'oiled', label: 'It was tightened oiled' }],
  bend: [],
};

/** What is read on it and typed. */
export const SHOWN: Readonly<Record<ColdMethod, Specs>> = {
  press: { jaw: { label: 'jaw: maker, size, checked until', kind: 'name' } },
  flare: {
    torque: { label: 'torque, N m', kind: 'number' },
    size: { label: 'flare’s diameter', kind: 'length', optional: true },
  },
  bend: {
    radius: { label: 'radius of the centre line', kind: 'length' },
    oval: { label: 'out of round, %', kind: 'number', hint: '(largest less smallest) over the outside' },
  },
};

type ReadFigures = Readonly<Record<string, string | Quantity | undefined>>;
const millimetres = (value: string | Quantity | undefined) =>
  typeof value === 'object' ? Number((lengthM(value) * 1000).toPrecision(4)) : undefined;
const plain = (value: string | Quantity | undefined) => (typeof value === 'object' ? value.value : undefined);
const given = (values: Readonly<Record<string, unknown>>) =>
  Object.fromEntries(Object.entries(values).filter(([, value]) => value !== undefined));

/** As the entry of that way of joining tells it. */
export function valuesOf(method: ColdMethod, read: ReadFigures, proofs: readonly Proof[]): Readonly<Record<string, unknown>> {
  const has = (proof: Proof) => proofs.includes(proof);
  if (method === 'press') return given({ jaw: read['jaw'], mark: has('mark'), witness: has('witness') });
  if (method === 'flare') return given({ torqueNm: plain(read['torque']), sizeMm: millimetres(read['size']), oiled: has('oiled') });
  return given({ radiusMm: millimetres(read['radius']), ovalPercent: plain(read['oval']) });
}
