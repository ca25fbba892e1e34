import { createHash, randomBytes } from 'node:crypto';
import { LEADS, type LiveInstrument, type Me, type WireSample } from '@kesto/contract';
import { factsIn, holdsOf, holdState, lastPull, stageState, type KindId, type StageFact } from '@kesto/core';
import { v7 as uuid } from 'uuid';
import { AppError, notFound } from '../../platform/errors';
import { append } from '../ledger';
import type { ShopWork } from '../shopWork';
import { sealTail, takeSamples } from './samples';
import type { Series } from './series.repository';

/** How often the job's chain says how far a series stands. */
const STANDS_MS = 3_600_000;

export const tokenHash = (token: string): string => createHash('sha256').update(`instrument ${token}`).digest('hex');
export const newToken = (shopId: string): string => `${shopId}.${randomBytes(24).toString('base64url')}`;

/** An entry of Kesto's own, because of the hold it is of. */
interface Telling extends Pick<Series, 'jobId' | 'holdId'> {
  readonly kind: KindId;
  readonly told: Readonly<Record<string, unknown>>;
  readonly now: Date;
}

async function tell(shop: ShopWork, { jobId, holdId, kind, told, now }: Telling): Promise<void> {
  const chain = { of: 'job', id: jobId } as const;
  const links = await shop.ledger.of(chain);
  const stage = lastPull(factsIn(links))?.id === holdId ? 'pull' : 'hold';
  await append(shop, links, {
    ...{ chain, id: uuid(), kind, stage, told },
    ...{ person: 'kesto', deviceTime: null, offsetS: null, now, because: { chain, entry: holdId }, requestHash: '' },
  });
}

export interface Joining {
  readonly jobId: string;
  readonly holdId: string;
  readonly pairedBy: string;
  readonly instrument: LiveInstrument;
  readonly factor: number | null;
  readonly token: string;
  readonly now: Date;
  /** Given by whoever reads a file; left out it is made here. */
  readonly id?: string;
}

/** A hold that is not ended, or the pull that is on. */
function isOn(facts: readonly StageFact[], id: string): boolean {
  const hold = holdsOf(facts).find((kept) => kept.id === id);
  if (hold) return !['ended', 'vented'].includes(holdState(hold));
  return lastPull(facts)?.id === id && stageState(facts, 'pull') === 'open';
}

/** An instrument joins a hold or a pull that is not ended: its series begins, and the job's chain says so. */
export async function joinHold(shop: ShopWork, asked: Joining): Promise<Series> {
  const { jobId, holdId, pairedBy, instrument, factor, token, now, id = uuid() } = asked;
  const job = await shop.jobs.lock(jobId);
  if (!job) throw notFound('This job');
  if (!isOn(factsIn(await shop.ledger.of({ of: 'job', id: jobId })), holdId))
    throw new AppError('OUT_OF_ORDER', 'This hold or pull is ended: begin another.', 'hold');
  const series: Series = {
    ...{ id, jobId, holdId, pairedBy, instrument, factor, tokenHash: tokenHash(token) },
    ...{ blocks: 0, head: null, samples: 0, acked: 0, tail: null, disagreements: 0 },
    ...{ beganAt: now, heardAt: now, stoodAt: now, endedAt: null },
  };
  await shop.series.add(series);
  const told = { hold: holdId, series: series.id, instrument, ...(factor === null ? {} : { factor }) };
  await tell(shop, { jobId, holdId, kind: 'series-began', told, now });
  return series;
}

export interface LogAsked extends Pick<Joining, 'jobId' | 'holdId' | 'pairedBy' | 'instrument' | 'now'> {
  readonly id: string;
  readonly samples: readonly WireSample[];
}

/** A logger's file joins as an instrument does, under the id that its reader gave it; a piece that came before changes nothing. */
export async function keepLog(shop: ShopWork, { samples, ...asked }: LogAsked): Promise<Series> {
  const { id, holdId, now } = asked;
  if (!(await shop.series.byId(id))) await joinHold(shop, { ...asked, factor: null, token: newToken(shop.shopId) });
  const locked = await shop.series.lock(id);
  if (!locked || locked.holdId !== holdId) throw notFound('This log');
  return takeSamples(shop, locked, samples, now);
}

/** Where an instrument that comes back goes on; null of one whose hold is over, or that nobody knows. */
export async function seriesBy(shop: ShopWork, token: string): Promise<Series | null> {
  const series = await shop.series.byToken(tokenHash(token));
  return series && series.endedAt === null ? series : null;
}

/**
 * Samples are safe once this is done; answers the highest count that is.
 *
 * @param known  the series by its id, or as it stood when it was kept last: it is read anew under its lock in any case
 */
export async function keepSamples(
  shop: ShopWork,
  known: Series | string,
  samples: readonly WireSample[],
  now: Date,
): Promise<Series | null> {
  const before = typeof known === 'string' ? await shop.series.byId(known) : known;
  if (!before) return null;
  const { id } = before;
  const isDue = now.getTime() - before.stoodAt.getTime() >= STANDS_MS;
  // The job's chain is locked first, as everywhere.
  if (isDue) await shop.jobs.lock(before.jobId);
  const locked = await shop.series.lock(id);
  if (!locked || locked.endedAt !== null) return null;
  const series = await takeSamples(shop, locked, samples, now);
  if (!isDue) return series;
  const { blocks, head, samples: count, holdId, jobId } = series;
  await tell(shop, { jobId, holdId, kind: 'series-stands', told: { hold: holdId, series: id, blocks, head, samples: count }, now });
  const stood = { ...series, stoodAt: now };
  await shop.series.save(stood);
  return stood;
}

/** A hold is ended: what stands is sealed, so that its verdict names what it was made from. */
export async function sealHold(shop: ShopWork, holdId: string): Promise<readonly Series[]> {
  const sealed: Series[] = [];
  for (const { id } of await shop.series.ofHold(holdId)) {
    const locked = await shop.series.lock(id);
    if (locked) sealed.push(await sealTail(shop, locked));
  }
  return sealed;
}

/** Let down: whoever spoke of it is heard no more. */
export async function endSeries(shop: ShopWork, holdId: string, now: Date): Promise<void> {
  for (const series of await shop.series.ofHold(holdId)) if (series.endedAt === null) await shop.series.save({ ...series, endedAt: now });
}

/** One instrument is let go, by whoever let it in or a lead: it is heard no more; what it sent stays. */
export async function endOne(
  shop: ShopWork,
  asked: { readonly jobId: string; readonly id: string; readonly by: Me['person']; readonly now: Date },
) {
  const series = await shop.series.lock(asked.id);
  if (!series || series.jobId !== asked.jobId) throw notFound('This instrument');
  if (series.pairedBy !== asked.by.id && !LEADS.includes(asked.by.role))
    throw new AppError('FORBIDDEN', 'Whoever let it in, or a lead, lets it go.');
  if (series.endedAt === null) await shop.series.save({ ...series, endedAt: asked.now });
}
