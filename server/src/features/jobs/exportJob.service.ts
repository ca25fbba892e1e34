import { createHash } from 'node:crypto';
import {
  canonicalText,
  drawingPath,
  factsIn,
  factsOf,
  JOB_FORMAT,
  JOB_VERSION,
  MANIFEST,
  SEAL_PART,
  photoPath,
  seriesPath,
  readJobLink,
  type ChainInFile,
  type Head,
  type JobLink,
  type JobManifest,
  type AnyLink,
} from '@kesto/core';
import { v7 as uuid } from 'uuid';
import { notFound } from '../../platform/errors';
import type { SignedIn } from '../../platform/http/context';
import { append, type SaidBy } from '../ledger';
import { sealFor, type SealDesk } from '../seal';
import type { ShopWork } from '../shopWork';
import type { Part } from './storedZip';

/** What there is to export, found before the first byte is sent: chains are read as they stand at one moment. */
export interface JobToExport {
  readonly number: number;
  readonly parts: readonly Part[];
  /** Photos by hash, fetched one by one while they are sent. */
  readonly photos: readonly string[];
  readonly manifest: JobManifest;
}

const sha256 = (bytes: Uint8Array) => createHash('sha256').update(bytes).digest('hex');
const bytesOf = (text: string) => Buffer.from(text, 'utf8');

type Links = readonly AnyLink[];

interface Chain {
  readonly links: Links;
  readonly row: ChainInFile;
  readonly part: Part;
  readonly photos: readonly string[];
}

function chainOf(of: ChainInFile['of'], about: Pick<ChainInFile, 'id' | 'name'>, links: Links): Chain {
  const path = of === 'job' ? 'job.jsonl' : `joints/${about.name}.jsonl`;
  const bytes = bytesOf(links.map((link) => `${canonicalText(link)}\n`).join(''));
  return {
    links,
    row: { of, ...about, path, entries: links.length, head: links.at(-1)?.hash ?? '' },
    part: { path, bytes },
    photos: links.flatMap((link) => link.content.photos.map((photo) => photo.sha256)),
  };
}

async function chainsOf(shop: ShopWork, jobId: string) {
  const told = await shop.jobs.told(jobId);
  if (!told) throw notFound('This job');
  const records = await shop.ledger.ofAll(
    'joint',
    told.joints.map((joint) => joint.id),
  );
  const joints = told.joints.flatMap(({ id, tag }) => {
    const links = records.get(id) ?? [];
    return links.length > 0 ? [chainOf('joint', { id, name: tag }, links)] : [];
  });
  const own = told.entries.length > 0 ? [chainOf('job', { id: told.job.id, name: String(told.job.number) }, told.entries)] : [];
  return { told, chains: [...own, ...joints] };
}

const headsOf = (chains: readonly Chain[]): readonly Head[] =>
  chains.filter(({ row }) => row.of === 'joint').map(({ row: { of, id, entries, head } }) => ({ of, id, sequence: entries, hash: head }));

/** The job's chain says what was given away: where every joint's chain stood. Once, as long as none of them grew. */
async function sayExported(shop: ShopWork, jobId: string, by: SaidBy): Promise<void> {
  await shop.jobs.lock(jobId);
  const { told, chains } = await chainsOf(shop, jobId);
  const heads = headsOf(chains);
  const last = told.entries.map(readJobLink).findLast(({ kind }) => kind === 'exported');
  if (last && canonicalText(last.values['heads']) === canonicalText(heads)) return;
  const chain = { of: 'job', id: jobId } as const;
  await append(shop, told.entries, { chain, id: uuid(), kind: 'exported', told: { heads }, requestHash: '', ...by });
}

/** Every sealed block of the series that the job's chain speaks of. */
async function seriesParts(shop: ShopWork, links: readonly JobLink[]): Promise<readonly Part[]> {
  const parts: Part[] = [];
  for (const { values } of factsOf(factsIn(links), 'series-began')) {
    for (const { sequence, bytes } of await shop.series.blocksOf(values.series, 1))
      parts.push({ path: seriesPath(values.series, sequence), bytes });
  }
  return parts;
}

/** What the shop's key says of these chains, as a part of the file; none where it seals nothing. */
async function sealPart(shop: ShopWork, chains: readonly Chain[], { seals, from }: Sealed): Promise<readonly Part[]> {
  const ids = chains.map(({ row: { of, id } }) => ({ of, id }));
  await seals.sealNow(shop, ids);
  const seal = await sealFor(shop, { chains: ids, links: chains.flatMap(({ links }) => links), ...(from === undefined ? {} : { from }) });
  return seal ? [{ path: SEAL_PART, bytes: bytesOf(canonicalText(seal)) }] : [];
}

interface Sealed {
  readonly seals: SealDesk;
  /** Size of a tree head that whoever asks holds already. */
  readonly from?: number;
}

/** A job with its own chain, every joint's, the drawings its circuit has had, and every photo that one of them names. */
export const jobToExport = (inShop: SignedIn['inShop'], jobId: string, by: SaidBy, sealed: Sealed): Promise<JobToExport> =>
  inShop(async (shop) => {
    await sayExported(shop, jobId, by);
    const { told, chains } = await chainsOf(shop, jobId);
    const drawings = (await shop.drawings.allOf(told.job.circuitId)).map((graph) => {
      const bytes = bytesOf(canonicalText(graph));
      return { path: drawingPath(sha256(bytes)), bytes };
    });
    const samples = await seriesParts(shop, told.entries);
    const seal = await sealPart(shop, chains, sealed);
    const parts = [...chains.map(({ part }) => part), ...seal, ...samples, ...new Map(drawings.map((part) => [part.path, part])).values()];
    const photos = [...new Set(chains.flatMap((chain) => chain.photos))];
    const { id, number, title } = told.job;
    const files = [...parts.map(({ path, bytes }) => [path, sha256(bytes)]), ...photos.map((hash) => [photoPath(hash), hash])];
    const manifest: JobManifest = {
      format: JOB_FORMAT,
      version: JOB_VERSION,
      job: { id, number, title },
      chains: chains.map(({ row }) => row),
      files: Object.fromEntries(files) as JobManifest['files'], // cast: pairs of path and hash
    };
    return { number, parts, photos, manifest };
  });

/** The file's parts one after another: a job with many photos takes no more memory than its largest one. */
export async function* jobParts(inShop: SignedIn['inShop'], { parts, photos, manifest }: JobToExport): AsyncGenerator<Part> {
  yield { path: MANIFEST, bytes: bytesOf(canonicalText(manifest)) };
  yield* parts;
  for (const hash of photos) {
    const photo = await inShop((shop) => shop.photos.byHash(hash));
    if (photo) yield { path: photoPath(hash), bytes: photo.bytes };
  }
}
