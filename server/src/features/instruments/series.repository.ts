import type { LiveInstrument } from '@kesto/contract';

/** A series of samples: one instrument at one hold. */
export interface Series {
  readonly id: string;
  readonly jobId: string;
  readonly holdId: string;
  readonly instrument: LiveInstrument;
  /** How many times as fast a stand-in's clock runs; null of a real instrument. */
  readonly factor: number | null;
  readonly tokenHash: string;
  /** Who let it in; null of one from before that was noted. */
  readonly pairedBy: string | null;
  /** Full blocks, and the hash of the last. */
  readonly blocks: number;
  readonly head: string | null;
  /** All that are safe. */
  readonly samples: number;
  /** The instrument's highest count that is safe. */
  readonly acked: number;
  /** Samples that fill no block yet, as the block they would be. */
  readonly tail: Buffer | null;
  /** Counts that came again with other values. */
  readonly disagreements: number;
  readonly beganAt: Date;
  readonly heardAt: Date;
  /** When the job's chain last said how far it stands. */
  readonly stoodAt: Date;
  readonly endedAt: Date | null;
}

export interface SeriesBlock {
  readonly seriesId: string;
  readonly sequence: number;
  readonly bytes: Buffer;
  readonly hash: string;
}

export interface SeriesRepository {
  byId(id: string): Promise<Series | null>;
  byToken(tokenHash: string): Promise<Series | null>;
  /** Holds the series until the transaction ends: two connections of one instrument take turns. */
  lock(id: string): Promise<Series | null>;
  /** In the order they joined. */
  ofHold(holdId: string): Promise<readonly Series[]>;
  add(series: Series): Promise<void>;
  save(series: Series): Promise<void>;
  /** Those that somebody let in and that still speak are let go. */
  endThoseOf(personId: string, now: Date): Promise<void>;
  addBlock(block: SeriesBlock): Promise<void>;
  /** From one place on, in their order. */
  blocksOf(seriesId: string, from: number): Promise<readonly SeriesBlock[]>;
}
