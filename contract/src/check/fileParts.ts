import { strFromU8, unzipSync, type Unzipped } from 'fflate';
import type { Parts } from '@kesto/core';

/** A zip begins with its own two letters; a record never does. */
export const isZip = (bytes: Uint8Array): boolean => bytes[0] === 0x50 && bytes[1] === 0x4b;
export const textOf = (bytes: Uint8Array): string => strFromU8(bytes);

/** What is unpacked of one file: a small zip can be made that would fill any memory. */
const MOST_UNPACKED_BYTES = 250_000_000;

/** Photos are most of a file, and each is looked at by itself: so many are unpacked at a time. */
const PAGE = 32;
const isPhoto = (path: string): boolean => path.startsWith('photos/');

/** Photos as they are asked for, in the order of the file: never all of them at once. */
function photosOf(bytes: Uint8Array, paths: readonly string[]): (path: string) => Uint8Array | undefined {
  const placeOf = new Map(paths.map((path, i) => [path, i]));
  let page: { readonly from: number; readonly parts: Unzipped } = { from: -1, parts: {} };
  return (path) => {
    const place = placeOf.get(path);
    if (place === undefined) return undefined;
    const from = place - (place % PAGE);
    if (page.from !== from) {
      const wanted = new Set(paths.slice(from, from + PAGE));
      page = { from, parts: unzipSync(bytes, { filter: ({ name }) => wanted.has(name) }) };
    }
    return page.parts[path];
  };
}

/** A zip's parts by their path; null: it is none, or unpacks to more than any job. */
export function partsOf(bytes: Uint8Array): Parts | null {
  let unpacked = 0;
  const photos: string[] = [];
  try {
    const others = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        unpacked += originalSize;
        if (isPhoto(name)) photos.push(name);
        return !isPhoto(name) && unpacked <= MOST_UNPACKED_BYTES;
      },
    });
    if (unpacked > MOST_UNPACKED_BYTES) return null;
    const photoAt = photosOf(bytes, photos);
    /** What cannot be unpacked is not what it was: nothing stands in its place. */
    const photoOrNothing = (path: string) => {
      try {
        return photoAt(path);
      } catch {
        return new Uint8Array();
      }
    };
    return {
      get: (path) => (Object.hasOwn(others, path) ? others[path] : photoOrNothing(path)),
      keys: () => [...Object.keys(others), ...photos].values(),
    };
  } catch {
    return null;
  }
}
