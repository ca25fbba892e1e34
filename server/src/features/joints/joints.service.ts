import type { JointView } from '@kesto/contract';
import type { ShopWork } from '../../platform/db/shop';
import { notFound } from '../../platform/errors';
import { jobView } from '../jobs/jobs.service';
import { entriesOf, jobOfJoint, jointById, latestPlans, namesOf, toStoredPlan } from './joints.repository.typeorm';
import { summaries } from './summaries';

export async function jointView(shop: ShopWork, jointId: string): Promise<JointView> {
  const joint = await jointById(shop, jointId);
  const jobId = joint && (await jobOfJoint(shop, joint.id));
  if (!joint || !jobId) throw notFound('This joint');
  const job = await jobView(shop, jobId);
  const plan = (await latestPlans(shop, [joint.id])).get(joint.id) ?? null;
  const by = plan ? ((await namesOf(shop, [plan.person_id])).get(plan.person_id) ?? '') : '';
  const [summary] = await summaries(shop, [joint]);
  if (!summary) throw notFound('This joint');
  return {
    ...summary,
    job: { id: job.id, number: job.number, title: job.title, stage: job.stage, order: job.order, schools: job.schools },
    unit: job.unit,
    circuit: job.circuit,
    plan: plan && toStoredPlan(plan, by),
    entries: (await entriesOf(shop, [joint.id])).get(joint.id) ?? [],
  };
}
