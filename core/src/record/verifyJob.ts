import { utf8 } from '@scure/base';
import { fail, ok, type Result } from '../result';
import { firstStageBreak } from '../stage/verifyStages';
import type { StageEntry } from '../stage/entry';
import { bytesHash, type RecordEntry } from './chain';
import { readRecordText } from './recordText';
import { linksMisfit } from './recordShape';
import { firstBreakOf, type BreakReason, type PhotoBytes } from './verify';

export const JOB_FORMAT = 'kesto-job';
export const JOB_VERSION = 1;
export const MANIFEST = 'manifest.json';
export const photoPath = (sha256: string): string => `photos/${sha256}`;
export const drawingPath = (sha256: string): string => `drawings/${sha256}.json`;

/** One chain of the file: where it stands, how many links it has and what it ends in. */
export interface ChainInFile {
  readonly of: 'job' | 'joint';
  readonly id: string;
  /** A joint's tag; the job's number. */
  readonly name: string;
  readonly path: string;
  readonly entries: number;
  readonly head: string;
}

/** What a job's file holds, each part by its hash: nothing in it is outside this list. */
export interface JobManifest {
  readonly format: typeof JOB_FORMAT;
  readonly version: typeof JOB_VERSION;
  readonly job: { readonly id: string; readonly number: number; readonly title: string };
  readonly chains: readonly ChainInFile[];
  /** SHA-256 of every other part, by its path. */
  readonly files: Readonly<Record<string, string>>;
}

export type FileBreak = 'file-missing' | 'file-altered' | 'file-unlisted' | 'chain-other' | 'head-other';

/** Where a job's file stops holding. */
export interface JobBreak {
  readonly in: string;
  readonly entry?: number;
  readonly photo?: string;
  readonly why: BreakReason | FileBreak;
}

export type JobVerification =
  | { readonly intact: true; readonly job: number; readonly chains: readonly Pick<ChainInFile, 'of' | 'name' | 'entries' | 'head'>[] }
  | { readonly intact: false; readonly firstBroken: JobBreak };

type Parts = ReadonlyMap<string, Uint8Array>;

const textOf = (bytes: Uint8Array): string => utf8.encode(bytes);

const isHash = (value: unknown) => typeof value === 'string' && /^[0-9a-f]{64}$/.test(value);
const isObject = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

function isManifest(value: unknown): value is JobManifest {
  if (!isObject(value) || value['format'] !== JOB_FORMAT || value['version'] !== JOB_VERSION) return false;
  const { job, chains, files, ...rest } = value;
  const known = Object.keys(rest).length === 2 && isObject(job) && Array.isArray(chains) && isObject(files);
  if (!known) return false;
  const isChain = (chain: unknown) =>
    isObject(chain) && ['job', 'joint'].includes(String(chain['of'])) && typeof chain['path'] === 'string' && isHash(chain['head']);
  return chains.every(isChain) && Object.values(files).every(isHash);
}

/** Every part is listed and has its hash, and nothing is listed that is not there. */
function firstFileBreak(parts: Parts, { files }: JobManifest): JobBreak | null {
  for (const [path, sha256] of Object.entries(files)) {
    const bytes = parts.get(path);
    if (!bytes) return { in: path, why: 'file-missing' };
    if (bytesHash(bytes) !== sha256) return { in: path, why: 'file-altered' };
  }
  const unlisted = [...parts.keys()].find((path) => path !== MANIFEST && !Object.hasOwn(files, path));
  return unlisted === undefined ? null : { in: unlisted, why: 'file-unlisted' };
}

/** Lines of canonical JSON, one link each; refused where one is no JSON, or says a key twice. */
function linksOf(bytes: Uint8Array): readonly unknown[] | null {
  const read = textOf(bytes)
    .split('\n')
    .filter((line) => line !== '')
    .map(readRecordText);
  return read.every((one) => one.ok) ? read.map((one) => (one.ok ? one.value : null)) : null;
}

interface Link {
  readonly content: {
    readonly id: string;
    readonly photos: RecordEntry['content']['photos'];
    readonly joint?: { readonly id: string };
    readonly job?: { readonly id: string };
  };
  readonly hash: string;
}

function breakOfChain(chain: ChainInFile, links: readonly unknown[], bytesOf: PhotoBytes): JobBreak | null {
  const found =
    chain.of === 'joint'
      ? firstBreakOf(links as readonly RecordEntry[], bytesOf) // cast: each has the shape of a link
      : firstStageBreak(links as readonly StageEntry[], bytesOf); // cast: as above
  if (found) return { in: chain.path, ...found };
  const [first] = links as readonly Link[]; // cast: as above
  const id = chain.of === 'joint' ? first?.content.joint?.id : first?.content.job?.id;
  if (id !== chain.id) return { in: chain.path, why: 'chain-other' };
  const last = links[links.length - 1] as Link | undefined; // cast: as above
  return links.length === chain.entries && last?.hash === chain.head ? null : { in: chain.path, why: 'head-other' };
}

function firstChainBreak(parts: Parts, { chains, files }: JobManifest): Result<JobBreak | null> {
  const bytesOf: PhotoBytes = (sha256) => parts.get(photoPath(sha256));
  const named = new Set<string>();
  for (const chain of chains) {
    const bytes = parts.get(chain.path);
    if (!bytes || !Object.hasOwn(files, chain.path)) return ok({ in: chain.path, why: 'file-missing' });
    const links = linksOf(bytes);
    const misfit = links && links.length > 0 ? linksMisfit(chain.of, links) : null;
    if (!links || misfit) return fail({ kind: 'refused', field: misfit?.field ?? chain.path, reason: 'record-shape' });
    const found = links.length === 0 && chain.entries === 0 ? null : breakOfChain(chain, links, bytesOf);
    if (found) return ok(found);
    for (const link of links as readonly Link[]) for (const photo of link.content.photos) named.add(photoPath(photo.sha256)); // cast: checked
  }
  const strange = Object.keys(files).find((path) => path.startsWith('photos/') && !named.has(path));
  return ok(strange === undefined ? null : { in: strange, why: 'photo-unnamed' });
}

/**
 * Checks a job's whole file with nothing but itself: the list of its parts, each part's hash, the job's chain and every joint's, what
 * each ends in, and every photo.
 *
 * It shows that the file hangs together. Which joints belong to the job is said by the list, not yet by the job's own chain: whoever can
 * write a whole new file can leave one out.
 *
 * @param parts  the file's parts by their path
 * @returns      what it holds, or the first thing that does not hold; refused: no list, or a chain that has not the shape of one
 */
export function verifyJob(parts: Parts): Result<JobVerification> {
  const bytes = parts.get(MANIFEST);
  const read = bytes ? readRecordText(textOf(bytes)) : null;
  if (!read?.ok || !isManifest(read.value)) return fail({ kind: 'refused', field: MANIFEST, reason: 'record-format' });
  const manifest = read.value;
  const inFiles = firstFileBreak(parts, manifest);
  if (inFiles) return ok({ intact: false, firstBroken: inFiles });
  const inChains = firstChainBreak(parts, manifest);
  if (!inChains.ok) return inChains;
  if (inChains.value) return ok({ intact: false, firstBroken: inChains.value });
  return ok({
    intact: true,
    job: manifest.job.number,
    chains: manifest.chains.map(({ of, name, entries, head }) => ({ of, name, entries, head })),
  });
}
