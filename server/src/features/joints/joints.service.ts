import type { JointSummary, JointView } from '@kesto/contract';
import { headOf } from '@kesto/core';
import { notFound } from '../../platform/errors';
import { jobWithNotes } from '../jobs';
import type { ShopWork } from '../shopWork';
import { toStoredPlan } from './storedPlan';

/** Joints of one job with their plans and records, in a number of queries that does not grow with them. */
export async function jointViews(shop: ShopWork, jobId: string, wanted: (joint: JointSummary) => boolean): Promise<readonly JointView[]> {
  const { id, number, title, stage, began, order, schools, site, unit, circuit, kept } = await jobWithNotes(shop, jobId);
  const job = { id, number, title, stage, began, order, schools, head: headOf('job', id, kept.entries) };
  const joints = order.filter(wanted);
  const ids = joints.map((joint) => joint.id);
  const plans = await shop.plans.latestOf(ids);
  const names = await shop.people.namesOf([...new Set([...plans.values()].map((plan) => plan.personId))]);
  const entries = await shop.ledger.ofAll('joint', ids);
  return joints.map((joint) => {
    const plan = plans.get(joint.id);
    const stored = plan ? toStoredPlan(plan, names.get(plan.personId) ?? '') : null;
    return { ...joint, job, site, unit, circuit, plan: stored, entries: entries.get(joint.id) ?? [] };
  });
}

export async function jointView(shop: ShopWork, jointId: string): Promise<JointView> {
  const jobId = await shop.joints.jobOf(jointId);
  const [view] = jobId ? await jointViews(shop, jobId, (joint) => joint.id === jointId) : [];
  if (!view) throw notFound('This joint');
  return view;
}
