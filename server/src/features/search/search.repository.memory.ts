import type { Found } from '@kesto/contract';
import { flamesOf, standing } from '../../platform/memory/chains';
import { byId, sortedBy, type MemoryRows } from '../../platform/memory/rows';
import type { SearchRepository } from './search.repository';

const MOST = 8;

export function memorySearch(rows: MemoryRows): SearchRepository {
  const unitOf = (circuitId: string) => byId(rows.units, byId(rows.circuits, circuitId)?.unitId ?? '');
  const siteOf = (siteId: string | undefined) => byId(rows.sites, siteId ?? '')?.name ?? '';
  const nameOf = (id: string | null | undefined) => byId(rows.people, id ?? '')?.name ?? null;

  const makerOf = (jointId: string) => nameOf(flamesOf(rows, jointId).at(-1)?.link.content.said.person);
  const writersOf = (jobId: string) => standing(rows, 'job', jobId).map(({ link }) => nameOf(link.content.said.person));

  return {
    async find(text): Promise<Found> {
      const has = (...words: readonly (string | null | undefined)[]) =>
        words.some((word) => word?.toLowerCase().includes(text.toLowerCase()));
      const units = rows.units
        .map((unit) => ({ ...unit, site: siteOf(unit.siteId) }))
        .filter(({ tag, name, site, details }) => has(tag, name, site, details.model));
      const jobs = rows.jobs
        .map((job) => ({ job, unit: unitOf(job.circuitId) }))
        .filter(({ job, unit }) => has(job.title, String(job.number), unit?.tag, unit?.name, siteOf(unit?.siteId), ...writersOf(job.id)));
      const joints = rows.joints.map((joint) => ({ ...joint, by: makerOf(joint.id) })).filter(({ tag, title, by }) => has(tag, title, by));
      return {
        units: sortedBy(units, ({ place }) => place)
          .slice(0, MOST)
          .map(({ id, tag, name, kind, site }) => ({ id, tag, name, kind, site })),
        jobs: sortedBy(jobs, ({ job }) => -job.number)
          .slice(0, MOST)
          .map(({ job: { id, number, title, done }, unit }) => ({ id, number, title, tag: unit?.tag ?? '', done })),
        joints: sortedBy(joints, ({ tag }) => tag)
          .toReversed()
          .slice(0, MOST)
          .map(({ id, tag, title, by }) => ({ id, tag, title, by })),
      };
    },
  };
}
