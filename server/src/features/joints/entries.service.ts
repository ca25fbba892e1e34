import type { PersonName, PutEntryRequest } from '@kesto/contract';
import {
  approvalFor,
  correctedEntry,
  effectiveTime,
  ENGINE_VERSION,
  figuresOf,
  isColdKind,
  isFlame,
  KINDS,
  readChain,
  readEntry,
  type HeldAtFlame,
  type JointLink,
  type KindId,
  type Told,
} from '@kesto/core';
import { requestHash, sameOrConflict } from '../../platform/db/idempotency';
import { AppError, notFound } from '../../platform/errors';
import { schoolsOfJob } from '../jobNotes';
import { append, authorOf, type Author, type SaidBy } from '../ledger';
import { photosOf } from '../photos';
import type { ShopWork } from '../shopWork';
import { checkTorch } from '../stages';
import { toCircuit } from '../units';
import { checkCorrection, checkJudge, checkLook, checkOrder, checkPlannedAnew, checkRoom, checkValues } from './entryChecks';
import type { Joint, KeptPlan } from './joints.repository';
import { checkGoesOn } from './goesOn';
import { addPlan } from './plans.service';

export interface Asked {
  readonly jointId: string;
  readonly entryId: string;
  readonly person: PersonName & Author;
  readonly body: PutEntryRequest;
  readonly now: Date;
  /** How far the server's clock was ahead of the device's [s]; null where nobody said. */
  readonly offsetS: number | null;
  /** Id of the entry that freezes the plan, when this one is the first after it. */
  readonly freezeId: string;
}

/** Puts every check of a new entry in one place; each throws what it has against it. */
function checkEntry(asked: Asked, links: readonly JointLink[]): void {
  const all = links.map(readEntry);
  checkRoom(asked, links);
  checkOrder(asked, readChain(links));
  checkPlannedAnew(asked, all);
  checkCorrection(asked, all);
  checkJudge(asked, all);
  checkValues(asked, all);
}

const saidBy = ({ person, body, now, offsetS }: Asked): SaidBy => ({
  person: authorOf(person),
  ...{ deviceTime: body.deviceTime, now, offsetS },
});

/** The plan as it stood when the record began, as the first link of the chain: Kesto's own, because of the entry that began it. */
interface ToFreeze {
  readonly plan: KeptPlan;
  readonly jobId: string | null;
  readonly links: readonly JointLink[];
}

const freezePlan = (shop: ShopWork, asked: Asked, joint: Joint, { plan, jobId, links }: ToFreeze) =>
  append(shop, links, {
    chain: { of: 'joint', id: joint.id },
    id: asked.freezeId,
    kind: 'planned',
    told: {
      ...{ plan: plan.id, job: jobId, tag: joint.tag, request: plan.request, chosen: plan.chosen },
      ...(plan.reason === null ? {} : { reason: plan.reason }),
      ...{ plannedBy: plan.personId, plannedAt: plan.madeAt.toISOString() },
    },
    worked: { engine: plan.engineVersion, drawing: null, values: { plan: figuresOf(plan.plan) } },
    because: { chain: { of: 'joint', id: joint.id }, entry: asked.entryId },
    ...{ person: 'kesto', deviceTime: null, offsetS: null, now: asked.now, requestHash: requestHash({ freezes: plan.id }) },
  });

/** How the torch stood when this try's was lit, where that was kept by itself: what was used is told when the flame is long off. */
function torchAtLit({ body }: Asked, links: readonly JointLink[]): HeldAtFlame['torch'] | null {
  if (body.kind === 'lit') return null;
  const all = readChain(links);
  const tries = all.findLastIndex(({ kind }) => kind === 'brazed' || kind === 'reworked');
  const lit = all.slice(tries + 1).findLast(({ kind }) => kind === 'lit');
  return lit ? (lit.values as unknown as HeldAtFlame).torch : null; // cast: worked out when it was taken
}

/** What is held when a flame is lit: how the torch of the job stood, and the approval that counts. */
async function atTheFlame(
  shop: ShopWork,
  asked: Asked,
  { jobId, links }: { jobId: string | null; links: readonly JointLink[] },
): Promise<HeldAtFlame> {
  const { person, body, now, offsetS } = asked;
  const at = effectiveTime({ device: body.deviceTime, server: now.toISOString(), offsetS }, null);
  // Of whoever held the torch.
  const approvals = (await shop.people.byId(person.onBehalfOf ?? person.id))?.approvals ?? [];
  // The filler that went in may be another than the one the torch was lit for.
  return {
    torch: torchAtLit(asked, links) ?? (await checkTorch(shop, jobId, body.seen)),
    approval: approvalFor(approvals, String(body.values['filler'] ?? ''), at),
  };
}

/** A plan that is made on the spot is worked out here and is the joint's from now on; its entry is the plan's own id. */
function planAnew(shop: ShopWork, { jointId, entryId, person, body, now }: Asked, hash: string): Promise<KeptPlan> {
  const { request, chosen, reason } = body.values as Told<'planned-anew'>; // cast: the schema of this kind
  const asked = { request, chosen, engineVersion: ENGINE_VERSION, ...(reason === undefined ? {} : { reason }) };
  return addPlan(shop, { jointId, planId: entryId, personId: person.id, body: asked, now }, hash);
}

/** What a correction says anew fits the kind of what it corrects. */
function correctedFields({ body }: Asked, links: readonly JointLink[]) {
  if (body.kind !== 'corrected' || !body.corrects) return {};
  const corrected = correctedEntry(links.map(readEntry), body.corrects.entry);
  return corrected ? { anew: KINDS[corrected.kind as KindId].told } : {};
}

async function circuitOf(shop: ShopWork, { circuitId }: Joint) {
  const circuit = await shop.circuits.byId(circuitId);
  if (!circuit) throw notFound('The circuit of this joint');
  return toCircuit(circuit);
}

/** Adds one link to a joint's chain. Repeating it changes nothing; the first one freezes the plan into the chain before itself. */
export async function appendEntry(shop: ShopWork, asked: Asked): Promise<JointLink> {
  const lights = isFlame(asked.body.kind);
  const jobId = await shop.joints.jobOf(asked.jointId);
  // The job before the joint, as everywhere: a flame is judged by the job's chain as it stands until this one is written.
  if (lights && jobId) await shop.jobs.hold(jobId);
  const joint = await shop.joints.lock(asked.jointId);
  if (!joint) throw notFound('This joint');
  const hash = requestHash({ joint: asked.jointId, ...asked.body });
  const before = await shop.ledger.taken('joint', asked.entryId);
  if (before) {
    sameOrConflict(before.requestHash, hash, 'entry');
    return before.link as JointLink; // cast: the hash names the joint, so that it is one of its links
  }
  const plan = (await shop.plans.latestOf([joint.id])).get(joint.id);
  const links = [...(await shop.ledger.of({ of: 'joint', id: joint.id }))];
  const isBegun = readChain(links).some(({ kind }) => kind !== 'goes-on-from');
  // No flame, no plan: what is joined cold begins with the joining itself, and what another shop made with its record.
  if (!plan && !isBegun && !isColdKind(asked.body.kind) && asked.body.kind !== 'goes-on-from') {
    throw new AppError('NOT_PLANNED', 'Plan the joint before its record begins.');
  }
  await checkGoesOn(shop, asked.body, links);
  checkEntry(asked, links);
  if (asked.body.kind === 'looked-at')
    checkLook(asked, readChain(links), { circuit: await circuitOf(shop, joint), schools: await schoolsOfJob(shop, jobId) });
  const anew = asked.body.kind === 'planned-anew' ? await planAnew(shop, asked, hash) : null;
  const flame = lights ? await atTheFlame(shop, asked, { jobId, links }) : null;
  const begins = !isBegun && asked.body.kind !== 'goes-on-from';
  if (begins && plan) links.push(await freezePlan(shop, asked, joint, { plan, jobId, links }));
  const { kind, values, corrects } = asked.body;
  return append(shop, links, {
    ...{ chain: { of: 'joint', id: joint.id }, id: asked.entryId, kind, told: values, requestHash: hash },
    photos: await photosOf(shop, asked.body.photos),
    ...(corrects ? { corrects } : {}),
    ...(flame ? { worked: { engine: ENGINE_VERSION, drawing: null, values: { ...flame } } } : {}),
    ...(anew ? { worked: { engine: anew.engineVersion, drawing: null, values: { plan: figuresOf(anew.plan) } } } : {}),
    ...correctedFields(asked, links),
    ...saidBy(asked),
    ...(asked.body.seen ? { seen: asked.body.seen } : {}),
    signed: asked.body.signed,
  });
}
