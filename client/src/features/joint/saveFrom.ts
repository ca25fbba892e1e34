import { errorText } from '@/api/api';
import { saveFile } from '@/ui/files';

/** Hands what is at an address to the person as a file, as it arrives; answers why not, in a sentence. */
export async function saveFrom(address: string, name: string): Promise<string | null> {
  const response = await fetch(address, { credentials: 'same-origin' }).catch(() => null);
  if (!response) return errorText({ status: 'FETCH_ERROR', error: '' });
  if (!response.ok) return errorText({ status: response.status, data: await response.json().catch(() => null) });
  saveFile(await response.blob(), name);
  return null;
}
