import type { KindId } from '@kesto/core';

/** Kinds of the shop's chain that speak of devices' keys. */
export const DEVICE_KINDS: readonly KindId[] = ['device-key', 'device-vouched', 'device-ended'];
