import { strFromU8, unzipSync } from 'fflate';

/** A zip begins with its own two letters; a record never does. */
export const isZip = (bytes: Uint8Array): boolean => bytes[0] === 0x50 && bytes[1] === 0x4b;
export const textOf = (bytes: Uint8Array): string => strFromU8(bytes);

/** What is unpacked of one file: a small zip can be made that would fill any memory. */
const MOST_UNPACKED_BYTES = 250_000_000;

/** A zip's parts by their path; null: it is none, or unpacks to more than any job. */
export function partsOf(bytes: Uint8Array): ReadonlyMap<string, Uint8Array> | null {
  let unpacked = 0;
  try {
    const parts = unzipSync(bytes, { filter: ({ originalSize }) => (unpacked += originalSize) <= MOST_UNPACKED_BYTES });
    return unpacked > MOST_UNPACKED_BYTES ? null : new Map(Object.entries(parts));
  } catch {
    return null;
  }
}
