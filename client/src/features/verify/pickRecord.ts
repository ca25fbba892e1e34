import { pickFile } from '@/ui/files';

/** The text of a record's file; null where none was picked. */
export async function pickRecord(): Promise<string | null> {
  return (await (await pickFile('application/json'))?.text()) ?? null;
}
