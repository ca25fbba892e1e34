import { utf8 } from '@scure/base';
import { fail, ok, type Result } from '../result';
import type { EntryContent3, Head } from '../ledger/entry';
import { firstBreakOf, ownerOf, type AnyLink, type BreakReason, type PhotoBytes } from '../ledger/verifyChain';
import { bytesHash } from './chain';
import { isLedgerLink, type JointLink } from './jointEntry';
import { jobFindings, jointFindings, type Finding } from '../ledger/findings';
import type { JobLink } from '../stage/jobLinks';
import { readRecordText } from './recordText';
import { linksMisfit } from './recordShape';
import { seriesBreak } from './seriesInFile';
import type { Parts } from './parts';

export const JOB_FORMAT = 'kesto-job';
export const JOB_VERSION = 1;
export const MANIFEST = 'manifest.json';
/** The shop's seal over the chains of the file. */
export const SEAL_PART = 'seal.json';
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

export const FILE_BREAKS = [
  ...(['file-missing', 'file-altered', 'file-unlisted', 'chain-other', 'head-other'] as const),
  ...(['joint-missing', 'joint-of-another-job', 'drawing-missing'] as const),
  ...(['series-broken', 'series-missing'] as const),
] as const;
export type FileBreak = (typeof FILE_BREAKS)[number];

/** Where a job's file stops holding. */
export interface JobBreak {
  readonly in: string;
  readonly entry?: number;
  readonly photo?: string;
  readonly why: BreakReason | FileBreak;
}

/** A chain that holds: where it ends, and what is to be said of its entries. */
export interface CheckedChain extends Pick<ChainInFile, 'of' | 'name' | 'entries' | 'head'> {
  readonly findings: readonly Finding[];
}

export type JobVerification =
  | { readonly intact: true; readonly job: number; readonly chains: readonly CheckedChain[] }
  | { readonly intact: false; readonly firstBroken: JobBreak };

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

interface ReadChain {
  readonly row: ChainInFile;
  readonly links: readonly AnyLink[];
}

function breakOfChain({ row, links }: ReadChain, bytesOf: PhotoBytes): JobBreak | null {
  const found = firstBreakOf(row.of, links, bytesOf);
  if (found) return { in: row.path, ...found };
  const [first] = links;
  if (first && ownerOf(row.of, first) !== row.id) return { in: row.path, why: 'chain-other' };
  const head = links[links.length - 1]?.hash ?? '';
  return links.length === row.entries && head === row.head ? null : { in: row.path, why: 'head-other' };
}

/** Every chain of the file as its links; refused where one has not the shape of one. */
function chainsIn(parts: Parts, { chains, files }: JobManifest): Result<readonly ReadChain[] | JobBreak> {
  const read: ReadChain[] = [];
  for (const row of chains) {
    const bytes = parts.get(row.path);
    if (!bytes || !Object.hasOwn(files, row.path)) return ok({ in: row.path, why: 'file-missing' });
    const links = linksOf(bytes);
    const misfit = links && links.length > 0 ? linksMisfit(row.of, links) : null;
    if (!links || misfit) return fail({ kind: 'refused', field: misfit?.field ?? row.path, reason: 'record-shape' });
    read.push({ row, links: links as readonly AnyLink[] }); // cast: each has the shape of a link
  }
  return ok(read);
}

const contentsOf = (links: readonly AnyLink[]): readonly EntryContent3[] => links.filter(isLedgerLink).map(({ content }) => content);

const isHead = (value: unknown): value is Head => isObject(value) && typeof value['sequence'] === 'number' && isHash(value['hash']);

/** Heads that a file says: whatever stands in their place in one that was made by hand is none. */
const headsIn = (value: unknown): readonly Head[] => (Array.isArray(value) ? value.filter(isHead) : []);

/** Joints that the job's own chain says it has, and where it last said that their chains stood. */
function saidOfJoints(job: ReadChain | undefined) {
  const contents = contentsOf(job?.links ?? []);
  const ofKind = (kind: string) => contents.filter(({ said }) => said.kind === kind).map(({ said }) => said.told);
  return {
    added: ofKind('joint-added').map((told) => String(told['joint'])),
    heads: headsIn(ofKind('exported').at(-1)?.['heads']),
  };
}

/** Whether the chains are the ones that the job's own chain speaks of: none left out, cut, or of another job. */
function membershipBreak(chains: readonly ReadChain[], jobId: string): JobBreak | null {
  const job = chains.find(({ row }) => row.of === 'job');
  const { added, heads } = saidOfJoints(job);
  const jobPath = job?.row.path ?? MANIFEST;
  const joints = chains.filter(({ row }) => row.of === 'joint');
  for (const head of heads) {
    const chain = joints.find(({ row }) => row.id === head.id);
    if (head.of === 'joint' && chain?.links[head.sequence - 1]?.hash !== head.hash) {
      return { in: chain?.row.path ?? jobPath, why: chain ? 'head-other' : 'joint-missing' };
    }
  }
  for (const { row, links } of joints) {
    const [first] = contentsOf(links.slice(0, 1));
    const other = first && first.said.told['job'] !== null && first.said.told['job'] !== jobId;
    if (other || (added.length > 0 && !added.includes(row.id))) return { in: row.path, why: 'joint-of-another-job' };
  }
  return null;
}

/** Parts that the chains name by hash are there, and no photo is there that nobody names. */
function namedPartsBreak(chains: readonly ReadChain[], { files }: JobManifest): JobBreak | null {
  const photos = new Set<string>();
  for (const { row, links } of chains) {
    for (const [i, { content }] of links.entries()) {
      for (const photo of content.photos) photos.add(photoPath(photo.sha256));
      const drawing = 'worked' in content ? content.worked?.drawing : null;
      if (drawing && !Object.hasOwn(files, drawingPath(drawing))) return { in: row.path, entry: i + 1, why: 'drawing-missing' };
    }
  }
  const strange = Object.keys(files).find((path) => path.startsWith('photos/') && !photos.has(path));
  return strange === undefined ? null : { in: strange, why: 'photo-unnamed' };
}

const checkedChain = ({ row: { of, name, entries, head }, links }: ReadChain): CheckedChain => ({
  ...{ of, name, entries, head },
  findings: of === 'joint' ? jointFindings(links as readonly JointLink[]) : jobFindings(links as readonly JobLink[]), // cast: a chain holds its own links
});

function firstChainBreak(parts: Parts, manifest: JobManifest): Result<JobBreak | readonly ReadChain[]> {
  const read = chainsIn(parts, manifest);
  if (!read.ok || 'why' in read.value) return read;
  const bytesOf: PhotoBytes = (sha256) => parts.get(photoPath(sha256));
  for (const chain of read.value) {
    const found = breakOfChain(chain, bytesOf);
    if (found) return ok(found);
  }
  const job = read.value.find(({ row }) => row.of === 'job');
  const inSeries = job ? seriesBreak(contentsOf(job.links), parts, job.row.path) : null;
  return ok(membershipBreak(read.value, manifest.job.id) ?? namedPartsBreak(read.value, manifest) ?? inSeries ?? read.value);
}

/**
 * Checks a job's whole file with nothing but itself: the list of its parts, each part's hash, the job's chain and every joint's, what
 * each ends in, that the joints are the ones the job's own chain speaks of, and every photo and drawing that an entry names.
 *
 * It shows that the file hangs together: whoever can write a whole new file can make one that hangs together too. A joint from before
 * the job's chain spoke of its joints is vouched for by the list alone.
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
  if ('why' in inChains.value) return ok({ intact: false, firstBroken: inChains.value });
  return ok({
    intact: true,
    job: manifest.job.number,
    chains: inChains.value.map(checkedChain),
  });
}

/** Chains of a job's file that was found intact, with their links, and the seal it carries; null: none. */
export function jobChainsIn(parts: Parts): { readonly chains: readonly JobChain[]; readonly seal: unknown } {
  const partAt = (path: string) => readRecordText(textOf(parts.get(path) ?? new Uint8Array()));
  const [list, seal] = [partAt(MANIFEST), partAt(SEAL_PART)];
  const { chains } = (list.ok ? list.value : { chains: [] }) as JobManifest; // cast: the file was found intact
  return {
    chains: chains.map(({ of, id, name, path }) => ({
      of,
      id,
      name,
      links: (linksOf(parts.get(path) ?? new Uint8Array()) ?? []) as readonly AnyLink[],
    })), // cast: as above
    seal: seal.ok ? seal.value : null,
  };
}

export interface JobChain extends Pick<ChainInFile, 'of' | 'id' | 'name'> {
  readonly links: readonly AnyLink[];
}
