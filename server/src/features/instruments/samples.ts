import { BLOCK_SAMPLES, blockHash, decodeBlock, encodeBlock, type LiveSample, type Sample, type VacuumSample } from '@kesto/core';
import type { LiveSeries, WireSample } from '@kesto/contract';
import type { ShopWork } from '../shopWork';
import { pressures, vacuums, type Reader } from './columns';
import type { Series } from './series.repository';

const tailOf = ({ tail }: Series): readonly Sample[] => (tail ? decodeBlock(new Uint8Array(tail)).samples : []);
const toSample = ([n, ms, ...values]: WireSample): Sample => ({ n, ms, values });
const sameValues = (a: readonly number[], b: readonly number[]) => a.length === b.length && a.every((value, i) => value === b[i]);

/** A count that came before, as it was kept; null where it was skipped. */
async function keptSample(shop: ShopWork, series: Series, tail: readonly Sample[], n: number): Promise<Sample | null> {
  const inTail = tail.find((sample) => sample.n === n);
  if (inTail) return inTail;
  for (const { bytes } of (await shop.series.blocksOf(series.id, 1)).toReversed()) {
    const found = decodeBlock(new Uint8Array(bytes)).samples.find((sample) => sample.n === n);
    if (found) return found;
  }
  return null;
}

/** Samples as they come: what is new goes behind what stands, what came before is compared, full blocks are sealed. */
export async function takeSamples(shop: ShopWork, before: Series, wire: readonly WireSample[], now: Date): Promise<Series> {
  let series: Series = { ...before, heardAt: now };
  let tail = tailOf(before);
  for (const sample of wire.map(toSample)) {
    if (sample.values.length !== series.instrument.columns.length) continue;
    if (sample.n <= series.acked) {
      const kept = await keptSample(shop, series, tail, sample.n);
      if (!kept || !sameValues(kept.values, sample.values) || kept.ms !== sample.ms)
        series = { ...series, disagreements: series.disagreements + 1 };
      continue;
    }
    tail = [...tail, sample];
    series = { ...series, acked: sample.n, samples: series.samples + 1 };
    if (tail.length < BLOCK_SAMPLES) continue;
    series = await seal(shop, series, tail);
    tail = [];
  }
  const saved = { ...series, tail: tail.length === 0 ? null : Buffer.from(encodeBlock(openBlock(series, tail))) };
  await shop.series.save(saved);
  return saved;
}

const openBlock = ({ id, blocks, head }: Series, samples: readonly Sample[]) => ({
  series: id,
  sequence: blocks + 1,
  previous: head,
  samples,
});

async function seal(shop: ShopWork, series: Series, samples: readonly Sample[]): Promise<Series> {
  const bytes = encodeBlock(openBlock(series, samples));
  const hash = blockHash(bytes);
  await shop.series.addBlock({ seriesId: series.id, sequence: series.blocks + 1, bytes: Buffer.from(bytes), hash });
  return { ...series, blocks: series.blocks + 1, head: hash };
}

/** What stands of a series is made a block of its own, full or not: a verdict names its head. */
export async function sealTail(shop: ShopWork, series: Series): Promise<Series> {
  const tail = tailOf(series);
  if (tail.length === 0) return series;
  const sealed = { ...(await seal(shop, series, tail)), tail: null };
  await shop.series.save(sealed);
  return sealed;
}

/** All that a series holds, as figures. */
async function figures<S>(shop: ShopWork, series: Series, read: Reader<S> | null): Promise<readonly S[]> {
  if (!read) return [];
  const blocks = await shop.series.blocksOf(series.id, 1);
  return [...blocks.flatMap(({ bytes }) => decodeBlock(new Uint8Array(bytes)).samples), ...tailOf(series)].map(read);
}

/** Gauge and pipe, as a series holds them. */
export const liveSamples = (shop: ShopWork, series: Series): Promise<readonly LiveSample[]> =>
  figures(shop, series, pressures(series.instrument));
/** A vacuum, as a series holds it; what is at or under zero is off its scale and left out. */
export const vacuumSamples = async (shop: ShopWork, series: Series): Promise<readonly VacuumSample[]> =>
  (await figures(shop, series, vacuums(series.instrument))).filter(({ pa }) => pa > 0);

/** What an instrument said last, a value a column in the unit of its quantity; none where that was a block's end. */
export function lastOf(series: Series): LiveSeries['last'] {
  const last = tailOf(series).at(-1);
  if (!last) return [];
  return series.instrument.columns.map(({ quantity, step }, i) => ({ quantity, value: Number(((last.values[i] ?? 0) * step).toFixed(6)) }));
}
