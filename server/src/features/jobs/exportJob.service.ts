import { createHash } from 'node:crypto';
import {
  canonicalText,
  drawingPath,
  JOB_FORMAT,
  JOB_VERSION,
  MANIFEST,
  photoPath,
  type ChainInFile,
  type JobManifest,
  type RecordEntry,
  type StageEntry,
} from '@kesto/core';
import { notFound } from '../../platform/errors';
import type { SignedIn } from '../../platform/http/context';
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

type Links = readonly (RecordEntry | StageEntry)[];

interface Chain {
  readonly row: ChainInFile;
  readonly part: Part;
  readonly photos: readonly string[];
}

function chainOf(of: ChainInFile['of'], about: Pick<ChainInFile, 'id' | 'name'>, links: Links): Chain {
  const path = of === 'job' ? 'job.jsonl' : `joints/${about.name}.jsonl`;
  const bytes = bytesOf(links.map((link) => `${canonicalText(link)}\n`).join(''));
  return {
    row: { of, ...about, path, entries: links.length, head: links.at(-1)?.hash ?? '' },
    part: { path, bytes },
    photos: links.flatMap((link) => link.content.photos.map((photo) => photo.sha256)),
  };
}

async function chainsOf(shop: ShopWork, jobId: string) {
  const told = await shop.jobs.told(jobId);
  if (!told) throw notFound('This job');
  const records = await shop.records.of(told.joints.map((joint) => joint.id));
  const joints = told.joints.flatMap(({ id, tag }) => {
    const links = records.get(id) ?? [];
    return links.length > 0 ? [chainOf('joint', { id, name: tag }, links)] : [];
  });
  const own = told.entries.length > 0 ? [chainOf('job', { id: told.job.id, name: String(told.job.number) }, told.entries)] : [];
  return { told, chains: [...own, ...joints] };
}

/** A job with its own chain, every joint's, the drawings its circuit has had, and every photo that one of them names. */
export const jobToExport = (inShop: SignedIn['inShop'], jobId: string): Promise<JobToExport> =>
  inShop(async (shop) => {
    const { told, chains } = await chainsOf(shop, jobId);
    const drawings = (await shop.drawings.allOf(told.job.circuitId)).map((graph) => {
      const bytes = bytesOf(canonicalText(graph));
      return { path: drawingPath(sha256(bytes)), bytes };
    });
    const parts = [...chains.map(({ part }) => part), ...new Map(drawings.map((part) => [part.path, part])).values()];
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
