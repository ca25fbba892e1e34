import { canonicalHash } from '@kesto/core';
import type { MadeFrom } from './command';

/** What a change is made from: the hash of what was shown, as the server reckons it, and the same in the form of the body. */
export const madeFrom = (content: unknown, body: unknown = content): MadeFrom => ({ hash: canonicalHash(content), body });
