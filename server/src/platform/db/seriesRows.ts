import { EntitySchema } from 'typeorm';
import { column, id, key, shopId } from './columns';
import type { SeriesBlockRow, SeriesRow } from './rowTypes';

export const SeriesRows = new EntitySchema<SeriesRow>({
  name: 'series',
  columns: {
    shopId,
    id,
    jobId: column('uuid'),
    holdId: column('uuid'),
    instrument: column('jsonb'),
    factor: { type: 'double precision', nullable: true },
    tokenHash: column('text'),
    pairedBy: { type: 'uuid', nullable: true },
    blocks: column('integer'),
    head: { type: 'text', nullable: true },
    samples: column('integer'),
    acked: column('bigint'),
    tail: { type: 'bytea', nullable: true },
    disagreements: column('integer'),
    beganAt: column('timestamptz'),
    heardAt: column('timestamptz'),
    stoodAt: column('timestamptz'),
    endedAt: { type: 'timestamptz', nullable: true },
  },
});
export const SeriesBlocks = new EntitySchema<SeriesBlockRow>({
  name: 'series_block',
  columns: { shopId, seriesId: key('uuid'), sequence: key('integer'), bytes: column('bytea'), hash: column('text') },
});

export const SERIES_ROWS = [SeriesRows, SeriesBlocks];
