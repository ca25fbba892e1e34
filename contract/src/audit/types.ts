import type { Role } from '../session/types';

/** What stands in the audit trail: who came in or was refused, whose power changed, what was overruled, taken out or taken away. */
export const AUDITED = [
  ...(['signed-in', 'sign-in-refused', 'sign-in-ended', 'password-changed'] as const),
  ...(['code-made', 'code-dropped', 'code-used', 'role', 'left', 'came-back', 'approvals'] as const),
  ...(['overruled', 'exported', 'erased', 'restored', 'server-now', 'key-changed'] as const),
  ...(['device-key', 'device-vouched', 'device-ended', 'imported'] as const),
] as const;
export type AuditedWhat = (typeof AUDITED)[number];

/** One line of the trail. */
export interface AuditLine {
  readonly id: string;
  readonly at: string;
  readonly what: AuditedWhat;
  /** Who did it; null where nobody of the shop did, or is known to have. */
  readonly by: string | null;
  /** Whom it is about, by name. */
  readonly whom: string | null;
  readonly role: Role | null;
  readonly job: number | null;
  /** A joint by its tag. */
  readonly joint: string | null;
  readonly device: string | null;
  /** Of refused tries: from which address, and how many in that minute. */
  readonly address: string | null;
  readonly times: number;
}

/** A page of the trail, the newest first. */
export interface AuditPage {
  readonly lines: readonly AuditLine[];
  /** Where the next page begins; null at the end. */
  readonly next: string | null;
}

/** Before anything: where the first page of the trail begins. */
export const AUDIT_START = 'newest';
