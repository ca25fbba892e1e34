import type { PersonName, PutStageEntryRequest } from '@kesto/contract';
import {
  factOf,
  keepsMakeSafe,
  safetyClassOf,
  sealStageEntry,
  STAGE_ENTRY_FORMAT,
  torchLock,
  type StageEntry,
  type TorchFacts,
} from '@kesto/core';
import { gateText } from '@kesto/contract/wording';
import { requestHash, sameOrConflict } from '../../platform/db/idempotency';
import { AppError, notFound } from '../../platform/errors';
import { serverTime } from '../../platform/clock';
import { nearOf, type Job } from '../jobs';
import { photosOf } from '../photos';
import type { ShopWork } from '../shopWork';
import { toCircuit } from '../units';
import { keptValues } from './worked';
import { checkGates, checkOpen, checkPrice, checkRoom, checkTold, checkWatch } from './stageChecks';

export interface Asked {
  readonly jobId: string;
  readonly entryId: string;
  readonly person: PersonName;
  readonly body: PutStageEntryRequest;
  readonly now: Date;
}

async function keptOf(shop: ShopWork, job: Job) {
  const told = await shop.jobs.told(job.id);
  if (!told) throw notFound('This job');
  const about: TorchFacts = { near: nearOf(told), safetyClass: safetyClassOf(toCircuit(told.circuit)) };
  return { told, entries: told.entries, about };
}

/** Adds one link to a job's chain. Repeating it changes nothing. */
export async function appendStageEntry(shop: ShopWork, asked: Asked): Promise<StageEntry> {
  const job = await shop.jobs.lock(asked.jobId);
  if (!job) throw notFound('This job');
  const { told, entries, about } = await keptOf(shop, job);
  const hash = requestHash({ job: job.id, ...asked.body });
  const before = await shop.stageEntries.requestHashOf(asked.entryId);
  const stored = entries.find((entry) => entry.content.id === asked.entryId);
  if (before) {
    sameOrConflict(before, hash, 'entry');
    if (stored) return stored;
  }
  const facts = entries.map(factOf);
  checkTold(asked);
  checkRoom(facts);
  checkOpen(asked, facts);
  checkGates(asked, facts, about);
  checkPrice(asked, facts);
  checkWatch(asked, facts);
  const values = await keptValues(shop, asked, told, facts);
  const entry = sealStageEntry({
    format: STAGE_ENTRY_FORMAT,
    id: asked.entryId,
    job: { id: job.id, number: job.number },
    sequence: entries.length + 1,
    ...{ stage: asked.body.stage, kind: asked.body.kind, values },
    person: { id: asked.person.id, name: asked.person.name },
    deviceTime: asked.body.deviceTime,
    serverTime: serverTime(asked.now, entries),
    photos: await photosOf(shop, asked.body.photos),
    previous: entries.at(-1)?.hash ?? null,
  });
  await shop.stageEntries.add(entry, hash);
  return entry;
}

/** No flame is recorded on a job whose torch is locked. */
export async function checkTorch(shop: ShopWork, jobId: string | null): Promise<void> {
  const job = jobId ? await shop.jobs.byId(jobId) : null;
  if (!job) return;
  const { entries, about } = await keptOf(shop, job);
  const facts = entries.map(factOf);
  if (!keepsMakeSafe({ facts, began: job.began, stored: job.stage })) return;
  const lock = torchLock(facts, about);
  if (lock)
    throw new AppError(
      'GATE',
      `No flame yet: ${gateText(lock)}. Answer it under “make safe”, or a lead overrules it with the reason.`,
      'kind',
    );
}
