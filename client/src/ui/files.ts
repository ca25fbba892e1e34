import { getDocumentAsync } from 'expo-document-picker';
import { saveAs } from 'file-saver';

/** Lets the person pick one file; null where none was picked. */
export async function pickFile(type: string): Promise<File | null> {
  const { assets } = await getDocumentAsync({ type, multiple: false, base64: false });
  return assets?.[0]?.file ?? null;
}

/** Hands bytes to the person as a file. */
export const saveFile = (content: Blob, name: string): void => saveAs(content, name);
