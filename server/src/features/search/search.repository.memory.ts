import type { Found } from '@kesto/contract';
import { flamesOf } from '../../platform/memory/chains';
import { byId, sortedBy, type MemoryRows } from '../../platform/memory/rows';
import type { SearchRepository } from './search.repository';
import { beginningsOf, hasAll, wordsOf } from '../../platform/words';

const MOST = 8;

export function memorySearch(rows: MemoryRows): SearchRepository {
  const unitOf = (circuitId: string) => byId(rows.units, byId(rows.circuits, circuitId)?.unitId ?? '');
  const siteOf = (siteId: string | undefined) => byId(rows.sites, siteId ?? '')?.name ?? '';
  const nameOf = (id: string | null | undefined) => byId(rows.people, id ?? '')?.name ?? null;

  /** All who brazed it; the last of them is said. */
  const makersOf = (jointId: string) =>
    rows.links
      .filter(({ link: { content } }) => content.chain.id === jointId && ['brazed', 'reworked'].includes(content.said.kind))
      .map(({ link }) => nameOf(link.content.said.person));
  const makerOf = (jointId: string) => nameOf(flamesOf(rows, jointId).at(-1)?.link.content.said.person);
  const writersOf = (jobId: string) =>
    rows.links
      .filter(({ link: { content } }) => content.chain.of === 'job' && content.chain.id === jobId)
      .map(({ link }) => nameOf(link.content.said.person));

  return {
    async sites(text) {
      const first = rows.sites.filter(({ name }) => hasAll(wordsOf([name]), beginningsOf(text)));
      return sortedBy(sortedBy(first, ({ id }) => id).slice(0, MOST), ({ name }) => name.toLowerCase());
    },
    async find(text): Promise<Found> {
      const beginnings = beginningsOf(text);
      const has = (...texts: readonly (string | null | undefined)[]) => hasAll(wordsOf(texts), beginnings);
      const units = rows.units
        .map((unit) => ({ ...unit, site: siteOf(unit.siteId) }))
        .filter(({ tag, name, site, details }) => has(tag, name, site, details.model));
      const jobs = rows.jobs
        .map((job) => ({ job, unit: unitOf(job.circuitId) }))
        .filter(({ job, unit }) => has(job.title, String(job.number), unit?.tag, unit?.name, siteOf(unit?.siteId), ...writersOf(job.id)));
      const joints = rows.joints
        .filter(({ id, tag, title, calledAs }) => has(tag, title, calledAs, ...makersOf(id)))
        .map((joint) => ({ ...joint, by: makerOf(joint.id) }));
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
        imported: rows.imports
          .flatMap(({ sha256, shop, joints: theirs }) => theirs.map(({ tag }) => ({ sha256, tag, shop: shop?.name ?? null })))
          .filter(({ tag }) => tag.toUpperCase().startsWith(text.trim().toUpperCase()))
          .slice(0, MOST),
      };
    },
  };
}
