import { planAnswer, type PutPlanRequest, type StoredPlan } from '@kesto/contract';
import { schoolName, wireError } from '@kesto/contract/wording';
import { differingSchool, ENGINE_VERSION, planJoint, type JointPlan } from '@kesto/core';
import { requestHash, sameOrConflict } from '../../platform/db/idempotency';
import { AppError, notFound } from '../../platform/errors';
import { schoolsOfJob } from '../jobNotes';
import type { ShopWork } from '../shopWork';
import type { KeptPlan } from './joints.repository';
import { toStoredPlan } from './storedPlan';

interface Asked {
  readonly jointId: string;
  readonly planId: string;
  readonly personId: string;
  readonly body: Pick<PutPlanRequest, 'request' | 'chosen' | 'reason' | 'engineVersion'>;
  readonly now: Date;
}

/** The plan worked out again on the server: what is stored is what this engine says, whoever asked. */
function recompute(body: PutPlanRequest): JointPlan {
  const plan = planJoint({ ...body.request, choose: body.chosen });
  if (plan.ok) return plan.value;
  const [first] = plan.errors;
  if (!first) throw new AppError('INVALID_INPUT', 'The plan was refused.');
  const { field, message } = wireError(first);
  throw new AppError('INVALID_INPUT', message, `request.${field}`);
}

/** Advice may be left, with a reason that is kept. */
function needsReason(plan: JointPlan, chosen: string): boolean {
  const row = plan.fillers.find((f) => f.filler.designation === chosen);
  return row?.verdict === 'avoid';
}

/** One joint may be made by another school than its job, or the shop: with a reason. */
async function checkSchools(shop: ShopWork, jointId: string, body: PutPlanRequest): Promise<void> {
  if (body.reason) return;
  const asked = body.request.schools ?? {};
  const differs = differingSchool(asked, await schoolsOfJob(shop, await shop.joints.jobOf(jointId)));
  if (differs) {
    throw new AppError(
      'INVALID_INPUT',
      `“${schoolName(differs, asked[differs] ?? '')}” is not how it is done here: write why this joint differs.`,
      'reason',
    );
  }
}

/** Works the plan out, and keeps it as the joint's newest. */
export async function addPlan(shop: ShopWork, { jointId, planId, personId, body, now }: Asked, hash: string): Promise<KeptPlan> {
  const plan = recompute(body);
  await checkSchools(shop, jointId, body);
  if (needsReason(plan, body.chosen) && !body.reason) {
    throw new AppError('INVALID_INPUT', `${body.chosen} is to be avoided here: write why it is taken.`, 'reason');
  }
  const kept = {
    ...{ id: planId, jointId, personId, request: { ...body.request, choose: body.chosen }, plan, answer: planAnswer(plan) },
    ...{ chosen: body.chosen, reason: body.reason ?? null, engineVersion: ENGINE_VERSION, madeAt: now, requestHash: hash },
  };
  await shop.plans.add(kept);
  return kept;
}

export async function storePlan(shop: ShopWork, asked: Asked): Promise<StoredPlan & { engineDiffers: boolean }> {
  const joint = await shop.joints.lock(asked.jointId);
  if (!joint) throw notFound('This joint');
  const hash = requestHash({ joint: asked.jointId, ...asked.body });
  const by = (await shop.people.namesOf([asked.personId])).get(asked.personId) ?? '';
  const engineDiffers = asked.body.engineVersion !== ENGINE_VERSION;
  const before = await shop.plans.byId(asked.planId);
  if (before) {
    sameOrConflict(before.requestHash, hash, 'plan');
    return { ...toStoredPlan(before, by), engineDiffers };
  }
  const entries = await shop.ledger.of({ of: 'joint', id: joint.id });
  if (entries.length > 0) throw new AppError('FROZEN', 'Brazing has begun: the plan is frozen. Note what differs in the record.');
  const kept = await addPlan(shop, asked, hash);
  return { ...toStoredPlan(kept, by), engineDiffers };
}
