import type { PersonName, PutStageEntryRequest } from '@kesto/contract';
import {
  factsIn,
  isWorked,
  keepsMakeSafe,
  KINDS,
  pullsOf,
  safetyClassOf,
  stateAfter,
  torchLock,
  type Head,
  type JobLink,
  type PriceFacts,
  type StageFact,
  type GateFacts,
  type TorchStands,
} from '@kesto/core';
import { gateText } from '@kesto/contract/wording';
import { requestHash, sameOrConflict } from '../../platform/db/idempotency';
import { AppError, notFound } from '../../platform/errors';
import { nearOf, type Job, type ToldJob } from '../jobs';
import { endSeries } from '../instruments';
import { append, authorOf, type Author } from '../ledger';
import { photosOf } from '../photos';
import type { ShopWork } from '../shopWork';
import { toCircuit } from '../units';
import { tellHeldJoints, tellPulledJoints } from './heldJoints';
import { checkEnd } from './endChecks';
import { checkHold } from './holdChecks';
import { checkCorrected } from './correctedStage';
import { checkGates, checkOpen, checkPrice, checkRoom, checkTold, checkWatch } from './stageChecks';
import { workedAnew, workedOut } from './worked';

export interface Asked {
  readonly jobId: string;
  readonly entryId: string;
  readonly person: PersonName & Author;
  readonly body: PutStageEntryRequest;
  readonly now: Date;
  /** How far the server's clock was ahead of the device's [s]; null where nobody said. */
  readonly offsetS: number | null;
}

async function keptOf(shop: ShopWork, job: Job) {
  const told = await shop.jobs.told(job.id);
  if (!told) throw notFound('This job');
  const circuit = toCircuit(told.circuit);
  const about: GateFacts = {
    near: nearOf(told),
    hotJoints: told.joints.length,
    joints: told.joints.map(({ id, facts, filler }) => ({ id, state: stateAfter(facts, filler !== null) })),
    safetyClass: safetyClassOf(circuit),
    refrigerant: circuit.refrigerant,
  };
  return { told, links: told.entries, about };
}

interface Kept {
  readonly told: ToldJob;
  readonly links: readonly JobLink[];
  readonly facts: readonly StageFact[];
  readonly about: GateFacts;
}

/** What a price waits for goes by the circuit as it is drawn now. */
async function priceFacts(shop: ShopWork, { told, facts }: Kept): Promise<PriceFacts> {
  const drawn = await shop.drawings.latestOf(told.circuit.id);
  return { graph: drawn?.graph ?? null, facts, chargeKg: toCircuit(told.circuit).chargeKg };
}

const OF_PRICES: readonly string[] = ['price-check', 'approval'];

async function checkEntry(shop: ShopWork, asked: Asked, kept: Kept): Promise<void> {
  const { links, facts, about, told } = kept;
  checkTold(asked);
  checkRoom(links);
  checkCorrected(asked, links);
  checkOpen(asked, facts);
  checkHold(asked, facts);
  checkEnd(asked, facts, told.job);
  checkGates(asked, facts, about);
  if (OF_PRICES.includes(asked.body.kind)) checkPrice(asked, await priceFacts(shop, kept));
  checkWatch(asked, facts, told.lastFlame);
}

/** What is appended of a write: what was told, and what this server makes of it. */
async function toAppend(shop: ShopWork, asked: Asked, kept: Kept) {
  const { kind, stage, values, corrects, photos } = asked.body;
  const base = { photos: await photosOf(shop, photos), ...(corrects ? { corrects } : {}) };
  if (kind === 'struck-out') return { ...base, kind, told: {} };
  if (kind === 'corrected') {
    const corrected = kept.facts.find(({ id }) => id === corrects?.entry);
    return { ...base, kind, told: values, ...(corrected ? { anew: KINDS[corrected.kind].told } : {}) };
  }
  const { told, worked } = await workedOut(shop, { ...asked, kind, values }, kept);
  return { ...base, kind, stage, told, ...(worked ? { worked } : {}) };
}

/** With these whoever spoke of a pull is heard no more. */
const ENDS_PULLS: readonly string[] = ['done', 'skipped', 'pull-began'];
async function endPulls(shop: ShopWork, facts: readonly StageFact[], now: Date): Promise<void> {
  for (const { id } of pullsOf(facts)) await endSeries(shop, id, now);
}

/** Adds one link to a job's chain. Repeating it changes nothing. */
export async function appendStageEntry(shop: ShopWork, asked: Asked): Promise<JobLink> {
  const job = await shop.jobs.lock(asked.jobId);
  if (!job) throw notFound('This job');
  const hash = requestHash({ job: job.id, ...asked.body });
  const before = await shop.ledger.taken('job', asked.entryId);
  if (before) {
    sameOrConflict(before.requestHash, hash, 'entry');
    return before.link as JobLink; // cast: the hash names the job, so that it is one of its links
  }
  const { told, links, about } = await keptOf(shop, job);
  const kept = { told, links, about, facts: factsIn(links) };
  await checkEntry(shop, asked, kept);
  const { person, body, now, offsetS, entryId } = asked;
  const chain = { of: 'job', id: job.id } as const;
  const link = await append(shop, links, {
    ...(await toAppend(shop, asked, kept)),
    ...{ chain, id: entryId, requestHash: hash, person: authorOf(person), deviceTime: body.deviceTime, now, offsetS },
    ...(body.seen ? { seen: body.seen } : {}),
    signed: body.signed,
  });
  const corrected = body.kind === 'corrected' ? kept.facts.find(({ id }) => id === body.corrects?.entry) : undefined;
  if (body.stage === 'pull' && ENDS_PULLS.includes(body.kind)) await endPulls(shop, kept.facts, now);
  if (body.kind === 'vented') await endSeries(shop, String(body.values['hold']), now);
  if (body.stage === 'hand-over' && body.kind === 'done') await shop.jobs.close(job.id, true);
  if (body.kind === 'reopened' && job.done) await shop.jobs.close(job.id, false);
  if (body.kind === 'hold-ended') await tellHeldJoints(shop, { told, links, now }, link);
  if (body.kind === 'rise') await tellPulledJoints(shop, { told, links, now }, link);
  if (corrected && isWorked(corrected.kind)) await workedAnew(shop, { asked, told }, [...links, link], corrected.id);
  return link;
}

const saw = (seen: readonly Head[] | undefined, links: readonly JobLink[]) =>
  seen?.some(({ of, sequence }) => of === 'job' && sequence >= links.length) ?? false;

/**
 * How a job's torch stands. Nobody notes a flame at a torch that their device knew to be locked; where it did not know, the flame is kept
 * and said to be lit while locked: it was.
 */
export async function checkTorch(shop: ShopWork, jobId: string | null, seen: readonly Head[] | undefined): Promise<TorchStands> {
  const job = jobId ? await shop.jobs.byId(jobId) : null;
  if (!job) return 'not-kept';
  const { links, about } = await keptOf(shop, job);
  const facts = factsIn(links);
  if (!keepsMakeSafe({ facts, began: job.began, stored: job.stage })) return 'not-kept';
  const lock = torchLock(facts, about);
  if (lock && saw(seen, links))
    throw new AppError(
      'GATE',
      `No flame yet: ${gateText(lock)}. Answer it under “make safe”, or a lead overrules it with the reason.`,
      'kind',
    );
  return lock ? 'locked' : 'open';
}
