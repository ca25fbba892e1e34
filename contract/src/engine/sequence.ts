import type { Sequence } from '@kesto/core';
import { stepWhyText } from '../wording/en/sequence';

/** The answer of `kesto sequence`. */
export const sequenceAnswer = ({ order, rigChanges }: Sequence) => ({
  order: order.map(({ joint, inlet, outlet, open, why }) => ({
    ...{ joint, inlet, outlet, open },
    why: why.map((reason) => stepWhyText(reason)).join('; '),
  })),
  rigChanges,
});
