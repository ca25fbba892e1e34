import { getDocumentAsync } from 'expo-document-picker';
import { saveAs } from 'file-saver';

/** Lets the person pick one file; null where none was picked. */
export async function pickFile(type: string | string[]): Promise<File | null> {
  const { assets } = await getDocumentAsync({ type, multiple: false, base64: false });
  return assets?.[0]?.file ?? null;
}

type Fetched =
  { readonly bytes: Uint8Array<ArrayBuffer> } | { readonly error: { readonly status: number | 'FETCH_ERROR'; readonly data?: unknown } };

/** What is at an address, as bytes; or what went wrong. */
export async function fetchBytes(address: string): Promise<Fetched> {
  const response = await fetch(address, { credentials: 'same-origin' }).catch(() => null);
  if (!response) return { error: { status: 'FETCH_ERROR' } };
  if (!response.ok) return { error: { status: response.status, data: await response.json().catch(() => null) } };
  return { bytes: new Uint8Array(await response.arrayBuffer()) };
}

/** Hands bytes to the person as a file. */
export const saveFile = (content: Blob, name: string): void => saveAs(content, name);

/** Gives a file to another program of the device; where none takes files, it is saved. A person who thinks better of it is not told off. */
export async function shareFile(file: File): Promise<void> {
  if (!navigator.canShare?.({ files: [file] })) return saveFile(file, file.name);
  await navigator.share({ files: [file] }).catch((error: unknown) => {
    if (!(error instanceof DOMException && error.name === 'AbortError')) saveFile(file, file.name);
  });
}
