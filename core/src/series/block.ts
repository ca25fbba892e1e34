import { bytesToHex, hexToBytes } from '@noble/hashes/utils.js';
import { sha256 } from '@noble/hashes/sha2.js';
import { ByteReader, ByteWriter } from './varint';

/** One reading of an instrument: its own count, when, and whole steps of each column. */
export interface Sample {
  /** Counted by the instrument, from 1. */
  readonly n: number;
  /** Of the series' clock [ms since 1970]. */
  readonly ms: number;
  /** In steps of each column's resolution. */
  readonly values: readonly number[];
}

/** What a zoomed-out look needs, without its samples. */
export interface ColumnSpan {
  readonly least: number;
  readonly most: number;
  readonly sum: number;
}

/** A piece of a series: at most ten minutes of one a second. Its bytes are what is kept, hashed, exported and read. */
export interface Block {
  /** Which series; 36 letters. */
  readonly series: string;
  /** Counted from 1. */
  readonly sequence: number;
  /** Of the block before; null of the first. */
  readonly previous: string | null;
  readonly samples: readonly Sample[];
}

export interface BlockHead {
  readonly series: string;
  readonly sequence: number;
  readonly previous: string | null;
  readonly first: { readonly n: number; readonly ms: number };
  readonly last: { readonly n: number; readonly ms: number };
  readonly count: number;
  readonly columns: readonly ColumnSpan[];
}

/** So many samples make a block full. */
export const BLOCK_SAMPLES = 600;
const MAGIC = Uint8Array.from([0x4b, 0x53, 0x31]); // KS1
const NO_HASH = '0'.repeat(64);
const MOST_COLUMNS = 8;

const uuidBytes = (series: string) => hexToBytes(series.replaceAll('-', ''));
const uuidText = (bytes: Uint8Array) => bytesToHex(bytes).replace(/^(.{8})(.{4})(.{4})(.{4})(.{12})$/, '$1-$2-$3-$4-$5');

const spanOf = (values: readonly number[]): ColumnSpan => ({
  least: Math.min(...values),
  most: Math.max(...values),
  sum: values.reduce((sum, value) => sum + value, 0),
});

/**
 * A block as its bytes: a head (series, place in its chain, hash of the block before, first and last count and time, least, most and sum of
 * each column), then counts and times as runs, and each column as differences.
 *
 * @param block  one sample or more, counts and times rising, whole numbers
 * @source       docs/FORMATS.md, "A block of samples"
 */
export function encodeBlock({ series, sequence, previous, samples }: Block): Uint8Array {
  const [first] = samples;
  const last = samples.at(-1);
  if (!first || !last) throw new RangeError('a block holds a sample');
  const out = new ByteWriter();
  out.raw(MAGIC);
  out.raw(uuidBytes(series));
  out.unsigned(sequence);
  out.raw(hexToBytes(previous ?? NO_HASH));
  out.unsigned(samples.length);
  out.unsigned(first.n);
  out.unsigned(last.n);
  out.unsigned(first.ms);
  out.unsigned(last.ms);
  out.unsigned(first.values.length);
  first.values.forEach((_, column) => {
    const { least, most, sum } = spanOf(samples.map(({ values }) => values[column] ?? 0));
    out.signed(least);
    out.unsigned(most - least);
    out.signed(sum);
  });
  writeSamples(out, samples, first);
  return out.done();
}

/** Samples that follow each other by one step of count and time: an even series is one run. */
interface Run {
  readonly count: number;
  readonly byN: number;
  readonly byMs: number;
}

function runsOf(samples: readonly Sample[], first: Sample): readonly Run[] {
  const runs: Run[] = [];
  let before = first;
  for (const sample of samples) {
    const [byN, byMs] = [sample.n - before.n, sample.ms - before.ms];
    const last = runs.at(-1);
    if (last?.byN === byN && last.byMs === byMs) runs[runs.length - 1] = { ...last, count: last.count + 1 };
    else runs.push({ count: 1, byN, byMs });
    before = sample;
  }
  return runs;
}

/** Counts and times as runs, then each column as differences from one sample to the next. */
function writeSamples(out: ByteWriter, samples: readonly Sample[], first: Sample): void {
  const runs = runsOf(samples, first);
  out.unsigned(runs.length);
  for (const { count, byN, byMs } of runs) {
    out.unsigned(count);
    out.unsigned(byN);
    out.signed(byMs);
  }
  first.values.forEach((_, column) => {
    let before = 0;
    for (const { values } of samples) {
      const value = values[column] ?? 0;
      out.signed(value - before);
      before = value;
    }
  });
}

function readHead(read: ByteReader): BlockHead {
  if (bytesToHex(read.raw(MAGIC.length)) !== bytesToHex(MAGIC)) throw new RangeError('not a block of samples');
  const series = uuidText(read.raw(16));
  const sequence = read.unsigned();
  const previous = bytesToHex(read.raw(32));
  const count = read.unsigned();
  const [firstN, lastN, firstMs, lastMs] = [read.unsigned(), read.unsigned(), read.unsigned(), read.unsigned()];
  const columnCount = read.unsigned();
  if (columnCount < 1 || columnCount > MOST_COLUMNS || count < 1 || count > BLOCK_SAMPLES) throw new RangeError('not a block of samples');
  const columns = Array.from({ length: columnCount }, () => {
    const least = read.signed();
    return { least, most: least + read.unsigned(), sum: read.signed() };
  });
  return {
    ...{ series, sequence, previous: previous === NO_HASH ? null : previous, count, columns },
    ...{ first: { n: firstN, ms: firstMs }, last: { n: lastN, ms: lastMs } },
  };
}

/** The head of a block alone: enough for a look from afar. */
export const blockHead = (bytes: Uint8Array): BlockHead => readHead(new ByteReader(bytes));

function readTimes(read: ByteReader, { first, count }: BlockHead): readonly (readonly [n: number, ms: number])[] {
  const times: (readonly [number, number])[] = [];
  let [n, ms] = [first.n, first.ms];
  for (let runs = read.unsigned(); runs > 0; runs--) {
    const [length, byN, byMs] = [read.unsigned(), read.unsigned(), read.signed()];
    if (times.length + length > count) throw new RangeError('more samples than its head says');
    for (let i = 0; i < length; i++) {
      n += byN;
      ms += byMs;
      times.push([n, ms]);
    }
  }
  return times;
}

function readSamples(read: ByteReader, head: BlockHead): readonly Sample[] {
  const times = readTimes(read, head);
  const columns = head.columns.map(() => {
    let value = 0;
    return times.map(() => (value += read.signed()));
  });
  return times.map(([n, ms], i) => ({ n, ms, values: columns.map((column) => column[i] ?? 0) }));
}

/** A block out of its bytes; throws a RangeError where they are no block, or say other than their head. */
export function decodeBlock(bytes: Uint8Array): Block {
  const read = new ByteReader(bytes);
  const head = readHead(read);
  const samples = readSamples(read, head);
  const { series, sequence, previous } = head;
  const block = { series, sequence, previous, samples };
  if (!read.isDone() || !sameBytes(encodeBlock(block), bytes)) throw new RangeError('its samples say other than its head');
  return block;
}

const sameBytes = (a: Uint8Array, b: Uint8Array) => a.length === b.length && a.every((byte, i) => byte === b[i]);

/** SHA-256 of a block's bytes, in hex. */
export const blockHash = (bytes: Uint8Array): string => bytesToHex(sha256(bytes));
