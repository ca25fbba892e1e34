import type { LiveHeld, LivePulled } from '@kesto/core';
import { notFound } from '../../platform/errors';
import type { ShopWork } from '../shopWork';
import { judgedBy, readsHold, readsPull } from './analyst/picture';
import { liveSamples, vacuumSamples } from './samples';
import { sealHold } from './series.service';
import type { Series } from './series.repository';

/** Where each series stood. */
const heads = (all: readonly Series[]) => all.map(({ id, blocks, head, samples }) => ({ series: id, blocks, head, samples }));

/** What a hold is judged from when it is ended: all its samples, sealed, and where each series stands. Null where no instrument spoke of it. */
export async function liveHeld(shop: ShopWork, holdId: string, by: string | null): Promise<LiveHeld | null> {
  const all = await sealHold(shop, holdId);
  const series = judgedBy(all, readsHold, by);
  return series && { by: series.id, samples: await liveSamples(shop, series), series: heads(all) };
}

/** What a rise is judged from: all that was sent, sealed, and where each series stands. Null where no instrument spoke of it. */
export async function livePulled(shop: ShopWork, pullId: string, by: string | null): Promise<LivePulled | null> {
  const all = await sealHold(shop, pullId);
  const series = judgedBy(all, readsPull, by);
  return series && { samples: await vacuumSamples(shop, series), series: heads(all) };
}

const figure = (value: number) => String(Number(value.toFixed(4)));

/** All samples of a hold as a table: time, gauge [kPa], pipe [°C]. Figures and times alone, so that no sheet runs anything. */
export async function holdCsv(shop: ShopWork, holdId: string): Promise<string> {
  const series = judgedBy(await shop.series.ofHold(holdId), readsHold, null);
  if (!series) throw notFound('A sample of this hold');
  const lines = (await liveSamples(shop, series)).map(
    ({ ms, gaugePa, celsius }) => `${new Date(ms).toISOString()},${figure(gaugePa / 1000)},${figure(celsius)}`,
  );
  return ['time,gauge kPag,pipe C', ...lines, ''].join('\r\n');
}
