import { errorText } from './api';
import { fetchBytes, saveFile } from '@/ui/files';

/** Hands what is at an address to the person as a file; answers why not, in a sentence. */
export async function saveFrom(address: string, name: string): Promise<string | null> {
  const answer = await fetchBytes(address);
  if ('error' in answer) return errorText(answer.error);
  saveFile(new Blob([answer.bytes]), name);
  return null;
}
