import { base64, chainOf, exported, PHOTO } from '../testing/records';
import { bytesHash, canonicalHash, canonicalText, sealEntry, type SealedContent } from './chain';
import { verifyRecord } from './verify';

const refused = (file: unknown, head?: string) => {
  const result = verifyRecord(file, head);
  const [error] = result.ok ? [] : result.errors;
  return error?.kind === 'refused' ? [error.field, error.reason] : null;
};
const [first, ...rest] = chainOf(3);
/** The record with the content of its first entry changed, sealed anew. */
const withFirst = (change: object) => ({
  ...exported(),
  entries: [first && sealEntry({ ...first.content, ...change } as SealedContent), ...rest],
}); // cast: what a file may hold

describe('a file that has not the shape of a record names the place', () => {
  test.each<[string, unknown, string, string]>([
    ['a list', [], 'record', 'record-format'],
    ['another format', { ...exported(), format: 'x' }, 'format', 'record-format'],
    ['another version', { ...exported(), version: 9 }, 'version', 'record-format'],
    ['entries that are no list', { ...exported(), entries: {} }, 'entries', 'record-shape'],
    ['an entry that is a text', { ...exported(), entries: ['x'] }, 'entries[0]', 'record-shape'],
    ['a sequence below nought', withFirst({ sequence: -1 }), 'entries[0].content.sequence', 'record-shape'],
    ['a sequence between two', withFirst({ sequence: 1.5 }), 'entries[0].content.sequence', 'record-shape'],
    ['a tag that is a number', withFirst({ joint: { id: 'joint-1', tag: 7 } }), 'entries[0].content.joint.tag', 'record-shape'],
    ['values that are a list', withFirst({ values: [] }), 'entries[0].content.values', 'record-shape'],
    ['a correction that names nothing', withFirst({ corrects: { entry: 'a' } }), 'entries[0].content.corrects.why', 'record-shape'],
    ['a photo that is no text', { ...exported(), photos: { ab: 7 } }, 'photos.ab', 'record-shape'],
    ['photos that are a list', { ...exported(), photos: [] }, 'photos', 'record-shape'],
  ])('%s', (_what, file, field, reason) => expect(refused(file)).toEqual([field, reason]));

  test('a photo of no bytes has the right shape', () => {
    const none = { sha256: bytesHash(new Uint8Array()), mediaType: 'image/png', bytes: 0 };
    const file = { ...withFirst({ photos: [none] }), photos: { [none.sha256]: '' } };
    expect(refused(file)).toBeNull();
  });
});

test.each(['abc', `${'0'.repeat(64)}0`, `x${'0'.repeat(64)}`, 'G'.repeat(64)])('%s is no hash anybody can have noted', (head) => {
  expect(refused(exported(), head)).toEqual(['head', 'record-head']);
});

test('what is broken names the joint by its tag', () => {
  const found = (file: unknown, head?: string) => {
    const result = verifyRecord(file, head);
    return result.ok && !result.value.intact ? result.value.firstBroken : null;
  };
  expect(found({ ...exported(), photos: {} })).toEqual({
    chain: 'joint',
    joint: 'CR2-07',
    entry: 2,
    photo: bytesHash(PHOTO),
    why: 'photo-missing',
  });
  const head = '0'.repeat(64);
  expect(found(exported(), head)).toEqual({ chain: 'joint', joint: 'CR2-07', head, why: 'head-missing' });
});

test('a correction of itself, or of what came after it, is one of nothing', () => {
  const entries = chainOf(3);
  const sealed = (entry: string) => {
    const last = entries[2];
    return last ? [...entries.slice(0, 2), sealEntry({ ...last.content, corrects: { entry, why: 'x' } })] : [];
  };
  const result = verifyRecord(exported(sealed('entry-3')));
  expect(result).toMatchObject({ ok: true, value: { intact: false, firstBroken: { entry: 3, why: 'correction-of-nothing' } } });
});

test('bytes that fit the hash but not the size that was sealed are no such photo', () => {
  const entries = chainOf(2);
  const [planned, brazed] = entries;
  const wrongSize = brazed && sealEntry({ ...brazed.content, photos: [{ sha256: bytesHash(PHOTO), mediaType: 'image/png', bytes: 6 }] });
  const result = verifyRecord(exported([planned, wrongSize].filter((entry) => entry !== undefined)));
  expect(result).toMatchObject({ value: { intact: false, firstBroken: { entry: 2, why: 'photo-altered' } } });
  const notBase64 = verifyRecord({ ...exported(), photos: { [bytesHash(PHOTO)]: `${base64(PHOTO)}!` } });
  expect(notBase64).toMatchObject({ value: { intact: false, firstBroken: { entry: 2, why: 'photo-altered' } } });
});

test('what is no JSON has no hash and no text', () => {
  expect(() => canonicalHash(undefined)).toThrow('only JSON values can be hashed');
  expect(canonicalText(undefined)).toBe('');
});
