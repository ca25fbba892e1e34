import { createHash } from 'node:crypto';
import type { PersonName } from '@kesto/contract';
import type { JobLink } from '@kesto/core';
import type { Author } from '../../ledger';
import type { ShopWork } from '../../shopWork';
import { appendStageEntry } from '../../stages';

/** A report as it was made: kept by its hash, and named in the job's chain. */
export interface MadeReport {
  readonly jobId: string;
  readonly entryId: string;
  readonly pdf: Buffer;
  readonly pages: number;
  readonly person: PersonName & Author;
  readonly deviceTime: string;
  readonly now: Date;
  readonly offsetS: number | null;
}

/** The entry that names it, where this very one was kept before: asked again it is not made anew. */
export async function reportBefore(shop: ShopWork, entryId: string): Promise<JobLink | null> {
  const before = await shop.ledger.taken('job', entryId);
  return before ? (before.link as JobLink) : null; // cast: a report is kept in a job's chain
}

/** Keeps the bytes as an attachment of their own entry: what was handed over can be printed again to the letter. */
export async function keepReport(shop: ShopWork, made: MadeReport): Promise<JobLink> {
  const { jobId, entryId, pdf, pages, person, deviceTime, now, offsetS } = made;
  const sha256 = createHash('sha256').update(pdf).digest('hex');
  await shop.photos.add({ sha256, mediaType: 'application/pdf', bytes: pdf }, sha256);
  return appendStageEntry(shop, {
    ...{ jobId, entryId, person, now, offsetS },
    body: { stage: 'hand-over', kind: 'report', deviceTime, photos: [sha256], values: { sha256, bytes: pdf.length, pages } },
  });
}
