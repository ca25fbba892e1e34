import fc from 'fast-check';
import { base64, chainOf, exported, PHOTO } from '../testing/records';
import { bytesHash, canonicalHash, canonicalText, sealEntry, type RecordEntry, type SealedContent } from './chain';
import { readEntry } from './jointEntry';
import { stateAfter } from './state';
import { bytesFromBase64, RECORD_FORMAT, RECORD_VERSION, verifyRecord, type ExportedRecord } from './verify';

const verdict = (file: unknown) => {
  const result = verifyRecord(file);
  if (!result.ok) throw new Error(JSON.stringify(result.errors));
  return result.value;
};
const broken = (file: unknown) => {
  const v = verdict(file);
  return v.intact ? null : [v.firstBroken.entry, v.firstBroken.why];
};
/** A copy with one entry's content changed and, as a forger would, its own hash made to fit again. */
function forged(index: number, change: (content: SealedContent) => SealedContent, reseal = false): ExportedRecord {
  const file = exported();
  return {
    ...file,
    entries: file.entries.map((e, i) => (i !== index ? e : reseal ? sealEntry(change(e.content)) : { ...e, content: change(e.content) })),
  };
}

test('the canonical form orders keys and writes numbers as RFC 8785 does', () => {
  expect(canonicalText({ b: 1, a: 1e21, c: 'é\n', d: [1.0, 0.000001, -0] })).toBe('{"a":1e+21,"b":1,"c":"é\\n","d":[1,0.000001,0]}');
  expect(canonicalHash({ a: 1, b: 2 })).toBe(canonicalHash({ b: 2, a: 1 }));
});

test('the hash is SHA-256', () => {
  expect(bytesHash(new Uint8Array())).toBe('e3b0c44298fc1c149afbf4c8996fb92427ae41e4649b934ca495991b7852b855');
});

test('an untouched record is intact and says where it ends', () => {
  const entries = chainOf(4);
  expect(verdict(exported(entries))).toMatchObject({
    intact: true,
    entries: 4,
    head: entries[3]?.hash,
    reached: ['read', 'hangs-together', 'keeps-rules'],
  });
});

test.each([0, 1, 2, 3])('one altered letter in entry %d is named', (index) => {
  expect(broken(forged(index, (c) => ({ ...c, values: { ...c.values, note: 'Flowed all round – ¼ stick.' } })))).toEqual([
    index + 1,
    'entry-altered',
  ]);
});

test('an entry altered and sealed anew breaks the link of the next', () => {
  expect(broken(forged(1, (c) => ({ ...c, values: { rodMm: 90 } }), true))).toEqual([3, 'link-broken']);
});

test('an entry taken out, put in twice or moved is found', () => {
  const e = chainOf(4);
  expect(broken(exported([e[0]!, e[2]!, e[3]!]))).toEqual([2, 'link-broken']);
  expect(broken(exported([e[0]!, e[1]!, e[1]!, e[2]!, e[3]!]))).toEqual([3, 'link-broken']);
  expect(broken(exported([e[1]!, e[0]!, e[2]!, e[3]!]))).toEqual([1, 'link-broken']);
  expect(broken(exported(e.slice(1)))).toEqual([1, 'link-broken']);
});

test('a photo changed by one byte, left out, or slipped in is found', () => {
  const file = exported();
  const sha = bytesHash(PHOTO);
  expect(broken({ ...file, photos: { [sha]: base64(Uint8Array.from([...PHOTO.slice(0, -1), 4])) } })).toEqual([2, 'photo-altered']);
  expect(broken({ ...file, photos: {} })).toEqual([2, 'photo-missing']);
  expect(verdict({ ...file, photos: { ...file.photos, ['0'.repeat(64)]: base64(PHOTO) } })).toMatchObject({
    firstBroken: { why: 'photo-unnamed', photo: '0'.repeat(64) },
  });
});

test('values beside the chain are refused by their path, the name “record” no less than others', () => {
  const file = exported();
  const refusedAt = (value: unknown) => {
    const result = verifyRecord(value);
    return result.ok ? null : result.errors[0];
  };
  const beside = { ...file, entries: file.entries.map((e, i) => (i === 1 ? { ...e, note: 'extra' } : e)) };
  expect(refusedAt(beside)).toMatchObject({ field: 'entries[1].note', reason: 'record-unknown-key' });
  for (const key of ['approvedBy', 'record'])
    expect(refusedAt({ ...file, [key]: 'x' })).toMatchObject({ field: key, reason: 'record-unknown-key' });
});

test('a hash noted earlier is found again: last, or with entries after it; a chain cut short does not hold it', () => {
  const entries = chainOf(4);
  const head = entries[3]!.hash;
  const noted = (file: unknown, hash: string) => {
    const result = verifyRecord(file, hash);
    return result.ok ? result.value : result.errors[0];
  };
  expect(noted(exported(entries), head)).toMatchObject({ intact: true, noted: { head, isLast: true, entriesAfter: 0 } });
  expect(noted(exported(entries), entries[1]!.hash)).toMatchObject({ noted: { isLast: false, entriesAfter: 2 } });
  expect(noted(exported(entries.slice(0, 3)), head)).toMatchObject({ intact: false, firstBroken: { why: 'head-missing', head } });
  expect(noted(exported(entries), 'abc')).toMatchObject({ field: 'head' });
});

test('a correction of nothing, another joint’s entry and a wrong count are found even when sealed', () => {
  expect(broken(forged(2, (c) => ({ ...c, corrects: { entry: 'entry-9', why: 'x' } }), true))).toEqual([3, 'correction-of-nothing']);
  expect(broken(forged(3, (c) => ({ ...c, joint: { id: 'joint-2', tag: 'CR2-08' } }), true))).toEqual([4, 'other-joint']);
  expect(broken(forged(3, (c) => ({ ...c, sequence: 9 }), true))).toEqual([4, 'out-of-sequence']);
});

test.each([
  ['no object', 'text', 'record'],
  ['another format', { ...exported(), format: 'x' }, 'format'],
  ['another version', { ...exported(), version: 4 }, 'version'],
  ['no entries', { ...exported(), entries: [] }, 'entries'],
  ['no photos', { ...exported(), photos: null }, 'photos'],
])('%s is refused as no record', (_what, file, field) => {
  expect(verifyRecord(file)).toMatchObject({ ok: false, errors: [{ kind: 'refused', field }] });
});

test('any change to any value of any entry is found at that entry', () => {
  const file = exported();
  const paths = fc.record({
    index: fc.nat(3),
    key: fc.constantFrom('id', 'kind', 'deviceTime', 'serverTime', 'sequence', 'previous', 'person', 'format'),
  });
  fc.assert(
    fc.property(paths, fc.string({ minLength: 1, maxLength: 8 }), ({ index, key }, value) => {
      const entries = file.entries.map((e, i) => (i === index ? { ...e, content: { ...e.content, [key]: `x${value}` } } : e));
      const result = verifyRecord({ ...file, entries });
      if (!result.ok) return (result.errors[0]?.field ?? '').startsWith(`entries[${index}].content.${key}`);
      return !result.value.intact && result.value.firstBroken.entry === index + 1;
    }),
  );
});

describe('base64', () => {
  test('reads what an encoder writes', () => {
    fc.assert(fc.property(fc.uint8Array({ maxLength: 60 }), (bytes) => expect(bytesFromBase64(base64(bytes))).toEqual(bytes)));
  });

  test.each(['abc', 'ab!=', 'QQ=A', 'QR=='])('%s is not what an encoder writes', (text) => expect(bytesFromBase64(text)).toBeNull());
});

describe('a chain that was begun in format 1 and goes on in format 2', () => {
  const of = (format: 1 | 2, kind: string, values: object, before: readonly RecordEntry[]): RecordEntry => {
    const [template] = chainOf(1);
    const content = { ...template!.content, format, id: `entry-${before.length + 1}`, sequence: before.length + 1, kind, values };
    return sealEntry({ ...content, previous: before.at(-1)?.hash ?? null } as SealedContent); // cast: what a program of those days wrote
  };
  const looked = { result: 'cut out', findings: ['ring not closed', 'crack'], note: 'cut out' };
  const planned = of(1, 'planned', {}, []);
  const look = of(1, 'looked at', looked, [planned]);
  const chain = [planned, look, of(2, 'cut-out', { note: '' }, [planned, look])];
  const file = (entries: readonly RecordEntry[]): ExportedRecord => ({
    format: RECORD_FORMAT,
    version: RECORD_VERSION,
    seal: null,
    entries,
    photos: {},
  });

  test('is intact: old links keep their bytes and hashes', () => {
    expect(verdict(file(chain))).toMatchObject({ intact: true, entries: 3 });
    // SHA-256 of the same link written by another program's canonical JSON.
    expect(look.hash).toBe('1feea9d0dbb455b017be9e7ff4d66e681e24f9704bb99468fb1ed639a4de8d47');
  });

  test('is read in today’s ids; what people wrote is left alone', () => {
    expect(readEntry(look)).toMatchObject({
      kind: 'looked-at',
      values: { result: 'cut-out', findings: ['ring-not-closed', 'crack'], note: 'cut out' },
    });
    expect(stateAfter([readEntry(planned), { kind: 'brazed', values: {} }, readEntry(look)], true)).toBe('cut-out');
  });

  test.each([
    [1, 'looked-at'],
    [2, 'looked at'],
  ] as const)('format %d does not know a kind called %s', (format, kind) => {
    expect(broken(file([planned, of(format, kind, looked, [planned])]))).toEqual([2, 'unknown-kind']);
  });
});
