import type { JointSummary, JointView } from '@kesto/contract';
import type { ShopWork } from '../../platform/db/shop';
import { notFound } from '../../platform/errors';
import { jobWithNotes } from '../jobs';
import { entriesOf, jobOfJoint, latestPlans, namesOf, toStoredPlan } from './joints.repository.typeorm';

/** Joints of one job with their plans and records, in a number of queries that does not grow with them. */
export async function jointViews(shop: ShopWork, jobId: string, wanted: (joint: JointSummary) => boolean): Promise<readonly JointView[]> {
  const { id, number, title, stage, began, order, schools, site, unit, circuit } = await jobWithNotes(shop, jobId);
  const job = { id, number, title, stage, began, order, schools };
  const joints = order.filter(wanted);
  const ids = joints.map((joint) => joint.id);
  const plans = await latestPlans(shop, ids);
  const names = await namesOf(shop, [...new Set([...plans.values()].map((plan) => plan.person_id))]);
  const entries = await entriesOf(shop, ids);
  return joints.map((joint) => {
    const plan = plans.get(joint.id);
    const stored = plan ? toStoredPlan(plan, names.get(plan.person_id) ?? '') : null;
    return { ...joint, job, site, unit, circuit, plan: stored, entries: entries.get(joint.id) ?? [] };
  });
}

export async function jointView(shop: ShopWork, jointId: string): Promise<JointView> {
  const jobId = await jobOfJoint(shop, jointId);
  const [view] = jobId ? await jointViews(shop, jobId, (joint) => joint.id === jointId) : [];
  if (!view) throw notFound('This joint');
  return view;
}
