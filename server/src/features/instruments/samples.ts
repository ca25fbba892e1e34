import { BLOCK_SAMPLES, blockHash, decodeBlock, encodeBlock, type LiveSample, type Sample, type VacuumSample } from '@kesto/core';
import type { LiveInstrument, WireSample } from '@kesto/contract';
import { LRUCache } from 'lru-cache';
import type { ShopWork } from '../shopWork';
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

const KPA = 1000;

type Reader<S> = (sample: Sample) => S;

/** Whole steps as what they say; null of an instrument that reads neither gauge nor pipe. */
function pressures({ columns }: LiveInstrument): Reader<LiveSample> | null {
  const at = (quantity: string) => columns.findIndex((column) => column.quantity === quantity);
  const [gauge, pipe] = [at('gauge-pressure'), at('pipe-temperature')];
  if (gauge < 0 || pipe < 0) return null;
  const [gaugeStep, pipeStep] = [columns[gauge]?.step ?? 0, columns[pipe]?.step ?? 0];
  return ({ ms, values }) => ({ ms, gaugePa: (values[gauge] ?? 0) * gaugeStep * KPA, celsius: (values[pipe] ?? 0) * pipeStep });
}

/** The same of a vacuum gauge. */
function vacuums({ columns }: LiveInstrument): Reader<VacuumSample> | null {
  const at = columns.findIndex(({ quantity }) => quantity === 'vacuum');
  const step = columns[at]?.step;
  return step === undefined ? null : ({ ms, values }) => ({ ms, pa: (values[at] ?? 0) * step });
}

/** Sealed blocks do not change: read once, they are kept for a while. */
const SEALED = new LRUCache<string, readonly (LiveSample | VacuumSample)[]>({ max: 64 });

/** All that a series holds, as figures. */
async function figures<S extends LiveSample | VacuumSample>(shop: ShopWork, series: Series, read: Reader<S> | null): Promise<readonly S[]> {
  if (!read) return [];
  const key = `${shop.shopId}.${series.id}.${series.blocks}`;
  // cast: a series is of one instrument, and is read by its one reader
  let sealed = SEALED.get(key) as readonly S[] | undefined;
  if (!sealed) {
    const before = (series.blocks > 0 ? SEALED.get(`${shop.shopId}.${series.id}.${series.blocks - 1}`) : undefined) as
      readonly S[] | undefined;
    const blocks = await shop.series.blocksOf(series.id, before ? series.blocks : 1);
    sealed = [...(before ?? []), ...blocks.flatMap(({ bytes }) => decodeBlock(new Uint8Array(bytes)).samples.map(read))];
    SEALED.set(key, sealed);
  }
  return [...sealed, ...tailOf(series).map(read)];
}

/** Gauge and pipe, as a series holds them. */
export const liveSamples = (shop: ShopWork, series: Series): Promise<readonly LiveSample[]> =>
  figures(shop, series, pressures(series.instrument));
/** A vacuum, as a series holds it; what is at or under zero is off its scale and left out. */
export const vacuumSamples = async (shop: ShopWork, series: Series): Promise<readonly VacuumSample[]> =>
  (await figures(shop, series, vacuums(series.instrument))).filter(({ pa }) => pa > 0);
