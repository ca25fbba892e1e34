import type { SignedBy } from '../devices/types';
import type { Head } from '@kesto/core';

/** What somebody who reads a record has to say of it. */
export interface PutCommentRequest {
  readonly text: string;
  readonly deviceTime: string;
  /** Heads this device knew. */
  readonly seen?: readonly Head[];
  /** What the device signed of it, where it has a key. */
  readonly signed?: SignedBy;
}
