import { ENGINE_VERSION, type EntryKind } from '@kesto/core';
import type { ShopWork } from '../shopWork';
import { appendEntry, storePlan } from '../joints';
import { cleanPhoto } from '../photos';
import { ENTRIES } from './entries';
import { demoId } from './ids';
import { demoPhoto } from './pictures';
import { PLANS } from './plans';

export async function storeDemoPlans(shop: ShopWork): Promise<void> {
  for (const [i, plan] of PLANS.entries()) {
    await storePlan(shop, {
      jointId: plan.jointId,
      planId: demoId(0x6000 + i),
      personId: plan.by,
      body: { request: plan.request, chosen: plan.chosen, engineVersion: ENGINE_VERSION },
      now: new Date(plan.at),
    });
  }
}

/** Ids of a joint's entries before one: the frozen plan's first. */
function idsBefore(jointId: string, place: number): readonly string[] {
  const own = ENTRIES.flatMap((entry, i) => (entry.jointId === jointId ? [i] : []));
  return [demoId(0x8000 + (own[0] ?? place)), ...own.filter((i) => i < place).map((i) => demoId(0x7000 + i))];
}

/** Those of these kinds, in their order. */
export async function storeDemoEntries(shop: ShopWork, isMeant: (kind: EntryKind) => boolean): Promise<void> {
  for (const [i, entry] of ENTRIES.entries()) {
    if (!isMeant(entry.kind)) continue;
    const before = idsBefore(entry.jointId, i);
    const photos: string[] = [];
    for (const kind of entry.photos ?? []) photos.push(await storePhoto(shop, kind));
    const corrected = entry.correctsPlace === undefined ? undefined : before[entry.correctsPlace - 1];
    await appendEntry(shop, {
      jointId: entry.jointId,
      entryId: demoId(0x7000 + i),
      person: { id: entry.by.id, name: entry.by.name, role: entry.by.role },
      body: {
        kind: entry.kind,
        deviceTime: entry.device,
        values: { ...entry.values },
        photos,
        ...(corrected ? { corrects: { entry: corrected, why: entry.why ?? '' } } : {}),
      },
      ...{ now: new Date(entry.server), offsetS: null },
      freezeId: before[0] ?? demoId(0x8000 + i),
    });
  }
}

async function storePhoto(shop: ShopWork, kind: 'front' | 'mirror' | 'open'): Promise<string> {
  const source = await demoPhoto(kind);
  const photo = await cleanPhoto(source);
  await shop.photos.add(photo, photo.sha256);
  return photo.sha256;
}
