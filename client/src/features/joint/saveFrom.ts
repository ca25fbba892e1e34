import { errorText } from '@/api/api';

/** Hands what is at an address to the person as a file, as it arrives; answers why not, in a sentence. */
export async function saveFrom(address: string, name: string): Promise<string | null> {
  const response = await fetch(address, { credentials: 'same-origin' }).catch(() => null);
  if (!response) return errorText({ status: 'FETCH_ERROR', error: '' });
  if (!response.ok) return errorText({ status: response.status, data: await response.json().catch(() => null) });
  const url = URL.createObjectURL(await response.blob());
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
  return null;
}
