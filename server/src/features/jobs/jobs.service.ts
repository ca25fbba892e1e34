import {
  CONFIRM_EVERY_DAYS,
  type JobSummary,
  type JobView,
  type JointSummary,
  type PutJobRequest,
  type PutJointRequest,
  type Today,
  type VanStock,
} from '@kesto/contract';
import { factOf, jointAt, readContent, safetyClassOf, standingOf } from '@kesto/core';
import { requestHash, sameOrConflict } from '../../platform/db/idempotency';
import type { JobRow } from '../../platform/db/rows';
import type { ShopWork } from '../../platform/db/shop';
import { AppError, notFound } from '../../platform/errors';
import { latestDrawing } from '../circuits';
import { entriesOf, jointById, summaries } from '../joints';
import { vanOf } from '../shop';
import { placeHistory, stagesOfJobs, type StagesKept } from '../stages';
import { jobNotes, type JobNotes } from './jobEntries.service';
import {
  addJob,
  addJoint,
  allPeople,
  jobById,
  jointsOfJobs,
  lastDoneJobs,
  lockShop,
  nextJobNumber,
  nextTag,
  openJobs,
} from './jobs.repository.typeorm';
import { allUnits, circuitById, circuitsByIds, lockUnit, sitesByIds, toCircuit, toPlate, toSite, unitsByIds } from '../units';

const DUE_WITHIN_DAYS = 30;

/** So many finished jobs stand in today's list of joints to read. */
const DONE_JOBS_READ = 20;

/** With what is kept of its stages instead of the view of them. */
type BareJob = Omit<JobView, keyof JobNotes | 'nextTag' | 'stages'> & { readonly kept: StagesKept };

/** Jobs with their circuit, unit and joints; the same few queries for one job as for hundreds. */
async function describe(shop: ShopWork, jobs: readonly JobRow[]): Promise<readonly BareJob[]> {
  const circuits = await circuitsByIds(
    shop,
    jobs.map((job) => job.circuit_id),
  );
  const units = await unitsByIds(
    shop,
    circuits.map((circuit) => circuit.unit_id),
  );
  const sites = await sitesByIds(
    shop,
    units.map((unit) => unit.site_id),
  );
  const joints = await jointsOfJobs(
    shop,
    jobs.map((job) => job.id),
  );
  const found = new Map((await summaries(shop, [...joints.values()].flat())).map((joint) => [joint.id, joint]));
  const stages = await stagesOfJobs(shop, joints);
  return jobs.map((job) => {
    const circuit = circuits.find((c) => c.id === job.circuit_id);
    const unit = circuit && units.find((u) => u.id === circuit.unit_id);
    const site = unit && sites.find((row) => row.id === unit.site_id);
    if (!circuit || !unit || !site) throw notFound('This job’s circuit');
    const order = (joints.get(job.id) ?? []).flatMap((joint) => found.get(joint.id) ?? []);
    const places = { site: toSite(site), unit: toPlate(unit), plate: unit.details, circuit: toCircuit(circuit) };
    const kept = stages.get(job.id) ?? { entries: [], near: [] };
    return { ...toJob(job, order), ...places, ...standing(job, { order, circuit: places.circuit, kept }), kept };
  });
}

interface Kept {
  readonly order: readonly JointSummary[];
  readonly circuit: JobView['circuit'];
  readonly kept: StagesKept;
}

function standing({ stage, began }: JobRow, { order, circuit, kept }: Kept) {
  const facts = kept.entries.map(factOf);
  return standingOf({ facts, began, stored: stage, joints: order, near: kept.near, safetyClass: safetyClassOf(circuit) });
}

const toJob = ({ id, circuit_id, number, title, stage, began, done }: JobRow, order: readonly JointSummary[]) => ({
  id,
  circuitId: circuit_id,
  number,
  title,
  stored: stage,
  began,
  done,
  planned: order.filter((joint) => joint.state !== 'not-planned').length,
  joints: order.length,
  order,
});

/** A job with its notes, as its joints need it. */
export async function jobWithNotes(shop: ShopWork, jobId: string): Promise<BareJob & JobNotes> {
  const row = await jobById(shop, jobId);
  const [job] = row ? await describe(shop, [row]) : [];
  if (!job) throw notFound('This job');
  return { ...job, ...(await jobNotes(shop, job.id)) };
}

export async function jobView(shop: ShopWork, jobId: string): Promise<JobView> {
  const { kept, ...job } = await jobWithNotes(shop, jobId);
  const history = await placeHistory(shop, { jobId, circuitId: job.circuitId });
  return { ...job, stages: { ...kept, history }, nextTag: await nextTag(shop, job.unit.tag) };
}

const summaryOf = ({
  circuit: _circuit,
  site: _site,
  order: _order,
  kept: _kept,
  stored: _stored,
  plate: _plate,
  ...summary
}: BareJob): JobSummary => summary;

export async function today(shop: ShopWork, now: Date): Promise<Today> {
  const jobs = await describe(shop, [...(await openJobs(shop)), ...(await lastDoneJobs(shop, DONE_JOBS_READ))]);
  return {
    jobs: jobs.filter((job) => !job.done).map(summaryOf),
    units: (await allUnits(shop)).map(toPlate),
    sentBack: await sentBack(shop, jobs),
    due: [...dueSoon(await allPeople(shop), now), ...dueOnVan(await vanOf(shop), now)],
    toRead: jobs.flatMap((job) => job.order).filter((joint) => joint.state === 'accepted' || joint.state === 'passed'),
  };
}

async function sentBack(shop: ShopWork, jobs: readonly BareJob[]): Promise<Today['sentBack']> {
  const found = jobs.flatMap((job) =>
    job.order.filter((j) => j.state === 'sent-back' || j.state === 'rework').map((joint) => ({ joint, jobId: job.id })),
  );
  const entries = await entriesOf(
    shop,
    found.map((f) => f.joint.id),
  );
  return found.map(({ joint, jobId }) => {
    const contents = entries.get(joint.id)?.map((entry) => readContent(entry.content));
    const last = contents?.findLast(({ kind }) => kind === 'sent-back' || kind === 'looked-at');
    const why = last?.values['why'] ?? last?.values['note'] ?? '';
    return { joint, jobId, by: last?.person.name ?? '', why: String(why) };
  });
}

const DAY_MS = 86_400_000;
const dayOf = (ms: number) => new Date(ms).toISOString().slice(0, 10);

function dueSoon(people: Awaited<ReturnType<typeof allPeople>>, now: Date): Today['due'] {
  const soon = dayOf(now.getTime() + DUE_WITHIN_DAYS * DAY_MS);
  return people
    .filter((person) => !person.left_at && person.approvals.length > 0)
    .flatMap(({ name, approvals, confirmed_at }): Today['due'] => {
      const again = dayOf((confirmed_at?.getTime() ?? 0) + CONFIRM_EVERY_DAYS * DAY_MS);
      const ending = approvals.filter((a) => a.validUntil <= soon);
      return [
        ...ending.map(({ scope, validUntil }) => ({ kind: 'approval' as const, name, scope, until: validUntil })),
        ...(again <= soon ? [{ kind: 'confirmation' as const, name, until: confirmed_at ? again : dayOf(now.getTime()) }] : []),
      ];
    });
}

/** Instruments to be calibrated and cylinders to be tested soon. */
function dueOnVan({ instruments = [], recovery = [] }: VanStock, now: Date): Today['due'] {
  const soon = dayOf(now.getTime() + DUE_WITHIN_DAYS * DAY_MS);
  const due = (kind: 'calibration' | 'cylinder-test', name: string, until: string | undefined): Today['due'] =>
    until !== undefined && until <= soon ? [{ kind, name, until }] : [];
  return [
    ...instruments.flatMap(({ name, calibratedUntil }) => due('calibration', name, calibratedUntil)),
    ...recovery.flatMap(({ name, testedUntil }) => due('cylinder-test', name, testedUntil)),
  ];
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
      stage: 'find',
      began: 'find',
      done: false,
      request_hash: hash,
    });
  }
  return jobView(shop, jobId);
}

/** A joint sits where the circuit, as it was drawn last, has a tube and a part. */
async function checkPlace(shop: ShopWork, circuitId: string, { at }: PutJointRequest): Promise<void> {
  if (!at) return;
  const drawn = await latestDrawing(shop, circuitId);
  if (!drawn || !jointAt(drawn.graph, at)) {
    throw new AppError('INVALID_INPUT', `${at.part} has no tube from ${at.from} to ${at.to} on this circuit’s drawing.`, 'at');
  }
}

export async function addJointToJob(shop: ShopWork, ids: { jobId: string; jointId: string }, body: PutJointRequest): Promise<JointSummary> {
  const job = await jobWithNotes(shop, ids.jobId);
  await lockUnit(shop, job.unit.id);
  const hash = requestHash({ job: ids.jobId, ...body });
  const before = await jointById(shop, ids.jointId);
  if (before) sameOrConflict(before, hash, 'joint');
  else {
    await checkPlace(shop, job.circuit.id, body);
    await addJoint(shop, ids.jobId, {
      id: ids.jointId,
      circuit_id: job.circuit.id,
      at: body.at ?? null,
      tag: await nextTag(shop, job.unit.tag),
      title: body.title,
      request_hash: hash,
    });
  }
  const stored = await jointById(shop, ids.jointId);
  const [summary] = stored ? await summaries(shop, [stored]) : [];
  if (!summary) throw notFound('This joint');
  return summary;
}
