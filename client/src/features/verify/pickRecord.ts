import { pickFile } from '@/ui/files';

const TYPES = ['application/json', 'application/zip'];
const isZip = (bytes: Uint8Array) => bytes[0] === 0x50 && bytes[1] === 0x4b;

/** What was picked: a joint's record as text, or a job's file as bytes; null where nothing was. */
export async function pickRecord(): Promise<string | Uint8Array | null> {
  const file = await pickFile(TYPES);
  if (!file) return null;
  const bytes = new Uint8Array(await file.arrayBuffer());
  return isZip(bytes) ? bytes : file.text();
}
