import { addRow, byId, sortedBy, type MemoryRows } from '../../platform/memory/rows';
import type { SeriesRepository } from './series.repository';

export const memorySeries = ({ series, seriesBlocks }: MemoryRows): SeriesRepository => ({
  byId: async (id) => byId(series, id),
  byToken: async (tokenHash) => series.find((one) => one.tokenHash === tokenHash) ?? null,
  lock: async (id) => byId(series, id),
  ofHold: async (holdId) => sortedBy(series.filter((one) => one.holdId === holdId), ({ beganAt }) => beganAt), // prettier-ignore
  add: async (one) => addRow(series, one),
  async save(one) {
    const at = series.findIndex(({ id }) => id === one.id);
    if (at >= 0) series[at] = one;
  },
  async endThoseOf(personId, now) {
    series.forEach((one, at) => {
      if (one.pairedBy === personId && one.endedAt === null) series[at] = { ...one, endedAt: now };
    });
  },
  async addBlock(block) {
    if (seriesBlocks.some(({ seriesId, sequence }) => seriesId === block.seriesId && sequence === block.sequence))
      throw new Error(`block ${block.sequence} of this series is there already`);
    seriesBlocks.push(block);
  },
  blocksOf: async (seriesId, from) =>
    sortedBy(
      seriesBlocks.filter((block) => block.seriesId === seriesId && block.sequence >= from),
      ({ sequence }) => sequence,
    ),
});
