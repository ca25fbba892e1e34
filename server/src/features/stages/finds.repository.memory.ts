import type { UnitLeak } from '@kesto/contract';
import { factsIn, factsOf } from '@kesto/core';
import { jobChain } from '../../platform/memory/chains';
import { byId, sortedBy, type MemoryRows } from '../../platform/memory/rows';
import type { Job } from '../jobs';
import type { FindRepository } from './finds.repository';

const MOST_BEFORE = 50;
const MOST = 200;
const MOST_NOTED = 4;

export function memoryFinds(rows: MemoryRows): FindRepository {
  const unitOf = (circuitId: string) => byId(rows.units, byId(rows.circuits, circuitId)?.unitId ?? '');

  /** Leaks that were found in jobs, the newest first. */
  function leaksIn(jobs: readonly Job[]) {
    const found = jobs.flatMap((job) => {
      const leaks = factsOf(factsIn(jobChain(rows, job.id)), 'checked-place').filter(({ values }) => values.result === 'leak');
      return leaks.map(({ values, at }) => ({ job, values, at }));
    });
    return sortedBy(found, ({ at }) => at).toReversed();
  }

  return {
    async placeHistory({ jobId, circuitId }) {
      const model = unitOf(circuitId)?.details.model;
      const isSister = (job: Job) => model !== undefined && unitOf(job.circuitId)?.details.model === model;
      const before = rows.jobs.filter((job) => job.id !== jobId && (job.circuitId === circuitId || isSister(job)));
      const leaks = leaksIn(before)
        .slice(0, MOST_BEFORE)
        .map(({ job, values, at }) => ({
          ...{ place: values.place, on: at.slice(0, 10) },
          ...(job.circuitId === circuitId ? {} : { unit: unitOf(job.circuitId)?.tag ?? '' }),
        }));
      const own = rows.jobJoints.filter((row) => row.jobId === jobId).map(({ jointId }) => jointId);
      const joints = sortedBy(
        rows.joints.filter((joint) => joint.circuitId === circuitId && !own.includes(joint.id)),
        ({ tag }) => tag,
      );
      return { leaks, joints: joints.flatMap(({ at, tag }) => (at ? [{ place: at.part, tag }] : [])) };
    },
    async jobsWithNotes({ jobId, circuitId }) {
      const model = unitOf(circuitId)?.details.model;
      const isSister = (job: Job) => model !== undefined && unitOf(job.circuitId)?.details.model === model;
      const noted = rows.jobs.flatMap((job) => {
        const isAbout = job.id !== jobId && (job.circuitId === circuitId || isSister(job));
        const last = isAbout ? factsOf(factsIn(jobChain(rows, job.id)), 'next-person-note').at(-1) : undefined;
        return last ? [{ job, at: last.at }] : [];
      });
      const newest = sortedBy(noted, ({ at }) => at).toReversed();
      return newest.slice(0, MOST_NOTED).map(({ job }) => ({
        ...{ jobId: job.id, number: job.number, unit: job.circuitId === circuitId ? null : (unitOf(job.circuitId)?.tag ?? '') },
      }));
    },
    async leaksOf(circuitIds) {
      const leaks = leaksIn(rows.jobs.filter(({ circuitId }) => circuitIds.includes(circuitId)));
      return leaks.slice(0, MOST).map(({ job, values, at }): UnitLeak => ({
        ...{ circuitId: job.circuitId, place: values.place, on: at.slice(0, 10) },
        ...{ jobId: job.id, jobNumber: job.number, gramsPerYear: values.gramsPerYear ?? null },
      }));
    },
  };
}
