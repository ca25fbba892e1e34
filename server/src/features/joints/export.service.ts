import { RECORD_FORMAT, RECORD_VERSION, type JointLink } from '@kesto/core';
import type { Seal } from '@kesto/core/tree';
import type { SignedIn } from '../../platform/http/context';
import { AppError } from '../../platform/errors';
import { audited } from '../audit';
import { sealFor, type SealDesk } from '../seal';

export interface RecordToExport {
  readonly tag: string;
  readonly entries: readonly JointLink[];
  readonly seal: Seal | null;
}

interface Asked {
  readonly jointId: string;
  readonly now: Date;
  readonly seals: SealDesk;
  /** Size of a tree head that whoever asks holds already. */
  readonly from?: number;
}

/** What there is to export, found before the first byte is sent; that somebody took it out stands in the trail. */
export const recordToExport = ({ inShop, me }: SignedIn, { jointId, now, seals, from }: Asked): Promise<RecordToExport> =>
  inShop(async (shop) => {
    const chain = { of: 'joint', id: jointId } as const;
    const entries = await shop.ledger.of(chain);
    if (entries.length === 0) throw new AppError('NOT_FOUND', 'This joint has no record yet: nothing was made.');
    const tag = (await shop.joints.byId(jointId))?.tag ?? 'joint';
    await audited(shop, { what: 'exported', personId: me.person.id, about: tag }, now);
    await seals.sealNow(shop, [chain]);
    const seal = await sealFor(shop, { chains: [chain], links: entries, ...(from === undefined ? {} : { from }) });
    return { entries, tag, seal };
  });

/**
 * One joint's record as a file that can be checked without this server, piece by piece: a joint with many photos takes no more
 * memory than its largest one. Entries and photos are never changed, so that pieces read one after another fit together.
 */
export async function* recordPieces(inShop: SignedIn['inShop'], { entries, seal }: RecordToExport): AsyncGenerator<string> {
  const head = JSON.stringify({ format: RECORD_FORMAT, version: RECORD_VERSION, entries, seal });
  yield `${head.slice(0, -1)},"photos":{`;
  const hashes = [...new Set(entries.flatMap((e) => e.content.photos.map((p) => p.sha256)))];
  for (const [i, sha256] of hashes.entries()) {
    const photo = await inShop((shop) => shop.photos.byHash(sha256));
    yield `${i > 0 ? ',' : ''}${JSON.stringify(sha256)}:${JSON.stringify(photo?.bytes.toString('base64') ?? '')}`;
  }
  yield '}}';
}
