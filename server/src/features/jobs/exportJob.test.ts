import { createHash } from 'node:crypto';
import { MANIFEST, verifyJob, type JobManifest } from '@kesto/core';
import { unzipSync } from 'fflate';
import type { Response } from 'superagent';
import { addOtherShop, rulesServer, type RulesServer } from '../../testing/server';
import { demoId, DEMO_SHOP } from '../demo';

let server: RulesServer;
beforeAll(async () => {
  server = await rulesServer();
});
afterAll(() => server.close());

/** Jobs of the demo whose joints were made. */
async function madeJobs(): Promise<readonly [string, string]> {
  const jobs = await server.store.inShop(DEMO_SHOP, async ({ records, joints }) =>
    Promise.all([...(await records.brazedSince(null)).keys()].map((id) => joints.jobOf(id))),
  );
  const [one, other] = [...new Set(jobs)];
  if (!one || !other) throw new Error('the demo has joints made in two jobs');
  return [one, other];
}
async function fileOf(job: string): Promise<Map<string, Uint8Array>> {
  const bo = await server.as('bo');
  const { body, headers } = await bo.get(`/api/jobs/${job}/record.zip`).buffer(true).parse(binary).expect(200);
  expect(headers['content-disposition']).toMatch(/job-\d+\.zip/);
  return new Map(Object.entries(unzipSync(body as Uint8Array))); // cast: read as bytes below
}
const binary = (response: Response, done: (error: Error | null, body: Buffer) => void) => {
  const chunks: Buffer[] = [];
  response.on('data', (chunk: Buffer) => chunks.push(chunk));
  response.on('end', () => done(null, Buffer.concat(chunks)));
};

const manifestOf = (parts: Map<string, Uint8Array>) => JSON.parse(Buffer.from(parts.get(MANIFEST)!).toString()) as JobManifest; // cast: the server wrote it
const text = (parts: Map<string, Uint8Array>, path: string) => Buffer.from(parts.get(path)!).toString();
/** The file with one part changed; `relisted` as whoever alters it would put its hash right in the list. */
function withPart(parts: Map<string, Uint8Array>, path: string, content: string, relisted: boolean): Map<string, Uint8Array> {
  const changed = new Map(parts).set(path, Buffer.from(content));
  if (!relisted) return changed;
  const manifest = manifestOf(parts);
  const files = { ...manifest.files, [path]: createHash('sha256').update(content).digest('hex') };
  return changed.set(MANIFEST, Buffer.from(JSON.stringify({ ...manifest, files })));
}
const brokenIn = (parts: Map<string, Uint8Array>) => {
  const result = verifyJob(parts);
  if (!result.ok) throw new Error(JSON.stringify(result.errors));
  return result.value.intact ? null : result.value.firstBroken;
};

test('a job is exported with its own chain, every joint’s record, drawings and photos, and hangs together without this server', async () => {
  const [job] = await madeJobs();
  await server.seals.sealShop(DEMO_SHOP);
  const parts = await fileOf(job);
  const result = verifyJob(parts);
  expect(result).toMatchObject({ ok: true, value: { intact: true } });
  const manifest = manifestOf(parts);
  expect(manifest.chains.filter(({ of }) => of === 'joint').length).toBeGreaterThan(0);
  expect([...parts.keys()].some((path) => path.startsWith('drawings/'))).toBe(true);
  expect([...(await fileOf(job))]).toEqual([...parts]);
});

test('an altered byte, a cut or exchanged entry, a part left out or put in is named, also where the list was put right', async () => {
  const parts = await fileOf((await madeJobs())[0]);
  const chain = manifestOf(parts).chains.find(({ of, entries }) => of === 'joint' && entries > 1)!;
  const lines = text(parts, chain.path).trimEnd().split('\n');
  const altered = lines.map((line, i) => (i === 1 ? line.replace('"sequence":2', '"sequence":3') : line)).join('\n');
  expect(brokenIn(withPart(parts, chain.path, altered, false))).toEqual({ in: chain.path, why: 'file-altered' });
  expect(brokenIn(withPart(parts, chain.path, altered, true))).toMatchObject({ in: chain.path, entry: 2, why: 'entry-altered' });
  expect(brokenIn(withPart(parts, chain.path, lines.slice(0, -1).join('\n'), true))).toEqual({ in: chain.path, why: 'head-other' });
  expect(brokenIn(withPart(parts, chain.path, [lines[0], ...lines.slice(2)].join('\n'), true))).toMatchObject({
    entry: 2,
    why: 'link-broken',
  });
  const without = (path: string) => new Map([...parts].filter(([name]) => name !== path));
  for (const path of Object.keys(manifestOf(parts).files)) expect(brokenIn(without(path))).toEqual({ in: path, why: 'file-missing' });
  expect(brokenIn(new Map(parts).set('joints/X.jsonl', Buffer.from('')))).toEqual({ in: 'joints/X.jsonl', why: 'file-unlisted' });
});

test('a joint’s record that is exchanged with another job’s is named', async () => {
  const jobs = await madeJobs();
  const [parts, other] = [await fileOf(jobs[0]), await fileOf(jobs[1])];
  const [chain] = manifestOf(parts).chains.filter(({ of }) => of === 'joint');
  const [theirs] = manifestOf(other).chains.filter(({ of }) => of === 'joint');
  if (!chain || !theirs) throw new Error('the demo has joints in both');
  const exchanged = withPart(parts, chain.path, text(other, theirs.path), true);
  expect(brokenIn(exchanged)).toMatchObject({ in: chain.path });
});

/** The file as whoever rewrites its whole list would leave it. */
function relisted(parts: Map<string, Uint8Array>, change: (manifest: JobManifest) => Partial<JobManifest>): Map<string, Uint8Array> {
  const manifest = { ...manifestOf(parts), ...change(manifestOf(parts)) };
  const listed = new Map([...parts].filter(([path]) => path === MANIFEST || Object.hasOwn(manifest.files, path)));
  return listed.set(MANIFEST, Buffer.from(JSON.stringify(manifest)));
}
const filesWithout = ({ files }: JobManifest, paths: readonly string[]) =>
  Object.fromEntries(Object.entries(files).filter(([path]) => !paths.includes(path)));

test('a joint or drawing that is left out is named, though the whole list was written anew', async () => {
  const parts = await fileOf((await madeJobs())[0]);
  const joint = manifestOf(parts).chains.find(({ of }) => of === 'joint')!;
  const photos = Object.keys(manifestOf(parts).files).filter((path) => path.startsWith('photos/'));
  const withoutJoint = relisted(parts, (manifest) => ({
    chains: manifest.chains.filter(({ id }) => id !== joint.id),
    files: filesWithout(manifest, [joint.path, ...photos]),
  }));
  expect(brokenIn(withoutJoint)).toEqual({ in: 'job.jsonl', why: 'joint-missing' });
  const worked = await fileOf(demoId(0x41)); // where valves to close were worked out from the drawing
  const drawings = Object.keys(manifestOf(worked).files).filter((path) => path.startsWith('drawings/'));
  const withoutDrawings = relisted(worked, (manifest) => ({ files: filesWithout(manifest, drawings) }));
  expect(brokenIn(withoutDrawings)).toMatchObject({ in: 'job.jsonl', why: 'drawing-missing' });
});

test('another job’s whole joint, listed as this one’s, is named', async () => {
  const jobs = await madeJobs();
  const [parts, other] = [await fileOf(jobs[0]), await fileOf(jobs[1])];
  const theirs = manifestOf(other).chains.find(({ of, path }) => of === 'joint' && !text(other, path).includes('photos/'))!;
  const added = new Map(parts).set(theirs.path, other.get(theirs.path)!);
  const photos = [...other].filter(([path]) => path.startsWith('photos/') && text(other, theirs.path).includes(path.slice(7)));
  for (const [path, bytes] of photos) added.set(path, bytes);
  const listed = Object.fromEntries([
    [theirs.path, manifestOf(other).files[theirs.path]!],
    ...photos.map(([path]) => [path, path.slice(7)]),
  ]);
  const forged = relisted(added, ({ chains, files }) => ({ chains: [...chains, theirs], files: { ...files, ...listed } }));
  expect(brokenIn(forged)).toEqual({ in: theirs.path, why: 'joint-of-another-job' });
});

test('another shop gets nothing of it', async () => {
  await addOtherShop(server.store, [{ login: 'olaf', role: 'admin' }]);
  await (await server.as('olaf')).get(`/api/jobs/${(await madeJobs())[0]}/record.zip`).expect(404);
});
