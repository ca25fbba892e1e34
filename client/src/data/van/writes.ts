import type { VanStock } from '@kesto/contract';
import { thing, type Write } from '@/outbox';
import { madeFrom } from '@/outbox/madeFrom';

/** `before` is what was counted from. */
export const vanWrite = (body: VanStock, before: VanStock): Write<'putVan'> => ({
  route: 'putVan',
  params: {},
  body,
  about: [thing.van],
  needs: [],
  makes: null,
  madeFrom: madeFrom(before),
  changes: ['Van'],
});
