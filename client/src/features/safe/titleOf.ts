import { TORCH_POINT_WORDS } from '@kesto/contract/wording';
import type { TorchPoint } from '@kesto/core';

/** What a form that answers a point is headed by, and what it asks. */
export const titleOf = (point: TorchPoint) => {
  const { name, asks } = TORCH_POINT_WORDS[point];
  return { title: name.replace(/^./, (c) => c.toUpperCase()), says: asks };
};
