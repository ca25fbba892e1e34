import { readLabel, type Label } from '@kesto/core/label';

/** What a scanned label says behind the address; null where it was no label. */
export const labelInAddress = (): Label | null => readLabel(globalThis.location?.hash ?? '');

/** The joint that an address names. */
export const jointInAddress = (): string => /^\/joints\/([0-9a-f-]{36})/.exec(globalThis.location?.pathname ?? '')?.[1] ?? '';
