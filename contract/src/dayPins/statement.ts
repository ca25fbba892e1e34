import { canonicalText } from '@kesto/core';
import type { PinOverruled } from './types';

interface Which {
  readonly pin: string;
  readonly job: string;
  readonly entry: string;
}

/** To the letter what a PIN's key signs: one overruling of one job. Canonical JSON (RFC 8785). */
export const pinStatement = ({ pin, job, entry }: Which, { stage, deviceTime, values }: PinOverruled): string =>
  canonicalText({ pin, job, entry, stage, deviceTime, values });
