import { isLedgerLink, type JointLink } from '@kesto/core';
import { LABEL_KEY_CHARS, labelText, writeLabel } from '@kesto/core/tree';
import { AppError, notFound } from '../../platform/errors';
import type { SealDesk } from '../seal';
import type { ShopWork } from '../shopWork';

/** What is printed on one label. */
export interface PrintedLabel {
  readonly tag: string;
  readonly title: string;
  readonly unit: string;
  readonly shop: string;
  readonly sequence: number;
  readonly head: string;
  /** Day of the last entry. */
  readonly day: string;
  /** What the code says. */
  readonly code: string;
  /** Whether the code opens the record by an address. */
  readonly opens: boolean;
}

/** Where a server seals nothing, a label names no key. */
const NO_KEY = '0'.repeat(LABEL_KEY_CHARS);

interface Made {
  readonly seals: SealDesk;
  readonly publicUrl: URL | null;
}

const takenAt = (link: JointLink): string => (isLedgerLink(link) ? link.content.at.server : link.content.serverTime);

/** Labels of joints whose record has begun, in the order asked. */
export async function labelsOf(shop: ShopWork, jointIds: readonly string[], { seals, publicUrl }: Made): Promise<readonly PrintedLabel[]> {
  const chains = await shop.ledger.ofAll('joint', jointIds);
  const begun = jointIds.filter((id) => (chains.get(id) ?? []).length > 0);
  await seals.sealNow(
    shop,
    begun.map((id) => ({ of: 'joint', id })),
  );
  const key = await seals.keyFor(shop);
  const { name } = await shop.shop.get();
  const labels: PrintedLabel[] = [];
  await shop.labels.gave(
    begun.map((jointId) => ({ jointId, sequence: chains.get(jointId)?.length ?? 0, head: chains.get(jointId)?.at(-1)?.hash ?? '' })),
  );
  for (const id of begun) {
    const joint = await shop.joints.byId(id);
    const links = chains.get(id) ?? [];
    const last = links.at(-1);
    if (!joint || !last) continue;
    const said = {
      tag: joint.tag,
      sequence: links.length,
      head: last.hash,
      key: typeof key === 'string' ? NO_KEY : key.key.slice(0, LABEL_KEY_CHARS),
    };
    const text = writeLabel({ ...said, signature: typeof key === 'string' ? null : key.sign(labelText(said)) });
    labels.push({
      ...{ tag: joint.tag, title: joint.title, unit: joint.tag.split('-')[0] ?? '', shop: name, sequence: said.sequence, head: said.head },
      day: takenAt(last).slice(0, 10),
      code: publicUrl ? `${new URL(`/joints/${id}`, publicUrl).href}#${text}` : text,
      opens: publicUrl !== null,
    });
  }
  return labels;
}

export async function labelsOfJob(shop: ShopWork, jobId: string, made: Made): Promise<readonly PrintedLabel[]> {
  const told = await shop.jobs.told(jobId);
  if (!told) throw notFound('This job');
  return labelsOf(
    shop,
    told.joints.map(({ id }) => id),
    made,
  );
}

export function refuseEmpty(labels: readonly PrintedLabel[]): readonly PrintedLabel[] {
  if (labels.length === 0) throw new AppError('NOT_FOUND', 'No record has begun yet: there is nothing that a label could lead to.');
  return labels;
}
