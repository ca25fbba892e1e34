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
import {
  factsIn,
  inKeptOrder,
  jointAt,
  keptOrderOf,
  readChain,
  readJobLink,
  safetyClassOf,
  standingOf,
  stateAfter,
  unsettled,
  type JobLink,
  type NearKind,
} from '@kesto/core';
import { v7 as uuid } from 'uuid';
import { requestHash, sameOrConflict } from '../../platform/db/idempotency';
import { AppError, notFound } from '../../platform/errors';
import { jobNotes, notesBefore, type JobNotes } from '../jobNotes';
import { append, type SaidBy } from '../ledger';
import { summaries } from '../jointSummaries';
import type { Person } from '../people';
import type { ShopWork } from '../shopWork';
import { toCircuit, toPlate, toSite } from '../units';
import type { Job, ToldJob, ToldJoint } from './jobs.repository';

const DUE_WITHIN_DAYS = 30;

/** So many finished jobs stand in today's list of joints to read. */
const DONE_JOBS_READ = 20;
/** As many machines stand side by side on a phone and are still told apart. */
const UNITS_SHOWN = 8;

/** With what is kept of its stages instead of the view of them. */
type BareJob = Omit<JobView, keyof JobNotes | 'nextTag' | 'stages'> & {
  readonly kept: { readonly entries: readonly JobLink[]; readonly near: readonly NearKind[]; readonly lastFlame: string | null };
};

const toSummary = ({ id, tag, title, calledAs, at, filler, facts }: ToldJoint): JointSummary => ({
  ...{ id, tag, title, at, state: stateAfter(facts, filler !== null) },
  ...(filler === null ? {} : { filler }),
  ...(calledAs === null ? {} : { calledAs }),
});

/** What lies near a job's planned joints. */
export const nearOf = ({ joints }: Pick<ToldJob, 'joints'>): readonly NearKind[] => [...new Set(joints.flatMap((joint) => joint.near))];

/** A job with its circuit, unit and joints, and where it stands. */
function describe({ job, circuit, unit, site, joints, entries, lastFlame }: ToldJob): BareJob {
  const order = inKeptOrder(joints.map(toSummary), keptOrderOf(entries.map(readJobLink)));
  const kept = { entries, near: nearOf({ joints }), lastFlame };
  const places = { site: toSite(site), unit: toPlate(unit), plate: unit.details, circuit: toCircuit(circuit) };
  const facts = factsIn(entries);
  const about = { safetyClass: safetyClassOf(places.circuit), refrigerant: places.circuit.refrigerant };
  const standing = standingOf({ facts, began: job.began, stored: job.stage, joints: order, lastFlame, near: kept.near, ...about });
  return { ...toJob(job, order), ...places, ...standing, kept };
}

const toJob = ({ id, circuitId, number, title, stage, began, done }: Job, order: readonly JointSummary[]) => ({
  id,
  circuitId,
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
  const told = await shop.jobs.told(jobId);
  if (!told) throw notFound('This job');
  return { ...describe(told), ...(await jobNotes(shop, told.entries)) };
}

export async function jobView(shop: ShopWork, jobId: string): Promise<JobView> {
  const { kept, ...job } = await jobWithNotes(shop, jobId);
  const history = await shop.finds.placeHistory({ jobId, circuitId: job.circuitId });
  const notes = await notesBefore(shop, { jobId, circuitId: job.circuitId });
  return { ...job, stages: { ...kept, history, notes }, nextTag: await shop.joints.nextTag(job.unit.tag) };
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
  const told = await shop.jobs.toldToday(DONE_JOBS_READ);
  const jobs = told.map(describe);
  return {
    jobs: jobs.filter((job) => !job.done).map(summaryOf),
    units: await todaysUnits(shop, told),
    sentBack: await sentBack(shop, jobs),
    due: [...dueSoon(await shop.people.all(), now), ...dueOnVan((await shop.shop.get()).van, now)],
    toRead: jobs.flatMap((job) => job.order).filter((joint) => joint.state === 'accepted' || joint.state === 'passed'),
    toSettle: told
      .filter(({ job }) => !job.done)
      .flatMap(({ joints }) => joints.filter(({ facts }) => unsettled(facts).length > 0).map(toSummary)),
  };
}

/** Machines with an open job, and others until the row is full; in their places. */
async function todaysUnits(shop: ShopWork, told: readonly ToldJob[]): Promise<Today['units']> {
  const first = await shop.units.page(null, UNITS_SHOWN);
  const all = [...told.filter(({ job }) => !job.done).map(({ unit }) => unit), ...first];
  const each = [...new Map(all.map((unit) => [unit.id, unit])).values()].slice(0, UNITS_SHOWN);
  return each.toSorted((a, b) => a.place - b.place).map(toPlate);
}

async function sentBack(shop: ShopWork, jobs: readonly BareJob[]): Promise<Today['sentBack']> {
  const found = jobs.flatMap((job) =>
    job.order.filter((j) => j.state === 'sent-back' || j.state === 'rework').map((joint) => ({ joint, jobId: job.id })),
  );
  const chains = await shop.ledger.ofAll(
    'joint',
    found.map((f) => f.joint.id),
  );
  return found.map(({ joint, jobId }) => {
    const last = readChain(chains.get(joint.id) ?? []).findLast(({ kind }) => kind === 'sent-back' || kind === 'looked-at');
    const why = last?.values['why'] ?? last?.values['note'] ?? '';
    return { joint, jobId, by: last?.person.name ?? '', why: String(why) };
  });
}

const DAY_MS = 86_400_000;
const dayOf = (ms: number) => new Date(ms).toISOString().slice(0, 10);

function dueSoon(people: readonly Person[], now: Date): Today['due'] {
  const soon = dayOf(now.getTime() + DUE_WITHIN_DAYS * DAY_MS);
  return people
    .filter((person) => !person.leftAt && person.approvals.length > 0)
    .flatMap(({ name, approvals, confirmedAt }): Today['due'] => {
      const again = dayOf((confirmedAt?.getTime() ?? 0) + CONFIRM_EVERY_DAYS * DAY_MS);
      const ending = approvals.filter((a) => a.validUntil <= soon);
      return [
        ...ending.map(({ scope, validUntil }) => ({ kind: 'approval' as const, name, scope, until: validUntil })),
        ...(again <= soon ? [{ kind: 'confirmation' as const, name, until: confirmedAt ? again : dayOf(now.getTime()) }] : []),
      ];
    });
}

/** Instruments to be calibrated and cylinders to be tested soon. */
function dueOnVan({ instruments = [], recovery = [], gases = [] }: VanStock, now: Date): Today['due'] {
  const soon = dayOf(now.getTime() + DUE_WITHIN_DAYS * DAY_MS);
  const due = (kind: 'calibration' | 'cylinder-test', name: string, until: string | undefined): Today['due'] =>
    until !== undefined && until <= soon ? [{ kind, name, until }] : [];
  return [
    ...instruments.flatMap(({ name, calibratedUntil }) => due('calibration', name, calibratedUntil)),
    ...[...recovery, ...gases].flatMap(({ name, testedUntil }) => due('cylinder-test', name, testedUntil)),
  ];
}

export async function openJob(shop: ShopWork, jobId: string, body: PutJobRequest): Promise<JobView> {
  const hash = requestHash(body);
  await shop.shop.lock();
  const before = await shop.jobs.byId(jobId);
  if (before) sameOrConflict(before.requestHash, hash, 'job');
  else {
    if (!(await shop.circuits.byId(body.circuitId))) throw notFound('This circuit');
    const number = await shop.jobs.nextNumber();
    await shop.jobs.add({
      id: jobId,
      circuitId: body.circuitId,
      number,
      title: body.title,
      stage: 'find',
      began: 'find',
      done: false,
      requestHash: hash,
    });
  }
  return jobView(shop, jobId);
}

/** A joint sits where the circuit, as it was drawn last, has a tube and a part. */
async function checkPlace(shop: ShopWork, circuitId: string, { at }: PutJointRequest): Promise<void> {
  if (!at) return;
  const drawn = await shop.drawings.latestOf(circuitId);
  if (!drawn || !jointAt(drawn.graph, at)) {
    throw new AppError('INVALID_INPUT', `${at.part} has no tube from ${at.from} to ${at.to} on this circuit’s drawing.`, 'at');
  }
}

/** Who adds a joint, and when. */
type Adding = Omit<SaidBy, 'deviceTime'>;

/** The job's own chain says which joints belong to it. */
export async function tellJoint(shop: ShopWork, jobId: string, { id, tag }: Pick<JointSummary, 'id' | 'tag'>, by: Adding): Promise<void> {
  const chain = { of: 'job', id: jobId } as const;
  const what = { chain, id: uuid(), kind: 'joint-added', told: { joint: id, tag }, deviceTime: null, requestHash: '' } as const;
  await append(shop, await shop.ledger.of(chain), { ...what, ...by });
}

async function addNewJoint(shop: ShopWork, { job, jointId, by }: { job: BareJob; jointId: string; by: Adding }, body: PutJointRequest) {
  await checkPlace(shop, job.circuit.id, body);
  const tag = await shop.joints.nextTag(job.unit.tag);
  await shop.joints.add(job.id, {
    ...{ id: jointId, circuitId: job.circuit.id, at: body.at ?? null, tag, title: body.title, calledAs: body.calledAs ?? null },
    requestHash: requestHash({ job: job.id, ...body }),
  });
  await tellJoint(shop, job.id, { id: jointId, tag }, by);
}

export async function addJointToJob(
  shop: ShopWork,
  { jobId, jointId }: { jobId: string; jointId: string },
  body: PutJointRequest,
  by: Adding,
): Promise<JointSummary> {
  await shop.jobs.lock(jobId);
  const job = await jobWithNotes(shop, jobId);
  await shop.units.lock(job.unit.id);
  const before = await shop.joints.byId(jointId);
  if (before) sameOrConflict(before.requestHash, requestHash({ job: jobId, ...body }), 'joint');
  else await addNewJoint(shop, { job, jointId, by }, body);
  const stored = await shop.joints.byId(jointId);
  const [summary] = stored ? await summaries(shop, [stored]) : [];
  if (!summary) throw notFound('This joint');
  return summary;
}
