import { bytesHash, sealEntry, type RecordEntry, type SealedContent } from '../record/chain';
import { RECORD_FORMAT, RECORD_VERSION } from '../record/verify';

/** A picture of seven bytes. */
export const PHOTO = Uint8Array.from([137, 80, 78, 71, 1, 2, 3]);
declare const btoa: (text: string) => string; // every engine that runs these has it
export const base64 = (bytes: Uint8Array) => btoa(String.fromCharCode(...bytes));

/** A chain of one joint: planned, brazed with a photo, a correction of that, and more. */
export function chainOf(count: number): readonly RecordEntry[] {
  const entries: RecordEntry[] = [];
  for (let i = 0; i < count; i++) {
    const content: SealedContent = {
      format: 2,
      id: `entry-${i + 1}`,
      joint: { id: 'joint-1', tag: 'CR2-07' },
      sequence: i + 1,
      kind: i === 0 ? 'planned' : i === 2 ? 'corrected' : 'brazed',
      person: { id: 'p1', name: 'Ilta Varro' },
      deviceTime: '2026-11-20T10:00:00.000Z',
      serverTime: '2026-11-20T10:00:01.000Z',
      values: { rodMm: 22 + i, note: 'Flowed all round – ½ stick.' },
      photos: i === 1 ? [{ sha256: bytesHash(PHOTO), mediaType: 'image/png', bytes: PHOTO.length }] : [],
      corrects: i === 2 ? { entry: 'entry-2', why: 'stub measured after' } : null,
      previous: entries[i - 1]?.hash ?? null,
    };
    entries.push(sealEntry(content));
  }
  return entries;
}

/** Its record as a file. */
export const exported = (entries = chainOf(4)) => ({
  format: RECORD_FORMAT as typeof RECORD_FORMAT,
  version: RECORD_VERSION,
  seal: null,
  entries,
  photos: { [bytesHash(PHOTO)]: base64(PHOTO) } as Readonly<Record<string, string>>,
});
