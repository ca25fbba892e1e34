import type { JobSummary, JobView, JointSummary, PutJobRequest, PutJointRequest, Today, VanStock } from '@kesto/contract';
import { requestHash, sameOrConflict } from '../../platform/db/once';
import type { JobRow } from '../../platform/db/rows';
import type { ShopWork } from '../../platform/db/shop';
import { notFound } from '../../platform/errors';
import { entriesOf, jointById } from '../joints/joints.repository.typeorm';
import { summaries } from '../joints/summaries';
import { jobNotes, type JobNotes } from './jobEntries.service';
import {
  addJob,
  addJoint,
  allJobs,
  allPeople,
  allUnits,
  circuitById,
  jobById,
  jointsOfJob,
  lockShop,
  lockUnit,
  nextJobNumber,
  nextTag,
  shopRow,
  toCircuit,
  toPlate,
  unitById,
} from './jobs.repository.typeorm';

const DUE_WITHIN_DAYS = 30;

type BareJob = Omit<JobView, keyof JobNotes>;

async function describe(shop: ShopWork, job: JobRow): Promise<BareJob> {
  const circuit = await circuitById(shop, job.circuit_id);
  const unit = circuit && (await unitById(shop, circuit.unit_id));
  if (!circuit || !unit) throw notFound('This job’s circuit');
  const order = await summaries(shop, await jointsOfJob(shop, job.id));
  return {
    id: job.id,
    number: job.number,
    title: job.title,
    stage: job.stage,
    done: job.done,
    unit: toPlate(unit),
    planned: order.filter((j) => j.state !== 'not planned').length,
    joints: order.length,
    circuit: toCircuit(circuit),
    order,
  };
}

export async function jobView(shop: ShopWork, jobId: string): Promise<JobView> {
  const job = await jobById(shop, jobId);
  if (!job) throw notFound('This job');
  return { ...(await describe(shop, job)), ...(await jobNotes(shop, job.id)) };
}

const summaryOf = ({ circuit: _circuit, order: _order, ...summary }: BareJob): JobSummary => summary;

export async function today(shop: ShopWork, now: Date): Promise<Today> {
  const jobs: BareJob[] = [];
  for (const row of await allJobs(shop)) jobs.push(await describe(shop, row));
  return {
    jobs: jobs.filter((job) => !job.done).map(summaryOf),
    units: (await allUnits(shop)).map(toPlate),
    sentBack: await sentBack(shop, jobs),
    due: dueSoon(await allPeople(shop), now),
    toRead: jobs.flatMap((job) => job.order).filter((joint) => joint.state === 'accepted' || joint.state === 'passed'),
  };
}

async function sentBack(shop: ShopWork, jobs: readonly BareJob[]): Promise<Today['sentBack']> {
  const found = jobs.flatMap((job) =>
    job.order.filter((j) => j.state === 'sent back' || j.state === 'rework').map((joint) => ({ joint, jobId: job.id })),
  );
  const entries = await entriesOf(
    shop,
    found.map((f) => f.joint.id),
  );
  return found.map(({ joint, jobId }) => {
    const last = entries.get(joint.id)?.findLast((e) => e.content.kind === 'sent back' || e.content.kind === 'looked at')?.content;
    const why = last?.values['why'] ?? last?.values['note'] ?? '';
    return { joint, jobId, by: last?.person.name ?? '', why: String(why) };
  });
}

function dueSoon(people: Awaited<ReturnType<typeof allPeople>>, now: Date): Today['due'] {
  const until = new Date(now.getTime() + DUE_WITHIN_DAYS * 86_400_000).toISOString().slice(0, 10);
  return people.flatMap((person) =>
    person.approvals.filter((a) => a.validUntil <= until).map((a) => ({ name: person.name, what: a.group, until: a.validUntil })),
  );
}

export async function openJob(shop: ShopWork, jobId: string, body: PutJobRequest): Promise<JobView> {
  const hash = requestHash(body);
  await lockShop(shop);
  const before = await jobById(shop, jobId);
  if (before) sameOrConflict(before, hash, 'job');
  else {
    if (!(await circuitById(shop, body.circuitId))) throw notFound('This circuit');
    const number = await nextJobNumber(shop);
    await addJob(shop, {
      id: jobId,
      circuit_id: body.circuitId,
      number,
      title: body.title,
      stage: 'plan',
      done: false,
      request_hash: hash,
    });
  }
  return jobView(shop, jobId);
}

export async function addJointToJob(shop: ShopWork, ids: { jobId: string; jointId: string }, body: PutJointRequest): Promise<JointSummary> {
  const job = await jobView(shop, ids.jobId);
  await lockUnit(shop, job.unit.id);
  const hash = requestHash({ job: ids.jobId, ...body });
  const before = await jointById(shop, ids.jointId);
  if (before) sameOrConflict(before, hash, 'joint');
  else
    await addJoint(shop, ids.jobId, {
      id: ids.jointId,
      circuit_id: job.circuit.id,
      tag: await nextTag(shop, job.unit.tag),
      title: body.title,
      request_hash: hash,
    });
  const stored = await jointById(shop, ids.jointId);
  const [summary] = stored ? await summaries(shop, [stored]) : [];
  if (!summary) throw notFound('This joint');
  return summary;
}

export async function van(shop: ShopWork): Promise<VanStock> {
  const row = await shopRow(shop);
  if (!row) throw notFound('This shop');
  return row.van;
}
