import type { JointView } from '@kesto/contract';
import { headOf, type Head } from '@kesto/core';

/** What this device knows when it says something of a joint: the joint's own chain, and its job's. */
export const seenOf = ({ id, entries, job }: JointView): readonly Head[] => [headOf('joint', id, entries), job.head];
