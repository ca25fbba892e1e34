import { canonicalText, JOB_FORMAT, JOB_VERSION, MANIFEST, bytesHash, sealStageEntry } from '@kesto/core';
import { strToU8, zipSync } from 'fflate';
import { checkJobFile } from './checkJobFile';

const entry = sealStageEntry({
  ...{ format: 1, id: 'e1', job: { id: 'j', number: 31 }, sequence: 1, stage: 'find', kind: 'complaint', values: { text: 'warm' } },
  person: { id: 'p1', name: 'Ilta Varro' },
  deviceTime: '2026-11-24T10:00:00.000Z',
  serverTime: '2026-11-24T10:00:01.000Z',
  photos: [],
  previous: null,
});
function fileWith(link: unknown): Uint8Array {
  const chain = strToU8(`${canonicalText(link)}\n`);
  const row = { of: 'job', id: 'j', name: '31', path: 'job.jsonl', entries: 1, head: entry.hash };
  const job = { id: 'j', number: 31, title: 'short of charge' };
  const manifest = { format: JOB_FORMAT, version: JOB_VERSION, job, chains: [row], files: { 'job.jsonl': bytesHash(chain) } };
  return zipSync({ [MANIFEST]: strToU8(canonicalText(manifest)), 'job.jsonl': chain });
}

test('a job’s file is checked on the device; what is altered is named, what is no such file is refused', async () => {
  expect(await checkJobFile(fileWith(entry))).toMatchObject({ status: 'checked', found: { intact: true, job: 31 } });
  const altered = { ...entry, content: { ...entry.content, values: { text: 'cold' } } };
  expect(await checkJobFile(fileWith(altered))).toMatchObject({
    found: { intact: false, firstBroken: { in: 'job.jsonl', entry: 1, why: 'entry-altered' } },
  });
  expect(await checkJobFile(fileWith(entry).slice(0, 90))).toMatchObject({
    status: 'failed',
    message: expect.stringContaining('cut short'),
  });
  expect(await checkJobFile(zipSync({ 'a.txt': strToU8('a') }))).toMatchObject({ status: 'failed' });
});
