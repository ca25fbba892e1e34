import { pickFile } from '@/ui/files';

const TYPES = ['application/json', 'application/zip', 'text/plain'];

/** A file that was picked. */
export interface Picked {
  readonly name: string;
  readonly bytes: Uint8Array;
}

/** A joint's record, a job's file, a tree head; null where nothing was picked. */
export async function pickRecord(): Promise<Picked | null> {
  const file = await pickFile(TYPES);
  return file && { name: file.name, bytes: new Uint8Array(await file.arrayBuffer()) };
}
