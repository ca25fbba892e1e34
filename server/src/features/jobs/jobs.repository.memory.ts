import { factsOfJoint, jobChain, lastFlameOf } from '../../platform/memory/chains';
import { addRow, byId, sortedBy, type MemoryRows } from '../../platform/memory/rows';
import { withoutRemoved, type Job, type JobRepository, type ToldJob, type ToldJoint } from './jobs.repository';

const newestFirst = (jobs: readonly Job[]) => sortedBy(jobs, ({ number }) => -number);
const found = <Row>(row: Row | null | undefined): Row => {
  if (!row) throw new Error('a row that another one names is not there');
  return row;
};

function toldJoint(rows: MemoryRows, id: string): ToldJoint {
  const { tag, title, calledAs, at } = found(byId(rows.joints, id));
  const plan = rows.plans.findLast(({ jointId }) => jointId === id);
  const near = [...new Set((plan?.request.near ?? []).map(({ kind }) => kind))].toSorted();
  return { id, tag, title, calledAs, at, filler: plan?.chosen ?? null, near, facts: factsOfJoint(rows, id) };
}

function toldJob(rows: MemoryRows, job: Job): ToldJob {
  const circuit = found(byId(rows.circuits, job.circuitId));
  const unit = found(byId(rows.units, circuit.unitId));
  const site = found(byId(rows.sites, unit.siteId));
  const joints = rows.jobJoints.filter(({ jobId }) => jobId === job.id).map(({ jointId }) => toldJoint(rows, jointId));
  const lastFlame = lastFlameOf(
    rows,
    joints.map(({ id }) => id),
  );
  return withoutRemoved({ job, circuit, unit, site, joints, entries: jobChain(rows, job.id), lastFlame });
}

export const memoryJobs = (rows: MemoryRows): JobRepository => ({
  byId: async (id) => byId(rows.jobs, id),
  lock: async (id) => byId(rows.jobs, id),
  hold: async (id) => byId(rows.jobs, id),
  ofCircuits: async (circuitIds) => newestFirst(rows.jobs.filter(({ circuitId }) => circuitIds.includes(circuitId))),
  async told(id) {
    const job = byId(rows.jobs, id);
    return job && toldJob(rows, job);
  },
  async toldToday(mostDone) {
    const open = newestFirst(rows.jobs.filter(({ done }) => !done));
    const done = newestFirst(rows.jobs.filter((job) => job.done)).slice(0, mostDone);
    const told = [...open, ...done].map((job) => toldJob(rows, job));
    return told.map((one) => (one.job.done ? { ...one, entries: [] } : one));
  },
  nextNumber: async () => 1 + Math.max(0, ...rows.jobs.map(({ number }) => number)),
  add: async (job) => addRow(rows.jobs, job),
  async close(id, done) {
    rows.jobs = rows.jobs.map((job) => (job.id === id ? { ...job, done } : job));
  },
  async changeCircuit(id, circuitId) {
    rows.jobs = rows.jobs.map((job) => (job.id === id ? { ...job, circuitId } : job));
  },
});
