import { canonicalHash } from '@kesto/core';
import { AppError } from './errors';

/** What a change of something whole is held against. */
export interface Change {
  /** As it stands, in the form that whoever changes it hashes. */
  readonly content: unknown;
  /** What it is to become, in the same form. */
  readonly asked: unknown;
  /** In the form of the route's body: shown beside what was typed, line by line. */
  readonly stands: unknown;
}

/**
 * A change that was made from what stands no more is not carried out: it lay on a device while somebody else changed the same.
 * One that says not what it was made from comes from a program or a former page, and is taken as it always was; one that asks for
 * what is there already changes nothing.
 */
export function checkMadeFrom(madeFrom: string | null, { content, asked, stands }: Change): void {
  const hash = canonicalHash(content);
  if (madeFrom === null || madeFrom === hash || canonicalHash(asked) === hash) return;
  throw new AppError('CHANGED', 'Somebody has changed this since. Nothing is overwritten: see both.', undefined, {
    details: { stands, hash },
  });
}
