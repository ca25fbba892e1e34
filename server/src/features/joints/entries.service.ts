import type { PersonName, PutEntryRequest } from '@kesto/contract';
import { ENTRY_FORMAT, readContent, sealEntry, type EntryContent, type EntryKind, type RecordEntry } from '@kesto/core';
import { serverTime } from '../../platform/clock';
import { requestHash, sameOrConflict } from '../../platform/db/idempotency';
import { AppError, notFound } from '../../platform/errors';
import { photosOf } from '../photos';
import type { ShopWork } from '../shopWork';
import { checkTorch } from '../stages';
import { checkCorrection, checkJudge, checkOrder, checkRoom, checkValues } from './entryChecks';
import type { Joint, KeptPlan } from './joints.repository';

export interface Asked {
  readonly jointId: string;
  readonly entryId: string;
  readonly person: PersonName;
  readonly body: PutEntryRequest;
  readonly now: Date;
  /** Id of the entry that freezes the plan, when this one is the first after it. */
  readonly freezeId: string;
}

/** Nobody notes a flame that nobody was allowed to light. */
const AT_THE_TORCH: readonly EntryKind[] = ['brazed', 'reworked'];

/** Puts every check of a new entry in one place; each throws what it has against it. */
function checkEntry(asked: Asked, entries: readonly RecordEntry[]): void {
  const contents = entries.map((e) => readContent(e.content));
  checkRoom(asked, entries);
  checkOrder(asked, contents);
  checkCorrection(asked, contents);
  checkJudge(asked, contents);
  checkValues(asked, contents);
}

/** The plan as it stood when brazing began, as the first link of the chain. */
function frozenPlan(asked: Asked, joint: Joint, plan: KeptPlan): EntryContent {
  return {
    ...link(asked, joint, []),
    id: asked.freezeId,
    kind: 'planned',
    values: {
      plan: plan.id,
      request: plan.request,
      answer: plan.answer,
      chosen: plan.chosen,
      reason: plan.reason,
      engineVersion: plan.engineVersion,
      plannedBy: plan.personId,
      plannedAt: plan.madeAt.toISOString(),
    },
  };
}

function link(asked: Asked, joint: Joint, before: readonly RecordEntry[]): Omit<EntryContent, 'kind' | 'values'> {
  return {
    format: ENTRY_FORMAT,
    id: asked.entryId,
    joint: { id: joint.id, tag: joint.tag },
    sequence: before.length + 1,
    person: { id: asked.person.id, name: asked.person.name },
    deviceTime: asked.body.deviceTime,
    serverTime: serverTime(asked.now, before),
    photos: [],
    corrects: null,
    previous: before.at(-1)?.hash ?? null,
  };
}

/** Adds one link to a joint's chain. Repeating it changes nothing; the first one freezes the plan into the chain before itself. */
export async function appendEntry(shop: ShopWork, asked: Asked): Promise<RecordEntry> {
  const joint = await shop.joints.lock(asked.jointId);
  if (!joint) throw notFound('This joint');
  const hash = requestHash({ joint: asked.jointId, ...asked.body });
  const entries = [...((await shop.records.of([joint.id])).get(joint.id) ?? [])];
  const before = await shop.records.requestHashOf(asked.entryId);
  if (before) {
    sameOrConflict(before, hash, 'entry');
    return entries.find((e) => e.content.id === asked.entryId) ?? entries[entries.length - 1]!; // the id is unique in the shop and the hash names the joint
  }
  const plan = (await shop.plans.latestOf([joint.id])).get(joint.id);
  if (!plan) throw new AppError('NOT_PLANNED', 'Plan the joint before its record begins.');
  checkEntry(asked, entries);
  if (AT_THE_TORCH.includes(asked.body.kind)) await checkTorch(shop, await shop.joints.jobOf(joint.id));
  if (entries.length === 0) {
    const frozen = sealEntry(frozenPlan(asked, joint, plan));
    await shop.records.add(frozen, requestHash({ freezes: plan.id }));
    entries.push(frozen);
  }
  const photos = await photosOf(shop, asked.body.photos);
  const entry = sealEntry({
    ...link(asked, joint, entries),
    kind: asked.body.kind,
    values: asked.body.values,
    photos,
    corrects: asked.body.corrects ?? null,
  });
  await shop.records.add(entry, hash);
  return entry;
}
